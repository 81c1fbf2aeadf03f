import type { SpeciesFacts } from '../species/index.ts';
import { inMonths } from '../time/index.ts';

/** What is known before the fish is looked at. */
export interface Surroundings {
  /** Kinds of ground in this zone. */
  readonly grounds: readonly string[];
  /** Kinds of ground in all the book's waters, for what strays in from next door. Left out: those of the zone. */
  readonly waters?: readonly string[];
  /** 1-12. */
  readonly month: number;
  /** This book's own catches in this zone, by species id; less than 1 each where they say less (other gear). */
  readonly ownCatches: Readonly<Record<string, number>>;
}

export interface Likely {
  readonly speciesId: string;
  /** Share of this list; the list sums to 1. */
  readonly share: number;
}

/** Own catches weigh against a prior worth this many fish. */
const PRIOR_FISH = 12;
/** Out of season or off its ground, a fish is rare, not impossible. */
const RARE = 0.02;
/** One fish in ten is none of those that the zone is known for, whatever the book has met there. */
const STRAYS = 0.1;
/** Weight among the strays of a species that these waters have no ground for. */
const FROM_AFAR = 0.1;

/**
 * Orders species by how likely they are here and now: ground and season as a prior, updated by the book's own catches
 * in this zone (Dirichlet-smoothed counts), and a share for strays, so that a long record does not talk a stranger away.
 * Ties fall in the order of the names.
 */
export function rankLikely(species: readonly SpeciesFacts[], here: Surroundings): Likely[] {
  const weight = (s: SpeciesFacts): number => {
    const ground = Math.max(RARE, ...here.grounds.map((g) => s.grounds[g] ?? 0));
    return ground * (inMonths(here.month, s.months) ? 1 : RARE * 5);
  };
  const total = species.reduce((sum, s) => sum + weight(s), 0);
  const own = species.reduce((sum, s) => sum + (here.ownCatches[s.id] ?? 0), 0);
  const waters = here.waters ?? here.grounds;
  const stray = (s: SpeciesFacts): number => (waters.some((g) => (s.grounds[g] ?? 0) > 0) ? 1 : FROM_AFAR);
  const strays = species.reduce((sum, s) => sum + stray(s), 0);
  const known = (s: SpeciesFacts): number =>
    ((weight(s) / total) * PRIOR_FISH + (here.ownCatches[s.id] ?? 0)) / (PRIOR_FISH + own);
  return species
    .map((s) => ({ s, share: (1 - STRAYS) * known(s) + (STRAYS * stray(s)) / strays }))
    .sort((a, b) => b.share - a.share || a.s.name.localeCompare(b.s.name))
    .map(({ s, share }) => ({ speciesId: s.id, share }));
}
