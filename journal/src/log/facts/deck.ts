import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { BLEEDS, KILLS } from '@dagboek/core/handling';
import { type Origin, RULE_GEARS } from '@dagboek/core/rules';
import type { LengthKind, MeasureMethod } from '@dagboek/core/species';
import { Satisfies } from './satisfies.ts';
import { AsTyped } from './as-typed.ts';

export const LENGTH_KINDS = ['total', 'fork', 'discWidth', 'mantle'] as const satisfies readonly LengthKind[];
export const METHODS = ['board', 'mat', 'tape', 'photo', 'eye'] as const satisfies readonly MeasureMethod[];
export const GEARS = RULE_GEARS;
export const ORIGINS = ['wild', 'stocked', 'farmed'] as const satisfies readonly Origin[];
export const RELEASE_REASONS = [
  'too short',
  'over the bag',
  'closed season',
  'may not be kept',
  'too near to tell',
  'not needed',
  'not sure what it is',
] as const;
/** How a reason to let a fish go is said; what is stored is older than these words. */
export const RELEASE_WORDS: Readonly<Record<(typeof RELEASE_REASONS)[number], string>> = {
  'too short': 'too short',
  'over the bag': 'over the bag limit',
  'closed season': 'closed season',
  'may not be kept': 'may not be kept',
  'too near to tell': 'too close to the limit to be sure',
  'not needed': 'not needed',
  'not sure what it is': 'not identified',
};
/** What became of the hook of one that went back. */
export const HOOKS = ['out', 'line cut', 'swallowed, left in'] as const;
export const RELEASE_STATES = ['swam off', 'slow', 'bleeding', 'dead'] as const;
export const DISPATCHES = KILLS;
export const BLEED_CUTS = [...BLEEDS, 'none'] as const;
export const BLEED_MEDIA = ['sea-water bucket', 'over the side', 'hung', 'slurry'] as const;
export const ICINGS = ['slurry', 'layered ice', 'on ice, dry'] as const;

/** Out of the water. Subject: the fish, or the lot when `count` is above 1. */
export class FishLanded {
  @IsString() @MaxLength(60) trip!: string;
  /** Member id of the one who caught it. */
  @IsString() @MaxLength(60) angler!: string;
  @IsInt({ message: 'Count whole fish.' })
  @Min(1, { message: 'At least one fish.' })
  @Max(500, { message: 'At most 500 fish in one entry.' })
  count!: number;
  /** Its number within the trip, given once; two devices may give the same one. */
  @IsOptional() @IsInt() @Min(1) @Max(100_000) number?: number;
  @IsOptional() @IsString() @MaxLength(60) species?: string;
  @IsOptional() @IsIn(GEARS) gear?: (typeof GEARS)[number];
  /** Where it comes from, when a rule asks: nobody has said while it is left out. */
  @IsOptional() @IsIn(ORIGINS) origin?: Origin;
}

/** Traits and states by id: short words, and no more than a key has questions. */
function areMarksSeen(value: unknown): boolean {
  const list = Object.entries((value ?? {}) as object);
  return list.length <= 120 && list.every(([k, v]) => k.length <= 60 && typeof v === 'string' && v.length <= 60);
}

/** Its name, given or changed. With `orElse` it is not settled: "turbot or brill", and the stricter rule applies until it is. */
export class FishNamed {
  @IsString() @MaxLength(60) species!: string;
  /** Other species that it may still be, besides the likeliest. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(6)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  orElse?: string[];
  /** What was seen on the fish, by trait of the key, so that the name can be settled or doubted later from the same marks. */
  @IsOptional()
  @IsObject()
  @Satisfies('What was seen is a list of traits, each with what it showed.', areMarksSeen)
  seen?: Readonly<Record<string, string>>;
}

