import type { WeighedFish } from '@dagboek/core/measure';
import type { LengthKind } from '@dagboek/core/species';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';
import { weighedAlone } from './mass-of.ts';

/** A single fish that was measured and weighed whole, by the scale on the deck or on the board. */
export interface WeighedState extends WeighedFish {
  readonly fish: FishState;
}

/** Every fish of a settled species that was measured by `kind` and weighed whole by itself; those of lots tell nothing of one fish. */
export function weightsOf(book: Book, speciesId: string, kind: LengthKind): WeighedState[] {
  return book.fishNamed(speciesId).flatMap((fish) => {
    const settled = fish.species === speciesId && fish.orElse.length === 0 && fish.count === 1;
    if (!settled || !fish.length || fish.length.kind !== kind || fish.length.method === 'eye') return [];
    const massG = fish.mass?.how === 'scale' ? fish.mass.g : weighedAlone(book, fish.id);
    return massG ? [{ fish, lengthMm: fish.length.mm, massG }] : [];
  });
}
