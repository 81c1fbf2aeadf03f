import { MARINADE_NAMES } from './marinade-names.ts';
import type { MethodId } from './methods.ts';
import type { Method } from './method.ts';
import type { PieceCut } from './piece.ts';

/** What fish lies in before its fire, and how long. */
export interface MarinadeAsked {
  /** Which of `MARINADES`. */
  readonly id: string;
  readonly minutes: number;
}

/** Something that fish lies in before its fire, as data. */
export interface Marinade {
  readonly id: string;
  /** In a sentence: "in buttermilk". */
  readonly name: string;
  /** How it is laid in, and what is done with it after. */
  readonly say: string;
  readonly after: string;
  /** Usual, and no longer than so, min. */
  readonly usualMin: number;
  readonly mostMin: number;
  /** What a quarter of an hour does, a night, and why it lies no longer. */
  readonly quarter: string;
  readonly overnight: string;
  readonly notLonger: string;
  /** Salt where it touches the flesh, percent of the flesh; null without salt. `dry`: only so much of it lies on the fish, percent of its mass. */
  readonly saltPercent: number | null;
  readonly dryPercent?: number;
  /** Citrus in it turns the outside white. */
  readonly citrus?: true;
  /** Whether it may become sauce: after it has boiled, since raw fish lay in it. */
  readonly sauce: 'no' | 'boiled';
  /** Its sugar or its dairy burns: no hotter than so in a way, degC. */
  readonly mostC?: Readonly<Partial<Record<MethodId, number>>>;
  readonly mind?: string;
  readonly with: readonly MethodId[];
  readonly cuts: readonly PieceCut[];
}

const OPEN: readonly PieceCut[] = ['fillet', 'portion', 'steak', 'wing', 'tube', 'cheek'];
const ALSO_WHOLE: readonly PieceCut[] = [...OPEN, 'whole', 'collar'];
const DRY: readonly MethodId[] = ['pan', 'grill', 'roast'];
const DRY_WHOLE: readonly MethodId[] = [...DRY, 'pan, whole', 'grill, whole', 'stick'];
const FAT: readonly MethodId[] = ['batter', 'deep fry', 'dredge'];
/** Sugar turns bitter from about 190 degC on; a pan and a grill are hotter at the fish than an oven. Our own assumption. */
const SUGAR_C: Marinade['mostC'] = { pan: 160, grill: 210, roast: 200, 'hot smoke': 120 };

