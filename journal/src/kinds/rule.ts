import { IsObject, IsOptional, IsString, MaxLength, MinLength } from 'class-validator';
import { Satisfies } from './satisfies.ts';

/** The rule says what it is; its other fields are checked where it is read, since packs may grow new kinds. */
function isRuleDocument(value: unknown): boolean {
  const r = value as { id?: unknown; kind?: unknown; species?: unknown; sentence?: unknown } | null;
  const short = (x: unknown): boolean => typeof x === 'string' && x.length > 0 && x.length <= 400;
  return short(r?.id) && short(r?.kind) && short(r?.sentence) && Array.isArray(r?.species);
}

/** A rule of one's own, beside those of the pack. Subject: that rule. With `replaces` the rule named ends the day before this one begins; nothing is overwritten. */
export class RuleSet {
  /** Id of the rule pack it belongs to. */
  @IsString() @MinLength(1) @MaxLength(60) waters!: string;
  @IsObject()
  @Satisfies('A rule has an id, a kind, a list of species and a plain sentence.', isRuleDocument)
  rule!: Readonly<Record<string, unknown>>;
  @IsOptional() @IsString() @MaxLength(120) replaces?: string;
}
