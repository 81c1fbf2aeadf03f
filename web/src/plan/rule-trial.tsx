import { judgeFish } from '@dagboek/journal';
import { type OwnRule, type Rule, withOwnRules } from '@dagboek/core/rules';
import { addDays, civilDay } from '@dagboek/core/time';
import { useMemo } from 'react';
import { sayFish, useCatalogue, useNames, useRules } from '../kit/catalogue.ts';
import { nowMs } from '../kit/clock.ts';
import { cm, plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';

/** How far back a rule is tried. */
const TRIED_DAYS = 31;
const OUTCOME_WORDS = {
  keep: 'keep',
  ask: 'ask',
  measureAgain: 'measure again',
  letGo: 'let go',
  mustNotReturn: 'not back alive',
} as const;

/** What the rule would have said of the last month's catches, as if it had held then. */
export function RuleTrial({ rule, replaces }: { rule: Rule; replaces: Rule | null }) {
  const rules = useRules();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { dayOfMs, shortDay, day } = useFormat();
  const tried = useMemo(() => {
    if (!rules) return [];
    const today = dayOfMs(nowMs());
    const since = addDays(today, -TRIED_DAYS);
    const then: OwnRule = { rule: { ...rule, id: 'tried', inForce: { from: since } }, replaces: replaces?.id ?? null };
    const changed = withOwnRules(rules, [then]);
    return book
      .all('fish')
      .filter((f) => f.species && civilDay(f.landed.at, rules.timeZone) >= since)
      .flatMap((fish) => {
        const around = { byId, names };
        const before = judgeFish(book, rules, fish, around, today)?.verdict.outcome;
        const after = judgeFish(book, changed, fish, around, today)?.verdict;
        if (!before || !after) return [];
        const by = after.findings.find((f) => f.ruleId === 'tried');
        return [{ fish, before, after: after.outcome, because: by ? `${by.lead} ${by.because}` : null }];
      });
  }, [rules, book, rule, replaces, byId, names, dayOfMs]);
  const other = tried.filter((t) => t.before !== t.after);
  const about = tried.filter((t) => t.because);
  return (
    <section className="tried" aria-label="Tried on past catches">
      <h3>Tried on the last {TRIED_DAYS} days</h3>
      <p>
        {tried.length === 0
          ? 'Nothing was landed in that time.'
          : `It would have looked at ${plural(about.length, 'entry', 'entries')} of ${tried.length}, and judged ${other.length === 0 ? 'none of them' : plural(other.length, 'of them', 'of them')} otherwise.`}
      </p>
      <ul className="plain-list">
        {other.slice(0, 8).map((t) => (
          <li key={t.fish.id}>
            {shortDay(day(t.fish.landed.at))}, {sayFish(t.fish, names)}
            {t.fish.length ? `, ${cm(t.fish.length.mm)} cm` : ''}: {OUTCOME_WORDS[t.before]}, now{' '}
            <b>{OUTCOME_WORDS[t.after]}</b>
            {t.because && <small>{t.because}</small>}
          </li>
        ))}
      </ul>
      {other.length > 8 && <p className="hint">And {other.length - 8} more.</p>}
    </section>
  );
}
