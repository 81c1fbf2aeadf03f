import { leftIn } from './pack-left.ts';
import { Map as PersistentMap, OrderedSet } from 'immutable';
import { type LayeredDraft, LayeredMap } from './layered-map.ts';
import { standsAmong } from './stands.ts';
import { linksOf } from './links.ts';
import type { FishState, PackState, StateOf, SubjectState } from '../state/states.ts';

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
  readonly states: LayeredMap<SubjectState>;
  /** By kind, in the order in which they were first heard of. */
  readonly ofKind: PersistentMap<string, LayeredMap<SubjectState>>;
  /** Who names a subject, in the order in which they did. */
  readonly namedBy: LayeredMap<Ids>;
  /** Fish by the UTC day on which they were landed, and the same by each species that they are or may be. */
  readonly landedOn: DaysOfFish;
  readonly speciesOn: PersistentMap<string, DaysOfFish>;
  /** Fish that stand and that nobody let go, cut or packed yet; and how many of them lie on ice, those of a lot counted. */
  readonly unfinished: OrderedSet<string>;
  readonly countOnIce: number;
  /** Packs that hold something still. */
  readonly withFood: OrderedSet<string>;
  /** A fresh object for a trip whenever it or one of its fish changes. */
  readonly tripEdition: PersistentMap<string, object>;
  /** Cuts that gave no pack yet. */
  readonly openCuts: OrderedSet<string>;
  /** Packs by the number they were given, and the highest ever given. */
  readonly packsNumbered: PersistentMap<number, Ids>;
  readonly highestPackNumber: number;
}

export const NO_INDEXES: Indexes = {
  states: LayeredMap.empty(),
  ofKind: PersistentMap(),
  namedBy: LayeredMap.empty(),
  landedOn: PersistentMap(),
  speciesOn: PersistentMap(),
  unfinished: OrderedSet(),
  countOnIce: 0,
  withFood: OrderedSet(),
  tripEdition: PersistentMap(),
  openCuts: OrderedSet(),
  packsNumbered: PersistentMap(),
  highestPackNumber: 0,
};

/** The states that go in and out of the indexes in one write: `after` null takes a subject out. */
export type Changed = Iterable<readonly [id: string, after: SubjectState | null]>;

