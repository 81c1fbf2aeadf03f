import { describe, expect, test } from '@jest/globals';
import {
  CANNOT_TELL,
  certaintyOf,
  evidenceOn,
  type KeyCatalogue,
  keyTable,
  likelihoodWord,
  nearestLookalike,
  nextForSuspect,
  nextQuestion,
  nextTraits,
  NONE,
  partingTraits,
  type Ranking,
  rankSpecies,
  splitPair,
  stillPossible,
  whyFell,
} from './index.ts';
import { trait } from './key-traits.test-support.ts';

const yes = { yes: 1 };
const no = { no: 1 };
const mark = (id: string, more: object = {}) => trait(id, ['yes', 'no'], more);
/** A ranking as it is handed in: only its candidates are looked at here. */
const ranked = (...list: [string, number][]): Ranking =>
  ({ candidates: list.map(([id, p]) => ({ id, p })) }) as unknown as Ranking;
const VENOM = [{ kind: 'venomous', severity: 'grave', part: 'back', where: 'w', does: 'd' }];
const tableOf = (
  traits: KeyCatalogue['traits'],
  species: Record<string, Record<string, object>>,
  hazards: readonly string[] = [],
) =>
  keyTable({
    traits,
    species: Object.entries(species).map(([id, rows]) => ({
      id,
      maxMm: 500,
      traits: rows,
      ...(hazards.includes(id) ? { hazards: VENOM } : {}),
    })),
  } as unknown as KeyCatalogue);

describe('how sure', () => {
  const T = tableOf([mark('stripe'), mark('chin')], {
    cod: { stripe: no, chin: yes },
    pollack: { stripe: no, chin: no },
    bass: { stripe: yes, chin: no },
  });
  const sure = (p: number, answers: Record<string, string> = {}, id = 'cod') =>
    certaintyOf(T, ranked([id, p]), answers);
  test.each([
    [0.449, 'open'],
    [0.45, 'leaning'],
    [0.749, 'leaning'],
    [0.75, 'nearly'],
    [0.959, 'nearly'],
  ])('%d is %s, with nothing to be looked at first', (p, certainty) =>
    expect(sure(p)).toEqual({ certainty, stillToSee: null }),
  );
  test('from 96 in 100 on the mark against the nearest is asked for, until it was seen', () => {
    expect(sure(0.96)).toMatchObject({ certainty: 'nearly', stillToSee: { id: 'chin' } });
    expect(sure(0.96, { chin: CANNOT_TELL })).toMatchObject({ certainty: 'nearly', stillToSee: { id: 'chin' } });
    expect(sure(0.96, { chin: 'yes' })).toEqual({ certainty: 'settled', stillToSee: null });
  });
  test('a mark that speaks for the lookalike, or for neither, wants 995 in 1000', () => {
    expect(sure(0.994, { chin: 'no' })).toEqual({ certainty: 'nearly', stillToSee: null });
    expect(sure(0.995, { chin: 'no' })).toEqual({ certainty: 'settled', stillToSee: null });
    const half = tableOf([trait('tone', ['light', 'dark', 'grey'])], {
      a: { tone: { light: 0.5, dark: 0.1, grey: 0.4 } },
      b: { tone: { light: 0.1, dark: 0.5, grey: 0.4 } },
    });
    expect(certaintyOf(half, ranked(['a', 0.97]), { tone: 'grey' }).certainty).toBe('nearly');
  });
  test('none of these is settled by its odds alone, and so is a species like no other or like all', () => {
    expect(sure(0.96, {}, NONE)).toEqual({ certainty: 'settled', stillToSee: null });
    const one = tableOf([mark('stripe')], { cod: { stripe: no } });
    expect(certaintyOf(one, ranked(['cod', 0.97]), {})).toEqual({ certainty: 'settled', stillToSee: null });
    const twins = tableOf([mark('stripe')], { a: { stripe: no }, b: { stripe: no } });
    expect(certaintyOf(twins, ranked(['a', 0.97]), {})).toEqual({ certainty: 'settled', stillToSee: null });
    expect(certaintyOf(one, ranked(), {}).certainty).toBe('open');
  });
});

