import type { Fire } from './fire.ts';
import type { MealWord } from './meal-words.ts';
import type { PieceCut } from './piece.ts';

/** What is set before a method is reckoned. */
export interface Setting {
  /** Of the pan, oven, oil or liquid, degC. */
  readonly mediumC: number;
  /** Of liquid or oil, l; of a pan its mass, kg. */
  readonly amount: number;
  /** Turned over: 0 never, 1 once, more often. */
  readonly turns: number;
}

/** Where it is cooked: what is taken up in a kitchen meanwhile. */
export type Place = 'ring' | 'oven' | 'grill' | 'embers';

/** How hot it is, and what meets the fish. */
export interface MethodHeat {
  readonly place: Place;
  /** What is hot, in a sentence: "the pan". */
  readonly of: string;
  readonly usualC: number;
  readonly rangeC: readonly [least: number, most: number];
  /** Litres, or kg of a pan. */
  readonly amount: { readonly is: 'l' | 'kg'; readonly usual: number } | null;
  readonly turns: readonly number[];
  /** Colder than this the bath should never be with fish in it, degC: it soaks instead of frying. */
  readonly floorC?: number;
  /** Eaten straight from the fire: nobody waits for it to warm on. */
  readonly atOnce?: true;
  readonly fire: (s: Setting) => Fire;
  /** What it is laid on to rest. */
  readonly rests: string;
}

/** A way to make fish ready, as data. */
export interface Method {
  readonly id: string;
  readonly name: string;
  /** The word of the meal's entry. */
  readonly meal: MealWord;
  /** What the middle is when it is done: raw counts as raw, whatever was done to its outside. */
  readonly middle: 'raw' | 'cooked';
  readonly heat: MethodHeat | null;
  readonly cuts: readonly PieceCut[];
  readonly thickMm: readonly [least: number, most: number];
  readonly fat: 'lean' | 'oily' | 'either';
  /** What speaks for it, and what against it where it does not suit. */
  readonly why: string;
  readonly whyNot: string;
  /** The old rule that goes with it. */
  readonly rule: 'thickness' | 'weight' | null;
  readonly gear: readonly string[];
  /** The look to go by. */
  readonly look: readonly string[];
  /** What can hurt. */
  readonly mind: readonly string[];
}
