import { expect, test } from '@jest/globals';
import { bleedingMinutes } from './index.ts';

test.each([
  [300, [3, 5]],
  [999, [3, 5]],
  [1000, [5, 10]],
  [3000, [5, 10]],
  [3001, [10, 20]],
])('a fish of %d g bleeds %j minutes', (g, range) => {
  expect(bleedingMinutes(g)).toEqual(range);
});