describe('a danger that is still possible', () => {
  const marks = ['m1', 'm2', 'm3', 'm4'].map((id) => mark(id));
  const all = (v: object) => Object.fromEntries(marks.map((m) => [m.id, v]));
  // The plain rival is the nearest lookalike, so that its mark is what settles beside the danger.
  const T = tableOf(
    [...marks, mark('weak', { error: 0.4 }), mark('plain')],
    {
      harmless: { ...all(yes), weak: yes, plain: yes },
      twin: { ...all(yes), weak: yes, plain: no },
      stinger: { ...all(no), weak: no, plain: yes },
    },
    ['stinger'],
  );
  const still = (p: number, answers: object, best = 'harmless') =>
    certaintyOf(T, ranked([best, 0.99], ['stinger', p]), { plain: 'yes', ...answers });
  test('from 5 in 10,000 on its marks are asked for, one after another', () => {
    expect(still(0.0005, {})).toMatchObject({ certainty: 'nearly', stillToSee: { id: 'm1' } });
    expect(still(0.0004, {})).toEqual({ certainty: 'settled', stillToSee: null });
    expect(still(0.0005, { m1: 'yes' }).stillToSee?.id).toBe('m2');
  });
  test('three that were seen are enough; one that nobody could tell is not seen, and not asked again', () => {
    expect(still(0.01, { m1: 'yes', m2: 'yes' }).stillToSee?.id).toBe('m3');
    expect(still(0.01, { m1: 'yes', m2: 'yes', m3: 'yes' })).toEqual({ certainty: 'settled', stillToSee: null });
    expect(still(0.01, { m1: CANNOT_TELL, m2: 'yes', m3: 'yes' }).stillToSee?.id).toBe('m4');
  });
  test('a mark that hardly parts the two is not asked for', () => {
    const seen = { m1: CANNOT_TELL, m2: CANNOT_TELL, m3: CANNOT_TELL, m4: CANNOT_TELL };
    expect(still(0.01, seen)).toEqual({ certainty: 'settled', stillToSee: null });
  });
  test('a name that is itself the danger is settled as any other', () => {
    const answers = { ...Object.fromEntries(marks.map((m) => [m.id, 'no'])), weak: 'no' };
    expect(certaintyOf(T, ranked(['stinger', 0.99], ['harmless', 0.01]), answers).certainty).toBe('settled');
  });
});

describe('what tells two apart', () => {
  test('the divergence of their rows in bits; a state that one of them never shows says nothing endless', () => {
    const T = tableOf([mark('sure', { error: 0 }), mark('half', { error: 0 })], {
      a: { sure: yes, half: { yes: 0.75, no: 0.25 } },
      b: { sure: no, half: { yes: 0.25, no: 0.75 } },
    });
    // (p - q) log2(p / q), twice over.
    expect(partingTraits(T, 'a', 'b').map((x) => [x.trait.id, x.bits])).toEqual([['half', Math.log2(3)]]);
  });
  test('nothing for itself, or for what is not there', () => {
    const T = tableOf([mark('m')], { a: { m: yes }, b: { m: no } });
    for (const [x, y] of [
      ['a', 'a'],
      ['a', 'z'],
      ['z', 'a'],
    ] as const) {
      expect(partingTraits(T, x, y)).toEqual([]);
      expect(splitPair(T, x, y)).toBeNull();
    }
    expect(splitPair(T, 'b', 'a')?.trait.id).toBe('m');
  });
  test('the nearest of two that are as near is the first; nobody is near to none of these', () => {
    const T = tableOf([mark('m')], { a: { m: yes }, b: { m: no }, c: { m: no } });
    expect(nearestLookalike(T, 'a')).toBe('b');
    expect(nearestLookalike(T, 'b')).toBe('c');
    expect(nearestLookalike(T, NONE)).toBeNull();
    expect(nearestLookalike(T, 'z')).toBeNull();
  });
  test('why a name fell: the answer that cost it most, by more than half a bit', () => {
    const T = tableOf([mark('weak', { error: 0.4 }), mark('m1'), mark('m2', { error: 0.01 })], {
      a: { weak: yes, m1: yes, m2: yes },
      b: { weak: no, m1: no, m2: no },
    });
    const fell = (answers: object, id = 'b', best = 'a') => whyFell(T, id, best, answers as Record<string, string>);
    expect(fell({ weak: 'yes', m1: 'yes', m2: 'yes' })).toMatchObject({ trait: { id: 'm2' }, stateId: 'yes' });
    expect(fell({ weak: 'yes', m1: 'yes', m2: CANNOT_TELL })).toMatchObject({ trait: { id: 'm1' } });
    expect(fell({ m1: 'yes' })?.bits).toBeCloseTo(Math.log2(0.95 / 0.05), 9);
    // 0.6 against 0.4 is 0.58 bits, and counts; against itself, or for the other, nothing does.
    expect(fell({ weak: 'yes' })?.trait.id).toBe('weak');
    expect(fell({ m1: 'no' })).toBeNull();
    expect(fell({ m1: 'yes' }, 'b', 'b')).toBeNull();
    expect(fell({ m1: 'yes' }, 'z')).toBeNull();
    expect(fell({ m1: 'yes' }, 'b', 'z')).toBeNull();
    expect(fell({})).toBeNull();
  });
});

