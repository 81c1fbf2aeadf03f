import { applyDecorators } from '@nestjs/common';
import { Transform } from 'class-transformer';
import { IsString, MaxLength, MinLength, Matches } from 'class-validator';

const trimmed = ({ value }: { value: unknown }): unknown => (typeof value === 'string' ? value.trim() : value);

/** Characters that show nothing, or turn the letters after them round. */
export const CONTROL = /[\p{Cc}\u200e\u200f\u202a-\u202e\u2066-\u2069\u2028\u2029]/u;

/** A line of text that is asked for: from 1 to `most` letters, without signs that nobody sees. `missing`: what to say where it is not there. */
export const ShortText = (most: number, missing: string) =>
  applyDecorators(
    Transform(trimmed),
    Matches(new RegExp(`^(?!.*${CONTROL.source})`, 'su'), { message: 'Leave out signs that cannot be seen.' }),
    MaxLength(most, { message: `Write at most ${most} letters.` }),
    MinLength(1, { message: missing }),
    IsString({ message: missing }),
  );
