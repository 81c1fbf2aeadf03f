import type { PackForm } from '../larder/index.ts';
import type { Stage } from './mass-balance.ts';

/** A way through the board, as data: what it gives, what is weighed on it and how each weighing is called. */
export interface CutRoute {
  readonly name: string;
  /** What its pieces are in the larder. */
  readonly form: PackForm;
  /** Pieces of one fish. */
  readonly pieces: number;
  /** Which cut lines are drawn on the figure. */
  readonly drawn: 'fillet' | 'steaks' | 'butterfly';
  /** What is weighed, in order, with its name and what to do before it. The first is the whole fish. */
  readonly stages: Readonly<Partial<Record<Stage, RouteStage>>>;
  /** Stages for which a species' usual shares hold; they are told of fillets, and of wings for a ray. */
  readonly usual: readonly Stage[];
}

export interface RouteStage {
  readonly name: string;
  /** In one word, for a key or a station; the name where left out. */
  readonly short?: string;
  readonly todo: string;
  /** How the blade is kept from the hands; nothing where none is used. What stings or pricks is told by the species. */
  readonly caution?: string;
}

const WHOLE: RouteStage = { name: 'Whole', todo: 'Weigh it whole, wiped.' };
const GUTTED: RouteStage = {
  name: 'Gutted',
  todo: 'Gut it, gills out, wipe it clean, and weigh.',
  caution: 'Blade up and away from you; only the tip goes in, so that the gut stays whole.',
};
const FILLETS: RouteStage = {
  name: 'Fillets, skin on',
  short: 'Fillets',
  todo: 'Take both sides off the bone, and weigh them.',
  caution: 'The other hand holds behind the edge, in the cut-proof glove.',
};
const TRIMMED: RouteStage = {
  name: 'Trimmed',
  todo: 'Skin, bone and trim, and weigh what will be eaten.',
  caution: 'Skin toward you, blade flat and away; keep the fingers off its path.',
};

const fillets = <const N extends string>(name: N, pieces: number, todo = FILLETS.todo) =>
  ({
    name,
    form: 'fillets',
    pieces,
    drawn: 'fillet',
    stages: { round: WHOLE, gutted: GUTTED, fillets: { ...FILLETS, todo }, trimmed: TRIMMED },
    usual: ['gutted', 'fillets', 'trimmed'],
  }) as const;

/** The ways through the board. A name stands in the log for ever: one that is dropped stays here for what was cut so. */
export const CUT_ROUTES = [
  fillets('fillet from the head', 2),
  fillets('fillet from the tail', 2),
  {
    name: 'gutted whole',
    form: 'whole',
    pieces: 1,
    drawn: 'fillet',
    stages: { round: WHOLE, gutted: GUTTED },
    usual: ['gutted'],
  },
  {
    name: 'steaks',
    form: 'steaks',
    pieces: 1,
    drawn: 'steaks',
    stages: {
      round: WHOLE,
      gutted: GUTTED,
      trimmed: {
        name: 'Steaks',
        todo: 'Head and tail off, cut across into steaks, and weigh them with the bone.',
        caution:
          'The backbone wants a saw or a serrated blade; the fish lies flat and dry under the other hand, in the cut-proof glove.',
      },
    },
    usual: ['gutted'],
  },
  {
    name: 'butterfly',
    form: 'whole',
    pieces: 1,
    drawn: 'butterfly',
    stages: {
      round: WHOLE,
      gutted: GUTTED,
      trimmed: {
        name: 'Opened flat',
        todo: 'Open it along the back, lift the bone out, and weigh what lies flat.',
        caution: 'The other hand holds behind the edge, in the cut-proof glove.',
      },
    },
    usual: ['gutted'],
  },
  fillets('flatfish, four fillets', 4, 'Take two fillets off each side, along the middle line first, and weigh them.'),
  {
    name: 'wings',
    form: 'wings',
    pieces: 2,
    drawn: 'fillet',
    stages: {
      round: WHOLE,
      fillets: {
        name: 'Wings, skin on',
        short: 'Wings',
        todo: 'Cut both wings off along the body, and weigh them.',
        caution: 'Blade away from the hand that holds the wing, in the cut-proof glove.',
      },
      trimmed: {
        name: 'Wings, skinned',
        short: 'Skinned',
        todo: 'Pull the skin off with pliers, and weigh what will be eaten.',
        caution: 'Pull with pliers, away from you; where the knife helps, it lies flat and points away.',
      },
    },
    usual: ['fillets', 'trimmed'],
  },
  {
    name: 'tail on the bone',
    form: 'whole',
    pieces: 1,
    drawn: 'fillet',
    stages: {
      round: WHOLE,
      trimmed: {
        name: 'Tail',
        todo: 'Take head and guts off in one, skin the tail, and weigh it on the bone.',
        caution: 'Blade away from the hand that holds the tail, in the cut-proof glove.',
      },
    },
    usual: [],
  },
] as const satisfies readonly CutRoute[];

export type RouteName = (typeof CUT_ROUTES)[number]['name'];

/** Whether nothing is cut off on a route: such a fish may be packed before it is weighed on the board. */
export const staysWhole = (route: CutRoute): boolean => !route.stages.fillets && !route.stages.trimmed;

/** A route by its name; one that only a newer version knows is cut and called as fillets are. */
export const routeOf = (name: string): CutRoute => CUT_ROUTES.find((r) => r.name === name) ?? CUT_ROUTES[0];
