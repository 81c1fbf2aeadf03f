import { ApiProperty } from '@nestjs/swagger';
import { ArrayMaxSize, IsArray, IsInt, IsOptional, Max, Min } from 'class-validator';
import { Type } from 'class-transformer';
import { MOST_ENTRIES } from '@dagboek/journal';

/** A batch of entries. Each entry is judged on its own, so the array is only looked at as an array. */
export class AppendDto {
  @ApiProperty({ type: 'array', items: { type: 'object' }, maxItems: MOST_ENTRIES })
  @IsArray({ message: 'Send { "entries": [ … ] }.' })
  @ArrayMaxSize(MOST_ENTRIES, {
    message: `Send at most ${MOST_ENTRIES} entries at once; nothing of this batch was taken.`,
  })
  entries!: unknown[];
}

/** Catching up. */
export class AfterDto {
  @ApiProperty({ required: false, default: 0 })
  @IsOptional()
  @Type(() => Number)
  @IsInt({ message: '"after" is a whole number.' })
  @Min(0, { message: '"after" is 0 or more.' })
  after = 0;

  @ApiProperty({ required: false, default: 2000 })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(5000)
  limit = 2000;
}
