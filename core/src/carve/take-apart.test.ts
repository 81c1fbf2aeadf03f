import { describe, expect, test } from '@jest/globals';
import { shareSides, takeApart, type TakenApart } from './index.ts';

const fish = (more: Partial<TakenApart> = {}): TakenApart => ({
  plan: 'round',
  family: 'Gadidae, cods',
  yieldClass: 'cod',
  fat: 'lean',
  hazards: [],
  ...more,
});
const marks = (s: TakenApart): string[] => takeApart(s)!.bones.map((b) => b.mark);

describe('a whole fish on the plate', () => {
  test('from the side: fins, side line, halves, frame; pin bones and ribs are told', () => {
    const t = takeApart(fish())!;
    expect(t.steps.flatMap((s) => s.marks)).toEqual(['fins', 'side line', 'halves', 'frame']);
    expect(marks(fish())).toEqual(['pin bones', 'ribs']);
    expect(t.best.join(' ')).toMatch(/Cheeks.*for a child/);
    expect(t.bestMarks).toEqual(['cheek', 'throat']);
    expect(t.mind).toEqual([]);
  });
  test('each build has its own bones', () => {
    expect(marks(fish({ plan: 'flat', yieldClass: 'turbot' }))).toEqual(['edges', 'ribs']);
    expect(marks(fish({ family: 'Esocidae, pikes', yieldClass: 'perch' }))).toEqual(['forked bones', 'ribs']);
    expect(marks(fish({ yieldClass: 'tuna' }))).toEqual(['ribs']);
    expect(marks(fish({ plan: 'ray', yieldClass: 'ray' }))).toEqual(['cartilage']);
    expect(marks(fish({ plan: 'shark', yieldClass: 'shark' }))).toEqual([]);
    expect(takeApart(fish({ plan: 'flat', yieldClass: 'sole' }))!.best.join(' ')).not.toMatch(/Cheeks/);
    expect(takeApart(fish({ plan: 'flat', yieldClass: 'sole' }))!.bestMarks).toEqual([]);
  });
  test('no part of a fish with forked bones is for a small child; oily bellies are told', () => {
    const pike = takeApart(fish({ family: 'Esocidae, pikes' }))!;
    expect(pike.best.join(' ')).toMatch(/not for small children/);
    expect(pike.best.join(' ')).not.toMatch(/for a child\./);
    expect(takeApart(fish({ fat: 'oily' }))!.best.join(' ')).toMatch(/belly is the fattest/);
  });
  test('spines stab cooked too; what is never eaten, and squid, is not taken apart', () => {
    const weever = fish({ hazards: [{ kind: 'venomous', part: 'first dorsal' }] });
    expect(takeApart(weever)!.mind[0]).toMatch(/cut them off in the kitchen/);
    expect(takeApart(fish({ hazards: [{ kind: 'venomous', part: 'mouth' }] }))!.mind).toEqual([]);
    expect([takeApart(fish({ plan: 'squid' })), takeApart(fish({ yieldClass: 'none' }))]).toEqual([null, null]);
  });
});

test('sides go round: one fish each, one for two, cut across for more', () => {
  const cooked = { low: 400, high: 480 };
  expect(shareSides(4, 4, cooked)).toEqual({ perFish: 1, partsASide: 1, plateG: { low: 100, high: 120 } });
  expect(shareSides(1, 2, cooked)).toMatchObject({ perFish: 2, partsASide: 1 });
  expect(shareSides(1, 3, cooked)).toMatchObject({ perFish: 3, partsASide: 2 });
  expect(shareSides(1, 6, cooked)).toMatchObject({ partsASide: 3 });
  // More fish than plates: nobody has less than one.
  expect(shareSides(5, 2, cooked)!.perFish).toBe(1);
  expect([shareSides(0, 2, cooked), shareSides(1, 0, cooked)]).toEqual([null, null]);
  for (let plates = 1; plates < 30; plates++)
    for (let n = 1; n < 6; n++) {
      const s = shareSides(n, plates, cooked)!;
      // There is a part for each plate.
      if (s.perFish > 1) expect(2 * n * s.partsASide).toBeGreaterThanOrEqual(plates);
    }
});
