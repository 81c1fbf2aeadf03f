import { judgeUnsettled, type UnsettledVerdict } from '@dagboek/core/rules';
import { civilDay, wallTime } from '@dagboek/core/time';
import type { FishState } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue, useNames, useRules } from '../kit/catalogue.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { keptOn } from '../kit/kept-on.ts';
import { nowMs } from '../kit/clock.ts';
import { stamp } from '@dagboek/core/time';

/** The verdict on one fish by the book's rules, the strictest over what it may be; null without a name or without rules. */
export function useVerdict(fish: FishState): UnsettledVerdict | null {
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
      zone: trip.zone,
      day,
      anglerId: fish.angler,
      anglerName: names.member(fish.angler),
      count: fish.count,
      length: fish.length ? { mm: fish.length.mm, kind: fish.length.kind, method: fish.length.method } : null,
      longestMm: fish.length?.longestMm ?? null,
      time: wallTime(fish.landed.at, rules.timeZone),
      boat: trip.boat,
      gear: fish.gear,
    };
    return judgeUnsettled(
      rules,
      [species.id, ...fish.orElse].map((id) => ({
        ...facts,
        speciesId: id,
        speciesName: names.species(id),
        conversions: byId(id)?.conversions ?? [],
      })),
      keptOn(book, rules, day, fish.id),
      civilDay(stamp(nowMs(), rules.timeZone), rules.timeZone),
    );
  }, [book, rules, byId, names, fish]);
}
