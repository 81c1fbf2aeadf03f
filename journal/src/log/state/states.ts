import type { AidId } from '@dagboek/core/harm';
import type { IceNoted } from '../facts/book.ts';
import type { GEARS } from '../facts/deck.ts';
import type { TripNote } from '../facts/words.ts';
import type { SIGNS } from '../facts/incident.ts';
import type { Licence, Origin, OwnPlace } from '@dagboek/core/rules';
import type { MeltTest, Walls } from '@dagboek/core/box';
import type { LengthKind, MeasureMethod } from '@dagboek/core/species';
import type { PackForm, PackPlace, StoreKind, Wrapping } from '@dagboek/core/larder';
import type { PlainStore } from '../facts/store.ts';
import type { LayIn } from '../facts/lay-in.ts';
import type { DinnerDish } from '../facts/dinner.ts';
import type { Vessel } from '@dagboek/core/cook';
import type { Recipe } from '@dagboek/core/recipes';
import type { Means, Task } from '@dagboek/core/schedule';
import type { Finding, Purpose, Stage, Ways } from '@dagboek/core/cut';
import type { StiffNow } from '@dagboek/core/fresh';
import type { Expected } from '../facts/board.ts';
import type { FishBled, FishDispatched, FishIced, FishReleased, Layer } from '../facts/deck.ts';
import type { FishPictured } from '../facts/picture.ts';
import type { Entry } from '../entry/entry.ts';
import type { Logged } from './logged.ts';

/** Something that happened at a time; `about` when the time is a guess. */
export type Timed<T> = T & { readonly at: string; readonly about: boolean };

interface State {
  readonly id: string;
  /** Every line of this subject, struck ones included, in order of time. */
  readonly log: readonly Logged[];
  /** The strike that took back the line it begins with: it stays readable and counts nowhere. Null while it stands. */
  readonly struck: Entry | null;
}
export interface BookState extends State {
  readonly kind: 'book';
  readonly name: string;
  readonly waters: string;
  readonly boat: string | null;
  readonly from: 'boat' | 'shore';
  /** Places of one's own, for a book that goes by no rule pack. */
  readonly places: readonly OwnPlace[];
  /** Error of a way of measuring as the crew have found it, 1 sd in mm; one left out errs as usual. */
  readonly errors: Readonly<Partial<Record<MeasureMethod, number>>>;
  /** The house way where those who cut disagree. */
  readonly ways: Ways & { readonly 'raw by'?: string };
  /** What is to come out of the freezers in the days that are planned, g; null: no matter. */
  readonly roomG: number | null;
  /** What each kitchen has, by its name: that at home has none. Empty when nobody has said. */
  readonly kitchens: readonly { readonly name: string; readonly means: Means; readonly vessels: readonly Vessel[] }[];
  /** What of dry goods is always in the house. */
  readonly pantry: readonly string[];
}
export interface MemberState extends State {
  readonly kind: 'member';
  /** Since when they no longer come; null while they do. */
  readonly leftAt: string | null;
  readonly name: string;
  readonly role: string;
  /** Civil day of birth; null when nobody has said. */
  readonly bornOn: string | null;
  /** Licences held; null when nobody has said, empty for none. */
  readonly licences: readonly Licence[] | null;
  /** Null when nobody has said. */
  readonly eats: Eats | null;
  readonly joinedAt: string;
}
export interface BoxState extends State {
  readonly kind: 'box';
  /** Since when it is no longer used; null while it is. */
  readonly retiredAt: string | null;
  readonly name: string;
  readonly litres: number;
  readonly addedAt: string;
  /** What was noted of its ice, in the order in which the lines came: put in, or seen. */
  readonly ice: readonly Timed<IceNoted>[];
  /** How it is built; null when nobody has said. */
  readonly walls: Walls | null;
  readonly weighed: readonly Timed<{ kg: number }>[];
  readonly drained: readonly Timed<{ kg: number | null }>[];
  readonly read: readonly Timed<{ c: number }>[];
  readonly stands: readonly Timed<{ sun: boolean }>[];
  readonly tests: readonly Timed<MeltTest>[];
}

export interface TripState extends State {
  readonly kind: 'trip';
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly rodHours: number | null;
  readonly waters: string;
  /** Where it set out for; `moves` say where it went from there. */
  readonly zone: string;
  readonly moves: readonly Timed<{ zone: string; position: readonly [number, number] | null }>[];
  readonly from: 'boat' | 'shore';
  readonly boat: string | null;
  readonly crew: readonly string[];
  readonly box: string | null;
  readonly iceKg: number | null;
  readonly waterC: number | null;
  /** Air as it was read or said. */
  readonly airs: readonly Timed<{ c: number }>[];
  /** When they mean to be back; null when nobody has said. */
  readonly homeAt: string | null;
  readonly notes: readonly Timed<TripNote & { by: string }>[];
  readonly harm: readonly Timed<{ text: string; who: string }>[];
}

