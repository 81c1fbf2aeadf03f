import type { UnsettledVerdict } from '@dagboek/core/rules';
import { civilDay, stamp } from '@dagboek/core/time';
import { type FishState, judgeFish } from '@dagboek/journal';
import { useMemo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames, useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { useBook } from '../../offline/journal-context.tsx';

/** The verdict on one fish by the book's rules, the strictest over what it may be; null without a name or without rules. */
export function useVerdict(fish: FishState): UnsettledVerdict | null {
  const { book } = useBook();
  const rules = useRules();
  const { byId } = useCatalogue();
  const names = useNames();
  return useMemo(
    () =>
      rules && judgeFish(book, rules, fish, { byId, names }, civilDay(stamp(nowMs(), rules.timeZone), rules.timeZone)),
    [book, rules, byId, names, fish],
  );
}
