import { isUncooked } from '@dagboek/core/larder';
import { packLeft } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState, FishState, MealState, PackState, StateOf } from '../../log/state/states.ts';

/** Events of the custody line, in the order of the stations. */
export const KNOTS = [
  'landed',
  'dispatched',
  'bled',
  'iced',
  'gutted',
  'filleted',
  'packed',
  'frozen',
  'cooked',
] as const;
export type KnotKind = (typeof KNOTS)[number];

export interface Knot {
  readonly kind: KnotKind;
  readonly at: string;
  readonly about: boolean;
  /** `running`: begun and not ended (bleeding). `leftOut`: knowingly not done (not bled). */
  readonly state: 'done' | 'running' | 'leftOut';
}

export type Whereabouts = 'struck' | 'in hand' | 'bleeding' | 'box' | 'board' | 'larder' | 'eaten' | 'let go' | 'gone';

/** A fish from the water to the plate: what happened, what became of it, where it is now. */
export interface CustodyLine {
  readonly fish: FishState;
  readonly knots: readonly Knot[];
  readonly where: Whereabouts;
  readonly cuts: readonly CutState[];
  readonly packs: readonly PackState[];
  readonly meals: readonly MealState[];
  /** First meal served, if any. */
  readonly eatenAt: string | null;
}

const byAt =
  <T>(at: (x: T) => string) =>
  (a: T, b: T) =>
    Date.parse(at(a)) - Date.parse(at(b));
/** Leftovers are packs too, but a fish's first packing is not one of them. */
const isRawFood = (p: PackState): boolean => isUncooked(p.form);

/**
 * The custody line of one fish; null when the book has no such fish. `only`: the one pack whose strand is meant, since a
 * sister pack may have been eaten while it lies in the freezer. A struck fish has its line too, to be read.
 */
export function custodyOf(book: Book, fishId: string, only: PackState | null = null): CustodyLine | null {
  const fish = book.getAny('fish', fishId);
  if (!fish) return null;
  const struck = !book.stands(fish);
  const naming = <K extends 'cut' | 'pack' | 'meal'>(kind: K, id: string): StateOf<K>[] =>
    struck ? book.namingAny(kind, id) : book.naming(kind, id);
  const cuts = naming('cut', fishId).sort(byAt((c) => c.startedAt));
  const packs = naming('pack', fishId)
    .filter((p) => only === null || p.id === only.id)
    .sort(byAt((p) => p.storedAt));
  const meals = [...new Map(packs.flatMap((p) => naming('meal', p.id)).map((m) => [m.id, m])).values()].sort(
    byAt((m) => m.servedAt),
  );
  const knots: Knot[] = [];
  const tie = (
    kind: KnotKind,
    t: { at: string; about?: boolean } | null | undefined,
    state: Knot['state'] = 'done',
  ): void => {
    if (t) knots.push({ kind, at: t.at, about: t.about ?? false, state });
  };
  tie('landed', fish.landed);
  tie('dispatched', fish.dispatched);
  tie(
    'bled',
    fish.bled,
    fish.bled?.cut === 'none'
      ? 'leftOut'
      : fish.iced || fish.released || cuts.length > 0 || packs.length > 0
        ? 'done'
        : 'running',
  );
  tie('iced', fish.iced);
  const first = <T>(list: (T | null | undefined)[]): T | null =>
    list.find((x): x is T => x !== null && x !== undefined) ?? null;
  tie('gutted', first(cuts.map((c) => c.stages.gutted)));
  tie('filleted', first(cuts.map((c) => c.stages.fillets ?? c.stages.trimmed)));
  const raw = packs.filter(isRawFood);
  const pack = raw[0];
  tie('packed', pack && { at: pack.storedAt });
  tie('frozen', first(raw.map((p) => p.places.find((x) => x.place === 'freezer'))));
  const eatenAt = meals[0]?.servedAt ?? null;
  tie('cooked', eatenAt ? { at: eatenAt } : null);
  const where = struck ? 'struck' : whereabouts(book, fish, cuts, raw, eatenAt);
  return { fish, knots, cuts, packs, meals, eatenAt, where };
}

function whereabouts(
  book: Book,
  fish: FishState,
  cuts: readonly CutState[],
  raw: readonly PackState[],
  eatenAt: string | null,
): Whereabouts {
  if (fish.released) return 'let go';
  if (fish.discarded && raw.length === 0) return 'gone';
  if (raw.length > 0 && raw.every((p) => p.discarded)) return 'gone';
  if (eatenAt) return 'eaten';
  // Given away, or gone for bait, to the last of it.
  if (raw.length > 0 && raw.every((p) => p.discarded || packLeft(book, p).leftG < 1)) return 'gone';
  if (raw.length > 0) return 'larder';
  if (cuts.length > 0) return 'board';
  if (fish.iced) return 'box';
  if (fish.bled && fish.bled.cut !== 'none') return 'bleeding';
  return 'in hand';
}
