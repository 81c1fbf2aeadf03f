import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seeded } from '../random/index.ts';
import { type ProbeReading, probeState, simulatedCoreC, simulatedProbe, simulatedProbeC } from './index.ts';

const STEP_MS = 500;
const series = (list: readonly (number | null)[]): ProbeReading[] => list.map((c, i) => ({ atMs: i * STEP_MS, c }));
const state = (list: readonly (number | null)[], afterMs = 0) =>
  probeState(series(list), (list.length - 1) * STEP_MS + afterMs);
const still = [4.02, 4.05, 4.03, 4.01, 4.04, 4.02, 4.03, 4.05, 4.02];

describe('what a thermometer says', () => {
  test('settled when the last four seconds lie within a fifth of a degree', () => {
    expect(state(still)).toEqual({ state: 'settled', c: 4.03 });
    expect(state(still.slice(1))).toMatchObject({ state: 'settles' });
    expect(state([9, 7, 6, 5.2, 4.8, 4.5, 4.3, 4.2, 4.1])).toMatchObject({ state: 'settles' });
  });
  test('missing readings neither settle nor unsettle; none for five seconds and it is gone', () => {
    expect(state([...still, null, null])).toMatchObject({ state: 'settled' });
    expect(state(still, 5001)).toEqual({ state: 'lost' });
    expect(state([])).toEqual({ state: 'lost' });
  });
  test('one that jumps, hangs or reads what cannot be is not taken', () => {
    expect(state([...still, 13])).toMatchObject({ state: 'jumps', c: 13 });
    expect(state(Array.from({ length: 12 }, () => 17.31))).toMatchObject({ state: 'stuck' });
    expect(state(Array.from({ length: 11 }, () => 17.31))).toMatchObject({ state: 'settled' });
    expect(state([...still, 85])).toMatchObject({ state: 'out of range' });
  });
});

describe('the simulated thermometer', () => {
  test('comes to what it is put into, nearly; one in some hangs, and is noticed', () => {
    let hung = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.double({ min: -1, max: 18, noNaN: true }), (seed, trueC) => {
        const rng = seeded(seed);
        const probe = simulatedProbe(rng);
        const readings = Array.from({ length: 80 }, (_, i) => ({
          atMs: i * STEP_MS,
          c: simulatedProbeC(probe, trueC, i * STEP_MS, rng),
        }));
        const said = probeState(readings, 79 * STEP_MS);
        if (probe.hangs) hung++;
        expect(said.state).toBe(probe.hangs ? 'stuck' : 'settled');
        if (said.state === 'settled') expect(Math.abs(said.c - trueC)).toBeLessThan(0.8);
      }),
      { numRuns: 300 },
    );
    expect(hung).toBeGreaterThan(1);
    expect(hung).toBeLessThan(30);
    expect(simulatedCoreC(5, seeded(3))).toBe(simulatedCoreC(5, seeded(3)));
  });
});
