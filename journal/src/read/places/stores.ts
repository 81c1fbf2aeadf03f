import type { Asks } from '../asked.ts';
import {
  STORE_FACTS,
  storeAt,
  storeCourse,
  type StoreCourse,
  type StoreKind,
  type StoreMark,
} from '@dagboek/core/larder';
import { epochMs } from '@dagboek/core/time';
import { packLeft } from '../bodies/order.ts';
import type { PlainStore } from '../../log/facts/store.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState, StoreState } from '../../log/state/states.ts';

/** Somewhere that packs lie: of one's own, or simply the fridge or the freezer of a book that named none. */
export interface Store {
  /** `fridge` and `freezer` for the plain ones. */
  readonly id: string;
  readonly name: string;
  readonly is: StoreKind;
  readonly place: 'fridge' | 'freezer';
  /** What it is taken to have until it is read, degC. */
  readonly setC: number;
  readonly litres: number | null;
  /** Null for a plain one. */
  readonly own: StoreState | null;
}

const PLAIN: readonly Store[] = (['fridge', 'freezer'] as const).map((id) => ({
  id,
  name: id,
  is: id,
  place: STORE_FACTS[id].place,
  setC: STORE_FACTS[id].typicalC,
  litres: null,
  own: null,
}));

/**
 * What a store is taken to have while no reading speaks for it. A fridge that nobody read is as warm as most are, whatever it is set to;
 * once somebody did, its first reading speaks for the time before it.
 */
function takenC(s: StoreState): number {
  const set = s.setC ?? STORE_FACTS[s.is].typicalC;
  if (s.is !== 'fridge') return set;
  const first = [...s.reads].sort((a, b) => epochMs(a.at) - epochMs(b.at))[0];
  return first ? first.c : Math.max(set, STORE_FACTS.fridge.typicalC);
}

const ofOwn = (s: StoreState): Store => ({
  id: s.id,
  name: s.name,
  is: s.is,
  place: STORE_FACTS[s.is].place,
  setC: takenC(s),
  litres: s.litres,
  own: s,
});

interface Known {
  /** Offered: own ones in use, and the plain ones that none of them stands for. Fridges before freezers, in the order of their making. */
  readonly offered: readonly Store[];
  readonly byId: ReadonlyMap<string, Store>;
  readonly plain: Readonly<Record<PlainStore, Store>>;
}

const known = (book: Book): Known =>
  book.reckoned('stores', ['store'], [], () => {
    const own = [...book.all('store')]
      .sort((a, b) => epochMs(a.addedAt) - epochMs(b.addedAt) || (a.id < b.id ? -1 : 1))
      .map(ofOwn);
    const standIn = (p: Store): Store =>
      own.find((s) => s.own?.standsFor === p.id && s.place === p.place && s.own.retiredAt === null) ?? p;
    const plain = { fridge: standIn(PLAIN[0]!), freezer: standIn(PLAIN[1]!) };
    const inUse = own.filter((s) => s.own?.retiredAt === null);
    const offered = [...PLAIN.filter((p) => plain[p.id as PlainStore] === p), ...inUse].sort(
      (a, b) => Number(a.place === 'freezer') - Number(b.place === 'freezer'),
    );
    return { offered, byId: new Map([...own, ...PLAIN].map((s) => [s.id, s])), plain };
  });

/** Stores that packs can be put in, fridges first. */
export const storesOf = (book: Book): readonly Store[] => known(book).offered;

/** Where what is taken out of a freezer thaws: a fridge, else a tray of ice, else whatever is cold and no freezer. */
export function thawStore(book: Book): Store {
  const cold = storesOf(book).filter((s) => s.place === 'fridge');
  return cold.find((s) => s.is === 'fridge') ?? cold.find((s) => s.is === 'ice tray') ?? cold[0] ?? PLAIN[0]!;
}

/** A store by its id, one that is no longer used too; null where nobody knows it (a line that has not arrived yet). */
export const storeById = (book: Book, id: string): Store | null => known(book).byId.get(id) ?? null;

