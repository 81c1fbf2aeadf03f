import { type FishState, judgeFish, reportsDue } from '@dagboek/journal';
import { civilDay, saySpan, stamp } from '@dagboek/core/time';
import { useMemo, useState } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames, useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { LineKey } from '../../ui/key.tsx';

/** What must be reported of today's fish, to whom and by when; noted with one press. */
export function Reports({ fish }: { fish: readonly FishState[] }) {
  const { book } = useBook();
  const rules = useRules();
  const { byId } = useCatalogue();
  const names = useNames();
  const { timeBesideMs } = useFormat();
  const { write } = useWrite();
  const now = useNow(30_000);
  const [trouble, setTrouble] = useState<string | null>(null);
  const due = useMemo(() => {
    if (!rules?.rules.some((r) => r.kind === 'report')) return [];
    const today = civilDay(stamp(nowMs(), rules.timeZone), rules.timeZone);
    const named = fish.filter((f) =>
      rules.rules.some((r) => r.kind === 'report' && (r.species.length === 0 || r.species.includes(f.species ?? ''))),
    );
    return reportsDue(rules, named, (f) =>
      (judgeFish(book, rules, f, { byId, names }, today)?.verdict.findings ?? []).map((x) => x.ruleId),
    );
  }, [book, rules, fish, byId, names]);
  if (due.length === 0) return null;
  return (
    <section aria-label="To report">
      <h2>To report</h2>
      <ul className="plain-list">
        {due.map((d) => (
          <li key={d.fish.id + d.rule.id}>
            <b>{sayFish(d.fish, names)}</b> to {d.rule.to}{' '}
            {d.byMs < now ? (
              <b className="overdue">was due at {timeBesideMs(d.byMs, now)}</b>
            ) : (
              <>
                by {timeBesideMs(d.byMs, now)}, in {saySpan(d.byMs - now)}
              </>
            )}{' '}
            <LineKey
              aria-label={`Reported: ${sayFish(d.fish, names)} to ${d.rule.to}`}
              onClick={() =>
                void write('fish.reported', d.fish.id, { rule: d.rule.id, to: d.rule.to }).then((r) =>
                  setTrouble(r.ok ? null : r.why),
                )
              }
            >
              Reported
            </LineKey>
          </li>
        ))}
      </ul>
      <Trouble says={trouble} />
    </section>
  );
}
