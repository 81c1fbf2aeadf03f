import type { StiffNow } from '@dagboek/core/fresh';
import type { stiffnessOf } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import type { Format } from './format.ts';

type Stiff = NonNullable<ReturnType<typeof stiffnessOf>>;

const WORDS: Readonly<Record<StiffNow, string>> = {
  'not yet': 'Not stiff yet.',
  'setting in': 'Stiffness is setting in.',
  stiff: 'Stiff, most likely.',
  passing: 'Stiffness passes.',
  passed: 'No longer stiff.',
};
const SHORT: Readonly<Record<StiffNow, string>> = {
  'not yet': 'not stiff yet',
  'setting in': 'stiffness sets in',
  stiff: 'stiff',
  passing: 'stiffness passes',
  passed: 'no longer stiff',
};
/** To a quarter of an hour: more is known of no fish. */
const QUARTER_MS = 900_000;

/** How stiff a fish most likely is, in two or three words. */
export const shortStiff = (s: Stiff): string => SHORT[s.now];

/** How stiff a fish most likely is, and when it sets in or passes, with its window. */
export function sayStiff(s: Stiff, { time, zone, day, shortDay }: Format): string {
  const state = s.now;
  const at = (ms: number): string => {
    const t = stamp(Math.round(ms / QUARTER_MS) * QUARTER_MS, zone);
    return `${shortDay(day(t)).slice(0, 3)} ${time(t)}`;
  };
  const window =
    state === 'not yet' || state === 'setting in'
      ? ` Sets in about ${at(s.sets.middle)} (${at(s.sets.early)} to ${at(s.sets.late)}), passes about ${at(s.passes.middle)}.`
      : state === 'passed'
        ? ''
        : ` Passes about ${at(s.passes.middle)} (${at(s.passes.early)} to ${at(s.passes.late)}).`;
  return `${WORDS[state]}${window}`;
}

/** Why it matters to the knife. */
export const STIFF_WHY =
  'Cut before it sets in, or after it has passed: stiff flesh tears, and more stays on the frame.';
