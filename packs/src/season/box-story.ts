import { ICE, liningJK, usualLeak, type Walls, wordFor } from '@dagboek/core/box';
import { normal, seeded } from '@dagboek/core/random';
import { HOUR, MIN, type Scribe } from './scribe.ts';

/** What the blue box lets through, against what its walls should. */
export const BLUE_LEAKS = 2;

/** What was carried, for how long, in what warmth. */
export interface BoxDay {
  readonly tripId: string;
  readonly box: string;
  readonly litres: number;
  readonly walls: Walls;
  /** How much more its walls let through than they should: the blue box leaks more than it says. */
  readonly leaks: number;
  readonly by: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly iceKg: number;
  readonly waterC: number;
  readonly fishKg: number;
}

/**
 * What the crew saw of the air and of the ice on a trip: the air by noon, a look under the lid on the way home, now and then the
 * ice weighed, out of the same balance of heat as the application reckons with, and an eye that errs.
 */
export function boxSeen(s: Scribe, d: BoxDay): void {
  const rng = seeded(Math.floor(d.startMs / MIN) % 2_147_483_647);
  const airC = Math.round((d.waterC + 2.5 + normal(rng, 0, 1.8)) * 2) / 2;
  s.aside('trip.noted', d.tripId, d.startMs + 5 * MIN, d.by, {
    topic: 'weather',
    text: rng() < 0.5 ? 'half cloud' : 'grey',
    airC,
  });
  const ua = usualLeak(d.litres, d.walls).uaWK * d.leaks;
  const lookMs = d.endMs - 15 * MIN;
  const seconds = (lookMs - d.startMs) / 1000;
  const heat = ua * (airC + 1) * seconds + liningJK(d.litres) * (airC + 1) + d.fishKg * 3500 * (d.waterC + 1) * 0.9;
  const left = Math.max(0, d.iceKg * normal(rng, 1, 0.05) - heat / ICE.fusionJ);
  if (rng() < 0.3) {
    const kg = Math.max(0, Math.round(normal(rng, left, 0.15) * 10) / 10);
    s.aside('box.weighed', d.box, lookMs, d.by, { kg });
  } else s.aside('box.looked', d.box, lookMs, d.by, { ice: wordFor(left / d.iceKg, normal(rng, 0, 0.08)) });
  if (rng() < 0.5) s.aside('box.drained', d.box, d.endMs + HOUR / 2, d.by, {});
}

/** A melt test of the blue box in the shed, one winter's night. */
export function meltTested(s: Scribe, box: string, atMs: number, by: string): void {
  s.aside('box.tested', box, atMs, by, { iceKg: 4, leftKg: 2.3, hours: 24, airC: 5.5 });
}
