import { describe, expect, test } from '@jest/globals';
import { Book, type Entry, validateEntry } from '../../index.ts';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { anEntry, at, idOf, landed, tripStarted } from '../../builders.test-support.ts';
import { judgeFish } from './judge-fish.ts';
import { keptOn } from './kept-on.ts';
import { placeIn } from './place-in.ts';
import { METRIC } from '@dagboek/core/units';

const SPECIES = loadSpecies();
const RULES = loadRulePacks(SPECIES)[0]!;
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const names = {
  units: METRIC,
  member: () => 'Ilse',
  species: (id: string) => byId(id)?.name ?? id,
  box: () => 'box',
  store: () => 'the chest',
  zone: (id: string) => id,
};
const moved = (time: string, facts: object): Entry =>
  anEntry('trip.moved', idOf('trip'), { by: 'by hand', ...facts } as never, { at: at(time), id: idOf(`move-${time}`) });
const fish = (key: string, time: string): Entry[] => [
  landed(key, time),
  anEntry('fish.named', idOf(key), { species: 'pollack' } as never, { at: at(time) }),
  anEntry('fish.measured', idOf(key), { lengthMm: 450, lengthKind: 'total', method: 'board' }, { at: at(time) }),
];
const bookOf = (...entries: Entry[]): Book => Book.EMPTY.withEntries([tripStarted(), ...entries]);
const outcome = (book: Book, key: string): string | undefined => {
  const f = book.get('fish', idOf(key));
  return f ? judgeFish(book, RULES, f, { byId, names }, '2026-09-12')?.verdict.outcome : undefined;
};
const HOLE: [number, number] = [-9.44, 58.955];

describe('where a fish was caught', () => {
  test('is where the boat was when it was landed: before and after a move the same fish is judged by other rules', () => {
    const book = bookOf(...fish('a', '12:00'), moved('12:30', { zone: 'gannet-hole' }), ...fish('b', '12:40'));
    expect(outcome(book, 'a')).toBe('keep');
    expect(outcome(book, 'b')).toBe('letGo');
  });

  test('a move noted late, for an earlier time, judges anew; struck, it is as if it had not been', () => {
    const late = moved('11:50', { zone: 'gannet-hole' });
    const book = bookOf(...fish('a', '12:00'));
    expect(outcome(book.withEntries([late]), 'a')).toBe('letGo');
    const strike = anEntry('log.struck', idOf('trip'), {} as never, { at: at('13:00'), strikes: late.id });
    expect(outcome(book.withEntries([late, strike]), 'a')).toBe('keep');
  });

  test('a position decides over the zone that was said, the smallest zone first, and the larger one’s rules hold too', () => {
    const trip = bookOf(moved('12:30', { zone: 'north-skerries', position: HOLE })).get('trip', idOf('trip'))!;
    expect(placeIn(RULES, trip, at('12:31'))).toMatchObject({
      zone: 'gannet-hole',
      alsoIn: ['north-skerries'],
      outside: false,
    });
    expect(placeIn(RULES, trip, at('12:29'))).toMatchObject({ zone: 'north-skerries', since: null });
  });

  test('a position beyond every drawn zone leaves what was said, and says so', () => {
    const trip = bookOf(moved('12:30', { zone: 'outer-bank', position: [0, 0] })).get('trip', idOf('trip'))!;
    expect(placeIn(RULES, trip, at('13:00'))).toMatchObject({ zone: 'outer-bank', outside: true });
  });

  test('a zone within another, said by name, stands under the rules of both', () => {
    const trip = bookOf(moved('12:30', { zone: 'gannet-hole' })).get('trip', idOf('trip'))!;
    expect(placeIn(RULES, trip, at('13:00')).alsoIn).toEqual(['north-skerries']);
  });

  test('what was kept counts in the zone where it was caught', () => {
    const kill = anEntry('fish.dispatched', idOf('a'), { how: 'brain spike' } as never, { at: at('12:41') });
    const book = bookOf(moved('12:30', { zone: 'outer-bank' }), ...fish('a', '12:40'), kill);
    expect(keptOn(book, RULES, '2026-09-12').map((k) => k.zone)).toEqual(['outer-bank']);
  });

  test('a place that is none is refused with a sentence', () => {
    for (const position of [[200, 10], [10], 'here', [10, Number.NaN]]) {
      const r = validateEntry(moved('12:30', { zone: 'outer-bank', position }), Date.parse(at('13:00')));
      expect(r.ok ? '' : r.why).toMatch(/longitude and a latitude|number/);
    }
  });
});
