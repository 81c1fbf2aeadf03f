import type { BoxFish } from '@dagboek/core/box';
import type { SpeciesFacts } from '@dagboek/core/species';
import { bodyOf } from '../bodies/body-of.ts';
import { beforeIce } from '../places/air-about.ts';
import type { Stay } from '../places/stays-of.ts';
import type { FishState, TripState } from '../../log/state/states.ts';

/** A fish in a box, as it can be sent to a worker: its body without its functions. */
export interface PlainFish extends Omit<BoxFish, 'body'> {
  readonly radiusM: number;
  readonly exponent: number;
  readonly fat: 'lean' | 'oily';
}

/** More bodies than this are put together by kind, weight and hour. */
const MOST_BODIES = 24;

/** A fish as it lay in a box from `stay.fromMs` on, and what it met before; `seaC`: how warm it was alive, degC. `nth`: of the stays in this filling. */
export function plainFish(
  fish: FishState,
  stay: Stay,
  nth: number,
  species: SpeciesFacts | null,
  trip: TripState | null,
  seaC: number,
): PlainFish {
  const { body, massG } = bodyOf(fish, species);
  const before = beforeIce(fish, trip);
  return {
    id: `${fish.id} ${nth}`,
    radiusM: body.radiusM,
    exponent: body.exponent,
    fat: species?.fat ?? 'lean',
    massKg: massG / 1000,
    count: fish.count,
    inMs: stay.fromMs,
    outMs: Number.isFinite(stay.toMs) ? stay.toMs : null,
    startC: seaC,
    before: before
      .map((b, k) => ({
        seconds: (Math.min(before[k + 1]?.atMs ?? stay.fromMs, stay.fromMs) - b.atMs) / 1000,
        boundary: b.boundary,
      }))
      .filter((b) => b.seconds > 0),
    how: stay.how === 'slurry' ? 'still slurry' : 'wet ice',
  };
}

/** Many fish as fewer bodies of the same heat: those alike in body, weight and hours lie together. */
export function fewer(fish: readonly PlainFish[], lnMass = 0.15, ms = 900_000): readonly PlainFish[] {
  if (fish.length <= MOST_BODIES) return fish;
  const groups = new Map<string, PlainFish[]>();
  for (const f of fish) {
    const at = (x: number | null): number | null => (x === null ? null : Math.round(x / ms));
    const key = [f.fat, Math.round(Math.log(f.massKg) / lnMass), at(f.inMs), at(f.outMs), f.how].join();
    groups.set(key, [...(groups.get(key) ?? []), f]);
  }
  const one = [...groups.values()].map((g): PlainFish => {
    const [first] = g as [PlainFish, ...PlainFish[]];
    const count = g.reduce((n, f) => n + f.count, 0);
    return { ...first, count, massKg: g.reduce((kg, f) => kg + f.massKg * f.count, 0) / count };
  });
  return one.length > MOST_BODIES && lnMass < 3 ? fewer(one, lnMass * 2, ms * 2) : one;
}
