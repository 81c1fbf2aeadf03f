import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../test-species.test-support.ts';
import { meatFrom, PLATE_G, platesFrom } from './index.ts';

describe('is it enough for dinner', () => {
  test('meat is the middle of the usual yield', () => {
    expect(meatFrom(POLLACK, 1000)).toBeCloseTo(380, 9);
    expect(meatFrom({ yields: { fillets: [0.4, 0.6] } }, 1000)).toBeCloseTo(500, 9);
    expect(meatFrom({ yields: {} }, 1000)).toBeCloseTo(375, 9);
  });

  test('plates are whole, the rest is over', () => {
    expect(platesFrom(0)).toEqual({ plates: 0, overG: 0 });
    expect(platesFrom(PLATE_G * 3)).toEqual({ plates: 3, overG: 0 });
    expect(platesFrom(PLATE_G * 3 - 1)).toEqual({ plates: 2, overG: PLATE_G - 1 });
    expect(platesFrom(-5)).toEqual({ plates: 0, overG: 0 });
  });
});
