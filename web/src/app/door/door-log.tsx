import type { DoorEvent } from '@dagboek/journal/log';
import { useState } from 'react';
import { plural, useFormat } from '../../asked/format.ts';
import { Row } from '../../frame/page.tsx';
import { LineKey } from '../../ui/key.tsx';

/** Shown before one asks for all of them. */
const SHOWN = 12;

const from = (e: DoorEvent): string => (e.from ? `, from ${e.from}` : '');

/** What happened, in a sentence. */
const SAYS: Readonly<Record<DoorEvent['what'], (e: DoorEvent) => string>> = {
  joined: (e) => `${e.name} joined${from(e)}.`,
  'wrong codes': (e) =>
    `${plural(e.count ?? 1, 'wrong code')} tried, the last one${from(e).replace(', from', ' from')}.`,
  'put out': (e) => `${e.name} was removed.`,
  left: (e) => `${e.name} left on its own.`,
  'ended unseen': (e) => `${e.name} was not seen for a long time, and was removed.`,
  copied: (e) => `The book was copied: ${plural(e.count ?? 0, 'entry', 'entries')}, ${e.name}.`,
  restored: (e) => `A copy was restored: ${plural(e.count ?? 0, 'entry', 'entries')}, ${e.name}.`,
  'new feed address': () => 'The calendar of this computer has a new address.',
  'wrote for another': (e) => `${e.name} wrote for ${e.member} too, for the first time.`,
};

/** What happened at the door and with copies of the book, the latest first. No places, and nothing of what is in the book. */
export function DoorLog({ log }: { log: readonly DoorEvent[] }) {
  const [every, setEvery] = useState(false);
  const { shortDay, day, time } = useFormat();
  return (
    <Row className="pad ruled">
      <h2>What happened here</h2>
      {log.length === 0 && <p>Nobody yet.</p>}
      <ol className="log-lines list-none">
        {(every ? log : log.slice(0, SHOWN)).map((e, i) => (
          <li key={`${e.at} ${i}`}>
            <span className="t font-semibold">
              {shortDay(day(e.at))} {time(e.at)}
            </span>
            <div>{SAYS[e.what](e)}</div>
          </li>
        ))}
      </ol>
      {!every && log.length > SHOWN && <LineKey onClick={() => setEvery(true)}>All {log.length}</LineKey>}
    </Row>
  );
}
