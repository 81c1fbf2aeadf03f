import { type SpoilageModel, spoilageRate } from '../fresh/index.ts';
import { addDays, daysBetween } from '../time/index.ts';
import type { KeepUntil, PackPlace } from './keep-until.ts';
import { storeAt, type StoreCourse } from './store-course.ts';
import { meanRate } from './store-rates.ts';

/** How many days of its table a day in a store costs, for each of the two lines. */
export interface KeepRate {
  readonly authority: number;
  readonly careful: number;
}

/** The authority's days in the fridge hold up to here; the careful keeper's table is for a fridge of 4, degC. */
const [AUTHORITY_FRIDGE_C, CAREFUL_FRIDGE_C] = [5, 4] as const;
/** On ice a careful keeper has a day more than in the fridge: four for three. */
const ON_ICE = 0.75;
/** The tables of frozen fish are for this, degC. */
export const FREEZER_C = -18;
/**
 * Quality frozen is lost so many times as fast for ten degrees: cod keeps 1 month at -9, 4 at -21, 8 at -29 degC, oily fish 1, 3 and 6.
 * Source: FAO, Torry Advisory Note 28, The handling and storage of frozen fish; the same in FAO Fisheries Technical Paper 340.
 */
const Q10 = 2.8;
/** A colder freezer than the table's lengthens the careful line by half at most; the authority's it does not. */
const COLDEST = 1 / 1.5;

/** How fast a pack's days go at a temperature; 1 at that of the tables. Rises with it. */
export function keepRate(place: PackPlace, c: number, model: SpoilageModel = 'temperate'): KeepRate {
  if (place === 'freezer') {
    const q = Q10 ** ((c - FREEZER_C) / 10);
    return { authority: Math.max(1, q), careful: Math.max(COLDEST, q) };
  }
  const r = (x: number): number => spoilageRate(Math.max(-4.9, x), model);
  return {
    authority: Math.max(1, r(c) / r(AUTHORITY_FRIDGE_C)),
    careful: Math.max(ON_ICE, r(c) / r(CAREFUL_FRIDGE_C)),
  };
}

/** How a pack lay: since which day in places of one class, through which stores, one after the other. */
export interface LainSo {
  readonly place: PackPlace;
  readonly since: string;
  readonly today: string;
  readonly nowMs: number;
  /** Stays in order, the last one up to now. */
  readonly stays: readonly { readonly fromMs: number; readonly toMs: number; readonly course: StoreCourse }[];
  readonly model?: SpoilageModel;
}

const DAY_MS = 86_400_000;

/** The mean rate of a pack's stays, and the one at which its days go now. */
export function ratesOf(of: LainSo): { readonly mean: KeepRate; readonly now: KeepRate } {
  const last = of.stays.at(-1);
  const now = last ? keepRate(of.place, storeAt(last.course, of.nowMs), of.model) : { authority: 1, careful: 1 };
  const all = of.stays.reduce((ms, s) => ms + Math.max(0, s.toMs - s.fromMs), 0);
  if (!(all > 0)) return { mean: now, now };
  const mean = (line: keyof KeepRate): number => {
    const rate = { name: `${of.place} ${of.model} ${line}`, of: (c: number) => keepRate(of.place, c, of.model)[line] };
    const sum = of.stays.reduce(
      (ms, s) => ms + Math.max(0, s.toMs - s.fromMs) * meanRate(s.course, s.fromMs, s.toMs, rate),
      0,
    );
    return sum / all;
  };
  return { mean: { authority: mean('authority'), careful: mean('careful') }, now };
}

/**
 * When a pack must be eaten by how warm its stores truly were: `base` is its table by the day (`keepUntil`); each day gone by cost the
 * mean rate of its stays, each to come costs the rate of now. At the table's own temperature it is the table itself.
 */
export function keepInStore(base: KeepUntil, of: LainSo): KeepUntil {
  const { mean, now } = ratesOf(of);
  const gone = of.stays.reduce((ms, s) => ms + Math.max(0, s.toMs - s.fromMs), 0) / DAY_MS;
  const shifted = (until: string, line: keyof KeepRate): string => {
    if (mean[line] === 1 && now[line] === 1) return until;
    const budget = daysBetween(of.since, until);
    const left = budget - daysBetween(of.since, of.today) - gone * (mean[line] - 1);
    return addDays(of.today, Math.floor(left / now[line] + 1e-9));
  };
  const authority = shifted(base.authority, 'authority');
  const own = shifted(base.careful, 'careful');
  // In the freezer the careful line is the earlier one, of quality; in the fridge it may be later than the authority's.
  const careful = of.place === 'freezer' && own > authority ? authority : own;
  return { authority, careful, eatBy: careful < authority ? careful : authority };
}
