import type { Asks } from '../asked.ts';
import {
  formFacts,
  type FreshAtPacking,
  keepInStore,
  type KeepRate,
  keepUntil,
  type KeepUntil,
  ratesOf,
  storeAt,
  type UntilFacts,
} from '@dagboek/core/larder';
import { doneToMeat } from '@dagboek/core/cut';
import { whyNeverEaten } from '@dagboek/core/harm';
import { type HistamineClock, spoilageModel } from '@dagboek/core/fresh';
import { epochMs, stamp, weekday } from '@dagboek/core/time';
import type { SpeciesFacts } from '@dagboek/core/species';
import { type Found, foundInPack } from './findings.ts';
import { kindsOfPack } from './kinds-of-pack.ts';
import { cutsOfPack } from '../bodies/cut-of-pack.ts';
import { type PackBody, packBody } from './pack-body.ts';
import { type Ageing, ageingOf, mayAge } from './ageing-of.ts';
import { lainSo } from '../places/lain-so.ts';
import { packNumber } from '../bodies/pack-numbers.ts';
import { type PackPlaces, placesOf } from '../places/places-of.ts';
import { type Store, storeNow, storesOf } from '../places/stores.ts';
import { packLeft } from '../bodies/order.ts';
import { freshnessOfPack } from '../fish/pack-fish.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';

/** Steps of the board that take the dark line out. */
const DARK_LINE_OUT: readonly string[] = ['dark line out', 'dark line off the loins'];
/** So many steps of a cut, and more than the weighings were noted. */
const STEPS_NOTED = 5;

/** A pack that still holds something, and by when to eat it. */
export interface HeldPack {
  readonly pack: PackState;
  /** As it stands on the label. */
  readonly number: string;
  readonly leftG: number;
  /** What lies in it: its form, its meat, how thick it lies. */
  readonly body: PackBody;
  /** Its skin came off on the board. */
  readonly skinned: boolean;
  /** Pieces that are left; null where they were never counted. */
  readonly pieces: number | null;
  /** Whether it keeps as frozen fish does. */
  readonly place: 'fridge' | 'freezer';
  readonly store: Store;
  /** Civil day from which its days count: when it was packed, frozen, or thawed. */
  readonly since: string;
  readonly thawed: boolean;
  /** When it thawed in a freezer by itself, epoch ms, and in which; null when it did not. */
  readonly thawedInStore: { readonly atMs: number; readonly store: Store } | null;
  /** It was thawed once, and frozen again. */
  readonly refrozen: boolean;
  /** By its table, at the temperature that the table is for. */
  readonly table: KeepUntil;
  /** How fast its days went where it lay, and go now; 1 at the table's temperature. */
  readonly rates: { readonly mean: KeepRate; readonly now: KeepRate };
  /** What its days are made of; told by `whyUntil`. */
  readonly facts: UntilFacts;
  readonly keeps: KeepUntil;
  /** It hangs on a rack to age; null of any that lies elsewhere. */
  readonly ageing: Ageing | null;
  /** Why nothing of it is ever eaten, by the species that it is or may be; null where it may. */
  readonly never: string | null;
  /** The clock of histamine of its fish, where they form any. */
  readonly histamine: HistamineClock | null;
  /** What was found in it on the board, and what follows. */
  readonly found: Found;
}

/** What the larder holds, the first to be eaten first. `day`: civil day of an instant in the waters' zone; `nowMs`: for the clock of histamine. */
export function packsHeld(asked: Asks<'book' | 'species' | 'day' | 'nowMs'>): HeldPack[] {
  const { book } = asked;
  return book
    .packsWithFood()
    .flatMap((pack) => heldPack(asked, pack) ?? [])
    .sort((a, b) =>
      a.keeps.eatBy < b.keeps.eatBy ? -1 : a.keeps.eatBy > b.keeps.eatBy ? 1 : a.pack.number - b.pack.number,
    );
}

/** Packs by the store in which they lie, the stores in their order, one that is no longer used and still holds something last; empty ones left out. */
export function shelvesOf(
  book: Book,
  held: readonly HeldPack[],
): { readonly store: Store; readonly packs: readonly HeldPack[] }[] {
  const offered = storesOf(book);
  const others = [...new Map(held.map((h) => [h.store.id, h.store])).values()].filter(
    (s) => !offered.some((o) => o.id === s.id),
  );
  return [...offered, ...others].flatMap((store) => {
    const packs = held.filter((h) => h.store.id === store.id);
    return packs.length > 0 ? [{ store, packs }] : [];
  });
}

