import { asTyped, inField, typedAmount } from './units.ts';
import { typedNumber } from '../ui/typed-number.ts';
import type { Field } from '@dagboek/journal';

/** What is typed, as text (or a list of ids), by the name of the fact. */
export type Draft = Readonly<Record<string, string | string[]>>;

/** An entry's facts as text to be edited. */
export function draftOf(fields: readonly Field[], facts: Readonly<Record<string, unknown>>): Draft {
  return Object.fromEntries(
    fields.map((f) => {
      const v = facts[f.name];
      if (f.type === 'members') return [f.name, Array.isArray(v) ? (v as string[]) : []];
      if (f.type === 'number') return [f.name, typeof v === 'number' ? String(v) : ''];
      if (f.type === 'amount') return [f.name, typeof v === 'number' ? inField(f.amount, v) : ''];
      return [f.name, typeof v === 'string' ? v : ''];
    }),
  );
}

/** The facts that a draft makes, the others carried over. NaN stays NaN, and is refused with a sentence when it is written. */
export function factsFrom(
  fields: readonly Field[],
  draft: Draft,
  facts: Readonly<Record<string, unknown>>,
): Record<string, unknown> {
  const out: Record<string, unknown> = { ...facts };
  for (const f of fields) {
    const v = draft[f.name];
    const empty = v === undefined || (typeof v === 'string' && v.trim() === '');
    if (empty && f.optional) delete out[f.name];
    else if (f.type === 'number') out[f.name] = typedNumber(String(v)) ?? Number.NaN;
    else if (f.type === 'amount') {
      const was = facts[f.name];
      const read = typedAmount(f.amount, String(v), typeof was === 'number' ? was : undefined);
      out[f.name] = read?.value ?? Number.NaN;
      if (out[f.name] === was) continue;
      // Another number: what was typed before is no longer how it was typed.
      const { [f.name]: _, ...others } = (out['typed'] ?? {}) as Record<string, string>;
      const typed = { ...others, ...asTyped({ [f.name]: read }).typed };
      if (Object.keys(typed).length > 0) out['typed'] = typed;
      else delete out['typed'];
    } else out[f.name] = v;
    if ('clears' in f && out[f.name] !== facts[f.name]) for (const name of f.clears ?? []) delete out[name];
  }
  return out;
}
