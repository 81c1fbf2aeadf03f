import { iceOdds, lastsWith, type Odds, releaseOf } from '@dagboek/core/box';
import { flesh } from '@dagboek/core/heat';
import type { IcePlan } from '@dagboek/journal';
import type { Progress } from './jobs.ts';

/** What is asked of the odds: a plan, the day, and the ice that is carried; null: as much as nineteen days in twenty need. */
export interface OddsAsked {
  readonly plan: IcePlan;
  readonly iceKg: number | null;
  readonly homeH: number;
  readonly airC: number;
  readonly waterC: number;
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
export function planOdds(asked: OddsAsked, progress: Progress): OddsTold {
  const { plan } = asked;
  const classes = plan.classes.map((c) => ({
    fat: c.fat,
    release: releaseOf({ radiusM: c.radiusM, exponent: c.exponent, material: flesh(c.fat) }),
  }));
  const parts = 3;
  const of = (part: number, more: { iceKg: number; sun?: boolean; precooled?: boolean }): Odds =>
    iceOdds(
      {
        seed: SEED,
        runs: RUNS,
        litres: plan.litres,
        leak: plan.leak,
        homeH: asked.homeH,
        airC: asked.airC,
        airSdC: AIR_SD,
        waterC: asked.waterC,
        sun: asked.sun,
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
  const best = of(2, { iceKg, sun: false, precooled: true });
  const amounts = [iceKg - BESIDE_KG, iceKg, iceKg + BESIDE_KG].filter((kg) => kg > 0);
  return {
    iceKg,
    neededKg: up(first.neededKg),
    middleKg: first.middleKg,
    lasts: own.lasts,
    twenty: own.twenty,
    amounts: amounts.map((kg) => ({ kg, lasts: lastsWith(own, kg) })),
    inShade: asked.sun ? of(2, { iceKg, sun: false }).lasts : null,
    cooled: asked.precooled ? null : of(2, { iceKg, precooled: true }).lasts,
    bestKg: up(best.neededKg),
  };
}
