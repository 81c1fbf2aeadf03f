import type { Answers, KeyTable, Trait } from './key-catalogue.ts';
import type { Ranking } from './rank-species.ts';

/** A question worth asking. */
export interface NextTrait {
  readonly trait: Trait;
  /** Expected drop in entropy, bits. Never below 0 but for rounding. */
  readonly dropBits: number;
  /** The same per unit of effort: what the questions are ordered by. */
  readonly worth: number;
}

/** Hypotheses below this weigh nothing in the choice of the next question. */
const NEGLIGIBLE = 1e-9;

/**
 * Expected drop in entropy from asking one trait, in bits: H(now) - sum over states of P(state) H(after state),
 * H being that over species; the forms of a species are summed before it is taken.
 * Worked without normalising each posterior: for unnormalised q with sum Z, H = log Z - (1/Z) sum q log q.
 */
export function expectedDrop(table: KeyTable, row: KeyTable['rows'][number], ranking: Ranking): number {
  const { looks } = table;
  const s = row.trait.states.length;
  let after = 0;
  for (let k = 0; k < s; k++) {
    let z = 0;
    let qlog = 0;
    let q = 0;
    for (let i = 0; i < looks.length; i++) {
      const p = ranking.looks[i] ?? 0;
      if (p >= NEGLIGIBLE) q += p * (row.byLook[i * s + k] ?? 0);
      if (looks[i + 1]?.of === looks[i]?.of) continue;
      if (q > 0) {
        z += q;
        qlog += q * Math.log2(q);
      }
      q = 0;
    }
    if (z > 0) after += z * Math.log2(z) - qlog;
  }
  return ranking.entropy - after;
}

/** The questions not yet answered, the most telling for its effort first. "Cannot tell" counts as answered. */
export function nextTraits(table: KeyTable, ranking: Ranking, answers: Answers): NextTrait[] {
  return table.rows
    .filter((r) => !(r.trait.id in answers))
    .map((r) => {
      const dropBits = expectedDrop(table, r, ranking);
      return { trait: r.trait, dropBits, worth: dropBits / r.trait.effort };
    })
    .sort((a, b) => b.worth - a.worth || (a.trait.id < b.trait.id ? -1 : 1));
}
