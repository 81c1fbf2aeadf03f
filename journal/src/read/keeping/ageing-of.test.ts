import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, idOf, landed, packStored, tripStarted } from '../../builders.test-support.ts';
import { ageingOf, Book, type Entry, heldPack, mayAge, sayAgeing, sayPressing } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const day = (at: string): string => at.slice(0, 10);
const on = (date: string, time = '09:00'): string => `${date}T${time}:00+01:00`;
const RAIL = idOf('rail');
const hung = (more: object = {}): Entry =>
  packStored(
    't',
    { what: 'Turbot', species: 'turbot', form: 'gutted', massG: 2000, store: RAIL, ...more },
    on('2026-09-08'),
  );
const read = (date: string, c: number, more: object = {}): Entry =>
  anEntry('store.read', RAIL, { c, ...more }, { at: on(date, '08:00'), id: idOf(`read ${date}`) });
const weighed = (date: string, massG: number): Entry =>
  anEntry('pack.weighed', idOf('t'), { massG }, { at: on(date), id: idOf(`weighed ${date}`) });
const rail = anEntry('store.added', RAIL, { name: 'rail', is: 'ageing rack' }, { at: on('2026-09-01') });
const book = (...e: Entry[]): Book => Book.EMPTY.withEntries([rail, ...e]);
const at = (b: Book, date = '2026-09-11') =>
  ageingOf({ book: b, species: byId, day, nowMs: Date.parse(on(date)) }, b.get('pack', idOf('t'))!, false);
const held = (b: Book, date = '2026-09-11') =>
  heldPack({ book: b, species: byId, day, nowMs: Date.parse(on(date)) }, b.get('pack', idOf('t'))!)!;

describe('a whole fish on a rack', () => {
  test('its day, its window by how cold the rack is, its weighings; it is eaten while it is ready', () => {
    const b = book(
      hung(),
      read('2026-09-08', 1, { damp: 85 }),
      read('2026-09-11', 1, { damp: 84 }),
      weighed('2026-09-10', 1940),
    );
    const a = at(b)!;
    expect([a.days, a.atStartG, a.weighings, a.facts.damp]).toEqual([3, 2000, [{ days: 2, massG: 1940 }], 84]);
    expect(a.curve.perDay).toBeCloseTo(0.016, 3);
    expect(mayAge(a)).toBe(true);
    const h = held(b);
    expect(h.keeps.eatBy).toBe(a.ready!.to);
    expect(h.keeps.authority).toBe(a.ready!.to);
    expect(sayPressing(h, '2026-09-11')!.says).toMatch(/^day 4 of ageing, ready/);
    expect(sayPressing(h, '2026-09-30')!.says).toBe('past its time');
  });

  test('too warm a rack, or fillets on it: not aged, and the days are those of the fridge', () => {
    const warm = book(hung(), read('2026-09-11', 6));
    expect(sayAgeing(at(warm)!.facts).stop[0]).toMatch(/The rack reads 6°/);
    expect(held(warm).keeps.authority < '2026-09-11').toBe(true);
    const cut = book(hung({ form: 'fillets' }), read('2026-09-11', 1));
    expect(sayAgeing(at(cut)!.facts).stop[0]).toMatch(/Only a whole fish/);
    expect(at(book(packStored('t', {}, on('2026-09-08'))))).toBeNull();
  });

  test('what was found when it was opened forbids it: a burst gut, a wound; and what thawed', () => {
    const fish = landed('f', '12:00', { species: 'turbot' });
    const cut = idOf('cut');
    const found = (of: string, is: string): Entry[] => [
      tripStarted(),
      fish,
      anEntry('cut.started', cut, { fish: [idOf('f')], route: 'whole', by: idOf('x') } as never, {
        at: on('2026-09-08', '08:00'),
      }),
      anEntry('cut.finding', cut, { of, is } as never, { at: on('2026-09-08', '08:10') }),
      hung({ fish: [idOf('f')], cut }),
      read('2026-09-11', 1),
    ];
    // The trip of the builders is later than the rack: what counts here is the find alone.
    const stops = (of: string, is: string): string => sayAgeing(at(book(...found(of, is)))!.facts).stop.join(' ');
    expect(stops('gut', 'pierced')).toMatch(/gut burst/);
    expect(stops('damage', 'wound of spear or gaff')).toMatch(/skin is broken/);
    expect(stops('damage', 'none')).not.toMatch(/skin/);
    const b = book(hung(), read('2026-09-11', 1));
    const thawed = ageingOf(
      { book: b, species: byId, day, nowMs: Date.parse(on('2026-09-11')) },
      b.get('pack', idOf('t'))!,
      true,
    )!;
    expect(sayAgeing(thawed.facts).stop[0]).toMatch(/was frozen/);
  });
});
