import { expect, test } from '@jest/globals';
import { doneToMeat, STEPS } from '../index.ts';

test('what was noted is known of the meat, each once; what was not noted is not said', () => {
  expect(doneToMeat(['hands ready', 'wiped', 'skinned', 'skin pulled off', 'pin bones out'])).toEqual([
    'only wiped',
    'skin off',
    'pin bones out',
  ]);
  expect(doneToMeat([])).toEqual([]);
  expect(doneToMeat(['__proto__', 'folded into a swan'])).toEqual([]);
});

test('every step that it knows is one there is', () => {
  const known = Object.keys(STEPS).filter((s) => doneToMeat([s]).length > 0);
  expect(known.length).toBe(17);
});
