import { isDangerous } from '../harm/index.ts';
import { type Answers, CANNOT_TELL, type KeyTable, NONE, type Trait } from './key-catalogue.ts';
import type { Ranking } from './rank-species.ts';

/** Symmetrised Kullback-Leibler divergence of two rows of likelihoods, bits. */
function divergence(row: KeyTable['rows'][number], a: number, b: number): number {
  const s = row.trait.states.length;
  let d = 0;
  for (let k = 0; k < s; k++) {
    const p = row.likelihood[a * s + k] ?? 0;
    const q = row.likelihood[b * s + k] ?? 0;
    if (p > 0 && q > 0) d += (p - q) * Math.log2(p / q);
  }
  return d;
}

/** A trait, and how well it tells two species apart: symmetrised Kullback-Leibler divergence, bits. */
export interface Parting {
  readonly trait: Trait;
  readonly bits: number;
}

/** The traits that tell two species apart, the best first. Empty when nothing does, or one is unknown. */
export function partingTraits(table: KeyTable, a: string, b: string): Parting[] {
  const [i, j] = [table.ids.indexOf(a), table.ids.indexOf(b)];
  if (i < 0 || j < 0 || i === j) return [];
  return table.rows
    .map((row) => ({ trait: row.trait, bits: divergence(row, i, j) }))
    .filter((x) => x.bits > 1e-9)
    .sort((x, y) => y.bits - x.bits);
}

/** The one trait that tells two species apart best. Null when nothing does, or one is unknown. */
export const splitPair = (table: KeyTable, a: string, b: string): Parting | null =>
  partingTraits(table, a, b)[0] ?? null;

/** How sure the whole is. `settled`: the best has 96 in 100 and its deciding mark against the nearest lookalike was seen. */
export type Certainty = 'open' | 'leaning' | 'nearly' | 'settled';

/** The species most like another one, by the sum of divergences over all traits. */
export function nearestLookalike(table: KeyTable, id: string): string | null {
  const i = table.ids.indexOf(id);
  if (i < 0 || id === NONE) return null;
  let nearest: { id: string; bits: number } | null = null;
  table.catalogue.species.forEach((s, j) => {
    if (j === i) return;
    const bits = table.rows.reduce((sum, row) => sum + divergence(row, i, j), 0);
    if (!nearest || bits < nearest.bits) nearest = { id: s.id, bits };
  });
  return (nearest as { id: string } | null)?.id ?? null;
}

/** A name is settled from here on. At 0.95 a simulated observer settled 2 in 100 wrongly, at 0.96 it is 1.3 (docs/key-numbers.md). */
export const SETTLED = 0.96;
/** With the splitting mark against it, a name needs this much to be settled all the same. */
const CONTRADICTED = 0.995;

/** P(observed state | species), the observer's error in it. */
function likelihoodOf(table: KeyTable, id: string, traitId: string, stateId: string): number {
  const row = table.rows.find((r) => r.trait.id === traitId);
  const k = row?.trait.states.findIndex((s) => s.id === stateId) ?? -1;
  return row && k >= 0 ? (row.likelihood[table.ids.indexOf(id) * row.trait.states.length + k] ?? 0) : 0;
}

/** Certainty of a ranking, and the mark that is still to be looked at before it is settled. A mark seen that speaks for the lookalike does not settle it. */
export function certaintyOf(
  table: KeyTable,
  ranking: Ranking,
  answers: Answers,
): { certainty: Certainty; stillToSee: Trait | null } {
  const best = ranking.candidates[0];
  if (!best || best.p < 0.45) return { certainty: 'open', stillToSee: null };
  if (best.p < 0.75) return { certainty: 'leaning', stillToSee: null };
  if (best.p < SETTLED) return { certainty: 'nearly', stillToSee: null };
  if (best.id === NONE) return { certainty: 'settled', stillToSee: null };
  const lookalike = nearestLookalike(table, best.id);
  const mark = lookalike ? splitPair(table, best.id, lookalike)?.trait : null;
  if (!mark || !lookalike) return { certainty: 'settled', stillToSee: null };
  const seen = answers[mark.id];
  if (seen === undefined || seen === CANNOT_TELL) return { certainty: 'nearly', stillToSee: mark };
  // A mark that speaks for the lookalike does not settle anything, however well the rest fits.
  const agrees = likelihoodOf(table, best.id, mark.id, seen) > likelihoodOf(table, lookalike, mark.id, seen);
  if (!agrees && best.p < CONTRADICTED) return { certainty: 'nearly', stillToSee: null };
  const against = markAgainstDanger(table, ranking, answers);
  return against ? { certainty: 'nearly', stillToSee: against } : { certainty: 'settled', stillToSee: null };
}

