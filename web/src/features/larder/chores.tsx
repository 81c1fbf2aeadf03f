import { useAsked } from '../../asked/asked.ts';
import type { Chore } from '@dagboek/core/larder';
import { choresDue, type HeldPack, sayChore, storeById, storeNow, thawStore } from '@dagboek/journal';
import { weekday } from '@dagboek/core/time';
import { useState } from 'react';
import { nowMs } from '../../ui/clock.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Row } from '../../frame/page.tsx';
import { Key } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { WeighDialog } from './pack-dialogs.tsx';
import { ReadDialog } from './read-dialog.tsx';

const DONE = {
  towel: 'Changed',
  turn: 'Turned',
  ice: 'Done',
  weigh: 'Weigh it',
  read: 'Read it',
  thaw: 'Taken out',
} as const;
/** So many stand open; more are folded, since a list of forty is no list. */
const MOST = 6;
/** What was done stays in the list so long after its hour, ms. */
const STAYS_MS = 12 * 3_600_000;

/** What the larder asks for now, one tap each; what was missed is named. */
export function Chores({ held }: { held: readonly HeldPack[] }) {
  const { book } = useBook();
  const { write } = useUndoWrite();
  const [all, setAll] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [open, setOpen] = useState<Chore | null>(null);
  const now = nowMs();
  const asked = useAsked(now);
  const chores = choresDue(asked, held);
  const due = chores.filter((c) => c.state === 'due');
  // What was done since the last hour stays in its place: nothing moves under the finger.
  const listed = chores.filter((c) => c.state === 'due' || (c.state === 'done' && c.atMs > now - STAYS_MS));
  const missed = chores.filter((c) => c.state === 'missed');
  const next = chores.find((c) => c.state === 'to come');
  const store = open?.of === 'read' ? storeById(book, open.subject) : null;
  const pack = open?.of === 'weigh' ? book.get('pack', open.subject) : null;
  if (chores.length === 0) return null;
  const done = async (c: Chore): Promise<void> => {
    // Read and weighed right here: whoever has walked to the shed walks nowhere else.
    if (c.of === 'weigh' || c.of === 'read') return setOpen(c);
    const fridge = thawStore(book);
    const r =
      c.of === 'thaw'
        ? await write('pack.moved', c.subject, {
            place: 'fridge',
            ...(fridge.own ? { store: fridge.id } : {}),
          })
        : c.of === 'ice'
          ? await write('store.tended', c.subject, { did: 'ice' })
          : await write('pack.tended', c.subject, { did: c.of });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <Row className="pad chores">
      <section aria-label="To do">
        <h2>{due.length === 0 ? 'Nothing to do now' : 'To do'}</h2>
        <ul className="plain-list">
          {(all ? listed : listed.slice(0, MOST)).map((c) => (
            <li key={`${c.of}${c.subject}${c.atMs}`} className="store-line">
              <span>
                {sayChore(book, c)} <small>{c.slot}</small>
              </span>
              {c.state === 'done' ? (
                <b className="done-chore min-h-12 py-3 whitespace-nowrap text-ink-2">done</b>
              ) : (
                <Key
                  name={DONE[c.of]}
                  aria-label={`${DONE[c.of]}: ${sayChore(book, c)}`}
                  onClick={() => void done(c)}
                />
              )}
            </li>
          ))}
        </ul>
        {listed.length > MOST && !all && <Key small name={`All ${listed.length}`} onClick={() => setAll(true)} />}
        {missed.length > 0 && (
          <p className="alert alert-error">
            Missed: {missed.map((c) => `${lower(sayChore(book, c))} (${weekday(c.day)} ${c.slot})`).join('; ')}.
          </p>
        )}
        {due.length === 0 && next && (
          <p className="hint">
            Next: {lower(sayChore(book, next))}, {weekday(next.day)} {next.slot}.
          </p>
        )}
        <Trouble says={trouble} />
        {store && open && (
          <ReadDialog store={store} aboutC={storeNow({ book, nowMs: now }, store).c} onClose={() => setOpen(null)} />
        )}
        {pack && <WeighDialog pack={pack} onClose={() => setOpen(null)} />}
      </section>
    </Row>
  );
}

const lower = (s: string): string => s.charAt(0).toLowerCase() + s.slice(1);
