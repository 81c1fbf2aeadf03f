import { IsObject, Matches } from 'class-validator';
import { Satisfies } from './satisfies.ts';

/** The pack says what it is; its rules are checked where it is read, since packs may grow new kinds. */
function isRulePackDocument(value: unknown): boolean {
  const p = value as { id?: unknown; name?: unknown; version?: unknown; rules?: unknown; zones?: unknown } | null;
  const short = (x: unknown): boolean => typeof x === 'string' && x.length > 0 && x.length <= 200;
  return short(p?.id) && short(p?.name) && short(p?.version) && Array.isArray(p?.rules) && Array.isArray(p?.zones);
}

/** A pack of rules out of a file. Subject: this version of it. It holds from a day on, beside those before it; striking takes it away again. */
export class RulesAdded {
  @IsObject()
  @Satisfies('A rule pack has an id, a name, a version, zones and rules.', isRulePackDocument)
  pack!: Readonly<Record<string, unknown>>;
  /** First civil day on which it holds. */
  @Matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, {
    message: 'Write the day from which it holds, such as 2026-09-12.',
  })
  from!: string;
}
