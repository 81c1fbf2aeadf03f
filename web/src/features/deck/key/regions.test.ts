import { expect, test } from '@jest/globals';
import { PARTS } from '@dagboek/figure';
import { loadTraits } from '@dagboek/packs';
import { REGIONS, regionOf } from './regions.ts';

test('every part of a figure, and so every trait, is in one region', () => {
  for (const p of PARTS) expect([p, REGIONS.filter((r) => r.parts.includes(p)).length]).toEqual([p, 1]);
  for (const t of loadTraits()) expect([t.id, regionOf(t.part)?.id]).toEqual([t.id, expect.any(String)]);
  expect(regionOf(undefined)).toBeNull();
});
