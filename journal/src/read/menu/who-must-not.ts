import type { Asks } from '../asked.ts';
import { GUESTS, mustNot } from '@dagboek/core/menu';
import { kindsOfPack } from '../keeping/kinds-of-pack.ts';
import { eaterOf, type MenuSpecies } from './menu-wishes.ts';
import type { HeldPack } from '../keeping/packs-held.ts';

/**
 * Who of those that eat must not eat what was chosen, a sentence each: no fish at all, a species, or much mercury. What is raw is asked of
 * `rawVerdictOf`, by the way it is cooked. `today`: civil day.
 */
export function whoMustNot(
  asked: Asks<'book' | 'species' | 'nowMs', MenuSpecies>,
  packs: readonly HeldPack[],
  eaters: readonly string[],
  today: string,
): string[] {
  const { book, species: byId } = asked;
  if (packs.length === 0) return [];
  const kinds = [...new Set(packs.flatMap((h) => kindsOfPack(book, h.pack)))];
  const says = eaters.flatMap((id) => {
    const m = book.getAny('member', id);
    if (!m || id === GUESTS) return [];
    const eater = eaterOf(asked, m, today);
    return kinds.flatMap((species) => {
      const s = byId(species);
      const why = mustNot(eater, { species, mercury: s?.mercury ?? 'some', countsAsRaw: false });
      if (why === null) return [];
      if (why === 'no fish') return [`${m.name} eats no fish.`];
      const name = s?.name ?? 'this species';
      return why === 'mercury'
        ? [`${m.name} is at risk, and ${name} is high in mercury: not for ${m.name}.`]
        : [`${m.name} must not eat ${name}.`];
    });
  });
  return [...new Set(says)];
}
