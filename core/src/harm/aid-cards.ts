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
 * Atkinson et al. 2006, Emergency Medicine Journal 23; domain.md section 4.
 */
export const HOT_WATER = { leastC: 40, mostC: 45, minutes: [30, 90] } as const;

const ERC = 'European Resuscitation Council Guidelines 2021, First Aid (Zideman et al., Resuscitation 161)';
const ATKINSON = 'Atkinson et al. 2006, Emergency Medicine Journal 23: hot water for marine stings';
const FDA = 'US FDA, Fish and Fishery Products Hazards and Controls Guidance: natural toxins, histamine';

const HOT = `Then water as hot as can be borne, ${HOT_WATER.leastC} to ${HOT_WATER.mostC}° and never above ${HOT_WATER.mostC}°, tried first on the unhurt hand, for ${HOT_WATER.minutes[0]} to ${HOT_WATER.minutes[1]} minutes, topped up as it cools. A numb limb scalds without feeling it.`;
const TETANUS = 'A doctor the same day if the last tetanus injection is years ago, or nobody knows.';
const FESTERS =
  'Red, hot or spreading within hours, fever, or blisters: a doctor at once, and say that it was sea water or a fish (Vibrio).';
const WEEKS =
  'Purple and sore on the fingers days later, or a lump weeks later: a doctor, and say that it was a fish (erysipeloid, Mycobacterium).';
const WEAK = 'Those with a weak liver or weak defences see a doctor for any wound from the sea.';
const BREATH = 'Hard to breathe, faint, numb lips, or swelling of face or throat';
const BREATHE = 'No breath: rescue breathing and pressing on the chest, as you have learned it, until help comes.';

