import { pick, seeded } from '@dagboek/core/random';
import { epochMs, stamp } from '@dagboek/core/time';
import { Book, type Entry } from '@dagboek/journal';
import { DAY, Scribe } from './scribe.ts';

/** A copy of the season lies so many days before the one after it. */
const APART_DAYS = 7;
/** The season reaches back so far; the first copy ends before it begins. */
const REACH_DAYS = 540;
/** What happened once, or belongs to the house, is not copied: a book has one kitchen however old it is. */
const COPIED = /^(trip|fish|cut|pack|meal|incident|log)\.|^(box\.(drained|looked|weighed)|store\.read)$/;
/** These carry their own subject from copy to copy: the same box, the same freezer. */
const LASTING = /^(box|store)\./;
const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}/g;

/**
 * A long life of the same book: `copies` older seasons with ids and times of their own, every fish and pack of them finished,
 * so that what waits today is what waited before. For measures of how the application fares when a book has grown.
 */
export function olderSeasons(season: readonly Entry[], copies: number, timeZone: string): Entry[] {
  const today = Math.max(...season.filter((e) => e.kind === 'trip.started').map((e) => epochMs(e.at)));
  const past = Book.EMPTY.withEntries(season);
  const todays = new Set([...past.all('trip').flatMap((t) => (t.endedAt ? [] : [t.id]))]);
  const old = season.filter(
    (e) =>
      COPIED.test(e.kind) &&
      epochMs(e.at) < today - DAY / 2 &&
      epochMs(e.written) < today - DAY / 2 &&
      !todays.has(e.subject),
  );
  return Array.from({ length: copies }, (_, i) => oneOlder(old, i, timeZone)).flat();
}

/** One copy of the season, so many steps back. */
function oneOlder(old: readonly Entry[], step: number, timeZone: string): Entry[] {
  const scribe = new Scribe(7000 + step, timeZone);
  const back = (REACH_DAYS + APART_DAYS * (step + 1)) * DAY;
  const shift = (iso: string): string => stamp(epochMs(iso) - back, timeZone);
  const ids = new Map<string, string>();
  for (const e of old) {
    ids.set(e.id, scribe.id(epochMs(e.written) - back));
    if (!LASTING.test(e.kind) && !ids.has(e.subject)) ids.set(e.subject, scribe.id(epochMs(e.at) - back));
  }
  const renamed = (text: string): string => text.replace(UUID, (id) => ids.get(id) ?? id);
  const copy = old.map((e): Entry => {
    const made = JSON.parse(renamed(JSON.stringify(e))) as Entry;
    return { ...made, at: shift(e.at), written: shift(e.written) };
  });
  return [...copy, ...finished(copy, scribe)];
}

/** Lines that end what a copy left open: fish go with the frames, packs are thrown out. */
function finished(copy: readonly Entry[], scribe: Scribe): Entry[] {
  const book = Book.EMPTY.withEntries(copy);
  const lastMs = Math.max(...copy.map((e) => epochMs(e.at)));
  const by = pick(
    seeded(1),
    copy.map((e) => e.member),
  );
  return [
    ...book
      .unfinishedFish()
      .map((f) => scribe.note('fish.discarded', f.id, lastMs + DAY, by, { why: 'too long in the box' })),
    ...book
      .packsWithFood()
      .map((p) => scribe.note('pack.discarded', p.id, lastMs + DAY, by, { why: 'too long in the freezer' })),
  ];
}
