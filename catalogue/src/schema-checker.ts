import { Ajv, type ErrorObject } from 'ajv';

/** An error of a JSON Schema as a sentence: where, and what to do. */
function saySchemaError(e: ErrorObject): string {
  const where = e.instancePath.slice(1).replaceAll('/', '.');
  const at = where ? `${where}: ` : '';
  const p = e.params as Record<string, unknown>;
  switch (e.keyword) {
    case 'required':
      return `${at}the field "${String(p['missingProperty'])}" is missing.`;
    case 'additionalProperties':
      return `${at}there is no field "${String(p['additionalProperty'])}"; take it out or mend its name.`;
    case 'enum':
      return `${at}one of ${(p['allowedValues'] as unknown[]).map(String).join(', ')}.`;
    case 'anyOf':
      return `${at}say what it is "like", or give plan, body and colors.`;
    default:
      return `${at}${e.message ?? 'is not as it should be'}.`;
  }
}

/** Makes a check of one kind of document. It gives sentences, none when all is well; at most `most`. */
export function schemaChecker(schema: object, most = 3): (data: unknown) => string[] {
  const check = new Ajv({ allErrors: true }).compile(schema);
  return (data) => {
    if (check(data)) return [];
    const errors = check.errors ?? [];
    // "anyOf" explains itself; the branches it did not take would only confuse.
    const told = errors.filter((e) => !e.schemaPath.includes('/anyOf/'));
    return (told.length > 0 ? told : errors).slice(0, most).map(saySchemaError);
  };
}
