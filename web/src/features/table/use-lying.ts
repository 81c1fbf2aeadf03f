import { inVessel, type ToBeCooked } from '@dagboek/journal';
import type { Kitchen, LyingFish, Method } from '@dagboek/core/cook';
import { useMemo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { lyingFish } from './lying-fish.ts';

/** A whole fish as it lies, and the vessel that takes what is to be cooked best; null where there is none. */
export function useLying(
  kitchen: Pick<Kitchen, 'vessels'>,
  method: Method,
  main: ToBeCooked | null,
): { readonly lying: LyingFish | null; readonly vessel: string | null } {
  const { byId } = useCatalogue();
  const species = main ? byId(main.held.pack.species) : null;
  const massG = main?.pieceG ?? 0;
  const whole = main?.cut === 'whole';
  const lying = useMemo(
    () => (whole && species && massG > 0 ? lyingFish(species, massG) : null),
    [whole, species, massG],
  );
  return { lying, vessel: main ? (inVessel(kitchen, method, main, lying, 0)?.vessel.id ?? null) : null };
}
