import { epochMs } from '@dagboek/core/time';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';

export type PackPlaces = PackState['places'];

/** Packs made of packs made of packs: in a tangled book they may name each other. */
const STEPS = 12;
/** So many ways back are followed; nobody puts more together. */
const MOST = 20;

/**
 * Where what is in a pack has lain, in the order of time: of one made out of others what they went through before it, one list for each
 * of them. `through`: only by way of packs with this fish in them.
 */
export function placesOf(book: Book, pack: PackState, through: string | null = null, steps = STEPS): PackPlaces[] {
  const before = pack.from.flatMap((f) => {
    const p = f.pack === pack.id ? null : book.getAny('pack', f.pack);
    return p && steps > 0 && (through === null || p.fish.includes(through)) ? [p] : [];
  });
  if (before.length === 0) return [pack.places];
  const fromMs = epochMs(pack.storedAt);
  return before
    .flatMap((p) => placesOf(book, p, through, steps - 1))
    .map((places) => [...places.filter((x) => epochMs(x.at) < fromMs), ...pack.places])
    .slice(0, MOST);
}
