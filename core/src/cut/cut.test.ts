import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { POLLACK } from '../test-species.test-support.ts';
import { expectedStage, massBalance } from './index.ts';

const balance = (stages: Record<string, number>, byproducts: Record<string, number> = {}) =>
  massBalance({ stages, byproducts });

describe('mass balance', () => {
  test('yields stand against the whole fish', () => {
    const r = balance({ round: 790, gutted: 668, fillets: 322, trimmed: 276 });
    expect(r.ok).toBe(true);
    if (!r.ok) return;
    expect(r.balance.stages.map((s) => [s.stage, Math.round((s.share ?? 0) * 1000) / 10])).toEqual([
      ['round', 100],
      ['gutted', 84.6],
      ['fillets', 40.8],
      ['trimmed', 34.9],
    ]);
    expect(r.balance.yield).toBeCloseTo(0.3494, 4);
    expect(r.balance.unaccountedG).toBe(514);
  });

  test('by-products are taken out of what is not accounted for', () => {
    const r = balance({ round: 790, trimmed: 276 }, { 'frame and head': 430 });
    expect(r.ok && r.balance.unaccountedG).toBe(84);
  });

  test('without the whole weight nothing is said of a share', () => {
    const r = balance({ fillets: 322 });
    expect(r.ok && r.balance).toMatchObject({ yield: null, unaccountedG: null });
  });

  test.each([
    [{ round: 790, fillets: 900 }, {}, 'Fillets, skin on 900 g cannot weigh more than whole 790 g', 'fillets'],
    [{ gutted: 600, trimmed: 700 }, {}, 'Trimmed 700 g cannot weigh more than gutted 600 g', 'trimmed'],
    [
      { round: 790, trimmed: 300 },
      { frame: 520 },
      'The parts come to 820 g, more than the whole fish of 790 g',
      undefined,
    ],
    [{ round: 0 }, {}, 'more than 0', 'round'],
    [{ round: 500 }, { roe: -3 }, 'more than 0', 'roe'],
  ])('%j with %j cannot be', (stages, parts, words, field) => {
    const r = balance(stages, parts as Record<string, number>);
    expect(r.ok).toBe(false);
    if (r.ok) return;
    expect(r.why).toContain(words);
    expect(r.field).toBe(field);
  });

  test('two in a hundred are allowed for clinging water, no more', () => {
    expect(balance({ round: 500, gutted: 510 }).ok).toBe(true);
    expect(balance({ round: 500, gutted: 511 }).ok).toBe(false);
    expect(balance({ round: 500, trimmed: 400 }, { frame: 110 }).ok).toBe(true);
    expect(balance({ round: 500, trimmed: 400 }, { frame: 111 }).ok).toBe(false);
  });

  test('whatever is accepted, the parts never outweigh the whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        fc.integer({ min: 1, max: 5000 }),
        fc.integer({ min: 1, max: 5000 }),
        (round, trimmed, frame) => {
          const r = balance({ round, trimmed }, { frame });
          if (r.ok) expect(trimmed + frame).toBeLessThanOrEqual(round * 1.02 + 1e-9);
          else expect(trimmed + frame > round * 1.02 || trimmed > round * 1.02).toBe(true);
        },
      ),
    );
  });
});

describe('against the usual', () => {
  test('what a stage usually weighs, in grams', () => {
    expect(expectedStage(POLLACK, 'trimmed', 1000)).toEqual([340, 420]);
    expect(expectedStage(POLLACK, 'round', 1000)).toBeNull();
    expect(expectedStage({ yields: {} }, 'trimmed', 1000)).toBeNull();
  });
});
