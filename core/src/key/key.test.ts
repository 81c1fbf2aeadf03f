import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../random/index.ts';
import {
  type Answers,
  CANNOT_TELL,
  certaintyOf,
  entropyBits,
  type KeyCatalogue,
  keyTable,
  likelihoodWord,
  nearestLookalike,
  nextTraits,
  NONE,
  NONE_PRIOR,
  rankSpecies,
  splitPair,
  stillPossible,
  whyFell,
} from './index.ts';
import { BACK, BARBEL, TAIL, trait } from './key-traits.test-support.ts';

const CATALOGUE: KeyCatalogue = {
  traits: [BARBEL, TAIL, BACK],
  species: [
    { id: 'cod', maxMm: 1300, traits: { barbel: { yes: 1 }, tail: { straight: 1 }, back: { green: 0.3, brown: 0.7 } } },
    {
      id: 'pollack',
      maxMm: 1000,
      traits: { barbel: { no: 1 }, tail: { straight: 0.9, forked: 0.1 }, back: { green: 0.6, brown: 0.4 } },
    },
    { id: 'mackerel', maxMm: 600, traits: { barbel: { no: 1 }, tail: { forked: 1 }, back: { blue: 0.8, green: 0.2 } } },
  ],
};
const TABLE = keyTable(CATALOGUE);

/** The same by plain enumeration, from the definitions and nothing else. */
function exact(answers: Answers, prior: Record<string, number> | null = null): Map<string, number> {
  const weight = new Map<string, number>();
  const total = prior ? CATALOGUE.species.reduce((s, x) => s + (prior[x.id] ?? 0), 0) : CATALOGUE.species.length;
  for (const s of CATALOGUE.species) {
    let w = ((prior ? (prior[s.id] ?? 0) : 1) / total) * (1 - NONE_PRIOR);
    for (const t of CATALOGUE.traits) {
      const a = answers[t.id];
      if (a === undefined || a === CANNOT_TELL) continue;
      const p = s.traits[t.id]?.[a] ?? 0;
      w *= (1 - t.error) * p + (t.error * (1 - p)) / (t.states.length - 1);
    }
    weight.set(s.id, w);
  }
  let none = NONE_PRIOR;
  for (const t of CATALOGUE.traits)
    if (answers[t.id] !== undefined && answers[t.id] !== CANNOT_TELL) none /= t.states.length;
  weight.set(NONE, none);
  const sum = [...weight.values()].reduce((a, b) => a + b, 0);
  return new Map([...weight].map(([k, w]) => [k, w / sum]));
}
const entropy = (p: Iterable<number>): number => [...p].reduce((h, x) => (x > 0 ? h - x * Math.log2(x) : h), 0);

const someAnswers: fc.Arbitrary<Answers> = fc
  .record(
    {
      barbel: fc.constantFrom('yes', 'no', CANNOT_TELL),
      tail: fc.constantFrom('forked', 'straight', 'round', CANNOT_TELL),
      back: fc.constantFrom('green', 'brown', 'blue', CANNOT_TELL),
    },
    { requiredKeys: [] },
  )
  .map((a) => Object.fromEntries(Object.entries(a).filter(([, v]) => v !== undefined)) as Answers);
const somePrior = fc.option(
  fc.record({
    cod: fc.double({ min: 0.01, max: 5, noNaN: true }),
    pollack: fc.double({ min: 0.01, max: 5, noNaN: true }),
    mackerel: fc.double({ min: 0.01, max: 5, noNaN: true }),
  }),
  { nil: null },
);

