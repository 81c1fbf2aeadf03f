import { expect, test } from '@jest/globals';
import { keepRate, sayIfCurrentWent, sayWithoutCurrent, warmthWords, type WithoutCurrent } from './index.ts';

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
  expect(off()).toMatch(/^Keep the door closed.*starts to thaw about at 2000\. Before that, bring ice/);
  expect(off({ nowMs: 3000 })).toMatch(
    /has been thawing since about at 2000\. Packs that still have ice crystals.*two hours\.$/,
  );
  expect(off({ packs: 0 })).toBe('Keep the door closed, and do not open it to look.');
  expect(off({ thawsMs: null })).toBe('Keep the door closed, and do not open it to look.');
  expect(off({ place: 'fridge' })).toMatch(/thrown out after two hours above 4°, or after 4 hours without power\./);
});

test('a drill: still frozen, thawing, a fridge; nothing in it', () => {
  const of = (more: Partial<Parameters<typeof sayIfCurrentWent>[0]> = {}): string =>
    sayIfCurrentWent({
      place: 'freezer',
      packs: 9,
      hours: 24,
      nowC: -20.4,
      thenC: -13,
      thawsAfterH: 41.3,
      ...more,
    }).join(' ');
  expect(of()).toMatch(
    /from −20° to −13°\. All of it is still frozen\. The outside starts to thaw after about 41 hours/,
  );
  expect(of({ thenC: -6 })).toMatch(/its days passed faster meanwhile/);
  expect(of({ thawsAfterH: null })).not.toMatch(/begins to thaw/);
  expect(of({ hours: 50, thenC: -2 })).toMatch(/thawing for 9 hours\. Packs that still have ice crystals/);
  expect(of({ place: 'fridge', hours: 3 })).toMatch(/still good/);
  expect(of({ place: 'fridge', hours: 6 })).toMatch(/thrown out after two hours above 4°.*Put the packs on ice/);
  expect(of({ packs: 0 })).toMatch(/It is empty/);
});
