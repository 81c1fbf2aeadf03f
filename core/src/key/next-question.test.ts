import { describe, expect, test } from '@jest/globals';
import { type Answers, CANNOT_TELL, keyTable, nextQuestion, nextTraits, rankSpecies, type Trait } from './index.ts';

const trait = (id: string, more: Partial<Trait> = {}, ...states: string[]): Trait => ({
  id,
  question: `${id}?`,
  states: (states.length > 0 ? states : ['yes', 'no']).map((s) => ({ id: s, words: s })),
  effort: 1,
  error: 0.03,
  ...more,
});
const sure = (...yes: string[]) =>
  Object.fromEntries(
    ['fringe', 'bumps', 'eyes', 'fins', 'tail'].map((t) => [t, { [yes.includes(t) ? 'yes' : 'no']: 1 }]),
  );
const TABLE = keyTable({
  traits: [
    trait('fringe'),
    trait('bumps', { error: 0.08 }),
    trait('eyes'),
    trait('fins', { effort: 3 }),
    trait('tail'),
    trait('plan', { effort: 2 }, 'flat', 'round'),
  ],
  species: [
    { id: 'brill', maxMm: 750, traits: { ...sure('fringe', 'eyes'), plan: { flat: 1 } } },
    { id: 'turbot', maxMm: 1000, traits: { ...sure('bumps', 'eyes'), plan: { flat: 1 } } },
    { id: 'plaice', maxMm: 900, traits: { ...sure('fins'), plan: { flat: 1 } } },
    { id: 'cod', maxMm: 1300, traits: { ...sure('fins', 'tail'), plan: { round: 1 } } },
    { id: 'pollack', maxMm: 1000, traits: { ...sure('tail', 'bumps'), plan: { round: 1 } } },
  ],
});
const next = (answers: Answers, suspect?: Parameters<typeof nextQuestion>[3]) =>
  nextQuestion(TABLE, rankSpecies(TABLE, answers), answers, suspect);

describe('what to ask next', () => {
  test('the build, while nothing has been answered, whatever it costs', () => {
    expect(next({})).toMatchObject({ trait: { id: 'plan' }, why: 'build' });
    expect(next({ tail: CANNOT_TELL })?.why).not.toBe('build');
  });

  test('the most telling for its effort, while several are left', () => {
    const answers = { plan: 'flat' };
    const q = next(answers);
    expect(q?.why).toBe('telling');
    expect(q?.trait).toBe(nextTraits(TABLE, rankSpecies(TABLE, answers), answers)[0]?.trait);
  });

  test('with two left, the look that parts them best, then the next best', () => {
    const answers = { plan: 'flat', eyes: 'yes' };
    expect(next(answers)).toMatchObject({ why: 'splits', trait: { id: 'fringe' } });
    expect(new Set(next(answers)?.pair)).toEqual(new Set(['brill', 'turbot']));
    expect(next({ ...answers, fringe: CANNOT_TELL })).toMatchObject({ why: 'splits', trait: { id: 'bumps' } });
  });

  test('with one left, the mark against its nearest lookalike, while it was not looked at', () => {
    const answers = { plan: 'flat', eyes: 'yes', bumps: 'no' };
    const known = rankSpecies(TABLE, answers, { brill: 1, turbot: 0.1, plaice: 0.1, cod: 0.1, pollack: 0.1 });
    expect(known.candidates[0]?.p).toBeGreaterThan(0.96);
    const q = nextQuestion(TABLE, known, answers);
    expect(q).toMatchObject({ why: 'settles', trait: { id: 'fringe' } });
  });

  test('a suspected name goes before all of it', () => {
    expect(next({}, { id: 'cod', lookalikes: ['pollack'] })).toMatchObject({
      why: 'suspect',
      pair: ['cod', 'pollack'],
      trait: { id: 'fins' },
    });
  });

  test('nothing when everything was answered', () => {
    const all = Object.fromEntries(TABLE.rows.map((r) => [r.trait.id, CANNOT_TELL]));
    expect(next(all)).toBeNull();
  });
});
