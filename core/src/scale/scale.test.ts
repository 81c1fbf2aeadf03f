import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/index.ts';
import { type ScaleReading, scaleState, simulatedLoadG, simulatedScaleG } from './index.ts';

const STEP_MS = 200;
const series = (grams: readonly (number | null)[]): ScaleReading[] => grams.map((g, i) => ({ atMs: i * STEP_MS, g }));
const state = (grams: readonly (number | null)[], afterMs = 0) =>
  scaleState(series(grams), (grams.length - 1) * STEP_MS + afterMs);

describe('what a scale says', () => {
  test('settled when the last 1.2 s lie within a step, or half a hundredth; its value is their median', () => {
    expect(state([400, 900, 790, 790, 795, 790, 790, 790, 790, 790])).toEqual({ state: 'settled', g: 790 });
    expect(state([790, 790, 790, 790, 790, 790, 796])).toEqual({ state: 'swings', g: 796 });
    expect(state([2000, 2000, 2010, 2000, 2010, 2005, 2000])).toEqual({ state: 'settled', g: 2000 });
    expect(state([2000, 2000, 2011, 2000, 2000, 2000, 2000])).toMatchObject({ state: 'swings' });
  });
  test('not before it was still for long enough, nor from too few readings', () => {
    expect(state([790, 790, 790, 790, 790, 790])).toMatchObject({ state: 'swings' });
    expect(state([790, 790, 790, 790, 790, 790, 790])).toMatchObject({ state: 'settled' });
    expect(state([790, null, null, null, 790, null, 790])).toMatchObject({ state: 'swings' });
  });
  test('missing readings neither settle nor unsettle; none for three seconds and it is gone', () => {
    expect(state([790, 790, null, 790, 790, 790, 790, null])).toMatchObject({ state: 'settled' });
    expect(state([790, 790, 790, 790, 790, 790, 790], 3000)).toMatchObject({ state: 'settled' });
    expect(state([790, 790, 790, 790, 790, 790, 790], 3001)).toEqual({ state: 'lost' });
    expect(state([])).toEqual({ state: 'lost' });
    expect(state([0, 5, 0, 10, 0, 5, 0, 5])).toEqual({ state: 'empty' });
  });
});

describe('the simulated scale', () => {
  test('swings, then settles within two steps of its load, whatever hangs on it; some readings are missing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 8000 }), fc.integer({ min: 1, max: 1e6 }), (loadG, seed) => {
        const rng = seeded(seed);
        const readings = Array.from({ length: 60 }, (_, i) => ({
          atMs: i * STEP_MS,
          g: simulatedScaleG(loadG, i * STEP_MS, rng),
        }));
        const said = scaleState(readings, 59 * STEP_MS);
        expect(said.state).toBe('settled');
        if (said.state === 'settled') expect(Math.abs(said.g - loadG)).toBeLessThanOrEqual(Math.max(10, 0.005 * loadG));
        expect(scaleState(readings.slice(0, 4), 3 * STEP_MS).state).not.toBe('settled');
      }),
    );
  });
  test('drops out now and then, never reads below nothing, and is the same for the same seed', () => {
    const read = (seed: number) => {
      const rng = seeded(seed);
      return Array.from({ length: 500 }, (_, i) => simulatedScaleG(50, i * STEP_MS, rng));
    };
    expect(read(3)).toEqual(read(3));
    const missing = read(3).filter((g) => g === null).length;
    expect(missing).toBeGreaterThan(5);
    expect(missing).toBeLessThan(50);
    expect(Math.min(...read(3).map((g) => g ?? 0))).toBeGreaterThanOrEqual(0);
    expect(simulatedLoadG(790, seeded(5))).toBe(simulatedLoadG(790, seeded(5)));
    expect(simulatedLoadG(1, seeded(5))).toBeGreaterThanOrEqual(20);
  });
});
