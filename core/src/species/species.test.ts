import { expect, test } from '@jest/globals';
import { depthShare, thicknessShare } from './index.ts';

test('a body is as deep as the middle of its kind, and as thick as its share of that', () => {
  const pollack = { depth: [0.2, 0.24], widthToDepth: 0.5 } as const;
  expect(depthShare(pollack)).toBeCloseTo(0.22, 12);
  expect(thicknessShare(pollack)).toBeCloseTo(0.11, 12);
});
