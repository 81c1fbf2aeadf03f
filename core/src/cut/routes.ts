import type { PackForm } from '../larder/index.ts';
import type { Stage } from './mass-balance.ts';
import type { Condition } from './route/cut-case.ts';
import type { CutStep } from './route/step.ts';
import { type StepId, stepOf } from './route/steps.ts';
import type { WayName } from './route/ways.ts';

/** A step of a route, and when it is due; alone it always is. */
export type RouteItem = StepId | readonly [StepId, ...Condition[]];

/** A way through the board, as data: its steps, what it gives, and how each weighing is called on it. */
export interface CutRoute {
  readonly name: string;
  /** What its pieces are in the larder. */
  readonly form: PackForm;
  /** Pieces of one fish. */
  readonly pieces: number;
  readonly steps: readonly RouteItem[];
  /** What is weighed, in order, with its name and what to do before it. The first is the whole fish. */
  readonly stages: Readonly<Partial<Record<Stage, RouteStage>>>;
  /** Stages for which a species' usual shares hold; they are told of fillets, and of wings for a ray. */
  readonly usual: readonly Stage[];
}

export type RouteStage = Pick<CutStep, 'name' | 'short' | 'todo' | 'caution'>;

const way = <const O extends WayName, const I extends string>(of: O, is: I) => ({ of, is }) as const;

/** Before anything is cut: hands, venomous spines by the house way, cleaned, weighed. */
const BEGIN = [
  'hands',
  ['spines off', 'venomous', way('spines', 'cut off first')],
  ['spines left', 'venomous', way('spines', 'left, and cut round')],
  ['wipe', way('rinse', 'a cloth only')],
  ['rinse, sea', way('rinse', 'sea water')],
  ['rinse, fresh', way('rinse', 'fresh water')],
  'weigh whole',
] as const satisfies readonly RouteItem[];
const GUT = [
  ['open the belly', 'not gutted'],
  ['guts out', 'not gutted'],
  ['gills out', 'not gutted'],
  'kidney',
  'weigh gutted',
] as const satisfies readonly RouteItem[];
const GUT_FLAT = [
  ['gut pocket', 'not gutted'],
  ['guts out', 'not gutted'],
  'weigh gutted',
] as const satisfies readonly RouteItem[];
const SCALE = [['scale', 'scaly', way('scales', 'off'), way('skin', 'on')]] as const satisfies readonly RouteItem[];
const SKIN = [
  ['skin, blade', way('skin', 'off'), way('skinning', 'with the blade')],
  ['skin, pull', way('skin', 'off'), way('skinning', 'by pulling')],
] as const satisfies readonly RouteItem[];
const TRIM = [
  'ribs',
  ...SKIN,
  ['tweezers', 'pin bones', way('pin bones', 'with tweezers')],
  ['v-cut', 'pin bones', way('pin bones', 'with a V-cut')],
  ['dark line', 'dark line'],
  ['cheeks', 'big head'],
  'weigh trimmed',
] as const satisfies readonly RouteItem[];

/** The names of a route's steps, those that are not always due too. */
export const stepIds = (steps: readonly RouteItem[]): StepId[] =>
  steps.map((item): StepId => (typeof item === 'string' ? item : item[0]));

function route<const N extends string>(
  name: N,
  of: Pick<CutRoute, 'form' | 'pieces' | 'usual'> & { readonly steps: readonly RouteItem[] },
): CutRoute & { readonly name: N } {
  const stages: Partial<Record<Stage, RouteStage>> = {};
  for (const id of stepIds(of.steps)) {
    const { weigh, ...step } = stepOf(id) as CutStep;
    if (weigh) stages[weigh] = step;
  }
  return { name, ...of, stages };
}

const FILLETS = { form: 'fillets', usual: ['gutted', 'fillets', 'trimmed'] } as const;

