import { dinnerNow } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { Link } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural, useFormat, sayAll } from '../../asked/format.ts';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { Row } from '../../frame/page.tsx';
import { Key, LineKey } from '../../ui/key.tsx';
import type { Dinner } from './use-dinner.ts';
import { WhatHelps } from './what-helps.tsx';

/** What is farther off is no action of this hour: its key is a plain one, ms. */
const SOON_MS = 60 * 60_000;
/** What another dinner asks for so soon is told here too, ms. */
const TOLD_HERE_MS = 15 * 60_000;

/** What was planned, begun and put of a dinner: what helps one that stands otherwise is nothing to this. */
const asItStands = ({ dishes, tasks, means, serveAtMs, begun, done, pins, lasts }: Dinner['d']): string =>
  JSON.stringify([dishes, tasks, means, serveAtMs, begun, done, pins, lasts]);

type OnFail = (why: string | null) => void;

/** It will not be ready at the hour: what clashes, and the hour that can be met. */
export function Late({ dinner, onFail }: { dinner: Dinner; onFail: OnFail }) {
  const { time, timeBesideMs, zone } = useFormat();
  const { plan, servedMs, d } = dinner;
  if (!plan?.ok) return null;
  const can = timeBesideMs(servedMs, d.serveAtMs);
  return (
    <Row className="pad">
      <p className="alert alert-warning" role="status">
        <b>
          {plural(plan.lateMin, 'minute')} late: {can}, not {time(stamp(d.serveAtMs, zone))}.
        </b>{' '}
        {plan.clash?.replace(/^./, (c) => c.toUpperCase())}
      </p>
      <div className="keys">
        <DeckKey
          name={`Serve at ${can}`}
          note="all is planned to that hour"
          again={can}
          onClick={() => void dinner.move(servedMs).then((r) => onFail(r.ok ? null : r.why))}
        />
      </div>
      <WhatHelps key={asItStands(d)} dinner={dinner} lateMin={plan.lateMin} onFail={onFail} />
    </Row>
  );
}

/** What to do now, what comes next, and what runs: large enough to be read across a kitchen. */
export function NowAndNext({ dinner, onFail }: { dinner: Dinner; onFail: OnFail }) {
  const { time, zone } = useFormat();
  const { now, nowMs } = dinner;
  const hour = (ms: number): string => time(stamp(ms, zone));
  const act = (p: Promise<{ ok: true } | { ok: false; why: string }>): void =>
    void p.then((r) => onFail(r.ok ? null : r.why));
  const over = now.timers.filter((t) => t.leftMs <= 0);
  const due = now.now[0] ?? null;
  const atWork = now.atWork[0] ?? null;
  const lead = over[0] && !due ? dinner.steps.find((s) => s.task.id === over[0]!.task.id) : null;
  return (
    <section
      className="max-tablet:[&[aria-label='Now']]:px-0 max-tablet:[&[aria-label='Now']]:pt-2.5 max-tablet:[&[aria-label='Now']]:pb-3.5 max-tablet:[&[aria-label='Now']]:-order-1"
      aria-label="Now"
    >
      {now.timers.length > 0 && (
        <>
          <h2>Running</h2>
          <ul className="plain-list dinner-timers">
            {now.timers.map((t) => (
              <li key={t.task.id} className={t.leftMs <= 0 ? 'over' : undefined}>
                <span
                  className="num text-[1.875rem] [.dinner-timers_.over_&]:text-buoy-ink"
                  role="timer"
                  aria-label={`${t.task.dish}, ${t.task.name}`}
                >
                  {t.leftMs > 0 ? minutesSeconds(t.leftMs) : `+${minutesSeconds(-t.leftMs)}`}
                </span>
                <p>
                  <b>{t.task.name}</b>
                  <small className="block">{t.task.dish}</small>
                </p>
                <span className="dinner-keys flex flex-wrap gap-y-0.5 gap-x-3 justify-end">
                  <LineKey
                    aria-label={`${t.task.name}: two minutes more`}
                    onClick={() => act(dinner.lasts(t.task.id, t.task.minutes + 2))}
                  >
                    +2 min
                  </LineKey>
                  <Key
                    small
                    name="Done"
                    aria-label={`${t.task.name}: done`}
                    onClick={() => {
                      const s = dinner.steps.find((x) => x.task.id === t.task.id);
                      if (s) act(dinner.finish(s));
                    }}
                  />
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <h2 className={now.timers.length > 0 ? 'ruled' : undefined}>{due ? 'Now' : 'Next'}</h2>
      {due ? (
        <div className="keys">
          <DeckKey
            act
            again={due.task.id}
            name={`${due.task.name}`}
            note={`${due.task.dish}; start now, ${due.task.minutes} min`}
            onClick={() => act(dinner.begin(due))}
          />
        </div>
      ) : lead ? (
        <div className="keys">
          <DeckKey
            act
            again={lead.task.id}
            name={`Done: ${lead.task.name}`}
            note={lead.task.dish}
            onClick={() => act(dinner.finish(lead))}
          />
        </div>
      ) : now.next ? (
        <div className="keys">
          <DeckKey
            act={now.next.startMs - nowMs <= SOON_MS}
            again={now.next.task.id}
            name={`${hour(now.next.startMs)} ${now.next.task.name}`}
            note={`${now.next.task.dish}, in ${sayIn(now.next.startMs - nowMs)}; start it now`}
            onClick={() => act(dinner.begin(now.next!))}
          />
        </div>
      ) : (
        <p>{dinner.steps.length > 0 ? 'Everything is under way.' : ''}</p>
      )}
      {now.now.length > 1 && <p>And now: {sayAll(now.now.slice(1).map((s) => s.task.name.toLowerCase()))}.</p>}
      {dinner.besides.map((b) => {
        const there = dinnerNow(b.d, b.steps, nowMs);
        const s = there.atWork[0] ?? there.now[0] ?? there.next;
        if (!s || s.startMs > nowMs + TOLD_HERE_MS) return null;
        return (
          <p key={b.d.id}>
            <Link to={`/table/dinner/${b.d.id}`}>{b.d.dishes[0]?.name ?? 'Another dinner'}</Link>, {hour(s.startMs)}:{' '}
            {s.task.name.toLowerCase()}.
          </p>
        );
      })}
      {atWork && due === null && <p>At it: {atWork.task.name.toLowerCase()}.</p>}
    </section>
  );
}

/** "5 min", "1 h 20 min", "2 days". */
function sayIn(ms: number): string {
  const min = Math.max(1, Math.round(ms / 60_000));
  if (min < 60) return `${min} min`;
  if (min < 48 * 60) return `${Math.floor(min / 60)} h ${min % 60} min`;
  return `${Math.round(min / 1440)} days`;
}