/** A length read. For a lot: the shortest and the longest. */
export class FishMeasured extends AsTyped {
  @IsNumber()
  @Min(1, { message: 'Enter a length above 0.' })
  @Max(5000, { message: 'Longer than any fish (5 m). Is the unit right?' })
  lengthMm!: number;
  @IsIn(LENGTH_KINDS) lengthKind!: LengthKind;
  @IsIn(METHODS) method!: MeasureMethod;
  /** Longest of a lot; `lengthMm` is then the shortest. */
  @IsOptional() @IsNumber() @Min(1) @Max(5000) longestMm?: number;
  /** Error of this very reading, 1 sd: of a picture, or as the crew have set it. Left out: that of the method. */
  @IsOptional()
  @IsNumber()
  @Min(0.5, { message: 'No fish can be measured better than to 0.5 mm.' })
  @Max(1000)
  sdMm?: number;
}

/** A weight: of the whole lot, if it is one. */
export class FishWeighed extends AsTyped {
  @IsNumber()
  @Min(1, { message: 'Enter a weight above 0.' })
  @Max(2_000_000, { message: 'More than two tonnes. Is the unit right?' })
  massG!: number;
  @IsIn(['scale', 'estimated'], { message: 'Say whether it was weighed or estimated.' }) how!: 'scale' | 'estimated';
}

/** Kept, and thrown away before it came off the board: spoilt, or past the line of histamine. */
export class FishDiscarded {
  @IsString() @MinLength(1, { message: 'Say why.' }) @MaxLength(200) why!: string;
}

/** Put back. */
export class FishReleased {
  @IsIn(RELEASE_REASONS, { message: 'Say why it was released.' }) reason!: (typeof RELEASE_REASONS)[number];
  @IsOptional() @IsIn(RELEASE_STATES) state?: (typeof RELEASE_STATES)[number];
  @IsOptional() @IsIn(HOOKS) hook?: (typeof HOOKS)[number];
}

/** Killed. */
export class FishDispatched {
  @IsIn(DISPATCHES, { message: 'Say how it was killed.' }) how!: (typeof DISPATCHES)[number];
  /** Were the signs of a clean kill seen? */
  @IsOptional() @IsBoolean() signsSeen?: boolean;
  /** A wire was run down its spine after, which puts off the stiffness. */
  @IsOptional() @IsBoolean() wired?: boolean;
  /** Shot or cut went through the gut, which taints: to be gutted soon, wiped, and used first. */
  @IsOptional() @IsBoolean() gutPierced?: boolean;
}

/** Bled; `cut: none` says that it was left out, and that is worth knowing later. */
export class FishBled {
  @IsIn(BLEED_CUTS, { message: 'Say where it was cut.' }) cut!: (typeof BLEED_CUTS)[number];
  @IsOptional() @IsIn(BLEED_MEDIA) medium?: (typeof BLEED_MEDIA)[number];
}

/** Onto ice in a box; the bleeding ends with it. */
export class FishIced {
  @IsString() @MinLength(1, { message: 'Choose the box.' }) @MaxLength(60) box!: string;
  @IsIn(ICINGS) how!: (typeof ICINGS)[number];
}

/** Layers of a box, from the water up. */
export const LAYERS = ['bottom', 'middle', 'top'] as const;
export type Layer = (typeof LAYERS)[number];

/** Laid elsewhere: into another box, or otherwise in the same. */
export class FishMoved {
  @IsString() @MinLength(1, { message: 'Choose the box.' }) @MaxLength(60) box!: string;
  @IsOptional() @IsIn(ICINGS) how?: (typeof ICINGS)[number];
  @IsOptional() @IsIn(LAYERS) layer?: Layer;
}

/** A thermometer in its middle. */
export class FishRead extends AsTyped {
  @IsNumber()
  @Min(-40, { message: 'No fish is that cold. Is the thermometer working?' })
  @Max(40, { message: 'No raw fish is that warm. Is the thermometer working?' })
  c!: number;
}

/** Told to whom a rule says it must be told. */
export class FishReported {
  /** Id of the rule. */
  @IsString() @MinLength(1) @MaxLength(120) rule!: string;
  @IsString() @MinLength(1, { message: 'Say to whom it was reported.' }) @MaxLength(200) to!: string;
}

/** A remark on this fish. */
export class FishNoted {
  @IsString() @MinLength(1, { message: 'First write the note.' }) @MaxLength(2000) text!: string;
}
