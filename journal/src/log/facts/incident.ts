import { IsIn, IsNumber, IsOptional, IsString, Max, MaxLength, Min, MinLength } from 'class-validator';
import { AID_IDS, type AidId } from '@dagboek/core/harm';

/** How the one who is hurt says it goes. */
export const SIGNS = ['easing', 'the same', 'worse'] as const;

/** Someone was hurt or fell ill. Subject: the incident. Its time: when it happened. */
export class IncidentBegun {
  @IsIn(AID_IDS, { message: 'Say what happened.' }) card!: AidId;
  /** Species that did it, when it is known. */
  @IsOptional() @IsString() @MaxLength(60) by?: string;
  /** Member who was hurt. */
  @IsOptional() @IsString() @MaxLength(60) who?: string;
  @IsOptional() @IsString() @MaxLength(60) trip?: string;
  /** The meal after which it began. */
  @IsOptional() @IsString() @MaxLength(60) meal?: string;
}

/** The limb went into hot water, or the water was made hot again. */
export class IncidentSoaked {
  /** degC, by a thermometer. */
  @IsOptional()
  @IsNumber()
  @Min(20, { message: 'Water below 20° is not hot.' })
  @Max(60, { message: 'Water above 60° scalds at once. Is the reading right?' })
  waterC?: number;
}

/** How it goes, or what was seen and done. */
export class IncidentNoted {
  @IsOptional() @IsIn(SIGNS) sign?: (typeof SIGNS)[number];
  @IsString() @MinLength(1, { message: 'First write what was seen or done.' }) @MaxLength(2000) text!: string;
}

/** It is over, or in other hands. */
export class IncidentEnded {
  @IsString() @MinLength(1, { message: 'Choose how it ended.' }) @MaxLength(300) how!: string;
}
