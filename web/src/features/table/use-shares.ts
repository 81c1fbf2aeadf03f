import { useAsked } from '../../asked/asked.ts';
import {
  type ChosenPack,
  type DinnerState,
  dishesOfFish,
  dishesToServe,
  type HeldPack,
  missesSome,
  packsSpokenFor,
  type SharedFish,
  shareOfPack,
} from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { partsOf } from './shared-fish-view.tsx';
import type { End } from './share-fields.tsx';

/** The dish that is being chosen, among those that share a fish. */
export const THIS_DISH = 'this';

/** What of the packs other dishes will take, and how a fish is shared out between them and this one. */
export function useShares(nowMs: number, joins: DinnerState | null) {
  const asked = useAsked(nowMs);
  const { byId } = useCatalogue();
  const spoken = useMemo(() => packsSpokenFor(asked), [asked]);
  const others = useMemo(() => (joins ? dishesToServe(asked.book, joins) : []), [asked.book, joins]);
  return useMemo(() => {
    const ofDinner = (h: HeldPack) => others.flatMap((x) => x.packs.filter((p) => p.pack === h.pack.id));
    /** The fish of a pack as this dish and the others share it: in one part where this dish takes all of it; null where it is not one fish. */
    const shareOf = (h: HeldPack, massG: number, end: End | null): SharedFish | null => {
      const of = others.flatMap((x) => x.packs.filter((p) => p.pack === h.pack.id).map((p) => ({ ...p, dish: x.id })));
      const mine = { dish: THIS_DISH, massG, ...(end ? { from: end } : {}) };
      return shareOfPack(asked, h.pack, h.leftG, [...of, mine]);
    };
    return {
      /** What dinners that are planned will take of a pack: it lies there still. */
      spokenFor: (h: HeldPack) => spoken.get(h.pack.id) ?? [],
      /** What of a pack the other dishes of this dinner leave, g. */
      freeG: (h: HeldPack): number => Math.max(0, h.leftG - ofDinner(h).reduce((g, p) => g + p.massG, 0)),
      /** Dishes of other dinners that will miss some of a pack when so much of it is taken, g. */
      plannedTwice: (h: HeldPack, massG: number): { readonly number: string; readonly dish: string }[] => {
        const missing = missesSome(spoken.get(h.pack.id) ?? [], h.leftG, massG);
        return missing.filter((s) => s.dinner !== joins?.id).map((s) => ({ number: h.number, dish: s.dish }));
      },
      shareOf,
      /** A pack as it is taken: how thick its part is against the thickest of it. */
      chosenPart: (h: HeldPack, massG: number, end: End | null): ChosenPack => {
        const shared = end === null ? null : shareOf(h, massG, end);
        const at = shared?.shares.findIndex((s) => s.dish === THIS_DISH) ?? -1;
        const thickest = shared ? partsOf(shared, byId(h.pack.species))?.[at]?.thickest : undefined;
        return { held: h, massG, ...(thickest === undefined ? {} : { thickest }) };
      },
      /** Names of the dishes of the dinner that have fish, by id. */
      dishes: new Map((joins ? dishesOfFish(joins) : []).map((x) => [x.id, x.name])),
    };
  }, [asked, byId, spoken, others, joins]);
}
export type Shares = ReturnType<typeof useShares>;
