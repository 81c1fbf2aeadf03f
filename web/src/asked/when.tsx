import { epochMs, instantsOf, readDay, readTime, sayShortDate, stamp } from '@dagboek/core/time';
import { useId, useState } from 'react';
import { nowMs } from '../ui/clock.ts';
import { useFormat } from './format.ts';
import { sayTime, units } from './units.ts';

/** A time: now, some minutes ago, or set to the minute. `minutesAgo` 0 is now. */
export type When = { readonly kind: 'ago'; readonly minutes: number } | { readonly kind: 'set'; readonly atMs: number };

export const NOW: When = { kind: 'ago', minutes: 0 };
export const whenMs = (w: When): number => (w.kind === 'ago' ? nowMs() - w.minutes * 60_000 : w.atMs);

const STEPS = [0, 1, 2, 4, 10] as const;
const DAY_MS = 86_400_000;

/** "12 Sep 2026". */
const sayShort = (day: string): string => `${sayShortDate(day)} ${day.slice(0, 4)}`;

/** Sets a time back: one tap each for the usual steps, or the exact time. */
export function WhenField({ value, onChange }: { value: When; onChange: (w: When) => void }) {
  const name = useId();
  const { zone, time } = useFormat();
  const [text, setText] = useState(value.kind === 'set' ? time(stamp(value.atMs, zone)) : '');
  const typed = text.trim() === '' ? null : readTime(text);
  const set = value.kind === 'set' ? value : null;
  // Said when it is not today: a fish of 23:50 that is noted at 00:10 was landed yesterday.
  const yesterday = set !== null && stamp(set.atMs, zone).slice(0, 10) < stamp(nowMs(), zone).slice(0, 10);
  return (
    <fieldset className="chips">
      <legend>When</legend>
      {STEPS.map((m) => (
        <label className="relative inline-flex" key={m}>
          <input
            className="absolute inset-0 m-0 size-full cursor-pointer opacity-0"
            type="radio"
            name={name}
            checked={value.kind === 'ago' && value.minutes === m}
            onChange={() => (setText(''), onChange({ kind: 'ago', minutes: m }))}
          />
          <span>{m === 0 ? 'now' : `${m} min ago`}</span>
        </label>
      ))}
      <label className="relative inline-flex">
        <span className="sr-only">At</span>
        <input
          className="py-0 px-2.5 border-[1.5px] border-rule-2 rounded-box bg-paper-open"
          inputMode={units.clock === '12' ? 'text' : 'numeric'}
          autoComplete="off"
          placeholder={`at ${sayTime('14:20')}`}
          aria-label="At this time"
          aria-invalid={text.trim() !== '' && typed === null ? true : undefined}
          value={text}
          onChange={(e) => {
            setText(e.target.value);
            const t = readTime(e.target.value);
            onChange(t === null ? NOW : { kind: 'set', atMs: lastTimeOf(t, zone) });
          }}
        />
      </label>
      {yesterday && <span className="hint">yesterday</span>}
      {text.trim() !== '' && typed === null && (
        <p className="alert alert-outline" role="alert">
          “{text}” is not a time, so it counts as now. Write it like {sayTime('14:20')}.
        </p>
      )}
    </fieldset>
  );
}

/** The last moment at which the clock showed this time: today, or yesterday when that is still to come. */
function lastTimeOf(hhmm: string, zone: string): number {
  const now = nowMs();
  const on = (ms: number): number[] => instantsOf(stamp(ms, zone).slice(0, 10), hhmm, zone).map(epochMs);
  const past = [...on(now - DAY_MS), ...on(now)].filter((at) => at <= now + 60_000);
  return past.at(-1) ?? now;
}

