import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apportion } from './index.ts';

test('shared by weight, to the gram', () => {
  expect(apportion(1000, [1, 1, 1])).toEqual([334, 333, 333]);
  expect(apportion(790, [440, 350])).toEqual([440, 350]);
  expect(apportion(0, [3, 4])).toEqual([0, 0]);
  expect(apportion(10, [])).toEqual([]);
  // One that is not known: all alike.
  expect(apportion(10, [5, 0])).toEqual([5, 5]);
  expect(() => apportion(1.5, [1])).toThrow(RangeError);
});

test('the shares add up to the whole exactly, and none is a gram off', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 500_000 }),
      fc.array(fc.double({ min: 0.1, max: 20_000, noNaN: true }), { minLength: 1, maxLength: 60 }),
      (total, weights) => {
        const shares = apportion(total, weights);
        expect(shares.reduce((a, b) => a + b, 0)).toBe(total);
        const sum = weights.reduce((a, b) => a + b, 0);
        for (const [i, s] of shares.entries()) expect(Math.abs(s - (total * weights[i]!) / sum)).toBeLessThan(1.0001);
      },
    ),
  );
});
