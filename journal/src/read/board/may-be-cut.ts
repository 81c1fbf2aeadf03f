import type { Asks } from '../asked.ts';
import { freshnessOfFish } from '../fish/freshness-of.ts';
import { custodyOf } from '../places/custody.ts';

/**
 * Why some fish cannot be cut, in a sentence that names the first of them by `nameOf`; null when all can. The list on the board shows
 * none of these, but another device may have let one go, packed or eaten it meanwhile. `spoilt`: the one that is to be thrown away,
 * null where it is another matter. `nowMs`: for the clock of histamine.
 */
export function cannotBeCut(
  asked: Asks<'book' | 'species' | 'nowMs'>,
  fishIds: readonly string[],
  nameOf: (fishId: string) => string,
): { readonly why: string; readonly spoilt: string | null } | null {
  const { book } = asked;
  const refuse = (why: string, spoilt: string | null = null) => ({ why, spoilt });
  for (const id of fishIds) {
    const line = custodyOf(book, id);
    if (!line || line.where === 'struck') return refuse('One of these fish is no longer in the book. Choose again.');
    const name = nameOf(id);
    if (line.where === 'let go') return refuse(`${name} was released. If it was not, cross out that entry first.`);
    if (line.where === 'eaten') return refuse(`${name} was already eaten.`);
    if (line.where === 'gone') return refuse(`${name} was thrown away.`);
    if (line.where === 'larder')
      return refuse(`${name} is already packed. Weigh its pack, or cross the pack out first.`);
    if (freshnessOfFish(asked, id)?.histamine?.state === 'over')
      return refuse(
        `${name} is over the histamine limit: do not eat it. Cutting, cooking or freezing does not help. Throw it away.`,
        id,
      );
  }
  return null;
}
