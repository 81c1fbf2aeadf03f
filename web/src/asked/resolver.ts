import { asFacts, type Entry, type Field, isKind, kindDefinition, sayConstraint } from '@dagboek/journal';
import { validateSync } from 'class-validator';
import type { FieldErrors, Resolver } from 'react-hook-form';
import { type Draft, factsFrom } from './draft.ts';

/** What a form of facts holds. */
export type FactsDraft = Record<string, string | string[]>;

/**
 * Checks a draft against the class of its kind, the same that the server checks by, and puts each sentence at its field.
 * Facts that no field shows are carried over from the entry.
 */
export function factsResolver(entry: Pick<Entry, 'kind' | 'facts'>, fields: readonly Field[]): Resolver<FactsDraft> {
  return (draft) => {
    if (!isKind(entry.kind)) return { values: draft, errors: {} };
    const facts = factsFrom(fields, draft as Draft, entry.facts);
    const instance = asFacts(kindDefinition(entry.kind).facts, JSON.parse(JSON.stringify(facts)) as object);
    const errors: Record<string, { type: string; message: string }> = {};
    for (const e of validateSync(instance, { forbidUnknownValues: false })) {
      errors[e.property] = { type: 'facts', message: sayConstraint(e) };
    }
    return Object.keys(errors).length > 0
      ? { values: {}, errors: errors as FieldErrors<FactsDraft> }
      : { values: draft, errors: {} };
  };
}
