import { type Entry, type FactsOf, type Kind, timeTrouble, validateEntry } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { v7 } from 'uuid';
import { nowMs } from '../clock.ts';
import { usePen } from '../pen.ts';
import { useTimeZone } from '../catalogue.ts';
import { useJournal } from './journal-context.tsx';

const DEVICE_KEY = 'dagboek.device';

function deviceId(): string {
  const kept = localStorage.getItem(DEVICE_KEY);
  if (kept) return kept;
  const made = `browser-${v7().slice(-12)}`;
  localStorage.setItem(DEVICE_KEY, made);
  return made;
}

/** An id made on this device. */
export const newId = (): string => v7();

export interface WriteMore {
  /** When it happened; now when left out. */
  atMs?: number;
  about?: boolean;
  amends?: string;
  strikes?: string;
  because?: string;
  /** Who did it, when it is not the one who holds the pen. */
  member?: string;
}

export interface Writing {
  kind: Kind;
  subject: string;
  facts: Readonly<Record<string, unknown>>;
  more?: WriteMore;
}

export type WriteResult = { ok: true } | { ok: false; why: string; field?: string };

/** Writes entries after checking them; a sentence instead when they cannot be. All of one call are kept together, or none. */
export function useWrite(): {
  write: <K extends Kind>(kind: K, subject: string, facts: FactsOf<K>, more?: WriteMore) => Promise<WriteResult>;
  writeAll: (list: readonly Writing[]) => Promise<WriteResult>;
} {
  const store = useJournal();
  const { pen } = usePen();
  const zone = useTimeZone();

  const writeAll = async (list: readonly Writing[]): Promise<WriteResult> => {
    const now = nowMs();
    const made: Entry[] = [];
    let { book } = store.getSnapshot();
    for (const w of list) {
      const { atMs = now, member, ...rest } = w.more ?? {};
      const facts = JSON.parse(JSON.stringify(w.facts)) as Record<string, unknown>;
      const entry: Entry = {
        id: newId(),
        kind: w.kind,
        subject: w.subject,
        at: stamp(atMs, zone),
        written: stamp(now, zone),
        member: member ?? pen ?? 'nobody',
        device: deviceId(),
        facts,
        ...defined(rest),
      };
      const checked = validateEntry(entry, now);
      if (!checked.ok) return checked;
      const trouble = entry.strikes === undefined ? timeTrouble(book, entry) : null;
      if (trouble) return { ok: false, why: trouble, field: 'at' };
      made.push(entry);
      book = book.withEntries([entry]);
    }
    try {
      await store.write(made);
    } catch (e) {
      const why = e instanceof Error ? e.message : String(e);
      return {
        ok: false,
        why: `This device could not keep it (${why}). Nothing was written: free some space, and try again.`,
      };
    }
    return { ok: true };
  };
  return {
    writeAll,
    write: (kind, subject, facts, more) =>
      writeAll([{ kind, subject, facts: facts as object as Record<string, unknown>, ...(more ? { more } : {}) }]),
  };
}

/** Without the keys whose value is undefined. */
function defined<T extends object>(x: T): T {
  return Object.fromEntries(Object.entries(x).filter(([, v]) => v !== undefined)) as T;
}
