import type { Hazard } from '../species/index.ts';

/** Something to look at on a fish, with the ways in which it can look. */
export interface Trait {
  readonly id: string;
  /** As a noun, where words stand side by side: "barbels". */
  readonly name?: string;
  /** As a question: "Barbels under the chin?" */
  readonly question: string;
  /** How to look, where that needs a word. */
  readonly help?: string;
  /** The part of the body, as the drawing names it. */
  readonly part?: string;
  /** `body`: the species whose bare outline stands for this build (of the trait "plan" alone). */
  readonly states: readonly { readonly id: string; readonly words: string; readonly body?: string }[];
  /** What a species shows that does not speak of this trait. Left out: every species must speak of it. */
  readonly usual?: Readonly<Record<string, number>>;
  /** What it costs to look: 1 = seen at a glance, more for what must be spread, counted or turned. */
  readonly effort: number;
  /** Chance that an observer gets it wrong: 0.02 easy to see … 0.15 faint, or a colour. */
  readonly error: number;
}

/** Which states a species shows, as probabilities by state id. A trait left out says nothing of the species (flat). */
export type TraitRow = Readonly<Record<string, Readonly<Record<string, number>>>>;

/** A look of its own within one species (young, male, sea-run): only the traits that differ. */
export interface KeyedForm {
  readonly id: string;
  /** Share of the fish one meets; the shares of a species sum to 1. */
  readonly share: number;
  readonly traits: TraitRow;
}

export interface KeyedSpecies {
  readonly id: string;
  readonly maxMm: number;
  readonly traits: TraitRow;
  readonly forms?: readonly KeyedForm[];
  /** What can hurt on it: a harmless name is not settled while one that stings is possible and was not looked for. */
  readonly hazards?: readonly Hazard[];
  /** Proportions of its body that hold nine fish in ten, as shares of the length: depth, eye, dorsal, anal. */
  readonly ratios?: Readonly<Partial<Record<string, readonly [number, number]>>>;
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
export const NONE_PRIOR = 0.01;

/** What a species beyond 1.05 times its greatest length is still worth. */
const TOO_LONG = 1e-6;

/** One look to weigh: a species, or one of its forms. */
export interface Look {
  /** Index in `ids`. */
  readonly of: number;
  /** Form id; null for a species without forms, and for none. */
  readonly form: string | null;
  readonly share: number;
}

/**
 * Likelihoods laid out for reckoning.
 * P(observed s | look) = (1 - e) p_s + e (1 - p_s) / (S - 1), S states, e the observer's error.
 * A species of several forms is their mixture: answers belong to one fish, so each form is weighed whole and then summed.
 */
export interface KeyTable {
  readonly catalogue: KeyCatalogue;
  /** Species in order, then `NONE`. */
  readonly ids: readonly string[];
  /** Every look, in the order of the ids. */
  readonly looks: readonly Look[];
  readonly rows: readonly {
    readonly trait: Trait;
    /** By species: ids times states; the forms weighed by their shares. */
    readonly likelihood: Float64Array;
    /** By look: looks times states. */
    readonly byLook: Float64Array;
  }[];
}

/** Lays a catalogue out. Throws RangeError when a row names an unknown state, a row does not sum to 1, or the forms' shares do not (within 1e-6). */
export function keyTable(catalogue: KeyCatalogue): KeyTable {
  const n = catalogue.species.length + 1;
  const looks: Look[] = catalogue.species.flatMap((s, of): Look[] => {
    if (!s.forms?.length) return [{ of, form: null, share: 1 }];
    const sum = s.forms.reduce((a, f) => a + f.share, 0);
    if (Math.abs(sum - 1) > 1e-6) throw new RangeError(`${s.id}: the shares of its forms sum to ${sum}, not 1`);
    return s.forms.map((f) => ({ of, form: f.id, share: f.share }));
  });
  looks.push({ of: n - 1, form: null, share: 1 });
  const rows = catalogue.traits.map((trait) => {
    const s = trait.states.length;
    if (s < 2) throw new RangeError(`keyTable: trait "${trait.id}" needs two states or more`);
    const byLook = new Float64Array(looks.length * s);
    const likelihood = new Float64Array(n * s);
    looks.forEach((look, i) => {
      const species = catalogue.species[look.of];
      const row = species?.forms?.find((f) => f.id === look.form)?.traits[trait.id] ?? species?.traits[trait.id];
      if (species && row) checkRow(species.id, trait, row);
      trait.states.forEach((state, k) => {
        const p = row ? (row[state.id] ?? 0) : 1 / s;
        const l = species ? (1 - trait.error) * p + (trait.error * (1 - p)) / (s - 1) : 1 / s;
        byLook[i * s + k] = l;
        likelihood[look.of * s + k] = (likelihood[look.of * s + k] ?? 0) + look.share * l;
      });
    });
    return { trait, likelihood, byLook };
  });
  return { catalogue, ids: [...catalogue.species.map((x) => x.id), NONE], looks, rows };
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
