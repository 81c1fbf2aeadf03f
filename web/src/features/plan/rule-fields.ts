import { type Rule, RULE_FORMS, type RuleKind } from '@dagboek/core/rules';
import { inField, typedAmount } from '../../asked/units.ts';

/** What is typed, by the name of the blank. */
export type RuleDraft = Readonly<Record<string, string | readonly string[]>>;

const numeral = (s: string | readonly string[] | undefined): number =>
  typeof s === 'string' && /^\s*\d+([.,]\d+)?\s*$/.test(s) ? Number(s.replace(',', '.')) : Number.NaN;

const valueIn = (rule: Rule | null, name: string): unknown =>
  name.split('.').reduce<unknown>((o, k) => (o as Record<string, unknown> | undefined)?.[k], rule ?? undefined);

/**
 * The blanks of a kind filled from what is typed; a number that cannot be read is NaN, and is told by `ruleTrouble`.
 * `was`: the rule that is changed; a length that stands as it stood there stays as exact as it was.
 */
export function bodyOf(kind: RuleKind, draft: RuleDraft, was: Rule | null = null): Record<string, unknown> {
  const out: Record<string, unknown> = { kind };
  for (const f of RULE_FORMS.find((x) => x.kind === kind)?.fields ?? []) {
    const v = draft[f.name];
    const value =
      f.type === 'length'
        ? (typedAmount('length', String(v ?? ''), valueIn(was, f.name) as number | undefined)?.value ?? Number.NaN)
        : f.type === 'count'
          ? numeral(v)
          : f.type === 'many'
            ? (v ?? [])
            : f.type === 'one'
              ? (v ?? f.options[0]?.[0])
              : (v ?? '');
    const [head = '', tail] = f.name.split('.');
    if (tail) out[head] = { ...(out[head] as object | undefined), [tail]: value };
    else out[head] = value;
  }
  if (out['per'] === 'person') delete out['per'];
  return out;
}

/** The typed form of a rule, to change it. */
export function draftOfRule(rule: Rule): RuleDraft {
  const out: Record<string, string | readonly string[]> = {};
  for (const f of RULE_FORMS.find((x) => x.kind === rule.kind)?.fields ?? []) {
    const v = valueIn(rule, f.name);
    if (Array.isArray(v)) out[f.name] = v as string[];
    else if (typeof v === 'number') out[f.name] = f.type === 'length' ? inField('length', v) : String(v);
    else if (typeof v === 'string') out[f.name] = v;
  }
  return out;
}
