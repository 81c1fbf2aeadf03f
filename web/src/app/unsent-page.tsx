import { NOT_JOINED, sayEntry } from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNames } from '../asked/names.ts';
import { plural, useFormat, wordFor } from '../asked/format.ts';
import { useJournal, useOutbox, useReached, useSentAgain, useWhyNotReached } from '../offline/journal-context.tsx';
import type { OutboxItem } from '../offline/outbox.ts';
import { lazySoon } from '../ui/lazy-soon.tsx';
import { Page, Row } from '../frame/page.tsx';
import { usePhotoShelf, useFileUrl, useWaitingPhotos } from '../offline/photos/photos.tsx';
import { ClockNotice } from './clock-notice.tsx';
import { LineKey } from '../ui/key.tsx';

const MendDialog = lazySoon(async () => ({ default: (await import('./mend-dialog.tsx')).MendDialog }));

const WORDS = {
  queued: 'waits for signal',
  sending: 'on its way',
  refused: 'refused',
  'set aside': 'set aside, does not count',
} as const;

/** "waits for signal", or why it waits, was refused or set aside. */
const sayState = (i: OutboxItem): string => {
  if (!('why' in i) || i.why === undefined) return WORDS[i.state];
  return `${i.state === 'queued' ? 'waits' : WORDS[i.state]}: ${i.why}`;
};

/** What has not been sent, and what the server would not take: each can be mended; nothing is dropped. */
export function UnsentPage() {
  const outbox = useOutbox();
  const reached = useReached();
  const why = useWhyNotReached();
  const again = useSentAgain();
  const store = useJournal();
  const names = useNames();
  const { time } = useFormat();
  const [mend, setMend] = useState<OutboxItem | null>(null);
  return (
    <Page
      title="Not yet sent"
      first={{ label: 'Entries', value: outbox.length }}
      cells={[{ label: 'Server', value: reached === false ? 'does not answer' : 'answers' }]}
    >
      <Row className="pad">
        <h2>{outbox.length === 0 ? 'Everything has been sent' : 'Not yet sent'}</h2>
        <p>
          {outbox.length === 0
            ? 'Every entry of this device is in the book on the server too.'
            : 'These entries are safe on this device. They are sent automatically when there is a signal. Sending one twice does no harm.'}
        </p>
        {why && (
          <p className="alert alert-warning" role="status">
            <b>Not reached.</b> {why} {why === NOT_JOINED && <Link to="/join">Join the book</Link>}
          </p>
        )}
        {again > 0 && (
          <p className="alert alert-warning" role="status">
            <b>The book on the server was restored from an older copy.</b> {plural(again, 'entry', 'entries')} that it
            had and has no more {wordFor(again, 'is', 'are')} sent again from this device.
          </p>
        )}
        <ClockNotice />
        <ul>
          {outbox.map((i) => (
            <li
              className="py-2 px-0 gap-2 border-b grid grid-cols-[70px_minmax(0,1fr)_auto] border-rule"
              key={i.entry.id}
            >
              <span className="t">{time(i.entry.at)}</span>
              <div>
                {sayEntry(i.entry, names)}
                <small className="block">{sayState(i)}</small>
              </div>
              <span className="line-keys">
                {i.state === 'refused' && (
                  <>
                    <LineKey onClick={() => setMend(i)}>Mend</LineKey>
                    <LineKey onClick={() => void store.setAside(i.entry.id)}>Set aside</LineKey>
                  </>
                )}
                {i.state !== 'sending' && <LineKey onClick={() => void store.retry([i.entry.id])}>Try again</LineKey>}
              </span>
            </li>
          ))}
        </ul>
      </Row>
      <WaitingPictures />
      {mend && <MendDialog item={mend} onClose={() => setMend(null)} />}
    </Page>
  );
}

/** Pictures that are on this device only. */
function WaitingPictures() {
  const waiting = useWaitingPhotos();
  const shelf = usePhotoShelf();
  if (waiting.length === 0) return null;
  return (
    <Row className="pad">
      <h2>{wordFor(waiting.length, 'One picture', `${waiting.length} pictures`)}</h2>
      <p>On this device until the server has them; they are sent automatically when there is a signal.</p>
      <ul className="waiting-pictures my-3 mx-0 gap-4 flex flex-wrap [.in-short+&]:mt-1 [.in-short+&]:col-span-full [.practice-list+&]:mt-4.5">
        {waiting.map((w) => (
          <li className="[li+&]:mt-1" key={w.hash}>
            <Held file={w.file} />
            <small>{w.why ?? 'waits for signal'}</small>
          </li>
        ))}
      </ul>
      <LineKey onClick={() => void shelf.send()}>Send the pictures now</LineKey>
    </Row>
  );
}

function Held({ file }: { file: Blob }) {
  const url = useFileUrl(file);
  return url ? <img className="photo border border-rule-2 block max-w-full" src={url} alt="Picture of a fish" /> : null;
}
