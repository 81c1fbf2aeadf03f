import { registerDecorator } from 'class-validator';

/** A property whose value a function accepts; else the message says what it should be. */
export function Satisfies(message: string, accepts: (value: unknown) => boolean) {
  return (target: object, propertyName: string): void =>
    registerDecorator({
      name: 'satisfies',
      target: target.constructor,
      propertyName,
      options: { message },
      validator: { validate: accepts },
    });
}