/** The general cards. Wording to be checked by a clinician; see docs/second-reading.md. */
export const AID_CARDS: readonly AidCard[] = [
  {
    id: 'sting',
    title: 'Sting of a spine',
    call: [BREATH, 'Swelling that spreads', 'Stung in chest, belly, neck, face or a joint', 'Stung by a stonefish'],
    steps: [
      'Out of the water, and lie down: some faint.',
      'Lift off only what lies loose on the surface. A deep spine, in chest, belly or neck above all, stays in and is an emergency.',
      'Press on what bleeds, beside what is stuck in it.',
      HOT,
      'A doctor the same day: bits left inside fester, and tetanus is asked about.',
    ],
    never: ['Do not cut, suck, rub or tie off.'],
    later: [FESTERS, WEEKS],
    helps: ['venomous'],
    hotWater: true,
    sources: [ATKINSON, ERC],
  },
  {
    id: 'barb',
    title: 'A ray’s barb',
    call: ['In chest, belly, neck or groin', 'Bleeding that does not stop', BREATH],
    steps: [
      'Out of the water, and lie down.',
      'The barb stays in when it is deep, and always in chest, belly or neck: hold it still, and press beside it.',
      'Press hard on what bleeds, without letting go.',
      'When the bleeding has stopped, rinse with drinking water.',
      HOT,
      'A doctor always: the barb leaves its sheath and splinters behind, and tetanus is asked about.',
    ],
    never: ['Do not pull a deep barb out.', 'Do not cut, suck, rub, tie off or close the wound.'],
    later: [FESTERS],
    helps: ['venomous'],
    hotWater: true,
    sources: ['Clark et al. 2007, Journal of Emergency Medicine 33: stingray wounds', ATKINSON],
  },
  {
    id: 'bite',
    title: 'Bite',
    call: ['Bleeding that spurts or does not stop', 'A finger that is numb or does not move', BREATH],
    steps: [
      'Prise the jaws open; do not tear loose.',
      'Press on it with a clean cloth, hand held high, until it stops.',
      'Wash for minutes with drinking water and soap, and cover. What is deep stays in.',
      `A doctor for a deep bite, and for any of hand, face or joint. ${TETANUS}`,
    ],
    never: ['Do not glue or tape a bite shut.'],
    later: [FESTERS, WEEKS, WEAK],
    helps: ['bite'],
    hotWater: false,
    sources: [ERC],
  },
  {
    id: 'hook',
    title: 'A hook in the flesh, or in the eye',
    call: ['In the eye or its lid', 'In neck or throat, or beside an artery'],
    steps: [
      'Cut the line. Cover or cut off the other points of a treble before they catch too.',
      'In the eye: leave it, a cup over it that does not touch, the other eye shut, lying down; an eye clinic at once.',
      'In face, neck, joint or hand, or deep: leave it and see a doctor.',
      'In skin alone, the barb still out: back the way it went, and wash. Other ways are for those who have learned them.',
      `Wash with drinking water and soap, and cover. ${TETANUS}`,
    ],
    never: ['Do not pull on a hook whose barb is in.', 'Nothing presses on an eye.'],
    later: [FESTERS, WEEKS],
    helps: [],
    hotWater: false,
    sources: ['Gammons and Jackson 2001, American Family Physician 63: fishhook removal', ERC],
  },
  {
    id: 'cut',
    title: 'Cut by knife, fin or gill cover',
    call: [
      'Bleeding that spurts or does not stop',
      'A finger that is numb or does not move',
      'A cut of chest, belly or neck',
    ],
    steps: [
      'Press on it with a clean cloth, hand held high, ten minutes by the clock without looking.',
      'Bleeding from a limb that pressing does not stop: tie it off high and tight if you have learned it, and write the time.',
      'Wash with drinking water and soap, and cover. What is deep stays in.',
      'Wounds from fish and sea water fester in their own way: a doctor for any that is deep or gapes.',
      TETANUS,
    ],
    never: ['Do not pull out what is stuck deep.'],
    later: [FESTERS, WEEKS, WEAK],
    helps: ['sharp', 'venomous', 'bite', 'blood'],
    hotWater: false,
    sources: [ERC],
  },
  {
    id: 'blood',
    title: 'Eel’s blood in an eye or a cut',
    call: ['It was swallowed, and the mouth burns, or one vomits', BREATH],
    steps: [
      'Out with contact lenses. Rinse the eye with clean water, from the nose outward, lids held open, 20 minutes.',
      'Wash a cut with drinking water and soap.',
      'An eye that still burns, is red or does not bear the light: an eye clinic the same day.',
    ],
    never: ['Do not rub the eye.'],
    later: [FESTERS],
    helps: ['blood'],
    hotWater: false,
    sources: [ERC],
  },
  {
    id: 'poison',
    title: 'Ill from what was eaten',
    call: [
      'Numb lips or tongue, weak limbs, hard to breathe: also hours after puffer or porcupinefish',
      'Flushed and hard to breathe, or faint',
      'Double vision, a thick tongue, a dry mouth, weak arms',
    ],
    steps: [
      'Numb lips or tongue, weak limbs, hard to breathe: call at once. After puffer or porcupinefish the breath may stop while the mind is clear: rescue breathing until help comes.',
      'Flushed, itching, headache within the hour: histamine. A doctor; at once with trouble breathing.',
      'Cold feels hot, tingling, weakness after a reef fish: ciguatera. A doctor, and no alcohol.',
      'Numb and unsteady after mussels or other shellfish: call at once; cooking does not help against it.',
      'Double vision or weak arms a day or more after vacuum-packed, smoked or cured fish: call at once (botulism).',
      'Keep what is left of the fish, cold, for the doctor, and write who ate what, and when.',
    ],
    never: ['Do not make one vomit.', 'Nothing by mouth for one who cannot swallow well.'],
    later: ['What tingles or itches for weeks: a doctor, and say that it was a fish.'],
    helps: ['poison', 'blood'],
    hotWater: false,
    sources: [FDA, ERC],
  },
  {
    id: 'shock',
    title: 'Shock of an electric ray',
    call: ['No breath, or no answer', 'Faint, or an odd heartbeat'],
    steps: [
      'Let go of line, spear and metal; out of the water.',
      'Watch the one who was hit: faint, an odd heartbeat or no breath: call, and rescue breathing or pressing on the chest as you have learned it.',
      'Hit in the water: watched as one who nearly drowned.',
    ],
    never: ['Do not touch the fish with metal or by hand.'],
    later: [],
    helps: ['electric'],
    hotWater: false,
    sources: [ERC],
  },
  {
    id: 'burn',
    title: 'Burn or scald',
    call: [
      'Larger than the palm of the one it happened to, or of a child',
      'Of face, hands, feet, groin or a joint',
      'White, black or painless; by electricity',
    ],
    steps: [
      'Burning oil: heat off, lid on, out of the room. Never water.',
      'Cool, running tap water on the burn for 20 minutes, soon; keep the rest of the body warm. No ice, no butter.',
      'Off with rings and clothes, but not with what sticks. Cover with clean film or cloth.',
    ],
    never: ['No ice, butter, oil or powder.', 'Do not open blisters.'],
    later: ['Redness that spreads, pus or fever: a doctor.'],
    // No fish burns: the stove does.
    helps: [],
    hotWater: false,
    sources: [ERC],
  },
  {
    id: 'water',
    title: 'Nearly drowned',
    call: ['No breath, or no answer', 'Coughing, froth, or hard to breathe'],
    steps: [
      'Out of the water without becoming the next: throw or reach first, go last.',
      'No breath: call, five rescue breaths, then 30 presses and two breaths, as you have learned it, until help comes.',
      'Breathing, but no answer: on the side, head low.',
      'Dry, wrapped and out of the wind; see the card for cold.',
      'Whoever breathed water in sees a doctor, also when all seems well.',
    ],
    never: ['Do not press on the belly to get water out.', 'Do not leave alone.'],
    later: ['Cough, fast breath or drowsiness within a day: call.'],
    helps: [],
    hotWater: false,
    sources: [ERC],
  },
  {
    id: 'pressure',
    title: 'Unwell after a dive',
    call: [
      'Pain in joints, numb, tingling or weak limbs, unsteady, trouble seeing, hearing or speaking',
      'Chest pain, cough or blood after coming up',
      'Blacked out, in the water or after',
    ],
    steps: [
      'No more diving today, for the partner neither until it is clear what happened.',
      'Lie flat, kept warm. Oxygen, as much as there is, by someone who has learned it.',
      'Water to drink, if awake and not sick.',
      BREATHE,
      'Call, and say that it was diving: depth, how often, how long at the surface between, when the last. Many dives on one breath can do it too.',
    ],
    never: [
      'Do not go down again to be rid of it.',
      'No flight and no pass over the hills before a doctor allows it.',
      'No alcohol.',
    ],
    later: ['The same signs within a day: call.'],
    helps: [],
    hotWater: false,
    sources: [
      'Mitchell et al. 2018, Diving and Hyperbaric Medicine 48: care before the hospital in decompression illness',
      ERC,
    ],
  },
  {
    id: 'cold',
    title: 'Too cold',
    call: ['Shivering has stopped', 'Confused, drowsy or clumsy', 'No answer'],
    steps: [
      'Lifted out of the water lying flat, if it can be; out of the wind.',
      'Wet clothes off, dry ones on, head too; wrapped, with something between body and ground.',
      'Shivering and clear: warm sweet drinks, and food.',
      'Not shivering, or not clear: lying flat, moved gently, warmth on the trunk, and call.',
    ],
    never: ['No rubbing, no alcohol, no hot bath.', 'Not to walk about when no longer shivering.'],
    later: [],
    helps: [],
    hotWater: false,
    sources: ['Dow et al. 2019, Wilderness and Environmental Medicine 30: accidental hypothermia', ERC],
  },
  {
    id: 'heat',
    title: 'Heat and sun',
    call: ['Confused, faint, or no answer', 'Hot skin and stumbling', 'A fit'],
    steps: [
      'Into the shade, lying down, clothes open, feet up.',
      'Confused or faint and hot: call, and cool at once, from the neck down in cold water, or wet all over and fanned.',
      'Clear: water with a little salt and sugar, slowly.',
      'Sunburn: out of the sun, cool cloths; blisters of a child or over much of the body: a doctor.',
    ],
    never: ['Nothing to drink for one who is not clear.', 'Not left alone.'],
    later: ['Headache, sick or dark urine the next day: a doctor.'],
    helps: [],
    hotWater: false,
    sources: [ERC],
  },
];
