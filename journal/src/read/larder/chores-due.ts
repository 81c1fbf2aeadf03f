import type { Asks } from '../asked.ts';
import {
  byHour,
  type Chore,
  type ChoreDone,
  type ChorePack,
  choresOf,
  type ChoreStore,
  formFacts,
  isBody,
  isFood,
  thawChore,
} from '@dagboek/core/larder';
import { takeOut } from '@dagboek/core/menu';
import { addDays, civilDay, daysBetween, epochMs, instantOf, stamp } from '@dagboek/core/time';
import { firstDayOf, hourOfPlan, mealDayOf } from '../menu/menu-wishes.ts';
import { type HeldPack, isNotToEat } from '../keeping/packs-held.ts';
import { storeNow, storesOf } from '../places/stores.ts';

const DAY_MS = 86_400_000;
/** Freezing for raw takes a week: for so long after a pack was frozen its freezer is read every day, ms. */
const CLOCK_MS = 9 * DAY_MS;
/** Colder than this a freezer may run such a clock, degC. */
const CLOCK_C = -20;
/** What was done longer ago says nothing of the chores of these days, ms. */
const BACK_MS = 10 * DAY_MS;

/**
 * What the larder asks for today and in the next days; see `choresOf`. `held`: what it holds (`packsHeld`). Only stores of one's own are
 * read: the plain ones have no thermometer.
 */
export function choresDue(asked: Asks<'book' | 'nowMs' | 'zone'>, held: readonly HeldPack[], daysAhead = 1): Chore[] {
  const { book, nowMs, zone } = asked;
  const packs = held.map(({ pack, store, body }): ChorePack => ({
    id: pack.id,
    sinceMs: epochMs(pack.places.at(-1)!.at),
    store: store.is,
    wrapping: pack.wrapping,
    raw: formFacts(pack.form).keepsAs === 'raw' && isFood(pack.form),
    whole: isBody(body.form),
  }));
  const stores = storesOf(book).filter((s) => s.own !== null);
  const done = [
    ...held.flatMap(({ pack }): ChoreDone[] => [
      ...pack.tended.map((t) => ({ of: t.did, subject: pack.id, atMs: epochMs(t.at) })),
      ...pack.weighed.map((w) => ({ of: 'weigh' as const, subject: pack.id, atMs: epochMs(w.at) })),
    ]),
    ...stores.flatMap((s): ChoreDone[] => [
      ...(s.own?.reads ?? []).slice(-20).map((r) => ({ of: 'read' as const, subject: s.id, atMs: epochMs(r.at) })),
      ...(s.own?.tended ?? []).slice(-20).map((t) => ({ of: t.did, subject: s.id, atMs: epochMs(t.at) })),
    ]),
  ].filter((d) => d.atMs > nowMs - BACK_MS);
  const readStores = stores.map((s): ChoreStore => {
    const inIt = held.filter((h) => h.store.id === s.id);
    const young = inIt.some((h) => nowMs - epochMs(h.pack.places.at(-1)!.at) < CLOCK_MS);
    return {
      id: s.id,
      is: s.is,
      packs: inIt.length,
      sinceMs: inIt.reduce((ms, h) => Math.min(ms, epochMs(h.pack.places.at(-1)!.at)), nowMs),
      clock: s.place === 'freezer' && young && storeNow(asked, s).c <= CLOCK_C,
    };
  });
  return [
    ...choresOf({ packs, stores: readStores, done }, nowMs, zone, daysAhead),
    ...thawing(asked, held, daysAhead),
  ].sort(byHour);
}

/** So long what was taken out stands as done, ms. */
const DONE_MS = 12 * 3_600_000;

/** Packs that lie in a freezer and are planned for a meal: when each is taken out. */
function thawing(asked: Asks<'book' | 'nowMs' | 'zone'>, held: readonly HeldPack[], daysAhead: number): Chore[] {
  const { book, nowMs, zone } = asked;
  const first = firstDayOf(asked);
  const today = civilDay(stamp(nowMs, zone), zone);
  const hour = hourOfPlan(nowMs, zone, first);
  return held.flatMap((h): Chore[] => {
    // Taken out a moment ago it stands as done, in its place: nothing moves under the finger.
    const done = h.place === 'fridge' && h.thawed && nowMs - epochMs(h.pack.places.at(-1)!.at) < DONE_MS;
    if ((h.place !== 'freezer' && !done) || isNotToEat(h)) return [];
    const day = mealDayOf(book, h.pack.id, first);
    if (day === null) return [];
    const at = takeOut(h.leftG, daysBetween(first, day), hour);
    // What is late is due today, at this hour; of a plan that begins tomorrow the hour is one before its first midnight.
    const on = at.now ? today : addDays(first, at.day);
    const wall = ((at.hour % 24) + 24) % 24;
    if (daysBetween(today, on) > daysAhead) return [];
    const [h24, min] = [Math.floor(wall), Math.round((wall % 1) * 60)];
    const atMs = at.now ? nowMs : epochMs(instantOf(on, `${two(h24)}:${two(min)}`, zone));
    return [thawChore(h.pack.id, on, atMs, wall, nowMs, done)];
  });
}
const two = (n: number): string => String(n).padStart(2, '0');
