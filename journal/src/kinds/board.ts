import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { type RouteName, ROUTE_NAMES } from '@dagboek/core/cut';
import { AsTyped } from './as-typed.ts';

export const ROUTES: readonly RouteName[] = ROUTE_NAMES;
export const BYPRODUCT_USES = ['stock', 'bait', 'tonight', 'bin'] as const;
const WEIGHT = { message: 'A weight is more than 0.' };

/** One or several fish of a kind onto the board. Subject: the cut. */
export class CutStarted {
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one fish.' })
  @ArrayMaxSize(60)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  fish!: string[];
  @IsIn(ROUTES, { message: 'Choose a cut.' }) route!: RouteName;
  /** Member id of the one with the knife. */
  @IsString() @MaxLength(60) by!: string;
}

/** A weighing at one stage. */
export class CutWeighed extends AsTyped {
  @IsIn(['round', 'gutted', 'fillets', 'trimmed'], { message: 'Say which stage was weighed.' }) stage!:
    'round' | 'gutted' | 'fillets' | 'trimmed';
  @IsNumber() @Min(1, WEIGHT) @Max(2_000_000) massG!: number;
}

/** Something else worth keeping, or throwing away knowingly. */
export class CutByproduct extends AsTyped {
  @IsString() @MinLength(1) @MaxLength(60) what!: string;
  @IsNumber() @Min(1, WEIGHT) @Max(2_000_000) massG!: number;
  @IsIn(BYPRODUCT_USES) use!: (typeof BYPRODUCT_USES)[number];
}

/** What the inside told: stomach, sex, worms, a cut gut. */
export class CutFound {
  @IsString() @MinLength(1, { message: 'Write what was found first.' }) @MaxLength(2000) text!: string;
}
