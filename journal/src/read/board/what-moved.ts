import type { Asks } from '../asked.ts';
import {
  type CutRoute,
  type Feel,
  type Moved,
  type MovedCut,
  routeOf,
  type TooFew,
  whatMoved,
} from '@dagboek/core/cut';
import type { StiffNow } from '@dagboek/core/fresh';

import type { Book } from '../../log/book/book.ts';
import type { CutState } from '../../log/state/states.ts';
import { pastCuts } from './expectation.ts';
import { latestCuts } from './latest-cuts.ts';

/** What a hand feels of a state that was reckoned: what sets in bends still, what passes is stiff still. */
const FEEL: Readonly<Record<StiffNow, Feel>> = {
  'not yet': 'not stiff yet',
  'setting in': 'not stiff yet',
  stiff: 'stiff',
  passing: 'stiff',
  passed: 'soft again',
};

/** What moved the yields of a book, told for one kind. */
export interface YieldsMoved {
  /** What comes off: "fillets", "wings". */
  readonly form: string;
  /** Weighed cuts of this kind that are in it, and of all kinds cut like it. */
  readonly own: number;
  readonly all: number;
  readonly moved: readonly Moved[];
  readonly tooFew: readonly TooFew[];
  /** A usual mass of the kind, g, for saying hundredths in grams. */
  readonly usualG: number;
}

const speciesOf = (book: Book, c: CutState): string | null => book.getAny('fish', c.fish[0])?.species ?? null;

/** Kinds that were cut lately, the most often cut first. */
export const cutKinds = (book: Book): string[] =>
  book.reckoned('kinds that were cut', ['cut', 'fish', 'trip'], [], () => {
    const n = new Map<string, number>();
    for (const c of latestCuts(book)) {
      const id = c.stages.round ? speciesOf(book, c) : null;
      if (id) n.set(id, (n.get(id) ?? 0) + 1);
    }
    return [...n].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).map(([id]) => id);
  });

/**
 * What stiffness, season and size did to the yields of the last cuts, told for one kind by its usual range; the cuts of other kinds from
 * which the same comes off count too, each against its own kind. Null where none of this kind was weighed whole and trimmed.
 */
export const whatMovedYields = (
  { book, species: byId }: Asks<'book' | 'species'>,
  speciesId: string,
): YieldsMoved | null =>
  book.reckoned(`moved ${speciesId}`, ['cut', 'fish', 'trip'], [byId, book.beside.count()], () =>
    reckonMoved({ book, species: byId }, speciesId),
  );

/** The route by which a kind was cut most often, of those that are weighed trimmed. */
function usualRoute(book: Book, speciesId: string): CutRoute | null {
  const n = new Map<CutRoute, number>();
  for (const c of latestCuts(book)) {
    const r = routeOf(c.route);
    if (speciesOf(book, c) === speciesId && c.stages.round && c.stages.trimmed && r.usual.includes('trimmed'))
      n.set(r, (n.get(r) ?? 0) + 1);
  }
  return [...n].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

function reckonMoved(asked: Asks<'book' | 'species'>, speciesId: string): YieldsMoved | null {
  const { book, species: byId } = asked;
  const route = usualRoute(book, speciesId);
  const usual = byId(speciesId)?.yields.trimmed;
  if (!route || !usual) return null;
  const met = new Map<string, number>();
  const inTurn = pastCuts(asked, route, 'trimmed');
  const all = new Map<string, number>();
  for (const c of inTurn) all.set(c.by, (all.get(c.by) ?? 0) + 1);
  const past = inTurn.map(({ cut, ...c }): MovedCut => {
    const turn = met.get(c.by) ?? 0;
    met.set(c.by, turn + 1);
    const at = book.getAny('fish', cut.fish[0])?.landed.at;
    return {
      ...c,
      turn: turn / Math.max(1, (all.get(c.by) ?? 1) - 1),
      feel: cut.stiff === null ? null : FEEL[cut.stiff],
      quarter: at ? (Math.ceil(Number(at.slice(5, 7)) / 3) as 1 | 2 | 3 | 4) : null,
    };
  });
  const own = past.filter((c) => c.species === speciesId);
  return {
    form: route.form,
    own: own.length,
    all: past.length,
    usualG: own[0]?.usualG ?? 1000,
    ...whatMoved(past, usual),
  };
}
