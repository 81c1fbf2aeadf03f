import { type Answers, type KeyTable, NONE, type Trait } from './key-catalogue.ts';
import { nextTraits } from './next-traits.ts';
import type { Ranking } from './rank-species.ts';
import { certaintyOf, partingTraits } from './split-pair.ts';
import { nextForSuspect } from './suspect.ts';

/** The build: seen at a glance, and everything after it is drawn on it. Asked first where the key has it. */
const BUILD = 'plan';
/** Two are left when they hold this much between them, and the lesser counts. */
const BETWEEN_THEM = 0.9;
const COUNTS = 0.05;
/** A look that parts two species by less than this, in bits, is no splitting look. */
const SPLITS_BITS = 1;

/** What to look at next, and why. */
export interface NextQuestion {
  readonly trait: Trait;
  /**
   * `build`: the start. `suspect`: it tells a suspected name from `pair[1]`. `settles`: the mark against the nearest lookalike.
   * `splits`: two are left, `pair`, and this parts them. `telling`: the most bits for its effort.
   */
  readonly why: 'build' | 'suspect' | 'settles' | 'splits' | 'telling';
  readonly pair?: readonly [string, string];
}

/** The two that are left, with the best look at them that was not taken yet; null when more than two are left, or nothing parts them. */
function splitting(table: KeyTable, ranking: Ranking, answers: Answers): NextQuestion | null {
  const [best, second] = ranking.candidates;
  if (!best || !second || best.id === NONE || second.id === NONE) return null;
  if (best.p + second.p < BETWEEN_THEM || second.p < COUNTS) return null;
  const look = partingTraits(table, best.id, second.id).find((x) => x.bits >= SPLITS_BITS && !(x.trait.id in answers));
  return look ? { trait: look.trait, why: 'splits', pair: [best.id, second.id] } : null;
}

/**
 * The question to ask next; null when all have been. `suspect`: a name that is suspected, with what it is taken for; the
 * marks against those come first.
 */
export function nextQuestion(
  table: KeyTable,
  ranking: Ranking,
  answers: Answers,
  suspect: { readonly id: string; readonly lookalikes: readonly string[] } | null = null,
): NextQuestion | null {
  if (suspect) {
    const q = nextForSuspect(table, ranking, answers, suspect.id, suspect.lookalikes);
    if (q) return { trait: q.trait, why: 'suspect', pair: [suspect.id, q.rival] };
  }
  const build = Object.keys(answers).length === 0 ? table.rows.find((r) => r.trait.id === BUILD)?.trait : undefined;
  if (build) return { trait: build, why: 'build' };
  const { stillToSee } = certaintyOf(table, ranking, answers);
  if (stillToSee && !(stillToSee.id in answers)) return { trait: stillToSee, why: 'settles' };
  const two = splitting(table, ranking, answers);
  if (two) return two;
  const trait = nextTraits(table, ranking, answers)[0]?.trait;
  return trait ? { trait, why: 'telling' } : null;
}
