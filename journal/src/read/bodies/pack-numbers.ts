import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';

const writtenFirst = (p: PackState): number => Math.min(...p.log.map((l) => epochMs(l.first.written)));

/**
 * The number of a pack as it is spoken of and stands on its label: the one given when it was stored, for ever. Two devices
 * that gave the same number without hearing of each other keep it both, the later noted with a letter: 84 and 84b.
 */
export function packNumber(book: Book, pack: Pick<PackState, 'id' | 'number'>): string {
  const alike = book.packsNumbered(pack.number);
  if (alike.length < 2) return String(pack.number);
  const before = [...alike]
    .sort((a, b) => writtenFirst(a) - writtenFirst(b) || (a.id < b.id ? -1 : 1))
    .findIndex((p) => p.id === pack.id);
  return before < 1 ? String(pack.number) : `${pack.number}${String.fromCharCode(97 + Math.min(25, before))}`;
}

/** The number for the next pack: above all that were ever given, struck ones too. */
export const nextPackNumber = (book: Book): number => book.highestPackNumber + 1;
