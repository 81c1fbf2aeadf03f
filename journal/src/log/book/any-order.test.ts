import { describe, expect, test } from '@jest/globals';
import { METRIC } from '@dagboek/core/units';
import fc from 'fast-check';
import { ALL_KINDS, anyHistory, arrivalsOf } from '../../any-history.test-support.ts';
import { ILSE } from '../../builders.test-support.ts';
import { aRulePack } from '../../documents.test-support.ts';
import {
  bagsOn,
  Book,
  diary,
  doubtsOf,
  type Entry,
  fishNumbers,
  fishOnIce,
  methodError,
  mealsInOrder,
  nextPackNumber,
  packsHeld,
  rulesOf,
  sayEntry,
  speciesMet,
  stationStates,
  SUBJECTS,
  type SubjectKind,
  tripsInOrder,
  validateEntry,
} from '../../index.ts';

const day = (at: string): string => at.slice(0, 10);
const NAMES = {
  units: METRIC,
  member: () => 'x',
  species: () => 'x',
  box: () => 'x',
  store: () => 'x',
  zone: () => 'x',
};
const PACKS = [aRulePack()] as never;

/** All that a book says, as text: its states, what is set apart, and what the pages ask. */
function told(book: Book): string {
  const kinds = Object.keys(SUBJECTS) as SubjectKind[];
  const rules = rulesOf(book, PACKS, 'UTC', '2026-09-12');
  return JSON.stringify(
    {
      size: book.size,
      states: kinds.map((k) => book.allAny(k)),
      stand: kinds.map((k) => book.all(k).map((s) => s.id)),
      apart: book.apart(),
      said: kinds.flatMap((k) => book.allAny(k).flatMap((s) => s.log.map((l) => sayEntry(l.now, NAMES)))),
      doubts: kinds.flatMap((k) => book.allAny(k).map((s) => doubtsOf(book, s))),
      rules,
      bags: rules ? bagsOn(book, rules, '2026-09-12', [ILSE], null) : null,
      error: methodError(book, 'board'),
      diary: diary({ book, day }, { who: null, species: null, zone: null }).map((i) => [
        i.day,
        i.kind,
        i.kind === 'trip' ? [i.trip.id, i.number, i.fish().map((f) => [f.id, i.numberOf(f.id)])] : i.meal.id,
      ]),
      numbers: tripsInOrder(book).map((t) => [...fishNumbers(book, t.id)]),
      met: [...speciesMet(book)].sort(),
      stations: stationStates(book),
      onIce: fishOnIce(book).map((f) => f.id),
      packs: packsHeld({ book, species: () => null, day, nowMs: Date.parse('2026-09-14T12:00:00Z') }).map((p) => [
        p.number,
        p.leftG,
        p.keeps,
      ]),
      meals: mealsInOrder(book).map((m) => m.id),
      next: nextPackNumber(book),
    },
    (_, v: unknown) => (v instanceof Map || v instanceof Set ? [...v] : v),
  );
}

describe('what three devices write together', () => {
  test('is taken by the door, each entry of it', () => {
    fc.assert(
      fc.property(anyHistory(), (all) => {
        for (const e of all)
          expect([e, validateEntry(e, Date.parse('2026-09-13T00:00:00Z'))]).toEqual([e, { ok: true, entry: e }]);
      }),
      { numRuns: 60 },
    );
  });

  test('comes to the same whatever the order, the batches and the repetitions', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(
        anyHistory().chain((all) => fc.tuple(fc.constant(all), arrivalsOf(all), arrivalsOf(all))),
        ([all, one, other]) => {
          for (const e of all) seen.add(e.kind);
          const fold = (batches: readonly Entry[][]): string =>
            told(batches.reduce((book, b) => book.withEntries(b), Book.EMPTY));
          const at_once = told(Book.EMPTY.withEntries(all));
          expect(fold(one)).toBe(at_once);
          expect(fold(other)).toBe(at_once);
        },
      ),
      { numRuns: 250 },
    );
    expect([...seen].sort()).toEqual([...ALL_KINDS].sort());
  });
});
