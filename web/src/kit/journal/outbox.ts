import type { Entry, Receipt } from '@dagboek/journal';

/** An entry on its way. Offline is a pause, not a failure: such an item is simply queued again with a later `notBeforeMs`. */
export type OutboxItem = { readonly entry: Entry; readonly tries: number } & (
  | { readonly state: 'queued'; readonly notBeforeMs: number }
  | { readonly state: 'sending' }
  | { readonly state: 'refused'; readonly why: string; readonly field?: string }
  | { readonly state: 'set aside'; readonly why: string }
);

export type OutboxAction =
  | { readonly type: 'written'; readonly entry: Entry }
  | { readonly type: 'sending'; readonly ids: readonly string[] }
  | { readonly type: 'answered'; readonly receipts: readonly Receipt[] }
  | { readonly type: 'unreachable'; readonly ids: readonly string[]; readonly nowMs: number }
  | { readonly type: 'retry'; readonly ids: readonly string[] }
  | { readonly type: 'set aside'; readonly id: string };

/** Wait before the next try, ms: doubles from 1 s to 1 min. */
export const backOffMs = (tries: number): number => Math.min(60_000, 1000 * 2 ** Math.max(0, tries - 1));

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
          ? { entry: i.entry, tries: i.tries + 1, state: 'sending' }
          : i,
      );
    case 'answered': {
      const receipts = new Map(action.receipts.map((r) => [r.id, r]));
      return items.flatMap((i): OutboxItem[] => {
        const r = receipts.get(i.entry.id);
        if (!r) return [i];
        if (r.status !== 'refused') return [];
        return [
          { entry: i.entry, tries: i.tries, state: 'refused', why: r.why, ...(r.field ? { field: r.field } : {}) },
        ];
      });
    }
    case 'unreachable':
      return items.map((i) =>
        action.ids.includes(i.entry.id) && i.state === 'sending'
          ? { entry: i.entry, tries: i.tries, state: 'queued', notBeforeMs: action.nowMs + backOffMs(i.tries) }
          : i,
      );
    case 'retry':
      return items.map((i) =>
        action.ids.includes(i.entry.id) && i.state !== 'sending'
          ? { entry: i.entry, tries: 0, state: 'queued', notBeforeMs: 0 }
          : i,
      );
    case 'set aside':
      return items.map((i) =>
        i.entry.id === action.id && i.state === 'refused'
          ? { entry: i.entry, tries: i.tries, state: 'set aside', why: i.why }
          : i,
      );
  }
}

/** After a reload nothing is on its way: what was being sent is queued again. Sending twice is harmless. */
export const afterReload = (items: readonly OutboxItem[]): readonly OutboxItem[] =>
  items.map((i) => (i.state === 'sending' ? { entry: i.entry, tries: i.tries, state: 'queued', notBeforeMs: 0 } : i));

/** What may be sent now, oldest first, at most `most`. */
export const sendable = (items: readonly OutboxItem[], nowMs: number, most = 100): Entry[] =>
  items
    .filter((i) => i.state === 'queued' && i.notBeforeMs <= nowMs)
    .slice(0, most)
    .map((i) => i.entry);