/** What is usual, by what it is made of. Times are of common practice; what salt and citrus do meanwhile is calculated. */
export const MARINADES = [
  {
    id: 'salted',
    name: MARINADE_NAMES.salted,
    say: 'Salt on all sides, a teaspoon for 400 g, on a rack in the fridge.',
    after: 'Brush the salt off and dry it well.',
    usualMin: 20,
    mostMin: 60,
    quarter: 'seasons the outside and draws water, so that it browns and sticks less',
    overnight: 'cures it: firm, salty and dark',
    notLonger: 'After an hour it begins to cure: that is a way of its own, in salt.',
    saltPercent: 20,
    dryPercent: 1.5,
    sauce: 'no',
    with: [...DRY_WHOLE, ...FAT, 'steam', 'poach, from hot', 'simmer', 'soup', 'parcel'],
    cuts: ALSO_WHOLE,
  },
  {
    id: 'brine',
    name: MARINADE_NAMES.brine,
    say: '64 g of salt in a litre of cold water, enough to cover it; in the fridge.',
    after: 'Rinse it, and dry it well. Throw the brine away.',
    usualMin: 30,
    mostMin: 120,
    quarter: 'keeps its outside moist, and less white comes out of it on the heat',
    overnight: 'makes it as salty as ham',
    notLonger: 'After two hours it is too salty for a dish that is not smoked.',
    saltPercent: 4.7,
    sauce: 'no',
    with: [...DRY_WHOLE, 'deep fry', 'steam', 'parcel', 'hot smoke'],
    cuts: ALSO_WHOLE,
  },
  {
    id: 'milk',
    name: MARINADE_NAMES.milk,
    say: 'Covered with cold milk, in the fridge.',
    after: 'Take it out and dry it. Throw the milk away.',
    usualMin: 30,
    mostMin: 120,
    quarter: 'draws out blood and takes the edge off a strong smell',
    overnight: 'does no more than an hour does',
    notLonger: 'It does no more after two hours, and raw fish does not gain by lying.',
    saltPercent: null,
    sauce: 'no',
    with: [...FAT, 'pan', 'poach, from hot'],
    cuts: [...OPEN, 'roe', 'liver'],
  },
  {
    id: 'buttermilk',
    name: MARINADE_NAMES.buttermilk,
    say: 'Turned in buttermilk with salt and pepper, in the fridge.',
    after: 'Let it drip, and flour it wet. Throw the rest away.',
    usualMin: 45,
    mostMin: 480,
    quarter: 'gives flour something to hold on to',
    overnight: 'makes its outside mealy',
    notLonger: 'After eight hours its acid makes the outside mealy.',
    saltPercent: null,
    sauce: 'no',
    with: [...FAT, 'pan'],
    cuts: OPEN,
  },
  {
    id: 'lemon',
    name: MARINADE_NAMES.lemon,
    say: 'Lemon juice and oil, turned in it once; in the fridge.',
    after: 'Let it drip: oil flares on a fire.',
    usualMin: 15,
    mostMin: 45,
    quarter: 'sharpens the outside and turns a thin rim of it white',
    overnight: 'sets it white through, chalky and dry on the heat',
    notLonger: 'After three quarters of an hour it is chalky outside, and dries on the heat.',
    saltPercent: null,
    citrus: true,
    sauce: 'boiled',
    with: ['pan', 'grill', 'roast', 'parcel', 'stick'],
    cuts: OPEN,
  },
  {
    id: 'oil',
    name: MARINADE_NAMES.oil,
    say: 'Oil, bruised herbs and pepper rubbed in; covered, in the fridge.',
    after: 'Wipe off herbs, which burn, and most of the oil, which flares.',
    usualMin: 60,
    mostMin: 1440,
    quarter: 'coats it, so that it does not stick',
    overnight: 'scents the outside; it goes in no deeper',
    notLonger: 'A day is the limit: in oil germs grow that make no smell.',
    saltPercent: null,
    sauce: 'no',
    mind: 'Garlic or herbs in oil: always in the fridge, and used within the day. Botulism grows in oil unseen.',
    with: DRY_WHOLE,
    cuts: ALSO_WHOLE,
  },
  {
    id: 'soy',
    name: MARINADE_NAMES.soy,
    say: 'Soy sauce and sugar, as much again of water or rice wine; in the fridge.',
    after: 'Wipe it dry: what clings to it burns.',
    usualMin: 30,
    mostMin: 240,
    quarter: 'makes a salty, brown outside',
    overnight: 'makes it hard at the edges and too salty',
    notLonger: 'After four hours its edges are hard and too salty.',
    saltPercent: 6,
    sauce: 'boiled',
    mostC: SUGAR_C,
    with: [...DRY, 'steam', 'hot smoke'],
    cuts: [...OPEN, 'collar'],
  },
  {
    id: 'yoghurt',
    name: MARINADE_NAMES.yoghurt,
    say: 'Yoghurt with salt and ground spice, a coat as thick as a coin; in the fridge.',
    after: 'Scrape off what hangs loose: it burns.',
    usualMin: 60,
    mostMin: 480,
    quarter: 'coats it',
    overnight: 'makes its outside soft and tart',
    notLonger: 'After eight hours its outside falls off with the coat.',
    saltPercent: 1.5,
    sauce: 'no',
    mostC: { pan: 180, grill: 240, roast: 230 },
    with: DRY,
    cuts: OPEN,
  },
  {
    id: 'paste',
    name: MARINADE_NAMES.paste,
    say: 'Bean paste or mustard with sugar, thin on all sides; covered, in the fridge.',
    after: 'Wipe all of it off, without water.',
    usualMin: 240,
    mostMin: 2880,
    quarter: 'does little',
    overnight: 'firms it, seasons it deep and lets it brown like lacquer',
    notLonger: 'Two days are the limit for raw fish in a fridge.',
    saltPercent: 4,
    sauce: 'no',
    mostC: SUGAR_C,
    with: DRY,
    cuts: [...OPEN, 'collar'],
  },
] as const satisfies readonly Marinade[];

export type MarinadeId = (typeof MARINADES)[number]['id'];

/** One by its id; null of one that this version does not know. */
export const marinadeOf = (id: string): Marinade | null => MARINADES.find((m) => m.id === id) ?? null;

/** What a cut may lie in before this way: nothing before what stays raw, which has its own ways in citrus and salt. */
export const marinadesFor = (method: Method, cut: PieceCut): Marinade[] =>
  (MARINADES as readonly Marinade[]).filter(
    (m) => method.middle === 'cooked' && m.with.some((id) => id === method.id) && m.cuts.includes(cut),
  );

/** As it usually lies. */
export const usualMarinade = (m: Marinade): MarinadeAsked => ({ id: m.id, minutes: m.usualMin });

/** What is wrong with a time in it, in a sentence; null when nothing. */
export function marinadeTrouble({ id, minutes }: MarinadeAsked): string | null {
  const m = marinadeOf(id);
  if (!m) return 'This version does not know what it lies in.';
  if (!(minutes >= 1)) return 'Say how many minutes it lies in it.';
  return minutes > m.mostMin ? m.notLonger : null;
}

/** How hot the way may be after this, degC; null where it does not matter. */
export const mostCAfter = (m: Marinade, method: string): number | null => m.mostC?.[method as MethodId] ?? null;
