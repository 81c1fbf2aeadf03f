import type { Bladder, Hazard } from '../species/index.ts';
import { METRIC, sayDepth, type Units } from '../units/index.ts';

/** What is needed of a species to say how it is let go. */
export interface Releasable {
  readonly name: string;
  readonly hazards: readonly Hazard[];
  /** As its file says it; left out by species written before there was such a line. */
  readonly release?: string;
  /** Left out: not known. */
  readonly bladder?: Bladder;
}

/** What holds of every fish that goes back, beside its own way. */
export const RELEASE_ALWAYS: readonly string[] = ['Leave a deep hook in: cut the line close to it, and do not pull.'];

/**
 * From so deep on, m, the gas in a closed swim bladder has doubled by the time it is up. Usual guidance of fisheries offices;
 * signs are seen from here on, and in most fish from 20 m.
 */
export const SWELLS_FROM_M = 10;

const UNKNOWN = 'In the water, without touching it: long pliers, or cut the line. It has no name yet, and may sting.';

/**
 * How a fish is let go, from the species it may be, each sentence once. One whose file says nothing and that can sting, cut
 * or bite is never let go by hand. Of no species: as if it could sting.
 */
export function releaseSentences(species: readonly Releasable[]): string[] {
  if (species.length === 0) return [UNKNOWN];
  return [...new Set(species.map((s) => s.release ?? untold(s)))];
}

const untold = (s: Releasable): string =>
  s.hazards.length > 0
    ? 'In the water: long pliers on the hook, or cut the line. Never by hand.'
    : 'In the water if possible, otherwise in wet hands: hold it upright until it swims off.';

/**
 * What coming up from the deep does to a fish of these kinds, and what helps, each sentence once. `depthM`: of the water it
 * came from, null when it was not noted. None where nothing is to be feared: no bladder, or water that is shallow enough.
 */
export function deepSentences(
  species: readonly Releasable[],
  depthM: number | null,
  units: Units = METRIC,
): readonly string[] {
  if (depthM !== null && depthM < SWELLS_FROM_M) return [];
  const of = species.length === 0 ? [undefined] : species.map((s) => s.bladder);
  return [...new Set(of.flatMap((bladder) => upFromTheDeep(bladder, depthM, units) ?? []))];
}

function upFromTheDeep(bladder: Bladder | undefined, depthM: number | null, units: Units): string | null {
  if (bladder === 'none') return null;
  const from = depthM === null ? null : `Up from ${sayDepth(depthM, units)} it`;
  if (bladder === 'open')
    return `${from ?? 'Up from deep water it'} releases gas through its mouth: hold it upright in the water until it has.`;
  if (bladder === undefined)
    return 'If it floats, swollen, send it down at once with a descender (a weight with a release clip). Do not puncture it.';
  return `${from ? `${from} is` : `From ${sayDepth(SWELLS_FROM_M, units)} and deeper it comes up`} swollen inside and cannot sink: send it down at once with a descender (a weight with a release clip). Do not puncture it.`;
}
