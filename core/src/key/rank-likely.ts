import type { SpeciesFacts } from '../species/index.ts';

/** What is known before the fish is looked at. */
export interface Surroundings {
  /** Kinds of ground in this zone. */
  readonly grounds: readonly string[];
  /** 1-12. */
  readonly month: number;
  /** This book's own catches in this zone, by species id. */
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

const inMonths = (m: number, [from, to]: readonly [number, number]): boolean =>
  from <= to ? m >= from && m <= to : m >= from || m <= to;

/**
 * Orders species by how likely they are here and now: ground and season as a prior, updated by the book's own catches
 * in this zone (Dirichlet-smoothed counts). Ties fall in the order of the names.
 */
export function rankLikely(species: readonly SpeciesFacts[], here: Surroundings): Likely[] {
  const weight = (s: SpeciesFacts): number => {
    const ground = Math.max(RARE, ...here.grounds.map((g) => s.grounds[g] ?? 0));
    return ground * (inMonths(here.month, s.months) ? 1 : RARE * 5);
  };
  const total = species.reduce((sum, s) => sum + weight(s), 0);
  const own = species.reduce((sum, s) => sum + (here.ownCatches[s.id] ?? 0), 0);
  return species
    .map((s) => ({ s, share: ((weight(s) / total) * PRIOR_FISH + (here.ownCatches[s.id] ?? 0)) / (PRIOR_FISH + own) }))
    .sort((a, b) => b.share - a.share || a.s.name.localeCompare(b.s.name))
    .map(({ s, share }) => ({ speciesId: s.id, share }));
}
