import type { Entry, Receipt } from '@dagboek/journal/log';

/**
 * An entry on its way. Offline is a pause, not a failure: such an item is simply queued again with a later `notBeforeMs`.
 * `why` of a queued one: what the server waits for. `again`: the server had it, and has it no more.
 */
export type OutboxItem = { readonly entry: Entry; readonly tries: number; readonly again?: true } & (
  | { readonly state: 'queued'; readonly notBeforeMs: number; readonly why?: string }
  | { readonly state: 'sending' }
  | { readonly state: 'refused'; readonly why: string; readonly field?: string }
  | { readonly state: 'set aside'; readonly why: string }
);

export type OutboxAction =
  | { readonly type: 'written'; readonly entry: Entry }
  | { readonly type: 'sending'; readonly ids: readonly string[] }
  | { readonly type: 'answered'; readonly receipts: readonly Receipt[]; readonly nowMs: number }
  | { readonly type: 'unreachable'; readonly ids: readonly string[]; readonly nowMs: number }
  | { readonly type: 'retry'; readonly ids: readonly string[] }
  | { readonly type: 'set aside'; readonly id: string }
  /** Unsent entries written anew: the old one is set aside for the new one. */
  | { readonly type: 'replaced'; readonly by: ReadonlyMap<string, Entry>; readonly why: string };

/** Wait before the next try, ms: doubles from 1 s to 1 min. */
export const backOffMs = (tries: number): number => Math.min(60_000, 1000 * 2 ** Math.max(0, tries - 1));

/** What is early by the server's clock is tried again after so long: the clock may be set right meanwhile. */
export const EARLY_MS = 5 * 60_000;

/** An item without its state. */
const bare = ({ entry, tries, again }: OutboxItem): Pick<OutboxItem, 'entry' | 'tries' | 'again'> =>
  again ? { entry, tries, again } : { entry, tries };

/** Every way in which the outbox changes. Items that the server holds leave it; nothing else does. */
export function outboxReducer(items: readonly OutboxItem[], action: OutboxAction): readonly OutboxItem[] {
  switch (action.type) {
    case 'written':
      return items.some((i) => i.entry.id === action.entry.id)
        ? items
        : [...items, { entry: action.entry, tries: 0, state: 'queued', notBeforeMs: 0 }];
    case 'sending':
      return items.map((i) =>
        action.ids.includes(i.entry.id) && i.state === 'queued'
          ? { ...bare(i), tries: i.tries + 1, state: 'sending' }
          : i,
      );
    case 'answered': {
      const receipts = new Map(action.receipts.map((r) => [r.id, r]));
      return items.flatMap((i): OutboxItem[] => {
        const r = receipts.get(i.entry.id);
        if (!r) return [i];
        if (r.status === 'early')
          return [{ ...bare(i), state: 'queued', notBeforeMs: action.nowMs + EARLY_MS, why: r.why }];
        if (r.status !== 'refused') return [];
        return [{ ...bare(i), state: 'refused', why: r.why, ...(r.field ? { field: r.field } : {}) }];
      });
    }
    case 'unreachable':
      return items.map((i) =>
        action.ids.includes(i.entry.id) && i.state === 'sending'
          ? { ...bare(i), state: 'queued', notBeforeMs: action.nowMs + backOffMs(i.tries) }
          : i,
      );
    case 'retry':
      return items.map((i) =>
        action.ids.includes(i.entry.id) && i.state !== 'sending'
          ? { ...bare(i), tries: 0, state: 'queued', notBeforeMs: 0 }
          : i,
      );
    case 'set aside':
      return items.map((i) =>
        i.entry.id === action.id && i.state === 'refused' ? { ...bare(i), state: 'set aside', why: i.why } : i,
      );
    case 'replaced': {
      const old = items.filter((i) => action.by.has(i.entry.id) && i.state !== 'sending' && i.state !== 'set aside');
      const ids = new Set(old.map((i) => i.entry.id));
      return [
        ...items.map((i): OutboxItem =>
          ids.has(i.entry.id) ? { ...bare(i), state: 'set aside', why: action.why } : i,
        ),
        ...old.map((i): OutboxItem => ({
          entry: action.by.get(i.entry.id) as Entry,
          tries: 0,
          state: 'queued',
          notBeforeMs: 0,
        })),
      ];
    }
  }
}

/** After a reload nothing is on its way: what was being sent is queued again. Sending twice is harmless. */
export const afterReload = (items: readonly OutboxItem[]): readonly OutboxItem[] =>
  items.map((i) => (i.state === 'sending' ? { ...bare(i), state: 'queued', notBeforeMs: 0 } : i));

/** What may be sent now, oldest first, at most `most`. */
export const sendable = (items: readonly OutboxItem[], nowMs: number, most: number): Entry[] =>
  items
    .filter((i) => i.state === 'queued' && i.notBeforeMs <= nowMs)
    .slice(0, most)
    .map((i) => i.entry);
