import type { MarinadeAsked, Method } from '@dagboek/core/cook';
import type { Recipe } from '@dagboek/core/recipes';
import { marinadeChoices, marinadeNow, type ToBeCooked } from '@dagboek/journal';
import { useState } from 'react';

/** What the fish of a new meal lies in first: the choices, the one that was made, what it does. Nothing as long as nobody chose. */
export function useMarinade(
  method: Method,
  main: ToBeCooked | null,
  recipe: Recipe | null,
  {
    mediumC,
    thickMm,
    leftMin,
  }: { readonly mediumC: number; readonly thickMm: number | null; readonly leftMin: number | null },
) {
  const [set, setLay] = useState<MarinadeAsked | null>(null);
  const lays = marinadeChoices(method, main, recipe);
  const piece = main && thickMm !== null ? { ...main, thicknessMm: thickMm } : main;
  return { lays, lay: marinadeNow(set, lays, method, piece, mediumC, leftMin), setLay };
}
