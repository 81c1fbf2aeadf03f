import type { Entry } from '../entry.ts';
import { type Link, linksOf } from './links.ts';
import { projectSubject } from './project.ts';
import type { StateOf, SubjectState } from './states.ts';

/**
 * The whole book, folded. Entries may be added in any order, more than once; only the subjects they touch are folded anew.
 * `withEntries` gives a new Book and leaves the old one as it was to the eye (its maps are copied), so that an interface can compare by identity.
 */
export class Book {
  static readonly EMPTY = new Book(new Map(), new Map(), new Map(), new Map());

  private constructor(
    private readonly entriesBySubject: ReadonlyMap<string, readonly Entry[]>,
    private readonly states: ReadonlyMap<string, SubjectState>,
    private readonly linksTo: ReadonlyMap<string, readonly Link[]>,
    private readonly entryIds: ReadonlyMap<string, string>,
  ) {}

  /** A book with these entries too. Known ids are passed over. */
  withEntries(entries: Iterable<Entry>): Book {
    const fresh = new Map<string, Entry[]>();
    const ids = new Map(this.entryIds);
    for (const e of entries) {
      if (ids.has(e.id)) continue;
      ids.set(e.id, e.subject);
      const list = fresh.get(e.subject);
      if (list) list.push(e);
      else fresh.set(e.subject, [e]);
    }
    if (fresh.size === 0) return this;
    const bySubject = new Map(this.entriesBySubject);
    for (const [subject, list] of fresh) bySubject.set(subject, [...(bySubject.get(subject) ?? []), ...list]);
    return this.refold(bySubject, ids, fresh.keys());
  }

  /** A book without one entry: only for an entry that never left this device and was given up. */
  without(entryId: string): Book {
    const subject = this.entryIds.get(entryId);
    if (subject === undefined) return this;
    const ids = new Map(this.entryIds);
    ids.delete(entryId);
    const bySubject = new Map(this.entriesBySubject);
    bySubject.set(
      subject,
      (bySubject.get(subject) ?? []).filter((e) => e.id !== entryId),
    );
    return this.refold(bySubject, ids, [subject]);
  }

  private refold(bySubject: Map<string, readonly Entry[]>, ids: Map<string, string>, dirty: Iterable<string>): Book {
    const states = new Map(this.states);
    const linksTo = new Map(this.linksTo);
    for (const subject of dirty) {
      const before = states.get(subject);
      if (before)
        for (const l of linksOf(before))
          linksTo.set(
            l.to,
            (linksTo.get(l.to) ?? []).filter((x) => x.from !== subject || x.role !== l.role),
          );
      const after = projectSubject(subject, bySubject.get(subject) ?? []);
      if (!after) {
        states.delete(subject);
        continue;
      }
      states.set(subject, after);
      for (const l of linksOf(after)) linksTo.set(l.to, [...(linksTo.get(l.to) ?? []), l]);
    }
    return new Book(bySubject, states, linksTo, ids);
  }

  has(entryId: string): boolean {
    return this.entryIds.has(entryId);
  }

  get size(): number {
    return this.entryIds.size;
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
    const s = id ? this.states.get(id) : undefined;
    return s?.kind === kind ? (s as StateOf<K>) : null;
  }

  /** Every subject of a kind that stands, in no order. */
  all<K extends SubjectState['kind']>(kind: K): StateOf<K>[] {
    return this.allAny(kind).filter((s) => this.stands(s));
  }

  /** Every subject of a kind, struck ones too, in no order. */
  allAny<K extends SubjectState['kind']>(kind: K): StateOf<K>[] {
    const out: StateOf<K>[] = [];
    for (const s of this.states.values()) if (s.kind === kind) out.push(s as StateOf<K>);
    return out;
  }

  /** Subjects of a kind that stand and name this one, e.g. the fish of a trip, the packs of a cut. */
  naming<K extends SubjectState['kind']>(kind: K, id: string): StateOf<K>[] {
    return this.namingAny(kind, id).filter((s) => this.stands(s));
  }

  /** The same, struck ones too. */
  namingAny<K extends SubjectState['kind']>(kind: K, id: string): StateOf<K>[] {
    const seen = new Set<string>();
    return (this.linksTo.get(id) ?? []).flatMap((l) => {
      const s = this.states.get(l.from);
      if (s?.kind !== kind || seen.has(s.id)) return [];
      seen.add(s.id);
      return [s as StateOf<K>];
    });
  }

  /**
   * Whether a subject counts: its own beginning stands, and so does something of all that it hangs on (a fish on its trip, a
   * cut on its fish, a pack on its cut and fish, a meal on its packs). What has not arrived yet takes nothing down.
   */
  stands(s: SubjectState): boolean {
    return standsAmong(this.states, s, STEPS);
  }
}

/** Pack and leftovers may name each other in a tangled book; the chain from fish to leftovers is far shorter. */
const STEPS = 12;

function standsAmong(states: ReadonlyMap<string, SubjectState>, s: SubjectState, steps: number): boolean {
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
