import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { isRecipe } from '@dagboek/core/recipes';
import type { Means, Task } from '@dagboek/core/schedule';
import type { Vessel } from '@dagboek/core/cook';
import { type LayIn, layTrouble } from './lay-in.ts';
import { Document, Satisfies } from './satisfies.ts';

/** A time on the clock that is no mistake, epoch ms: 2000 to 2200. */
const [FIRST_MS, LAST_MS] = [946_684_800_000, 7_258_118_400_000];
const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const isText = (x: unknown, most: number): boolean => typeof x === 'string' && x.length > 0 && x.length <= most;
const isAmount = (x: unknown, most: number): boolean =>
  x === undefined || x === null || (typeof x === 'number' && Number.isFinite(x) && Math.abs(x) <= most);

/** What is taken of a pack for a dish. */
export interface PackOfDish {
  readonly pack: string;
  readonly massG: number;
  /** Which end of the fish it is cut from, where several dishes share one; left out: nobody said. */
  readonly from?: 'head' | 'tail';
}

/** Courses lie no further from the hour of the dinner, min. */
export const MOST_APART_MIN = 240;
/** More dishes are no dinner. */
export const MOST_DISHES = 20;

/** A dish of a dinner: what it is, of which packs, and what its fish was reckoned at. */
export interface DinnerDish {
  readonly id: string;
  readonly name: string;
  /** Id of its recipe; null of one that was made up. */
  readonly recipe: string | null;
  readonly packs: readonly PackOfDish[];
  /** It is on the table so many minutes after the hour of the dinner, before it below nought; left out: at that hour. */
  readonly servedMin?: number;
  /** The way of its fish, see `core/cook`; null of a dish without. */
  readonly method: string | null;
  readonly mediumC: number | null;
  readonly thicknessMm: number | null;
  readonly startC: number | null;
  /** The middle that is wanted, where it is taken off, how long and between what, min; null where it is not timed. */
  readonly toC: number | null;
  readonly pulledC: number | null;
  readonly cookMin: number | null;
  readonly lowMin: number | null;
  readonly highMin: number | null;
  readonly restMin: number | null;
  /** What the reckoning was asked, so that a probe can correct it; null where it is not timed. */
  readonly fire: Readonly<Record<string, unknown>> | null;
  /** What its fish lies in first; left out: nothing. */
  readonly lay?: LayIn;
}

function dishesTrouble(list: unknown): string | null {
  if (!Array.isArray(list) || list.length === 0) return 'A dinner has at least one dish.';
  if (list.length > MOST_DISHES) return 'At most 20 dishes. Plan two dinners instead.';
  for (const d of list) {
    if (!isObject(d) || !isText(d['id'], 60) || !isText(d['name'], 80)) return 'Each dish has a name.';
    const packs = d['packs'];
    const named =
      Array.isArray(packs) &&
      packs.length <= 30 &&
      packs.every(
        (p) =>
          isObject(p) &&
          isText(p['pack'], 60) &&
          typeof p['massG'] === 'number' &&
          p['massG'] >= 1 &&
          p['massG'] <= 200_000 &&
          (p['from'] === undefined || p['from'] === 'head' || p['from'] === 'tail'),
      );
    if (!named) return `${String(d['name'])}: name its packs, with what is taken of each.`;
    if (d['fire'] !== null && !(isObject(d['fire']) && JSON.stringify(d['fire']).length < 2000))
      return `${String(d['name'])}: its calculation cannot be read.`;
    if (d['lay'] !== undefined && layTrouble(d['lay'])) return `${String(d['name'])}: ${layTrouble(d['lay'])}`;
    const apart = d['servedMin'] ?? 0;
    if (!Number.isInteger(apart) || Math.abs(Number(apart)) > MOST_APART_MIN)
      return `${String(d['name'])}: serve it within four hours of the dinner.`;
    for (const k of ['recipe', 'method'] as const)
      if (d[k] !== null && !isText(d[k], 60)) return `${String(d['name'])}: its recipe or its way is no name.`;
    for (const k of [
      'mediumC',
      'thicknessMm',
      'startC',
      'toC',
      'pulledC',
      'cookMin',
      'lowMin',
      'highMin',
      'restMin',
    ] as const)
      if (!isAmount(d[k], 3000)) return `${String(d['name'])}: a number is out of bounds.`;
  }
  return null;
}

/** Means that are none: nothing of a thing is allowed, a hundred are not. */
const meansTrouble = (m: unknown): string | null =>
  isObject(m) &&
  (['hands', 'rings', 'ovens', 'grills'] as const).every(
    (k) => Number.isInteger(m[k]) && Number(m[k]) >= 0 && Number(m[k]) <= 12,
  )
    ? null
    : 'Enter how many cooks, hob rings, ovens and grills there are: up to 12 of each.';

