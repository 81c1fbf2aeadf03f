import { IsObject, IsOptional } from 'class-validator';
import { type AmountKind, typedElsewhere, type Units } from '@dagboek/core/units';
import { Satisfies } from './satisfies.ts';

/** Short texts by the name of a fact. */
function areTyped(value: unknown): boolean {
  const list = Object.entries((value ?? {}) as object);
  return list.length <= 6 && list.every(([k, v]) => k.length <= 40 && typeof v === 'string' && v.length <= 40);
}

/** Facts with amounts: they are kept in one unit, and what was typed in another stands beside it. */
export class AsTyped {
  /** Amounts as they were typed, with their unit, by the name of the fact: `{ lengthMm: '17.25 in' }`. Left out where that was cm, g, kg, °C or litres. */
  @IsOptional()
  @IsObject()
  @Satisfies('What was typed is a short text for each amount.', areTyped)
  typed?: Readonly<Record<string, string>>;
}

/** " (typed 17.25 in)" where an amount was typed in another unit than the one in which it is read; else nothing. */
export function sayAsTyped(facts: AsTyped, names: readonly string[], kind: AmountKind, units: Units): string {
  const typed = names.flatMap((n) => typedElsewhere(kind, facts.typed?.[n], units) ?? []);
  return typed.length > 0 ? ` (typed ${typed.join(', ')})` : '';
}
