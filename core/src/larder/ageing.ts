import { type SpoilageModel, spoilageRate } from '../fresh/index.ts';
import { sayMass, sayTemperature, type Units } from '../units/index.ts';

/** Cold and damp in which whole fish is aged. Source: domain notes, section 7: 0 to 2 degC, 80 to 90 % humidity; a degree more is borne. */
export const AGEING = {
  c: [0, 2] as const,
  warmestC: 3,
  damp: [80, 90] as const,
  /** It loses a hundredth or two a day at first, share of its mass; and never more than about so much as a fish that is still moist. */
  lossADay: [0.01, 0.02] as const,
  mostLoss: 0.18,
  /** Best within these days, whatever else. */
  days: [3, 10] as const,
  /** Ready from when this share of its keeping time is used, and to be eaten before that one: our own assumption. */
  used: [0.45, 0.75] as const,
  /** Less than this dries through before it ages, g. */
  leastG: 500,
} as const;

/** A weighing on the rack: days since it was hung, and its mass, g. */
export interface RackWeighing {
  readonly days: number;
  readonly massG: number;
}

/** The weight that a hanging fish loses, as a curve: share lost after t days is `most * (1 - exp(-perDay * t / most))`. */
export interface LossCurve {
  /** Share of its mass that it loses in the first day. */
  readonly perDay: number;
  /** One standard deviation of it; from the weighings and what is usual. */
  readonly sd: number;
  /** So many weighings it was fitted to. */
  readonly n: number;
}

const shareLost = (perDay: number, days: number): number =>
  AGEING.mostLoss * (1 - Math.exp((-perDay * days) / AGEING.mostLoss));

/** What is usual: one and a half hundredths a day, one standard deviation half a hundredth. */
const PRIOR = { mean: 0.015, sd: 0.005 } as const;
/** A kitchen scale, a towel and a drip, share of the mass. */
const WEIGHING_SD = 0.003;

/**
 * The curve of weight fitted to the weighings of one fish: the likeliest loss a day, from what is usual and what the scale said. `atStartG`: its
 * mass when it was hung. Weighings of the first hour say nothing; one above the start counts as no loss.
 */
export function lossCurve(atStartG: number, weighings: readonly RackWeighing[]): LossCurve {
  const seen = weighings.filter((w) => w.days >= 1 / 24 && w.massG > 0 && atStartG > 0);
  let r: number = PRIOR.mean;
  let precision = 1 / PRIOR.sd ** 2;
  // Gauss-Newton: the curve is nearly straight in the loss a day, so that a few steps are exact.
  for (let step = 0; step < 12; step++) {
    let a = 1 / PRIOR.sd ** 2;
    let b = (PRIOR.mean - r) / PRIOR.sd ** 2;
    for (const w of seen) {
      const lost = Math.max(0, 1 - w.massG / atStartG);
      const slope = w.days * Math.exp((-r * w.days) / AGEING.mostLoss);
      a += (slope / WEIGHING_SD) ** 2;
      b += (slope * (lost - shareLost(r, w.days))) / WEIGHING_SD ** 2;
    }
    r = Math.max(0, r + b / a);
    precision = a;
  }
  return { perDay: r, sd: 1 / Math.sqrt(precision), n: seen.length };
}

/** What it weighs after so many days, g: [the least, what is likely, the most], two standard deviations apart. */
export function weightAfter(atStartG: number, curve: LossCurve, days: number): readonly [number, number, number] {
  const at = (perDay: number): number => atStartG * (1 - shareLost(Math.max(0, perDay), days));
  return [at(curve.perDay + 2 * curve.sd), at(curve.perDay), at(curve.perDay - 2 * curve.sd)];
}

/**
 * From which day to which a hanging fish is ready, counted from when it was hung: by the share of its keeping time that is used, in a store
 * as warm as this one. `usedThen`: its share when it was hung. Null when it has no days left to age in.
 */
