import { expect, test } from '@jest/globals';
import { sidesOf } from './index.ts';

test('the lighter side is named when it is more than a twentieth lighter', () => {
  expect(sidesOf([200, 180])).toEqual({ firstG: 200, secondG: 180, apart: expect.closeTo(0.1, 9), lighter: 'second' });
  expect(sidesOf([150, 200])?.lighter).toBe('first');
  expect(sidesOf([200, 191])?.lighter).toBeNull();
});

test('one piece, three, or nought are no two sides', () => {
  for (const pieces of [[], [200], [100, 100, 100], [0, 100], [Number.NaN, 100]]) expect(sidesOf(pieces)).toBeNull();
});
