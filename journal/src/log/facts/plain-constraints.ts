import type { ValidationError } from 'class-validator';

/** What a field is called in a sentence, where its name in the facts says it badly. */
const WORDS: Readonly<Record<string, string>> = {
  name: 'The name',
  text: 'The remark',
  what: 'What is in it',
  why: 'The reason',
  because: 'The reason',
  how: 'How',
  boat: 'The name of the boat',
  note: 'The note',
  licence: 'The licence',
  eaters: 'Who ate',
  crew: 'The crew',
  guests: 'Guests',
  pieces: 'Pieces',
  count: 'How many',
};

/** Units that end the name of a field: a person is told the quantity. */
const UNIT = /(?<=[a-z])(?:Mm|Cm|M|G|C|Ms|S|Ml)$/;
/** The name of a field in words. Examples: "lengthKind" is "Length kind", "massG" is "Mass". */
function inWords(property: string): string {
  const words = property
    .replace(UNIT, '')
    .replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`)
    .trim();
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Sentences for checks that were given none of their own; `n`: the number that the check is about. */
const SAY: Readonly<Record<string, (n: string) => string>> = {
  maxLength: (n) => `at most ${n} letters`,
  minLength: (n) => `at least ${n} ${n === '1' ? 'letter' : 'letters'}`,
  min: (n) => `at least ${n}`,
  max: (n) => `at most ${n}`,
  arrayMaxSize: (n) => `at most ${n}`,
  arrayMinSize: (n) => `at least ${n}`,
  isString: () => 'enter words',
  isNumber: () => 'enter a number',
  isInt: () => 'enter a whole number',
  isBoolean: () => 'answer yes or no',
  isIn: () => 'choose one of the offered answers',
  isArray: () => 'a list is expected here',
  isObject: () => 'this cannot be read',
  matches: () => 'this is not in the right form',
};

/** Whether a message is the checking library's own: it begins with the name of the property. */
const isOwn = (message: string, property: string): boolean =>
  !message.startsWith(`${property} `) &&
  !message.startsWith('each value in ') &&
  !message.startsWith('nested property');

/**
 * What is wrong with a field, as a sentence for a person: the one that its check was given, else one of ours; never a text of the library.
 * Of something that is missing it is said that it is missing, and not that it is too long. Example: "The name: at most 60 letters."
 */
export function sayConstraint(e: Pick<ValidationError, 'property' | 'value' | 'constraints'>): string {
  const all = Object.entries(e.constraints ?? {});
  const own = all.find(([, message]) => isOwn(message, e.property));
  if (own) return own[1];
  const says = ((): string => {
    if (e.value === undefined || e.value === null) return 'it is missing';
    const [check = '', message = ''] = all[0] ?? [];
    return SAY[check]?.(/-?\d+(?:\.\d+)?/.exec(message.slice(e.property.length))?.[0] ?? '') ?? 'this cannot be';
  })();
  return `${WORDS[e.property] ?? inWords(e.property)}: ${says}.`;
}
