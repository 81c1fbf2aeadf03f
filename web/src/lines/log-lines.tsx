import { type Entry, type Logged, sayEntry, type SetApart, settleLine } from '@dagboek/journal';
import { movedBy } from '@dagboek/core/time';
import { useState } from 'react';
import { useNames } from '../asked/names.ts';
import { useFormat } from '../asked/format.ts';
import { useOutbox } from '../offline/journal-context.tsx';
import { useWrite } from '../asked/use-write.ts';
import { CorrectDialog } from './correct-dialog.tsx';
import { LineKey } from '../ui/key.tsx';

/** A log: every line with its time, struck and corrected ones too, each to be corrected from here. */
export function LogLines({ lines, from }: { lines: readonly Logged[]; from?: string }) {
  const [open, setOpen] = useState<Logged | null>(null);
  const outbox = useOutbox();
  const unsent = new Map(outbox.map((i) => [i.entry.id, i]));
  const { shortTime } = useFormat();
  return (
    <>
      <ol className="log-lines list-none">
        {lines.map((l, i) => (
          <li key={l.first.id} className={l.struck ? 'struck-line' : undefined}>
            <span className="t font-semibold">
              {l.now.about ? <small>about </small> : null}
              {shortTime(l.now.at, lines[i - 1]?.now.at ?? from)}
            </span>
            <div>
              <LineText line={l} />
              {l.apart && <Unreadable {...l.apart} />}
              {l.conflict.length > 0 && !l.struck && <Rivals line={l} />}
              <ClockSaid entry={l.now} />
              {[l.now, ...(l.struck ? [l.struck] : [])].some((e) => unsent.has(e.id)) && (
                <em className="py-0 px-1.5 ml-1.5 border border-dashed border-ink inline-block text-cap">
                  not sent yet
                </em>
              )}
            </div>
            <LineKeys line={l} onCorrect={() => setOpen(l)} />
          </li>
        ))}
      </ol>
      {open && <CorrectDialog line={open} onClose={() => setOpen(null)} />}
    </>
  );
}

/** A line that cannot be read, as it was written: nothing of it is hidden. */
function Unreadable({ why, entry }: SetApart) {
  return (
    <>
      <small className="block text-ink-2">Set apart, does not count: {why}</small>
      <details>
        <summary>As it was first written</summary>
        <pre className="p-2 overflow-auto border border-rule max-h-60 bg-paper-open text-[0.8125rem] whitespace-pre-wrap wrap-anywhere">
          {JSON.stringify(entry, null, 1)}
        </pre>
      </details>
    </>
  );
}

/** Corrections of this line that were made apart: a person says which one counts. */
function Rivals({ line }: { line: Logged }) {
  const names = useNames();
  const { timeBeside } = useFormat();
  const { writeAll } = useWrite();
  const settle = (taken: Entry): void => void writeAll([settleLine(line, taken)]);
  return (
    <div
      className="rivals pl-2.5 my-1.5 mx-0 border-l-3 border-buoy"
      role="group"
      aria-label="Corrected on two devices"
    >
      <small className="block text-ink-2">
        Corrected on two devices. The one above counts, because it was written last.
      </small>
      {line.conflict.map((e) => (
        <p className="my-1 mx-0" key={e.id}>
          {sayEntry(e, names)} <i>{names.member(e.member)}</i>, written {timeBeside(e.written, e.at)}{' '}
          <LineKey aria-label={`Use this one instead: ${sayEntry(e, names)}`} onClick={() => settle(e)}>
            Use this one instead
          </LineKey>
        </p>
      ))}
      <LineKey aria-label={`Keep the one above: ${sayEntry(line.now, names)}`} onClick={() => settle(line.now)}>
        Keep the one above
      </LineKey>
    </div>
  );
}

/** What the clock of its device said, where that was wrong and the time was set by the server's. */
function ClockSaid({ entry }: { entry: Entry }) {
  const { time } = useFormat();
  if (!entry.aheadMs) return null;
  return <small> By that device’s clock {time(movedBy(entry.at, entry.aheadMs))}.</small>;
}

function LineKeys({ line, onCorrect }: { line: Logged; onCorrect: () => void }) {
  const { write } = useWrite();
  const names = useNames();
  const what = sayEntry(line.now, names);
  if (line.struck) {
    const strike = line.struck;
    return (
      <LineKey
        aria-label={`Restore it: ${what}`}
        onClick={() => void write('log.struck', strike.subject, {}, { strikes: strike.id })}
      >
        Restore it
      </LineKey>
    );
  }
  return (
    <LineKey aria-label={`Correct: ${what}`} onClick={onCorrect}>
      Correct
    </LineKey>
  );
}

function LineText({ line }: { line: Logged }) {
  const names = useNames();
  const { timeBeside } = useFormat();
  const { now, was, struck } = line;
  const text = sayEntry(now, names);
  const by = (e: Entry): string => names.member(e.member);
  if (struck)
    return (
      <>
        <s>{text}</s>{' '}
        <small>
          Crossed out {timeBeside(struck.written, now.at)} by {by(struck)}
          {struck.because ? `: ${struck.because}` : ''}.
        </small>
      </>
    );
  const last = was.at(-1);
  if (!last)
    return (
      <>
        {text} <i>{by(now)}</i>
      </>
    );
  const old = sayEntry(last, names);
  return (
    <>
      <s>{old === text ? timeBeside(last.at, now.at) : old}</s> <b>{text}</b>
      <small className="block text-ink-2">
        Corrected {timeBeside(now.written, now.at)} by {by(now)}
        {now.because ? `: ${now.because}` : ''}.
      </small>
    </>
  );
}
