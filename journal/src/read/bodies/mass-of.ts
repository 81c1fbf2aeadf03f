import { apportion } from '@dagboek/core/cut';
import { asFirstKind, expectedWeight } from '@dagboek/core/measure';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';

/**
 * Weight of one fish, grams: by the scale, or estimated from its length, taken as the kind that the species' curve goes by.
 * Null without a species or a length, or when that length says nothing of the other.
 */
export function massOf(
  fish: FishState,
  species: SpeciesFacts | null,
): { g: number; how: 'scale' | 'estimated' } | null {
  if (fish.mass) return { g: fish.mass.g / fish.count, how: fish.mass.how };
  if (!species || !fish.length) return null;
  const middle = fish.length.longestMm ? (fish.length.mm + fish.length.longestMm) / 2 : fish.length.mm;
  const mm = asFirstKind(species, middle, fish.length.kind);
  return mm === null ? null : { g: expectedWeight(species, mm).massG, how: 'estimated' };
}

/** Grams of a fish or lot that lay on the board by itself and was weighed round; by the last cut that did so. */
export const weighedAlone = (book: Book, fishId: string): number | undefined =>
  book.naming('cut', fishId).findLast((c) => c.fish.length === 1 && c.stages.round)?.stages.round?.massG;

/**
 * Grams of a fish or lot that was weighed round together with others: its part of them by what each was known to weigh, so that the
 * parts make the whole to the gram. Undefined where it was not, or one of them is not known.
 */
function weighedTogether(book: Book, fish: FishState, species: SpeciesFacts | null): number | undefined {
  const cut = book.naming('cut', fish.id).findLast((c) => c.fish.length > 1 && c.stages.round);
  const round = cut?.stages.round?.massG;
  if (!cut || round === undefined) return undefined;
  const weights = cut.fish.map((id) => {
    const f = book.getAny('fish', id);
    return f ? (massOf(f, species)?.g ?? 0) * f.count : 0;
  });
  if (weights.some((w) => !(w > 0))) return undefined;
  return apportion(Math.round(round), weights)[cut.fish.indexOf(fish.id)];
}

/** Weight of one fish, grams, as it is best known: by the scale on deck, whole on the board (its part of several there), or estimated as in `massOf`. */
export function bestWeightOf(
  book: Book,
  fish: FishState,
  species: SpeciesFacts | null,
): { g: number; how: 'scale' | 'board' | 'estimated' } | null {
  const own = massOf(fish, species);
  if (own?.how === 'scale') return own;
  const board = weighedAlone(book, fish.id) ?? weighedTogether(book, fish, species);
  return board === undefined ? own : { g: board / fish.count, how: 'board' };
}
