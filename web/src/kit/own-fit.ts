import { fitLengthWeight, type LengthWeightFit } from '@dagboek/core/measure';
import { weightsOf, type WeighedState } from '@dagboek/journal';
import { useMemo } from 'react';
import type { Species } from './catalogue.ts';
import { useBook } from './journal/journal-context.tsx';

/** Weight at length by the typical curve and this book's own fish. `fit` null: they contradict each other, and `why` says how. */
export interface OwnFit {
  readonly fish: readonly WeighedState[];
  readonly fit: LengthWeightFit | null;
  readonly why: string | null;
}

export function useOwnFit(species: Species | null): OwnFit {
  const { book } = useBook();
  return useMemo(() => {
    const kind = species?.lengthKinds[0];
    if (!species || !kind) return { fish: [], fit: null, why: null };
    const fish = weightsOf(book, species.id, kind);
    const fit = fitLengthWeight(species, fish);
    return fit.ok ? { fish, fit, why: null } : { fish, fit: null, why: fit.why };
  }, [book, species]);
}
