/** Something to look at on a fish, with the ways in which it can look. */
export interface Trait {
  readonly id: string;
  /** As a question: "Barbels under the chin?" */
  readonly question: string;
  readonly states: readonly { readonly id: string; readonly words: string }[];
  /** What it costs to look: 1 = seen at a glance, more for what must be spread, counted or turned. */
  readonly effort: number;
  /** Chance that an observer gets it wrong: 0.02 easy to see … 0.15 faint, or a colour. */
  readonly error: number;
}

/** Which states a species shows, as probabilities by state id. A trait left out says nothing of the species (flat). */
export type TraitRow = Readonly<Record<string, Readonly<Record<string, number>>>>;

export interface KeyedSpecies {
  readonly id: string;
  readonly maxMm: number;
  readonly traits: TraitRow;
}

export interface KeyCatalogue {
  readonly traits: readonly Trait[];
  readonly species: readonly KeyedSpecies[];
}

/** Answers by trait id: a state id, or `cannot tell`, which contributes nothing. */
export type Answers = Readonly<Record<string, string>>;
export const CANNOT_TELL = 'cannot tell';

/** The hypothesis that it is none of these: flat in every trait, small beforehand. */
export const NONE = 'none of these';
export const NONE_PRIOR = 0.02;

/** What a species beyond 1.05 times its greatest length is still worth. */
const TOO_LONG = 1e-6;

/**
 * Likelihoods laid out for reckoning: for each trait a row of hypotheses (species in order, then none) times states.
 * P(observed s | species) = (1 - e) p_s + e (1 - p_s) / (S - 1), S states, e the observer's error.
 */
export interface KeyTable {
  readonly catalogue: KeyCatalogue;
  /** Species in order, then `NONE`. */
  readonly ids: readonly string[];
  readonly rows: readonly { readonly trait: Trait; readonly likelihood: Float64Array }[];
}

/** Lays a catalogue out. Throws RangeError when a row names an unknown state, or does not sum to 1 (within 1e-6). */
export function keyTable(catalogue: KeyCatalogue): KeyTable {
  const n = catalogue.species.length + 1;
  const rows = catalogue.traits.map((trait) => {
    const s = trait.states.length;
    if (s < 2) throw new RangeError(`keyTable: trait "${trait.id}" needs two states or more`);
    const likelihood = new Float64Array(n * s);
    catalogue.species.forEach((species, i) => {
      const row = species.traits[trait.id];
      if (row) checkRow(species.id, trait, row);
      trait.states.forEach((state, k) => {
        const p = row ? (row[state.id] ?? 0) : 1 / s;
        likelihood[i * s + k] = (1 - trait.error) * p + (trait.error * (1 - p)) / (s - 1);
      });
    });
    for (let k = 0; k < s; k++) likelihood[(n - 1) * s + k] = 1 / s;
    return { trait, likelihood };
  });
  return { catalogue, ids: [...catalogue.species.map((x) => x.id), NONE], rows };
}

function checkRow(speciesId: string, trait: Trait, row: Readonly<Record<string, number>>): void {
  const unknown = Object.keys(row).find((id) => !trait.states.some((x) => x.id === id));
  if (unknown !== undefined) throw new RangeError(`${speciesId}: trait "${trait.id}" has no state "${unknown}"`);
  const values = Object.values(row);
  if (values.some((p) => !(p >= 0 && p <= 1)))
    throw new RangeError(`${speciesId}: trait "${trait.id}" has a probability outside 0 to 1`);
  const sum = values.reduce((a, b) => a + b, 0);
  if (Math.abs(sum - 1) > 1e-6)
    throw new RangeError(`${speciesId}: the states of trait "${trait.id}" sum to ${sum}, not 1`);
}

/** Probability of a length under each hypothesis, up to a constant: beyond 1.05 times the greatest length nearly nil. */
export const lengthLikelihood = (species: KeyedSpecies, lengthMm: number): number =>
  lengthMm > species.maxMm * 1.05 ? TOO_LONG : 1;
