import { Map as PersistentMap } from 'immutable';
import { Beside } from './beside.ts';
import { LayeredMap } from './layered-map.ts';
import type { Entry } from '../entry/entry.ts';
import { type Indexes, NO_INDEXES, utcDay } from './indexes.ts';
import { reindexed } from './reindex.ts';
import { standsAmong } from './stands.ts';
import { type Apart, type Folded, foldSubject } from './fold-subject.ts';
import type { CutState, FishState, PackState, StateOf, SubjectState } from '../state/states.ts';

/**
 * The whole book, folded. Entries may be added in any order, more than once; only the subjects they touch are folded anew.
 * `withEntries` gives a new Book and leaves the old one as it was, so that an interface can compare by identity; the two
 * share all that did not change.
 */
export class Book {
  static get EMPTY(): Book {
    return Book.with(new Beside());
  }

  /** An empty book whose costly answers are worked out so. */
  static with(beside: Beside): Book {
    return new Book(LayeredMap.empty(), 0, NO_INDEXES, PersistentMap(), new Map(), beside);
  }

  /** Lists of this very book, made when they are first asked for. */
  private readonly lists = new Map<string, readonly SubjectState[]>();

  private constructor(
    private readonly entriesBySubject: LayeredMap<readonly Entry[]>,
    /** Number of entries. */
    readonly size: number,
    private readonly at: Indexes,
    /** Lines that cannot be read, by their subject; of nearly every book there are none. */
    private readonly odd: PersistentMap<string, Folded['apart']>,
    /** Shared by a book and those that were made from it; see `reckoned`. */
    private readonly memos: Map<string, Memo> = new Map(),
    /** Where its costly answers are worked out; shared likewise. */
    readonly beside: Beside = new Beside(),
  ) {}

  /** A book with these entries too. Those that it has are passed over. */
  withEntries(entries: Iterable<Entry>): Book {
    const lists = new Map<string, EntryList>();
    let { size } = this;
    for (const e of entries) {
      let list = lists.get(e.subject);
      if (!list) lists.set(e.subject, (list = new EntryList(this.entriesBySubject.get(e.subject))));
      if (list.add(e)) size += 1;
    }
    if (size === this.size) return this;
    const draft = this.entriesBySubject.draft();
    const fresh = new Map([...lists].filter(([, list]) => list.grown));
    for (const [subject, list] of fresh) draft.set(subject, list.entries);
    return this.refold(draft.done(), size, fresh.keys());
  }

  /** A book without one entry: only for an entry that never left this device and was given up. */
  without(entry: Pick<Entry, 'id' | 'subject'>): Book {
    if (!this.has(entry)) return this;
    const left = (this.entriesBySubject.get(entry.subject) ?? []).filter((e) => e.id !== entry.id);
    const draft = this.entriesBySubject.draft();
    draft.set(entry.subject, left);
    return this.refold(draft.done(), this.size - 1, [entry.subject]);
  }

  /** The same book as another object: whoever compares by identity asks it anew, after something beside it was reckoned. */
  anew(): Book {
    return new Book(this.entriesBySubject, this.size, this.at, this.odd, this.memos, this.beside);
  }

  /** The same book with nothing reckoned of it yet, and whose answers are kept apart: for what is tried and not written. */
  aside(): Book {
    return new Book(this.entriesBySubject, this.size, this.at, this.odd, new Map(), this.beside);
  }

  private refold(bySubject: LayeredMap<readonly Entry[]>, size: number, dirty: Iterable<string>): Book {
    const folded = [...dirty].map((id) => [id, foldSubject(id, bySubject.get(id) ?? [])] as const);
    const odd = this.odd.withMutations((m) => {
      for (const [id, { apart }] of folded)
        if (apart.length > 0) m.set(id, apart);
        else m.delete(id);
    });
    const states = folded.map(([id, { state }]) => [id, state] as const);
    return new Book(bySubject, size, reindexed(this.at, states), odd, this.memos, this.beside);
  }