/** The ways through the board. A name stands in the log for ever: one that is dropped stays here for what was cut so. */
export const CUT_ROUTES = [
  route('fillet from the head', {
    ...FILLETS,
    pieces: 2,
    steps: [...BEGIN, ...SCALE, ...GUT, 'behind the head', 'side one, head', 'side two', 'weigh fillets', ...TRIM],
  }),
  route('fillet from the tail', {
    ...FILLETS,
    pieces: 2,
    steps: [...BEGIN, ...SCALE, ...GUT, 'notch the tail', 'side one, tail', 'side two', 'weigh fillets', ...TRIM],
  }),
  route('gutted whole', { form: 'whole', pieces: 1, usual: ['gutted'], steps: [...BEGIN, ...GUT] }),
  route('whole for the pan', {
    form: 'whole',
    pieces: 1,
    usual: ['gutted'],
    steps: [
      ...BEGIN,
      'fins off',
      ['scale', 'scaly', way('scales', 'off')],
      ['open the belly', 'not gutted'],
      ['guts out', 'not gutted'],
      ['gills out', 'not gutted'],
      'kidney',
      ['slash', 'thick'],
      'head off',
      'weigh gutted',
    ],
  }),
  route('steaks', {
    form: 'steaks',
    pieces: 1,
    usual: ['gutted'],
    steps: [
      ...BEGIN,
      ['scale', 'scaly', way('scales', 'off')],
      ...GUT,
      'head and tail off',
      'cut steaks',
      'weigh steaks',
    ],
  }),
  route('butterfly', {
    form: 'whole',
    pieces: 1,
    usual: ['gutted'],
    steps: [
      ...BEGIN,
      ['scale', 'scaly', way('scales', 'off')],
      ...GUT,
      'belly to the tail',
      'lift the backbone',
      'weigh flat',
    ],
  }),
  route('flatfish, four fillets', {
    ...FILLETS,
    pieces: 4,
    steps: [
      ...BEGIN,
      ...GUT_FLAT,
      'middle line',
      'out to the edge',
      'blind side',
      'weigh four',
      ...SKIN,
      'weigh trimmed',
    ],
  }),
  route('flatfish, two fillets', {
    ...FILLETS,
    pieces: 2,
    steps: [...BEGIN, ...GUT_FLAT, 'round the edge', 'blind side, one', 'weigh two', ...SKIN, 'weigh trimmed'],
  }),
  route('flatfish, whole', {
    form: 'whole',
    pieces: 1,
    usual: ['gutted'],
    steps: [...BEGIN, 'fins off', ...GUT_FLAT.slice(0, 2), 'head off', 'weigh gutted'],
  }),
  route('wings', {
    form: 'wings',
    pieces: 2,
    usual: ['fillets', 'trimmed'],
    steps: [...BEGIN, 'free the wings', 'weigh wings', 'rest wings', 'skin wings', 'weigh skinned wings'],
  }),
  route('tail on the bone', {
    form: 'whole',
    pieces: 1,
    usual: [],
    steps: [...BEGIN, 'head and guts off', 'skin the tail', 'weigh tail'],
  }),
  route('four loins', {
    ...FILLETS,
    pieces: 4,
    usual: ['fillets', 'trimmed'],
    steps: [
      ...BEGIN,
      'head off, tuna',
      'upper loins',
      'lower loins',
      'weigh loins',
      ...SKIN,
      'loins, dark line',
      'weigh trimmed',
    ],
  }),
  route('field way, frame and guts in one', {
    ...FILLETS,
    pieces: 2,
    usual: ['fillets', 'trimmed'],
    steps: [...BEGIN, ...SCALE, 'both backs', 'frame off', 'weigh fillets', ...TRIM],
  }),
  route('tube and arms', {
    form: 'whole',
    pieces: 1,
    usual: ['trimmed'],
    steps: [...BEGIN, 'arms off', 'beak', 'draw the guts', 'skin the mantle', 'open the mantle', 'weigh tube'],
  }),
] as const satisfies readonly CutRoute[];

export type RouteName = (typeof CUT_ROUTES)[number]['name'];

/** Whether nothing is cut off on a route: such a fish may be packed before it is weighed on the board. */
export const staysWhole = (r: CutRoute): boolean => !r.stages.fillets && !r.stages.trimmed;

/** A route by its name; one that only a newer version knows is cut and called as fillets are. */
export const routeOf = (name: string): CutRoute => CUT_ROUTES.find((r) => r.name === name) ?? CUT_ROUTES[0];
