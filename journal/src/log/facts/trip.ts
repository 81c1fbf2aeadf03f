import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { isPlace } from './place.ts';
import { Satisfies } from './satisfies.ts';
import { AsTyped } from './as-typed.ts';

const isInstant = (v: unknown): boolean =>
  typeof v === 'string' && v.length <= 40 && /^\d{4}-\d\d-\d\dT/.test(v) && !Number.isNaN(Date.parse(v));

/** Leaving. Subject: the trip. */
export class TripStarted extends AsTyped {
  /** Id of the rule pack. */
  @IsString() @MaxLength(60) waters!: string;
  @IsString() @MinLength(1, { message: 'Choose a zone.' }) @MaxLength(60) zone!: string;
  @IsIn(['boat', 'shore'], { message: 'Say whether it is from a boat or from the shore.' }) from!: 'boat' | 'shore';
  @IsOptional() @IsString() @MaxLength(60) boat?: string;
  /** Member ids. */
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose who is coming.' })
  @ArrayMaxSize(12)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  crew!: string[];
  @IsOptional() @IsString() @MaxLength(60) box?: string;
  @IsOptional()
  @IsNumber()
  @Min(0, { message: 'Ice cannot be less than 0.' })
  @Max(500, { message: 'At most 500 kg of ice. Check the unit.' })
  iceKg?: number;
  @IsOptional() @IsNumber() @Min(-2, { message: 'Sea water that cold would be frozen.' }) @Max(35) waterC?: number;
  /** Air, as it was read or said, degC. */
  @IsOptional()
  @IsNumber()
  @Min(-40)
  @Max(55, { message: 'That is too hot for air. Is the unit right?' })
  airC?: number;
  /** When they mean to be back, as an instant. */
  @IsOptional()
  @Satisfies('The time of coming home is an instant, such as 2026-09-12T17:30:00+01:00.', isInstant)
  homeAt?: string;
}

/** Moved to other waters. Subject: the trip. What is landed after it was caught there. */
export class TripMoved {
  @IsString() @MinLength(1, { message: 'Choose a zone.' }) @MaxLength(60) zone!: string;
  /** Longitude and latitude, degrees; left out when only the zone was said. */
  @IsOptional()
  @IsArray()
  @IsNumber({}, { each: true })
  @Satisfies('A place is a longitude and a latitude in degrees.', isPlace)
  position?: [number, number];
  @IsIn(['position source', 'by hand'], { message: 'Say who says so.' }) by!: 'position source' | 'by hand';
}

/** Back ashore. Subject: the trip. */
export class TripEnded {
  /** Rods or spears times hours in the water, where it differs from crew times the trip's length. */
  @IsOptional() @IsNumber() @Min(0) @Max(500) rodHours?: number;
}

/** What a remark of a trip is about; left out: anything else. */
export const NOTE_TOPICS = [
  'lost fish',
  'sighting',
  'ground',
  'bait',
  'tide',
  'water',
  'weather',
  'crew',
  'cost',
] as const;

/** A remark: weather, water, a sighting, something lost. Subject: the trip. */
export class TripNoted extends AsTyped {
  @IsOptional() @IsIn(NOTE_TOPICS) topic?: (typeof NOTE_TOPICS)[number];
  @IsString() @MinLength(1, { message: 'First write the note.' }) @MaxLength(2000) text!: string;
  /** Of the water that is fished from now on, m. */
  @IsOptional() @IsNumber() @Min(0) @Max(3000, { message: 'At most 3000 m deep.' }) depthM?: number;
  /** Air, as a source or a thermometer has it, degC. */
  @IsOptional() @IsNumber() @Min(-40) @Max(55) airC?: number;
  /** What it cost, in the money of the book. */
  @IsOptional() @IsNumber() @Min(0) @Max(1_000_000) cost?: number;
}

/** Someone was hurt. Subject: the trip. */
export class TripHarm {
  @IsString() @MaxLength(60) who!: string;
  @IsString() @MinLength(1) @MaxLength(2000) text!: string;
}
