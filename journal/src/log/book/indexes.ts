import { Map as PersistentMap, OrderedSet } from 'immutable';
import { LayeredMap } from './layered-map.ts';
import type { SubjectState } from '../state/states.ts';

const DAY_MS = 86_400_000;
/** Day of an instant in UTC, days since 1970: coarse, so that it holds for every zone of the world. */
export const utcDay = (ms: number): number => Math.floor(ms / DAY_MS);

/** Short lists are plain arrays: a day or a trip has some hundred fish at most, and there are very many of them. */
export type Ids = readonly string[];
export type DaysOfFish = PersistentMap<number, Ids>;

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
