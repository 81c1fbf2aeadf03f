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
        `At ${at(-15)} the days of a pack pass ${rate(-15)} as fast as at ${at(FREEZER_C)}, at ${at(-12)} ${rate(-12)}. Frozen food stays safe, but loses taste.`,
        `Freezing for raw fish needs ${at(-20)} or colder in the middle. The time of a pack counts only while the freezer is measured, about once a day.`,
        'With the door closed, a full freezer stays cold for about two days without power, a half-full one for one day.',
      ],
      source: 'FSA chilling advice; FDA and FSIS on power outages; FAO, Torry Advisory Note 28',
    };
  }
  return {
    says: [
      `Raw fish keeps its two days up to ${at(5)}; at ${at(8)} it spoils ${times(keepRate('fridge', 8).authority)} as fast. The lowest shelf is the coldest, the door the warmest.`,
      `On ice, near ${at(0)}, the cautious limit is one day longer.`,
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
  `Raw fish is thrown out after two hours above ${sayTemperature(4, units)}, or after ${FRIDGE_H} hours without power. Cooking does not remove histamine from mackerel, tuna and similar fish.`;

/**
 * What to do while a store is without current, in the order of doing it. Source: FDA and USDA FSIS, food safety during power outages (ice
 * crystals or 40 degF: cook or freeze again; above it for two hours: discard; a refrigerator after four hours).
 */
export function sayWithoutCurrent(f: WithoutCurrent, saysAt: (ms: number) => string, units?: Units): string[] {
  const shut = 'Keep the door closed, and do not open it to look.';
  if (f.packs === 0) return [shut];
  if (f.place === 'fridge') return [shut, afterWarm(units)];
  if (f.thawsMs === null) return [shut];
  return f.thawsMs > f.nowMs
    ? [
        shut,
        `Judging by its contents, the outside starts to thaw about ${saysAt(f.thawsMs)}. Before that, bring ice or move the packs.`,
      ]
    : [
        shut,
        `Judging by its contents, the outside has been thawing since about ${saysAt(f.thawsMs)}. ${thawedByItself(units)}`,
      ];
}

/** What becomes of food that thawed in a freezer by itself. Source: USDA FSIS, as above. */
export const thawedByItself = (units?: Units): string =>
  `Packs that still have ice crystals, or are no warmer than ${sayTemperature(4, units)}: cook them or freeze them again at once. Throw out what was warmer for two hours.`;

/** What is asked before raw fish that thawed is frozen again. Source: FSA, freezing and defrosting. */
export const REFREEZE =
  'It was frozen and thawed once. Cook thawed raw fish before freezing it again. Freeze it again only if it still has ice crystals, or was never warmer than a cold fridge. It loses taste and water each time.';
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
  if (f.packs === 0) return ['It is empty: a full freezer stays cold longest.'];
  if (f.place === 'fridge')
    return f.hours <= FRIDGE_H
      ? [`With its door shut it holds ${FRIDGE_H} hours: all in it is still good.`]
      : [`${afterWarm(units)} Put the packs on ice before that.`];
  const temperature = `It would go from ${c(f.nowC)} to ${c(f.thenC)}.`;
  if (f.thawsAfterH === null || f.hours < f.thawsAfterH) {
    const left =
      f.thawsAfterH === null ? '' : ` The outside starts to thaw after about ${Math.round(f.thawsAfterH)} hours.`;
    return [
      `${temperature} All of it is still frozen${f.thenC > -12 ? ', and its days passed faster meanwhile' : ''}.${left}`,
      'Keep the door closed. Bottles of frozen water in the empty space make it last longer: put them in now.',
    ];
  }
  return [
    `${temperature} The outside has been thawing for ${Math.max(1, Math.round(f.hours - f.thawsAfterH))} hours.`,
    thawedByItself(units),
  ];
}
