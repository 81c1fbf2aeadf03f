import type { StiffNow } from '../fresh/index.ts';
import { formFacts, meatIn, shareOfRound } from '../larder/index.ts';
import { platesFrom } from '../plates/index.ts';
import { METRIC, sayShortLength, type Units } from '../units/index.ts';
import type { SpeciesFacts } from '../species/index.ts';
import type { Purpose } from './route/purpose.ts';
import { type CutRoute, type RouteName, routeOf } from './routes.ts';
import { type Cuttable, routesFor } from './routes-for.ts';

/** A route for the fish in hand: what it gives, and what speaks for or against it. */
export interface Proposal {
  readonly route: RouteName;
  /** What comes off the board to be packed or cooked, g. */
  readonly offBoardG: number;
  /** Of that boneless meat, g. */
  readonly meatG: number;
  readonly onTheBone: boolean;
  readonly plates: number;
  readonly reasons: readonly string[];
}

export interface ProposeFor {
  /** Of all fish together, g. */
  readonly massG: number;
  readonly count: number;
  readonly purpose: Purpose;
  /** Null where nothing is known of it. */
  readonly stiff: StiffNow | null;
  /** Length of one, mm; null where it was not measured. */
  readonly lengthMm: number | null;
  /** The pan or dish that it must lie in, mm; null for any. */
  readonly panMm: number | null;
  /** In which lengths are told. */
  readonly units?: Units;
}

export interface ProposeSpecies extends Cuttable, Pick<SpeciesFacts, 'yields'> {
  readonly figure: Cuttable['figure'] & { readonly gill?: { readonly u: number } };
}

/** Below, a fillet is a mouthful; above, a fish wants steaks or loins, g. */
const SMALL_G = 300;
const LARGE_G = 3500;

const FILLETS: readonly RouteName[] = [
  'fillet from the head',
  'fillet from the tail',
  'flatfish, four fillets',
  'flatfish, two fillets',
  'four loins',
  'wings',
  'tube and arms',
  'field way, frame and guts in one',
];
const WHOLE: readonly RouteName[] = [
  'whole for the pan',
  'flatfish, whole',
  'butterfly',
  'gutted whole',
  'tail on the bone',
];

/** Which routes serve a purpose, best first; what is left out serves it less. */
const SERVES: Readonly<Record<Purpose, readonly RouteName[]>> = {
  pan: [...FILLETS, 'steaks', 'tail on the bone', 'butterfly'],
  whole: WHOLE,
  raw: FILLETS,
  freezer: [...FILLETS, 'steaks', 'gutted whole'],
  stock: ['gutted whole', 'flatfish, whole', 'tail on the bone'],
};

/** What comes off the board on a route, and for how many plates its meat is: as of the pack that it becomes. */
function gives(
  species: ProposeSpecies,
  { form }: CutRoute,
  massG: number,
): Pick<Proposal, 'offBoardG' | 'meatG' | 'onTheBone' | 'plates'> {
  const offBoardG = massG * shareOfRound(form, species);
  const meatG = meatIn(form, offBoardG, species);
  return { offBoardG, meatG, onTheBone: formFacts(form).plates === 'on the bone', plates: platesFrom(meatG).plates };
}

const isFilleting = (r: RouteName): boolean => FILLETS.includes(r) && r !== 'tube and arms';

/**
 * The routes that a species takes, best first for what it is meant for, with what each gives and why. Empty for what is never eaten.
 * Masses in g above 0, lengths in mm.
 */
export function proposeRoutes(species: ProposeSpecies, of: ProposeFor): Proposal[] {
  const eachG = of.massG / Math.max(1, of.count);
  const serves = SERVES[of.purpose];
  const scored = routesFor(species).map((name, usual) => {
    const route = routeOf(name);
    const reasons: string[] = [];
    const place = serves.indexOf(name);
    // Whole, the purpose orders them; else what is usual of the species does.
    const [byPlace, byUsual] = of.purpose === 'whole' || of.purpose === 'stock' ? [0.3, 0.02] : [0.01, 0.3];
    let score = place < 0 ? -4 : 2 - place * byPlace;
    score -= usual * byUsual;
    if (place < 0) reasons.push(AGAINST[of.purpose]);
    else if (place < 3) reasons.push(FOR[of.purpose]);
    if (of.stiff === 'stiff' || of.stiff === 'setting in') {
      if (isFilleting(name)) {
        score -= 2.5;
        reasons.push('It is stiff now: it tears, and more meat stays on the bones. Wait, or leave it whole.');
      } else if (WHOLE.includes(name)) reasons.push('Stiffness does no harm here.');
    }
    if (eachG < SMALL_G && isFilleting(name)) {
      score -= 2;
      reasons.push('Such a small fish gives one bite per side. Whole or butterflied, more of it is eaten.');
    }
    if (eachG > LARGE_G && WHOLE.includes(name) && name !== 'gutted whole') {
      score -= 2;
      reasons.push('Too thick to cook evenly in one piece.');
    }
    if (eachG > LARGE_G && (name === 'steaks' || name === 'four loins')) {
      score += 0.6;
      reasons.push('Large enough for pieces as thick as two fingers.');
    }
    if (of.panMm !== null && of.lengthMm !== null && (name === 'whole for the pan' || name === 'flatfish, whole'))
      reasons.push(inPan(of.lengthMm, of.panMm, species.figure.gill?.u ?? 0.25, of.units));
    return { score, usual, proposal: { route: name, ...gives(species, route, of.massG), reasons } };
  });
  return scored.sort((a, b) => b.score - a.score || a.usual - b.usual).map((s) => s.proposal);
}

const FOR: Readonly<Record<Purpose, string>> = {
  pan: 'Boneless, even, and done in minutes.',
  whole: 'Cooked on the bone it stays moist, and no meat is lost on the bones.',
  raw: 'Lean pieces without bone, dark line or skin.',
  freezer: 'Freezes fast and flat, and leaves little air around it.',
  stock: 'The whole of it goes into the pot, without gills.',
};
const AGAINST: Readonly<Record<Purpose, string>> = {
  pan: 'Takes longer to cook, and has bones.',
  whole: 'It falls apart while cooking.',
  raw: 'Bones and skin would have to come off anyway.',
  freezer: 'Takes more room, and freezes slowly.',
  stock: 'The leftovers are enough for a stock.',
};

/** Whether a fish lies in a pan: whole, without its head, or not. */
function inPan(lengthMm: number, panMm: number, headU: number, units: Units = METRIC): string {
  const long = (mm: number): string => sayShortLength(Math.round(mm / 10) * 10, units);
  if (lengthMm <= panMm) return `${long(lengthMm)} fit in a pan of ${long(panMm)}.`;
  const headless = lengthMm * (1 - headU);
  if (headless <= panMm)
    return `${long(lengthMm)} are too long for a pan of ${long(panMm)}; without its head ${long(headless)} are left, and fit.`;
  const body = headless - lengthMm * 0.14;
  if (body <= panMm) return `Head and tail off, ${long(body)} of it fit in a pan of ${long(panMm)}.`;
  return `Even without head and tail ${long(body)} are longer than a pan of ${long(panMm)}: halve it, or take the oven.`;
}
