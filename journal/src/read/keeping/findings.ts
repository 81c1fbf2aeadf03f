import { allThatFollows, type AllThatFollows, type Finding, sayFinding } from '@dagboek/core/cut';
import { cutsOfPack } from '../bodies/cut-of-pack.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState, PackState } from '../../log/state/states.ts';

/** What was found, and all that follows. */
export interface Found extends AllThatFollows {
  readonly finds: readonly Finding[];
}

/** Everything found on some cuts, oldest first, and what follows; of struck ones nothing. */
export function foundOnCuts(cuts: readonly CutState[]): Found {
  const finds = cuts.filter((c) => c.struck === null).flatMap((c) => c.findings);
  return { ...allThatFollows(finds), finds };
}

/** What was found in the fish of a pack: on the cut that it came off, else on every cut of its fish. */
export function foundInPack(book: Book, pack: PackState): Found {
  const own = cutsOfPack(book, pack);
  const cuts =
    own.length > 0 ? own : [...new Map(pack.fish.flatMap((f) => book.naming('cut', f)).map((c) => [c.id, c])).values()];
  return foundOnCuts(cuts);
}

/** Pictures of what was found on some cuts, oldest first, each file once. */
export function findPictures(cuts: readonly CutState[]): { readonly photo: string; readonly of: string }[] {
  const seen = new Map<string, string>();
  for (const c of cuts.filter((x) => x.struck === null))
    for (const f of c.findings) if (f.photo && !seen.has(f.photo)) seen.set(f.photo, sayFinding(f));
  return [...seen].map(([photo, of]) => ({ photo, of }));
}

/** What a kind had eaten: of so many stomachs that were looked into, by what was in them. */
export interface Stomachs {
  readonly looked: number;
  readonly prey: readonly {
    readonly is: string;
    readonly n: number;
    /** Zones, the most first. */
    readonly zones: readonly (readonly [string, number])[];
    /** Months, 1 to 12, in the order of the year. */
    readonly months: readonly number[];
  }[];
}

/** What was in the stomachs of a species, by place and month of the catch. A lot on one cut counts once. */
export function stomachsOf(book: Book, speciesId: string): Stomachs {
  const cuts = new Map<string, CutState>();
  for (const f of book.fishNamed(speciesId)) for (const c of book.naming('cut', f.id)) cuts.set(c.id, c);
  let looked = 0;
  const prey = new Map<string, { n: number; zones: Map<string, number>; months: Set<number> }>();
  for (const cut of cuts.values()) {
    const found = [...new Set(cut.findings.filter((f) => f.of === 'stomach').map((f) => f.is))];
    if (found.length === 0) continue;
    looked++;
    const fish = book.getAny('fish', cut.fish[0]);
    const zone = fish && book.getAny('trip', fish.trip)?.zone;
    for (const is of found) {
      const p = prey.get(is) ?? { n: 0, zones: new Map<string, number>(), months: new Set<number>() };
      p.n++;
      if (zone) p.zones.set(zone, (p.zones.get(zone) ?? 0) + 1);
      if (fish) p.months.add(Number(fish.landed.at.slice(5, 7)));
      prey.set(is, p);
    }
  }
  return {
    looked,
    prey: [...prey]
      .map(([is, p]) => ({
        is,
        n: p.n,
        zones: [...p.zones].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)),
        months: [...p.months].sort((a, b) => a - b),
      }))
      .sort((a, b) => b.n - a.n || (a.is < b.is ? -1 : 1)),
  };
}