/** A civil day, day before month, in the book's own form; what is no day is said and not taken. */
export function DayField({
  label,
  value,
  onChange,
  onWrong,
  optional = false,
}: {
  label: string;
  /** YYYY-MM-DD, or empty. */
  value: string;
  onChange: (day: string) => void;
  /** What stands in the field is no day. */
  onWrong?: () => void;
  optional?: boolean;
}) {
  const id = useId();
  const { dayOfMs } = useFormat();
  const [text, setText] = useState(value ? sayShort(value) : '');
  const today = dayOfMs(nowMs());
  const empty = text.trim() === '';
  const wrong = empty ? !optional && value !== '' : readDay(text, today) === null;
  return (
    <div className="field w-24 in-[.date-time]:mt-0 in-[.date-time]:w-[9.5rem]">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="input"
        autoComplete="off"
        placeholder={sayShort(today)}
        value={text}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wrong ? `${id}e` : undefined}
        onChange={(e) => {
          setText(e.target.value);
          const day = readDay(e.target.value, today);
          if (day !== null) onChange(day);
          else if (e.target.value.trim() === '' && optional) onChange('');
          else onWrong?.();
        }}
        onBlur={() => {
          if (value && readDay(text, today) === value) setText(sayShort(value));
        }}
      />
      {wrong && (
        <p id={`${id}e`} className="alert alert-outline" role="alert">
          {empty ? 'Write the day.' : `“${text}” is not a day, so it was not saved.`} Day, month, year:{' '}
          {sayShort(today)}.
        </p>
      )}
    </div>
  );
}

/** A time of day; of what is no time `onChange` is told null, and it is said. */
function TimeField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (hhmm: string | null) => void;
}) {
  const id = useId();
  const [text, setText] = useState(sayTime(value));
  const wrong = readTime(text) === null;
  return (
    <div className="field mt-0 w-[5.5rem]">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="input"
        inputMode={units.clock === '12' ? 'text' : 'numeric'}
        autoComplete="off"
        value={text}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wrong ? `${id}e` : undefined}
        onChange={(e) => {
          setText(e.target.value);
          onChange(readTime(e.target.value));
        }}
        onBlur={() => {
          if (readTime(text) === value) setText(sayTime(value));
        }}
      />
      {wrong && (
        <p id={`${id}e`} className="alert alert-outline" role="alert">
          “{text}” is not a time, so it was not saved. Write it like {sayTime('14:20')}.
        </p>
      )}
    </div>
  );
}

/** What is said where a line is to be written, and a time that was typed is none. */
export const NO_TIME = 'The time cannot be read: nothing was saved. Correct it, for example 14:20.';

/**
 * Day and time to the minute, in the waters' own zone; in the hour that occurs twice both are offered. `onChange` is told null while what
 * stands in a field is no day or no time: then nothing may be written (see `NO_TIME`).
 */
export function DateTimeField({
  label,
  valueMs,
  onChange,
}: {
  label: string;
  valueMs: number | null;
  onChange: (ms: number | null) => void;
}) {
  const name = useId();
  const { zone } = useFormat();
  // What was last told of each part; null where what stands there is none.
  const [typed, setTyped] = useState<{ readonly day: string | null; readonly time: string | null } | null>(null);
  const [lastMs, setLast] = useState(valueMs ?? nowMs());
  const shownMs = valueMs ?? lastMs;
  const at = stamp(shownMs, zone);
  const [day, time] = [at.slice(0, 10), at.slice(11, 16)];
  const choices = instantsOf(day, time, zone).map(epochMs);
  const set = (d: string | null, t: string | null): void => {
    setTyped({ day: d, time: t });
    if (d === null || t === null) return onChange(null);
    const [first] = instantsOf(d, t, zone);
    if (!first) return onChange(null);
    // The seconds are kept: a time that was not touched stays what it was.
    const ms = d === day && t === time ? shownMs : epochMs(first);
    setLast(ms);
    onChange(ms);
  };
  const [dayNow, timeNow] = [typed ? typed.day : day, typed ? typed.time : time];
  return (
    <fieldset className="date-time mt-3 flex flex-wrap gap-y-2 gap-x-3 items-start">
      <legend className="float-left w-full text-cap font-semibold">{label}</legend>
      <DayField label="Day" value={day} onChange={(d) => set(d, timeNow)} onWrong={() => set(null, timeNow)} />
      <TimeField label="Time" value={time} onChange={(t) => set(dayNow, t)} />
      {choices.length > 1 && (
        <div className="chips" role="radiogroup" aria-label="This hour occurs twice">
          {choices.map((ms, i) => (
            <label className="relative inline-flex" key={ms}>
              <input
                className="absolute inset-0 m-0 size-full cursor-pointer opacity-0"
                type="radio"
                name={name}
                checked={Math.abs(ms - shownMs) < 1_800_000}
                onChange={() => onChange(ms)}
              />
              <span>{i === 0 ? `the first ${time}, summer time` : `the second ${time}, winter time`}</span>
            </label>
          ))}
        </div>
      )}
    </fieldset>
  );
}
