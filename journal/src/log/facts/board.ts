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
} from 'class-validator';
import {
  FINDING_NAMES,
  PART_USES,
  type FindingOf,
  type Purpose,
  PURPOSES,
  type RouteName,
  ROUTE_NAMES,
  type Stage,
  WAY_NAMES,
  type WayName,
} from '@dagboek/core/cut';
import { STIFF_STATES, type StiffNow } from '@dagboek/core/fresh';
import { AsTyped } from './as-typed.ts';
import { Satisfies } from './satisfies.ts';

export const ROUTES: readonly RouteName[] = ROUTE_NAMES;
export const BYPRODUCT_USES = PART_USES;
const WEIGHT = { message: 'Enter a weight above 0.' };

/** What a weighing should come to, as shares of the whole, and of how many cuts that was learned. */
export interface Expected {
  readonly stage: Stage;
  readonly low: number;
  readonly mid: number;
  readonly high: number;
  readonly n: number;
}
const isShare = (x: unknown): boolean => typeof x === 'number' && x > 0 && x < 1;
const areExpected = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.length <= 4 &&
  list.every(
    (e: Partial<Expected> | null) =>
      ['gutted', 'fillets', 'trimmed'].includes(e?.stage ?? '') &&
      [e?.low, e?.mid, e?.high].every(isShare) &&
      e!.low! <= e!.mid! &&
      e!.mid! <= e!.high! &&
      Number.isInteger(e?.n) &&
      e!.n! >= 0,
  );

/** One or several fish of a kind onto the board. Subject: the cut. */
export class CutStarted {
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one fish.' })
  @ArrayMaxSize(60, { message: 'At most 60 fish on the board at once.' })
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  fish!: string[];
  @IsIn(ROUTES, { message: 'Choose a cut.' }) route!: RouteName;
  /** Member id of the one with the knife. */
  @IsString() @MaxLength(60) by!: string;
  /** What the meat is for; left out: the pan. */
  @IsOptional() @IsIn(PURPOSES, { message: 'Say what it is for.' }) purpose?: Purpose;
  /** How stiff the first of them was by its hours and its warmth; left out: nobody knows. */
  @IsOptional() @IsIn(STIFF_STATES, { message: 'Choose how stiff it was.' }) stiff?: StiffNow;
  /** Written down before the first cut, so that the comparison is honest. */
  @IsOptional()
  @Satisfies('An expectation has a stage and shares of the whole, from low to high.', areExpected)
  expected?: Expected[];
}

/** A step of the route that was done. Subject: the cut. */
export class CutStepped {
  /** The step's name as `@dagboek/core/cut` has it, or one of a newer version. */
  @IsString() @MinLength(1) @MaxLength(60) step!: string;
}

/** How this cut is done where schools differ, against the house way. Subject: the cut. */
export class CutWay {
  @IsIn(WAY_NAMES, { message: 'Choose a topic.' }) of!: WayName;
  @IsString() @MinLength(1) @MaxLength(60) is!: string;
}

/** Something found when it was opened, of a kind from which something may follow. Subject: the cut. */
export class CutFinding {
  @IsIn(FINDING_NAMES, { message: 'Choose a topic.' }) of!: FindingOf;
  @IsString() @MinLength(1, { message: 'Say what was found.' }) @MaxLength(60) is!: string;
  @IsOptional() @IsInt() @Min(1, { message: 'Enter 1 or more.' }) @Max(999) count?: number;
  @IsOptional() @IsString() @MaxLength(60) where?: string;
  /** SHA-256 of a picture of it, hex, with its size, upright, px; the file is kept apart, by its content. */
  @IsOptional()
  @Matches(/^[0-9a-f]{64}$/, { message: 'A picture is named by the 64 hex digits of its content.' })
  photo?: string;
  @IsOptional() @IsInt() @Min(1) @Max(20_000) width?: number;
  @IsOptional() @IsInt() @Min(1) @Max(20_000) height?: number;
}

/** The house way where schools differ. Subject: the book. */
export class BookWay {
  /** `raw by`: the authority whose freezing the house goes by for raw fish, US or EU. */
  @IsIn([...WAY_NAMES, 'raw by'], { message: 'Choose a topic.' }) of!: WayName | 'raw by';
  @IsString() @MinLength(1) @MaxLength(60) is!: string;
}

/** A weighing at one stage. */
export class CutWeighed extends AsTyped {
  @IsIn(['round', 'gutted', 'fillets', 'trimmed'], { message: 'Choose which stage was weighed.' }) stage!:
    'round' | 'gutted' | 'fillets' | 'trimmed';
  @IsNumber() @Min(1, WEIGHT) @Max(2_000_000) massG!: number;
  /** Where it was weighed piece by piece (one side, then the other): each, g; they make the whole weight. */
  @IsOptional()
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(60, { message: 'At most 60 pieces go into one weighing.' })
  @IsNumber({}, { each: true })
  @Min(1, { each: true, ...WEIGHT })
  @Max(2_000_000, { each: true })
  pieces?: number[];
}

/** Something else worth keeping, or throwing away knowingly. */
export class CutByproduct extends AsTyped {
  @IsString() @MinLength(1) @MaxLength(60) what!: string;
  @IsNumber() @Min(1, WEIGHT) @Max(2_000_000) massG!: number;
  @IsIn(BYPRODUCT_USES) use!: (typeof BYPRODUCT_USES)[number];
}

/** What the inside told: stomach, sex, worms, a cut gut. */
export class CutFound {
  @IsString() @MinLength(1, { message: 'First write what was found.' }) @MaxLength(2000) text!: string;
}
