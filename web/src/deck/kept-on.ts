import { type Allowance, allowancesLeft, type KeptFish, type RulePack } from '@dagboek/core/rules';
import { civilDay } from '@dagboek/core/time';
import type { Book, FishState } from '@dagboek/journal';

/** Fish kept on a civil day, over every trip: landed that day, named, killed or iced, and not let go. */
export function keptOn(book: Book, rules: RulePack, day: string, except?: string): KeptFish[] {
  return book.all('fish').flatMap((f) => {
    if (f.id === except || !f.species || f.released || !(f.dispatched || f.iced || f.bled)) return [];
    const d = civilDay(f.landed.at, rules.timeZone);
    return d === day ? [{ speciesId: f.species, orElse: f.orElse, anglerId: f.angler, day: d, count: f.count }] : [];
  });
}

/** The day's bags for everyone aboard, for the species kept so far and the one in hand. */
export function bagsToday(
  book: Book,
  rules: RulePack,
  day: string,
  crew: readonly string[],
  inHand: FishState | null,
): Allowance[] {
  const kept = keptOn(book, rules, day, inHand?.id);
  const species = [
    ...new Set([
      ...(inHand?.species ? [inHand.species] : []),
      ...kept.flatMap((k) => [k.speciesId, ...(k.orElse ?? [])]),
    ]),
  ];
  return species
    .flatMap((s) => allowancesLeft(rules, kept, s, crew, day))
    .filter((a) => a.used > 0 || (inHand?.species === a.speciesId && inHand.angler === a.anglerId));
}
