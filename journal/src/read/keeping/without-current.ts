import type { Asks } from '../asked.ts';
import { type CurrentGone, storeAt, thawedFrom, type WithoutCurrent } from '@dagboek/core/larder';
import { epochMs } from '@dagboek/core/time';
import { courseOfStore, courseWithoutCurrent, packsIn, type Store, storeNow } from '../places/stores.ts';

/** How far ahead a store without current is followed, ms. */
const AHEAD_MS = 7 * 86_400_000;

/** What is known of a store while its current is off: since when, how many packs lie in it, and when they thaw. Null while it has current. */
export function withoutCurrentOf(
  asked: Asks<'book' | 'nowMs'>,
  store: Store,
): (WithoutCurrent & { readonly sinceMs: number }) | null {
  const { book, nowMs } = asked;
  const { offSince } = storeNow(asked, store);
  if (offSince === null) return null;
  const sinceMs = epochMs(offSince);
  const packs = packsIn(book, store.id).length;
  const thawsMs = store.place === 'freezer' ? thawedFrom(courseOfStore(book, store), sinceMs, nowMs + AHEAD_MS) : null;
  return { place: store.place, packs, thawsMs, nowMs, sinceMs };
}

/** What a store would come to after some hours without current from now on, its door kept shut: for the drill. */
export function ifCurrentWent({ book, nowMs }: Asks<'book' | 'nowMs'>, store: Store, hours: number): CurrentGone {
  const course = courseWithoutCurrent(book, store, nowMs);
  const thawsMs = store.place === 'freezer' ? thawedFrom(course, nowMs, nowMs + AHEAD_MS) : null;
  return {
    place: store.place,
    packs: packsIn(book, store.id).length,
    hours,
    nowC: storeAt(course, nowMs),
    thenC: storeAt(course, nowMs + hours * 3_600_000),
    thawsAfterH: thawsMs === null ? null : (thawsMs - nowMs) / 3_600_000,
  };
}
