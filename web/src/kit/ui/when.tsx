import { instantOf } from '@dagboek/core/time';
import { epochMs, stamp } from '@dagboek/core/time';
import { useId } from 'react';
import { nowMs } from '../clock.ts';
import { useFormat } from '../format.ts';

/** A time: now, some minutes ago, or set to the minute. `minutesAgo` 0 is now. */
export type When = { readonly kind: 'ago'; readonly minutes: number } | { readonly kind: 'set'; readonly atMs: number };

export const NOW: When = { kind: 'ago', minutes: 0 };
export const whenMs = (w: When): number => (w.kind === 'ago' ? nowMs() - w.minutes * 60_000 : w.atMs);

const STEPS = [0, 1, 2, 4, 10] as const;

/** Sets a time back: one tap each for the usual steps, or the exact time. */
export function WhenField({ value, onChange }: { value: When; onChange: (w: When) => void }) {
  const name = useId();
  const { zone, time } = useFormat();
  return (
    <fieldset className="chips when">
      <legend>When</legend>
      {STEPS.map((m) => (
        <label key={m}>
          <input
            type="radio"
            name={name}
            checked={value.kind === 'ago' && value.minutes === m}
            onChange={() => onChange({ kind: 'ago', minutes: m })}
          />
          <span>{m === 0 ? 'now' : `${m} min ago`}</span>
        </label>
      ))}
      <label className="exact">
        <span className="sr-only">At</span>
        <input
          type="time"
          aria-label="At this time"
          value={value.kind === 'set' ? time(stamp(value.atMs, zone)) : ''}
          onChange={(e) => {
            const v = e.target.value;
            if (!/^\d\d:\d\d$/.test(v)) return onChange(NOW);
            onChange({ kind: 'set', atMs: lastTimeOf(v, zone) });
          }}
        />
      </label>
    </fieldset>
  );
}

/** The last moment at which the clock showed this time: today, or yesterday when that is still to come. */
function lastTimeOf(hhmm: string, zone: string): number {
  const now = nowMs();
  const today = stamp(now, zone).slice(0, 10);
  const at = epochMs(instantOf(today, hhmm, zone));
  return at > now + 60_000 ? at - 86_400_000 : at;
}

/** Date and time to the minute, in the waters' own zone. */
export function DateTimeField({
  label,
  valueMs,
  onChange,
}: {
  label: string;
  valueMs: number;
  onChange: (ms: number) => void;
}) {
  const id = useId();
  const { zone } = useFormat();
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        type="datetime-local"
        className="input"
        value={stamp(valueMs, zone).slice(0, 16)}
        onChange={(e) => {
          const [d, t] = e.target.value.split('T');
          if (d && t) onChange(epochMs(instantOf(d, t.slice(0, 5), zone)));
        }}
      />
    </div>
  );
}
