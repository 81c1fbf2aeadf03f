import { FoldKey } from '../../ui/fold-key.tsx';
import { SPEAR_RULES, surfaceRestMs, WATCH_S } from '@dagboek/core/harm';
import { useState } from 'react';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { useKept } from '../../ui/use-kept.ts';
import { useNow } from '../../ui/use-now.ts';

/** A dive as one of the two keeps it: under since, and up since. Of this device alone: it is a clock, no record. */
interface Dive {
  readonly downMs: number;
  readonly upMs: number | null;
}

/** So long after, a dive says nothing any more, ms. */
const FORGOTTEN_MS = 60 * 60_000;

/** How long the dive is, whom to watch, and how long to rest after it. */
function DiveClock({ dive, now }: { dive: Dive | null; now: number }) {
  const restMs = dive?.upMs ? surfaceRestMs(dive.upMs - dive.downMs) : 0;
  const leftMs = dive?.upMs ? dive.upMs + restMs - now : 0;
  const watchMs = dive?.upMs ? dive.upMs + WATCH_S * 1000 - now : 0;
  return (
    <p role="status">
      {dive && dive.upMs === null && (
        <>
          <span className="num text-[1.75rem]">{minutesSeconds(now - dive.downMs)}</span> under.
        </>
      )}
      {dive?.upMs != null && watchMs > 0 && (
        <>
          <b>
            Watch your partner: <span className="num text-[1.75rem]">{minutesSeconds(watchMs)}</span>.
          </b>{' '}
        </>
      )}
      {dive?.upMs != null && leftMs > 0 && (
        <>
          Rest at least <span className="num text-[1.75rem]">{minutesSeconds(leftMs)}</span> more (
          {minutesSeconds(restMs)} after a dive of {minutesSeconds(dive.upMs - dive.downMs)}).
        </>
      )}
      {dive?.upMs != null && leftMs <= 0 && 'Rested long enough; rest longer if you do not feel ready.'}
    </p>
  );
}

/** While a spear is in hand: what it asks for, and the clock of the rest at the surface. */
export function SpearBrief() {
  const [kept, setDive] = useKept<Dive | null>('dive', null);
  const [open, setOpen] = useState(false);
  const now = useNow(kept ? 1000 : 60_000);
  // One of long ago was left running, and is none.
  const dive = kept && now - (kept.upMs ?? kept.downMs) < FORGOTTEN_MS ? kept : null;
  return (
    <section className="pl-2.5 mt-2.5 border-l-4 border-crimson" aria-label="With the spear">
      <p>
        <b>
          {SPEAR_RULES[0]} {SPEAR_RULES[1]}
        </b>{' '}
        <FoldKey aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Less' : 'The rest of it'}
        </FoldKey>
      </p>
      {open && (
        <ul className="plain-list">
          {SPEAR_RULES.slice(2).map((s) => (
            <li key={s}>{s}</li>
          ))}
        </ul>
      )}
      <DiveClock dive={dive} now={now} />
      <div className="keys">
        {dive && dive.upMs === null ? (
          <DeckKey name="Up" note="begins the rest" onClick={() => setDive({ ...dive, upMs: nowMs() })} />
        ) : (
          <DeckKey
            name="Down"
            note="your partner keeps the time"
            onClick={() => setDive({ downMs: nowMs(), upMs: null })}
          />
        )}
      </div>
    </section>
  );
}
