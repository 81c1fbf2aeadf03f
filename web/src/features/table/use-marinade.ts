import type { MarinadeAsked, Method } from '@dagboek/core/cook';
import type { Recipe } from '@dagboek/core/recipes';
import { marinadeChoices, marinadeNow, type ToBeCooked } from '@dagboek/journal';
import { useState } from 'react';
import { typedAmount } from '../../asked/units.ts';
import { typedNumber } from '../../ui/typed-number.ts';

/**
 * What the fish of a new meal lies in first: the choices, the one that was made, what it does. Nothing as long as nobody chose. `setting`: heat
 * and thickness as they are typed; `leftMin`: until it is served, null of what is eaten.
 */
export function useMarinade(
  method: Method,
  main: ToBeCooked | null,
  recipe: Recipe | null,
  setting: Readonly<Partial<Record<'c' | 'mm', string>>>,
  leftMin: number | null,
) {
  const [set, setLay] = useState<MarinadeAsked | null>(null);
  const lays = marinadeChoices(method, main, recipe);
  const mediumC = typedAmount('temperature', setting.c ?? '')?.value ?? method.heat?.usualC ?? 0;
  const thickMm = typedNumber(setting.mm ?? '') || main?.thicknessMm;
  const piece = main && thickMm ? { ...main, thicknessMm: thickMm } : null;
  return { lays, lay: marinadeNow(set, lays, method, piece, mediumC, leftMin), setLay };
}
