import type { Asks } from '../asked.ts';
import {
  cutCase,
  hazardsAt,
  nextStep,
  type ProposeSpecies,
  routeOf,
  type Sides,
  sidesOf,
  type Stage,
  type StepDue,
  type StepSpecies,
  stepsOf,
  stepsUpTo,
  type Ways,
} from '@dagboek/core/cut';
import type { Hazard, SpeciesFacts } from '@dagboek/core/species';
import { lengthAtWeight } from '@dagboek/core/measure';
import { epochMs } from '@dagboek/core/time';
import { ANY_G } from '../bodies/body-of.ts';
import { massOf } from '../bodies/mass-of.ts';
import type { Logged } from '../../log/state/logged.ts';
import { standingLine } from '../../log/book/writing.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState, FishState } from '../../log/state/states.ts';

type ById = (id: string | null | undefined) => (SpeciesFacts & CutSpecies) | null;
/** What the board asks of a species. */
export type CutSpecies = StepSpecies & ProposeSpecies & { readonly raw: { readonly why: string } };

/**
 * The species of what lies on the board, as the one with the knife must know it: with the hazards of every kind that one of the fish may
 * be while its name is not settled. Null without a name, or before the catalogue is there.
 */
export function speciesOnBoard<S extends { readonly hazards: readonly Hazard[] }>(
  book: Book,
  fishIds: readonly string[],
  byId: (id: string | null | undefined) => S | null,
): S | null {
  const fish = fishIds.flatMap((id) => book.getAny('fish', id) ?? []);
  const species = byId(fish[0]?.species);
  if (!species) return null;
  const others = [...new Set(fish.flatMap((f) => f.orElse))].flatMap((id) => byId(id)?.hazards ?? []);
  return others.length === 0 ? species : { ...species, hazards: [...species.hazards, ...others] };
}

/** The house way; of a cut, with what is done otherwise this time. */
export const waysOf = (book: Book, cut?: Pick<CutState, 'ways'>): Ways => ({
  ...book.all('book')[0]?.ways,
  ...cut?.ways,
});

/** What lies on the board together, and what was known of it before. */
export interface OnTheBoard {
  readonly fish: readonly FishState[];
  readonly count: number;
  /** All of them together, g, by the scale on deck or out of their lengths; null where one is not known. */
  readonly knownG: number | null;
  /** Every one was on the scale. */
  readonly weighed: boolean;
}

/** The fish of a cut. */
export function onTheBoard(book: Book, fishIds: readonly string[], species: SpeciesFacts | null): OnTheBoard {
  const fish = fishIds.flatMap((f) => book.getAny('fish', f) ?? []);
  const knownG = fish.reduce<number | null>((g, f) => {
    const m = massOf(f, species);
    return g === null || !m ? null : g + m.g * f.count;
  }, 0);
  return {
    fish,
    count: fish.reduce((n, f) => n + f.count, 0),
    knownG: fish.length === 0 ? null : knownG,
    weighed: fish.every((f) => f.mass?.how === 'scale'),
  };
}

/** Whether fish came gutted onto this board: an earlier cut of them did it. */
const wasGutted = (book: Book, cut: Pick<CutState, 'id' | 'fish' | 'startedAt'>): boolean =>
  cut.fish.some((f) =>
    book
      .naming('cut', f)
      .some(
        (c) =>
          c.id !== cut.id &&
          c.startedAt < cut.startedAt &&
          (c.stages.gutted !== undefined || c.steps.some((s) => s.step === 'guts out')),
      ),
  );

/** A cut step by step: all that are due, those done, the one that comes next. */
export interface CutProgress {
  readonly steps: readonly StepDue[];
  readonly done: ReadonlySet<string>;
  readonly next: StepDue | null;
  readonly ways: Ways;
}

