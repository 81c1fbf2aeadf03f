import { expect, test } from '@jest/globals';
import { keepRate, sayWithoutCurrent, warmthWords, type WithoutCurrent } from './index.ts';

const off = (more: Partial<WithoutCurrent> = {}): string =>
  sayWithoutCurrent({ place: 'freezer', packs: 3, thawsMs: 2000, nowMs: 1000, ...more }, (ms) => `at ${ms}`).join(' ');

test('what is said of warmth is what packs are reckoned with, in the degrees of whoever reads', () => {
  expect(warmthWords('freezer').says[0]).toContain(
    `${keepRate('freezer', -15).careful.toFixed(1)} times as fast as at −18°`,
  );
  expect(warmthWords('fridge').says[0]).toContain(`${keepRate('fridge', 8).authority.toFixed(1)} times`);
  expect(
    warmthWords('freezer', { length: 'in', mass: 'lb', temperature: 'F', volume: 'gal' } as never).says[0],
  ).toContain('5°');
  expect(warmthWords('fridge').source).toBeTruthy();
});

test('without current: the door first; before it thaws what to bring, after it what is still good', () => {
  expect(off()).toMatch(/^Keep the door shut.*begins to thaw about at 2000\. Bring ice/);
  expect(off({ nowMs: 3000 })).toMatch(
    /has been thawing since about at 2000\. What still holds ice crystals.*thrown out\.$/,
  );
  expect(off({ packs: 0 })).toBe('Keep the door shut, and do not open it to look.');
  expect(off({ thawsMs: null })).toBe('Keep the door shut, and do not open it to look.');
  expect(off({ place: 'fridge' })).toMatch(/After four hours/);
});
