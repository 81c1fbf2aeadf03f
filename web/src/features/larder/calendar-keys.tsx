import type { HeldPack } from '@dagboek/journal';
import { useState } from 'react';
import { nowMs } from '../../ui/clock.ts';
import { useFormat } from '../../asked/format.ts';
import { bookHeader } from '../../offline/reached.ts';
import { bookHere } from '../../offline/start.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';

/** Where the server says that its feed is; null when it cannot be asked. */
async function feedAddress(): Promise<string | null> {
  const res = await fetch('/api/larder/calendar', { signal: AbortSignal.timeout(6000) }).catch(() => null);
  const told = res?.ok ? ((await res.json().catch(() => null)) as { path?: unknown } | null) : null;
  return typeof told?.path === 'string' ? location.origin + told.path : null;
}

/** Gives the feed another address, where this is the server's own screen. Answers a sentence where it was not done. */
async function renewAddress(): Promise<string | null> {
  const book = bookHere();
  const res = await fetch('/api/larder/calendar/renew', {
    method: 'POST',
    headers: book === null ? {} : bookHeader(book),
    signal: AbortSignal.timeout(6000),
  }).catch(() => null);
  if (res?.ok) return null;
  const told = (await res?.json().catch(() => null)) as { detail?: string } | null | undefined;
  return told?.detail ?? 'The server cannot be reached now.';
}

/** The chores of the next days, and the days of what is to be eaten, for a calendar: as a file, or as an address that it asks again and again. */
export function CalendarKeys({ held }: { held: readonly HeldPack[] }) {
  const { book } = useBook();
  const { zone } = useFormat();
  const [feed, setFeed] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = async (): Promise<void> => {
    setTrouble(null);
    const piece = await import('@dagboek/journal/calendar').catch(() => null);
    if (!piece)
      return setTrouble('The part that makes calendars is not on this device yet. It downloads with the next signal.');
    saveFile('dagboek-larder.ics', piece.larderFeed({ book, nowMs: nowMs(), zone }, held), 'text/calendar');
  };
  const ask = async (): Promise<void> => {
    setTrouble(null);
    const at = await feedAddress();
    if (at) setFeed(at);
    else setTrouble('The server knows the address of the feed, and cannot be reached now.');
  };
  const renew = async (): Promise<void> => {
    setTrouble(null);
    const why = await renewAddress();
    if (why !== null) return setTrouble(why);
    await ask();
  };
  return (
    <>
      <LineKey onClick={() => void save()}>Calendar file</LineKey>{' '}
      <LineKey onClick={() => void ask()}>Feed for a calendar</LineKey>
      {feed && (
        <p className="feed">
          Add this address to your calendar. The calendar updates by itself. Anyone with this address can read what is
          in the larder.
          <input
            className="input"
            readOnly
            value={feed}
            aria-label="Address of the feed"
            onFocus={(e) => e.target.select()}
          />
          <LineKey onClick={() => void renew()}>New address: the old one stops working</LineKey>
        </p>
      )}
      <Trouble says={trouble} />
    </>
  );
}
