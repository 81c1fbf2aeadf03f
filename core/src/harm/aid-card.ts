import type { HazardKind } from '../species/index.ts';

/** What happened, in the words of a card. A word stands in the log for ever: none is dropped. */
export const AID_IDS = [
  'sting',
  'barb',
  'bite',
  'hook',
  'cut',
  'blood',
  'poison',
  'shock',
  'burn',
  'water',
  'pressure',
  'cold',
  'heat',
  'allergy',
  'choking',
  'jellyfish',
  'urchin',
  'blackout',
  'spear',
  'head',
  'gas',
  'seasick',
] as const;
export type AidId = (typeof AID_IDS)[number];

/** A card of first aid. Guidance; it defers to the emergency number and a doctor. */
export interface AidCard {
  readonly id: AidId;
  readonly title: string;
  /** One of these, and help is called at once; before anything else. */
  readonly call: readonly string[];
  /** What to do, in order. */
  readonly steps: readonly string[];
  /** What does harm. */
  readonly never: readonly string[];
  /** What to watch for in the hours and days after. */
  readonly later: readonly string[];
  /** Which hazards of a fish it helps with. */
  readonly helps: readonly HazardKind[];
  /** Hot water eases it: the page keeps its time. */
  readonly hotWater: boolean;
  readonly sources: readonly string[];
}

/**
 * Hot water for a sting: as hot as can be borne, never above `mostC` (a numb or helped limb scalds), degC; minutes.
 * Atkinson et al. 2006, Emergency Medicine Journal 23; docs/domain.md, section 4.
 */
export const HOT_WATER = { leastC: 40, mostC: 45, minutes: [30, 90] } as const;

/** What several cards say. */
export const ERC = 'European Resuscitation Council Guidelines 2021, First Aid (Zideman et al., Resuscitation 161)';
export const ATKINSON = 'Atkinson et al. 2006, Emergency Medicine Journal 23: hot water for marine stings';
export const FDA = 'US FDA, Fish and Fishery Products Hazards and Controls Guidance: natural toxins, histamine';

export const HOT = `Then put it in water as hot as can be borne, ${HOT_WATER.leastC} to ${HOT_WATER.mostC}° and never above ${HOT_WATER.mostC}°. Test the water first with the uninjured hand. Keep it in for ${HOT_WATER.minutes[0]} to ${HOT_WATER.minutes[1]} minutes, and top up the water as it cools. A numb limb can be scalded without feeling it.`;
/** Five years for a wound that is not clean. Sources: UKHSA, CDC on tetanus. */
export const TETANUS = 'See a doctor the same day if the last tetanus shot was over five years ago, or is unknown.';
export const FESTERS =
  'Red, hot or spreading within hours, fever, or blisters: see a doctor at once. Say that it was sea water or a fish (Vibrio).';
export const WEEKS =
  'Purple and sore fingers days later, or a lump weeks later: see a doctor. Say that it was a fish (erysipeloid, Mycobacterium).';
export const WEAK = 'With a liver illness or a weak immune system: a doctor for any wound from the sea.';
export const BREATH = 'Hard to breathe, faint, numb lips, or swelling of face or throat';
export const BREATHE =
  'No breath: rescue breathing and pressing on the chest, as you have learned, until help comes. A defibrillator, where there is one: switch it on and do as it says.';
export const WASH_AFTER = 'When the pain has eased: wash it with drinking water and soap, and cover it loosely.';
export const RINGS = 'Rings and bracelets off now, before it swells.';