  /** Lines that cannot be read and were neither corrected nor struck, in the order of their making. They change nothing. */
  apart(): Apart[] {
    return [...this.odd]
      .flatMap(([subject, lines]) => lines.map((line) => ({ subject, line })))
      .sort((a, b) => (a.line.first.id < b.line.first.id ? -1 : 1));
  }

  has(entry: Pick<Entry, 'id' | 'subject'>): boolean {
    return this.entriesBySubject.get(entry.subject)?.some((e) => e.id === entry.id) ?? false;
  }

  /** Every entry, in no order. */
  entries(): Entry[] {
    return [...this.entriesBySubject.values()].flat();
  }

  /** One subject, if it is of that kind and stands: neither its beginning nor what it hangs on was struck. */
  get<K extends SubjectState['kind']>(kind: K, id: string | null | undefined): StateOf<K> | null {
    const s = this.getAny(kind, id);
    return s && this.stands(s) ? s : null;
  }

  /** One subject, struck or not: to be read, not to be counted. */
  getAny<K extends SubjectState['kind']>(kind: K, id: string | null | undefined): StateOf<K> | null {
    const s = id ? this.at.states.get(id) : undefined;
    return s?.kind === kind ? (s as StateOf<K>) : null;
  }

  /** Every subject of a kind that stands, in the order of their making. */
  all<K extends SubjectState['kind']>(kind: K): StateOf<K>[] {
    return [...this.list(kind, () => this.allAny(kind).filter((s) => this.stands(s)))];
  }

  /** Every subject of a kind, struck ones too, in the order of their making. */
  allAny<K extends SubjectState['kind']>(kind: K): StateOf<K>[] {
    return [...this.list(`any ${kind}`, () => byMaking(this.at.ofKind.get(kind)?.values() ?? []))] as StateOf<K>[];
  }

  private list<S extends SubjectState>(name: string, make: () => S[]): readonly S[] {
    const made = (this.lists.get(name) as readonly S[] | undefined) ?? make();
    this.lists.set(name, made);
    return made;
  }

  /**
   * What was reckoned from subjects of some kinds and some other inputs alone, kept under its name until one of them is
   * another. What stands depends on what it hangs on: what is reckoned from fish names trips too.
   */
  reckoned<T>(name: string, from: readonly SubjectState['kind'][], inputs: readonly unknown[], make: () => T): T {
    return recall(this.memos, name, [...from.map((k) => this.at.ofKind.get(k)), ...inputs], make);
  }

  /**
   * What was reckoned from one trip and its fish alone, and some other inputs, kept until the trip or one of its fish
   * changes: so that what looks at every trip costs a glance at each.
   */
  ofTrip<T>(tripId: string, name: string, inputs: readonly unknown[], make: () => T): T {
    const edition = this.at.tripEdition.get(tripId);
    if (!edition) return make();
    const memos = TRIP_MEMOS.get(edition) ?? new Map<string, Memo>();
    TRIP_MEMOS.set(edition, memos);
    return recall(memos, name, inputs, make);
  }

  /** How many subjects of a kind stand. */
  countOf(kind: SubjectState['kind']): number {
    return this.list(kind, () => this.allAny(kind).filter((s) => this.stands(s))).length;
  }

  /** Subjects of a kind that stand and name this one, e.g. the fish of a trip, the packs of a cut. */
  naming<K extends SubjectState['kind']>(kind: K, id: string): StateOf<K>[] {
    return this.namingAny(kind, id).filter((s) => this.stands(s));
  }

  /** The same, struck ones too. */
  namingAny<K extends SubjectState['kind']>(kind: K, id: string): StateOf<K>[] {
    return byMaking((this.at.namedBy.get(id) ?? []).flatMap((from) => this.getAny(kind, from) ?? []));
  }

