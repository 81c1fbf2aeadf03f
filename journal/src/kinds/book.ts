import {
  ArrayMaxSize,
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
import { Satisfies } from './satisfies.ts';

const NAME = 60;
const DAY = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

/** Each licence has a name and a last day. */
const areLicences = (list: unknown): boolean =>
  Array.isArray(list) &&
  list.every((l: { name?: unknown; until?: unknown } | null) => {
    const named = typeof l?.name === 'string' && l.name.trim() !== '' && l.name.length <= 80;
    return named && typeof l.until === 'string' && DAY.test(l.until);
  });

/** The book itself: its title and the waters whose rules it goes by. Subject: the book. */
export class BookOpened {
  @IsString() @MinLength(1, { message: 'Give the book a name.' }) @MaxLength(NAME) name!: string;
  /** Id of the rule pack. */
  @IsString() @MaxLength(NAME) waters!: string;
  /** Boat's name; left out when fishing from the shore. */
  @IsOptional() @IsString() @MaxLength(NAME) boat?: string;
  @IsIn(['boat', 'shore'], { message: 'Say whether you fish from a boat or from the shore.' }) from!: 'boat' | 'shore';
}

/** Ways of measuring whose error a crew can find out by reading the same fish twice. */
export const SETTABLE_METHODS = ['board', 'mat', 'tape'] as const;
export type SettableMethod = (typeof SETTABLE_METHODS)[number];

/** How well a way of measuring does in this crew's hands. Subject: the book. What was measured before keeps the error it had. */
export class BookError {
  @IsIn(SETTABLE_METHODS, { message: 'Choose board, mat or tape.' }) method!: SettableMethod;
  /** One standard deviation, mm. */
  @IsNumber()
  @Min(0.5, { message: 'No length of a fish is read better than to half a millimetre.' })
  @Max(100, { message: 'An error above 10 cm is a guess: measure by eye.' })
  sdMm!: number;
}

/** A person of the crew or the kitchen. Subject: the member. */
export class MemberJoined {
  @IsString() @MinLength(1, { message: 'Give a name.' }) @MaxLength(NAME) name!: string;
  /** What they mostly do, in their own words. */
  @IsOptional() @IsString() @MaxLength(120) role?: string;
  @IsOptional() @IsInt() @Min(1900) @Max(2100) born?: number;
  /** Civil day of birth, for rules that ask for an age. */
  @IsOptional() @Matches(DAY, { message: 'A day of birth is written as 2012-05-31.' }) bornOn?: string;
  /** Licences held, each to its last day; an empty list: holds none. Left out: nobody has said. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @Satisfies('A licence has a name and the last day on which it holds, such as 2026-12-31.', areLicences)
  licences?: { name: string; until: string }[];
}

/** A box for fish. Subject: the box. */
export class BoxAdded {
  @IsString() @MinLength(1, { message: 'Give the box a name.' }) @MaxLength(NAME) name!: string;
  @IsNumber() @Min(1, { message: 'A box holds at least 1 litre.' }) @Max(2000) litres!: number;
}

/** Takes back another entry (`strikes`). Subject: that of the struck entry. */
export class LogStruck {}