/** One pack that still holds something; null when it is struck, or nothing is left of it. */
export function heldPack(asked: Asks<'book' | 'species' | 'day' | 'nowMs'>, pack: PackState): HeldPack | null {
  const { book, species: byId } = asked;
  const left = packLeft(book, pack);
  if (left.leftG < 1 || pack.places.length === 0 || !book.stands(pack)) return null;
  const species = byId(pack.species);
  // Of several put together the one that has to be eaten first decides.
  const all = (isMadeAnew(book, pack) ? [pack.places] : placesOf(book, pack)).map((places) =>
    keepingOf(asked, pack, places, species),
  );
  const keeping = all.reduce((a, b) => (b.keeps.eatBy < a.keeps.eatBy ? b : a));
  const ageing = ageingOf(asked, pack, keeping.thawed);
  return {
    pack,
    number: packNumber(book, pack),
    leftG: left.leftG,
    body: packBody(asked, pack),
    skinned: skinnedOf(book, pack),
    pieces: left.pieces,
    ...keeping,
    // On the rack it is eaten while it is ready; the authorities set no line. What must not be aged keeps as any fish of the fridge.
    ...(ageing?.ready && mayAge(ageing)
      ? { keeps: { authority: ageing.ready.to, careful: ageing.ready.to, eatBy: ageing.ready.to } }
      : {}),
    ageing,
    refrozen: all.some((k) => k.refrozen),
    ...harmOf(asked, pack),
  };
}

/** Whether it was salted or smoked out of another pack: its days begin then, and not with the raw fish. */
function isMadeAnew(book: Book, pack: PackState): boolean {
  const { keepsAs } = formFacts(pack.form);
  if (keepsAs !== 'cured' && keepsAs !== 'smoked') return false;
  return pack.from.every((f) => {
    const p = book.getAny('pack', f.pack);
    return p === null || formFacts(p.form).keepsAs !== keepsAs;
  });
}

type Keeping = Pick<
  HeldPack,
  'place' | 'store' | 'since' | 'thawed' | 'thawedInStore' | 'refrozen' | 'table' | 'rates' | 'facts' | 'keeps'
>;

/** How long what went through some places keeps. */
function keepingOf(
  asked: Asks<'book' | 'species' | 'day' | 'nowMs'>,
  pack: PackState,
  places: PackPlaces,
  species: SpeciesFacts | null,
): Keeping {
  const { book, day, nowMs } = asked;
  const lain = lainSo(asked, places);
  const { store, place, thawed } = lain;
  const since = day(stamp(lain.fromMs, 'UTC'));
  const fresh = freshAt(asked, pack, place === 'freezer' ? lain.fromMs : epochMs(places[0]!.at));
  const darkLine = darkLineOf(book, pack);
  const table = keepUntil({
    place,
    form: pack.form,
    fat: species?.fat ?? 'oily',
    wrapping: pack.wrapping,
    darkLine,
    day: since,
    thawed,
    ...(fresh ? { fresh } : {}),
    warmestC: Math.max(...lain.stays.flatMap((s) => [storeAt(s.course, s.fromMs), storeAt(s.course, s.toMs)])),
  });
  const of = {
    place,
    since,
    today: day(stamp(nowMs, 'UTC')),
    nowMs,
    stays: lain.stays,
    model: species ? spoilageModel(species.keeping) : ('temperate' as const),
  };
  const now = storeNow(asked, store);
  const inStore = keepInStore(table, of);
  // The authorities' days are for the fridges that people have: a reading shortens them, and no guess. What is reckoned (the careful
  // line, freshness, histamine) goes by the guess, which is on the warm side.
  // A tray of ice, a shed or a freezer that failed is none of them.
  const unreadFridge = store.is === 'fridge' && now.read === null;
  const careful = thawed || formFacts(pack.form).keepsAs === 'smoked' ? table.careful : inStore.careful;
  const keeps = unreadFridge
    ? { authority: table.authority, careful, eatBy: careful < table.authority ? careful : table.authority }
    : inStore;
  const reckoned = ratesOf(of);
  const rates = unreadFridge
    ? { mean: { ...reckoned.mean, authority: 1 }, now: { ...reckoned.now, authority: 1 } }
    : reckoned;
  return {
    place,
    store,
    since,
    thawed,
    thawedInStore: lain.thawedInStore,
    refrozen: lain.refrozen,
    table,
    rates,
    facts: {
      place,
      form: pack.form,
      fat: species?.fat ?? 'oily',
      wrapping: pack.wrapping,
      darkLine,
      thawed,
      fresh,
      rates,
      storeC: now.c,
      wasRead: now.read !== null,
      unreadFridge,
    },
    keeps,
  };
}

