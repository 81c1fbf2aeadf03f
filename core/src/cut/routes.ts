import type { PackForm } from '../larder/index.ts';
import type { Stage } from './mass-balance.ts';
import type { Condition } from './route/cut-case.ts';
import type { Weighing } from './route/step.ts';
import type { StepId } from './route/steps.ts';
import { type WeighingId, WEIGHINGS } from './route/weighings.ts';
import type { WayName } from './route/way-names.ts';

/** A step of a route, and when it is due; alone it always is. */
export type RouteItem = StepId | WeighingId | readonly [StepId, ...Condition[]];

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

export type RouteStage = Omit<Weighing, 'weigh'>;

const way = <const O extends WayName, const I extends string>(of: O, is: I) => ({ of, is }) as const;

/** Before anything is cut: hands, venomous spines by the house way, cleaned, weighed. */
const BEGIN = [
  'hands ready',
  ['spines off', 'venomous', way('spines', 'cut off first')],
  ['spines left on', 'venomous', way('spines', 'left, and cut round')],
  ['wiped', way('rinse', 'a cloth only')],
  ['rinsed in sea water', way('rinse', 'sea water')],
  ['rinsed in fresh water', way('rinse', 'fresh water')],
  'weigh whole',
] as const satisfies readonly RouteItem[];
const GUT = [
  ['belly open', 'not gutted'],
  ['guts out', 'not gutted'],
  ['gills out', 'not gutted'],
  'blood line scraped',
  'weigh gutted',
] as const satisfies readonly RouteItem[];
const GUT_FLAT = [
  ['gut pocket open', 'not gutted'],
  ['guts out', 'not gutted'],
  'weigh gutted',
] as const satisfies readonly RouteItem[];
const SCALE = [['scaled', 'scaly', way('scales', 'off'), way('skin', 'on')]] as const satisfies readonly RouteItem[];
const SKIN = [
  ['skinned', way('skin', 'off'), way('skinning', 'with the blade')],
  ['skin pulled off', way('skin', 'off'), way('skinning', 'by pulling')],
] as const satisfies readonly RouteItem[];
const TRIM = [
  'ribs off',
  ...SKIN,
  ['pin bones out', 'pin bones', way('pin bones', 'with tweezers')],
  ['pin bones cut out', 'pin bones', way('pin bones', 'with a V-cut')],
  ['dark line out', 'dark line'],
  ['cheeks and throat out', 'big head'],
  'weigh trimmed',
] as const satisfies readonly RouteItem[];

/** The names of a route's steps, those that are not always due too. */
export const stepIds = (steps: readonly RouteItem[]): (StepId | WeighingId)[] =>
  steps.map((item) => (typeof item === 'string' ? item : item[0]));

function route<const N extends string>(
  name: N,
  of: Pick<CutRoute, 'form' | 'pieces' | 'usual'> & { readonly steps: readonly RouteItem[] },
): CutRoute & { readonly name: N } {
  const stages: Partial<Record<Stage, RouteStage>> = {};
  for (const id of stepIds(of.steps)) {
    if (!Object.hasOwn(WEIGHINGS, id)) continue;
    const { weigh, ...stage }: Weighing = WEIGHINGS[id as WeighingId];
    stages[weigh] = stage;
  }
  return { name, ...of, stages };
}

const FILLETS = { form: 'fillets', usual: ['gutted', 'fillets', 'trimmed'] } as const;

