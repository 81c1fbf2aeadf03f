import type { Asks } from '../asked.ts';
import { ICE_KG_PER_L } from '@dagboek/core/box';
import { FLESH } from '@dagboek/core/heat';
import { kilosOf } from './kilos.ts';
import type { BoxState, TripState } from '../../log/state/states.ts';
import { fishOnIce } from '../board/waiting.ts';

/** Whole fish as they lie beside and on each other fill so much of their room. Typical of round fish. */
const FISH_FILLS = 0.6;
const FISH_KG_PER_L = FLESH.density / 1000;

/** What fills a box, litres as it lies. */
export interface BoxRoom {
  readonly fishL: number;
  /** Ice that was put in, all of it: melted it takes less. */
  readonly iceL: number;
  readonly litres: number;
  /** Fish of no weight, which are not in `fishL`. */
  readonly unweighed: number;
  /** Fish alone are more than it holds, or leave no room for a third as much ice as there is fish. */
  readonly tooFull: boolean;
}

/** How full a box is. `trip`: the one that carries it now, whose ice lies in it with what was added since; null without one. */
export function boxRoom(
  { book, species: byId }: Asks<'book' | 'species'>,
  box: BoxState,
  trip: TripState | null,
): BoxRoom {
  const inIt = fishOnIce(book).filter((f) => f.iced?.box === box.id);
  const { kg, unweighed } = kilosOf(inIt, byId);
  const sinceMs = trip ? Date.parse(trip.startedAt) : Number.POSITIVE_INFINITY;
  const added = box.ice.filter((w) => Date.parse(w.at) >= sinceMs).reduce((sum, w) => sum + (w.kg ?? 0), 0);
  const fishL = kg / FISH_KG_PER_L / FISH_FILLS;
  return {
    fishL,
    iceL: ((trip?.iceKg ?? 0) + added) / ICE_KG_PER_L,
    litres: box.litres,
    unweighed,
    tooFull: fishL + kg / 3 / ICE_KG_PER_L > box.litres,
  };
}
