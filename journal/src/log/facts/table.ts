import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { MEAL_WORDS } from '@dagboek/core/cook';
import { AsTyped } from './as-typed.ts';
import { type LayIn, layTrouble } from './lay-in.ts';
import { Document, Satisfies } from './satisfies.ts';

/** How a meal was cooked: by one of the ways, or by one that this book has no word for. */
export const COOKING = [...MEAL_WORDS, 'another way'] as const;
export type CookedBy = (typeof COOKING)[number];
export const DONENESS = ['glassy', 'just parts', 'moist', 'dry'] as const;

/** Nested checks pass over null. */
const areObjects = (list: unknown): boolean =>
  Array.isArray(list) && list.every((x) => typeof x === 'object' && x !== null && !Array.isArray(x));

/** How much of one pack was taken. */
export class PackTaken extends AsTyped {
  @IsString() @MaxLength(60) pack!: string;
  @IsNumber() @Min(1, { message: 'Take more than 0 from the pack.' }) @Max(200_000) massG!: number;
}

/** A meal on the table. Subject: the meal. */
export class MealServed extends AsTyped {
  static readonly lists = { packs: PackTaken };
  @IsString() @MinLength(1, { message: 'Enter a name for the dish.' }) @MaxLength(80) name!: string;
  @IsString() @MaxLength(60) cook!: string;
  @IsIn(COOKING, { message: 'Choose how it was cooked.' }) method!: (typeof COOKING)[number];
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one pack.' })
  @ArrayMaxSize(30)
  @Satisfies('Each pack is named, with what was taken of it.', areObjects)
  @ValidateNested({ each: true })
  packs!: PackTaken[];
  /** Member ids; nobody where guests alone ate. */
  @IsArray()
  @Satisfies(
    'Choose who ate.',
    (eaters, { guests }) => (Array.isArray(eaters) && eaters.length > 0) || Number(guests) > 0,
  )
  @ArrayMaxSize(30)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  eaters!: string[];
  @IsOptional() @IsInt() @Min(0) @Max(200) guests?: number;
  @IsOptional() @IsIn(DONENESS) doneness?: (typeof DONENESS)[number];
  @IsOptional() @IsNumber() @Min(0) @Max(120) coreC?: number;
  /** The middle when it was taken off, degC. */
  @IsOptional() @IsNumber() @Min(-30) @Max(120) pulledC?: number;
  /** The dinner that it was planned as. */
  @IsOptional() @IsString() @MaxLength(60) dinner?: string;
  /** The dish that it was of that dinner. */
  @IsOptional() @IsString() @MaxLength(60) dish?: string;
  /** What was seen when it was done. */
  @IsOptional() @IsArray() @ArrayMaxSize(12) @IsString({ each: true }) @MaxLength(120, { each: true }) cues?: string[];
  /** Other dishes on the table. */
  @IsOptional() @IsArray() @ArrayMaxSize(20) @IsString({ each: true }) @MaxLength(80, { each: true }) beside?: string[];
  /** What its fish lay in before the fire. */
  @IsOptional() @Document(layTrouble) lay?: LayIn;
  /** What it cost beside the fish, in the crew's own money. */
  @IsOptional() @IsNumber() @Min(0) @Max(100_000) cost?: number;
}

/** One eater's mark, 1 to 5 in halves. */
export class MealRated {
  @IsString() @MaxLength(60) eater!: string;
  @IsNumber()
  @Min(1, { message: 'Ratings are from 1 to 5.' })
  @Max(5, { message: 'Ratings are from 1 to 5.' })
  mark!: number;
  /** The fish, and how it was done, apart: as the mark. */
  @IsOptional() @IsNumber() @Min(1) @Max(5) fish?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(5) doing?: number;
}

/** A picture of it. */
export class MealPictured {
  @Matches(/^[0-9a-f]{64}$/, { message: 'A picture is named by the 64 hex digits of its content.' }) photo!: string;
}

/** What to change, what was good. */
export class MealNoted {
  @IsString() @MinLength(1, { message: 'First write the note.' }) @MaxLength(2000) text!: string;
}