describe('what is it', () => {
  test('posteriors equal exact enumeration', () => {
    fc.assert(
      fc.property(someAnswers, somePrior, (answers, prior) => {
        const r = rankSpecies(TABLE, answers, prior);
        const right = exact(answers, prior);
        for (const c of r.candidates) expect(Math.abs(c.p - (right.get(c.id) ?? -1))).toBeLessThan(1e-9);
        expect(Math.abs(r.entropy - entropy(right.values()))).toBeLessThan(1e-9);
        expect(Math.abs(r.posterior.reduce((a, b) => a + b, 0) - 1)).toBeLessThan(1e-12);
      }),
    );
  });

  test('expected drops equal exact enumeration, and are never below nothing', () => {
    fc.assert(
      fc.property(someAnswers, somePrior, (answers, prior) => {
        const r = rankSpecies(TABLE, answers, prior);
        for (const next of nextTraits(TABLE, r, answers)) {
          const now = exact(answers, prior);
          let after = 0;
          for (const state of next.trait.states) {
            // P(state) is the mean over hypotheses of P(state | hypothesis).
            let p = 0;
            for (const [id, w] of now) {
              const own = CATALOGUE.species.find((s) => s.id === id)?.traits[next.trait.id]?.[state.id] ?? 0;
              const e = next.trait.error;
              p +=
                w *
                (id === NONE
                  ? 1 / next.trait.states.length
                  : (1 - e) * own + (e * (1 - own)) / (next.trait.states.length - 1));
            }
            after += p * entropy(exact({ ...answers, [next.trait.id]: state.id }, prior).values());
          }
          expect(Math.abs(next.dropBits - (entropy(now.values()) - after))).toBeLessThan(1e-9);
          expect(next.dropBits).toBeGreaterThan(-1e-9);
          expect(next.worth).toBeCloseTo(next.dropBits / next.trait.effort, 12);
        }
      }),
    );
  });

  test('the order of answers does not matter, withdrawing restores, cannot tell changes nothing', () => {
    fc.assert(
      fc.property(someAnswers, (answers) => {
        const r = rankSpecies(TABLE, answers);
        const turned = Object.fromEntries(Object.entries(answers).reverse());
        for (const [i, p] of r.posterior.entries())
          expect(Math.abs(p - (rankSpecies(TABLE, turned).posterior[i] ?? 0))).toBeLessThan(1e-12);
        const { tail: _, ...without } = { ...answers, tail: 'forked' };
        const never = Object.fromEntries(Object.entries(answers).filter(([k]) => k !== 'tail'));
        expect(rankSpecies(TABLE, without)).toEqual(rankSpecies(TABLE, never));
        expect(rankSpecies(TABLE, { ...never, tail: CANNOT_TELL }).posterior).toEqual(
          rankSpecies(TABLE, never).posterior,
        );
      }),
    );
  });

  test('answers that fit no species say none of these', () => {
    const best = rankSpecies(
      keyTable({ ...CATALOGUE, traits: [BARBEL, TAIL, BACK].map((t) => ({ ...t, error: 0.005 })) }),
      { barbel: 'yes', tail: 'round', back: 'blue' },
    ).candidates[0];
    expect(best?.id).toBe(NONE);
  });

  test('a fish longer than any of its kind is not of its kind', () => {
    const r = rankSpecies(TABLE, { tail: 'forked' }, null, { lengthMm: 700 });
    expect(r.candidates.find((c) => c.id === 'mackerel')?.p).toBeLessThan(0.001);
    expect(rankSpecies(TABLE, { tail: 'forked' }, null, { lengthMm: 620 }).candidates[0]?.id).toBe('mackerel');
  });

  test('a broken answer is a broken call', () => {
    expect(() => rankSpecies(TABLE, { tail: 'purple' })).toThrow(RangeError);
    expect(() => rankSpecies(TABLE, { wings: 'two' })).toThrow(RangeError);
  });
});

describe('catalogues that do not hold together', () => {
  const bad = (row: Record<string, number>): KeyCatalogue => ({
    traits: [TAIL],
    species: [{ id: 'odd', maxMm: 1, traits: { tail: row } }],
  });
  test.each([
    [{ forked: 0.5, straight: 0.4 }, 'sum to 0.9'],
    [{ purple: 1 }, 'no state "purple"'],
    [{ forked: 1.2, straight: -0.2 }, 'outside 0 to 1'],
  ])('%j is refused', (row, words) => {
    expect(() => keyTable(bad(row as unknown as Record<string, number>))).toThrow(words);
  });
  test('a trait with one state', () => {
    expect(() => keyTable({ traits: [trait('x', ['only'])], species: [] })).toThrow('two states');
  });
});

describe('two left, and how sure', () => {
  test('the mark that tells a pair apart', () => {
    expect(splitPair(TABLE, 'cod', 'pollack')?.trait.id).toBe('barbel');
    expect(splitPair(TABLE, 'pollack', 'mackerel')?.trait.id).toBe('tail');
    expect(splitPair(TABLE, 'cod', 'cod')).toBeNull();
    expect(splitPair(TABLE, 'cod', 'unicorn')).toBeNull();
  });

  test('it is the same whichever is named first', () => {
    for (const [a, b] of [
      ['cod', 'pollack'],
      ['cod', 'mackerel'],
    ] as const)
      expect(splitPair(TABLE, a, b)).toEqual(splitPair(TABLE, b, a));
  });

  test('lookalikes', () => {
    expect(nearestLookalike(TABLE, 'cod')).toBe('pollack');
    expect(nearestLookalike(TABLE, NONE)).toBeNull();
  });

  test('settled only when the splitting mark has been seen', () => {
    // The prior alone makes it near certain; its mark against the lookalike has not been looked at.
    const prior = { cod: 0.001, pollack: 1000, mackerel: 0.001 };
    const table = keyTable({ ...CATALOGUE, species: CATALOGUE.species });
    const answers = { tail: 'straight' };
    const r = rankSpecies(table, answers, prior);
    expect(r.candidates[0]?.id).toBe('pollack');
    expect(certaintyOf(table, r, answers)).toMatchObject({ certainty: 'nearly', stillToSee: { id: 'barbel' } });
    const seen = { ...answers, barbel: 'no' };
    expect(certaintyOf(table, rankSpecies(table, seen, prior), seen)).toEqual({
      certainty: 'settled',
      stillToSee: null,
    });
    const blind = { ...answers, barbel: CANNOT_TELL };
    expect(certaintyOf(table, rankSpecies(table, blind, prior), blind).certainty).toBe('nearly');
    expect(certaintyOf(TABLE, rankSpecies(TABLE, {}), {}).certainty).toBe('open');
  });

  test('why a candidate fell: the answer that cost it most', () => {
    const answers = { barbel: 'yes', tail: 'straight', back: 'brown' };
    expect(whyFell(TABLE, 'pollack', 'cod', answers)).toMatchObject({ trait: { id: 'barbel' }, stateId: 'yes' });
    expect(whyFell(TABLE, 'mackerel', 'cod', answers)?.trait.id).toBe('tail');
    expect(whyFell(TABLE, 'cod', 'cod', answers)).toBeNull();
  });

  test('unsettled, every species with five in a hundred counts', () => {
    const r = rankSpecies(TABLE, { back: 'green' });
    expect(stillPossible(r).sort()).toEqual(['cod', 'mackerel', 'pollack']);
    expect(stillPossible(rankSpecies(TABLE, { barbel: 'yes', tail: 'straight' }))).toEqual(['cod']);
  });

  test('words for a probability', () => {
    expect([0.99, 0.8, 0.5, 0.2, 0.07, 0.01].map(likelihoodWord)).toEqual([
      'near certain',
      'very likely',
      'likely',
      'possible',
      'just possible',
      'hardly',
    ]);
  });
});

