import { type Entry, type Logged, sayEntry } from '@dagboek/journal';
import { movedBy } from '@dagboek/core/time';
import { useState } from 'react';
import { useNames } from '../catalogue.ts';
import { useFormat } from '../format.ts';
import { useOutbox } from '../journal/journal-context.tsx';
import { useWrite } from '../journal/use-write.ts';
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
      <ol className="log-lines">
        {lines.map((l, i) => (
          <li key={l.first.id} className={l.struck ? 'struck-line' : undefined}>
            <span className="t">
              {l.now.about ? <small>about </small> : null}
              {shortTime(l.now.at, lines[i - 1]?.now.at ?? from)}
            </span>
            <div>
              <LineText line={l} />
              <ClockSaid entry={l.now} />
              {[l.now, ...(l.struck ? [l.struck] : [])].some((e) => unsent.has(e.id)) && (
                <em className="unsent">not yet sent</em>
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

/** What the clock of its device said, where that was wrong and the time was set by the server's. */
function ClockSaid({ entry }: { entry: Entry }) {
  const { time } = useFormat();
  if (!entry.aheadMs) return null;
  return <small> By the clock of its device {time(movedBy(entry.at, entry.aheadMs))}.</small>;
}

function LineKeys({ line, onCorrect }: { line: Logged; onCorrect: () => void }) {
  const { write } = useWrite();
  const names = useNames();
  const what = sayEntry(line.now, names);
  if (line.struck) {
    const strike = line.struck;
    return (
      <LineKey
        aria-label={`Let it stand again: ${what}`}
        onClick={() => void write('log.struck', strike.subject, {}, { strikes: strike.id })}
      >
        Let it stand again
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
  const { time } = useFormat();
  const { now, was, struck } = line;
  const text = sayEntry(now, names);
  const by = (e: Entry): string => names.member(e.member);
  if (struck)
    return (
      <>
        <s>{text}</s>{' '}
        <small>
          Struck {time(struck.written)} by {by(struck)}
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
      <s>{old === text ? time(last.at) : old}</s> <b>{text}</b>
      <small className="because">
        Corrected {time(now.written)} by {by(now)}
        {now.because ? `: ${now.because}` : ''}.
        {line.conflict.length > 0 ? ' Two devices corrected this; the later one counts.' : ''}
      </small>
    </>
  );
}
