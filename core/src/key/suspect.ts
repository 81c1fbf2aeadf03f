import { type Answers, CANNOT_TELL, type KeyTable, NONE, type Trait } from './key-catalogue.ts';
import type { Ranking } from './rank-species.ts';
import { partingTraits } from './split-pair.ts';

/** A question that would tell a suspected species from the rival named. */
export interface SuspectQuestion {
  readonly trait: Trait;
  readonly rival: string;
}

/** Below this a trait does not part two species well enough to be asked for it, bits. */
const PARTS_BITS = 1;
/** Rivals that are still in the race; the less likely ones are left out. */
const RIVALS = 4;

/**
 * What to look at when a name is suspected ("is it a brill?"): the mark that best parts it from its rivals, the likeliest
 * rival first. Rivals are those it is taken for (`lookalikes`) and whatever else the answers leave likely. Null when every
 * such mark has been looked at.
 */
export function nextForSuspect(
  table: KeyTable,
  ranking: Ranking,
  answers: Answers,
  suspect: string,
  lookalikes: readonly string[],
): SuspectQuestion | null {
  const p = new Map(ranking.candidates.map((c) => [c.id, c.p]));
  const others = ranking.candidates
    .map((c) => c.id)
    .filter((id) => id !== suspect && id !== NONE && !lookalikes.includes(id))
    .slice(0, RIVALS);
  const rivals = [...lookalikes.filter((id) => p.has(id)), ...others]
    .filter((id) => id !== suspect)
    .map((id, i) => ({ id, i, p: p.get(id) ?? 0 }))
    // Those it is taken for come first while nothing has spoken against them.
    .sort((a, b) => Number(b.p >= 0.01) - Number(a.p >= 0.01) || a.i - b.i);
  for (const { id } of rivals) {
    const open = partingTraits(table, suspect, id).find((x) => x.bits >= PARTS_BITS && !(x.trait.id in answers));
    if (open) return { trait: open.trait, rival: id };
  }
  return null;
}

/** What an answer says of one species against all others together, bits: above 0 it speaks for it. */
export interface Evidence {
  readonly trait: Trait;
  readonly stateId: string;
  readonly bits: number;
}

/**
 * The answers as evidence on one species: log2 of P(answer | it) over the mean of P(answer | another), the others weighted
 * as `weights` says (shares beforehand; alike without). In the order of the answers. Empty for an unknown species.
 */
export function evidenceOn(
  table: KeyTable,
  id: string,
  answers: Answers,
  weights: Readonly<Record<string, number>> | null = null,
): Evidence[] {
  const i = table.ids.indexOf(id);
  if (i < 0) return [];
  return Object.entries(answers).flatMap(([traitId, stateId]) => {
    if (stateId === CANNOT_TELL) return [];
    const row = table.rows.find((r) => r.trait.id === traitId);
    const s = row?.trait.states.length ?? 0;
    const k = row?.trait.states.findIndex((x) => x.id === stateId) ?? -1;
    if (!row || k < 0) return [];
    let sum = 0;
    let total = 0;
    table.ids.forEach((other, j) => {
      if (j === i || other === NONE) return;
      const w = weights ? (weights[other] ?? 0) : 1;
      sum += w * (row.likelihood[j * s + k] ?? 0);
      total += w;
    });
    if (total === 0) return [];
    return [{ trait: row.trait, stateId, bits: Math.log2((row.likelihood[i * s + k] ?? 0) / (sum / total)) }];
  });
}
