import { sayTemperature, type Units } from '../units/index.ts';
import { FREEZER_C, keepRate } from './keep-in-store.ts';
import type { PackPlace } from './keep-until.ts';

/** What is told of a store's warmth, with where it is written. */
export interface WarmthWords {
  readonly says: readonly string[];
  readonly source: string;
}

const times = (x: number): string => `${x.toFixed(1)} times`;

/** What warmth does to the days of packs, by the rates that they are reckoned with. */
export function warmthWords(place: PackPlace, units?: Units): WarmthWords {
  const at = (c: number): string => sayTemperature(c, units);
  if (place === 'freezer') {
    const rate = (c: number): string => times(keepRate('freezer', c).careful);
    return {
      says: [
        `At ${at(-15)} the days of a pack go ${rate(-15)} as fast as at ${at(FREEZER_C)}, at ${at(-12)} ${rate(-12)}. Frozen, food stays safe; what goes is its taste.`,
        `Freezing for raw needs ${at(-20)} or colder in the core: the clock of a pack runs only while this is read, every day or so.`,
        'A door that stays shut keeps a full freezer some two days without current, a half full one one day.',
      ],
      source: 'FSA chilling advice; FDA and FSIS on power outages; FAO, Torry Advisory Note 28',
    };
  }
  return {
    says: [
      `Raw fish keeps its two days up to ${at(5)}; at ${at(8)} it spoils ${times(keepRate('fridge', 8).authority)} as fast. The lowest shelf is the coldest, the door the warmest.`,
      `On ice, near ${at(0)}, a careful keeper gains a day.`,
    ],
    source: 'FSA chilling advice; FAO Fisheries Technical Paper 348',
  };
}

/** What is known of a store without current. `saysAt`: an instant as one says it. */
export interface WithoutCurrent {
  readonly place: PackPlace;
  readonly packs: number;
  /** When its outside begins to thaw with the door kept shut, epoch ms; null when it does not in the time looked at. */
  readonly thawsMs: number | null;
  readonly nowMs: number;
}

/** Hours that a fridge holds with its door shut. Source: USDA FSIS, food safety during power outages. */
const FRIDGE_H = 4;

/** Raw fish in a fridge without current. Sources: USDA FSIS, food safety during power outages; FDA Hazards Guide, ch. 7 (histamine). */
const afterWarm = (units?: Units): string =>
  `Raw fish is thrown out after two hours above ${sayTemperature(4, units)}, or after ${FRIDGE_H} hours without current. Cooking takes no histamine out of mackerel, tuna and their like.`;

/**
 * What to do while a store is without current, in the order of doing it. Source: FDA and USDA FSIS, food safety during power outages (ice
 * crystals or 40 degF: cook or freeze again; above it for two hours: discard; a refrigerator after four hours).
 */
export function sayWithoutCurrent(f: WithoutCurrent, saysAt: (ms: number) => string, units?: Units): string[] {
  const shut = 'Keep the door shut, and do not open it to look.';
  if (f.packs === 0) return [shut];
  if (f.place === 'fridge') return [shut, afterWarm(units)];
  if (f.thawsMs === null) return [shut];
  return f.thawsMs > f.nowMs
    ? [
        shut,
        `By what lies in it, its outside begins to thaw about ${saysAt(f.thawsMs)}. Bring ice, or take the packs elsewhere, before.`,
      ]
    : [
        shut,
        `By what lies in it, its outside has been thawing since about ${saysAt(f.thawsMs)}. ${thawedByItself(units)}`,
      ];
}

/** What becomes of food that thawed in a freezer by itself. Source: USDA FSIS, as above. */
export const thawedByItself = (units?: Units): string =>
  `What still holds ice crystals, or is no warmer than ${sayTemperature(4, units)}, is cooked or frozen again at once; what was warmer for two hours is thrown out.`;

/** What is asked before raw fish that thawed is frozen again. Source: FSA, freezing and defrosting. */
export const REFREEZE =
  'It was frozen once and thawed. Raw fish that thawed is cooked first, then frozen. Only what still holds ice crystals, or never was warmer than a cold fridge, may go back; it loses taste and water each time.';
/** What stands with a pack that was frozen again. */
export const REFROZEN = 'Thawed once and frozen again: drier and softer, and better cooked.';

/** What a store would come to after some hours without current. */
export interface CurrentGone {
  readonly place: PackPlace;
  readonly packs: number;
  readonly hours: number;
  readonly nowC: number;
  readonly thenC: number;
  /** Hours until its outside begins to thaw; null when it does not within a week, or is no freezer. */
  readonly thawsAfterH: number | null;
}

/** What is still good after some hours without current, as sentences: for a drill, before it happens. Source: as `sayWithoutCurrent`. */
export function sayIfCurrentWent(f: CurrentGone, units?: Units): string[] {
  const c = (x: number): string => sayTemperature(Math.round(x), units);
  if (f.packs === 0) return ['Nothing lies in it: a freezer that is full holds longest.'];
  if (f.place === 'fridge')
    return f.hours <= FRIDGE_H
      ? [`With its door shut it holds ${FRIDGE_H} hours: all in it is still good.`]
      : [`${afterWarm(units)} Carry it to ice before.`];
  const temperature = `It would go from ${c(f.nowC)} to ${c(f.thenC)}.`;
  if (f.thawsAfterH === null || f.hours < f.thawsAfterH) {
    const left =
      f.thawsAfterH === null ? '' : ` Its outside begins to thaw after about ${Math.round(f.thawsAfterH)} hours.`;
    return [
      `${temperature} All of it is still frozen${f.thenC > -12 ? ', and its days went faster meanwhile' : ''}.${left}`,
      'Keep the door shut. Frozen bottles of water in the empty room make it hold longer: put them in now.',
    ];
  }
  return [
    `${temperature} Its outside has been thawing for ${Math.max(1, Math.round(f.hours - f.thawsAfterH))} hours.`,
    thawedByItself(units),
  ];
}
