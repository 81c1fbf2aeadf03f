import { fitLengthWeight, type LengthWeightFit } from '@dagboek/core/measure';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { Book } from '../../log/book/book.ts';
import { weightsOf, type WeighedState } from './weights-of.ts';

/** Weight at length by the typical curve and this book's own fish. `fit` null: they contradict each other, and `why` says how. */
export interface OwnFit {
  readonly fish: readonly WeighedState[];
  readonly fit: LengthWeightFit | null;
  readonly why: string | null;
}

const NOTHING: OwnFit = { fish: [], fit: null, why: null };

/** Weight at length of a species, from the fish of this book that were measured and weighed whole; empty without a species. */
export function ownFit(book: Book, species: (SpeciesFacts & { readonly id: string }) | null): OwnFit {
  const kind = species?.lengthKinds[0];
  if (!species || !kind) return NOTHING;
  return book.reckoned(`own fit ${species.id}`, ['trip', 'fish', 'cut'], [species], () => {
    const fish = weightsOf(book, species.id, kind);
    const fit = fitLengthWeight(species, fish);
    return fit.ok ? { fish, fit, why: null } : { fish, fit: null, why: fit.why };
  });
}
