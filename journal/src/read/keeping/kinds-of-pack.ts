import { fishInPack } from '../fish/pack-fish.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';

/**
 * Ids of all species that may lie in a pack: its own, those of its fish, those that one of them may be while it is not settled, and those
 * of the packs that it was made of.
 */
export function kindsOfPack(book: Book, pack: PackState, seen: ReadonlySet<string> = new Set()): string[] {
  if (seen.has(pack.id)) return [];
  const further = new Set([...seen, pack.id]);
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
  const meal = book.getAny('meal', pack.meal);
  const before = [...pack.from.map((f) => f.pack), ...(meal?.packs ?? []).map((p) => p.pack)];
  return [
    ...new Set([
      pack.species,
      ...fish.flatMap((f) => [f.species ?? pack.species, ...f.orElse]),
      ...before.flatMap((id) => {
        const from = book.getAny('pack', id);
        return from ? kindsOfPack(book, from, further) : [];
      }),
    ]),
  ];
}