/** The ways through the board. A name stands in the log for ever: one that is dropped stays here for what was cut so. */
export const CUT_ROUTES = [
  route('fillet from the head', {
    ...FILLETS,
    pieces: 2,
    steps: [
      ...BEGIN,
      ...SCALE,
      ...GUT,
      'cut in behind the head',
      'side one off, from the head',
      'side two off',
      'weigh fillets',
      ...TRIM,
    ],
  }),
  route('fillet from the tail', {
    ...FILLETS,
    pieces: 2,
    steps: [
      ...BEGIN,
      ...SCALE,
      ...GUT,
      'notched at the tail',
      'side one off, from the tail',
      'side two off',
      'weigh fillets',
      ...TRIM,
    ],
  }),
  route('gutted whole', { form: 'gutted', pieces: 1, usual: ['gutted'], steps: [...BEGIN, ...GUT] }),
  route('whole for the pan', {
    form: 'gutted',
    pieces: 1,
    usual: ['gutted'],
    steps: [
      ...BEGIN,
      'fins off',
      ['scaled', 'scaly', way('scales', 'off')],
      ['belly open', 'not gutted'],
      ['guts out', 'not gutted'],
      ['gills out', 'not gutted'],
      'blood line scraped',
      ['flanks slashed', 'thick'],
      'head off for the pan',
      'weigh gutted',
    ],
  }),
  route('steaks', {
    form: 'steaks',
    pieces: 1,
    usual: ['gutted'],
    steps: [
      ...BEGIN,
      ['scaled', 'scaly', way('scales', 'off')],
      ...GUT,
      'head and tail off',
      'steaks cut',
      'weigh steaks',
    ],
  }),
  route('butterfly', {
    form: 'butterflied',
    pieces: 1,
    usual: ['gutted'],
    steps: [
      ...BEGIN,
      ['scaled', 'scaly', way('scales', 'off')],
      ...GUT,
      'open to the tail',
      'backbone out',
      'weigh flat',
    ],
  }),
  route('flatfish, four fillets', {
    ...FILLETS,
    pieces: 4,
    steps: [
      ...BEGIN,
      ...GUT_FLAT,
      'middle line cut',
      'eyed side off',
      'blind side off',
      'weigh four',
      ...SKIN,
      'weigh trimmed',
    ],
  }),
  route('flatfish, two fillets', {
    ...FILLETS,
    pieces: 2,
    steps: [
      ...BEGIN,
      ...GUT_FLAT,
      'eyed side off in one',
      'blind side off in one',
      'weigh two',
      ...SKIN,
      'weigh trimmed',
    ],
  }),
  route('flatfish, whole', {
    form: 'gutted',
    pieces: 1,
    usual: ['gutted'],
    steps: [...BEGIN, 'fins off', ...GUT_FLAT.slice(0, 2), 'head off for the pan', 'weigh gutted'],
  }),
  route('wings', {
    form: 'wings',
    pieces: 2,
    usual: ['fillets', 'trimmed'],
    steps: [...BEGIN, 'wings off', 'weigh wings', 'wings soaked', 'wings skinned', 'weigh skinned wings'],
  }),
  route('tail on the bone', {
    form: 'tail',
    pieces: 1,
    usual: [],
    steps: [...BEGIN, 'head and guts off', 'tail skinned', 'weigh tail'],
  }),
  route('four loins', {
    form: 'loins',
    pieces: 4,
    usual: ['fillets', 'trimmed'],
    steps: [
      ...BEGIN,
      'head off with the guts',
      'back loins off',
      'belly loins off',
      'weigh loins',
      ...SKIN,
      'dark line off the loins',
      'weigh trimmed',
    ],
  }),
  route('field way, frame and guts in one', {
    ...FILLETS,
    pieces: 2,
    usual: ['fillets', 'trimmed'],
    steps: [...BEGIN, ...SCALE, 'back opened', 'frame, head and guts off', 'weigh fillets', ...TRIM],
  }),
  route('tube and arms', {
    form: 'tubes',
    pieces: 1,
    usual: ['trimmed'],
    steps: [...BEGIN, 'arms off', 'beak out', 'head and guts drawn', 'mantle skinned', 'mantle opened', 'weigh tube'],
  }),
] as const satisfies readonly CutRoute[];

export type RouteName = (typeof CUT_ROUTES)[number]['name'];

/** Every route's name, for what is kept in the log. */
export const ROUTE_NAMES: readonly RouteName[] = CUT_ROUTES.map((r) => r.name);

/** Whether nothing is cut off on a route: such a fish may be packed before it is weighed on the board. */
export const staysWhole = (r: CutRoute): boolean => !r.stages.fillets && !r.stages.trimmed;

/** Whether what comes off the board holds its bone: its share of the whole is not meat alone. */
export const isOnTheBone = (r: CutRoute): boolean => r.form === 'steaks' || r.form === 'tail';

/** A route by its name; one that only a newer version knows is cut and called as fillets are. */
export const routeOf = (name: string): CutRoute => CUT_ROUTES.find((r) => r.name === name) ?? CUT_ROUTES[0];
