import { IsIn, IsInt, IsNumber, IsOptional, IsString, Max, MaxLength, Min, MinLength } from 'class-validator';
import { STORE_KINDS, type StoreKind } from '@dagboek/core/larder';
import { AsTyped } from './as-typed.ts';

export const KINDS_OF_STORE: readonly StoreKind[] = STORE_KINDS;
/** What packs lay in before there were stores of one's own. */
export const PLAIN_STORES = ['fridge', 'freezer'] as const;
export type PlainStore = (typeof PLAIN_STORES)[number];
export const READ_BY = ['hand', 'thermometer'] as const;

/** A shelf, a tray, a rack, a freezer of one's own. Subject: the store. */
export class StoreAdded extends AsTyped {
  @IsString() @MinLength(1, { message: 'Enter a name.' }) @MaxLength(60) name!: string;
  @IsIn(KINDS_OF_STORE, { message: 'Choose what it is.' }) is!: StoreKind;
  /** Temperature it is set to, degC; left out: typical of its kind. */
  @IsOptional()
  @IsNumber()
  @Min(-60, { message: 'No fridge or freezer at home is that cold.' })
  @Max(30, { message: 'That is too warm for a store.' })
  setC?: number;
  @IsOptional() @IsNumber() @Min(1, { message: 'At least 1 litre.' }) @Max(3000) litres?: number;
  /** What was put simply into the fridge, or the freezer, lies here. */
  @IsOptional() @IsIn(PLAIN_STORES) standsFor?: PlainStore;
}

/** Its thermometer was read. Subject: the store. */
export class StoreRead extends AsTyped {
  @IsNumber()
  @Min(-60, { message: 'No fridge or freezer at home is that cold. Is the thermometer working?' })
  @Max(45, { message: 'No store is that hot. Is the thermometer working?' })
  c!: number;
  /** Relative humidity with it, %. */
  @IsOptional()
  @IsNumber()
  @Min(1, { message: 'Humidity is a percentage.' })
  @Max(100, { message: 'Humidity is at most 100 %.' })
  damp?: number;
  @IsOptional() @IsIn(READ_BY) by?: (typeof READ_BY)[number];
}

/** Its current went off, or came back. Subject: the store. */
export class StorePower {
  @IsIn(['off', 'on'], { message: 'Say whether the power failed or came back.' }) is!: 'off' | 'on';
}

/** No longer used: offered nowhere; what lies in it stays there. Subject: the store. Striking it brings it back. */
export class StoreRetired {}

/** Its melt water was drained, and ice put on. Subject: the store. */
export class StoreTended {
  @IsIn(['ice'], { message: 'Say what was done.' }) did!: 'ice';
}

/** Its packs were counted against the book. Subject: the store. */
export class StoreCounted {
  @IsInt() @Min(0) @Max(5000) there!: number;
  @IsInt() @Min(0) @Max(5000) missing!: number;
}
