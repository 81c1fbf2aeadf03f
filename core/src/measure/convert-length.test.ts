import { describe, expect, test } from '@jest/globals';
import { asFirstKind, convertLength } from './index.ts';

const ray = {
  lengthKinds: ['discWidth', 'total'],
  conversions: [{ from: 'total', to: 'discWidth', slope: 0.69, sdShare: 0.06 }],
} as const;
const tuna = {
  lengthKinds: ['fork', 'total'],
  conversions: [{ from: 'fork', to: 'total', slope: 1.1, constantMm: 4, sdShare: 0.015 }],
} as const;

describe('a length as the kind that the curve goes by', () => {
  test('of that kind it is the reading itself; else converted, there or back', () => {
    expect(asFirstKind(ray, 560, 'discWidth')).toBe(560);
    expect(asFirstKind(ray, 800, 'total')).toBeCloseTo(552, 9);
    expect(asFirstKind(tuna, 1104, 'total')).toBeCloseTo(1000, 9);
    expect(convertLength(1000, tuna.conversions[0])).toBeCloseTo(1104, 9);
  });
  test('where the species does not say how, nothing is reckoned', () => {
    expect(asFirstKind({ lengthKinds: ['total'] }, 300, 'fork')).toBeNull();
    expect(asFirstKind(ray, 300, 'fork')).toBeNull();
  });
});
