import { Map as PersistentMap } from 'immutable';
import { type DaysOfFish, type Ids, type Indexes, utcDay } from './indexes.ts';
import type { LayeredDraft } from './layered-map.ts';
import { linksOf } from './links.ts';
import { StatesDraft } from './states-draft.ts';
import type { SubjectState } from '../state/states.ts';
import { touch, type Touched, waiting } from './waiting-lists.ts';

const withId = (ids: Ids | undefined, id: string): Ids => [...(ids ?? []), id];
const withoutId = (ids: Ids | undefined, id: string): Ids => (ids ?? []).filter((x) => x !== id);

/** The states that go in and out of the indexes in one write: `after` null takes a subject out. */
export type Changed = Iterable<readonly [id: string, after: SubjectState | null]>;

/** Moves one subject in the lists of who names whom. */
function rename(
  namedBy: LayeredDraft<Ids>,
  id: string,
  was: SubjectState | undefined,
  after: SubjectState | null,
): void {
  const [old, now] = [was ? linked(was) : NOBODY, after ? linked(after) : NOBODY];
  for (const to of old) if (!now.has(to)) namedBy.set(to, withoutId(namedBy.get(to), id));
  for (const to of now) if (!old.has(to)) namedBy.set(to, withId(namedBy.get(to), id));
}

type Days = Pick<Indexes, 'landedOn' | 'speciesOn'>;

/** A fish on its day, and under the species that it is or may be, as it is after a write. */
function replaced(days: Days, id: string, was: SubjectState | undefined, after: SubjectState | null): Days {
  const [place, next] = [placeOf(was), placeOf(after)];
  if (place?.day === next?.day && place?.species.join() === next?.species.join()) return days;
  const off = place ? moved(days, place, (ids) => withoutId(ids, id)) : days;
  return next ? moved(off, next, (ids) => withId(ids, id)) : off;
}

/** A pack under its number, as it is after a write. */
function renumber(
  numbered: PersistentMap<number, Ids>,
  id: string,
  was: SubjectState | undefined,
  after: SubjectState | null,
): void {
  const [number, next] = [was, after].map((s) => (s?.kind === 'pack' ? s.number : null));
  if (number === next) return;
  if (number) numbered.set(number, withoutId(numbered.get(number), id));
  if (next) numbered.set(next, withId(numbered.get(next), id));
}

/** Indexes after a write. */
export function reindexed(before: Indexes, changed: Changed): Indexes {
  const draft = new StatesDraft(before);
  const states = draft.all;
  const namedBy = before.namedBy.draft();
  const packsNumbered = before.packsNumbered.asMutable();
  let { highestPackNumber } = before;
  let days: Days = before;
  const touched: Touched = { fish: new Set(), packs: new Set(), cuts: new Set(), trips: new Set() };
  for (const [id, after] of changed) {
    const was = states.get(id);
    draft.put(id, was, after);
    rename(namedBy, id, was, after);
    days = replaced(days, id, was, after);
    renumber(packsNumbered, id, was, after);
    highestPackNumber = Math.max(highestPackNumber, highestGiven(after));
    for (const s of [was, after]) if (s) touch(s, touched);
    // Those that name it decide what is finished, and whether they stand.
    if (!was !== !after || !was?.struck !== !after?.struck)
      for (const above of hangingAbove(namedBy, id)) {
        const s = states.get(above);
        if (s) touch(s, touched);
      }
  }
  return {
    ...waiting(before, states, namedBy, touched),
    ...draft.done(),
    namedBy: namedBy.done(),
    landedOn: days.landedOn,
    speciesOn: days.speciesOn,
    tripEdition: before.tripEdition.withMutations((m) => {
      for (const id of touched.trips) m.set(id, {});
    }),
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
  { landedOn, speciesOn }: Days,
  { day, species }: FishPlace,
  change: (ids: Ids | undefined) => Ids,
): Days {
  const put = (days: DaysOfFish): DaysOfFish => days.set(day, change(days.get(day)));
  let by = speciesOn;
  for (const s of species) by = by.set(s, put(by.get(s) ?? PersistentMap<number, Ids>()));
  return { landedOn: put(landedOn), speciesOn: by };
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
