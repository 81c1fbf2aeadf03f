import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, idOf, ILSE, landed, packStored, tripStarted } from '../../builders.test-support.ts';
import { Book, countedIn, custodyOf, type Entry, mendByCount, packLeft, seasonReport, storesOf } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const on = (date: string): string => `${date}T19:00:00+01:00`;
const pack = (word: string, more: object = {}): Entry =>
  packStored(word, { massG: 800, fish: [idOf('kept')], ...more }, on('2026-09-12'));
const taken = (word: string, massG: number, is: string, date = '2026-09-13'): Entry =>
  anEntry('pack.taken', idOf(word), { massG, is } as never, { at: on(date), id: idOf(`${word} ${is} ${massG}`) });
const base = [
  tripStarted(),
  landed('kept', '12:00'),
  anEntry('fish.weighed', idOf('kept'), { massG: 2000, how: 'scale' }),
  anEntry('fish.dispatched', idOf('kept'), { how: 'brain spike' }),
  landed('back', '12:10'),
  anEntry('fish.released', idOf('back'), { reason: 'too short' }),
];
const meal = anEntry(
  'meal.served',
  idOf('meal'),
  { name: 'x', cook: ILSE, method: 'roasted', packs: [{ pack: idOf('a'), massG: 320 }], eaters: [ILSE] },
  { at: on('2026-09-14') },
);
const book = (...e: Entry[]): Book => Book.EMPTY.withEntries([...base, ...e]);
const report = (b: Book, from = '2026-09-01', to = '2026-09-30') =>
  seasonReport({ book: b, species: byId, zone: 'Atlantic/Faroe' }, from, to);

describe('the report of a season', () => {
  test('caught, let go and kept by the day of the catch; eaten, given and thrown away by the day on which it was', () => {
    const b = book(
      pack('a'),
      meal,
      taken('a', 100, 'given away'),
      taken('a', 60, 'eaten elsewhere'),
      taken('a', 50, 'thrown away'),
      taken('a', 20, 'not found'),
      pack('b', { massG: 300 }),
      anEntry('pack.discarded', idOf('b'), { why: 'old' }, { at: on('2026-10-02') }),
    );
    const r = report(b);
    expect(r.all).toMatchObject({ caught: 2, letGo: 1, kept: 1, keptG: 2000 });
    expect(r.all).toMatchObject({ eatenG: 380, givenG: 100, thrownG: 50, lostG: 20, baitG: 0 });
    expect([r.plates, r.rows.map((x) => x.species)]).toEqual([2, ['pollack']]);
    expect(r.wasted).toBeCloseTo(70 / 550, 9);
    // Thrown away in October, it counts there and nowhere else.
    expect(report(b, '2026-10-01', '2026-10-31').all).toMatchObject({ caught: 0, eatenG: 0, thrownG: 300 });
    expect(report(b, '2025-01-01', '2025-12-31')).toMatchObject({ rows: [], plates: 0, wasted: null });
  });

  test('a fish thrown away whole counts as kept, and as thrown out', () => {
    const spoilt = anEntry('fish.discarded', idOf('kept'), { why: 'histamine' }, { at: on('2026-09-13') });
    expect(report(book(spoilt)).all).toMatchObject({ keptG: 2000, thrownG: 2000 });
    // A midnight apart it is another day.
    expect(report(book(spoilt), '2026-09-13', '2026-09-13').all).toMatchObject({ caught: 0 });
  });

  test('what is split off is counted where it went, and leftovers were eaten with their meal', () => {
    const part = pack('part', { massG: 200, from: [{ pack: idOf('a'), massG: 200 }] });
    const leftovers = pack('left', { form: 'cooked', massG: 90, meal: idOf('meal'), fish: [] });
    const gone = [idOf('a'), idOf('part'), idOf('left')].map((id) =>
      anEntry('pack.discarded', id, { why: 'old' }, { at: on('2026-09-20'), id: idOf(`gone ${id}`) }),
    );
    const r = report(book(pack('a'), part, meal, leftovers, ...gone));
    expect(r.all).toMatchObject({ eatenG: 320, thrownG: 800 - 320 - 200 + 200 });
  });
});

describe('counting a store', () => {
  const fridge = storesOf(Book.EMPTY)[0]!;
  test('what was not found is taken out, knowingly; what lies elsewhere is not asked for', () => {
    const b = book(pack('a'), pack('b', { massG: 300 }), pack('c', { place: 'freezer' }));
    const found = new Set([idOf('a'), idOf('c')]);
    expect(countedIn(b, fridge.id, found)).toEqual({ there: [idOf('a')], missing: [idOf('b')], missingG: 300 });
    const writings = mendByCount(b, fridge, found);
    expect(writings.map((w) => [w.kind, w.facts])).toEqual([
      ['pack.taken', { massG: 300, is: 'not found', why: 'counting fridge' }],
    ]);
    const then = b.withEntries(
      writings.map((w, i) => anEntry(w.kind, w.subject, w.facts as never, { id: idOf(`w${i}`), at: on('2026-09-20') })),
    );
    expect(packLeft(then, then.get('pack', idOf('b'))!).leftG).toBe(0);
    expect(mendByCount(b, fridge, new Set([idOf('a'), idOf('b')]))).toEqual([]);
  });

  test('one of one’s own says that it was counted; a fish whose packs all went is gone', () => {
    const chest = anEntry('store.added', idOf('chest'), {
      name: 'chest',
      is: 'freezer',
      standsFor: 'freezer',
    } as never);
    const b = book(chest, pack('c', { place: 'freezer' }));
    const store = storesOf(b).find((s) => s.own)!;
    expect(mendByCount(b, store, new Set([idOf('c')])).map((w) => w.facts)).toEqual([{ there: 1, missing: 0 }]);
    expect(custodyOf(b, idOf('kept'))?.where).toBe('larder');
    expect(custodyOf(b.withEntries([taken('c', 800, 'given away')]), idOf('kept'))?.where).toBe('gone');
  });
});
