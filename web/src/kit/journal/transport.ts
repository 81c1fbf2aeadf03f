import type { AppendAnswer, AppendRequest, Entry, JournalPage, Problem, Receipt } from '@dagboek/journal';

/** The server as the journal needs it. */
export interface Transport {
  /** Sends a batch. `unreachable`: nobody answered, or the server is in trouble: try later. */
  send(
    entries: readonly Entry[],
  ): Promise<{ ok: true; receipts: readonly Receipt[] } | { ok: false; unreachable: boolean; why: string }>;
  /** Entries that arrived after a number. Null when nobody answered. */
  after(seq: number): Promise<JournalPage | null>;
}

const TIMEOUT_MS = 15_000;

/** Through fetch, at this page's own address. */
export const httpTransport: Transport = {
  async send(entries) {
    try {
      const res = await fetch('/api/journal', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ entries } satisfies AppendRequest),
        signal: AbortSignal.timeout(TIMEOUT_MS),
      });
      if (res.ok) return { ok: true, receipts: ((await res.json()) as AppendAnswer).receipts };
      const why = ((await res.json().catch(() => ({}))) as Partial<Problem>).detail ?? 'The server did not take it.';
      return { ok: false, unreachable: res.status >= 500 || res.status === 429, why };
    } catch {
      return { ok: false, unreachable: true, why: 'No answer from the server.' };
    }
  },
  async after(seq) {
    try {
      const res = await fetch(`/api/journal?after=${seq}`, { signal: AbortSignal.timeout(TIMEOUT_MS) });
      return res.ok ? ((await res.json()) as JournalPage) : null;
    } catch {
      return null;
    }
  },
};