describe('odds', () => {
  test.each([
    [0.95, 'near certain'],
    [0.944, 'very likely'],
    [0.75, 'very likely'],
    [0.744, 'likely'],
    [0.45, 'likely'],
    [0.444, 'possible'],
    [0.15, 'possible'],
    [0.144, 'just possible'],
    [0.05, 'just possible'],
    [0.044, 'hardly'],
  ])('%d is %s', (p, word) => expect(likelihoodWord(p)).toBe(word));
  test('five in a hundred still count, fewer do not, and none of these is no species', () => {
    expect(stillPossible(ranked(['a', 0.6], [NONE, 0.2], ['b', 0.05], ['c', 0.0499]))).toEqual(['a', 'b']);
  });
  test('names as likely stand by name, none of these last of them', () => {
    const T = tableOf([mark('m')], { zander: { m: yes }, asp: { m: yes }, pike: { m: no } });
    const order = (prior: Record<string, number> | null) => rankSpecies(T, {}, prior).candidates.map((c) => c.id);
    expect(order(null)).toEqual(['asp', 'pike', 'zander', NONE]);
    expect(order({ zander: 1 })).toEqual(['zander', NONE, 'asp', 'pike']);
  });
  test('a length may be a twentieth beyond the greatest known', () => {
    const T = tableOf([mark('m')], { a: { m: yes } });
    const p = (lengthMm: number) => rankSpecies(T, {}, null, { lengthMm }).candidates.find((c) => c.id === 'a')!.p;
    expect(p(525)).toBe(p(400));
    expect(p(526)).toBeLessThan(p(525) / 2);
  });
});

