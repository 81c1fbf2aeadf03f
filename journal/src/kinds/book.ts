import { IsIn, IsInt, IsNumber, IsOptional, IsString, Max, MaxLength, Min, MinLength } from 'class-validator';

const NAME = 60;

/** The book itself: its title and the waters whose rules it goes by. Subject: the book. */
export class BookOpened {
  @IsString() @MinLength(1, { message: 'Give the book a name.' }) @MaxLength(NAME) name!: string;
  /** Id of the rule pack. */
  @IsString() @MaxLength(NAME) waters!: string;
  /** Boat's name; left out when fishing from the shore. */
  @IsOptional() @IsString() @MaxLength(NAME) boat?: string;
  @IsIn(['boat', 'shore'], { message: 'Say whether you fish from a boat or from the shore.' }) from!: 'boat' | 'shore';
}

/** A person of the crew or the kitchen. Subject: the member. */
export class MemberJoined {
  @IsString() @MinLength(1, { message: 'Give a name.' }) @MaxLength(NAME) name!: string;
  /** What they mostly do, in their own words. */
  @IsOptional() @IsString() @MaxLength(120) role?: string;
  @IsOptional() @IsInt() @Min(1900) @Max(2100) born?: number;
}

/** A box for fish. Subject: the box. */
export class BoxAdded {
  @IsString() @MinLength(1, { message: 'Give the box a name.' }) @MaxLength(NAME) name!: string;
  @IsNumber() @Min(1, { message: 'A box holds at least 1 litre.' }) @Max(2000) litres!: number;
}

/** Takes back another entry (`strikes`). Subject: that of the struck entry. */
export class LogStruck {}
