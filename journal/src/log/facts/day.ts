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
import { isCivilDay } from '@dagboek/core/time';
import { Satisfies } from './satisfies.ts';

export const FISH_ON_A_DAY = ['either', 'yes', 'no'] as const;

const arePacks = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.length <= 30 &&
  list.every((p: { pack?: unknown; meatG?: unknown; locked?: unknown } | null) => {
    const named = typeof p?.pack === 'string' && p.pack.length > 0 && p.pack.length <= 60;
    const grams = p?.meatG === undefined || (typeof p.meatG === 'number' && p.meatG >= 0 && p.meatG <= 200_000);
    return named && grams && (p?.locked === undefined || typeof p.locked === 'boolean');
  });

/** What is planned for a day: the whole of it, each time. Subject: the day, see `dayId`. The last line of a day holds. */
export class DayPlanned {
  @Satisfies('A day is written as 2026-09-12.', isCivilDay) day!: string;
  @IsIn(FISH_ON_A_DAY, { message: 'Say whether there is fish on that day.' }) fish!: (typeof FISH_ON_A_DAY)[number];
  /** Members who eat at home; left out: those who mostly do. */
  @IsOptional() @IsArray() @ArrayMaxSize(30) @IsString({ each: true }) @MaxLength(60, { each: true }) home?: string[];
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(50, { message: 'At most 50 guests can be planned.' })
  guests?: number;
  /** Packs for its meal, and how much of their meat; `locked`: somebody put it there. */
  @IsOptional()
  @Satisfies('Each pack of a day is named.', arePacks)
  packs?: { pack: string; meatG?: number; locked?: boolean }[];
  /** How it is to be cooked. */
  @IsOptional() @IsString() @MaxLength(60) method?: string;
}

/** How much somebody eats, and what not. Subject: the member. */
export class MemberEats {
  @IsNumber()
  @Min(0.25, { message: 'At least a quarter of a plate.' })
  @Max(3, { message: 'At most three plates.' })
  plates!: number;
  /** Ids of species. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  dislikes?: string[];
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  allergic?: string[];
  /** No fish at all: an allergy to one is mostly one to all. */
  @IsOptional() @IsBoolean() noFish?: boolean;
  /** Pregnant, small, old or of weak defence. */
  @IsOptional() @IsBoolean() atRisk?: boolean;
}

/** How much is to come out of the freezers in the plan’s days. Subject: the book. */
export class BookRoom {
  @IsNumber() @Min(0) @Max(200_000, { message: 'That is more than fits in a freezer.' }) massG!: number;
}
