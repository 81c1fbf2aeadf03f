import type { Rule } from '@dagboek/core/rules';
import { TRIED_DAYS, type Tried, tryRule } from '@dagboek/journal';
import { useEffect, useState } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames, useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { sayLength } from '../../asked/units.ts';

const OUTCOME_WORDS = {
  keep: 'keep',
  ask: 'ask',
  measureAgain: 'measure again',
  letGo: 'let go',
  mustNotReturn: 'not back alive',
} as const;

/** So long a stretch of reckoning leaves the page free to follow the fingers, ms. */
const SLICE_MS = 12;

/** Fish tried so far; all of them when the reckoning is done. Starts anew when the rule or the book is another. */
function useTrial(rule: Rule, replaces: Rule | null): { tried: readonly Tried[]; done: boolean } {
  const rules = useRules();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { dayOfMs } = useFormat();
  // The rule is made anew with every keystroke: only what it says counts.
  const said = JSON.stringify({ ...rule, id: '', sentence: '' });
  const [trial, setTrial] = useState<{ of: string; tried: readonly Tried[] } | null>(null);
  // A long reckoning in slices, outside of drawing, given up when it is no longer asked for.
  useEffect(() => {
    if (!rules) return;
    const steps = tryRule(book, rules, JSON.parse(said) as Rule, replaces, { byId, names }, dayOfMs(nowMs()));
    const tried: Tried[] = [];
    let timer: ReturnType<typeof setTimeout>;
    const slice = (): void => {
      const until = performance.now() + SLICE_MS;
      for (;;) {
        const step = steps.next();
        if (step.done) return setTrial({ of: said, tried });
        if (step.value) tried.push(step.value);
        if (performance.now() > until) break;
      }
      timer = setTimeout(slice);
    };
    timer = setTimeout(slice, 150);
    return () => clearTimeout(timer);
  }, [book, rules, said, replaces, byId, names, dayOfMs]);
  return trial?.of === said ? { tried: trial.tried, done: true } : { tried: [], done: false };
}

/** What the rule would have said of the last month's catches, as if it had held then. */
export function RuleTrial({ rule, replaces }: { rule: Rule; replaces: Rule | null }) {
  const names = useNames();
  const { shortDay, day } = useFormat();
  const { tried, done } = useTrial(rule, replaces);
  const other = tried.filter((t) => t.before !== t.after);
  const about = tried.filter((t) => t.because);
  return (
    <section className="mt-3" aria-label="Tried on past catches">
      <h3>Tried on the last {TRIED_DAYS} days</h3>
      <p aria-live="polite">
        {!done
          ? 'Being tried …'
          : tried.length === 0
            ? 'No fish that this rule concerns was caught in that time.'
            : `The rule concerns ${about.length} of ${plural(tried.length, 'entry', 'entries')}. ${other.length === 0 ? 'No verdict changes.' : `${plural(other.length, 'verdict changes', 'verdicts change')}:`}`}
      </p>
      <ul className="plain-list">
        {other.slice(0, 8).map((t) => (
          <li key={t.fish.id}>
            {shortDay(day(t.fish.landed.at))}, {sayFish(t.fish, names)}
            {t.fish.length ? `, ${sayLength(t.fish.length.mm)}` : ''}: {OUTCOME_WORDS[t.before]}, now{' '}
            <b>{OUTCOME_WORDS[t.after]}</b>
            {t.because && <small>{t.because}</small>}
          </li>
        ))}
      </ul>
      {other.length > 8 && <p className="hint">And {other.length - 8} more.</p>}
    </section>
  );
}
