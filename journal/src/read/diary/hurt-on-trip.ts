import { epochMs } from '@dagboek/core/time';
import type { Names } from '../../log/facts/names.ts';
import { sayEntry } from '../../log/kinds/say.ts';
import type { Book } from '../../log/book/book.ts';
import type { TripState } from '../../log/state/states.ts';

/** One line of someone who was hurt on a trip. */
export interface Hurt {
  readonly id: string;
  readonly at: string;
  readonly who: string | null;
  readonly text: string;
  /** The incident it comes from; null of a line noted with the trip itself. */
  readonly incident: string | null;
}

/** Whether someone was hurt on a trip. */
export const isHurtOn = (book: Book, trip: TripState): boolean =>
  trip.harm.length > 0 || book.naming('incident', trip.id).length > 0;

/** Who was hurt on a trip, and what was done, in the order of time: an incident in one line, all its notes in a row. */
export function hurtOnTrip(book: Book, trip: TripState, names: Names): Hurt[] {
  const noted = trip.harm.map((h, i): Hurt => ({
    id: `${trip.id} ${i}`,
    at: h.at,
    who: h.who,
    text: h.text,
    incident: null,
  }));
  const incidents = book.naming('incident', trip.id).map((i): Hurt => {
    const lines = i.log.filter((l) => !l.struck && l.now.kind !== 'incident.soaked');
    return {
      id: i.id,
      at: i.at,
      who: i.who,
      text: lines.map((l) => sayEntry(l.now, names)).join(' '),
      incident: i.id,
    };
  });
  return [...noted, ...incidents].sort((a, b) => epochMs(a.at) - epochMs(b.at) || (a.id < b.id ? -1 : 1));
}
