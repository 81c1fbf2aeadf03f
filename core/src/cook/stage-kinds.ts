import type { MethodId } from './methods.ts';
import type { PieceCut } from './piece.ts';

/** A fire that people put before or after another, as data. */
export interface StageKind {
  readonly id: string;
  readonly at: 'before' | 'after';
  /** Among the choices: "seared first". */
  readonly name: string;
  /** Its step: "Sear the fish". */
  readonly step: string;
  readonly say: string;
  /** The way whose fire it is, how hot, how often turned, how long, and out of the fire between, min. */
  readonly method: MethodId;
  readonly usualC: number;
  readonly turns: number;
  readonly minutes: number;
  readonly waitMin: number;
  /** The ways that it goes with, and the cuts. */
  readonly with: readonly MethodId[];
  readonly cuts: readonly PieceCut[];
  /** The liquid stays the same: what is warm in it goes on. */
  readonly sameBath?: true;
}

const FLESH: readonly PieceCut[] = ['fillet', 'portion', 'steak', 'wing'];

/** What is done before and after a fire. Times are of common practice, and can be changed; what they do to the middle is calculated. */
export const STAGES = [
  {
    id: 'seared first',
    at: 'before',
    name: 'seared first',
    step: 'Sear the fish',
    say: 'Skin down in the hot pan, without moving it, until it has colour. Then straight on.',
    method: 'pan',
    usualC: 220,
    turns: 0,
    minutes: 2,
    waitMin: 0,
    with: ['roast', 'simmer'],
    cuts: FLESH,
  },
  {
    id: 'browned first',
    at: 'before',
    name: 'browned first',
    step: 'Brown the fish',
    say: 'In the pan on both sides, two minutes each. Then straight on.',
    method: 'pan, whole',
    usualC: 200,
    turns: 1,
    minutes: 4,
    waitMin: 0,
    with: ['roast'],
    cuts: ['whole'],
  },
  {
    id: 'hot first',
    at: 'before',
    name: 'in a hot oven first',
    step: 'Roast hot',
    say: 'In the hottest oven, for colour. Then turn the heat down with the fish in it.',
    method: 'roast',
    usualC: 240,
    turns: 0,
    minutes: 6,
    waitMin: 0,
    with: ['roast'],
    cuts: ['whole'],
  },
  {
    id: 'hot side first',
    at: 'before',
    name: 'over strong heat first',
    step: 'Colour over strong heat',
    say: 'Over the hottest part until it lets go by itself. Then move it to where the heat is gentle.',
    method: 'grill',
    usualC: 310,
    turns: 1,
    minutes: 3,
    waitMin: 0,
    with: ['grill'],
    cuts: FLESH,
  },
  {
    id: 'hot side first, whole',
    at: 'before',
    name: 'over strong heat first',
    step: 'Colour over strong heat',
    say: 'Over the hottest part, two minutes a side. Then move it to where the heat is gentle.',
    method: 'grill, whole',
    usualC: 300,
    turns: 1,
    minutes: 4,
    waitMin: 0,
    with: ['grill, whole'],
    cuts: ['whole'],
  },
  {
    id: 'simmered first',
    at: 'before',
    name: 'simmered first',
    step: 'Simmer the fish',
    say: 'Keep the liquid just under the boil. Then lid on, flame off.',
    method: 'poach, from hot',
    usualC: 90,
    turns: 0,
    minutes: 3,
    waitMin: 0,
    with: ['poach, heat off'],
    cuts: ['whole', 'steak', 'portion'],
    sameBath: true,
  },
  {
    id: 'smoked first',
    at: 'before',
    name: 'smoked first',
    step: 'Smoke the fish',
    say: 'In hot smoke until it has colour. Then straight on: it is not done yet.',
    method: 'hot smoke',
    usualC: 90,
    turns: 0,
    minutes: 12,
    waitMin: 1,
    with: ['roast', 'grill'],
    cuts: FLESH,
  },
  {
    id: 'basted last',
    at: 'after',
    name: 'basted in butter last',
    step: 'Baste with butter',
    say: 'Foaming butter in a pan; spoon it over all the while.',
    method: 'pan',
    usualC: 150,
    turns: 0,
    minutes: 1,
    waitMin: 0,
    with: ['roast', 'grill', 'steam'],
    cuts: FLESH,
  },
  {
    id: 'crisped last',
    at: 'after',
    name: 'skin crisped last',
    step: 'Crisp the skin',
    say: 'Dry the skin, then skin down in a very hot pan with a little oil.',
    method: 'pan',
    usualC: 230,
    turns: 0,
    minutes: 1,
    waitMin: 1,
    with: ['steam', 'roast', 'hot smoke'],
    cuts: ['fillet', 'portion'],
  },
  {
    id: 'browned last',
    at: 'after',
    name: 'browned in the oven last',
    step: 'Brown the top',
    say: 'High in the hottest oven, with crumbs or butter on it, until the top has colour.',
    method: 'roast',
    usualC: 250,
    turns: 0,
    minutes: 3,
    waitMin: 1,
    with: ['parcel', 'poach, from hot', 'simmer'],
    cuts: [...FLESH, 'whole'],
  },
  {
    id: 'flame last',
    at: 'after',
    name: 'over the flame last',
    step: 'Finish over the flame',
    say: 'Blow up a flame, and hold it over that until the outside is crisp.',
    method: 'stick',
    usualC: 320,
    turns: 1,
    minutes: 1,
    waitMin: 0,
    with: ['stick'],
    cuts: ['fillet', 'whole', 'steak'],
  },
] as const satisfies readonly StageKind[];

export type StageId = (typeof STAGES)[number]['id'];
