import {
  type Marinade,
  type MarinadeAsked,
  marinadeOf,
  marinadesFor,
  type Marinated,
  marinated,
  marinadeTrouble,
  type Method,
  mostCAfter,
  usualMarinade,
} from '@dagboek/core/cook';
import { saySpan } from '@dagboek/core/time';
import type { Recipe } from '@dagboek/core/recipes';
import type { ToBeCooked } from './meal-choices.ts';

/** Something that the fish of a new meal may lie in first. */
export interface MarinadeChoice {
  readonly id: string;
  readonly name: string;
  readonly usual: MarinadeAsked;
}

/** A step of a recipe that salts the fish already. */
const SALTS = 'salt';

/** What may be chosen before this way for what is cooked; no salt before a recipe that salts it itself. */
export const marinadeChoices = (
  method: Method,
  what: Pick<ToBeCooked, 'cut'> | null,
  recipe: Recipe | null,
): MarinadeChoice[] =>
  what
    ? marinadesFor(method, what.cut)
        .filter((m) => m.id !== 'salted' || recipe?.steps.every((s) => s.id !== SALTS) !== false)
        .map((m) => ({ id: m.id, name: m.name, usual: usualMarinade(m) }))
    : [];

/** What it lies in as it is chosen, and what is to be known of that. */
export interface MarinadeNow {
  readonly asked: MarinadeAsked;
  readonly name: string;
  readonly done: Marinated;
  /** A quarter of an hour, a night. */
  readonly quarter: string;
  readonly overnight: string;
  /** Why it lies no longer, where it would. */
  readonly trouble: string | null;
  /** Hotter than its sugar bears: no hotter than so, degC. */
  readonly tooHotC: number | null;
  readonly mind: readonly string[];
}

/** Colder than this it is frozen, degC. */
const FROZEN_C = -1;

/** What it may become at the table: raw fish lay in it. */
const afterwards = (m: Marinade): string =>
  m.sauce === 'boiled'
    ? 'Raw fish lay in it: it is no sauce before it has boiled for a full minute.'
    : 'Raw fish lay in it: throw away what is left of it.';

/** Laying in, drying and cooking take at least so long besides, min. */
const BESIDES_MIN = 20;

/** Why it cannot lie so long before it is served; null when it can. */
const tooLate = ({ minutes }: MarinadeAsked, leftMin: number | null): string | null =>
  leftMin !== null && minutes + BESIDES_MIN > leftMin
    ? `It is served in ${saySpan(Math.max(0, leftMin) * 60_000)}, and would lie for ${saySpan(minutes * 60_000)}. Choose a later hour or fewer minutes.`
    : null;

/**
 * What a marinade does to what is cooked, what speaks against its time and against the heat that is set, and what becomes of it. `mediumC`: the
 * heat that is set; `leftMin`: until it is served, null where it is eaten already. Null of none, or of one that this way or cut does not go with.
 */
export function marinadeNow(
  asked: MarinadeAsked | null,
  choices: readonly MarinadeChoice[],
  method: Method,
  what: Pick<ToBeCooked, 'cut' | 'thicknessMm' | 'skin' | 'startC'> | null,
  mediumC: number,
  leftMin: number | null = null,
): MarinadeNow | null {
  const m = asked && what && choices.some((c) => c.id === asked.id) ? marinadeOf(asked.id) : null;
  if (!asked || !what || !m) return null;
  const mostC = mostCAfter(m, method.id);
  return {
    asked,
    name: m.name,
    done: marinated(m, what, asked.minutes),
    quarter: m.quarter,
    overnight: m.overnight,
    trouble: marinadeTrouble(asked) ?? tooLate(asked, leftMin),
    tooHotC: mostC !== null && mediumC > mostC ? mostC : null,
    mind: [
      ...(what.startC < FROZEN_C ? ['Thaw it in the fridge first: nothing goes into frozen fish.'] : []),
      afterwards(m),
      ...(m.mind ? [m.mind] : []),
    ],
  };
}
