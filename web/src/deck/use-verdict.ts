import { judge, type Verdict } from '@dagboek/core/rules';
import { civilDay } from '@dagboek/core/time';
import type { FishState } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue, useNames, useRules } from '../kit/catalogue.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { keptOn } from './kept-on.ts';
import { nowMs } from '../kit/clock.ts';
import { stamp } from '@dagboek/core/time';

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
