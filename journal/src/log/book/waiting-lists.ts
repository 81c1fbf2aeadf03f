import type { OrderedSet } from 'immutable';
import type { Ids, Indexes } from './indexes.ts';
import type { LayeredDraft } from './layered-map.ts';
import { leftIn } from './pack-left.ts';
import { standsAmong } from './stands.ts';
import type { FishState, PackState, StateOf, SubjectState } from '../state/states.ts';

/** Subjects whose place in the lists of what waits is to be looked at anew, by kind. */
export interface Touched {
  readonly fish: Set<string>;
  readonly packs: Set<string>;
  readonly cuts: Set<string>;
  readonly trips: Set<string>;
}

/** Notes a subject, and what it finished or ate from: what was cut or packed is finished, what was eaten is gone. */
export function touch(s: SubjectState, t: Touched): void {
  if (s.kind === 'trip') t.trips.add(s.id);
  if (s.kind === 'fish') {
    t.fish.add(s.id);
    t.trips.add(s.trip);
  }
  if (s.kind === 'cut') t.cuts.add(s.id);
  if (s.kind === 'pack') {
    t.packs.add(s.id);
    if (s.cut) t.cuts.add(s.cut);
    for (const f of s.from) t.packs.add(f.pack);
  }
  if (s.kind === 'cut' || s.kind === 'pack') for (const f of s.fish) t.fish.add(f);
  if (s.kind === 'meal') for (const p of s.packs) t.packs.add(p.pack);
}

/** A list after a write: those of the touched that belong to it are in it, the others of them are not. */
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

/** How many fish of an unfinished entry lie on ice. */
const countIced = (s: SubjectState | undefined, unfinished: boolean): number =>
  unfinished && s?.kind === 'fish' && s.iced ? s.count : 0;

/** What waits after a write: fish that nobody finished, cuts without a pack, packs with food. */
export function waiting(
  before: Indexes,
  states: LayeredDraft<SubjectState>,
  namedBy: LayeredDraft<Ids>,
  { fish, packs, cuts }: Touched,
): Pick<Indexes, 'unfinished' | 'countOnIce' | 'openCuts' | 'withFood'> {
  const naming = <K extends SubjectState['kind']>(k: K, id: string): StateOf<K>[] =>
    (namedBy.get(id) ?? []).flatMap((from) => {
      const s = states.get(from);
      return s?.kind === k ? [s as StateOf<K>] : [];
    });
  const stand = (s: SubjectState): boolean => standsAmong(states, s);
  const unfinished = marked(before.unfinished, fish, (id) => {
    const s = states.get(id);
    return s?.kind === 'fish' && isUnfinished(s, naming, stand);
  });
  let { countOnIce } = before;
  for (const id of fish)
    countOnIce +=
      countIced(states.get(id), unfinished.has(id)) - countIced(before.states.get(id), before.unfinished.has(id));
  const openCuts = marked(
    before.openCuts,
    cuts,
    (id) => states.get(id)?.kind === 'cut' && !naming('pack', id).some(stand),
  );
  const withFood = marked(before.withFood, packs, (id) => {
    const s = states.get(id);
    return s?.kind === 'pack' && holdsFood(s, naming, stand);
  });
  return { unfinished, countOnIce, openCuts, withFood };
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
