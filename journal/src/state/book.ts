import { Map as PersistentMap } from 'immutable';
import type { Entry } from '../entry.ts';
import { type Indexes, NO_INDEXES, reindexed, utcDay } from './indexes.ts';
import { projectSubject } from './project.ts';
import type { FishState, PackState, StateOf, SubjectState } from './states.ts';

/**
 * The whole book, folded. Entries may be added in any order, more than once; only the subjects they touch are folded anew.
 * `withEntries` gives a new Book and leaves the old one as it was, so that an interface can compare by identity; the two
 * share all that did not change.
 */
export class Book {
  static readonly EMPTY = new Book(PersistentMap(), 0, NO_INDEXES);
  /** Lists of this very book, made when they are first asked for. */
  private readonly lists = new Map<string, readonly SubjectState[]>();

  private constructor(
    private readonly entriesBySubject: PersistentMap<string, readonly Entry[]>,
    /** Number of entries. */
    readonly size: number,
    private readonly at: Indexes,
  ) {}

  /** A book with these entries too. Those that it has are passed over. */
  withEntries(entries: Iterable<Entry>): Book {
    const fresh = new Map<string, Entry[]>();
    const known = new Map<string, Set<string>>();
    let { size } = this;
    for (const e of entries) {
      const ids = known.get(e.subject) ?? new Set(this.entriesBySubject.get(e.subject)?.map((x) => x.id));
      known.set(e.subject, ids);
      if (ids.has(e.id)) continue;
      ids.add(e.id);
      size += 1;
      const list = fresh.get(e.subject);
      if (list) list.push(e);
      else fresh.set(e.subject, [e]);
    }
    if (fresh.size === 0) return this;
    const bySubject = this.entriesBySubject.withMutations((m) => {
      for (const [subject, list] of fresh) m.set(subject, [...(m.get(subject) ?? []), ...list]);
    });
    return this.refold(bySubject, size, fresh.keys());
  }

  /** A book without one entry: only for an entry that never left this device and was given up. */
  without(entry: Pick<Entry, 'id' | 'subject'>): Book {
    if (!this.has(entry)) return this;
    const left = (this.entriesBySubject.get(entry.subject) ?? []).filter((e) => e.id !== entry.id);
    return this.refold(this.entriesBySubject.set(entry.subject, left), this.size - 1, [entry.subject]);
  }

  private refold(bySubject: PersistentMap<string, readonly Entry[]>, size: number, dirty: Iterable<string>): Book {
    const changed = [...dirty].map((id) => [id, projectSubject(id, bySubject.get(id) ?? [])] as const);
    return new Book(bySubject, size, reindexed(this.at, changed));
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

  /** Every subject of a kind that stands, in no order. */
  all<K extends SubjectState['kind']>(kind: K): StateOf<K>[] {
    return [...this.list(kind, () => this.allAny(kind).filter((s) => this.stands(s)))];
  }

  /** Every subject of a kind, struck ones too, in no order. */
  allAny<K extends SubjectState['kind']>(kind: K): StateOf<K>[] {
    return [...this.list(`any ${kind}`, () => this.at.ofKind.get(kind)?.valueSeq().toArray() ?? [])] as StateOf<K>[];
  }

  private list<S extends SubjectState>(name: string, make: () => S[]): readonly S[] {
    const made = (this.lists.get(name) as readonly S[] | undefined) ?? make();
    this.lists.set(name, made);
    return made;
  }

  /** Something that stays the same until a subject of this kind changes: what was reckoned from that kind alone may be kept under it. */
  edition(kind: SubjectState['kind']): object {
    return this.at.ofKind.get(kind) ?? NO_INDEXES;
  }

  /** Subjects of a kind that stand and name this one, e.g. the fish of a trip, the packs of a cut. */
  naming<K extends SubjectState['kind']>(kind: K, id: string): StateOf<K>[] {
    return this.namingAny(kind, id).filter((s) => this.stands(s));
  }

  /** The same, struck ones too. */
  namingAny<K extends SubjectState['kind']>(kind: K, id: string): StateOf<K>[] {
    return (this.at.namedBy.get(id) ?? []).flatMap((from) => this.getAny(kind, from) ?? []);
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
    return [...ids].flatMap((id) => this.get('fish', id) ?? []);
  }

  /** Fish that stand and that nobody let go, cut or packed yet, on whatever trip. */
  unfinishedFish(): FishState[] {
    return this.at.unfinished.toArray().flatMap((id) => this.get('fish', id) ?? []);
  }

  /** Packs that stand and hold something still. */
  packsWithFood(): PackState[] {
    return this.at.withFood.toArray().flatMap((id) => this.get('pack', id) ?? []);
  }

  /**
   * Whether a subject counts: its own beginning stands, and so does something of all that it hangs on (a fish on its trip, a
   * cut on its fish, a pack on its cut and fish, a meal on its packs). What has not arrived yet takes nothing down.
   */
  stands(s: SubjectState): boolean {
    return standsAmong(this.at.states, s, STEPS);
  }
}

/** Pack and leftovers may name each other in a tangled book; the chain from fish to leftovers is far shorter. */
const STEPS = 12;

function standsAmong(states: PersistentMap<string, SubjectState>, s: SubjectState, steps: number): boolean {
  if (s.struck) return false;
  if (steps === 0) return true;
  const down = (id: string | null): boolean => {
    const on = id ? states.get(id) : undefined;
    return on !== undefined && !standsAmong(states, on, steps - 1);
  };
  const allDown = (ids: readonly string[]): boolean => ids.length > 0 && ids.every(down);
  switch (s.kind) {
    case 'fish':
      return !down(s.trip);
    case 'cut':
      return !allDown(s.fish);
    case 'pack':
      return !down(s.cut) && !down(s.meal) && !allDown(s.fish);
    case 'meal':
      return !allDown(s.packs.map((p) => p.pack));
    default:
      return true;
  }
}
