import { sayAll } from '../units/index.ts';
import { CORE_LINES } from '../harm/index.ts';

/** How done the crew of a house likes its fish, in the words of a meal. */
export const DONE_WAYS = ['glassy', 'just parts', 'moist', 'the line'] as const;
export type DoneWay = (typeof DONE_WAYS)[number];

/** What a way of being done is: the middle at its warmest, degC, and what is seen there. */
export interface Done {
  readonly coreC: number;
  readonly says: string;
}

/** Middles by the way of the house: docs/domain.md, section 5. The line is that of the US authority, 15 s. */
export const DONE: Readonly<Record<DoneWay, Done>> = {
  glassy: { coreC: 51, says: 'glassy in the middle, warm, flakes cling' },
  'just parts': { coreC: 56, says: 'flakes just part, a shade of glass at the bone' },
  moist: { coreC: 60, says: 'moist and white through' },
  'the line': { coreC: CORE_LINES.usC, says: 'firm and white through, nothing glassy' },
};

/** What is asked before a lower choice than the authority's line may be made. */
export interface DoneAsked {
  /** Kinds that carry flukes or other things that only heat ends: `raw.verdict` is `cook` or `never`. */
  readonly cookThrough: readonly { readonly name: string; readonly why: string }[];
  /** Worms were seen in what is cooked, by the pack's own name. */
  readonly seen: readonly string[];
  /** Names of those at risk who eat. */
  readonly atRisk: readonly string[];
  /** What of it comes from the inside of a fish, where worms and germs are: "roe", "liver". */
  readonly inside?: readonly string[];
  /** Guests eat, of whom nobody knows who is at risk. */
  readonly guests: boolean;
}

/** Why there is no lower choice than the line: empty when there is one. */
export function whyOnlyTheLine({ cookThrough, seen, inside = [], atRisk, guests }: DoneAsked): string[] {
  return [
    ...cookThrough.map((k) => `${k.name} is not safe raw, so cook it through. ${k.why}`),
    ...seen.map((of) => `${of}: worms were seen in it, so cook it through.`),
    ...inside.map((of) => `Cook ${of} through: worms and germs of the belly may be in it.`),
    ...(atRisk.length > 0 ? [`${sayAll(atRisk)} eats it cooked through.`.replace(/^(.* and .*) eats/, '$1 eat')] : []),
    ...(guests ? ['A guest may be at risk: cook it through.'] : []),
  ];
}

/**
 * Why nothing is left to coasting, and the middle comes to what was chosen in the fire: the first reason against a lower choice, or that it
 * might not be eaten raw. Null where it may coast.
 */
export function whyInTheFire(only: readonly string[], mayBeRaw: boolean): string | null {
  return only[0] ?? (mayBeRaw ? null : 'The conditions for eating this fish raw are not met.');
}

/** What a middle was that was found so at the table, degC, and how far that may be off, 1 sd: from the bounds of `doneAt`. Our own assumption. */
export const FOUND: Readonly<
  Record<'glassy' | 'just parts' | 'moist' | 'dry', { readonly c: number; readonly sd: number }>
> = {
  glassy: { c: 50, sd: 2.5 },
  'just parts': { c: 56, sd: 2 },
  moist: { c: 63, sd: 4 },
  dry: { c: 75, sd: 5 },
};

/** The way a middle came to, degC; null below the lowest of them. */
export function doneAt(coreC: number): 'glassy' | 'just parts' | 'moist' | 'dry' | null {
  if (coreC < 45) return null;
  if (coreC < 53.5) return 'glassy';
  if (coreC < 58) return 'just parts';
  // 70 degC for two minutes is the line of the UK: what meets it is firm, and no fault.
  return coreC < 72 ? 'moist' : 'dry';
}

/** Whether worms are dead at a middle held so long: 60 degC for a minute. */
export const killsWorms = (coreC: number, heldS: number): boolean =>
  coreC >= CORE_LINES.parasitesC && heldS >= CORE_LINES.parasitesMin * 60;
