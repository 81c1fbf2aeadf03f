import { registerDecorator, type ValidationArguments } from 'class-validator';

/** A property whose value a function accepts, beside the other facts of its line; else the message says what it should be. */
export function Satisfies(
  message: string,
  accepts: (value: unknown, facts: Readonly<Record<string, unknown>>) => boolean,
) {
  return (target: object, propertyName: string): void =>
    registerDecorator({
      name: 'satisfies',
      target: target.constructor,
      propertyName,
      options: { message },
      validator: {
        validate: (v: unknown, a?: ValidationArguments) => accepts(v, (a?.object ?? {}) as Record<string, unknown>),
      },
    });
}

/** A property that is a document: read to its last field. `trouble`: what is wrong with it, in a sentence; null when nothing is. */
export function Document(trouble: (value: unknown) => string | null) {
  return (target: object, propertyName: string): void =>
    registerDecorator({
      name: 'document',
      target: target.constructor,
      propertyName,
      validator: {
        // What is missing is no document at all, and no schema is asked about it.
        validate: (value: unknown) => value !== undefined && trouble(value) === null,
        defaultMessage: (a?: ValidationArguments) =>
          a?.value === undefined ? 'A part is missing.' : (trouble(a.value) ?? ''),
      },
    });
}
