import { applyDecorators } from '@nestjs/common';
import { Transform } from 'class-transformer';
import { hasUnseen } from '@dagboek/core/text';
import { IsString, Matches, MaxLength, MinLength, ValidateBy } from 'class-validator';

const trimmed = ({ value }: { value: unknown }): unknown => (typeof value === 'string' ? value.trim() : value);

const UNSEEN = 'Leave out invisible characters.';

/** A line of text that is asked for: from 1 to `most` letters, without signs that nobody sees. `missing`: what to say where it is not there. */
export const ShortText = (most: number, missing: string) =>
  applyDecorators(
    Transform(trimmed),
    // A line: without new lines and tabs too.
    Matches(/^[^\n\t]*$/, { message: UNSEEN }),
    ValidateBy({ name: 'seen', validator: { validate: (x) => !hasUnseen(String(x)), defaultMessage: () => UNSEEN } }),
    MaxLength(most, { message: `Write at most ${most} letters.` }),
    MinLength(1, { message: missing }),
    IsString({ message: missing }),
  );
