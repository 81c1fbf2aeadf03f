import { type OutputUnit, type Schema, Validator } from '@cfworker/json-schema';

/** Errors that only say that something inside is wrong; the inner error tells what. */
const OUTER = new Set([
  'properties',
  'items',
  'prefixItems',
  'additionalProperties',
  'patternProperties',
  '$ref',
  'allOf',
  'if',
  'then',
]);

/** An error of a JSON Schema as a sentence: where, and what to do. */
function saySchemaError(e: OutputUnit, within: readonly string[]): string {
  const path = [...within, ...e.instanceLocation.replace(/^#\/?/, '').split('/').filter(Boolean)];
  const quoted = /"([^"]*)"/.exec(e.error)?.[1] ?? '';
  if (e.keyword === 'false') {
    const field = path.pop() ?? '';
    return `${head(path)}there is no field "${field}"; remove it or correct its name.`;
  }
  switch (e.keyword) {
    case 'required':
      return `${head(path)}the field "${quoted}" is missing.`;
    case 'enum':
      return `${head(path)}one of ${e.error
        .replace(/^[^[]*\[|\]\.?$/g, '')
        .replace(/"/g, '')
        .replaceAll(',', ', ')}.`;
    case 'anyOf':
      return `${head(path)}say what it is "like", or give plan, body and colors.`;
    case 'pattern':
      return `${head(path)}${path.at(-1) === 'id' ? 'small letters, digits and hyphens, a letter first' : 'not written in the form it has'}.`;
    case 'type': {
      const expected = /Expected "(\w+)"/.exec(e.error)?.[1] ?? 'another kind of value';
      return path.length > 0
        ? `${head(path)}${expected}, not ${quoted}.`
        : `This should be an ${expected}, and is ${quoted === 'null' ? 'nothing' : `an ${quoted}`}.`.replaceAll(
            /an (?=[^aeiou])/g,
            'a ',
          );
    }
    default:
      return `${head(path)}${e.error.charAt(0).toLowerCase()}${e.error.slice(1)}`;
  }
}

const head = (path: readonly string[]): string => (path.length > 0 ? `${path.join('.')}: ` : '');

interface Shape {
  readonly maxItems?: number;
  readonly items?: Shape;
  readonly properties?: Readonly<Record<string, Shape>>;
}

/** The first list of a document that is longer than its schema allows, as a sentence; null when none is. Counts, and looks at nothing else. */
function tooMany(shape: Shape, data: unknown, path: readonly string[] = []): string | null {
  if (Array.isArray(data)) {
    const { maxItems = Number.POSITIVE_INFINITY, items } = shape;
    if (data.length > maxItems) return `${head(path)}at most ${maxItems} of them, and here are ${data.length}.`;
    if (!items) return null;
    for (const [i, x] of data.entries()) {
      const why = tooMany(items, x, [...path, String(i)]);
      if (why !== null) return why;
    }
    return null;
  }
  if (typeof data !== 'object' || data === null || !shape.properties) return null;
  for (const [field, inner] of Object.entries(shape.properties)) {
    const why = tooMany(inner, (data as Record<string, unknown>)[field], [...path, field]);
    if (why !== null) return why;
  }
  return null;
}

/**
 * Makes a check of one kind of document. It gives sentences, none when all is well. Lists are counted before anything in them is
 * read, and the first fault ends it, so that a document which is wrong everywhere costs no more than one that is wrong once.
 * `path`: where in a larger document it stands.
 * The validator interprets the schema: a compiling one would need `eval`, which the pages' security policy forbids.
 */
export function schemaChecker(schema: object): (data: unknown, path?: readonly string[]) => string[] {
  const validator = new Validator(schema as Schema, '2020-12', true);
  return (data, path = []) => {
    const many = tooMany(schema as Shape, data, path);
    if (many !== null) return [many];
    const { valid, errors } = validator.validate(data);
    if (valid) return [];
    const inner = errors.filter((e) => !OUTER.has(e.keyword));
    // "anyOf" explains itself; the branches it did not take would only confuse.
    const told = inner.filter((e) => !e.keywordLocation.includes('/anyOf/'));
    return (told.length > 0 ? told : inner).slice(0, 1).map((e) => saySchemaError(e, path));
  };
}
