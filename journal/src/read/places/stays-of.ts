import type { FishIced } from '../../log/facts/deck.ts';
import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

/** A while that a fish lay in one box. */
export interface Stay {
  readonly box: string;
  readonly how: FishIced['how'];
  readonly fromMs: number;
  /** Infinite while it lies there. */
  readonly toMs: number;
}

/** When a fish left its last box for the board, a pack, the water or the bin, epoch ms; infinite while it has not. */
export function leftBoxMs(book: Book, fish: FishState): number {
  const cuts = book.naming('cut', fish.id).map((c) => epochMs(c.startedAt));
  const packs = book.naming('pack', fish.id).map((p) => epochMs(p.storedAt));
  const out = [fish.released, fish.discarded].flatMap((x) => (x ? [epochMs(x.at)] : []));
  return Math.min(Number.POSITIVE_INFINITY, ...cuts, ...packs, ...out);
}

/** Where a fish lay on ice, in the order of time; nothing for one that never did. */
export function staysOf(book: Book, fish: FishState): Stay[] {
  if (!fish.iced) return [];
  const left = leftBoxMs(book, fish);
  const puts = fish.boxes.map((b) => ({ ...b, ms: epochMs(b.at) })).sort((a, b) => a.ms - b.ms);
  return puts.flatMap((b, i): Stay[] => {
    const toMs = Math.min(left, puts[i + 1]?.ms ?? left);
    return toMs > b.ms ? [{ box: b.box, how: b.how, fromMs: b.ms, toMs }] : [];
  });
}