export interface FishState extends State {
  readonly kind: 'fish';
  readonly trip: string;
  readonly angler: string;
  readonly count: number;
  /** The likeliest, while it is not settled. */
  readonly species: string | null;
  /** What else it may be; empty once it is settled. */
  readonly orElse: readonly string[];
  /** Given once, when it was landed; null in books written before numbers were kept. */
  readonly number: number | null;
  /** What was seen on it when it was named, by trait of the key. */
  readonly seen: Readonly<Record<string, string>>;
  readonly gear: (typeof GEARS)[number] | null;
  /** Null: nobody has said. */
  readonly origin: Origin | null;
  readonly landed: Timed<object>;
  readonly length: Timed<{
    mm: number;
    longestMm: number | null;
    kind: LengthKind;
    method: MeasureMethod;
    /** Error of this very reading; null: that of the method. */
    sdMm: number | null;
  }> | null;
  readonly mass: Timed<{ g: number; how: 'scale' | 'estimated' }> | null;
  readonly released: Timed<FishReleased> | null;
  /** Thrown away before it was packed. */
  readonly discarded: Timed<{ why: string }> | null;
  readonly dispatched: Timed<FishDispatched> | null;
  readonly bled: Timed<FishBled> | null;
  /** When it first came onto ice; the box and the way in which it lies now. */
  readonly iced: Timed<FishIced> | null;
  /** Each box that it was put into, in the order of time. */
  readonly boxes: readonly Timed<FishIced>[];
  /** Where it was laid in its box; null: where there was room. */
  readonly layer: Layer | null;
  /** Its middle, as a thermometer read it. */
  readonly reads: readonly Timed<{ c: number }>[];
  readonly notes: readonly Timed<{ text: string }>[];
  readonly pictures: readonly Timed<FishPictured>[];
  /** To whom it was reported, by the rule that asks for it. */
  readonly reported: readonly Timed<{ rule: string; to: string }>[];
}

export interface CutState extends State {
  readonly kind: 'cut';
  readonly startedAt: string;
  readonly fish: readonly string[];
  readonly route: string;
  readonly by: string;
  readonly purpose: Purpose;
  /** How stiff it was when it was begun; null: nobody wrote it down. */
  readonly stiff: StiffNow | null;
  /** What each weighing should come to, written down before the first cut; empty where nobody did. */
  readonly expected: readonly Expected[];
  /** Where this cut differs from the house way. */
  readonly ways: Ways;
  /** Steps that were noted as done, in order. */
  readonly steps: readonly Timed<{ step: string; entryId: string }>[];
  readonly stages: Readonly<Partial<Record<Stage, Timed<{ massG: number; pieces: readonly number[] }>>>>;
  readonly byproducts: readonly Timed<{ what: string; massG: number; use: string; entryId: string }>[];
  readonly found: readonly Timed<{ text: string }>[];
  readonly findings: readonly Timed<Finding & { entryId: string; photo: string | null }>[];
}

export interface PackState extends State {
  readonly kind: 'pack';
  readonly number: number;
  readonly what: string;
  readonly species: string;
  readonly form: PackForm;
  readonly massG: number;
  readonly pieces: number | null;
  readonly wrapping: Wrapping;
  readonly storedAt: string;
  readonly fish: readonly string[];
  readonly cut: string | null;
  readonly meal: string | null;
  /** Packs that it was made out of, and how much of each. */
  readonly from: readonly { pack: string; massG: number; pieces?: number }[];
  /** Parts that were taken out of it, and not for a meal of the book. */
  readonly taken: readonly Timed<{ massG: number; pieces: number | null; is: string; why: string | null }>[];
  /** When its towel was changed, or it was turned. */
  readonly tended: readonly Timed<{ did: 'towel' | 'turn' }>[];
  /** When it was weighed again. */
  readonly weighed: readonly Timed<{ massG: number; pieces: number | null }>[];
  /** Where it has lain, in order of time; the last is where it lies. */
  readonly places: readonly Timed<{ place: PackPlace; store: string | null }>[];
  readonly discarded: Timed<{ why: string }> | null;
}

/** A fridge shelf, a tray, a rack, a freezer of one's own. */
export interface StoreState extends State {
  readonly kind: 'store';
  readonly name: string;
  readonly is: StoreKind;
  /** What it is set to, degC; null: nobody has said. */
  readonly setC: number | null;
  readonly litres: number | null;
  readonly standsFor: PlainStore | null;
  readonly addedAt: string;
  /** Since when it is no longer used; null while it is. */
  readonly retiredAt: string | null;
  readonly reads: readonly Timed<{ c: number; damp: number | null; by: 'hand' | 'thermometer' }>[];
  readonly power: readonly Timed<{ is: 'off' | 'on' }>[];
  readonly tended: readonly Timed<{ did: 'ice' }>[];
  /** When its packs were counted last; null: never. */
  readonly countedAt: string | null;
}

