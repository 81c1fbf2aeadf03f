import { addDays, epochMs, isCivilDay } from '../time/index.ts';
import { calledBy } from './applies.ts';
import type { Rule, RulePack } from './rule.ts';
import { kindOfRule } from './rule-kinds.ts';

/** A rule of one's own, and the one it takes over from. */
export interface OwnRule {
  readonly rule: Rule;
  readonly replaces: string | null;
  /** When it was written, ISO; of two that begin on one day and replace the same, the later written counts. */
  readonly setAt?: string;
}

/**
 * The pack with rules of one's own. A rule that is replaced ends the day before the new one begins, so that catches made
 * before are judged as they were; nothing is overwritten. An id that the pack has already is left out.
 */
export function withOwnRules(pack: RulePack, own: readonly OwnRule[]): RulePack {
  const ids = new Set(pack.rules.map((r) => r.id));
  const fresh = own.filter((o) => {
    if (ids.has(o.rule.id)) return false;
    ids.add(o.rule.id);
    return true;
  });
  if (fresh.length === 0) return pack;
  const endedBefore = (r: Rule, by: string | undefined): Rule => {
    if (by === undefined) return r;
    const to = addDays(by, -1);
    return {
      ...r,
      inForce: { ...r.inForce, to: r.inForce?.to !== undefined && r.inForce.to < to ? r.inForce.to : to },
    };
  };
  const setMs = (o: OwnRule): number => (o.setAt === undefined ? 0 : epochMs(o.setAt));
  const inTurn = [...fresh].sort(
    (a, b) => beginOf(a).localeCompare(beginOf(b)) || setMs(a) - setMs(b) || (a.rule.id < b.rule.id ? -1 : 1),
  );
  /** The first of one's own that takes over from a rule. */
  const takesOver = (name: string, but?: OwnRule): string | undefined =>
    inTurn.find((o) => o !== but && o.replaces === name)?.rule.inForce?.from;
  /** Of several that take over from one rule, each holds until the next begins. */
  const nextBegins = (own: OwnRule): string | undefined => {
    if (own.replaces === null) return undefined;
    return inTurn.slice(inTurn.indexOf(own) + 1).find((o) => o.replaces === own.replaces)?.rule.inForce?.from;
  };
  return {
    ...pack,
    rules: [
      ...pack.rules.map((r) => endedBefore(r, takesOver(calledBy(r)))),
      ...fresh.map((o) => endedBefore(endedBefore(o.rule, nextBegins(o)), takesOver(o.rule.id, o))),
    ],
  };
}

const beginOf = (o: OwnRule): string => o.rule.inForce?.from ?? '';

const isDay = (s: string | undefined): boolean => s === undefined || isCivilDay(s);

/** What is wrong with a rule, in a sentence that says what to do; null when it holds together. */
export function ruleTrouble(rule: Rule, pack: RulePack): string | null {
  if (rule.zones?.some((z) => !pack.zones.some((x) => x.id === z))) return 'Choose zones of these waters.';
  if (rule.zones?.length === 0) return 'Choose a zone, or let it hold everywhere.';
  if (!isDay(rule.inForce?.from) || !isDay(rule.inForce?.to))
    return 'Write the day from which it holds, such as 2026-09-12.';
  if (rule.inForce?.from && rule.inForce.to && rule.inForce.to < rule.inForce.from)
    return 'The rule would end before it begins.';
  const kind = kindOfRule(rule);
  return kind ? kind.trouble(rule) : 'This version of the book does not know rules of this kind.';
}
