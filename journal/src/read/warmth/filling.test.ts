import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import {
  Book,
  boxAdvice,
  boxAt,
  coreTemperatureOf,
  currentFilling,
  custodyOf,
  type Entry,
  fillingOf,
  freshnessOfFish,
  historyOf,
  layStretches,
} from '../../index.ts';

const HOUR = 3_600_000;
const ms = (time: string): number => Date.parse(at(time));
const byId = () => POLLACK;
const added = anEntry('box.added', BOX, { name: 'the box', litres: 50, walls: 'hard, thick' }, { at: at('05:00') });
const SHED = idOf('shed');
const other = anEntry('box.added', SHED, { name: 'the other', litres: 30 }, { at: at('05:00') });
const filled = (time: string, kg = 3) => anEntry('box.filled', BOX, { kg }, { at: at(time) });
const looked = (time: string, ice: 'full' | 'half' | 'a few lumps' | 'gone') =>
  anEntry('box.looked', BOX, { ice }, { at: at(time) });
const fish = (word: string, time: string, massG = 1000, box = BOX): Entry[] => {
  const t = ms(time);
  const stamp = (min: number): string => new Date(t + min * 60_000).toISOString().replace('.000Z', 'Z');
  return [
    anEntry(
      'fish.landed',
      idOf(word),
      { trip: TRIP, angler: idOf('ilse'), count: 1, species: 'pollack' },
      { at: stamp(0) },
    ),
    anEntry('fish.weighed', idOf(word), { massG, how: 'scale' }, { at: stamp(1) }),
    anEntry('fish.dispatched', idOf(word), { how: 'blow to the head' }, { at: stamp(2) }),
    anEntry('fish.bled', idOf(word), { cut: 'both gills', medium: 'hung' }, { at: stamp(3) }),
    anEntry('fish.iced', idOf(word), { box, how: 'layered ice' }, { at: stamp(10) }),
  ];
};
const trip = (iceKg: number | null = 6, more: object = {}) =>
  tripStarted('07:00', {
    box: BOX,
    ...(iceKg === null ? { iceKg: undefined as never } : { iceKg }),
    waterC: 13,
    ...more,
  });
const book = (...list: (Entry | Entry[])[]): Book => Book.EMPTY.withEntries([added, other, ...list.flat()]);
const fillingIn = (b: Book) => fillingOf({ book: b, species: byId }, BOX, TRIP)!;

