import { expect, test } from '@jest/globals';
import { ownWaters } from './index.ts';

const DAY = '2026-09-12';

test('waters of one’s own have their places, no rule, and cannot have grown old', () => {
  const w = ownWaters(
    [
      { id: 'p', name: 'Mill pool', grounds: ['river', 'weir'] },
      { id: 'q', name: 'Pier', grounds: [] },
    ],
    'UTC',
    DAY,
  );
  expect(w).toMatchObject({ checked: DAY, version: '2026', sample: false, rules: [], timeZone: 'UTC' });
  expect(w.zones).toEqual([
    { id: 'p', name: 'Mill pool', about: 'river, weir', grounds: ['river', 'weir'] },
    { id: 'q', name: 'Pier', about: 'a place of your own', grounds: [] },
  ]);
});

test('without a place there is one', () => {
  expect(ownWaters([], 'UTC', DAY).zones).toEqual([
    { id: 'anywhere', name: 'Anywhere', about: 'a place of your own', grounds: [] },
  ]);
});
