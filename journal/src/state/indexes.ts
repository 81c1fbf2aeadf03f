import { Map as PersistentMap, OrderedMap, OrderedSet } from 'immutable';
import { linksOf } from './links.ts';
import type { FishState, PackState, StateOf, SubjectState } from './states.ts';

const DAY_MS = 86_400_000;
/** Day of an instant in UTC, days since 1970: coarse, so that it holds for every zone of the world. */
export const utcDay = (ms: number): number => Math.floor(ms / DAY_MS);

/** Short lists are plain arrays: a day or a trip has some hundred fish at most, and there are very many of them. */
type Ids = readonly string[];
type DaysOfFish = PersistentMap<number, Ids>;

const withId = (ids: Ids | undefined, id: string): Ids => [...(ids ?? []), id];
const withoutId = (ids: Ids | undefined, id: string): Ids => (ids ?? []).filter((x) => x !== id);

/**
 * What a book can be asked without going through it: persistent maps that share all but what a write touches, so that an
 * older book stays as it was and a write costs the same in a large book as in a small one.
 */
export interface Indexes {
  readonly states: PersistentMap<string, SubjectState>;
  /** By kind, in the order in which they were first heard of. */
  readonly ofKind: PersistentMap<string, OrderedMap<string, SubjectState>>;
  /** Who names a subject, in the order in which they did. */
  readonly namedBy: PersistentMap<string, Ids>;
  /** Fish by the UTC day on which they were landed, and the same by each species that they are or may be. */
  readonly landedOn: DaysOfFish;
  readonly speciesOn: PersistentMap<string, DaysOfFish>;
  /** Fish that nobody let go, cut or packed yet. */
  readonly unfinished: OrderedSet<string>;
  /** Packs that hold something still. */
  readonly withFood: OrderedSet<string>;
}

export const NO_INDEXES: Indexes = {
  states: PersistentMap(),
  ofKind: PersistentMap(),
  namedBy: PersistentMap(),
  landedOn: PersistentMap(),
  speciesOn: PersistentMap(),
  unfinished: OrderedSet(),
  withFood: OrderedSet(),
};

/** The states that go in and out of the indexes in one write: `after` null takes a subject out. */
export type Changed = Iterable<readonly [id: string, after: SubjectState | null]>;

/** Indexes after a write. */
export function reindexed(before: Indexes, changed: Changed): Indexes {
  const states = before.states.asMutable();
  const kinds = new Map<string, OrderedMap<string, SubjectState>>();
  const kind = (k: string): OrderedMap<string, SubjectState> => {
    const known = kinds.get(k) ?? (before.ofKind.get(k) ?? OrderedMap<string, SubjectState>()).asMutable();
    kinds.set(k, known);
    return known;
  };
  const namedBy = before.namedBy.asMutable();
  let { landedOn, speciesOn } = before;
  const fish = new Set<string>();
  const packs = new Set<string>();
  for (const [id, after] of changed) {
    const was = states.get(id);
    if (was && was.kind !== after?.kind) kind(was.kind).delete(id);
    if (after) {
      states.set(id, after);
      kind(after.kind).set(id, after);
    } else states.delete(id);
    const [old, now] = [was ? linked(was) : NOBODY, after ? linked(after) : NOBODY];
    for (const to of old) if (!now.has(to)) namedBy.set(to, withoutId(namedBy.get(to), id));
    for (const to of now) if (!old.has(to)) namedBy.set(to, withId(namedBy.get(to), id));
    const [place, next] = [placeOf(was), placeOf(after)];
    if (place?.day !== next?.day || place?.species.join() !== next?.species.join()) {
      if (place) [landedOn, speciesOn] = moved(landedOn, speciesOn, place, (ids) => withoutId(ids, id));
      if (next) [landedOn, speciesOn] = moved(landedOn, speciesOn, next, (ids) => withId(ids, id));
    }
    for (const s of [was, after]) {
      if (s?.kind === 'fish') fish.add(s.id);
      if (s?.kind === 'pack') packs.add(s.id);
      // What was cut or packed is finished, and what was eaten is gone: those that name it decide.
      if (s?.kind === 'cut' || s?.kind === 'pack') for (const f of s.fish) fish.add(f);
      if (s?.kind === 'meal') for (const p of s.packs) packs.add(p.pack);
    }
  }
  const naming = <K extends SubjectState['kind']>(k: K, id: string): StateOf<K>[] =>
    (namedBy.get(id) ?? []).flatMap((from) => {
      const s = states.get(from);
      return s?.kind === k ? [s as StateOf<K>] : [];
    });
  return {
    states: states.asImmutable(),
    ofKind: before.ofKind.withMutations((m) => kinds.forEach((v, k) => m.set(k, v.asImmutable()))),
    namedBy: namedBy.asImmutable(),
    landedOn,
    speciesOn,
    unfinished: before.unfinished.withMutations((set) => {
      for (const id of fish) {
        const s = states.get(id);
        if (s?.kind === 'fish' && isUnfinished(s, naming)) set.add(id);
        else set.delete(id);
      }
    }),
    withFood: before.withFood.withMutations((set) => {
      for (const id of packs) {
        const s = states.get(id);
        if (s?.kind === 'pack' && holdsFood(s, naming)) set.add(id);
        else set.delete(id);
      }
    }),
  };
}

const NOBODY: ReadonlySet<string> = new Set();
const linked = (s: SubjectState): ReadonlySet<string> => new Set(linksOf(s).map((l) => l.to));

interface FishPlace {
  readonly day: number;
  readonly species: readonly string[];
}
const placeOf = (s: SubjectState | null | undefined): FishPlace | null =>
  s?.kind === 'fish'
    ? { day: utcDay(Date.parse(s.landed.at)), species: s.species ? [s.species, ...s.orElse] : [] }
    : null;

/** A fish put on its day, or taken off it. */
function moved(
  landedOn: DaysOfFish,
  speciesOn: PersistentMap<string, DaysOfFish>,
  { day, species }: FishPlace,
  change: (ids: Ids | undefined) => Ids,
): [DaysOfFish, PersistentMap<string, DaysOfFish>] {
  const put = (days: DaysOfFish): DaysOfFish => days.set(day, change(days.get(day)));
  let by = speciesOn;
  for (const s of species) by = by.set(s, put(by.get(s) ?? PersistentMap<number, Ids>()));
  return [put(landedOn), by];
}

type Naming = <K extends SubjectState['kind']>(kind: K, id: string) => StateOf<K>[];

/**
 * Struck lines decide here, not what they hang on: a cut of a standing fish stands unless it was struck itself, and a meal
 * of a standing pack likewise.
 */
const isUnfinished = (f: FishState, naming: Naming): boolean =>
  !f.released && !naming('cut', f.id).some((c) => !c.struck) && !naming('pack', f.id).some((p) => !p.struck);

/** Less than a gram is nothing. */
function holdsFood(p: PackState, naming: Naming): boolean {
  if (p.discarded) return false;
  const eaten = naming('meal', p.id)
    .filter((m) => !m.struck)
    .reduce((g, m) => g + m.packs.filter((x) => x.pack === p.id).reduce((n, x) => n + x.massG, 0), 0);
  return p.massG - eaten >= 1;
}