  /**
   * Fish that stand and were landed between two instants (epoch ms), and perhaps some of the day before and after: a civil
   * day is left to the caller, who knows the zone. `species`: only those that are, or may be, one of these; null = all.
   */
  landedAbout(fromMs: number, toMs: number, species: readonly string[] | null = null): FishState[] {
    const ids = new Set<string>();
    const days = species === null ? [this.at.landedOn] : species.flatMap((s) => this.at.speciesOn.get(s) ?? []);
    for (const of of days)
      for (let d = utcDay(fromMs); d <= utcDay(toMs); d++) for (const id of of.get(d) ?? []) ids.add(id);
    return byMaking([...ids].flatMap((id) => this.get('fish', id) ?? []));
  }

  /** Fish that stand and are, or may be, of a species, in no order. */
  fishNamed(species: string): FishState[] {
    return [...(this.at.speciesOn.get(species)?.values() ?? [])].flatMap((ids) =>
      ids.flatMap((id) => this.get('fish', id) ?? []),
    );
  }

  /** Fish that stand and that nobody let go, cut or packed yet, on whatever trip. */
  unfinishedFish(): FishState[] {
    return byMaking(this.at.unfinished.toArray().flatMap((id) => this.get('fish', id) ?? []));
  }

  /** How many fish lie on ice, those of a lot counted: neither let go, cut nor packed yet. */
  get countOnIce(): number {
    return this.at.countOnIce;
  }

  /** Packs that stand and hold something still. */
  packsWithFood(): PackState[] {
    return byMaking(this.at.withFood.toArray().flatMap((id) => this.get('pack', id) ?? []));
  }

  /** Cuts that stand and gave no pack yet. */
  cutsWithoutPack(): CutState[] {
    return byMaking(this.at.openCuts.toArray().flatMap((id) => this.get('cut', id) ?? []));
  }

  /** Packs that were given a number, struck ones too. */
  packsNumbered(number: number): PackState[] {
    return byMaking((this.at.packsNumbered.get(number) ?? []).flatMap((id) => this.getAny('pack', id) ?? []));
  }

  /** The highest number that a pack was ever given; 0 without packs. */
  get highestPackNumber(): number {
    return this.at.highestPackNumber;
  }

  /**
   * Whether a subject counts: its own beginning stands, and so does something of all that it hangs on (a fish on its trip, a
   * cut on its fish, a pack on its cut and fish, a meal on its packs). What has not arrived yet takes nothing down.
   */
  stands(s: SubjectState): boolean {
    return standsAmong(this.at.states, s);
  }
}

/** By id, which is the order of making on whatever device: so that no answer depends on which entry came first. */
const byMaking = <S extends SubjectState>(states: Iterable<S>): S[] =>
  [...states].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));

/** From so many on, an id is looked up in a set; below, going through the few is faster. */
const FEW = 12;

/** The entries of one subject while others are added, each id once. */
class EntryList {
  readonly entries: Entry[];
  private readonly had: number;
  private ids: Set<string> | null = null;

  constructor(had: readonly Entry[] | undefined) {
    this.entries = had ? [...had] : [];
    this.had = this.entries.length;
  }

  /** Whether it was not there yet. */
  add(e: Entry): boolean {
    if (this.entries.length < FEW) {
      for (const x of this.entries) if (x.id === e.id) return false;
    } else {
      this.ids ??= new Set(this.entries.map((x) => x.id));
      if (this.ids.has(e.id)) return false;
      this.ids.add(e.id);
    }
    this.entries.push(e);
    return true;
  }

  get grown(): boolean {
    return this.entries.length > this.had;
  }
}

interface Memo {
  readonly on: readonly unknown[];
  readonly value: unknown;
}

const TRIP_MEMOS = new WeakMap<object, Map<string, Memo>>();

/** What was made under a name, while it rests on the very same things. */
function recall<T>(memos: Map<string, Memo>, name: string, on: readonly unknown[], make: () => T): T {
  const known = memos.get(name);
  if (known && known.on.length === on.length && known.on.every((x, i) => x === on[i])) return known.value as T;
  const value = make();
  memos.set(name, { on, value });
  return value;
}
