import { normal, type Rng, seeded } from '../random/index.ts';
import { heatToGive, type Release, releasedAfter } from './release.ts';
import { ICE, type Leak, liningJK, openingJ, SUN_K } from './walls.ts';

/** Sizes of fish that the odds tell apart: how each gives its heat off. */
export interface CatchClass {
  readonly fat: 'lean' | 'oily';
  readonly release: Release;
}

/** A fish of an earlier trip: its class (index), kg of all of the lot, number, and hours from leaving to ice. */
export interface EarlierFish {
  readonly class: number;
  readonly kg: number;
  readonly count: number;
  readonly atH: number;
}

export interface OddsInput {
  readonly seed: number;
  readonly runs: number;
  readonly litres: number;
  readonly leak: Leak;
  /** The ice that is carried, kg. */
  readonly iceKg: number;
  /** Hours until home. */
  readonly homeH: number;
  /** Air about the box, and how far a day may be from it, 1 sd, degC. */
  readonly airC: number;
  readonly airSdC: number;
  readonly waterC: number;
  /** Hours since leaving between which it stands in the sun, from and to; empty: in the shade. See `sunlit`. */
  readonly sunH: readonly (readonly [number, number])[];
  readonly precooled: boolean;
  readonly classes: readonly CatchClass[];
  /** What was iced on earlier trips like this one: one of them is drawn for each run. Never empty (RangeError). */
  readonly trips: readonly (readonly EarlierFish[])[];
}

/** What came of many such days. */
export interface Odds {
  /** Share of them in which ice is left at home. */
  readonly lasts: number;
  /** Ice that melts by home, kg: nineteen days in twenty it is no more than `needed`; `middle`: one day in two. */
  readonly neededKg: number;
  readonly middleKg: number;
  /** Hours after leaving at which the ice ends, of twenty days that stand for all, the earliest first; null: not within two days. */
  readonly twenty: readonly (number | null)[];
  /** Melted by home of each run, kg, from the least: for what other amounts would do. */
  readonly meltedKg: Float64Array;
}

/** The day is followed in steps of so many h, up to so many. */
const [STEP_H, UP_TO_H] = [0.5, 48];
/** Fish of a day are heavier or lighter than those drawn, and come earlier or later. */
const [KG_SD, HOURS_SD] = [0.25, 0.75];
/** A bag of ice holds what it says to so much. */
const ICE_SD = 0.08;
const MARKS = 20;

/**
 * Whether the ice lasts: many days like this one, each with the catch of an earlier trip, its own weather and a leak as likely as
 * is known of this box. The same seed gives the same days, so that what is changed is all that differs. `progress`: 0 to 1.
 */
export function iceOdds(input: OddsInput, progress: (share: number) => void = () => undefined): Odds {
  if (input.trips.length === 0) throw new RangeError('odds need at least one trip');
  if (!(input.runs >= 1) || !(input.homeH > 0) || !(input.iceKg >= 0))
    throw new RangeError('odds want runs, hours and ice');
  const rng = seeded(input.seed);
  const runs = Math.floor(input.runs);
  const melted = new Float64Array(runs);
  const ends = new Float64Array(runs);
  let lasted = 0;
  for (let r = 0; r < runs; r++) {
    const day = draw(input, rng);
    melted[r] = meltedBy(input, day, input.homeH);
    const ice = input.iceKg * day.ice;
    ends[r] = endOf(input, day, ice);
    if (ice > melted[r]!) lasted++;
    // What the bag holds counts as what is needed of it.
    melted[r] = melted[r]! / day.ice;
    if (r % 250 === 0) progress(r / runs);
  }
  ends.sort();
  const sorted = melted.sort();
  const at = (p: number): number => sorted[Math.min(runs - 1, Math.floor(p * runs))]!;
  progress(1);
  return {
    lasts: lasted / runs,
    neededKg: at(0.95),
    middleKg: at(0.5),
    twenty: Array.from({ length: MARKS }, (_, i) => {
      const h = ends[Math.min(runs - 1, Math.floor(((i + 0.5) / MARKS) * runs))]!;
      return Number.isFinite(h) ? h : null;
    }),
    meltedKg: sorted,
  };
}

/** Share of the days on which so much ice lasts until home. */
export function lastsWith(odds: Pick<Odds, 'meltedKg'>, iceKg: number): number {
  const { meltedKg } = odds;
  let [low, high] = [0, meltedKg.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if (meltedKg[mid]! < iceKg) low = mid + 1;
    else high = mid;
  }
  return low / meltedKg.length;
}

interface Day {
  readonly airC: number;
  readonly uaWK: number;
  readonly ice: number;
  readonly fish: readonly { readonly j: number; readonly release: Release; readonly atH: number }[];
}

function draw(input: OddsInput, rng: Rng): Day {
  const trip = input.trips[Math.min(input.trips.length - 1, Math.floor(rng() * input.trips.length))]!;
  const airC = normal(rng, input.airC, input.airSdC);
  const uaWK = input.leak.uaWK * Math.exp(input.leak.sdLn * normal(rng));
  const ice = Math.max(0.3, normal(rng, 1, ICE_SD));
  const fish = trip.flatMap((f) => {
    const c = input.classes[f.class];
    const kg = f.kg * Math.max(0.2, normal(rng, 1, KG_SD));
    const atH = Math.max(0, f.atH + normal(rng, 0, HOURS_SD));
    return c ? [{ j: heatToGive(kg, c.fat, input.waterC, 0), release: c.release, atH }] : [];
  });
  return { airC, uaWK, ice, fish };
}

/** Ice that has melted so many hours after leaving, kg, as long as there is any. */
function meltedBy(input: OddsInput, day: Day, hours: number): number {
  const sunnyH = input.sunH.reduce((h, [from, to]) => h + Math.max(0, Math.min(to, hours) - from), 0);
  const airAt = (h: number): number => day.airC + (input.sunH.some(([from, to]) => from <= h && h < to) ? SUN_K : 0);
  let j = Math.max(0, day.uaWK * (day.airC * hours + SUN_K * sunnyH) * 3600);
  if (!input.precooled) j += liningJK(input.litres) * Math.max(0, airAt(0));
  for (const f of day.fish) {
    if (f.atH > hours) continue;
    j += f.j * releasedAfter(f.release, hours - f.atH) + openingJ(input.litres, airAt(f.atH), 0);
  }
  return j / ICE.fusionJ;
}

/** When the ice ends, h; infinite when it does not within two days. */
function endOf(input: OddsInput, day: Day, iceKg: number): number {
  let [low, high] = [0, UP_TO_H];
  if (meltedBy(input, day, high) < iceKg) return Number.POSITIVE_INFINITY;
  while (high - low > STEP_H / 4) {
    const mid = (low + high) / 2;
    if (meltedBy(input, day, mid) < iceKg) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