/** A dangerous candidate this likely keeps a harmless name from settling until what parts the two was looked at. */
const DANGER_COUNTS = 0.0005;
/** So many of them, and a mark that parts them by so many bits, are looked at; beyond that there is nothing to gain. */
const DANGERS = 3;
const PARTS_BITS = 2;
/** Marks against one danger that are asked for. */
const MARKS = 3;

/** The mark still to be looked at that parts a harmless leader from something that stings; null for a dangerous leader. */
function markAgainstDanger(table: KeyTable, ranking: Ranking, answers: Answers): Trait | null {
  const danger = (id: string): boolean => {
    const s = table.catalogue.species.find((x) => x.id === id);
    return s?.hazards !== undefined && isDangerous({ hazards: s.hazards });
  };
  const best = ranking.candidates[0];
  if (!best || best.id === NONE || danger(best.id)) return null;
  const rivals = ranking.candidates.filter((c) => c.p >= DANGER_COUNTS && danger(c.id)).slice(0, DANGERS);
  for (const { id } of rivals) {
    const marks = partingTraits(table, best.id, id).filter((x) => x.bits >= PARTS_BITS);
    const seen = marks.filter((x) => (answers[x.trait.id] ?? CANNOT_TELL) !== CANNOT_TELL).length;
    const open = marks.find((x) => !(x.trait.id in answers));
    if (open && seen < MARKS) return open.trait;
  }
  return null;
}

/** The answer that spoke most against a species, compared with the best: "you saw a barbel; pollack has none". Null when none did. */
export function whyFell(
  table: KeyTable,
  id: string,
  best: string,
  answers: Answers,
): { trait: Trait; stateId: string; bits: number } | null {
  const [i, j] = [table.ids.indexOf(id), table.ids.indexOf(best)];
  if (i < 0 || j < 0) return null;
  let worst: { trait: Trait; stateId: string; bits: number } | null = null;
  for (const row of table.rows) {
    const stateId = answers[row.trait.id];
    if (stateId === undefined || stateId === CANNOT_TELL) continue;
    const s = row.trait.states.length;
    const k = row.trait.states.findIndex((x) => x.id === stateId);
    const bits = Math.log2((row.likelihood[j * s + k] ?? 1) / (row.likelihood[i * s + k] ?? 1));
    if (bits > 0.5 && (!worst || bits > worst.bits)) worst = { trait: row.trait, stateId, bits };
  }
  return worst;
}

/** A probability in words, by its whole hundredths, since the number always stands with it. */
export function likelihoodWord(p: number): string {
  const n = Math.round(p * 100);
  if (n >= 95) return 'near certain';
  if (n >= 75) return 'very likely';
  if (n >= 45) return 'likely';
  if (n >= 15) return 'possible';
  return n >= 5 ? 'just possible' : 'hardly';
}

/** Species that still count while the key is unsettled: all with 5 in 100 or more. The strictest of their rules applies. */
export const stillPossible = (ranking: Ranking): string[] =>
  ranking.candidates.filter((c) => c.p >= 0.05 && c.id !== NONE).map((c) => c.id);

/** A candidate that can hurt is named from here on, however unlikely: danger outranks odds. */
export const WARNS_FROM = 0.01;