describe('a table', () => {
  test('mixes the observer’s error in: it shows a wrong state as often as all the others together', () => {
    const T = tableOf([trait('tail', ['forked', 'straight', 'round'], { error: 0.1 })], {
      a: { tail: { forked: 0.8, straight: 0.2 } },
      b: {},
    });
    const row = [...T.rows[0]!.likelihood].map((x) => Number(x.toFixed(6)));
    // 0.9 p + 0.1 (1 - p) / 2; a species of which nothing is known shows each alike.
    expect(row.slice(0, 3)).toEqual([0.73, 0.22, 0.05]);
    expect(row.slice(3, 6)).toEqual(
      [1 / 3, 1 / 3, 1 / 3].map((x) => Number((0.9 * x + 0.1 * (1 - x) * 0.5).toFixed(6))),
    );
    expect(row.slice(6)).toEqual([0.333333, 0.333333, 0.333333]);
  });
  test.each([
    ['below nothing', { yes: -0.1, no: 1.1 }],
    ['above one', { yes: 1.1 }],
    ['no number', { yes: Number.NaN, no: 1 }],
    ['not one in all', { yes: 0.6, no: 0.3 }],
    ['a state that is not there', { maybe: 1 }],
  ])('refuses a row that is %s', (_, row) => expect(() => tableOf([mark('m')], { a: { m: row } })).toThrow(RangeError));
  test('takes a row that is one but for rounding', () => {
    expect(() => tableOf([mark('m')], { a: { m: { yes: 0.9999995, no: 0 } } })).not.toThrow();
  });
  test('refuses forms whose shares are not one in all', () => {
    const forms = (a: number, b: number) => [
      { id: 'cock', share: a, traits: {} },
      { id: 'hen', share: b, traits: {} },
    ];
    const at = (a: number, b: number) => () =>
      keyTable({
        traits: [mark('m')],
        species: [{ id: 's', maxMm: 1, traits: {}, forms: forms(a, b) }],
      } as unknown as KeyCatalogue);
    expect(at(0.5, 0.4)).toThrow('sum to 0.9');
    expect(at(0.7, 0.7)).toThrow(RangeError);
    expect(at(0.6, 0.4)).not.toThrow();
  });
});

describe('what to ask', () => {
  const T = tableOf([mark('b'), mark('a'), mark('dear', { effort: 4 }), mark('idle')], {
    x: { a: yes, b: yes, dear: yes, idle: yes },
    y: { a: no, b: no, dear: no, idle: yes },
    z: { a: no, b: yes, dear: no, idle: yes },
    w: { a: yes, b: no, dear: yes, idle: yes },
  });
  test('as telling, they stand by name; what costs more to look at stands behind', () => {
    const order = nextTraits(T, rankSpecies(T, {}), {}).map((t) => t.trait.id);
    expect(order).toEqual(['a', 'b', 'dear', 'idle']);
  });
  test('a suspected name is never its own rival, nor is none of these, and one that has fallen waits', () => {
    const ask = (ranking: Ranking, lookalikes: string[], answers = {}) =>
      nextForSuspect(T, ranking, answers, 'x', lookalikes)?.rival;
    expect(ask(ranked(['x', 0.5], ['y', 0.3], [NONE, 0.2]), ['x', 'w'])).toBe('y');
    expect(ask(ranked(['x', 0.5], [NONE, 0.3]), [])).toBeUndefined();
    expect(ask(ranked(['x', 0.5], ['w', 0.0099], ['y', 0.01]), ['w'])).toBe('y');
    expect(ask(ranked(['x', 0.5], ['w', 0.01], ['y', 0.4]), ['w'])).toBe('w');
    expect(ask(ranked(['x', 0.5], ['y', 0.4], ['w', 0.01]), ['w', 'w'])).toBe('w');
  });
  test('evidence is only what is known: no such trait, no such state, nobody to hold it against', () => {
    expect(evidenceOn(T, 'x', { nothing: 'yes', a: 'perhaps', b: CANNOT_TELL })).toEqual([]);
    expect(evidenceOn(T, 'q', { a: 'yes' })).toEqual([]);
    expect(evidenceOn(T, 'x', { a: 'yes' }, { x: 1 })).toEqual([]);
    expect(evidenceOn(T, 'z', { a: 'no' }, { y: 1 })[0]?.bits).toBeCloseTo(0, 9);
    expect(evidenceOn(T, 'z', { a: 'no' }, { x: 1 })[0]?.bits).toBeCloseTo(Math.log2(0.95 / 0.05), 9);
    expect(evidenceOn(T, 'w', { a: 'no' })[0]?.bits).toBeCloseTo(Math.log2(0.05 / ((0.05 + 0.95 + 0.95) / 3)), 9);
  });
  test('two are left at nine in ten between them, the lesser with one in twenty', () => {
    const why = (p: number, q: number) => nextQuestion(T, ranked(['x', p], ['y', q]), { idle: 'yes' })?.why;
    expect(why(0.75, 0.25)).toBe('splits');
    expect(why(0.86, 0.05)).toBe('splits');
  });
});
