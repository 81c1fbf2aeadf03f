import type { Asked } from '@dagboek/journal';
import { useMemo } from 'react';
import { useBook } from '../offline/journal-context.tsx';
import { type Species, useCatalogue } from './catalogue.ts';
import { useRules } from './names.ts';
import { useFormat } from './format.ts';
import { units } from './units.ts';

/**
 * What the book is asked with, the same for every question: itself, the species, the rules, the zone of its waters, the units and
 * the instant of which it is asked, epoch ms. The same object while nothing of it changes. Inside of `WhenFacts`.
 */
export function useAsked(nowMs: number): Asked<Species> {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const rules = useRules();
  const { day, zone } = useFormat();
  return useMemo(
    () => ({ book, species: byId, rules, zone, day, nowMs, units }),
    [book, byId, rules, zone, day, nowMs],
  );
}