/** Whether a list is one of steps that can be read; what cannot be planned of them is said by the planner. */
const areTasks = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.length <= 80 &&
  list.every(
    (t) =>
      isObject(t) &&
      isText(t['id'], 130) &&
      isText(t['dish'], 80) &&
      isText(t['name'], 80) &&
      typeof t['hands'] === 'boolean' &&
      (t['place'] === null || isText(t['place'], 10)) &&
      (t['vessel'] === undefined || isText(t['vessel'], 60)) &&
      (t['turn'] === undefined || (Number.isInteger(t['turn']) && isAmount(t['turn'], 9))) &&
      Number.isInteger(t['minutes']) &&
      isAmount(t['minutes'], 3000) &&
      isAmount(t['mayStand'], 3000) &&
      isAmount(t['spoils'], 100) &&
      Array.isArray(t['after']) &&
      t['after'].every(
        (a) => isObject(a) && isText(a['task'], 130) && isAmount(a['least'], 3000) && isAmount(a['most'], 3000),
      ),
  );

/** A dinner is planned: the whole of it, each time. Subject: the dinner. The last line holds. */
export class DinnerSet {
  @IsInt() @Min(FIRST_MS, { message: 'Say when it is served.' }) @Max(LAST_MS) serveAtMs!: number;
  @Document(dishesTrouble) dishes!: DinnerDish[];
  @Satisfies('A step of the dinner cannot be read.', areTasks) tasks!: Task[];
  @Document(meansTrouble) means!: Means;
  @IsString() @MaxLength(60) cook!: string;
  /** Member ids. */
  @IsArray() @ArrayMaxSize(30) @IsString({ each: true }) @MaxLength(60, { each: true }) eaters!: string[];
  @IsOptional() @IsInt() @Min(0) @Max(200) guests?: number;
  /** The name of the kitchen that it is cooked in; left out: the one at home. */
  @IsOptional() @IsString() @MaxLength(40) kitchen?: string;
}

/** A dish with fish and what stands beside it comes to a dinner that is planned, or is changed: what it has by their ids is replaced. Subject: the dinner. */
export class DinnerDishes {
  @Document(dishesTrouble) dishes!: DinnerDish[];
  @Satisfies('A step of the dish cannot be read.', areTasks) tasks!: Task[];
}

/** A dish is left out again, with its steps. */
export class DinnerWithout {
  @IsString() @MaxLength(60) dish!: string;
}

/** A step is put at a time by hand; left out: it may be wherever it is best again. */
export class DinnerPut {
  @IsString() @MaxLength(130) task!: string;
  @IsOptional() @IsInt() @Min(FIRST_MS) @Max(LAST_MS) startMs?: number;
}

export const STEP_DID = ['begun', 'done'] as const;
/** A step was begun or is done. Its time: when. */
export class DinnerStep {
  @IsString() @MaxLength(130) task!: string;
  @IsIn(STEP_DID, { message: 'Say whether it is begun or done.' }) did!: (typeof STEP_DID)[number];
}

/** A step takes more or fewer minutes than it was planned for. */
export class DinnerLasts {
  @IsString() @MaxLength(130) task!: string;
  @IsInt() @Min(0) @Max(2880, { message: 'At most two days.' }) minutes!: number;
}

/** It is served at another hour. */
export class DinnerMoved {
  @IsInt() @Min(FIRST_MS) @Max(LAST_MS) serveAtMs!: number;
}

/** The middle of a dish’s fish was read. */
export class DinnerRead {
  @IsString() @MaxLength(60) dish!: string;
  @IsNumber()
  @Min(-30, { message: 'Colder than any freezer. Is the reading right?' })
  @Max(120, { message: 'Hotter than fish gets. Is the tip touching the pan?' })
  c!: number;
}

/** It is served, or given up. */
export class DinnerEnded {
  @IsOptional() @IsString() @MaxLength(60) meal?: string;
}

/** A recipe of one’s own. Subject: the recipe; the last line holds. */
export class RecipeWritten {
  @Satisfies('This recipe cannot be read.', isRecipe) recipe!: Record<string, unknown>;
}
/** It is not offered any more. */
export class RecipeRetired {}

const areVessels = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.length <= 40 &&
  list.every(
    (v) =>
      isObject(v) &&
      isText(v['id'], 60) &&
      isText(v['name'], 60) &&
      isText(v['use'], 10) &&
      isText(v['shape'], 10) &&
      ['longMm', 'wideMm', 'deepMm'].every((k) => typeof v[k] === 'number' && Number(v[k]) > 0 && Number(v[k]) <= 2000),
  );

/** What a kitchen has. Subject: the book; the last line of each name holds. */
export class BookKitchen {
  /** Which kitchen; left out: the one at home. */
  @IsOptional() @IsString() @MaxLength(40) name?: string;
  /** There is no such kitchen any more. */
  @IsOptional() @IsBoolean() gone?: boolean;
  @Document(meansTrouble) means!: Means;
  @Satisfies('Up to 40 pans and pots, each with its name and measures.', areVessels) vessels!: Vessel[];
}

/** What of dry goods is always in the house. Subject: the book; the last line holds. */
export class BookPantry {
  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(80, { each: true })
  @Satisfies(
    'Each item needs a name.',
    (l) => Array.isArray(l) && l.every((x) => typeof x === 'string' && x.trim() !== ''),
  )
  has!: string[];
}