describe('a box on a trip', () => {
  test('melts by its walls and its fish; what was said of the ice is where it begins', () => {
    const without = fillingIn(book(trip()));
    const with_ = fillingIn(book(trip(), fish('a', '08:00', 3000), fish('b', '09:00', 3000)));
    const kg = (f: typeof with_, time: string): number => boxAt(f, ms(time)).iceKg;
    // The lining is cooled at once, and the lid was not lifted.
    expect(kg(without, '07:00')).toBeGreaterThan(5.6);
    expect(kg(without, '12:00') - kg(with_, '12:00')).toBeCloseTo((6 * 3600 * 12.5) / 334_000, 0);
    const now = boxAt(with_, ms('12:00'));
    expect(now.lowKg < now.iceKg && now.iceKg < now.highKg).toBe(true);
    expect(now.goneMs! > ms('12:00') && now.earlyMs! < now.goneMs! && now.goneMs! < now.lateMs!).toBe(true);
    expect(now.meltKgH).toBeGreaterThan(0.1);
    expect(now.withoutMs).toBeNull();
  });

  test('ice that nobody noted is assumed, a third of the box, and said to be', () => {
    const f = fillingIn(book(trip(null), fish('a', '08:00')));
    expect(f).toMatchObject({ iceAssumed: true, firstIce: { kg: expect.closeTo(50 / 6, 6) } });
    expect(fillingIn(book(trip(null), filled('07:05', 5), fish('a', '08:00')))).toMatchObject({
      iceAssumed: false,
      firstIce: { kg: 0 },
    });
  });

  test('a look sets it right from then on; in whatever order the lines came', () => {
    const lines = [trip(9), ...fish('a', '08:00'), looked('12:00', 'gone'), filled('14:00', 4)];
    const f = fillingIn(book(lines));
    expect(boxAt(f, ms('13:00'))).toMatchObject({ iceKg: 0, withoutMs: ms('12:00') });
    expect(boxAt(f, ms('14:10')).iceKg).toBeGreaterThan(3);
    expect(boxAt(f, ms('11:00')).iceKg).toBeGreaterThan(3);
    expect(fillingIn(book([...lines].reverse())).course).toEqual(f.course);
  });

  test('what is seen on one trip teaches the next: a box that leaks more than it should', () => {
    const early = (e: Entry): Entry => ({
      ...e,
      at: e.at.replace('09-12', '09-01'),
      written: e.at,
      id: e.id.replace('0191', '0190'),
    });
    const leaky = [
      { ...early(trip(6)), subject: idOf('before') },
      early(looked('19:00', 'a few lumps')),
      early(looked('22:00', 'gone')),
      early(anEntry('trip.ended', idOf('before'), {}, { at: at('23:00') })),
    ];
    const later = [trip(6), ...fish('a', '08:00')];
    const [fresh, taught] = [fillingIn(book(later)), fillingIn(book(leaky, later))];
    expect(taught.known.leak.uaWK).toBeGreaterThan(fresh.known.leak.uaWK * 1.4);
    expect(taught.known.leak.sdLn).toBeLessThan(fresh.known.leak.sdLn);
    expect(boxAt(taught, ms('12:00')).iceKg).toBeLessThan(boxAt(fresh, ms('12:00')).iceKg);
    // A melt test at home says the contrary, and more surely.
    const test_ = anEntry(
      'box.tested',
      BOX,
      { iceKg: 4, leftKg: 3, hours: 12, airC: 20 },
      { at: '2026-09-05T08:00:00+01:00' },
    );
    expect(fillingIn(book(leaky, later, test_)).known.leak.uaWK).toBeLessThan(taught.known.leak.uaWK);
  });

  test('many fish are reckoned as fewer bodies of the same heat', () => {
    const many = Array.from({ length: 120 }, (_, i) => fish(`m${i}`, i % 2 ? '08:00' : '08:20', 200 + (i % 5)));
    const one = anEntry(
      'fish.landed',
      idOf('lot'),
      { trip: TRIP, angler: idOf('ilse'), count: 120, species: 'pollack' },
      { at: at('08:10') },
    );
    const lot = [one, ...fish('lot', '08:10', 120 * 202).slice(1)];
    const melted = (b: Book): number => fillingIn(b).course.ledger.fishJ;
    expect(melted(book(trip(20), ...many)) / melted(book(trip(20), lot))).toBeCloseTo(1, 1);
  });

  test('a box that is not known, or held nothing on that trip, is none', () => {
    expect(fillingOf({ book: book(trip()), species: byId }, idOf('nowhere'), TRIP)).toBeNull();
    expect(fillingOf({ book: book(trip()), species: byId }, SHED, TRIP)).toBeNull();
    expect(currentFilling({ book: book(), species: byId }, BOX)).toBeNull();
    expect(currentFilling({ book: book(trip()), species: byId }, BOX)?.trip?.id).toBe(TRIP);
  });
});

describe('a fish follows its box', () => {
  const lines = [trip(9), ...fish('a', '12:00')];
  const [kept, lost] = [book(lines, looked('14:00', 'full')), book(lines, looked('14:00', 'gone'))];
  const later = ms('12:00') + 20 * HOUR;
  test('inside, in its days and in its hours', () => {
    expect(coreTemperatureOf({ book: kept, species: byId, nowMs: later }, idOf('a'))!.coreC).toBeLessThan(0.5);
    const warm = coreTemperatureOf({ book: lost, species: byId, nowMs: later }, idOf('a'))!;
    expect(warm.coreC).toBeGreaterThan(8);
    expect(warm).toMatchObject({ cold: false, coldMs: null });
    expect(freshnessOfFish({ book: lost, species: byId, nowMs: later }, idOf('a'))!.used).toBeGreaterThan(
      freshnessOfFish({ book: kept, species: byId, nowMs: later }, idOf('a'))!.used * 1.5,
    );
    const hours = (b: Book): string[] =>
      layStretches({ book: b, species: byId }, custodyOf(b, idOf('a'))!, later).map((s) => s.keeping);
    expect(hours(kept)).toEqual(['air', 'box']);
    expect(hours(lost)).toEqual(['air', 'box', 'box without ice']);
    const cut = anEntry('cut.started', idOf('c'), { fish: [idOf('a')], route: 'fillets' } as never, {
      at: at('13:00'),
    });
    expect(hours(lost.withEntries([cut]))).toEqual(['air', 'box', 'board']);
  });

  test('it says beforehand when it will be warm again', () => {
    const soon = coreTemperatureOf({ book: lost, species: byId, nowMs: ms('14:00') + 60_000 }, idOf('a'))!;
    expect(soon.cold).toBe(true);
    expect(soon.warmMs!).toBeGreaterThan(ms('14:10'));
    const then = coreTemperatureOf({ book: lost, species: byId, nowMs: soon.warmMs! + 60_000 }, idOf('a'))!;
    expect(then.cold).toBe(false);
  });

  test('moved to another box it follows that one; a thermometer sets it right', () => {
    const moved = anEntry('fish.moved', idOf('a'), { box: SHED }, { at: at('13:00') });
    const b = book(lines, moved, looked('14:00', 'gone'));
    expect(b.get('fish', idOf('a'))?.iced).toMatchObject({
      box: SHED,
      how: 'layered ice',
      at: expect.stringContaining('T11:10'),
    });
    expect([...new Set(historyOf({ book: b, species: byId }, custodyOf(b, idOf('a'))!).map((l) => l.box))]).toEqual([
      null,
      BOX,
      SHED,
    ]);
    const read = anEntry('fish.read', idOf('a'), { c: 9 }, { at: at('12:40') });
    const after = coreTemperatureOf({ book: book(lines, read), species: byId, nowMs: ms('12:41') }, idOf('a'))!;
    expect(after.coreC).toBeCloseTo(9, 0);
    expect(after.read).toMatchObject({ c: 9, offK: expect.any(Number) });
    expect(Math.abs(after.read!.offK)).toBeGreaterThan(0.3);
  });
});

