import { describe, expect, test } from '@jest/globals';
import { type KeyedSpecies, keyTable } from '@dagboek/core/key';
import { loadSpecies, loadTraits } from '@dagboek/packs';
import { alikeIn, pairMarks } from './pair-marks.ts';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const TABLE = keyTable({ traits: TRAITS, species: SPECIES as KeyedSpecies[] });
const of = (...ids: string[]) => ids.map((id) => SPECIES.find((s) => s.id === id)!);
const marks = (...ids: string[]) => pairMarks(of(...ids), TABLE);

describe('the marks that part a pair', () => {
  test('pollack and cod: the whisker and the jaw decide', () => {
    const list = marks('pollack', 'cod');
    expect(list.filter((m) => m.decides).map((m) => m.trait.id)).toEqual(['barbel', 'jaw']);
    expect(list[0]?.words).toEqual(['none', 'one whisker']);
  });

  test('what only hints stands behind, and what says nothing is left out', () => {
    const list = marks('pollack', 'cod');
    const hints = list.findIndex((m) => !m.decides);
    expect(list.slice(hints).every((m) => !m.decides)).toBe(true);
    expect(list.some((m) => m.trait.id === 'plan')).toBe(false);
  });

  test('of three, each pair is parted by some mark', () => {
    const list = marks('plaice', 'flounder', 'dab');
    for (const [a, b] of [
      [0, 1],
      [0, 2],
      [1, 2],
    ] as const)
      expect(list.some((m) => m.words[a] !== m.words[b])).toBe(true);
    expect(list.length).toBeLessThanOrEqual(6);
  });
});

test('alike in both: what they share and most fish do not', () => {
  const alike = alikeIn(of('pollack', 'cod'), TRAITS);
  expect(alike.map((a) => a.trait.id)).toContain('back-fins');
  expect(alike.find((a) => a.trait.id === 'back-fins')?.words).toBe('three');
  expect(alikeIn(of('pollack', 'squid'), TRAITS).map((a) => a.trait.id)).not.toContain('back-fins');
  expect(alikeIn([], TRAITS)).toEqual([]);
});
