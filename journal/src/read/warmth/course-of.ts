import {
  type ConductionBody,
  type CoreReading,
  type Exposure,
  fleshCourse,
  type FleshCourse,
} from '@dagboek/core/heat';
import { Remembered } from './remembered.ts';

/** A day's fish and the packs of a household, with room for what is asked of them as if. */
const courses = new Remembered<FleshCourse>(1500);

/**
 * How warm a body was inside through what it met, reckoned once for each such history: fish, cut and pack alike. `startC`: through and
 * through, degC. `reads`: of a probe in its middle, degC at epoch ms.
 */
export function courseOf(
  body: ConductionBody,
  startC: number,
  met: readonly Exposure[],
  reads: readonly CoreReading[] = [],
): FleshCourse {
  const of = (b: ConductionBody | undefined): readonly number[] =>
    b ? [b.radiusM, b.exponent, b.material.slope(1)] : [];
  const key = JSON.stringify([
    of(body),
    startC,
    met.map((e) => [e.fromMs, e.boundary.h, e.boundary.mediumC, of(e.body)]),
    reads,
  ]);
  return courses.of(key, () => fleshCourse(body, startC, met, reads));
}
