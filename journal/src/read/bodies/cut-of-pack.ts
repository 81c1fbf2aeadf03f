import type { Book } from '../../log/book/book.ts';
import type { CutState, PackState } from '../../log/state/states.ts';

const STEPS = 12;

/** The cuts that a pack came off: its own, or those of the packs that it was made out of. Empty for one packed without the board. */
export function cutsOfPack(book: Book, pack: PackState, steps = STEPS): CutState[] {
  const own = book.get('cut', pack.cut);
  if (own) return [own];
  const before = pack.from.flatMap((f) => (f.pack === pack.id ? [] : (book.getAny('pack', f.pack) ?? [])));
  if (steps === 0) return [];
  return [...new Map(before.flatMap((p) => cutsOfPack(book, p, steps - 1)).map((c) => [c.id, c])).values()];
}
