import { hasVenomousSpines } from '../cut/index.ts';
import type { Hazard } from '../species/index.ts';

/** What is marked on the drawing of a fish that is taken apart. */
export const APART_MARKS = [
  'fins',
  'edges',
  'side line',
  'halves',
  'frame',
  'cheek',
  'throat',
  'pin bones',
  'forked bones',
  'ribs',
  'cartilage',
] as const;
export type ApartMark = (typeof APART_MARKS)[number];

/** One thing that is done at the table, and what of the drawing shows it. */
export interface ApartStep {
  readonly say: string;
  readonly marks: readonly ApartMark[];
}

/** Bones that stay behind, and where they are felt for. */
export interface BonesLeft {
  readonly mark: ApartMark;
  readonly say: string;
}

/** How a whole cooked fish is taken apart. */
export interface TakeApart {
  readonly steps: readonly ApartStep[];
  readonly bones: readonly BonesLeft[];
  /** What is best on it, and for whom; small parts of it with their marks. */
  readonly best: readonly string[];
  readonly bestMarks: readonly ApartMark[];
  readonly mind: readonly string[];
}

/** What is asked of a species at the table. `plan`: how its body is drawn. */
export interface TakenApart {
  readonly plan: 'round' | 'flat' | 'eel' | 'ray' | 'shark' | 'squid';
  readonly family: string;
  readonly yieldClass: string;
  readonly fat: 'lean' | 'oily';
  readonly hazards: readonly Pick<Hazard, 'kind' | 'part'>[];
}

/** Families with forked bones between the muscles that no cut takes out. Sources: docs/sources.md, the table. */
const FORKED = ['Cyprinidae', 'Esocidae', 'Alosidae', 'Clupeidae'];
/** Builds without a row of pin bones in the side. */
const NO_PIN_BONES = ['tuna', 'eel', 'sole', 'turbot'];
/** Builds with too little in cheek and throat. Our own assumption. */
const NO_CHEEK = ['sole', 'eel', 'mackerel'];

const LIFT: ApartStep = {
  say: 'Take the tail, and lift the backbone off the lower side, head and all. Where it clings, the fish is not done.',
  marks: ['frame'],
};
const FROM_SIDE: readonly ApartStep[] = [
  {
    say: 'Pull the back fin out toward the head, then the fin behind the vent: their small bones come along.',
    marks: ['fins'],
  },
  { say: 'Draw a spoon along the middle of the side, from gill to tail, down to the bone.', marks: ['side line'] },
  { say: 'Push the back half up off the bone, then the belly half down.', marks: ['halves'] },
  LIFT,
];
const FLAT: readonly ApartStep[] = [
  { say: 'Press a spoon along both edges, and push the fringe of fins off with its bones.', marks: ['edges'] },
  { say: 'Draw the spoon along the middle, from head to tail, down to the bone.', marks: ['side line'] },
  { say: 'Push both upper fillets outward off the bone.', marks: ['halves'] },
  LIFT,
];
const RAY: readonly ApartStep[] = [
  {
    say: 'Scrape the flesh off the thick edge toward the thin one, along the rods. It comes off in strands.',
    marks: ['cartilage'],
  },
  { say: 'Turn the wing over, or lift the fan of rods off: the lower side lies free.', marks: ['cartilage'] },
];
const SHARK: readonly ApartStep[] = [
  {
    say: 'Pull off the skin. Push the flesh off the one rod in the middle: there are no other bones.',
    marks: ['frame'],
  },
];

/** Whether forked bones lie loose in its flesh. */
const hasForked = ({ family }: TakenApart): boolean => FORKED.some((f) => family.startsWith(f));

/** The bones that stay in the flesh of a fish with a backbone of bone. */
function bonesLeft(s: TakenApart): BonesLeft[] {
  const flat = s.plan === 'flat';
  const forked = hasForked(s);
  const pin = !flat && !forked && !NO_PIN_BONES.includes(s.yieldClass);
  return [
    ...(flat ? [{ mark: 'edges', say: 'Fringe: a comb of fine bones along both edges.' } as const] : []),
    ...(pin
      ? [
          {
            mark: 'pin bones',
            say: 'Pin bones: one row in the front third of each side, at the lower rim of the back half.',
          } as const,
        ]
      : []),
    ...(forked
      ? [
          {
            mark: 'forked bones',
            say: 'Forked bones: loose in the back, from the head to behind the back fin, and in the tail. No cut takes them all out.',
          } as const,
        ]
      : []),
    {
      mark: 'ribs',
      say: flat
        ? 'Ribs: a few beside the belly pocket, behind the head.'
        : 'Ribs: over the belly. They cling to the backbone when it is done; look for strays.',
    },
  ];
}

/**
 * How a whole cooked fish is taken apart on the plate, by its build: what to do in which order, which rows of bones stay where, what is best
 * on it. Null of what is not served whole: squid, and what is never eaten.
 */
export function takeApart(s: TakenApart): TakeApart | null {
  if (s.plan === 'squid' || s.yieldClass === 'none' || s.yieldClass === 'squid') return null;
  const mind = hasVenomousSpines(s.hazards)
    ? ['Its spines stab cooked as well as raw: cut them off in the kitchen, before it comes to the table.']
    : [];
  if (s.plan === 'ray')
    return {
      steps: RAY,
      bones: [{ mark: 'cartilage', say: 'A fan of soft rods between two layers of flesh; no bone.' }],
      best: ['The thick edge by the body is the best of it.', 'No bones: the fish for a child.'],
      bestMarks: [],
      mind,
    };
  if (s.plan === 'shark' || s.yieldClass === 'shark')
    return { steps: SHARK, bones: [], best: ['No bones: the fish for a child.'], bestMarks: [], mind };
  const flat = s.plan === 'flat';
  const forked = hasForked(s);
  const cheek = !NO_CHEEK.includes(s.yieldClass);
  return {
    steps: flat ? FLAT : FROM_SIDE,
    bones: bonesLeft(s),
    bestMarks: cheek ? ['cheek', 'throat'] : [],
    best: [
      ...(cheek ? ['Cheeks under the eyes and the throat between the gill covers: the firmest bites.'] : []),
      flat ? 'The upper side is thicker than the lower one.' : 'Behind the head it is thickest and moistest.',
      ...(s.fat === 'oily' && !flat ? ['The belly is the fattest.'] : []),
      forked
        ? 'No part is free of small bones: not for small children.'
        : flat
          ? 'The middle of a fillet is free of bones: for a child.'
          : 'Behind the vent it has neither ribs nor pin bones: for a child.',
    ],
    mind,
  };
}

/** How a fish is shared at the table: sides that stay whole, or each cut across. */
export interface SharedSides {
  /** Plates that each fish gives. */
  readonly perFish: number;
  /** Into so many parts each of its two sides is cut. */
  readonly partsASide: number;
  /** Cooked meat for each plate, g: between these. */
  readonly plateG: { readonly low: number; readonly high: number };
}

/**
 * How some fish go round some plates: each side is cut across into so many parts that there is one for each. `cookedG`: of all of them. Null
 * without fish or plates.
 */
export function shareSides(
  fish: number,
  plates: number,
  cookedG: { readonly low: number; readonly high: number },
): SharedSides | null {
  if (!(fish >= 1) || !(plates >= 1)) return null;
  const perFish = Math.max(1, plates / fish);
  return {
    perFish,
    // One plate has both sides.
    partsASide: perFish <= 2 ? 1 : Math.ceil(perFish / 2),
    plateG: { low: cookedG.low / plates, high: cookedG.high / plates },
  };
}
