import type { Asks } from '../asked.ts';
import { massOf } from '../bodies/mass-of.ts';
import { fishOfTrip } from '../bodies/order.ts';

/** What a trip brought, in short. */
export interface TripCatch {
  /** Kilograms kept, weighed or estimated from the length. */
  readonly keptKg: number;
  /** Entries that went back. */
  readonly back: number;
  readonly empty: boolean;
}

/** What a trip brought. `byId`: the same function as long as the species are the same, since what was reckoned is kept. */
export function tripCatch({ book, species: byId }: Asks<'book' | 'species'>, tripId: string): TripCatch {
  return book.ofTrip(tripId, 'catch', [byId], () => {
    const fish = fishOfTrip(book, tripId);
    const kept = fish.filter((f) => !f.released);
    return {
      keptKg: kept.reduce((kg, f) => kg + ((massOf(f, byId(f.species))?.g ?? 0) * f.count) / 1000, 0),
      back: fish.length - kept.length,
      empty: fish.length === 0,
    };
  });
}
