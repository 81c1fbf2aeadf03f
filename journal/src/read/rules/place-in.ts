import { type RulePack, type ZonePlace, zonesOfPlace } from '@dagboek/core/rules';
import { type Place, placeAt } from '../places/place-of.ts';
import type { TripState } from '../../log/state/states.ts';

/** Where something happened, by the rules: the zone that decides, those around it, and since when the boat was there. */
export interface PlaceOf extends ZonePlace {
  readonly since: string | null;
  readonly position: Place['position'];
}

/** Where a trip was at an instant, as the zones of the rules see it. */
export function placeIn(rules: RulePack, trip: Pick<TripState, 'zone' | 'moves'>, at: string): PlaceOf {
  const { zone, position, since } = placeAt(trip, at);
  return { ...zonesOfPlace(rules, zone, position), since, position };
}
