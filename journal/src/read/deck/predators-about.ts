import type { TripState } from '../../log/state/states.ts';

/** What takes a bleeding fish from the hand, as people note it. */
const TAKERS = /\b(large predator|sharks?|seals?|barracudas?|killer whales?|orcas?)\b/i;
/** A sighting counts for so long, ms. */
const COUNTS_MS = 3 * 3_600_000;

/** Whether large predators were noted about on a trip, in the last three hours. */
export const predatorsAbout = (trip: TripState, nowMs: number): boolean =>
  trip.notes.some((n) => {
    const goneMs = nowMs - Date.parse(n.at);
    return n.topic === 'sighting' && TAKERS.test(n.text) && goneMs >= 0 && goneMs <= COUNTS_MS;
  });
