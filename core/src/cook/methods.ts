import type { Fire } from './fire.ts';
import type { PieceCut } from './piece.ts';
import { liquidBath, oilBath, panBath, steadyBath } from './vessel-heat.ts';

/** What is set before a method is reckoned. */
export interface Setting {
  /** Of the pan, oven, oil or liquid, degC. */
  readonly mediumC: number;
  /** Of liquid or oil, l; of a pan its mass, kg. */
  readonly amount: number;
  /** Turned over: 0 never, 1 once, more often. */
  readonly turns: number;
}

/** Where it is cooked: what is taken up in a kitchen meanwhile. */
export type Place = 'ring' | 'oven' | 'grill' | 'embers';

/** How hot it is, and what meets the fish. */
export interface MethodHeat {
  readonly place: Place;
  /** What is hot, in a sentence: "the pan". */
  readonly of: string;
  readonly usualC: number;
  readonly rangeC: readonly [least: number, most: number];
  /** Litres, or kg of a pan. */
  readonly amount: { readonly is: 'l' | 'kg'; readonly usual: number } | null;
  readonly turns: readonly number[];
  readonly fire: (s: Setting) => Fire;
  /** What it is laid on to rest. */
  readonly rests: string;
}

/** A way to make fish ready, as data. */
export interface Method {
  readonly id: string;
  readonly name: string;
  /** The word of the meal's entry. */
  readonly meal: string;
  /** What the middle is when it is done: raw counts as raw, whatever was done to its outside. */
  readonly middle: 'raw' | 'cooked';
  readonly heat: MethodHeat | null;
  readonly cuts: readonly PieceCut[];
  readonly thickMm: readonly [least: number, most: number];
  readonly fat: 'lean' | 'oily' | 'either';
  /** What speaks for it, and what against it where it does not suit. */
  readonly why: string;
  readonly whyNot: string;
  /** The old rule that goes with it. */
  readonly rule: 'thickness' | 'weight' | null;
  readonly gear: readonly string[];
  /** The look to go by. */
  readonly look: readonly string[];
  /** What can hurt. */
  readonly mind: readonly string[];
}

const OPEN_BOARD = { h: 8, c: 25, wet: 0.4 } as const;
const COVERED = { h: 7, c: 35, wet: 0.12 } as const;
const RACK = { h: 8, c: 25, wet: 0.15 } as const;
/** Air over a pan, warmed by it. */
const OVER_PAN = { h: 8, c: 55, wet: 0.3 } as const;

const evenTurns = (n: number): number[] =>
  n <= 0 ? [] : n === 1 ? [0.6] : Array.from({ length: n }, (_, i) => (i + 1) / (n + 1));

const pan = (s: Setting): Fire => ({
  bath: panBath(s.amount, s.mediumC, 1800),
  surface: OVER_PAN,
  other: { h: 250, c: 'bath' },
  turns: evenTurns(s.turns),
  rest: OPEN_BOARD,
});
/** A round body in a pan rolls its heat round: as if each side met it half the time. */
const panWhole = (s: Setting): Fire => ({
  bath: panBath(s.amount, s.mediumC, 1800),
  surface: { h: 105, c: 'bath' },
  rest: OPEN_BOARD,
});
const grill = (s: Setting): Fire => ({
  bath: steadyBath(s.mediumC),
  surface: { h: 10, c: 60, wet: 0.3 },
  other: { h: 60, c: 'bath', wet: 0.2 },
  turns: evenTurns(s.turns),
  rest: OPEN_BOARD,
});
const liquid =
  (heated: boolean, h: number) =>
  (s: Setting): Fire => ({
    bath: liquidBath(s.amount, s.mediumC, s.mediumC, heated ? 1800 : 0),
    surface: { h, c: 'bath' },
    ...(heated ? {} : { offAt: 0 }),
    rest: COVERED,
  });
const oil = (s: Setting): Fire => ({
  bath: oilBath(s.amount, s.mediumC, 2000),
  surface: { h: 600, c: 'bath' },
  rest: RACK,
});