describe('what is to be done', () => {
  const kinds = (b: Book, time: string): string[] =>
    boxAdvice({ book: b, species: byId, nowMs: ms(time) }, currentFilling({ book: b, species: byId }, BOX)!).map(
      (a) => a.kind,
    );
  const home = { homeAt: at('17:30') };
  test('enough until home, or so much more by when', () => {
    expect(kinds(book(trip(14, home), fish('a', '08:00')), '10:00')).toEqual(['enough']);
    const b = book(trip(2, home), fish('a', '08:00', 3000));
    const [add] = boxAdvice(
      { book: b, species: byId, nowMs: ms('10:00') },
      currentFilling({ book: b, species: byId }, BOX)!,
    );
    if (add?.kind !== 'add ice') throw new Error('ice is short');
    expect(add).toMatchObject({ home: true, untilMs: ms('17:30') });
    expect(add.kg * 2).toBe(Math.round(add.kg * 2));
    expect(add.byMs >= ms('10:00') && add.byMs < ms('17:30')).toBe(true);
    // Done as it says, it is enough.
    const done = book(trip(2, home), fish('a', '08:00', 3000), filled('10:05', add.kg));
    expect(kinds(done, '10:06')[0]).toBe('enough');
  });
  test('ice that nobody noted is asked for, until it is added, seen or weighed', () => {
    const b = book(trip(null, home), fish('a', '08:00'));
    expect(kinds(b, '10:00')[0]).toBe('ice not noted');
    expect(kinds(b.withEntries([looked('10:05', 'half')]), '10:06')).not.toContain('ice not noted');
    const weighed = anEntry('box.weighed', BOX, { kg: 9 }, { at: at('10:05') });
    expect(kinds(b.withEntries([weighed]), '10:06')).toEqual(['enough']);
  });
  test('no ice comes first; too full, a warm fish waiting, water and an open lid are said', () => {
    const b = book(trip(1, home), fish('a', '08:00'), looked('12:00', 'gone'));
    expect(kinds(b, '13:00')[0]).toBe('no ice');
    const waiting = [
      landed('w', '12:50'),
      anEntry('fish.dispatched', idOf('w'), { how: 'blow to the head' }, { at: at('12:51') }),
    ];
    expect(kinds(book(trip(14, home), fish('a', '08:00'), waiting), '13:00')).toContain('ice first');
    expect(kinds(book(trip(14, home), fish('a', '08:00', 45_000)), '13:00')).toContain('too full');
    const open = ['11:10', '11:15', '11:20', '11:25', '11:30', '11:35'].map((t) => looked(t, 'full'));
    expect(kinds(book(trip(14, home), fish('a', '08:00'), open), '11:40')).toContain('shut');
    const wet = book(trip(30, home), fish('a', '08:00', 30_000));
    expect(kinds(wet, '20:00')).toContain('drain');
    const let_ = anEntry('box.drained', BOX, {}, { at: at('19:59') });
    expect(kinds(wet.withEntries([let_]), '20:00')).not.toContain('drain');
  });
  test('an empty box at home asks for nothing', () => {
    const ended = anEntry('trip.ended', TRIP, {}, { at: at('18:00') });
    const cut = anEntry('cut.started', idOf('c'), { fish: [idOf('a')], route: 'fillets' } as never, {
      at: at('19:00'),
    });
    const b = book(trip(9), fish('a', '08:00'), ended, cut);
    expect(boxAdvice({ book: b, species: byId, nowMs: ms('20:00') }, fillingIn(b))).toEqual([]);
    expect(fillingIn(b).course.samples.at(-1)!.atMs).toBe(ms('19:00'));
  });
});