/** Where a pack lay at one of its places. A store that has not arrived yet counts as the plain one of its class. */
export function storeOfPlace(
  book: Book,
  p: { readonly place: 'fridge' | 'freezer'; readonly store: string | null },
): Store {
  const { byId, plain } = known(book);
  return (p.store === null ? null : byId.get(p.store)) ?? plain[p.place];
}

/** Where a pack lies now. */
export const storeOfPack = (book: Book, pack: PackState): Store => storeOfPlace(book, pack.places.at(-1)!);

/** Packs with food in them that lie in a store. */
export const packsIn = (book: Book, storeId: string): PackState[] =>
  book.packsWithFood().filter((p) => book.stands(p) && !p.discarded && storeOfPack(book, p).id === storeId);

/** What lies in a store, kg. */
const massIn = (book: Book, storeId: string): number =>
  packsIn(book, storeId).reduce((g, p) => g + packLeft(book, p).leftG, 0) / 1000;

/** A household freezer or fridge of which nobody said how large it is, litres; of the room around it, degC. */
const [USUAL_L, ROOM_C] = [150, 20] as const;

/** How warm a store was, is, and will be as it stands. A plain one has what is typical, always. */
export function courseOfStore(book: Book, store: Store): StoreCourse {
  const { own } = store;
  return book.reckoned(
    `course of ${store.id}`,
    own?.power.length ? ['store', 'pack', 'meal'] : ['store'],
    [store],
    () => {
      const marks: StoreMark[] = [
        ...(own?.reads ?? []).map((r) => ({ atMs: epochMs(r.at), c: r.c })),
        ...(own?.power ?? []).map((p) => ({ atMs: epochMs(p.at), power: p.is })),
      ];
      const massKg = own?.power.length ? massIn(book, store.id) : 0;
      return storeCourse({ setC: store.setC, massKg, litres: store.litres ?? USUAL_L, roomC: ROOM_C }, marks);
    },
  );
}

/** How warm a store would be if its current went off at an instant, with what lies in it and the door kept shut. */
export function courseWithoutCurrent(book: Book, store: Store, offMs: number): StoreCourse {
  const marks: StoreMark[] = [
    ...(store.own?.reads ?? []).map((r) => ({ atMs: epochMs(r.at), c: r.c })),
    ...(store.own?.power ?? []).map((p) => ({ atMs: epochMs(p.at), power: p.is })),
  ].filter((m) => m.atMs < offMs);
  const body = {
    setC: store.setC,
    massKg: massIn(book, store.id),
    litres: store.litres ?? USUAL_L,
    roomC: ROOM_C,
  };
  return storeCourse(body, [...marks, { atMs: offMs, power: 'off' }]);
}

/** What is known of a store's temperature at an instant. */
export interface StoreNow {
  readonly c: number;
  /** The last reading up to then; null: never read. */
  readonly read: { readonly c: number; readonly damp: number | null; readonly at: string } | null;
  /** Since when it is without current; null while it has it. */
  readonly offSince: string | null;
}
/** How warm a store is now, degC, when it was read, and since when its current is off. */
export function storeNow({ book, nowMs }: Asks<'book' | 'nowMs'>, store: Store): StoreNow {
  const { reads, power } = book.reckoned(`marks of ${store.id}`, ['store'], [store], () => ({
    reads: inTime(store.own?.reads ?? []),
    power: inTime(store.own?.power ?? []),
  }));
  const off = power.findLast((p) => p.ms <= nowMs)?.mark;
  return {
    c: storeAt(courseOfStore(book, store), nowMs),
    read: reads.findLast((r) => r.ms <= nowMs)?.mark ?? null,
    offSince: off?.is === 'off' ? off.at : null,
  };
}
const inTime = <T extends { readonly at: string }>(marks: readonly T[]): { ms: number; mark: T }[] =>
  marks.map((mark) => ({ ms: epochMs(mark.at), mark })).sort((a, b) => a.ms - b.ms);
