import type { Entry } from '@dagboek/journal/log';

const sorted = (x: unknown): unknown =>
  Array.isArray(x)
    ? x.map(sorted)
    : typeof x === 'object' && x !== null
      ? Object.fromEntries(
          Object.entries(x)
            .sort(([p], [q]) => (p < q ? -1 : 1))
            .map(([k, v]) => [k, sorted(v)]),
        )
      : x;

/** Whether two entries say the same, whatever the order in which their fields were written. */
export const sameEntry = (a: Entry, b: Entry): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
