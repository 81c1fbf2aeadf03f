import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { PART_USES, usedShare } from './index.ts';

test('a pollack: meat, frame to the stock, guts to bait, the rest lost', () => {
  const share = usedShare([
    {
      roundG: 1000,
      meatG: 380,
      parts: [
        { use: 'stock', massG: 300 },
        { use: 'bait', massG: 120 },
        { use: 'bin', massG: 50 },
      ],
    },
  ])!;
  expect(share).toMatchObject({ meat: 0.38, kitchen: 0.3, bait: 0.12, waste: 0.05, n: 1, roundG: 1000 });
  expect(share.lost).toBeCloseTo(0.15, 12);
});

test('none, and a use of a newer version', () => {
  expect(usedShare([])).toBeNull();
  expect(usedShare([{ roundG: 100, meatG: 50, parts: [{ use: 'compost', massG: 20 }] }])!.waste).toBeCloseTo(0.2, 12);
});

test('the shares make one, each within 0 and 1, also where the parts are heavier than the whole by water', () => {
  const cut = fc.record({
    roundG: fc.integer({ min: 1, max: 5000 }),
    meatG: fc.integer({ min: 0, max: 2500 }),
    parts: fc.array(fc.record({ use: fc.constantFrom(...PART_USES), massG: fc.integer({ min: 1, max: 900 }) }), {
      maxLength: 6,
    }),
  });
  fc.assert(
    fc.property(fc.array(cut, { minLength: 1, maxLength: 8 }), (cuts) => {
      const { meat, kitchen, bait, animals, waste, lost } = usedShare(cuts)!;
      const all = [meat, kitchen, bait, animals, waste, lost];
      expect(all.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      for (const x of all) expect(x >= 0 && x <= 1).toBe(true);
    }),
  );
});
