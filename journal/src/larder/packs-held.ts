import { type FreshAtPacking, keepUntil, type KeepUntil } from '@dagboek/core/larder';
import type { HistamineClock } from '@dagboek/core/fresh';
import { epochMs } from '@dagboek/core/time';
import type { SpeciesFacts } from '@dagboek/core/species';
import { type Found, foundInPack } from '../board/findings.ts';
import { packNumber } from './pack-numbers.ts';
import { packLeft } from '../line/order.ts';
import { freshnessOfPack } from '../line/pack-fish.ts';
import type { Book } from '../state/book.ts';
import type { PackState } from '../state/states.ts';

/** A pack that still holds something, and by when to eat it. */
export interface HeldPack {
  readonly pack: PackState;
  /** As it stands on the label. */
  readonly number: string;
  readonly leftG: number;
  readonly place: 'fridge' | 'freezer';
  /** Civil day it went to where it lies. */
  readonly since: string;
  readonly thawed: boolean;
  readonly keeps: KeepUntil;
  /** The clock of histamine of its fish, where they form any. */
  readonly histamine: HistamineClock | null;
  /** What was found in it on the board, and what follows. */
  readonly found: Found;
}

/** What the larder holds, the first to be eaten first. `day`: civil day of an instant in the waters' zone; `nowMs`: for the clock of histamine. */
export function packsHeld(
  book: Book,
  byId: (id: string | null) => SpeciesFacts | null,
  day: (at: string) => string,
  nowMs: number,
): HeldPack[] {
  return book
    .packsWithFood()
    .flatMap((pack) => heldPack(book, pack, byId, day, nowMs) ?? [])
    .sort((a, b) =>
      a.keeps.eatBy < b.keeps.eatBy ? -1 : a.keeps.eatBy > b.keeps.eatBy ? 1 : a.pack.number - b.pack.number,
    );
}

/** One pack that still holds something; null when it is struck, or nothing is left of it. */
export function heldPack(
  book: Book,
  pack: PackState,
  byId: (id: string | null) => SpeciesFacts | null,
  day: (at: string) => string,
  nowMs: number,
): HeldPack | null {
  const { leftG } = packLeft(book, pack);
  const last = pack.places.at(-1);
  if (leftG < 1 || !last || !book.stands(pack)) return null;
  const thawed = last.place === 'fridge' && pack.places.some((p) => p.place === 'freezer');
  const since = day(last.at);
  const keeps = keepUntil({
    place: last.place,
    form: pack.form,
    fat: byId(pack.species)?.fat ?? 'oily',
    wrapping: pack.wrapping,
    day: since,
    thawed,
    ...freshAt(book, pack, byId),
  });
  const histamine = freshnessOfPack(book, pack, byId, nowMs)?.histamine ?? null;
  const found = foundInPack(book, pack);
  return { pack, number: packNumber(book, pack), leftG, place: last.place, since, thawed, keeps, histamine, found };
}

/** How fresh its fish was when it was packed; nothing when that is not known. */
function freshAt(
  book: Book,
  pack: PackState,
  byId: (id: string | null) => SpeciesFacts | null,
): { fresh?: FreshAtPacking } {
  const fresh = freshnessOfPack(book, pack, byId, epochMs(pack.storedAt));
  return fresh ? { fresh: { used: fresh.used, iceDaysAllowed: fresh.iceDaysAllowed } } : {};
}

/** Whether nothing of it may be eaten, on whatever day. */
export const isNotToEat = (p: HeldPack): boolean => whyNotToEat(p) !== null;

/** Why nothing of it may be eaten, as a sentence without its name; null where it may. */
export const whyNotToEat = (p: HeldPack): string | null =>
  p.histamine?.state === 'over' ? 'It is over the line of histamine.' : (p.found.bin[0] ?? null);

/** Tone of a pack by the days it has left. */
export function packTone(p: HeldPack, today: string): 'fresh' | 'half' | 'use' | 'past' {
  if (isNotToEat(p)) return 'past';
  if (today > p.keeps.authority) return 'past';
  if (today >= p.keeps.eatBy) return 'use';
  const span = Date.parse(p.keeps.eatBy) - Date.parse(p.since);
  return span > 0 && (Date.parse(today) - Date.parse(p.since)) / span >= 0.5 ? 'half' : 'fresh';
}
