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
import { ICE_WORDS, WALLS, type Walls } from '@dagboek/core/box';
import { isCivilDay } from '@dagboek/core/time';
import { Satisfies } from './satisfies.ts';
import { AsTyped } from './as-typed.ts';

const NAME = 60;

/** Each licence has a name and a last day. */
const areLicences = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.every((l: { name?: unknown; until?: unknown; from?: unknown } | null) => {
    const named = typeof l?.name === 'string' && l.name.trim() !== '' && l.name.length <= 80;
    const from = l?.from === undefined || isCivilDay(l.from);
    return named && from && isCivilDay(l?.until);
  });

/** Each place has an id, a name and kinds of ground. */
const arePlaces = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.every((p: { id?: unknown; name?: unknown; grounds?: unknown } | null) => {
    const short = (x: unknown): boolean => typeof x === 'string' && x.trim() !== '' && x.length <= NAME;
    return (
      short(p?.id) && short(p?.name) && Array.isArray(p?.grounds) && p.grounds.length <= 20 && p.grounds.every(short)
    );
  });

/** The book itself: its title and the waters whose rules it goes by. Subject: the book. */
export class BookOpened {
  @IsString() @MinLength(1, { message: 'Enter a name for the book.' }) @MaxLength(NAME) name!: string;
  /** Id of the rule pack. */
  @IsString() @MaxLength(NAME) waters!: string;
  /** Boat's name; left out when fishing from the shore. */
  @IsOptional() @IsString() @MaxLength(NAME) boat?: string;
  @IsIn(['boat', 'shore'], { message: 'Say whether you fish from a boat or from the shore.' }) from!: 'boat' | 'shore';
  /** Places of one's own, in a book that goes by no rule pack. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60)
  @Satisfies('A place has a name of at most 60 letters, and the kinds of ground there.', arePlaces)
  places?: { id: string; name: string; grounds: string[] }[];
}

/** Ways of measuring whose error a crew can find out by reading the same fish twice. */
export const SETTABLE_METHODS = ['board', 'mat', 'tape'] as const;
export type SettableMethod = (typeof SETTABLE_METHODS)[number];

/** How well a way of measuring does in this crew's hands. Subject: the book. What was measured before keeps the error it had. */
export class BookError extends AsTyped {
  @IsIn(SETTABLE_METHODS, { message: 'Choose board, mat or tape.' }) method!: SettableMethod;
  /** One standard deviation, mm. */
  @IsNumber()
  @Min(0.5, { message: 'No fish can be measured better than to 0.5 mm.' })
  @Max(100, { message: 'Such a large error is a guess: choose “by eye”.' })
  sdMm!: number;
}

/** A person of the crew or the kitchen. Subject: the member. */
export class MemberJoined {
  @IsString() @MinLength(1, { message: 'Enter a name.' }) @MaxLength(NAME) name!: string;
  /** What they mostly do, in their own words. */
  @IsOptional() @IsString() @MaxLength(120) role?: string;
  @IsOptional() @IsInt() @Min(1900) @Max(2100) born?: number;
  /** Civil day of birth, for rules that ask for an age. */
  @IsOptional() @Satisfies('Write the date of birth like 2012-05-31.', isCivilDay) bornOn?: string;
  /** Licences held, each to its last day; an empty list: holds none. Left out: nobody has said. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @Satisfies('Enter the licence’s name and its last day, such as 2026-12-31.', areLicences)
  licences?: { name: string; until: string; from?: string }[];
}

/** No longer comes along: offered nowhere, and every line of theirs stays. Subject: the member. Striking it brings them back. */
export class MemberLeft {}

/** No longer used: offered nowhere, and what lies in it stays there. Subject: the box. Striking it brings it back. */
export class BoxRetired {}

/** A box for fish. Subject: the box. */
export class BoxAdded extends AsTyped {
  @IsString() @MinLength(1, { message: 'Enter a name for the box.' }) @MaxLength(NAME) name!: string;
  @IsNumber() @Min(1, { message: 'A box holds at least 1 litre.' }) @Max(2000) litres!: number;
  /** How it is built; left out: nobody has said. */
  @IsOptional() @IsIn(WALLS) walls?: Walls;
}

/** How much ice was seen in a box. */
export const ICE_SEEN = ICE_WORDS;

/** What was noted of the ice of a box: so much put in, or so much seen. */
export type IceNoted =
  | { readonly kg: number; readonly seen: null; /** Sea water with it, l. */ readonly seaL?: number }
  | { readonly kg: null; readonly seen: (typeof ICE_SEEN)[number] };

/** Ice was put in. Subject: the box. */
export class BoxFilled extends AsTyped {
  @IsNumber() @Min(0.1, { message: 'Say how much ice went in.' }) @Max(500) kg!: number;
  /** Sea water that was poured in with it, litres: a slurry. */
  @IsOptional() @IsNumber() @Min(0.1) @Max(500) seaL?: number;
}

/** Somebody looked under the lid. Subject: the box. */
export class BoxLooked {
  @IsIn(ICE_SEEN, { message: 'Say how much ice there was.' }) ice!: (typeof ICE_SEEN)[number];
}

/** Its ice was weighed. Subject: the box. */
export class BoxWeighed extends AsTyped {
  @IsNumber() @Min(0, { message: 'Ice cannot weigh less than 0.' }) @Max(500) kg!: number;
}

/** The melted water was let out, and weighed or not. Subject: the box. */
export class BoxDrained extends AsTyped {
  @IsOptional() @IsNumber() @Min(0, { message: 'Water cannot weigh less than 0.' }) @Max(500) kg?: number;
}

/** A thermometer was read in it, among the ice or in the water. Subject: the box. */
export class BoxRead extends AsTyped {
  @IsNumber()
  @Min(-30, { message: 'No box is that cold. Is the thermometer working?' })
  @Max(40, { message: 'No box is that hot. Is the thermometer working?' })
  c!: number;
}

export const BOX_STANDS = ['sun', 'shade'] as const;

/** Where it stands from now on. Subject: the box. */
export class BoxStands {
  @IsIn(BOX_STANDS, { message: 'Say whether it stands in the sun or in the shade.' })
  where!: (typeof BOX_STANDS)[number];
}

/** Shut at home with so much ice for so long: what its walls let through. Subject: the box. */
export class BoxTested extends AsTyped {
  @IsNumber() @Min(0.5, { message: 'Test with at least half a kilo of ice.' }) @Max(500) iceKg!: number;
  @IsNumber()
  @Min(0.1, { message: 'If all the ice has melted, the time of melting is unknown.' })
  @Max(500)
  leftKg!: number;
  @IsNumber() @Min(1, { message: 'Leave the box closed for at least an hour.' }) @Max(240) hours!: number;
  @IsNumber() @Min(5, { message: 'In such cold air too little melts to measure.' }) @Max(50) airC!: number;
}

/** Takes back another entry (`strikes`). Subject: that of the struck entry. */
export class LogStruck {}
