import { type Measured, measuredLogs } from './body-evidence.ts';
import { type Answers, CANNOT_TELL, type KeyTable, NONE, NONE_PRIOR } from './key-catalogue.ts';

/** What the answers say so far. */
export interface Ranking {
  /** Probability of each hypothesis, in the table's order (species, then none). Sums to 1. */
  readonly posterior: Float64Array;
  /** Probability of each look (a form of a species), in the table's order. Sums to 1. */
  readonly looks: Float64Array;
  /** The same by species, the likeliest first. */
  readonly candidates: readonly { readonly id: string; readonly p: number }[];
  /** Entropy in bits: 0 = one hypothesis stands alone. */
  readonly entropy: number;
}

/** Beforehand: shares by species id (need not sum to 1; a species left out counts as nothing). Without it all are alike. */
export type KeyPrior = Readonly<Record<string, number>> | null;

/** Shannon entropy in bits. Terms of nothing count as nothing. */
export function entropyBits(p: Float64Array): number {
  let h = 0;
  for (const x of p) if (x > 0) h -= x * Math.log2(x);
  return h;
}

/** exp and normalise, from the largest down, so that nothing overflows. */
function normalise(logs: Float64Array): Float64Array {
  const top = logs.reduce((a, b) => Math.max(a, b), Number.NEGATIVE_INFINITY);
  const p = logs.map((l) => Math.exp(l - top));
  const sum = p.reduce((a, b) => a + b, 0);
  return p.map((x) => x / sum);
}

/**
 * Bayes over a catalogue: prior times the likelihood of every answer and of what was measured, in log space.
 * "None of these" takes part with flat traits and a small prior, so that answers that fit no species say so.
 * An answer to an unknown trait or with an unknown state is a broken call (RangeError).
 */
export function rankSpecies(
  table: KeyTable,
  answers: Answers,
  prior: KeyPrior = null,
  measured: Measured = {},
): Ranking {
  const n = table.looks.length;
  const logs = new Float64Array(n);
  const species = table.catalogue.species;
  const said = prior ? species.reduce((sum, s) => sum + (prior[s.id] ?? 0), 0) : 0;
  // A prior that knows none of these species says nothing: all are alike then.
  const known = said > 0 ? prior : null;
  const total = known ? said : species.length;
  const body = measuredLogs(species, measured);
  table.looks.forEach((look, i) => {
    const s = species[look.of];
    const share = s ? ((known ? (known[s.id] ?? 0) : 1) / total) * look.share * (1 - NONE_PRIOR) : NONE_PRIOR;
    logs[i] = Math.log(share) + (body[look.of] ?? 0);
  });
  for (const [traitId, stateId] of Object.entries(answers)) {
    if (stateId === CANNOT_TELL) continue;
    const row = table.rows.find((r) => r.trait.id === traitId);
    const k = row?.trait.states.findIndex((s) => s.id === stateId) ?? -1;
    if (!row || k < 0) throw new RangeError(`rankSpecies: no state "${stateId}" of trait "${traitId}"`);
    const s = row.trait.states.length;
    for (let i = 0; i < n; i++) logs[i] = (logs[i] ?? 0) + Math.log(row.byLook[i * s + k] ?? 0);
  }
  const looks = normalise(logs);
  const posterior = new Float64Array(table.ids.length);
  table.looks.forEach((look, i) => (posterior[look.of] = (posterior[look.of] ?? 0) + (looks[i] ?? 0)));
  const candidates = table.ids
    .map((id, i) => ({ id, p: posterior[i] ?? 0 }))
    .sort((a, b) => b.p - a.p || (a.id === NONE ? 1 : b.id === NONE ? -1 : a.id < b.id ? -1 : 1));
  return { posterior, looks, candidates, entropy: entropyBits(posterior) };
}
