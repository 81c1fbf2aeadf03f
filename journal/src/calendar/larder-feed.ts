import { sayDate } from '@dagboek/core/time';
import { choresDue } from '../read/larder/chores-due.ts';
import { sayChore } from '../read/larder/chore-words.ts';
import { type HeldPack, isNotToEat } from '../read/keeping/packs-held.ts';
import type { Asks } from '../read/asked.ts';
import { larderCalendar } from './larder-calendar.ts';

const DAYS_AHEAD = 7;

/** The chores of the next days, and the days by which packs are to be eaten, as an iCalendar text. What is not to be eaten is no appointment. */
export function larderFeed(asked: Asks<'book' | 'nowMs' | 'zone'>, held: readonly HeldPack[]): string {
  const { book, nowMs } = asked;
  const chores = choresDue(asked, held, DAYS_AHEAD).filter((c) => c.state !== 'done' && c.atMs > nowMs);
  const events = chores.map((c) => ({
    id: `${c.of}-${c.subject}-${c.day}-${c.slot}`,
    atMs: c.atMs,
    says: sayChore(book, c),
  }));
  const days = held
    .filter((h) => !isNotToEat(h))
    .map((h) => ({
      id: `eat-${h.pack.id}`,
      day: h.keeps.eatBy,
      says: `Eat pack ${h.number}, ${h.pack.what}, by ${sayDate(h.keeps.eatBy)}`,
    }));
  return larderCalendar(events, days, nowMs);
}
