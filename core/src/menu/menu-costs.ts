import { PLATE_G } from '../plates/index.ts';
import type { MenuPack } from './menu.ts';

/** What each soft wish costs, in plates of waste a tenth. Waste itself is reckoned first, and alone: nothing below buys any of it. */
export const COSTS = {
  /** A plate thrown away though it was cooked. */
  waste: 10,
  /** A plate that somebody has too little. */
  short: 1,
  /** A plate, for each day that it is past its best; at most `latest`. */
  late: 0.8,
  latest: 4,
  /** A plate of raw fish, for each day that it waits in the fridge. */
  waits: 0.05,
  /** A plate of cooked fish that is left over for the next day: the same again, and not as good. */
  over: 0.8,
  /** The same kind on the next day; a kind for a third time. */
  nextDay: 1.5,
  third: 2,
  /** A kind that one of those at home would rather not eat. */
  disliked: 0.8,
  /** A unit of mercury beyond the advice, for each that eats it. */
  mercury: 2,
  /** A pack on the table for a second meal; one that is begun and not finished. */
  again: 0.3,
  begun: 0.4,
  /** A meal of fish on a day on which nobody asked for one. */
  unasked: 0.25,
  /** A plate that is at its best no later than the plan’s end, and has no meal. */
  best: 2,
} as const;

/** Units of mercury of a plate: a kind with some of it counts one, one with much three. */
export const MERCURY_UNITS = { low: 0, some: 1, high: 3 } as const;
/**
 * Units of 30 days: those at risk a plate of a kind with some each week, others three times that. A soft limit, after the advice of the
 * United States FDA and EPA about eating fish; a kind with much is no choice for those at risk at all (`mustNot`).
 */
export const mercuryLimit = (atRisk: boolean): number => (atRisk ? 4 : 12);

/** Meat of a pack, in plates: 320 g are two. */
export const plates = (p: MenuPack): number => p.meatG / PLATE_G;

/** How much a pack that keeps beyond the plan pulls to the table now: those whose best ends soon more, one of months hardly. */
export const pull = (p: MenuPack, days: number): number =>
  p.bestDay < days ? COSTS.best : Math.max(0.02, 1 / (2 + p.bestDay - days));

/** What a plate of a pack costs on a day for being past its best, and for waiting raw in the fridge. */
export const lateCost = (p: MenuPack, d: number): number =>
  Math.min(COSTS.latest, COSTS.late * Math.max(0, d - p.bestDay)) + (p.place === 'fridge' ? COSTS.waits * d : 0);