/** Whether the dark line was cut out of a pack's fish; null where the steps of its cut were not noted, or have none. Of several cuts the worst. */
export function darkLineOf(book: Book, pack: PackState): 'out' | 'left' | null {
  const lines = cutsOfPack(book, pack).map((cut): 'out' | 'left' | null => {
    const noted = cut.steps.map((s) => s.step);
    if (noted.some((s) => DARK_LINE_OUT.includes(s))) return 'out';
    // Whoever noted the steps of a cut to its end, and not this one, left it in.
    return noted.length >= STEPS_NOTED && cut.stages.trimmed ? 'left' : null;
  });
  if (lines.includes('left')) return 'left';
  return lines.length > 0 && lines.every((l) => l === 'out') ? 'out' : null;
}

/** Whether the skin came off, as far as the steps of its cuts were noted. */
export const skinnedOf = (book: Book, pack: PackState): boolean =>
  doneToMeat(cutsOfPack(book, pack).flatMap((c) => c.steps.map((s) => s.step))).includes('skin off');

/** How fresh its fish was when it was packed, or frozen; nothing when that is not known. */
function freshAt(asked: Asks<'book' | 'species'>, pack: PackState, atMs: number): FreshAtPacking | null {
  const fresh = freshnessOfPack(asked, pack, atMs);
  return fresh ? { used: fresh.used, iceDaysAllowed: fresh.iceDaysAllowed } : null;
}

/** Whether a pack may be eaten at all, of its species, its clock of histamine and what was found in its fish. */
export type Harm = Pick<HeldPack, 'never' | 'histamine' | 'found'>;

/** What may be wrong with a pack on whatever day: its species, its clock of histamine, and what was found in its fish. */
export const harmOf = ({ book, species: byId, nowMs }: Asks<'book' | 'species' | 'nowMs'>, pack: PackState): Harm => ({
  never: whyNeverEaten(
    pack.form,
    kindsOfPack(book, pack).flatMap((id) => byId(id) ?? []),
  ),
  histamine: freshnessOfPack({ book, species: byId }, pack, nowMs)?.histamine ?? null,
  found: foundInPack(book, pack),
});

/** Whether nothing of it may be eaten, on whatever day. */
export const isNotToEat = (p: Harm): boolean => whyNotToEat(p) !== null;

/** Why nothing of it may be eaten, as a sentence without its name; null where it may. */
export const whyNotToEat = (p: Harm): string | null =>
  p.never ?? (p.histamine?.state === 'over' ? 'It is over the histamine limit.' : (p.found.bin[0] ?? null));

/** What presses about a pack, in the few words of a list; `grave`: it is not eaten. Null where nothing does. */
export function sayPressing(p: HeldPack, today: string): { readonly says: string; readonly grave: boolean } | null {
  if (isNotToEat(p))
    return {
      says: p.never === null && p.histamine?.state === 'over' ? 'do not eat: histamine' : 'do not eat',
      grave: true,
    };
  if (p.thawedInStore !== null) return { says: 'thawed unintentionally', grave: false };
  const tone = packTone(p, today);
  if (p.ageing && mayAge(p.ageing) && tone !== 'past') {
    const day = Math.floor(p.ageing.days) + 1;
    const { ready } = p.ageing;
    return {
      says: `day ${day} of ageing${ready ? (today >= ready.from ? ', ready' : `, ready ${weekday(ready.from)}`) : ''}`,
      grave: false,
    };
  }
  if (tone === 'past') return { says: 'past its time', grave: false };
  if (tone === 'use') return { says: 'use now', grave: false };
  return p.thawed ? { says: 'thawed', grave: false } : null;
}

/** Tone of a pack by the days it has left. */
export function packTone(p: HeldPack, today: string): 'fresh' | 'half' | 'use' | 'past' {
  if (isNotToEat(p)) return 'past';
  if (today > p.keeps.authority) return 'past';
  if (today >= p.keeps.eatBy) return 'use';
  const span = Date.parse(p.keeps.eatBy) - Date.parse(p.since);
  return span > 0 && (Date.parse(today) - Date.parse(p.since)) / span >= 0.5 ? 'half' : 'fresh';
}
