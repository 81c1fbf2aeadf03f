import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { METRIC } from '../units/index.ts';
import { compassPoint, sayTide, sayWeather, simulatedTide, simulatedWeather, tideHeightM, windForce } from './index.ts';

const at = (s: string): number => Date.parse(s);
const HOUR = 3_600_000;
const anyTime = fc.integer({ min: at('2020-01-01T00:00Z'), max: at('2040-01-01T00:00Z') });

describe('the simulated weather', () => {
  test('is the same for the same time and seed, another for another seed, and never breaks', () => {
    const now = at('2026-09-12T14:20+01:00');
    expect(simulatedWeather(now, 0.6, 7)).toEqual(simulatedWeather(now, 0.6, 7));
    expect(simulatedWeather(now, 0.6, 7)).not.toEqual(simulatedWeather(now, 0.6, 8));
    fc.assert(
      fc.property(anyTime, fc.double({ min: 0, max: 1, noNaN: true }), (ms, day) => {
        const [a, b] = [simulatedWeather(ms, day, 3), simulatedWeather(ms + 60_000, day, 3)];
        expect(Math.abs(a.airC - b.airC)).toBeLessThan(1.2);
        expect(Math.abs(a.waterC - b.waterC)).toBeLessThanOrEqual(0.11);
        expect(Math.abs(a.windMs - b.windMs)).toBeLessThan(0.3);
        expect([a.airC > -8, a.airC < 26, a.waterC > 4, a.waterC < 16, a.windMs > 0]).toEqual([
          true,
          true,
          true,
          true,
          true,
        ]);
        expect(a.windFromDeg).toBeGreaterThanOrEqual(0);
        expect(a.windFromDeg).toBeLessThan(360);
      }),
    );
  });

  test('summers are warm, afternoons warmer than nights, the sea late', () => {
    const mean = (list: number[]): number => list.reduce((a, b) => a + b, 0) / list.length;
    const air = (day: string, share: number): number =>
      mean(Array.from({ length: 60 }, (_, seed) => simulatedWeather(at(day), share, seed).airC));
    expect(air('2026-07-31T12:00Z', 0.6)).toBeGreaterThan(air('2026-01-31T12:00Z', 0.6) + 7);
    expect(air('2026-07-31T12:00Z', 0.625)).toBeGreaterThan(air('2026-07-31T12:00Z', 0.125) + 2);
    const sea = (day: string): number => simulatedWeather(at(day), 0, 1).waterC;
    expect(sea('2026-09-12T12:00Z')).toBeGreaterThan(sea('2026-05-12T12:00Z'));
  });

  // The scale's own table: lower bounds of each force in m/s.
  test.each([
    [0.2, 0],
    [1, 1],
    [2.5, 2],
    [4.4, 3],
    [6.7, 4],
    [9.4, 5],
    [12.3, 6],
    [15.5, 7],
    [18.9, 8],
    [33, 12],
  ])('%f m/s is force %i', (ms, force) => expect(windForce(ms)).toBe(force));

  test('is said as it stands in the log', () => {
    const w = { airC: 14.2, waterC: 13, windMs: 6.5, windFromDeg: 230, cloudEighths: 4 };
    expect(sayWeather(w)).toBe('South-west, force 4, half cloud, 14.2°');
    expect(sayWeather({ ...w, windMs: 0.1, cloudEighths: 0 }, { ...METRIC, temperature: 'F' })).toBe(
      'Calm, clear sky, 57.6°F',
    );
    expect([0, 22, 23, 359, -45, 337].map(compassPoint)).toEqual([
      'north',
      'north',
      'north-east',
      'north',
      'north-west',
      'north-west',
    ]);
  });
});

describe('the simulated tide', () => {
  test('turns where it stands still: high above both sides, low beneath, in turn, some six hours apart', () => {
    fc.assert(
      fc.property(anyTime, (ms) => {
        const { turns } = simulatedTide(ms, 5);
        for (const [i, t] of turns.entries()) {
          const sides = [-HOUR, HOUR].map((d) => tideHeightM(t.atMs + d) - tideHeightM(t.atMs));
          expect(sides.every((d) => (t.kind === 'high' ? d < 0 : d > 0))).toBe(true);
          const before = i === 0 ? null : turns[i - 1]!;
          if (before) {
            expect(t.kind).not.toBe(before.kind);
            expect((t.atMs - before.atMs) / HOUR).toBeGreaterThan(5);
            expect((t.atMs - before.atMs) / HOUR).toBeLessThan(7.5);
          }
        }
        expect(turns[0]!.atMs).toBeGreaterThan(ms);
      }),
    );
  });

  test('springs and neaps follow each other, a week apart', () => {
    const range = (ms: number): number => {
      const [a, b] = simulatedTide(ms, 2).turns;
      return Math.abs(a!.heightM - b!.heightM);
    };
    const spring = at('2026-09-12T12:00+01:00');
    expect(range(spring)).toBeGreaterThan(3.4);
    expect(range(spring + 7.38 * 24 * HOUR)).toBeLessThan(2.2);
    expect(range(spring + 14.77 * 24 * HOUR)).toBeGreaterThan(3.4);
  });

  test('says what it does and when it turns; near a turn it stands', () => {
    const say = (t: string): string => sayTide(simulatedTide(at(t)), 'Atlantic/Faroe', (x) => x);
    expect(say('2026-09-12T12:20+01:00')).toMatch(/^Flood runs, high at 15:2\d \(4\.\d m\)$/);
    expect(say('2026-09-12T15:10+01:00')).toMatch(/^Slack water, high at 15:2\d/);
    expect(say('2026-09-12T15:35+01:00')).toMatch(/^Slack water, low at 21:/);
    expect(say('2026-09-12T17:20+01:00')).toMatch(/^Ebb runs, low at 21:/);
    expect(sayTide({ heightM: 1, runs: 'ebb', turns: [] }, 'UTC', (x) => x)).toBe('Ebb runs');
  });
});