test('asking the most telling question first finds a species in fewer questions than asking in order', () => {
  const rng = seeded(9);
  const traits = Array.from({ length: 14 }, (_, i) => trait(`t${i}`, ['a', 'b', 'c'], { error: 0.03 }));
  const species = Array.from({ length: 30 }, (_, i) => ({
    id: `s${String(i).padStart(2, '0')}`,
    maxMm: 1000,
    // Later traits tell more than the first ones, as in a key that was not put in order.
    traits: Object.fromEntries(
      traits.map((t, k) => [
        t.id,
        k < 6 ? { a: 0.9, b: 0.05, c: 0.05 } : { [['a', 'b', 'c'][Math.floor(rng() * 3)] as string]: 1 },
      ]),
    ),
  }));
  const table = keyTable({ traits, species });
  const ask = (clever: boolean): { asked: number; right: number } => {
    let asked = 0;
    let right = 0;
    for (const s of species) {
      const answers: Record<string, string> = {};
      for (let q = 0; q < traits.length; q++) {
        const r = rankSpecies(table, answers);
        if ((r.candidates[0]?.p ?? 0) >= 0.95) break;
        const t = clever ? nextTraits(table, r, answers)[0]?.trait : traits[q];
        if (!t) break;
        const row = s.traits[t.id] as Record<string, number>;
        let state = Object.entries(row).sort((x, y) => y[1] - x[1])[0]?.[0] as string;
        if (rng() < t.error) state = t.states[Math.floor(rng() * 3)]?.id as string;
        answers[t.id] = state;
        asked++;
      }
      if (rankSpecies(table, answers).candidates[0]?.id === s.id) right++;
    }
    return { asked: asked / species.length, right: right / species.length };
  };
  const clever = ask(true);
  const plain = ask(false);
  expect(clever.right).toBeGreaterThanOrEqual(0.85);
  expect(clever.asked).toBeLessThan(plain.asked * 0.7);
  expect(Number.isFinite(normal(rng))).toBe(true);
});

test('entropy of a certainty is nothing, of n alike log2 n', () => {
  expect(entropyBits(Float64Array.of(1, 0))).toBe(0);
  expect(entropyBits(new Float64Array(8).fill(1 / 8))).toBeCloseTo(3, 12);
});

test('a prior that knows none of these species says nothing: all are alike, and nothing is NaN', () => {
  const none = rankSpecies(TABLE, { barbel: 'yes' }, { cod: 0, pollack: 0 });
  expect([...none.posterior].every(Number.isFinite)).toBe(true);
  expect(none.posterior).toEqual(rankSpecies(TABLE, { barbel: 'yes' }).posterior);
  expect(rankSpecies(TABLE, {}, {}).posterior).toEqual(rankSpecies(TABLE, {}).posterior);
});

test('a harmless name is not settled while one that stings is possible and was not looked for', () => {
  const sting = { kind: 'venomous', part: 'back', where: 'w', does: 'd', grip: 'g' } as const;
  const species = CATALOGUE.species.map((x) => (x.id === 'mackerel' ? { ...x, hazards: [sting] } : x));
  const answers = { barbel: 'yes' };
  const harmless = keyTable(CATALOGUE);
  const armed = keyTable({ ...CATALOGUE, species });
  const prior = { cod: 0.9, pollack: 0.01, mackerel: 0.09 };
  const of = (t: typeof TABLE) => certaintyOf(t, rankSpecies(t, answers, prior), answers);
  expect(of(harmless).certainty).toBe('settled');
  expect(of(armed)).toMatchObject({ certainty: 'nearly' });
  expect(of(armed).stillToSee?.id).toBe('tail');
  const seen = { barbel: 'yes', tail: 'straight' };
  expect(certaintyOf(armed, rankSpecies(armed, seen, prior), seen).certainty).toBe('settled');
});
