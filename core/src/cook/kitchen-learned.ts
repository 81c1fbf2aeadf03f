import { CHART_SPREAD } from './charts.ts';
import type { Place } from './method.ts';

/** One fish that was cooked and read: so many times as long as was calculated without knowing the kitchen, and how sure that is. */
export interface CookedOnce {
  /** Its way, and where that is done. */
  readonly way: string;
  readonly place: Place;
  readonly times: number;
  /** Of the logarithm of `times`, 1 sd. */
  readonly sd: number;
}

/** What a kitchen takes for a way: so many times as long as calculated, nine in ten between `low` and `high`; from how many dinners. */
export interface KitchenTimes {
  readonly times: number;
  readonly low: number;
  readonly high: number;
  /** Of the logarithm, 1 sd: what is still not known. */
  readonly sd: number;
  /** Dinners by this way; dinners at all. */
  readonly ofWay: number;
  readonly inAll: number;
}

const NINE_IN_TEN = 1.645;
/** Kitchens differ from the charts as the charts differ from each other: 1 sd of the logarithm. */
const CHARTS_SD = Math.log(1 + CHART_SPREAD) / NINE_IN_TEN;
/** Its share by the cook, by where it is cooked (ring, oven, grill) and by the way, so that together they are `CHARTS_SD`. Our own assumption. */
const [COOK_SD, PLACE_SD, WAY_SD] = [0.6, 0.55, 0.58].map((share) => share * CHARTS_SD) as [number, number, number];

/** A normal estimate by its mean and its precision, 1/variance; precision 0 knows nothing. */
interface Known {
  readonly mean: number;
  readonly precision: number;
}
const NOTHING: Known = { mean: 0, precision: 0 };
const together = (list: readonly Known[]): Known => {
  const precision = list.reduce((sum, k) => sum + k.precision, 0);
  return precision === 0
    ? NOTHING
    : { mean: list.reduce((sum, k) => sum + k.mean * k.precision, 0) / precision, precision };
};
/** The same seen from one level further: so much less sure. */
const across = ({ mean, precision }: Known, sd: number): Known =>
  precision === 0 ? NOTHING : { mean, precision: 1 / (1 / precision + sd ** 2) };

/**
 * What a kitchen takes for a way, learned from what was cooked in it: a normal hierarchy of cook, place and way over the logarithm of how
 * many times as long it took. What a roast says of its cook counts a little for the pan as well. Of no dinners: once, as sure as the charts.
 * Two pans that took 1.3 times as long, each known to a tenth: 1.20 (1.09 to 1.33). Gelman and others, _Bayesian Data Analysis_, ch. 5.
 */
export function learnKitchen(seen: readonly CookedOnce[], way: string, place: Place): KitchenTimes {
  const said = (list: readonly CookedOnce[]): Known =>
    together(list.map((s) => ({ mean: Math.log(s.times), precision: 1 / s.sd ** 2 })));
  const byWay = (list: readonly CookedOnce[]): Known[] =>
    [...new Set(list.map((s) => s.way))].map((w) => across(said(list.filter((s) => s.way === w)), WAY_SD));
  const own = seen.filter((s) => s.way === way);
  const beside = seen.filter((s) => s.way !== way && s.place === place);
  const elsewhere = seen.filter((s) => s.way !== way && s.place !== place);
  const cook = together([
    { mean: 0, precision: 1 / COOK_SD ** 2 },
    ...[...new Set(elsewhere.map((s) => s.place))].map((p) =>
      across(together(byWay(elsewhere.filter((s) => s.place === p))), PLACE_SD),
    ),
  ]);
  const here = together([across(cook, PLACE_SD), ...byWay(beside)]);
  const { mean, precision } = together([across(here, WAY_SD), said(own)]);
  const sd = Math.sqrt(1 / precision);
  return {
    times: Math.exp(mean),
    low: Math.exp(mean - NINE_IN_TEN * sd),
    high: Math.exp(mean + NINE_IN_TEN * sd),
    sd,
    ofWay: own.length,
    inAll: seen.length,
  };
}

/** What a dish was calculated to: its minutes on the heat and the middles at their beginning and end, degC. */
export interface Calculated {
  readonly cookMin: number;
  readonly startC: number;
  readonly pulledC: number;
  /** Of the pan, oven, oil or liquid, degC. */
  readonly mediumC: number;
}

/** Flesh nears the heat it is in, at most that of boiling water, degC. */
const BOILS_C = 100;
/** A middle that has not come so far says nothing yet, share of its way to the pull. */
const LEAST_SHARE = 0.5;

/** Minutes until a middle was to come to `c` degC as it was calculated, near its heat exponentially (Newton); null of what it never comes to. */
export function minutesTo({ cookMin, startC, pulledC, mediumC }: Calculated, c: number): number | null {
  const heatC = Math.min(BOILS_C, mediumC);
  if (!(cookMin > 0 && pulledC > startC && c > startC && c < heatC - 2 && pulledC < heatC - 2)) return null;
  const way = (to: number): number => Math.log((heatC - startC) / (heatC - to));
  return (cookMin * way(c)) / way(pulledC);
}

/**
 * How many times as long as calculated a middle took to `c` degC in `atMin` minutes: both near their heat exponentially (Newton), so that a
 * reading before or after the pull can be held against it. Null for a reading that says too little. A roast of 10 min to 56 degC that
 * read 56 after 12: 1.2.
 */
export function timesAsLong(of: Calculated, atMin: number, c: number): number | null {
  const share = (c - of.startC) / (of.pulledC - of.startC);
  const calculated = minutesTo(of, c);
  if (calculated === null || !(atMin > 0 && share >= LEAST_SHARE)) return null;
  const times = atMin / calculated;
  // Beyond this something else happened: the wrong dish, a flame that went out.
  return times > 1 / 3 && times < 3 ? times : null;
}