/** Where a cut stands on its route. `species`: of its fish. */
export function progressOf(book: Book, cut: CutState, species: ReturnType<ById>): CutProgress {
  const ways = waysOf(book, cut);
  const route = routeOf(cut.route);
  if (!species) return { steps: [], done: new Set(), next: null, ways };
  const lies = onTheBoard(book, cut.fish, species);
  const roundG = cut.stages.round?.massG ?? lies.knownG;
  const massG = roundG === null ? ANY_G : roundG / Math.max(1, lies.count);
  const steps = stepsOf(route, cutCase(species, { massG, gutted: wasGutted(book, cut), purpose: cut.purpose, ways }));
  const noted = cut.steps.map((s) => s.step);
  const next = nextStep(steps, noted, cut.stages);
  const reached = next === null ? steps.length : steps.indexOf(next);
  // What the knife has passed is done or left out; only what was noted or weighed counts as done.
  const done = new Set(
    steps
      .slice(0, reached)
      .filter((s) => noted.includes(s.id) || (s.weigh && cut.stages[s.weigh] !== undefined))
      .map((s) => s.id as string),
  );
  return { steps, done, next, ways };
}

/** The steps that lead to a weighing of a cut, without the weighing itself, and the one of them that comes next. */
export function stepsToward(progress: CutProgress, stage: Stage): { steps: StepDue[]; at: StepDue | null } {
  const steps = stepsUpTo(progress.steps, stage).filter((s) => !s.weigh);
  return { steps, at: nextStep(steps, [...progress.done], {}) };
}

/** What can hurt at a step of a cut. */
export const hazardsOfStep = (species: { readonly hazards: readonly Hazard[] }, step: StepDue): Hazard[] =>
  hazardsAt(species.hazards, step);

/** The line that noted a step, or its weighing, so that it can be struck; null where nothing was noted. */
export const lineOfStep = (cut: CutState, step: StepDue): Logged | null =>
  standingLine(cut, 'cut.stepped', (s) => s.step === step.id) ??
  (step.weigh ? standingLine(cut, 'cut.weighed', (w) => w.stage === step.weigh) : null);

/** Length of the longest of some fish, mm; null where none was measured. */
export const longestOf = (fish: readonly FishState[]): number | null =>
  fish.reduce<number | null>((mm, f) => {
    const own = f.length ? (f.length.longestMm ?? f.length.mm) : null;
    return own === null ? mm : Math.max(mm ?? 0, own);
  }, null);

/**
 * Length of what lies on the board, mm: of the longest that was measured, else what one of its weight most likely has. Null where neither
 * is known. `eachG`: of one fish, g.
 */
export function lengthOnBoard(
  fish: readonly FishState[],
  species: Pick<SpeciesFacts, 'weight'> | null,
  eachG: number | null,
): number | null {
  const measured = longestOf(fish);
  if (measured !== null || species === null || eachG === null || !(eachG > 0)) return measured;
  return lengthAtWeight(species, eachG);
}

/** Whether more than one piece may lie on the scale at a weighing: several fish, or what comes off one in pieces. */
export const severalPieces = (book: Book, cut: CutState, stage: Stage): boolean =>
  onTheBoard(book, cut.fish, null).count > 1 ||
  ((stage === 'fillets' || stage === 'trimmed') && routeOf(cut.route).pieces > 1);

/** The two sides of a single fish that were weighed apart, trimmed where both were, else as fillets; null where nobody did. */
export function sidesOfCut(book: Book, cut: CutState): Sides | null {
  if (routeOf(cut.route).pieces !== 2 || onTheBoard(book, cut.fish, null).count !== 1) return null;
  return sidesOf(cut.stages.trimmed?.pieces ?? []) ?? sidesOf(cut.stages.fillets?.pieces ?? []);
}

/** So long after it was begun a cut is still on the board, ms. */
const SAME_BOARD_MS = 6 * 3_600_000;

/** Species of other kinds that lie on the same board now: of cuts begun within six hours that gave no pack yet. */
export function alsoOnTheBoard({ book, nowMs }: Asks<'book' | 'nowMs'>, cut: CutState): string[] {
  const speciesOf = (c: CutState): string | null => book.getAny('fish', c.fish[0])?.species ?? null;
  const own = speciesOf(cut);
  const others = book
    .cutsWithoutPack()
    .filter((c) => c.id !== cut.id && nowMs - epochMs(c.startedAt) < SAME_BOARD_MS)
    .flatMap((c) => speciesOf(c) ?? []);
  return [...new Set(others)].filter((s) => s !== own);
}