const HOT_OIL =
  'Oil no more than half up the pot, fish dry, lid and a dry cloth at hand. Burning oil: heat off, lid on, never water; leave it and call the fire brigade if it goes on. Not aboard a moving boat.';
const GAS = 'Gas: the flame in sight, a window open; no stove in a closed cabin.';
const OPEN_FIRE = 'Fire only where the place and the season allow it, water at hand, and out cold before you leave.';
const STEAM = 'Steam scalds: lift the lid away from you.';
const KILLS_NONE = 'Acid and salt kill no worms: it counts as raw.';

const ALL: readonly PieceCut[] = ['fillet', 'portion', 'steak', 'wing', 'whole'];
const BONELESS: readonly PieceCut[] = ['fillet', 'portion'];

/** Every way, in the order of the heat. Transfer and temperatures: domain.md section 5. */
export const METHODS = [
  {
    id: 'raw slices',
    name: 'Raw slices',
    meal: 'raw',
    middle: 'raw',
    heat: null,
    cuts: BONELESS,
    thickMm: [8, 400],
    fat: 'either',
    why: 'it is firm and keeps its taste',
    whyNot: 'too thin to slice',
    rule: null,
    gear: ['a long sharp knife', 'a board kept for it'],
    look: ['clear and firm, smells of the sea or of nothing', 'no worms against the light'],
    mind: ['Sliced cold, eaten at once; what is left is cooked.'],
  },
  {
    id: 'in citrus',
    name: 'Cured in citrus',
    meal: 'cured',
    middle: 'raw',
    heat: null,
    cuts: BONELESS,
    thickMm: [5, 40],
    fat: 'lean',
    why: 'lean and white: the acid sets it',
    whyNot: 'oily flesh goes mealy in acid',
    rule: null,
    gear: ['a bowl of glass or steel'],
    look: ['white from outside in; the middle as clear as you leave it'],
    mind: [KILLS_NONE],
  },
  {
    id: 'in salt',
    name: 'Cured in salt',
    meal: 'cured',
    middle: 'raw',
    heat: null,
    cuts: BONELESS,
    thickMm: [8, 60],
    fat: 'oily',
    why: 'oily: salt firms it and it stays tender',
    whyNot: 'lean flesh goes hard in salt',
    rule: null,
    gear: ['a dish with a lid', 'a weight'],
    look: ['firm as a ripe cheese, darker, lies in its own brine'],
    mind: [KILLS_NONE, 'In the fridge, all of the time.'],
  },
  {
    id: 'seared',
    name: 'Seared, raw in the middle',
    meal: 'seared',
    middle: 'raw',
    heat: {
      place: 'ring',
      of: 'the pan',
      usualC: 230,
      rangeC: [200, 260],
      amount: { is: 'kg', usual: 2.5 },
      turns: [1],
      fire: pan,
      rests: 'on a board',
    },
    cuts: ['steak', 'portion'],
    thickMm: [20, 80],
    fat: 'oily',
    why: 'thick and firm, like a steak',
    whyNot: 'too thin to stay raw in the middle',
    rule: null,
    gear: ['a heavy pan'],
    look: ['a white rim of 3 mm on each face, the middle as it was'],
    mind: ['Its middle stays raw, and counts as raw.', GAS],
  },
  {
    id: 'pan',
    name: 'In the pan',
    meal: 'pan-fried',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the pan',
      usualC: 180,
      rangeC: [140, 230],
      amount: { is: 'kg', usual: 2 },
      turns: [1, 5],
      fire: pan,
      rests: 'on a warm plate',
    },
    cuts: ['fillet', 'portion', 'steak', 'wing'],
    thickMm: [4, 32],
    fat: 'either',
    why: 'no thicker than a pan likes',
    whyNot: 'too thick: its outside is dry before its middle is warm',
    rule: 'thickness',
    gear: ['a heavy pan', 'a thin slice'],
    look: [
      'white has climbed two thirds up the side: turn it',
      'flakes just part under a thumb',
      'no glassy pink in the middle',
    ],
    mind: ['Wet fish spits: dry it, and lay it in away from you.', GAS],
  },
  {
    id: 'pan, whole',
    name: 'Whole in the pan',
    meal: 'pan-fried',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the pan',
      usualC: 170,
      rangeC: [140, 210],
      amount: { is: 'kg', usual: 2 },
      turns: [1, 3],
      fire: panWhole,
      rests: 'on a warm plate',
    },
    cuts: ['whole'],
    thickMm: [8, 45],
    fat: 'either',
    why: 'small enough to be fried whole, slashed to the bone',
    whyNot: 'too thick for a pan: roast or poach it',
    rule: 'thickness',
    gear: ['a pan as long as the fish', 'a broad slice'],
    look: ['the back fin pulls out', 'flesh at the slash is white to the bone', 'the eye is white'],
    mind: ['Wet fish spits: dry it, and lay it in away from you.', GAS],
  },
  {
    id: 'grill',
    name: 'On the grill',
    meal: 'grilled',
    middle: 'cooked',
    heat: {
      place: 'grill',
      of: 'the grill',
      usualC: 260,
      rangeC: [180, 320],
      amount: null,
      turns: [1, 3],
      fire: grill,
      rests: 'on a board',
    },
    cuts: ['fillet', 'portion', 'steak', 'wing'],
    thickMm: [10, 40],
    fat: 'oily',
    why: 'oily fish bears the fire',
    whyNot: 'lean flesh sticks and dries over fire',
    rule: 'thickness',
    gear: ['a hinged grate, oiled', 'tongs'],
    look: ['skin lets go of the grate by itself', 'flakes just part'],
    mind: ['Fat that drips flares up: stand to windward, water at hand.'],
  },
  {
    id: 'grill, whole',
    name: 'Whole on the grill',
    meal: 'grilled',
    middle: 'cooked',
    heat: {
      place: 'grill',
      of: 'the grill',
      usualC: 240,
      rangeC: [180, 300],
      amount: null,
      turns: [1, 3],
      fire: (s) => ({ bath: steadyBath(s.mediumC), surface: { h: 32, c: 'bath', wet: 0.2 }, rest: OPEN_BOARD }),
      rests: 'on a board',
    },
    cuts: ['whole'],
    thickMm: [12, 60],
    fat: 'oily',
    why: 'its skin holds it together over the fire',
    whyNot: 'lean flesh sticks and dries over fire',
    rule: 'thickness',
    gear: ['a hinged grate, oiled'],
    look: ['the back fin pulls out', 'no glassy pink at the backbone', 'the eye is white'],
    mind: ['Fat that drips flares up: stand to windward, water at hand.'],
  },
  {
    id: 'parcel',
    name: 'In a parcel',
    meal: 'in a parcel',
    middle: 'cooked',
    heat: {
      place: 'oven',
      of: 'the oven',
      usualC: 200,
      rangeC: [160, 230],
      amount: null,
      turns: [0],
      // Paper swells: its own steam inside, air outside in series.
      fire: (s) => ({
        bath: steadyBath(s.mediumC),
        surface: { h: 21, c: 'bath' },
        rest: { h: 5, c: 40 },
        restMostS: 300,
      }),
      rests: 'in its parcel',
    },
    cuts: ALL,
    thickMm: [6, 70],
    fat: 'either',
    why: 'it steams in its own juice, and forgives a minute',
    whyNot: 'too thick: the parcel is dry before the middle is done',
    rule: 'thickness',
    gear: ['paper or foil', 'a tray'],
    look: ['the parcel has swollen', 'flakes part when it is opened'],
    mind: [STEAM],
  },
  {
    id: 'steam',
    name: 'Steamed',
    meal: 'steamed',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the steam',
      usualC: 100,
      rangeC: [95, 100],
      amount: null,
      turns: [0],
      fire: (s) => ({ bath: steadyBath(s.mediumC), surface: { h: 1500, c: 'bath' }, rest: { h: 8, c: 25, wet: 0.8 } }),
      rests: 'on its plate',
    },
    cuts: ALL,
    thickMm: [4, 70],
    fat: 'lean',
    why: 'lean and mild: nothing covers its taste',
    whyNot: 'oily fish smells of lamp in steam',
    rule: 'weight',
    gear: ['a steamer, or a plate on a cup in a lidded pot'],
    look: ['the eye is white', 'a skewer meets no thread at the backbone'],
    mind: [STEAM],
  },
  {
    id: 'poach, from hot',
    name: 'Poached, laid in hot',
    meal: 'poached',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the liquid',
      usualC: 80,
      rangeC: [65, 90],
      amount: { is: 'l', usual: 2 },
      turns: [0],
      fire: liquid(true, 800),
      rests: 'out of its liquid, covered',
    },
    cuts: ALL,
    thickMm: [4, 120],
    fat: 'either',
    why: 'gentle, and never hotter than its liquid',
    whyNot: 'too thin: it falls apart',
    rule: 'weight',
    gear: ['a wide pan or a kettle', 'a thermometer'],
    look: ['the liquid shivers and never bubbles', 'the back fin pulls out', 'bones lift'],
    mind: [STEAM],
  },
  {
    id: 'poach, heat off',
    name: 'Poached, heat off',
    meal: 'poached',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the liquid',
      usualC: 95,
      rangeC: [85, 100],
      amount: { is: 'l', usual: 5 },
      turns: [0],
      fire: liquid(false, 400),
      rests: 'out of its liquid, covered',
    },
    cuts: ['whole', 'steak', 'portion'],
    thickMm: [20, 90],
    fat: 'either',
    why: 'it coasts by what the liquid holds, and cannot be overdone by much',
    whyNot: 'too thin for so much heat',
    rule: 'weight',
    gear: ['a kettle with a lid', 'a thermometer'],
    look: ['the back fin pulls out', 'bones lift'],
    mind: [STEAM, 'It must still come to the line: read the middle.'],
  },
  {
    id: 'poach, from cold',
    name: 'Poached, from cold',
    meal: 'poached',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the liquid',
      usualC: 75,
      rangeC: [65, 85],
      amount: { is: 'l', usual: 5 },
      turns: [0],
      fire: (s) => ({
        bath: { ...liquidBath(s.amount, 12, s.mediumC, 1800) },
        surface: { h: 400, c: 'bath' },
        rest: COVERED,
      }),
      rests: 'out of its liquid, covered',
    },
    cuts: ['whole'],
    thickMm: [25, 160],
    fat: 'either',
    why: 'a large fish warms through evenly',
    whyNot: 'small fish are dry before the liquid is hot',
    rule: 'weight',
    gear: ['a kettle with a lid', 'a thermometer'],
    look: ['the back fin pulls out', 'bones lift'],
    mind: [STEAM],
  },
  {
    id: 'roast',
    name: 'Roasted',
    meal: 'roasted',
    middle: 'cooked',
    heat: {
      place: 'oven',
      of: 'the oven',
      usualC: 200,
      rangeC: [120, 250],
      amount: null,
      turns: [0],
      fire: (s) => ({ bath: steadyBath(s.mediumC), surface: { h: 25, c: 'bath', wet: 0.25 }, rest: COVERED }),
      rests: 'on a board, covered',
    },
    cuts: ALL,
    thickMm: [8, 140],
    fat: 'either',
    why: 'on the bone, basted: it forgives',
    whyNot: 'too thin: it dries',
    rule: 'thickness',
    gear: ['a tray', 'a spoon to baste'],
    look: ['bones lift', 'flakes part', 'no glassy pink at the backbone'],
    mind: ['A hot tray looks like a cold one: leave the cloth on it.'],
  },
  {
    id: 'batter',
    name: 'Battered and fried',
    meal: 'battered and fried',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the oil',
      usualC: 180,
      rangeC: [160, 190],
      amount: { is: 'l', usual: 2 },
      turns: [1],
      // Batter keeps the oil off: half of what bare flesh would take.
      fire: (s) => ({ ...oil(s), surface: { h: 220, c: 'bath' } }),
      rests: 'on a rack, never on paper in a heap',
    },
    cuts: BONELESS,
    thickMm: [6, 30],
    fat: 'lean',
    why: 'lean, and in pieces',
    whyNot: 'oily fish in oil is heavy',
    rule: 'thickness',
    gear: ['a deep heavy pot', 'a thermometer', 'a rack'],
    look: ['it floats and stops hissing hard', 'gold, and rings when tapped'],
    mind: [HOT_OIL],
  },
  {
    id: 'deep fry',
    name: 'Deep-fried',
    meal: 'battered and fried',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the oil',
      usualC: 175,
      rangeC: [150, 190],
      amount: { is: 'l', usual: 3 },
      turns: [1],
      fire: oil,
      rests: 'on a rack',
    },
    cuts: ALL,
    thickMm: [4, 55],
    fat: 'lean',
    why: 'dry and cold before, crisp and moist after',
    whyNot: 'oily fish in oil is heavy',
    rule: 'thickness',
    gear: ['a deep heavy pot', 'a thermometer', 'a rack'],
    look: ['the hiss grows quiet', 'gold at the fins'],
    mind: [HOT_OIL],
  },
  {
    id: 'dredge',
    name: 'Dredged twice',
    meal: 'battered and fried',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the oil',
      usualC: 175,
      rangeC: [160, 190],
      amount: { is: 'l', usual: 1.5 },
      turns: [1],
      fire: (s) => ({ ...oil(s), surface: { h: 300, c: 'bath' } }),
      rests: 'on a rack',
    },
    cuts: ['fillet', 'portion', 'wing'],
    thickMm: [5, 25],
    fat: 'either',
    why: 'flour, egg, flour: it holds soft flesh together',
    whyNot: 'too thick for its crust',
    rule: 'thickness',
    gear: ['a pan with a high rim', 'three plates', 'a rack'],
    look: ['gold on both sides', 'no steam from a cut'],
    mind: [HOT_OIL],
  },
  {
    id: 'simmer',
    name: 'Simmered in a sauce',
    meal: 'simmered in a sauce',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the sauce',
      usualC: 90,
      rangeC: [80, 98],
      amount: { is: 'l', usual: 1 },
      turns: [0],
      fire: liquid(true, 350),
      rests: 'in the sauce, off the heat',
    },
    cuts: ['fillet', 'portion', 'steak', 'wing'],
    thickMm: [6, 45],
    fat: 'either',
    why: 'a sauce forgives',
    whyNot: 'too thin: it breaks up',
    rule: 'thickness',
    gear: ['a wide pan with a lid'],
    look: ['flakes part at a nudge', 'it gives up no more milk'],
    mind: [GAS],
  },
  {
    id: 'stick',
    name: 'Split stick over embers',
    meal: 'open fire',
    middle: 'cooked',
    heat: {
      place: 'embers',
      of: 'the embers',
      usualC: 250,
      rangeC: [180, 320],
      amount: null,
      turns: [1],
      fire: (s) => ({
        bath: steadyBath(s.mediumC),
        surface: { h: 10, c: 45, wet: 0.3 },
        other: { h: 40, c: 'bath', wet: 0.25 },
        turns: evenTurns(s.turns),
        rest: OPEN_BOARD,
      }),
      rests: 'on a leaf or a board',
    },
    cuts: ['fillet', 'whole', 'steak'],
    thickMm: [8, 40],
    fat: 'oily',
    why: 'its fat bastes it over embers',
    whyNot: 'lean flesh falls off the stick',
    rule: null,
    gear: ['a green stick of hazel or willow, split', 'wire or bark'],
    look: ['fat runs and drips clear', 'flakes part from the stick'],
    mind: [OPEN_FIRE, 'No yew, laburnum, oleander or elder: their wood is poison.'],
  },
  {
    id: 'hot smoke',
    name: 'Smoked hot',
    meal: 'smoked',
    middle: 'cooked',
    heat: {
      place: 'embers',
      of: 'the smoke',
      usualC: 110,
      rangeC: [80, 130],
      amount: null,
      turns: [0],
      fire: (s) => ({ bath: steadyBath(s.mediumC), surface: { h: 18, c: 'bath', wet: 0.15 }, rest: OPEN_BOARD }),
      rests: 'hanging, until it is cold',
    },
    cuts: ['fillet', 'portion', 'whole', 'steak'],
    thickMm: [8, 80],
    fat: 'oily',
    why: 'oily: it takes smoke and stays moist',
    whyNot: 'lean flesh dries in smoke',
    rule: null,
    gear: ['a smoker or a lidded pan', 'dust of beech, alder or oak', 'a thermometer in the fish'],
    look: ['bronze, and dry to the finger', 'flakes part at the thickest'],
    mind: [
      'To keep, its middle is held at 63° for half an hour.',
      OPEN_FIRE,
      'Smoke and embers give off a gas that kills unseen: outdoors only.',
    ],
  },
  {
    id: 'cakes',
    name: 'Cakes of what is left',
    meal: 'cakes',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the pan',
      usualC: 170,
      rangeC: [150, 190],
      amount: { is: 'kg', usual: 2 },
      turns: [1],
      fire: pan,
      rests: 'on a warm plate',
    },
    cuts: ['portion'],
    thickMm: [15, 35],
    fat: 'either',
    why: 'what is cooked and flaked binds with potato',
    whyNot: 'raw pieces are better whole',
    rule: null,
    gear: ['a heavy pan'],
    look: ['a crust that lets go by itself', 'steaming in the middle'],
    mind: ['What was cooked before is heated steaming hot, once.', GAS],
  },
  {
    id: 'soup',
    name: 'Soup',
    meal: 'soup',
    middle: 'cooked',
    heat: {
      place: 'ring',
      of: 'the soup',
      usualC: 90,
      rangeC: [80, 98],
      amount: { is: 'l', usual: 2 },
      turns: [0],
      fire: liquid(true, 500),
      rests: 'in the soup, off the heat',
    },
    cuts: ['fillet', 'portion', 'steak'],
    thickMm: [6, 40],
    fat: 'lean',
    why: 'small pieces and trimmings are good in it',
    whyNot: 'oily fish clouds a soup',
    rule: 'thickness',
    gear: ['a pot'],
    look: ['pieces just hold together'],
    mind: [GAS],
  },
  {
    id: 'stock',
    name: 'Stock from clean frames',
    meal: 'stock',
    middle: 'cooked',
    heat: null,
    cuts: ['whole'],
    thickMm: [2, 400],
    fat: 'lean',
    why: 'bones and heads of white fish',
    whyNot: 'oily frames turn a stock rank',
    rule: null,
    gear: ['a pot', 'a fine sieve'],
    look: ['clear, and smells sweet'],
    mind: [
      'Gills, guts, dark blood and eyes of old fish stay out. 25 minutes at a shiver: longer it turns bitter. Cold within two hours.',
    ],
  },
] as const satisfies readonly Method[];

export type MethodId = (typeof METHODS)[number]['id'];

export const methodOf = (id: string): Method | null => METHODS.find((m) => m.id === id) ?? null;

/** What is usually set. */
export const usualSetting = (heat: MethodHeat): Setting => ({
  mediumC: heat.usualC,
  amount: heat.amount?.usual ?? 1,
  turns: heat.turns[0] ?? 0,
});

/** What is wrong with a setting, in a sentence; null when nothing. */
export function settingTrouble(heat: MethodHeat, { mediumC, amount }: Setting): string | null {
  const [least, most] = heat.rangeC;
  if (!Number.isFinite(mediumC) || mediumC < least || mediumC > most)
    return `${heat.of.charAt(0).toUpperCase()}${heat.of.slice(1)} is between ${least}° and ${most}°.`;
  if (heat.amount && !(amount > 0 && amount <= 60))
    return heat.amount.is === 'l'
      ? 'Give litres, more than nothing.'
      : 'Give the pan’s weight in kg, more than nothing.';
  return null;
}