export function readyWindow(
  usedThen: number,
  iceDays: number,
  storeC: number,
  model: SpoilageModel = 'temperate',
): { readonly from: number; readonly to: number } | null {
  const aDay = spoilageRate(Math.max(-4.9, storeC), model) / iceDays;
  const to = Math.min(AGEING.days[1], Math.floor((AGEING.used[1] - usedThen) / aDay + 1e-9));
  if (to < AGEING.days[0]) return null;
  const from = Math.max(AGEING.days[0], Math.ceil((AGEING.used[0] - usedThen) / aDay - 1e-9));
  return { from: Math.min(from, to), to };
}

/** What is asked before a fish is aged, and while it hangs. */
export interface AgeingFacts {
  readonly whole: boolean;
  readonly gutted: boolean;
  readonly massG: number;
  readonly thawed: boolean;
  readonly rinsed: boolean;
  readonly histamine: 'none' | 'within' | 'near' | 'over';
  readonly gutBurst: boolean;
  readonly skinBroken: boolean;
  /** A find that forbids to eat it, or to eat it but cooked at once. */
  readonly soft: boolean;
  readonly storeC: number;
  readonly storeRead: boolean;
  /** Relative humidity as it was read, %; null: not read. */
  readonly damp: number | null;
  readonly window: { readonly from: number; readonly to: number } | null;
}

/** What forbids to age a fish, each with its reason: it is eaten, or put on ice, now. */
export function mustNotAge(f: AgeingFacts, units?: Units): string[] {
  const out: string[] = [];
  if (!f.whole) out.push('Only a whole fish is aged: a cut surface spoils and dries.');
  if (f.thawed) out.push('It was frozen: eat thawed fish by the next day.');
  if (f.histamine === 'over') out.push('It is over the histamine limit.');
  // The clock counts nothing below 4.4 degC; Morganella psychrotolerans and Photobacterium go on at 0 to 5.
  // Source: FAO/WHO 2013, histamine in fish; Emborg and Dalgaard 2006.
  else if (f.histamine !== 'none')
    out.push(
      `This species forms histamine. Some of the bacteria that make it grow even at 0 to ${sayTemperature(5, units)}: it is not suitable for ageing.`,
    );
  if (f.gutBurst) out.push('The gut burst: the belly keeps spoiling from inside.');
  if (f.skinBroken) out.push('The skin is broken: the flesh underneath dries and spoils.');
  if (f.soft) out.push('Its flesh is soft: it has aged already.');
  if (f.storeRead && f.storeC > AGEING.warmestC)
    out.push(
      `The rack reads ${sayTemperature(f.storeC, units)}: above ${sayTemperature(AGEING.warmestC, units)} it spoils rather than ages.`,
    );
  if (f.window === null) out.push('Too much of its storage time is used: no days are left for ageing.');
  return out;
}

/** What to mind though it may be aged. */
export function mindAgeing(f: AgeingFacts, units?: Units): string[] {
  const out: string[] = [];
  if (!f.gutted)
    out.push('First gut it, remove the gills and scrape out the blood line: what is left inside spoils it.');
  if (f.rinsed) out.push('It was rinsed in fresh water: wipe it dry inside and out, and look at it twice a day.');
  if (f.massG < AGEING.leastG) out.push(`Below ${sayMass(AGEING.leastG, units)} a fish dries out before it ages.`);
  if (!f.storeRead) out.push('The rack was not measured: the days depend on its temperature.');
  if (f.damp === null) out.push(`Humidity was not measured: ${AGEING.damp[0]} to ${AGEING.damp[1]} % is right.`);
  else if (f.damp < AGEING.damp[0])
    out.push(`${f.damp} % is dry: the skin hardens and the flesh beneath stays as it was.`);
  else if (f.damp > AGEING.damp[1]) out.push(`${f.damp} % is damp: slime grows. Let air move about it.`);
  return out;
}

/** What is normal on the rack, and what is not. */
export const AGEING_SIGNS: readonly string[] = [
  'Normal: the skin dry and tight as parchment, the flesh firmer, a clean smell of the sea, of butter or of cucumber.',
  'Not normal: slime that strings, a sour, sweet or ammonia smell, grey-green or pink spots, a belly that gives. Then it is thrown away.',
];

/** The authorities know no ageing of fish at home. */
export const AGEING_AUTHORITY =
  'There is no official limit for ageing fish at home. For raw fish in the fridge it is 2 days. Pregnant, very young or old people, and people with a weak immune system, eat it only cooked through.';
