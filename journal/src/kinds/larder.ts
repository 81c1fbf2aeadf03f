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
import type { PackForm, PackPlace, Wrapping } from '@dagboek/core/larder';
import { AsTyped } from './as-typed.ts';

export const FORMS = [
  'whole',
  'fillets',
  'steaks',
  'wings',
  'stock',
  'roe',
  'cooked',
] as const satisfies readonly PackForm[];
export const WRAPPINGS = ['cloth', 'box', 'bag', 'vacuum'] as const satisfies readonly Wrapping[];
export const PLACES = ['fridge', 'freezer'] as const satisfies readonly PackPlace[];

/** A pack put by. Subject: the pack. */
export class PackStored extends AsTyped {
  /** Number written on the label; counts up through the book. */
  @IsInt() @Min(1) @Max(1_000_000) number!: number;
  @IsString() @MinLength(1, { message: 'Say what is in the pack.' }) @MaxLength(80) what!: string;
  @IsString() @MaxLength(60) species!: string;
  @IsIn(FORMS) form!: PackForm;
  @IsNumber()
  @Min(1, { message: 'A pack weighs more than 0.' })
  @Max(200_000, { message: 'More in one pack than a crew can lift (200 kg)? Check the unit.' })
  massG!: number;
  @IsOptional() @IsInt() @Min(1) @Max(500) pieces?: number;
  @IsIn(WRAPPINGS) wrapping!: Wrapping;
  @IsIn(PLACES, { message: 'Say where it goes.' }) place!: PackPlace;
  /** Fish in it. */
  @IsArray() @ArrayMaxSize(60) @IsString({ each: true }) @MaxLength(60, { each: true }) fish!: string[];
  /** Cut it came from. */
  @IsOptional() @IsString() @MaxLength(60) cut?: string;
  /** Meal it was left over from. */
  @IsOptional() @IsString() @MaxLength(60) meal?: string;
}

/** Moved, e.g. from the freezer to the fridge to thaw. */
export class PackMoved {
  @IsIn(PLACES) place!: PackPlace;
}

/** Thrown away, and why. */
export class PackDiscarded {
  @IsString() @MinLength(1, { message: 'Say why.' }) @MaxLength(200) why!: string;
}
