import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { portions } from './index.ts';

test.each([
  [480, 3, { packs: 1, eachG: 480, oddG: 0 }],
  [990, 3, { packs: 2, eachG: 495, oddG: 0 }],
  [1000, 3, { packs: 2, eachG: 480, oddG: 40 }],
  [1100, 3, { packs: 2, eachG: 480, oddG: 140 }],
  [300, 3, { packs: 1, eachG: 300, oddG: 0 }],
  [161, 1, { packs: 1, eachG: 161, oddG: 0 }],
])('%d g for %d: %j', (g, heads, plan) => expect(portions(g, heads)).toEqual(plan));

test('never more than there is, nearly all of it, and each pack a dinner where there is one', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 50_000 }), fc.integer({ min: 1, max: 20 }), (g, heads) => {
      const p = portions(g, heads);
      const sum = p.packs * p.eachG + p.oddG;
      expect(sum).toBeLessThanOrEqual(g);
      expect(g - sum).toBeLessThan(p.packs);
      if (g >= heads * 160) expect(p.eachG).toBeGreaterThanOrEqual(heads * 160);
      if (p.oddG > 0) expect(p.oddG).toBeGreaterThanOrEqual(40);
    }),
  );
  for (const [g, heads] of [
    [0, 2],
    [100, 0],
    [100, 1.5],
  ] as const)
    expect(() => portions(g, heads)).toThrow(RangeError);
});
