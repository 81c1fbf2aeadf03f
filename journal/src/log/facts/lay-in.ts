import { marinadeName } from '@dagboek/core/cook';
import { saySpan } from '@dagboek/core/time';

/** What fish lay in before its fire, by its id in `core/cook`, and how long. */
export interface LayIn {
  readonly in: string;
  readonly minutes: number;
}

const MIN_MS = 60_000;
/** No fish lies longer in anything, min. */
const MOST_MIN = 2880;

/** What is wrong with what a fish lay in, in a sentence; null when nothing. */
export function layTrouble(x: unknown): string | null {
  const { in: what, minutes } = (typeof x === 'object' && x !== null ? x : {}) as Record<string, unknown>;
  const named = typeof what === 'string' && what.length > 0 && what.length <= 30;
  return named && Number.isInteger(minutes) && Number(minutes) >= 1 && Number(minutes) <= MOST_MIN
    ? null
    : 'Say what the fish lay in, and how long: two days at most.';
}

/** "after 45 min in buttermilk"; of what this version does not know how long. */
export const sayLay = ({ in: what, minutes }: LayIn): string =>
  `after ${saySpan(minutes * MIN_MS)} ${marinadeName(what) ?? 'in something'}`;
