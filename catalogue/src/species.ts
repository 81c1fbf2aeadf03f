import type { TraitRow } from '@dagboek/core/key';
import type { Bladder, LengthConversion, RawRule, SpeciesFacts } from '@dagboek/core/species';
import type { FigureFile, FigureSpec } from '@dagboek/figure';

/** Waters a species lives in. */
export type Waters = 'salt' | 'brackish' | 'fresh';

/** How one length follows from another. */
export type Conversion = LengthConversion;

/** A species taken for this one, and the mark that decides. */
export interface Lookalike {
  readonly id: string;
  /** Trait of the key that parts them. */
  readonly trait: string;
  readonly mark: string;
}

/** A look of its own: young, male, sea-run, in breeding dress. */
export interface Form {
  readonly id: string;
  readonly name: string;
  /** Share of the fish one meets; the shares sum to 1. */
  readonly share: number;
  readonly look: string;
  readonly traits: TraitRow;
  /** Changes to the species' figure. */
  readonly figure?: Readonly<Record<string, unknown>>;
}

/** A species as its file tells it. */
export interface SpeciesFile extends SpeciesFacts {
  readonly latin: string;
  readonly family: string;
  /** Common names by language code; `en` holds further English ones. */
  readonly names: Readonly<Record<string, readonly string[]>>;
  readonly range: string;
  readonly waters: readonly Waters[];
  readonly habitat: string;
  readonly depthM: readonly [number, number];
  readonly conversions: readonly Conversion[];
  /** Proportions besides the depth, as shares of the length, nine fish in ten: where eye, first back fin and anal fin stand. */
  readonly ratios?: Readonly<Partial<Record<'depth' | 'eye' | 'dorsal' | 'anal', readonly [number, number]>>>;
  readonly yieldClass: string;
  readonly grip: string;
  /** How it is let go without hurt to hand or fish. Left out by packs written before there was such a line. */
  readonly release?: string;
  /** Left out: not known. */
  readonly bladder?: Bladder;
  /** What first aid for it adds to the general card: an antivenom, rescue breathing. */
  readonly aid?: string;
  /** How its kind fares, by whom and in which year. */
  readonly conservation?: { readonly note: string; readonly asOf: string };
  readonly dispatch: string;
  readonly bleeding: string;
  readonly raw: { readonly verdict: RawRule; readonly why: string };
  /** Forms histamine when warm. */
  readonly histamine: boolean;
  /** Can hold ciguatera poison. */
  readonly ciguatera: boolean;
  readonly mercury: 'low' | 'some' | 'high';
  /** Cautions for the one who eats it. */
  readonly eating: readonly string[];
  /** How to know it, in one sentence. */
  readonly look: string;
  readonly lookalikes: readonly Lookalike[];
  readonly forms?: readonly Form[];
  /** Only what differs from the traits' usual states. */
  readonly traits: TraitRow;
  readonly sources: readonly string[];
  readonly confidence: 'sure' | 'typical' | 'check';
  /** Fields of which the writer was not sure. */
  readonly toCheck?: readonly string[];
  /** Its drawing, when it comes with the species (packs of one's own). */
  readonly figure?: FigureFile;
}

/** A form with its whole figure. */
export interface ResolvedForm extends Omit<Form, 'figure'> {
  /** Null when it looks like the species' own figure. */
  readonly figure: FigureSpec | null;
}

/** A species ready for use: every trait spoken of, the figure whole. */
export interface Species extends Omit<SpeciesFile, 'figure' | 'forms'> {
  readonly figure: FigureSpec;
  readonly forms?: readonly ResolvedForm[];
  /** Pack it comes from. */
  readonly pack: string;
}

/** A pack's own words about itself. */
export interface PackAbout {
  readonly id: string;
  readonly name: string;
  readonly about: string;
}