export interface MealState extends State {
  readonly kind: 'meal';
  readonly name: string;
  readonly cook: string;
  readonly method: string;
  readonly servedAt: string;
  readonly packs: readonly { pack: string; massG: number }[];
  readonly eaters: readonly string[];
  readonly guests: number;
  readonly doneness: string | null;
  readonly coreC: number | null;
  readonly marks: Readonly<Record<string, number>>;
  readonly notes: readonly Timed<{ text: string }>[];
  /** The dinner that it was planned as. */
  readonly dinner: string | null;
  /** The dish that it was of that dinner; null where it had one alone. */
  readonly dish: string | null;
  /** Its middle when it was taken off, degC. */
  readonly pulledC: number | null;
  /** What was seen when it was done. */
  readonly cues: readonly string[];
  /** Other dishes on the table. */
  readonly beside: readonly string[];
  /** What its fish lay in before the fire; null where nobody said. */
  readonly lay: LayIn | null;
  /** What it cost beside the fish, in the crew's own money. */
  readonly cost: number | null;
  /** Marks of each eater for the fish and for the doing, where they were given. */
  readonly sides: Readonly<Record<string, { readonly fish?: number; readonly doing?: number }>>;
  readonly pictures: readonly Timed<{ photo: string }>[];
}

/** Someone who was hurt or fell ill, and what was done. */
/** What is planned for a civil day. */
export interface DayState extends State {
  readonly kind: 'day';
  readonly day: string;
  readonly fish: 'either' | 'yes' | 'no';
  /** Members who eat at home; null: those who mostly do. */
  readonly home: readonly string[] | null;
  readonly guests: number;
  /** Packs for its meal; `meatG` null: all of it. */
  readonly packs: readonly { readonly pack: string; readonly meatG: number | null; readonly locked: boolean }[];
  readonly method: string | null;
  readonly plannedAt: string;
}

/** A dinner that is planned, or cooked now. */
export interface DinnerState extends State {
  readonly kind: 'dinner';
  readonly serveAtMs: number;
  readonly dishes: readonly DinnerDish[];
  readonly tasks: readonly Task[];
  readonly means: Means;
  readonly cook: string;
  readonly eaters: readonly string[];
  readonly guests: number;
  /** Starts that were put by hand, epoch ms, by step. */
  readonly pins: Readonly<Record<string, number>>;
  /** Minutes of steps that take longer or shorter than planned. */
  readonly lasts: Readonly<Record<string, number>>;
  /** When steps were begun and done, epoch ms. */
  readonly begun: Readonly<Record<string, number>>;
  readonly done: Readonly<Record<string, number>>;
  readonly reads: readonly Timed<{ dish: string; c: number }>[];
  /** The name of its kitchen; empty: the one at home. */
  readonly kitchen: string;
  readonly ended: Timed<{ meal: string | null }> | null;
  readonly setAt: string;
}

/** A recipe of one's own. */
export interface RecipeState extends State {
  readonly kind: 'recipe';
  readonly recipe: Recipe;
  readonly writtenAt: string;
  readonly retired: boolean;
}

/** How much somebody eats, and what not. */
export interface Eats {
  readonly plates: number;
  readonly dislikes: readonly string[];
  readonly allergic: readonly string[];
  readonly noFish: boolean;
  readonly atRisk: boolean;
}

export interface IncidentState extends State {
  readonly kind: 'incident';
  /** What happened: a card of first aid. */
  readonly card: AidId;
  /** Species that did it; null when it is not known. */
  readonly by: string | null;
  readonly who: string | null;
  readonly trip: string | null;
  /** The meal after which it began. */
  readonly meal: string | null;
  readonly at: string;
  /** When the water was made hot, and what it read, degC. */
  readonly soaks: readonly Timed<{ waterC: number | null }>[];
  readonly notes: readonly Timed<{ sign: (typeof SIGNS)[number] | null; text: string }>[];
  readonly ended: Timed<{ how: string }> | null;
}

/** A species of one's own. */
export interface SpeciesState extends State {
  readonly kind: 'species';
  readonly pack: string;
  readonly packName: string;
  /** The document as it was read; `@dagboek/catalogue` knows its fields. */
  readonly species: Readonly<Record<string, unknown>>;
  readonly addedAt: string;
}

/** A rule of one's own. */
export interface RuleState extends State {
  readonly kind: 'rule';
  readonly waters: string;
  /** The rule as it was written; `@dagboek/core/rules` knows its fields. */
  readonly rule: Readonly<Record<string, unknown>>;
  readonly replaces: string | null;
  readonly setAt: string;
}

/** A version of a rule pack out of a file. */
export interface RulesState extends State {
  readonly kind: 'rules';
  /** The pack as it was read; `@dagboek/core/rules` knows its fields. */
  readonly pack: Readonly<Record<string, unknown>>;
  readonly from: string;
  readonly addedAt: string;
}

export type SubjectState =
  | BookState
  | MemberState
  | BoxState
  | TripState
  | FishState
  | CutState
  | PackState
  | StoreState
  | MealState
  | DayState
  | DinnerState
  | RecipeState
  | IncidentState
  | SpeciesState
  | RuleState
  | RulesState;
export type StateOf<K extends SubjectState['kind']> = Extract<SubjectState, { kind: K }>;