/** Indexes after a write. */
export function reindexed(before: Indexes, changed: Changed): Indexes {
  const states = before.states.draft();
  const kinds = new Map<string, LayeredDraft<SubjectState>>();
  const kind = (k: string): LayeredDraft<SubjectState> => {
    const known = kinds.get(k) ?? (before.ofKind.get(k) ?? LayeredMap.empty<SubjectState>()).draft();
    kinds.set(k, known);
    return known;
  };
  const namedBy = before.namedBy.draft();
  const packsNumbered = before.packsNumbered.asMutable();
  let { landedOn, speciesOn, highestPackNumber } = before;
  const fish = new Set<string>();
  const packs = new Set<string>();
  const cuts = new Set<string>();
  const trips = new Set<string>();
  const touch = (s: SubjectState): void => {
    if (s.kind === 'trip') trips.add(s.id);
    if (s.kind === 'fish') {
      fish.add(s.id);
      trips.add(s.trip);
    }
    if (s.kind === 'cut') cuts.add(s.id);
    if (s.kind === 'pack') {
      packs.add(s.id);
      if (s.cut) cuts.add(s.cut);
      for (const f of s.from) packs.add(f.pack);
    }
    if (s.kind === 'cut' || s.kind === 'pack') for (const f of s.fish) fish.add(f);
    if (s.kind === 'meal') for (const p of s.packs) packs.add(p.pack);
  };
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
    const [number, nextNumber] = [was, after].map((s) => (s?.kind === 'pack' ? s.number : null));
    if (number !== nextNumber) {
      if (number) packsNumbered.set(number, withoutId(packsNumbered.get(number), id));
      if (nextNumber) packsNumbered.set(nextNumber, withId(packsNumbered.get(nextNumber), id));
    }
    highestPackNumber = Math.max(highestPackNumber, highestGiven(after));
    // What was cut or packed is finished, what was eaten is gone: those that name it decide, and whether they stand.
    for (const s of [was, after]) if (s) touch(s);
    if (!was !== !after || !was?.struck !== !after?.struck)
      for (const above of hangingAbove(namedBy, id)) {
        const s = states.get(above);
        if (s) touch(s);
      }
  }
  const naming = <K extends SubjectState['kind']>(k: K, id: string): StateOf<K>[] =>
    (namedBy.get(id) ?? []).flatMap((from) => {
      const s = states.get(from);
      return s?.kind === k ? [s as StateOf<K>] : [];
    });
  const stand = (s: SubjectState): boolean => standsAmong(states, s);
  const marked = (
    set: OrderedSet<string>,
    ids: ReadonlySet<string>,
    belongs: (id: string) => boolean,
  ): OrderedSet<string> =>
    set.withMutations((m) => {
      for (const id of ids)
        if (belongs(id)) m.add(id);
        else m.delete(id);
    });
  const unfinished = marked(before.unfinished, fish, (id) => {
    const s = states.get(id);
    return s?.kind === 'fish' && isUnfinished(s, naming, stand);
  });
  const onIce = (get: (id: string) => SubjectState | undefined, in_: OrderedSet<string>, id: string): number => {
    const s = in_.has(id) ? get(id) : undefined;
    return s?.kind === 'fish' && s.iced ? s.count : 0;
  };
  let { countOnIce } = before;
  for (const id of fish)
    countOnIce +=
      onIce((x) => states.get(x), unfinished, id) - onIce((x) => before.states.get(x), before.unfinished, id);
  const openCuts = marked(
    before.openCuts,
    cuts,
    (id) => states.get(id)?.kind === 'cut' && !naming('pack', id).some(stand),
  );
  const withFood = marked(before.withFood, packs, (id) => {
    const s = states.get(id);
    return s?.kind === 'pack' && holdsFood(s, naming, stand);
  });
  return {
    states: states.done(),
    ofKind: before.ofKind.withMutations((m) => kinds.forEach((v, k) => m.set(k, v.done()))),
    namedBy: namedBy.done(),
    landedOn,
    speciesOn,
    unfinished,
    countOnIce,
    withFood,
    tripEdition: before.tripEdition.withMutations((m) => {
      for (const id of trips) m.set(id, {});
    }),
    openCuts,
    packsNumbered: packsNumbered.asImmutable(),
    highestPackNumber,
  };
}

/** The highest number that a pack was ever given, by any version of any line: it may stand on a label somewhere. */
function highestGiven(s: SubjectState | null): number {
  if (s?.kind !== 'pack') return 0;
  const given = s.log.flatMap((l) => [l.first, ...l.was, l.now].map((e) => e.facts['number']));
  return Math.max(0, ...given.filter((n): n is number => typeof n === 'number'));
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

type Stand = (s: SubjectState) => boolean;

const isUnfinished = (f: FishState, naming: Naming, stand: Stand): boolean =>
  !f.released && !f.discarded && stand(f) && !naming('cut', f.id).some(stand) && !naming('pack', f.id).some(stand);

/** Less than a gram is nothing. */
function holdsFood(p: PackState, naming: Naming, stand: Stand): boolean {
  if (p.discarded) return false;
  return leftIn(p, naming('meal', p.id).filter(stand), naming('pack', p.id).filter(stand)).leftG >= 1;
}

/** Ids of all that hangs on a subject, step by step. */
function hangingAbove(namedBy: LayeredDraft<Ids>, id: string): ReadonlySet<string> {
  const all = new Set<string>();
  const next = [id];
  for (let on = next.pop(); on !== undefined; on = next.pop())
    for (const from of namedBy.get(on) ?? [])
      if (!all.has(from)) {
        all.add(from);
        next.push(from);
      }
  return all;
}
