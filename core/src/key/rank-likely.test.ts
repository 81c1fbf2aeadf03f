import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aSpecies, POLLACK } from '../test-species.test-support.ts';
import { rankLikely } from './index.ts';

const PERCH = aSpecies({ id: 'perch', name: 'Perch', grounds: { lake: 1 }, months: [1, 12] });
const MACKEREL = aSpecies({ id: 'mackerel', name: 'Mackerel', grounds: { 'kelp reef': 0.8 }, months: [5, 10] });
const ALL = [PERCH, MACKEREL, POLLACK];
const order = (here: Parameters<typeof rankLikely>[1]): string[] => rankLikely(ALL, here).map((l) => l.speciesId);

describe('what is likely here and now', () => {
  test('the ground decides first', () => {
    expect(order({ grounds: ['kelp reef'], month: 9, ownCatches: {} })).toEqual(['pollack', 'mackerel', 'perch']);
    expect(order({ grounds: ['lake'], month: 9, ownCatches: {} })[0]).toBe('perch');
  });

  test('out of season a fish falls behind, and does not vanish', () => {
    const winter = rankLikely(ALL, { grounds: ['kelp reef'], month: 1, ownCatches: {} });
    expect(winter.find((l) => l.speciesId === 'mackerel')?.share).toBeGreaterThan(0);
    expect(winter.find((l) => l.speciesId === 'mackerel')?.share).toBeLessThan(
      rankLikely(ALL, { grounds: ['kelp reef'], month: 7, ownCatches: {} }).find((l) => l.speciesId === 'mackerel')
        ?.share ?? 0,
    );
  });

  test('one’s own catches there outweigh the prior in the end', () => {
    expect(order({ grounds: ['kelp reef'], month: 9, ownCatches: { perch: 40 } })[0]).toBe('perch');
    expect(order({ grounds: ['kelp reef'], month: 9, ownCatches: { perch: 1 } })[0]).toBe('pollack');
  });

  test('a long record does not talk a stranger away, nor does the next ground’s fish count as one from afar', () => {
    const SOLE = aSpecies({ id: 'sole', name: 'Sole', grounds: { sand: 1 }, months: [1, 12] });
    const CHAR = aSpecies({ id: 'char', name: 'Char', grounds: { lake: 1 }, months: [1, 12] });
    const list = rankLikely([POLLACK, SOLE, CHAR], {
      grounds: ['kelp reef'],
      waters: ['kelp reef', 'sand'],
      month: 9,
      ownCatches: { pollack: 5000 },
    });
    const of = (id: string): number => list.find((l) => l.speciesId === id)?.share ?? 0;
    expect(of('sole')).toBeCloseTo(0.1 / 2.1, 3);
    expect(of('sole') / of('char')).toBeGreaterThan(5);
    expect(of('pollack')).toBeGreaterThan(0.9);
  });

  test('a season that wraps over New Year', () => {
    const winterFish = aSpecies({ id: 'w', name: 'Winter fish', months: [11, 2] });
    const share = (month: number): number =>
      rankLikely([winterFish, POLLACK], { grounds: ['kelp reef'], month, ownCatches: {} }).find(
        (l) => l.speciesId === 'w',
      )?.share ?? 0;
    expect(share(12)).toBeGreaterThan(share(6));
    expect(share(1)).toBeGreaterThan(share(6));
  });

  test('shares sum to one, and more of one’s own never lowers a species', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.nat(50), fc.nat(50), (month, a, b) => {
        const here = { grounds: ['kelp reef'], month, ownCatches: { pollack: a, mackerel: b } };
        const list = rankLikely(ALL, here);
        expect(list.reduce((s, l) => s + l.share, 0)).toBeCloseTo(1, 9);
        const more = rankLikely(ALL, { ...here, ownCatches: { pollack: a + 5, mackerel: b } });
        const of = (l: typeof list): number => l.find((x) => x.speciesId === 'pollack')?.share ?? 0;
        expect(of(more)).toBeGreaterThanOrEqual(of(list) - 1e-12);
      }),
    );
  });
});
