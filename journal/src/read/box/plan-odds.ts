import { iceOdds, lastsWith, type Odds, releaseOf, slurryRecipe, type SlurryRecipe, sunlit } from '@dagboek/core/box';
import { offsetMs, stamp } from '@dagboek/core/time';
import { airC as typicalAirC, TYPICAL_C } from '@dagboek/core/fresh';
import { flesh } from '@dagboek/core/heat';
import type { IcePlan } from './ice-plan.ts';

/** The day that is planned, with what is typical where nobody said: hours until home, air and water. */
export interface PlanDay {
  readonly homeH: number;
  readonly airC: number;
  /** The air was not read: it is typical, and on the warm side. */
  readonly airAssumed: boolean;
  readonly waterC: number;
  /** Hours since leaving between which the sun may stand on a box, from and to. */
  readonly sunH: readonly (readonly [number, number])[];
}

const HOUR_MS = 3_600_000;
/** The odds are followed for so long, h; a trip shorter than this is none yet. */
const [MOST_H, LEAST_H] = [46, 0.2];
/** Beyond it no end of the ice is looked for, h. */
const FOLLOWED_H = 48;

/** The day between two instants; null where home does not lie after the start. `zone`: of the waters, for the hours of the sun. */
export function planDay(
  startMs: number,
  homeMs: number,
  airC: number | null,
  waterC: number | null,
  zone: string,
): PlanDay | null {
  const homeH = Math.min(MOST_H, (homeMs - startMs) / HOUR_MS);
  if (!(homeH > LEAST_H)) return null;
  const water = waterC ?? TYPICAL_C.unknownWater;
  const sunH = sunlit(startMs, startMs + FOLLOWED_H * HOUR_MS, offsetMs(stamp(startMs, zone))).map(
    ([from, to]) => [(from - startMs) / HOUR_MS, (to - startMs) / HOUR_MS] as const,
  );
  return { homeH, airC: airC ?? typicalAirC(waterC), airAssumed: airC === null, waterC: water, sunH };
}

/** A slurry in this box with what a usual trip brings; null where the fish leave no room for one. */
export const planSlurry = (plan: IcePlan, waterC: number | null): SlurryRecipe | null => {
  const water = waterC ?? TYPICAL_C.unknownWater;
  return slurryRecipe(plan.litres, plan.fishKg, water, water);
};

/** What is asked of the odds: a plan, the day, and the ice that is carried; null: as much as nineteen days in twenty need. */
export interface OddsAsked {
  readonly plan: IcePlan;
  readonly iceKg: number | null;
  readonly day: PlanDay;
  readonly sun: boolean;
  readonly precooled: boolean;
}

/** The answer: as it is asked, with other amounts, and what else would change. */
export interface OddsTold {
  readonly iceKg: number;
  readonly neededKg: number;
  readonly middleKg: number;
  readonly lasts: number;
  readonly twenty: readonly (number | null)[];
  readonly amounts: readonly { readonly kg: number; readonly lasts: number }[];
  /** Chance with the same ice in the shade (when it stands in the sun), and with a box cooled before (when it was not). */
  readonly inShade: number | null;
  readonly cooled: number | null;
  /** Ice that a cooled box in the shade would need, kg. */
  readonly bestKg: number;
}

const RUNS = 5000;
const SEED = 12;
/** A day's air differs from what is said of it by so much, 1 sd, K. */
const AIR_SD = 2.5;
/** What a hand can pour, kg; what two amounts beside each other differ by. */
const [STEP_KG, BESIDE_KG] = [0.5, 2];
const up = (kg: number): number => Math.ceil(kg / STEP_KG) * STEP_KG;

/** Many days like the one that is planned, beside the page: whether the ice lasts, how much is needed, what would help. */
export function planOdds(asked: OddsAsked, progress: (share: number) => void = () => undefined): OddsTold {
  const { plan, day } = asked;
  const classes = plan.classes.map((c) => ({
    fat: c.fat,
    release: releaseOf({ radiusM: c.radiusM, exponent: c.exponent, material: flesh(c.fat) }),
  }));
  const parts = 5;
  const of = (part: number, more: { iceKg: number; sunH?: []; precooled?: boolean }): Odds =>
    iceOdds(
      {
        seed: SEED,
        runs: RUNS,
        litres: plan.litres,
        leak: plan.leak,
        homeH: day.homeH,
        airC: day.airC,
        airSdC: AIR_SD,
        waterC: day.waterC,
        sunH: asked.sun ? day.sunH : [],
        precooled: asked.precooled,
        classes,
        trips: plan.trips,
        ...more,
      },
      (share) => progress((part + share) / parts),
    );
  // What melts does not depend on what is carried: the first answer says how much is needed.
  const first = of(0, { iceKg: asked.iceKg ?? 0 });
  const iceKg = asked.iceKg ?? up(first.neededKg);
  const own = asked.iceKg === null ? of(1, { iceKg }) : first;
  const best = of(2, { iceKg, sunH: [], precooled: true });
  const amounts = [iceKg - BESIDE_KG, iceKg, iceKg + BESIDE_KG].filter((kg) => kg > 0);
  return {
    iceKg,
    neededKg: up(first.neededKg),
    middleKg: first.middleKg,
    lasts: own.lasts,
    twenty: own.twenty,
    amounts: amounts.map((kg) => ({ kg, lasts: lastsWith(own, kg) })),
    inShade: asked.sun ? of(3, { iceKg, sunH: [] }).lasts : null,
    cooled: asked.precooled ? null : of(4, { iceKg, precooled: true }).lasts,
    bestKg: up(best.neededKg),
  };
}
