import { routeOf, usedShare, type UsedShare } from '@dagboek/core/cut';
import type { Book } from '../../log/book/book.ts';
import type { CutState } from '../../log/state/states.ts';
import { latestCuts } from './latest-cuts.ts';

/** What a cut gave to eat, g: what was trimmed, else the fillets; of a fish that stays whole, what was gutted. Null before that. */
export function meatOf(cut: CutState): number | null {
  const { trimmed, fillets, gutted } = cut.stages;
  const staysWhole = !routeOf(cut.route).stages.fillets && !routeOf(cut.route).stages.trimmed;
  return (trimmed ?? fillets ?? (staysWhole ? gutted : undefined))?.massG ?? null;
}

const massesOf = (cuts: readonly CutState[]) =>
  cuts.flatMap((c) => {
    const [round, meat] = [c.stages.round?.massG, meatOf(c)];
    return round === undefined || meat === null ? [] : [{ roundG: round, meatG: meat, parts: c.byproducts }];
  });

/** How much of the fish that were cut was used, all together, and apart by person, kind and quarter of the year. */
export interface UsedOf {
  readonly all: UsedShare | null;
  readonly by: {
    readonly person: readonly (readonly [string, UsedShare])[];
    readonly species: readonly (readonly [string, UsedShare])[];
    /** By the year and its quarter, "2026 3", oldest first. */
    readonly season: readonly (readonly [string, UsedShare])[];
  };
}

/** The used share of the last cuts of the book. */
export const usedOf = (book: Book): UsedOf =>
  book.reckoned('used share', ['cut', 'fish', 'trip'], [], () => reckonUsed(book));

function reckonUsed(book: Book): UsedOf {
  const cuts = latestCuts(book);
  const apart = (key: (c: CutState) => string | null): (readonly [string, UsedShare])[] => {
    const groups = new Map<string, CutState[]>();
    for (const c of cuts) {
      const k = key(c);
      if (k !== null) groups.set(k, [...(groups.get(k) ?? []), c]);
    }
    return [...groups].flatMap(([k, list]) => {
      const share = usedShare(massesOf(list));
      return share ? [[k, share] as const] : [];
    });
  };
  const most = (a: readonly [string, UsedShare], b: readonly [string, UsedShare]): number => b[1].roundG - a[1].roundG;
  return {
    all: usedShare(massesOf(cuts)),
    by: {
      person: apart((c) => c.by).sort(most),
      species: apart((c) => book.getAny('fish', c.fish[0])?.species ?? null).sort(most),
      season: apart((c) => `${c.startedAt.slice(0, 4)} ${Math.ceil(Number(c.startedAt.slice(5, 7)) / 3)}`).sort(
        (a, b) => (a[0] < b[0] ? -1 : 1),
      ),
    },
  };
}
