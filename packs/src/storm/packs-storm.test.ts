import { expect, test } from '@jest/globals';
import { seeded } from '@dagboek/core/random';
import { stormOfPacks } from './packs-storm.ts';

test('mutated packs of species and of rules are refused with a sentence, or hold and can be drawn', () => {
  const told = stormOfPacks(120, seeded(20260912));
  expect(told.broken).toEqual([]);
  expect(told.taken + told.refused).toBe(told.tried);
  expect(told.taken).toBeGreaterThan(5);
  expect(told.refused).toBeGreaterThan(30);
});
