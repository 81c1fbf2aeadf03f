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
function saySchemaError(e: OutputUnit): string {
  const path = e.instanceLocation.replace(/^#\/?/, '').split('/').filter(Boolean);
  const quoted = /"([^"]*)"/.exec(e.error)?.[1] ?? '';
  if (e.keyword === 'false') {
    const field = path.pop() ?? '';
    return `${head(path)}there is no field "${field}"; take it out or mend its name.`;
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

/**
 * Makes a check of one kind of document. It gives sentences, none when all is well; at most `most`.
 * The validator interprets the schema: a compiling one would need `eval`, which the pages' security policy forbids.
 */
export function schemaChecker(schema: object, most = 3): (data: unknown) => string[] {
  const validator = new Validator(schema as Schema, '2020-12', false);
  return (data) => {
    const { valid, errors } = validator.validate(data);
    if (valid) return [];
    const inner = errors.filter((e) => !OUTER.has(e.keyword));
    // "anyOf" explains itself; the branches it did not take would only confuse.
    const told = inner.filter((e) => !e.keywordLocation.includes('/anyOf/'));
    return (told.length > 0 ? told : inner).slice(0, most).map(saySchemaError);
  };
}
