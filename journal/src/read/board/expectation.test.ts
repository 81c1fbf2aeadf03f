import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, at, idOf, ILSE, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { againstExpected, bracketsOf, Book, type Entry, expectationsFor, knifeOf } from '../../index.ts';
import { validateEntry } from '../../log/kinds/validate.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null | undefined) => SPECIES.find((s) => s.id === id) ?? null;
const POLLACK = byId('pollack')!;

/** A cut of one pollack of a kilo, `n` minutes into the evening, with what was expected of it before. */
function cut(n: number, trimmed: number, more: { by?: string; expected?: boolean } = {}): Entry[] {
  const [fish, id] = [`f${n}`, idOf(`c${n}`)];
  const time = `${String(10 + Math.floor(n / 60)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}`;
  const expected = [{ stage: 'trimmed' as const, low: 0.34, mid: 0.38, high: 0.42, n: 5 }];
  return [
    landed(fish, '09:00'),
    anEntry(
      'cut.started',
      id,
      {
        fish: [idOf(fish)],
        route: 'fillet from the tail',
        by: more.by ?? TOMAS,
        ...(more.expected === false ? {} : { expected }),
      },
      { at: at(time) },
    ),
    anEntry('cut.weighed', id, { stage: 'round', massG: 1000 }, { at: at(time) }),
    anEntry('cut.weighed', id, { stage: 'trimmed', massG: trimmed }, { at: at(time) }),
  ];
}
const bookOf = (...lists: Entry[][]): Book => Book.EMPTY.withEntries([tripStarted(), ...lists.flat()]);
const asked = (by = TOMAS) => ({ species: POLLACK, route: 'fillet from the tail', by, massG: 1000 });

describe('what a cut should yield', () => {
  test('without cuts it is the species’ usual range, for each weighing of the route', () => {
    const list = expectationsFor({ book: bookOf(), species: byId }, asked());
    expect(list.map((e) => e.stage)).toEqual(['gutted', 'fillets', 'trimmed']);
    expect(list[2]).toMatchObject({ low: 0.34, high: 0.42, n: 0 });
    // A tail on the bone has no usual range.
    expect(expectationsFor({ book: bookOf(), species: byId }, { ...asked(), route: 'tail on the bone' })).toEqual([]);
    expect(expectationsFor({ book: bookOf(), species: byId }, { ...asked(), massG: null })).toEqual(list);
  });

  test('it learns from the book’s own cuts, and a better knife is expected to give more', () => {
    const b = bookOf(
      ...Array.from({ length: 12 }, (_, i) => cut(i, 400 + (i % 3) * 5)),
      ...Array.from({ length: 12 }, (_, i) => cut(100 + i, 345 + (i % 3) * 5, { by: ILSE })),
    );
    const [tomas, ilse] = [
      expectationsFor({ book: b, species: byId }, asked())[2]!,
      expectationsFor({ book: b, species: byId }, asked(ILSE))[2]!,
    ];
    expect(tomas.n).toBe(24);
    expect(tomas.mid).toBeGreaterThan(ilse.mid + 0.02);
    // What it writes down is what a line may hold.
    const entry = anEntry('cut.started', idOf('new'), {
      fish: [idOf('f1')],
      route: 'fillet from the tail',
      by: TOMAS,
      expected: [tomas],
    });
    expect(validateEntry(entry, Date.parse(at('23:00'))).ok).toBe(true);
  });

  test.each([
    ['upside down', { stage: 'trimmed', low: 0.5, mid: 0.4, high: 0.3, n: 1 }],
    ['of the whole', { stage: 'round', low: 0.3, mid: 0.4, high: 0.5, n: 1 }],
    ['beyond the whole', { stage: 'trimmed', low: 0.3, mid: 0.4, high: 1.5, n: 1 }],
  ])('an expectation %s is refused', (_, e) => {
    const entry = anEntry('cut.started', idOf('new'), {
      fish: [idOf('f')],
      route: 'steaks',
      by: TOMAS,
      expected: [e as never],
    });
    expect(validateEntry(entry, Date.parse(at('23:00'))).ok).toBe(false);
  });
});

describe('a weighing against it', () => {
  test('brackets in grams are those that were written down; where nobody did, the species’ own', () => {
    const b = bookOf(cut(1, 360), cut(2, 360, { expected: false }));
    const [written, not] = [b.get('cut', idOf('c1'))!, b.get('cut', idOf('c2'))!];
    expect(bracketsOf(written, POLLACK, 'trimmed', 1000)).toMatchObject({
      lowG: 340,
      midG: 380,
      highG: 420,
      n: 5,
      written: true,
    });
    expect(bracketsOf(not, POLLACK, 'trimmed', 1000)).toMatchObject({ lowG: 340, highG: 420, written: false });
    for (const [stage, round] of [
      ['round', 1000],
      ['trimmed', null],
      ['trimmed', 0],
    ] as const)
      expect(bracketsOf(not, POLLACK, stage, round)).toBeNull();
    expect(againstExpected(written)).toMatchObject({ offG: -20, verdict: 'usual' });
    // The way was corrected to steaks: what was expected of fillets is no measure of them.
    const steaks = { ...written, route: 'steaks' };
    expect([bracketsOf(steaks, POLLACK, 'trimmed', 1000), againstExpected(steaks)]).toEqual([null, null]);
    expect(againstExpected(not)).toBeNull();
  });

  test('a knife: its chart, what it left, its best on this kind; another’s cuts and struck ones are not in it', () => {
    const lists = Array.from({ length: 8 }, (_, i) => cut(i, i === 3 ? 450 : 370));
    const struck = cut(50, 500);
    const b = bookOf(...lists, cut(90, 300, { by: ILSE }), struck, [
      anEntry('log.struck', idOf('c50'), {}, { strikes: struck[1]!.id, at: at('20:00') }),
    ]);
    const knife = knifeOf({ book: b, species: byId }, TOMAS, 'pollack');
    expect(knife.cuts).toHaveLength(8);
    expect(knife.leftG).toBeCloseTo(7 * 10 - 70, 6);
    expect(knife.best).toMatchObject({ share: 0.45, cut: { id: idOf('c3') } });
    expect(knife.chart.points[3]!.outside).toBe(true);
    expect(knifeOf({ book: b, species: byId }, TOMAS, 'cod').best).toBeNull();
    expect(knifeOf({ book: b, species: byId }, ILSE, 'pollack').chart.trend).toBeNull();
  });
});
