import type { Entry } from '@dagboek/journal/log';
import { movedBy } from '@dagboek/core/time';
import { newId } from './new-id.ts';

/**
 * Entries written anew with their times set back by as much as the clock of this device was ahead, by the id of the old one.
 * What they correct or strike among themselves stays so; how far they were set back stands with each.
 */
export function setBack(entries: readonly Entry[], aheadMs: number): ReadonlyMap<string, Entry> {
  const ids = new Map(entries.map((e) => [e.id, newId()]));
  const anew = (id: string): string => ids.get(id) ?? id;
  return new Map(
    entries.map((e) => [
      e.id,
      {
        ...e,
        id: anew(e.id),
        at: movedBy(e.at, -aheadMs),
        written: movedBy(e.written, -aheadMs),
        aheadMs: (e.aheadMs ?? 0) + Math.round(aheadMs),
        ...(e.amends === undefined ? {} : { amends: anew(e.amends) }),
        ...(e.strikes === undefined ? {} : { strikes: anew(e.strikes) }),
        ...(e.over === undefined ? {} : { over: e.over.map(anew) }),
      },
    ]),
  );
}
