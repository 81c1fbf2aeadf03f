import { type Likely, rankLikely } from '@dagboek/core/key';
import { caughtHere, type FishState, placeAt, type TripState } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { neighbouringGrounds } from './neighbouring-grounds.ts';

/** A kind that may be met here and now, with how many of it the book has met here. */
export interface LikelyHere extends Likely {
  readonly own: number;
  /** These waters have ground for it, or the book has met it here. */
  readonly athome: boolean;
}

/** Kinds in the order in which they are likely where and when this fish was landed, from the packs and from the book's own catches. */
export function useLikely(
  trip: TripState,
  fish: Pick<FishState, 'gear' | 'trip' | 'species' | 'landed'>,
): { likely: LikelyHere[]; waters: readonly string[]; zone: string } {
  const { book } = useBook();
  const { all, byId } = useCatalogue();
  const rules = useRules();
  const { day } = useFormat();
  const { zone } = placeAt(trip, fish.landed.at);
  const { grounds, waters } = useMemo(() => {
    const here = rules?.zones.find((z) => z.id === zone)?.grounds ?? [];
    return { grounds: here, waters: neighbouringGrounds(all, here, rules?.zones.flatMap((z) => z.grounds) ?? []) };
  }, [all, rules, zone]);
  const likely = useMemo(() => {
    const met = caughtHere({ book, zone }, fish);
    const month = Number(day(fish.landed.at).slice(5, 7));
    return rankLikely(all, { grounds, waters, month, ownCatches: met.weighed }).map((l) => {
      const own = met.entries[l.speciesId] ?? 0;
      const athome = waters.length === 0 || waters.some((g) => (byId(l.speciesId)?.grounds[g] ?? 0) > 0);
      return { ...l, own, athome: athome || own > 0 };
    });
  }, [all, book, grounds, waters, zone, fish, day, byId]);
  return { likely, waters, zone };
}
