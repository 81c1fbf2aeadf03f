import { expect, test } from '@jest/globals';
import { normal, pick, pickWeighted, seeded } from './index.ts';

test('the same seed gives the same numbers for ever', () => {
  const a = seeded(42);
  expect([a(), a(), a()].map((x) => Math.round(x * 1e6))).toEqual([601104, 448291, 852466]);
});

test('numbers are uniform, normals have the mean and spread asked for', () => {
  const rng = seeded(1);
  const u = Array.from({ length: 20_000 }, rng);
  expect(Math.min(...u)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...u)).toBeLessThan(1);
  expect(u.reduce((a, b) => a + b) / u.length).toBeCloseTo(0.5, 1.7);
  const z = Array.from({ length: 20_000 }, () => normal(rng, 10, 2));
  const mean = z.reduce((a, b) => a + b) / z.length;
  expect(mean).toBeCloseTo(10, 1);
  expect(Math.sqrt(z.reduce((s, x) => s + (x - mean) ** 2, 0) / z.length)).toBeCloseTo(2, 1);
});

test('picking keeps to the list and to the weights', () => {
  const rng = seeded(5);
  expect(() => pick(rng, [])).toThrow(RangeError);
  const n = { a: 0, b: 0 };
  for (let i = 0; i < 40_000; i++) n[pickWeighted(rng, ['a', 'b'] as const, (x) => (x === 'a' ? 3 : 1))]++;
  expect(n.a / 40_000).toBeCloseTo(0.75, 1.7);
});
