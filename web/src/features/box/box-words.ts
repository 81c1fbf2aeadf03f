import type { BoxAdvice, BoxNow, Filling } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import type { Format } from '../../asked/format.ts';
import { sayHeavy, sayTemperature } from '../../asked/units.ts';

/** A time by the clock, with its day when it is another than `nowMs` lies on. */
export const sayAt = (ms: number, { timeBesideMs }: Format, nowMs: number): string => timeBesideMs(ms, nowMs);

/** To the five minutes before, as a hand keeps time. */
export const toFive = (ms: number): number => Math.floor(ms / 300_000) * 300_000;

/** How the box stands, in two or three words. */
export function boxHeadline(advice: readonly BoxAdvice[]): string {
  if (advice.some((a) => a.kind === 'no ice')) return 'No ice';
  if (advice.some((a) => a.kind === 'add ice')) return 'Not enough ice';
  if (advice.some((a) => a.kind === 'ice not noted')) return 'How much ice is in it?';
  return advice.length === 0 ? 'Empty' : 'Cold enough';
}

const round = (kg: number): number => Math.round(kg * 10) / 10;

/** Hours that lie closer together than this are one, ms. */
const BAND_MS = 1_200_000;

/** Ice that melts so much faster now than on the way to its end does so because warm fish cool in it. */
const FASTER = 1.3;

/** Hours of one sentence: where one lies on another day each has its day, so that none is read as of the other. */
function sayHours(list: readonly number[], format: Format, nowMs: number): string[] {
  const { time, zone, day, dayOfMs, shortDay } = format;
  const at = list.map((ms) => stamp(toFive(ms), zone));
  const today = dayOfMs(nowMs);
  if (at.every((a) => day(a) === today)) return at.map(time);
  return at.map((a) => `${time(a)} ${day(a) === today ? 'today' : `on ${shortDay(day(a))}`}`);
}

/** "Melting 0.7 kg an hour while warm fish cool, then some 0.2 kg. Runs out about 19:10, between 18:00 and 21:00. Home is 20:15." */
export function sayIceCourse(now: BoxNow, f: Filling, format: Format, nowMs: number, asks = false): string {
  const at = (ms: number): string => sayAt(toFive(ms), format, nowMs);
  const home = f.trip?.homeAt && !f.trip.endedAt ? Date.parse(f.trip.homeAt) : null;
  const homeward = home !== null && home > nowMs ? ` Home is ${at(home)}.` : '';
  if (now.withoutMs !== null)
    return `Without ice since ${at(now.withoutMs)}; ${sayTemperature(Math.round(now.mediumC * 2) / 2)} among the fish, and warming.${homeward}`;
  // What is left, over the hours that it lasts: the rate and the end say the same.
  const meanKgH =
    now.goneMs !== null && now.goneMs > now.atMs ? (now.iceKg * 3_600_000) / (now.goneMs - now.atMs) : null;
  const slows = meanKgH !== null && now.meltKgH > meanKgH * FASTER;
  const melts =
    now.meltKgH > 0.01
      ? slows
        ? `Melting ${sayHeavy(round(now.meltKgH))} an hour while warm fish cool, then less: about ${sayHeavy(round(meanKgH))} an hour on average. `
        : `Melting ${sayHeavy(round(now.meltKgH))} an hour. `
      : '';
  if (now.goneMs === null) return `${melts}The ice lasts longer than can be calculated.${homeward}`;
  const early = Math.max(nowMs, now.earlyMs ?? now.goneMs);
  const [gone = '', from = '', to = ''] = sayHours([now.goneMs, early, now.lateMs ?? now.goneMs], format, nowMs);
  const wide = (now.lateMs ?? now.goneMs) - early > BAND_MS;
  const band = !wide ? '' : now.lateMs === null ? `, at the earliest ${from}` : `, between ${from} and ${to}`;
  if (asks)
    return `Nobody noted how much ice went in. A third of the box is assumed: that runs out about ${gone}${band}.${homeward} Check the ice, or note what was added.`;
  return `${melts}Runs out about ${gone}${band}.${homeward}`;
}

/** What is to be done, as it stands on the large key; null where there is nothing to add. */
export function sayAdd(
  advice: readonly BoxAdvice[],
  format: Format,
  nowMs: number,
): { name: string; note: string; kg: number } | null {
  for (const a of advice) {
    if (a.kind === 'no ice') return { name: `Add ${sayHeavy(a.kg)} now`, note: 'or cut the fish now', kg: a.kg };
    if (a.kind === 'add ice') {
      const by = toFive(a.byMs);
      const when = by <= nowMs + 300_000 ? 'now' : `by ${sayAt(by, format, nowMs)}`;
      return {
        name: `Add ${sayHeavy(a.kg)} ${when}`,
        note: `carries the box to ${sayAt(toFive(a.carriesToMs), format, nowMs)}`,
        kg: a.kg,
      };
    }
  }
  return null;
}

/** The other things to do, a sentence each. `nameOf`: a fish by its id. */
export function sayRest(advice: readonly BoxAdvice[], nameOf: (fish: string) => string): string[] {
  return advice.flatMap((a): string[] => {
    switch (a.kind) {
      case 'too full':
        return ['Too full: not every fish lies in ice. Bring another box, or send the next ones back.'];
      case 'drain':
        return [`Let the water out: ${sayHeavy(round(a.kg))} of it reaches the lowest fish, and softens them.`];
      case 'ice first':
        return [`${nameOf(a.fish)} waits warm: onto ice first.`];
      case 'shut':
        return [`The lid was lifted ${a.times} times within the hour. Shut it between two fish.`];
      case 'no ice':
      case 'add ice':
      case 'ice not noted':
      case 'enough':
        return [];
    }
  });
}

/** Why the number may be wrong, and what would mend it. */
export function sayHowSure(now: BoxNow, f: Filling): string {
  const { leak } = f.known;
  const times = leak.uaWK.toFixed(1);
  const parts = [
    f.iceAssumed ? 'Nobody noted how much ice went in: a third of the box is assumed.' : null,
    `The ice is between ${sayHeavy(round(now.lowKg))} and ${sayHeavy(round(now.highKg))}.`,
    `Heat entering the box: ${times} watts per degree (${leak.low.toFixed(1)} to ${leak.high.toFixed(1)}), according to its walls, tests and trips.`,
    'Checking or weighing the ice makes this more certain.',
  ];
  return parts.filter((p) => p !== null).join(' ');
}
