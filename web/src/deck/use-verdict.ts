import { type Allowance, allowancesLeft, judge, type KeptFish, type RulePack, type Verdict } from '@dagboek/core/rules';
import { civilDay } from '@dagboek/core/time';
import { type Book, type FishState } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue, useNames, useRules } from '../kit/catalogue.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { nowMs } from '../kit/clock.ts';
import { stamp } from '@dagboek/core/time';

/** Fish kept on a civil day, over every trip: landed that day, named, killed or iced, and not let go. */
export function keptOn(book: Book, rules: RulePack, day: string, except?: string): KeptFish[] {
  return book.all('fish').flatMap((f) => {
    if (f.id === except || !f.species || f.released || !(f.dispatched || f.iced || f.bled)) return [];
    const d = civilDay(f.landed.at, rules.timeZone);
    return d === day ? [{ speciesId: f.species, anglerId: f.angler, day: d, count: f.count }] : [];
  });
}

/** The verdict on one fish by the book's rules; null without a name or without rules. */
export function useVerdict(fish: FishState): Verdict | null {
  const { book } = useBook();
  const rules = useRules();
  const { byId } = useCatalogue();
  const names = useNames();
  return useMemo(() => {
    const species = byId(fish.species);
    const trip = book.get('trip', fish.trip);
    if (!rules || !species || !trip) return null;
    const day = civilDay(fish.landed.at, rules.timeZone);
    const facts = {
      speciesId: species.id,
      speciesName: species.name,
      zone: trip.zone,
      day,
      anglerId: fish.angler,
      anglerName: names.member(fish.angler),
      count: fish.count,
      length: fish.length ? { mm: fish.length.mm, kind: fish.length.kind, method: fish.length.method } : null,
    };
    return judge(
      rules,
      facts,
      keptOn(book, rules, day, fish.id),
      civilDay(stamp(nowMs(), rules.timeZone), rules.timeZone),
    );
  }, [book, rules, byId, names, fish]);
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
  const species = [...new Set([...(inHand?.species ? [inHand.species] : []), ...kept.map((k) => k.speciesId)])];
  return species
    .flatMap((s) => allowancesLeft(rules, kept, s, crew, day))
    .filter((a) => a.used > 0 || (inHand?.species === a.speciesId && inHand.angler === a.anglerId));
}
