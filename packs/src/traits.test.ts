import { describe, expect, test } from '@jest/globals';
import {
  certaintyOf,
  type KeyedSpecies,
  keyTable,
  nearestLookalike,
  NONE,
  rankSpecies,
  splitPair,
} from '@dagboek/core/key';
import { loadSpecies, loadTraits } from './index.ts';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const TABLE = keyTable({ traits: TRAITS, species: SPECIES as KeyedSpecies[] });

/** What one would see on a good example of a species: the likeliest state of each trait. */
const plainExample = (id: string): Record<string, string> => {
  const s = SPECIES.find((x) => x.id === id)!;
  return Object.fromEntries(
    Object.entries(s.traits).map(([trait, row]) => [trait, Object.entries(row).sort((a, b) => b[1] - a[1])[0]![0]]),
  );
};

describe('the traits of the key', () => {
  test('each asks a question, with two ways or more to answer it, all worded and all different', () => {
    expect(TRAITS.length).toBeGreaterThanOrEqual(30);
    expect(new Set(TRAITS.map((t) => t.id)).size).toBe(TRAITS.length);
    for (const t of TRAITS) {
      expect(t.question.endsWith('?')).toBe(true);
      expect(t.states.length).toBeGreaterThanOrEqual(2);
      expect(new Set(t.states.map((s) => s.words)).size).toBe(t.states.length);
      expect(t.effort).toBeGreaterThan(0);
      expect(t.error).toBeGreaterThan(0);
      expect(t.error).toBeLessThanOrEqual(0.15);
    }
  });

  test('no question asks one to feel for a venomous spine', () => {
    for (const t of TRAITS) expect(t.question).not.toMatch(/\b(feel|touch|prick)\b/i);
  });

  test('every species speaks of every trait', () => {
    for (const s of SPECIES)
      expect([s.id, TRAITS.filter((t) => !(t.id in s.traits)).map((t) => t.id)]).toEqual([s.id, []]);
  });

  test('every pair of species is told apart by some mark, the famous ones by the right one', () => {
    for (const a of SPECIES)
      for (const b of SPECIES) if (a.id < b.id) expect(splitPair(TABLE, a.id, b.id)?.bits).toBeGreaterThan(1);
    expect(nearestLookalike(TABLE, 'turbot')).toBe('brill');
    expect(nearestLookalike(TABLE, 'brill')).toBe('turbot');
    expect(['fringe', 'skin']).toContain(splitPair(TABLE, 'turbot', 'brill')?.trait.id);
    expect(splitPair(TABLE, 'plaice', 'brill')?.trait.id).toBe('plan');
  });

  test('a good example of each species is settled as that species', () => {
    for (const s of SPECIES) {
      const answers = plainExample(s.id);
      const ranking = rankSpecies(TABLE, answers);
      expect([s.id, ranking.candidates[0]?.id]).toEqual([s.id, s.id]);
      const { certainty } = certaintyOf(TABLE, ranking, answers);
      expect([s.id, certainty === 'settled' || ranking.candidates[0]!.p > 0.93]).toEqual([s.id, true]);
    }
  });

  test('a fish put together from several is none of these', () => {
    const odd = {
      plan: 'disc',
      finlets: 'yes',
      head: 'yes',
      fringe: 'yes',
      threads: 'yes',
      barbel: 'yes',
      adipose: 'yes',
      scutes: 'whole',
    };
    expect(rankSpecies(TABLE, odd).candidates[0]?.id).toBe(NONE);
  });

  test('a flat fish is not taken for a round one, however common that one is there', () => {
    const prior = Object.fromEntries(SPECIES.map((s) => [s.id, s.id === 'pollack' ? 0.9 : 0.002]));
    const best = rankSpecies(TABLE, { plan: 'flat left' }, prior).candidates.filter((c) => c.id !== NONE)[0];
    expect(['turbot', 'brill']).toContain(best?.id);
  });
});
