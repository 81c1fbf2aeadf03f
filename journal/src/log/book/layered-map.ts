import { OrderedMap } from 'immutable';

/** Stands in the upper layer for a key that was taken out of the lower one. */
const GONE = Symbol('gone');
type Upper<V> = OrderedMap<string, V | typeof GONE>;

/**
 * A persistent map by string in two layers: below what was filled in at once when a book was opened, in a plain map that is
 * never touched again; above what was written since, in a persistent one. A book of 100,000 entries opens in half the time
 * of one kept in persistent maps alone, and a write costs as little as there. Keys come in the order in which they were
 * first put.
 */
export class LayeredMap<V> {
  private static readonly NONE = new LayeredMap<never>(new Map<string, never>(), OrderedMap());
  static empty<V>(): LayeredMap<V> {
    return LayeredMap.NONE;
  }

  private constructor(
    private readonly lower: ReadonlyMap<string, V>,
    private readonly upper: Upper<V>,
  ) {}

  get(key: string): V | undefined {
    if (this.upper.size > 0) {
      const v = this.upper.get(key);
      if (v !== undefined) return v === GONE ? undefined : v;
    }
    return this.lower.get(key);
  }

  *values(): Generator<V, void> {
    if (this.upper.size === 0) {
      yield* this.lower.values();
      return;
    }
    for (const [k, v] of this.lower) {
      const now = this.upper.get(k);
      if (now === undefined) yield v;
      else if (now !== GONE) yield now;
    }
    for (const [k, v] of this.upper) if (v !== GONE && !this.lower.has(k)) yield v;
  }

  /** A copy to be changed, then made into a map of its own with `done`; this one stays as it is. */
  draft(): LayeredDraft<V> {
    return this.lower.size === 0 && this.upper.size === 0
      ? new FillingDraft<V>((lower) => new LayeredMap<V>(lower, OrderedMap()))
      : new UpperDraft<V>(this.lower, this.upper.asMutable(), (upper) => new LayeredMap<V>(this.lower, upper));
  }
}

/** A layered map while it is being changed. Not to be touched after `done`. */
export interface LayeredDraft<V> {
  get(key: string): V | undefined;
  set(key: string, value: V): void;
  delete(key: string): void;
  done(): LayeredMap<V>;
}

/** The first filling of an empty map: all of it goes into the lower layer. */
class FillingDraft<V> implements LayeredDraft<V> {
  private readonly lower = new Map<string, V>();
  constructor(private readonly make: (lower: Map<string, V>) => LayeredMap<V>) {}
  get(key: string): V | undefined {
    return this.lower.get(key);
  }
  set(key: string, value: V): void {
    this.lower.set(key, value);
  }
  delete(key: string): void {
    this.lower.delete(key);
  }
  done(): LayeredMap<V> {
    return this.make(this.lower);
  }
}

/** Later changes: they go into the upper layer. */
class UpperDraft<V> implements LayeredDraft<V> {
  constructor(
    private readonly lower: ReadonlyMap<string, V>,
    private readonly upper: Upper<V>,
    private readonly make: (upper: Upper<V>) => LayeredMap<V>,
  ) {}
  get(key: string): V | undefined {
    const v = this.upper.get(key);
    return v === undefined ? this.lower.get(key) : v === GONE ? undefined : v;
  }
  set(key: string, value: V): void {
    this.upper.set(key, value);
  }
  delete(key: string): void {
    if (this.lower.has(key)) this.upper.set(key, GONE);
    else this.upper.delete(key);
  }
  done(): LayeredMap<V> {
    return this.make(this.upper.asImmutable());
  }
}
