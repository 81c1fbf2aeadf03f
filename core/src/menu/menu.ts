import type { PackForm } from '../larder/index.ts';

/** A pack as the plan of meals sees it. Days are counted from the first day of the plan, which is 0; they may lie beyond its end. */
export interface MenuPack {
  readonly id: string;
  /** As it stands on the label. */
  readonly number: string;
  /** Name of its kind, as in a sentence. */
  readonly name: string;
  readonly species: string;
  readonly form: PackForm;
  readonly fat: 'lean' | 'oily';
  /** What can be eaten of it, g: of a body what it yields. */
  readonly meatG: number;
  /** It weighs, g: what it leaves free where it lay, and what takes its time to thaw. */
  readonly massG: number;
  readonly place: 'fridge' | 'freezer';
  /** From when it can be on the table: frozen, it thaws first. */
  readonly firstDay: number;
  /** The last day on which it is at its best. */
  readonly bestDay: number;
  /** The authority's: after it nothing of it is eaten. */
  readonly lastDay: number;
  /** It is eaten at one meal: frozen, thawed, or a body. */
  readonly atOnce: boolean;
  /** It was frozen, and does not go back raw. */
  readonly thawed: boolean;
  readonly mercury: 'low' | 'some' | 'high';
  /** Whether the authorities' conditions for eating it raw are met, whoever eats; see `mayEatRaw`. */
  readonly rawMet: boolean;
  /** Cured or smoked at home: it counts as raw for those at risk. */
  readonly countsAsRaw: boolean;
}

/** Somebody who eats. */
export interface MenuEater {
  readonly id: string;
  readonly name: string;
  /** Plates at a meal: 1 for most. */
  readonly plates: number;
  /** Species that this person would rather not eat. */
  readonly dislikes: readonly string[];
  /** Species that this person must not eat. */
  readonly allergic: readonly string[];
  /** No fish at all. */
  readonly noFish: boolean;
  /** Pregnant, small, old or of weak defence. */
  readonly atRisk: boolean;
  /** Units of mercury of the last 30 days; see `MERCURY_UNITS`. */
  readonly mercuryUnits: number;
}

export interface MenuDay {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly fish: 'yes' | 'no' | 'either';
  /** Who eats at home. */
  readonly eaters: readonly MenuEater[];
  readonly guests: number;
}

/** A pack that somebody put on a day. */
export interface MenuLock {
  readonly pack: string;
  readonly day: number;
}

/** What the plan starts from. */
export interface MenuWishes {
  readonly packs: readonly MenuPack[];
  readonly days: readonly MenuDay[];
  readonly locks: readonly MenuLock[];
  /** So much is to be out of the freezer by the last day, g; null: no matter. */
  readonly freezerG: number | null;
}

/** One pack at one meal. */
export interface MenuPart {
  readonly pack: MenuPack;
  /** Of its meat, g. */
  readonly meatG: number;
  readonly locked: boolean;
}

export interface MenuMeal {
  readonly day: number;
  readonly parts: readonly MenuPart[];
  /** Meat that is wanted, that is eaten, that was left over from the day before, and that is left over for the next, g. */
  readonly needG: number;
  readonly eatenG: number;
  readonly fromBeforeG: number;
  readonly leftOverG: number;
}

/** What a plan comes to, for a person to compare. */
export interface MenuMeasures {
  /** Meat that passes its last day, or is thrown away, g. */
  readonly wasteG: number;
  /** Days past their best of what is eaten, times its plates. */
  readonly pastBest: number;
  /** Kinds that are on the table. */
  readonly kinds: number;
  /** Times that a kind is there again on the next day, or for a third time. */
  readonly again: number;
  /** Plates that are short, over all days. */
  readonly short: number;
}

export interface Menu {
  readonly meals: readonly MenuMeal[];
  /** Packs that have no meal. */
  readonly unplanned: readonly MenuPack[];
  readonly measures: MenuMeasures;
  /** `proven`: no plan is better; else the time was up, and none can be better by more than `gap`. */
  readonly proven: boolean;
  /** Of the second reckoning's cost, 0 to 1. */
  readonly gap: number;
}

/** How much a meal may fall short of what is wanted, and go beyond it. */
export const [LEAST_OF_NEED, MOST_OF_NEED] = [0.6, 1.15] as const;

/** What counts on a day: meat wanted, g. */
export const needOf = (d: MenuDay, plateG: number): number =>
  plateG * (d.eaters.reduce((n, e) => n + e.plates, 0) + d.guests);
