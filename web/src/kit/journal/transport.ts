import type { AppendAnswer, AppendRequest, BackupMade, Entry, JournalPage, Receipt } from '@dagboek/journal';
import { bookHeader, IN_ITS_PLACE, NO_ANSWER, notTaken } from './reached.ts';

/** The server was not reached; `why`, where something answered. */
export interface NotReached {
  readonly unreached: string | null;
}

/** The server as the journal needs it. */
export interface Transport {
  /** Sends a batch. `unreachable`: nobody answered, or not this server, or it is in trouble: try later. */
  send(
    entries: readonly Entry[],
  ): Promise<{ ok: true; receipts: readonly Receipt[] } | { ok: false; unreachable: boolean; why: string }>;
  /** Entries that arrived after a number. */
  after(seq: number): Promise<JournalPage | NotReached>;
  /** Asks for a copy of the book where it is kept. Throws an Error with a sentence when none was made. */
  backUp(): Promise<BackupMade>;
}

const TIMEOUT_MS = 15_000;

const isAnswer = (x: unknown): x is AppendAnswer => Array.isArray((x as Partial<AppendAnswer> | null)?.receipts);
const isPage = (x: unknown): x is JournalPage => {
  const p = x as Partial<JournalPage> | null;
  return Array.isArray(p?.entries) && typeof p.last === 'number' && typeof p.more === 'boolean';
};

/** Through fetch, at this page's own address. `book`: which one is meant; another one there takes nothing. */
export const httpTransport = (book: string): Transport => ({
  async send(entries) {
    try {
      const res = await fetch('/api/journal', {
        method: 'POST',
        headers: { 'content-type': 'application/json', ...bookHeader(book) },
        body: JSON.stringify({ entries } satisfies AppendRequest),
        signal: AbortSignal.timeout(TIMEOUT_MS),
      });
      if (!res.ok) return { ok: false, ...(await notTaken(res)) };
      const answer: unknown = await res.json().catch(() => null);
      return isAnswer(answer)
        ? { ok: true, receipts: answer.receipts }
        : { ok: false, unreachable: true, why: IN_ITS_PLACE };
    } catch {
      return { ok: false, unreachable: true, why: NO_ANSWER };
    }
  },
  async after(seq) {
    try {
      const res = await fetch(`/api/journal?after=${seq}`, {
        headers: bookHeader(book),
        signal: AbortSignal.timeout(TIMEOUT_MS),
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
    if (!res) throw new Error(`${NO_ANSWER} The copy is made where the book is kept: try again with a signal.`);
    if (!res.ok) throw new Error((await notTaken(res)).why);
    return (await res.json()) as BackupMade;
  },
});
