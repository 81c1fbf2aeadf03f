import { describe, expect, test } from '@jest/globals';
import {
  type Answers,
  certaintyOf,
  expectedDrop,
  type KeyCatalogue,
  keyTable,
  NONE_PRIOR,
  rankSpecies,
  type Trait,
} from './index.ts';
import { BACK, BARBEL, TAIL, trait } from './key-traits.test-support.ts';

describe('forms of a species', () => {
  const FORMS: KeyCatalogue = {
    traits: [BARBEL, TAIL, BACK],
    species: [
      {
        id: 'wrasse',
        maxMm: 400,
        traits: { barbel: { no: 1 }, tail: { round: 1 }, back: { green: 1 } },
        forms: [
          { id: 'male', share: 0.4, traits: { back: { blue: 1 } } },
          { id: 'female', share: 0.6, traits: { back: { brown: 1 }, tail: { round: 0.5, straight: 0.5 } } },
        ],
      },
      { id: 'cod', maxMm: 1500, traits: { barbel: { yes: 1 }, tail: { straight: 1 }, back: { brown: 1 } } },
      { id: 'scad', maxMm: 600, traits: { barbel: { no: 1 }, tail: { forked: 1 }, back: { blue: 0.5, green: 0.5 } } },
    ],
  };
  const table = keyTable(FORMS);
  const p = (trait: Trait, row: Readonly<Record<string, number>>, state: string): number => {
    const own = row[state] ?? 0;
    return (1 - trait.error) * own + (trait.error * (1 - own)) / (trait.states.length - 1);
  };
  /** Posterior by plain sums over every form, answer by answer. */
  function enumerate(answers: Answers): number[] {
    const looks = FORMS.species.flatMap((s, i) =>
      (s.forms ?? [{ id: '', share: 1, traits: {} }]).map((f) => ({
        i,
        share: f.share,
        row: { ...s.traits, ...f.traits },
      })),
    );
    const out = [0, 0, 0, 0];
    for (const l of looks)
      out[l.i]! += FORMS.traits.reduce(
        (x, t) => (answers[t.id] === undefined ? x : x * p(t, l.row[t.id]!, answers[t.id]!)),
        ((1 - NONE_PRIOR) / 3) * l.share,
      );
    out[3] = FORMS.traits.reduce((x, t) => (answers[t.id] === undefined ? x : x / t.states.length), NONE_PRIOR);
    const sum = out.reduce((a, b) => a + b, 0);
    return out.map((x) => x / sum);
  }
  const ALL: Answers[] = [
    {},
    { back: 'brown' },
    { back: 'brown', tail: 'straight' },
    { back: 'blue', tail: 'round', barbel: 'no' },
    { back: 'brown', tail: 'round', barbel: 'yes' },
  ];

  test('posteriors are those of a mixture, form by form, to 1e-9', () => {
    for (const answers of ALL) {
      const r = rankSpecies(table, answers);
      enumerate(answers).forEach((x, i) => expect(Math.abs((r.posterior[i] ?? 0) - x)).toBeLessThan(1e-9));
      expect(Math.abs(r.looks.reduce((a, b) => a + b, 0) - 1)).toBeLessThan(1e-12);
    }
  });

  test('expected drops are those of plain enumeration over the species, to 1e-9', () => {
    const h = (xs: number[]): number => -xs.reduce((a, x) => a + (x > 0 ? x * Math.log2(x) : 0), 0);
    for (const answers of ALL)
      for (const row of table.rows) {
        if (row.trait.id in answers) continue;
        const r = rankSpecies(table, answers);
        let after = 0;
        for (const state of row.trait.states) {
          // P(state) from the joint sums: posterior before, against posterior after.
          const then = { ...answers, [row.trait.id]: state.id };
          const z = unnormalised(then) / unnormalised(answers);
          after += z * h(enumerate(then));
        }
        expect(Math.abs(expectedDrop(table, row, r) - (h(enumerate(answers)) - after))).toBeLessThan(1e-9);
      }
  });
  function unnormalised(answers: Answers): number {
    let sum = FORMS.traits.reduce((x, t) => (answers[t.id] === undefined ? x : x / t.states.length), NONE_PRIOR);
    for (const s of FORMS.species)
      for (const f of s.forms ?? [{ id: '', share: 1, traits: {} }])
        sum += FORMS.traits.reduce(
          (x, t) => (answers[t.id] === undefined ? x : x * p(t, { ...s.traits, ...f.traits }[t.id]!, answers[t.id]!)),
          ((1 - NONE_PRIOR) / 3) * f.share,
        );
    return sum;
  }

  test('the marks of one form do not speak for a fish that shows those of another', () => {
    // Blue is the male's, a straight tail the female's: together they fit neither, and the wrasse loses by it.
    const mixed = rankSpecies(table, { back: 'blue', tail: 'straight' }).posterior[0] ?? 0;
    const male = rankSpecies(table, { back: 'blue', tail: 'round' }).posterior[0] ?? 0;
    expect(mixed).toBeLessThan(male * 0.5);
  });

  test('shares that do not sum to one are refused', () => {
    const bad = structuredClone(FORMS) as unknown as { species: { forms?: { share: number }[] }[] };
    bad.species[0]!.forms![0]!.share = 0.5;
    expect(() => keyTable(bad as unknown as KeyCatalogue)).toThrow('wrasse: the shares of its forms sum to 1.1, not 1');
  });
});

test('a splitting mark that speaks for the lookalike leaves the name nearly settled', () => {
  const split = trait('split', ['a', 'b'], { error: 0.02 });
  const rest = ['r', 's'].map((id) => trait(id, ['a', 'b'], { error: 0.05 }));
  const table = keyTable({
    traits: [split, ...rest],
    species: [
      { id: 'one', maxMm: 500, traits: { split: { a: 1 }, r: { a: 1 }, s: { a: 1 } } },
      { id: 'two', maxMm: 500, traits: { split: { b: 1 }, r: { b: 0.1, a: 0.9 }, s: { b: 0.1, a: 0.9 } } },
    ],
  });
  const answers = { split: 'b', r: 'a', s: 'a' };
  const ranking = rankSpecies(table, answers, { one: 0.9999, two: 0.0001 });
  expect(ranking.candidates[0]?.id).toBe('one');
  expect(certaintyOf(table, ranking, answers)).toEqual({ certainty: 'nearly', stillToSee: null });
});
