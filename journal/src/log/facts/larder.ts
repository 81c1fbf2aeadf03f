import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { PACK_FORMS, type PackForm, type PackPlace, type Wrapping, WRAPPING_FACTS } from '@dagboek/core/larder';
import { AsTyped } from './as-typed.ts';
import { Satisfies } from './satisfies.ts';

export const FORMS = Object.keys(PACK_FORMS) as readonly PackForm[];
export const WRAPPINGS = Object.keys(WRAPPING_FACTS) as readonly Wrapping[];
export const PLACES = ['fridge', 'freezer'] as const satisfies readonly PackPlace[];

const arePartsOfPacks = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.length >= 1 &&
  list.length <= 20 &&
  list.every((p: { pack?: unknown; massG?: unknown; pieces?: unknown } | null) => {
    const named = typeof p?.pack === 'string' && p.pack.length > 0 && p.pack.length <= 60;
    const grams = typeof p?.massG === 'number' && p.massG >= 1 && p.massG <= 200_000;
    return named && grams && (p.pieces === undefined || (Number.isInteger(p.pieces) && Number(p.pieces) >= 1));
  });

/** Where a part of a pack goes, when nobody eats it at a meal of the book. */
export const TAKEN_FOR = ['thrown away', 'given away', 'bait', 'eaten elsewhere'] as const;
/** The same, and what a count did not find. A name stands in the log for ever. */
export const TAKEN_AS = [...TAKEN_FOR, 'not found'] as const;

/** A part of it was taken out, and not for a meal of the book. Subject: the pack. */
export class PartTaken extends AsTyped {
  @IsNumber() @Min(1, { message: 'Enter a weight above 0.' }) @Max(200_000) massG!: number;
  @IsOptional() @IsInt() @Min(1, { message: 'Enter 1 or more.' }) @Max(500) pieces?: number;
  @IsIn(TAKEN_AS, { message: 'Say what became of it.' }) is!: (typeof TAKEN_AS)[number];
  @IsOptional() @IsString() @MaxLength(200) why?: string;
}

export const PACK_TENDED = ['towel', 'turn'] as const;
/** Its towel was changed, or it was turned. Subject: the pack. */
export class PackTended {
  @IsIn(PACK_TENDED, { message: 'Say what was done.' }) did!: (typeof PACK_TENDED)[number];
}

/** It was weighed again. Subject: the pack. */
export class PackWeighed extends AsTyped {
  @IsNumber() @Min(1, { message: 'Enter a weight above 0.' }) @Max(200_000) massG!: number;
  @IsOptional() @IsInt() @Min(1, { message: 'Enter 1 or more.' }) @Max(500) pieces?: number;
}

/** A pack put by. Subject: the pack. */
export class PackStored extends AsTyped {
  /** Number written on the label; counts up through the book. */
  @IsInt() @Min(1) @Max(1_000_000) number!: number;
  @IsString() @MinLength(1, { message: 'Say what is in the pack.' }) @MaxLength(80) what!: string;
  @IsString() @MaxLength(60) species!: string;
  @IsIn(FORMS) form!: PackForm;
  @IsNumber()
  @Min(1, { message: 'Enter a weight above 0.' })
  @Max(200_000, { message: 'At most 200 kg in one pack. Check the unit.' })
  massG!: number;
  @IsOptional() @IsInt() @Min(1) @Max(500) pieces?: number;
  @IsIn(WRAPPINGS) wrapping!: Wrapping;
  @IsIn(PLACES, { message: 'Say where it goes.' }) place!: PackPlace;
  /** The store of one's own; left out: simply the fridge, or the freezer. */
  @IsOptional() @IsString() @MaxLength(60) store?: string;
  /** Fish in it. */
  @IsArray() @ArrayMaxSize(60) @IsString({ each: true }) @MaxLength(60, { each: true }) fish!: string[];
  /** Cut it came from. */
  @IsOptional() @IsString() @MaxLength(60) cut?: string;
  /** Packs that it was made out of, and how much of each: a part of one, or several put together. */
  @IsOptional()
  @Satisfies('A pack made out of others names each, and how much of it.', arePartsOfPacks)
  from?: { pack: string; massG: number; pieces?: number }[];
  /** Meal it was left over from. */
  @IsOptional() @IsString() @MaxLength(60) meal?: string;
}

/** Moved, e.g. from the freezer to the fridge to thaw. */
export class PackMoved {
  @IsIn(PLACES) place!: PackPlace;
  @IsOptional() @IsString() @MaxLength(60) store?: string;
}

/** Thrown away, and why. */
export class PackDiscarded {
  @IsString() @MinLength(1, { message: 'Say why.' }) @MaxLength(200) why!: string;
}
