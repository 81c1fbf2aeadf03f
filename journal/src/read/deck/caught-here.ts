import type { Asks } from '../asked.ts';
import type { GEARS } from '../../log/facts/deck.ts';
import { fishOfTrip } from '../bodies/order.ts';
import { placeAt } from '../places/place-of.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState, TripState } from '../../log/state/states.ts';

type Gear = (typeof GEARS)[number];

/** What the book has met in a zone, by species: entries, and the same weighed by how they were caught. */
export interface CaughtHere {
  readonly entries: Readonly<Record<string, number>>;
  readonly weighed: Readonly<Record<string, number>>;
}

/** What was caught with other gear says half as much: a spear does not meet what a rod meets. */
const OTHER_GEAR = 0.5;
const weightOf = (gear: Gear | null, of: Gear | null): number => (!gear || !of || of === gear ? 1 : OTHER_GEAR);

interface Met {
  readonly zone: string;
  readonly species: string;
  readonly gear: Gear | null;
  n: number;
}

/** What the book has met in a zone so far, but for the fish in hand, as it bears on one caught with `gear`. */
export function caughtHere(
  { book, zone }: Asks<'book' | 'zone'>,
  inHand: Pick<FishState, 'gear' | 'trip' | 'species' | 'landed'>,
): CaughtHere {
  const entries: Record<string, number> = {};
  const weighed: Record<string, number> = {};
  const count = (species: string, gear: Gear | null, n: number): void => {
    entries[species] = (entries[species] ?? 0) + n;
    weighed[species] = (weighed[species] ?? 0) + n * weightOf(inHand.gear, gear);
  };
  for (const trip of book.all('trip'))
    for (const m of metOnTrip(book, trip)) if (m.zone === zone) count(m.species, m.gear, m.n);
  const own = book.get('trip', inHand.trip);
  if (own && inHand.species && placeAt(own, inHand.landed.at).zone === zone) count(inHand.species, inHand.gear, -1);
  return { entries, weighed };
}

const metOnTrip = (book: Book, trip: TripState): readonly Met[] =>
  book.ofTrip(trip.id, 'met', [], () => {
    const met = new Map<string, Met>();
    for (const f of fishOfTrip(book, trip.id)) {
      if (!f.species) continue;
      const { zone } = placeAt(trip, f.landed.at);
      const key = `${zone} ${f.species} ${f.gear ?? ''}`;
      const known = met.get(key);
      if (known) known.n += 1;
      else met.set(key, { zone, species: f.species, gear: f.gear, n: 1 });
    }
    return [...met.values()];
  });
