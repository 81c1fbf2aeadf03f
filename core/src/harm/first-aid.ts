import type { Hazard, HazardKind } from '../species/index.ts';

/** A card of first aid: what to do, in order, and what not. Guidance; it defers to the emergency number and a doctor. */
export interface AidCard {
  readonly id: 'sting' | 'wound' | 'poison' | 'shock' | 'burn';
  readonly title: string;
  readonly steps: readonly string[];
}

/**
 * Hot water for a sting: as hot as can be borne, never above `mostC` (a numb or helped limb scalds), degC; minutes.
 * Atkinson et al. 2006, Emergency Medicine Journal 23; domain.md section 4.
 */
export const HOT_WATER = { leastC: 40, mostC: 45, minutes: [30, 90] } as const;

/** When to call for help at once, whatever was done. */
export const DANGER_SIGNS =
  'Call for help at once for a wound of chest, belly, neck, face or a joint, for trouble breathing, faintness, numb lips, swelling that spreads, bleeding that does not stop, or a sting in the sea.';

/** The general cards. Wording to be checked by a clinician; see docs/second-reading.md. */
export const AID_CARDS: readonly AidCard[] = [
  {
    id: 'sting',
    title: 'Sting of a fish',
    steps: [
      'Out of the water, and lie down: some faint.',
      'Lift off only what lies loose on the surface. A ray’s barb or a deep spine, in chest, belly or neck above all, stays in and is an emergency.',
      'Press on what bleeds, beside what is stuck in it.',
      `Then water as hot as can be borne, ${HOT_WATER.leastC} to ${HOT_WATER.mostC}° and never above ${HOT_WATER.mostC}°, tried first on the unhurt hand, for ${HOT_WATER.minutes[0]} to ${HOT_WATER.minutes[1]} minutes, topped up as it cools. A numb limb scalds without feeling it.`,
      'Do not cut, suck, rub or tie off.',
      'A doctor the same day: bits left inside fester, and tetanus is asked about.',
    ],
  },
  {
    id: 'wound',
    title: 'Cut, bite or a hook',
    steps: [
      'Press on it with a clean cloth, hand held high, until it stops.',
      'Wash with drinking water and soap, and cover. What is deep stays in.',
      'Wounds from fish and sea water fester in their own way. Red, hot or spreading within hours, fever, or blisters: a doctor at once (Vibrio). Purple and sore on the fingers days later, or a lump weeks later: a doctor, and say that it was a fish (erysipeloid, Mycobacterium).',
      'Those with a weak liver or weak defences see a doctor for any wound from the sea.',
    ],
  },
  {
    id: 'poison',
    title: 'Ill from a fish that was eaten',
    steps: [
      'Numb lips or tongue, weak limbs, hard to breathe: call at once. After puffer or porcupinefish the breath may stop while the mind is clear: rescue breathing until help comes.',
      'Flushed, itching, headache within the hour: histamine. A doctor; at once with trouble breathing.',
      'Cold feels hot, tingling, weakness after a reef fish: ciguatera. A doctor, and no alcohol.',
      'Keep what is left of the fish, cold, for the doctor.',
    ],
  },
  {
    id: 'shock',
    title: 'Shock of an electric ray',
    steps: [
      'Let go of line, spear and metal; out of the water.',
      'Watch the one who was hit: faint, an odd heartbeat or no breath: call, and rescue breathing or pressing on the chest as you have learned it.',
    ],
  },
  {
    id: 'burn',
    title: 'Burn or scald',
    steps: [
      'Burning oil: heat off, lid on, out of the room. Never water.',
      'Cool, running tap water on the burn for 20 minutes, soon; keep the rest of the body warm. No ice, no butter.',
      'Off with rings and clothes, but not with what sticks. Cover with clean film or cloth.',
      'A doctor for a burn larger than the palm of the one it happened to, of face, hands, feet or a joint, of a child, or white or black.',
    ],
  },
];

/** Which kinds of harm a card helps with. A wound's card fits whatever has teeth, spines or blood; the others what they name. */
const HELPS: Readonly<Record<AidCard['id'], readonly HazardKind[]>> = {
  sting: ['venomous'],
  wound: ['venomous', 'bite', 'sharp', 'blood'],
  poison: ['poison', 'blood'],
  shock: ['electric'],
  // No fish burns: the stove does.
  burn: [],
};

/**
 * Every card, those that the hazards of some species ask for first and said to fit; without a species all as they stand,
 * none of which is said to fit. None is ever left out: the fish may have been another.
 */
export function cardsFor(
  species: readonly { readonly hazards: readonly Hazard[] }[],
): readonly { readonly card: AidCard; readonly fits: boolean }[] {
  const kinds = new Set(species.flatMap((s) => s.hazards.map((h) => h.kind)));
  const told = AID_CARDS.map((card) => ({ card, fits: HELPS[card.id].some((k) => kinds.has(k)) }));
  return [...told.filter((t) => t.fits), ...told.filter((t) => !t.fits)];
}
