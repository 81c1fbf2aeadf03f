import { expect, test } from '@jest/globals';
import { bleedingMinutes, bleedingState } from './index.ts';

test.each([
  [300, [3, 5]],
  [999, [3, 5]],
  [1000, [5, 10]],
  [3000, [5, 10]],
  [3001, [10, 20]],
])('a fish of %d g bleeds %j minutes', (g, range) => {
  expect(bleedingMinutes(g)).toEqual(range);
});

const MIN = 60_000;
test.each<[string, number, number, ReturnType<typeof bleedingState>['state'], number, number]>([
  ['just cut', 500, 0, 'runs', 3 * MIN, 5 * MIN],
  ['by a clock that was set back', 500, -5 * MIN, 'runs', 3 * MIN, 5 * MIN],
  ['a moment before the least', 500, 3 * MIN - 1, 'runs', 1, 2 * MIN + 1],
  ['at the least', 500, 3 * MIN, 'enough', 0, 2 * MIN],
  ['at the most', 500, 5 * MIN, 'over', 0, 0],
  ['a large one, not yet', 4000, 9 * MIN, 'runs', MIN, 11 * MIN],
  ['half an hour warm', 4000, 30 * MIN, 'warm', 0, 0],
])('%s: how far it is', (_, g, gone, state, toLeastMs, toMostMs) => {
  expect(bleedingState(g, 1_000_000, 1_000_000 + gone)).toMatchObject({
    state,
    toLeastMs,
    toMostMs,
    goneMs: Math.max(0, gone),
  });
});

test('with its head snapped back it bleeds on in the slurry: nothing is waited for', () => {
  expect(bleedingState(300, 0, 1000, true)).toMatchObject({ state: 'enough', leastMin: 0, mostMin: 3 });
});
