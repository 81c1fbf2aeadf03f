import { epochMs } from '@dagboek/core/time';
import { fishOfTrip } from '../bodies/order.ts';
import { fishLineIs } from './fish-lines.ts';
import type { Kind } from '../../log/kinds/index.ts';
import { factsOf } from '../../log/kinds/facts-of.ts';
import type { Logged } from '../../log/state/logged.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';
import { standingLine, strikeLine, type Writing } from '../../log/book/writing.ts';

/** Two lines landed so near to each other may be one fish noted by two hands, ms. */
const NEAR_MS = 30 * 60_000;

const standing = (f: FishState): Logged[] => f.log.filter((l) => !l.struck);

/**
 * The fish of the same trip that may be this very one, noted by another hand: landed within half an hour, as many, of the
 * same kind or one of the two without a name. The nearest in time first.
 */
export function maybeSameFish(book: Book, fish: FishState): FishState[] {
  const apart = (f: FishState): number => Math.abs(epochMs(f.landed.at) - epochMs(fish.landed.at));
  return fishOfTrip(book, fish.trip)
    .filter((f) => f.id !== fish.id && f.count === fish.count && apart(f) <= NEAR_MS)
    .filter((f) => f.species === null || fish.species === null || f.species === fish.species)
    .sort((a, b) => apart(a) - apart(b) || (a.id < b.id ? -1 : 1));
}

const onTheBoard = (book: Book, f: FishState): boolean =>
  book.naming('cut', f.id).length > 0 || book.naming('pack', f.id).length > 0;

/** Which of two lines stays, or why they cannot be one. */
export type Merge =
  | { readonly ok: true; readonly stays: FishState; readonly gone: FishState }
  | { readonly ok: false; readonly why: string };

/**
 * Which of two lines of one fish stays: the one that lies on the board, else the one landed first. It is the same whichever
 * of them it is asked of, so that two devices that do it apart do not each strike the other's.
 */
export function mergeOf(book: Book, one: FishState, other: FishState): Merge {
  const fates = [one, other].map((f) => (f.released ? 'back' : f.dispatched || f.iced ? 'kept' : ''));
  if (fates.includes('back') && fates.includes('kept'))
    return {
      ok: false,
      why: 'One of the two was released and the other kept. First cross out the entry that did not happen.',
    };
  const cut = [one, other].filter((f) => onTheBoard(book, f));
  if (cut.length === 2)
    return { ok: false, why: 'Both have been on the board. First cross out what was noted twice there.' };
  const [first, second] = [one, other].sort(
    (a, b) => epochMs(a.landed.at) - epochMs(b.landed.at) || (a.id < b.id ? -1 : 1),
  ) as [FishState, FishState];
  const stays = cut[0] ?? first;
  return { ok: true, stays, gone: stays === first ? second : first };
}

/**
 * The writings that make two lines of fish one: what the one that goes has and the other lacks is written to the one that
 * stays, at its own time and by its own writer, and then the landing of the one that goes is struck. Nothing is lost: the
 * struck one stays readable. `number`: of the one that stays, for the reason.
 */
export function mergeWritings(stays: FishState, gone: FishState, number: string): Writing[] {
  const landing = standingLine(gone, 'fish.landed');
  if (!landing) return [];
  const has = new Set(standing(stays).map((l) => l.now.kind));
  const named = stays.species !== null;
  const carried = standing(gone).flatMap((l): Writing[] => {
    const { kind, facts, at, about, member } = l.now;
    if (kind === 'fish.landed') {
      // Named as it was landed: the other takes that name too when it has none.
      const species = factsOf(l, 'fish.landed')?.species;
      return species && !named && !has.has('fish.named')
        ? [{ kind: 'fish.named', subject: stays.id, facts: { species }, more: { atMs: epochMs(at), member } }]
        : [];
    }
    if (fishLineIs(kind).once && (has.has(kind) || (kind === 'fish.named' && named))) return [];
    return [
      {
        kind: kind as Kind,
        subject: stays.id,
        facts,
        more: { atMs: epochMs(at), member, ...(about ? { about } : {}) },
      },
    ];
  });
  return [...carried, strikeLine(landing, `the same fish as no. ${number}`)];
}
