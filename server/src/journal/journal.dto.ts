import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsOptional, Matches, Max, Min } from 'class-validator';
import { Type } from 'class-transformer';
import { MOST_ENTRIES } from '@dagboek/journal/log';
import { ProblemException } from '../common/problem.filter.ts';

/** A batch of entries, as it is described to the outside. */
export class AppendDto {
  @ApiProperty({ type: 'array', items: { type: 'object' }, maxItems: MOST_ENTRIES })
  entries!: unknown[];

  @ApiProperty({ required: false, description: 'How far the log was known to reach: { "last": 12, "digest": "…" }.' })
  seen?: { last: number; digest: string };
}

/**
 * The entries of a request's body. Looked at as a list only, since each entry is judged on its own; taking all of them apart
 * here as well would cost more than all the rest.
 */
export function batchIn(body: unknown): { entries: readonly unknown[]; seen: { last: number; digest: string } | null } {
  const { entries, seen, ...odd } = (typeof body === 'object' && body !== null ? body : {}) as {
    entries?: unknown;
    seen?: unknown;
  };
  const [field] = Object.keys(odd);
  if (field !== undefined) throw new ProblemException(400, `A batch has no field "${field.slice(0, 60)}".`, field);
  if (!Array.isArray(entries)) throw new ProblemException(400, 'Send { "entries": [ … ] }.', 'entries');
  if (entries.length > MOST_ENTRIES)
    throw new ProblemException(
      400,
      `Send at most ${MOST_ENTRIES} entries at once; nothing of this batch was taken.`,
      'entries',
    );
  const known = seen as { last?: unknown; digest?: unknown } | null | undefined;
  if (known !== undefined && !(typeof known?.last === 'number' && typeof known.digest === 'string'))
    throw new ProblemException(400, '"seen" is the number and the digest that came with the receipts.', 'seen');
  return { entries, seen: known ? (known as { last: number; digest: string }) : null };
}

/** Catching up. */
export class AfterDto {
  @ApiProperty({ required: false, default: 0 })
  @IsOptional()
  @Type(() => Number)
  @IsInt({ message: '"after" is a whole number.' })
  @Min(0, { message: '"after" is 0 or more.' })
  after = 0;

  @ApiProperty({ required: false, description: 'The digest that came with `after`.' })
  @IsOptional()
  @Matches(/^[0-9a-f]{0,64}$/, { message: '"digest" is the one that came with the last page.' })
  digest?: string;

  @ApiProperty({ required: false, default: 0, description: 'How far the log reached when a batch was last taken.' })
  @IsOptional()
  @Type(() => Number)
  @IsInt({ message: '"seen" is a whole number.' })
  @Min(0)
  seen = 0;

  @ApiProperty({ required: false, description: 'The digest that came with it.' })
  @IsOptional()
  @Matches(/^[0-9a-f]{0,64}$/, { message: '"seenDigest" is the one that came with the receipts.' })
  seenDigest?: string;

  @ApiProperty({ required: false, default: 2000 })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(5000)
  limit = 2000;
}
