import type { AppendAnswer, AppendRequest, BackupMade, Entry, JournalPage, Receipt } from '@dagboek/journal/log';
import { bookHeader, IN_ITS_PLACE, NO_ANSWER, notTaken } from './reached.ts';

/** The server was not reached; `why`, where something answered. */
export interface NotReached {
  readonly unreached: string | null;
  /** It answers, but not to this device: it has to join first. */
  readonly notJoined?: boolean;
}

/** What a batch came to. `unreachable`: nobody answered, or not this server, or it is in trouble: try later. `broke`: it fell over this very batch. */
export type Sent =
  | {
      readonly ok: true;
      readonly receipts: readonly Receipt[];
      readonly now: string;
      readonly reached: Cursor | null;
      readonly anew: boolean;
    }
  | { readonly ok: false; readonly unreachable: boolean; readonly broke?: boolean; readonly why: string };

/** A place in the log: a number, and the digest that came with it. */
export interface Cursor {
  readonly last: number;
  readonly digest: string;
}

/** The server as the journal needs it. */
export interface Transport {
  /** Sends a batch. `seen`: how far the log was known to reach. */
  send(entries: readonly Entry[], seen: Cursor): Promise<Sent>;
  /** Entries that arrived after a place in the log, at most `limit`. `seen`: how far the log was known to reach. */
  after(cursor: Cursor, seen: Cursor, limit: number): Promise<JournalPage | NotReached>;
  /** Asks for a copy of the book where it is kept. Throws an Error with a sentence when none was made. */
  backUp(): Promise<BackupMade>;
}

const TIMEOUT_MS = 15_000;
/** The slowest line that is waited for, bytes a second: some 10 kbit. */
const SLOWEST = 1200;
/** An entry in a page is about so long, in bytes as they travel. */
const ENTRY_BYTES = 120;

/** How long so much may be on its way, ms. */
export const timeoutMs = (bytes: number, least = TIMEOUT_MS): number => least + Math.ceil((bytes / SLOWEST) * 1000);

/** A portal may answer anything with a list: an answer of ours says something of at least one entry. */
const isAnswer = (x: unknown, of: readonly Entry[]): x is AppendAnswer => {
  const { receipts } = (x ?? {}) as Partial<AppendAnswer>;
  return Array.isArray(receipts) && of.some((e) => receipts.some((r) => (r as Receipt | null)?.id === e.id));
};
const isPage = (x: unknown): x is JournalPage => {
  const p = x as Partial<JournalPage> | null;
  return Array.isArray(p?.entries) && typeof p.last === 'number' && typeof p.more === 'boolean';
};

/** Through fetch, at this page's own address. `book`: which one is meant; another one there takes nothing. */
export const httpTransport = (book: string): Transport => ({
  async send(entries, seen) {
    const body = JSON.stringify({ entries, ...(seen.digest ? { seen } : {}) } satisfies AppendRequest);
    try {
      const res = await fetch('/api/journal', {
        method: 'POST',
        headers: { 'content-type': 'application/json', ...bookHeader(book) },
        body,
        signal: AbortSignal.timeout(timeoutMs(body.length)),
      });
      if (!res.ok) return { ok: false, ...(await notTaken(res)) };
      const answer: unknown = await res.json().catch(() => null);
      return isAnswer(answer, entries)
        ? {
            ok: true,
            receipts: answer.receipts,
            now: answer.now,
            anew: answer.anew === true,
            reached: typeof answer.last === 'number' ? { last: answer.last, digest: answer.digest } : null,
          }
        : { ok: false, unreachable: true, why: IN_ITS_PLACE };
    } catch {
      return { ok: false, unreachable: true, why: NO_ANSWER };
    }
  },
  async after({ last, digest }, seen, limit) {
    const known = `${digest ? `&digest=${digest}` : ''}${seen.digest ? `&seen=${seen.last}&seenDigest=${seen.digest}` : ''}`;
    try {
      const res = await fetch(`/api/journal?after=${last}&limit=${limit}${known}`, {
        headers: bookHeader(book),
        signal: AbortSignal.timeout(timeoutMs(limit * ENTRY_BYTES)),
      });
      if (!res.ok) return { unreached: (await notTaken(res)).why };
      const page: unknown = await res.json().catch(() => null);
      return isPage(page) ? page : { unreached: IN_ITS_PLACE };
    } catch {
      return { unreached: null };
    }
  },
  async backUp() {
    const res = await fetch('/api/backups', { method: 'POST', headers: bookHeader(book) }).catch(() => null);
    if (!res) throw new Error(`${NO_ANSWER} The copy is made on the server: try again with a signal.`);
    if (!res.ok) throw new Error((await notTaken(res)).why);
    return (await res.json()) as BackupMade;
  },
});
