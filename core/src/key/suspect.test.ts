import { describe, expect, test } from '@jest/globals';
import {
  CANNOT_TELL,
  evidenceOn,
  keyTable,
  nextForSuspect,
  partingTraits,
  rankSpecies,
  splitPair,
  type Trait,
} from './index.ts';

const trait = (id: string, ...states: string[]): Trait => ({
  id,
  question: `${id}?`,
  states: states.map((s) => ({ id: s, words: s })),
  effort: 1,
  error: 0.05,
});
const TABLE = keyTable({
  traits: [
    trait('fringe', 'yes', 'no'),
    trait('bumps', 'yes', 'no'),
    trait('eyes', 'left', 'right'),
    trait('tone', 'light', 'dark'),
  ],
  species: [
    {
      id: 'brill',
      maxMm: 750,
      traits: { fringe: { yes: 1 }, bumps: { no: 1 }, eyes: { left: 1 }, tone: { light: 0.5, dark: 0.5 } },
    },
    {
      id: 'turbot',
      maxMm: 1000,
      traits: { fringe: { no: 1 }, bumps: { yes: 0.9, no: 0.1 }, eyes: { left: 1 }, tone: { light: 0.5, dark: 0.5 } },
    },
    {
      id: 'plaice',
      maxMm: 900,
      traits: { fringe: { no: 1 }, bumps: { no: 1 }, eyes: { right: 1 }, tone: { light: 0.4, dark: 0.6 } },
    },
  ],
});
const ask = (answers: Record<string, string>, lookalikes = ['turbot']) =>
  nextForSuspect(TABLE, rankSpecies(TABLE, answers), answers, 'brill', lookalikes);

describe('traits that part a pair', () => {
  test('stand the best first, and the first is the one that splits', () => {
    const list = partingTraits(TABLE, 'brill', 'turbot');
    expect(list.map((p) => p.trait.id)).toEqual(['fringe', 'bumps']);
    expect(list[0]).toEqual(splitPair(TABLE, 'brill', 'turbot'));
  });

  test('are the same either way, and none for itself or a stranger', () => {
    expect(partingTraits(TABLE, 'turbot', 'brill')).toEqual(partingTraits(TABLE, 'brill', 'turbot'));
    expect(partingTraits(TABLE, 'brill', 'brill')).toEqual([]);
    expect(partingTraits(TABLE, 'brill', 'unicorn')).toEqual([]);
  });
});

describe('a suspected name', () => {
  test('asks first for the mark against what it is taken for', () => {
    expect(ask({})).toMatchObject({ rival: 'turbot', trait: { id: 'fringe' } });
    expect(ask({}, ['plaice'])).toMatchObject({ rival: 'plaice' });
  });

  test('goes on to the next mark, then to the next rival, then has nothing more', () => {
    expect(ask({ fringe: 'yes' })?.trait.id).not.toBe('fringe');
    expect(ask({ fringe: CANNOT_TELL })).toMatchObject({ rival: 'turbot', trait: { id: 'bumps' } });
    expect(ask({ fringe: CANNOT_TELL, bumps: CANNOT_TELL })).toMatchObject({ rival: 'plaice', trait: { id: 'eyes' } });
    expect(ask({ fringe: CANNOT_TELL, bumps: CANNOT_TELL, eyes: CANNOT_TELL })).toBeNull();
  });

  test('a lookalike that has fallen waits behind those still possible', () => {
    expect(ask({ eyes: 'left', fringe: 'yes', bumps: 'no' })).toBeNull();
    expect(ask({ eyes: 'right', bumps: 'no' }, ['turbot'])?.rival).toBe('plaice');
  });
});

describe('evidence on one species', () => {
  test('is the log of a ratio: P(answer | it) over the mean of the others', () => {
    const [e] = evidenceOn(TABLE, 'brill', { fringe: 'yes' });
    expect(e?.bits).toBeCloseTo(Math.log2(0.95 / 0.05), 12);
    const [weighted] = evidenceOn(TABLE, 'brill', { bumps: 'no' }, { turbot: 3, plaice: 1 });
    const other = (3 * (0.95 * 0.1 + 0.05 * 0.9) + 0.95) / 4;
    expect(weighted?.bits).toBeCloseTo(Math.log2(0.95 / other), 12);
  });

  test('speaks against what the fish contradicts, and says nothing of "cannot tell"', () => {
    const list = evidenceOn(TABLE, 'turbot', { fringe: 'yes', bumps: CANNOT_TELL });
    expect(list).toHaveLength(1);
    expect(list[0]?.bits).toBeLessThan(-2);
    expect(evidenceOn(TABLE, 'unicorn', { fringe: 'yes' })).toEqual([]);
  });
});
