import type { Asks } from '../asked.ts';
import { proposeRoutes, type Proposal, type Purpose, type RouteName, routesFor } from '@dagboek/core/cut';
import type { StiffNow } from '@dagboek/core/fresh';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { Units } from '@dagboek/core/units';
import { ANY_G } from '../bodies/body-of.ts';
import { custodyOf } from '../places/custody.ts';
import { stiffnessOf } from '../fish/made-of.ts';
import { nextFishNumber } from '../bodies/numbers.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';
import type { Writing } from '../../log/book/writing.ts';
import { type CutSpecies, lengthOnBoard, onTheBoard } from './at-the-board.ts';
import { expectationsFor } from './expectation.ts';
import { cannotBeCut } from './may-be-cut.ts';
import { partOfLot } from '../fish/part-of-lot.ts';

/** What is chosen for the board, before the first cut. */
export interface Chosen {
  readonly fish: readonly string[];
  /** How many of a lot that was chosen alone; null: all of it. */
  readonly part: number | null;
  readonly purpose: Purpose;
}

/** The lot of which a part may go on the board: chosen alone, of two fish or more. */
export const lotAlone = (book: Book, fish: readonly string[]): FishState | null => {
  const lot = fish.length === 1 ? book.get('fish', fish[0]) : null;
  return lot && lot.count > 1 ? lot : null;
};

const stiffOf = (
  asked: Asks<'book' | 'species' | 'nowMs', SpeciesFacts & CutSpecies>,
  fishId: string,
): StiffNow | undefined => {
  const { book } = asked;
  const line = custodyOf(book, fishId);
  return line ? stiffnessOf(asked, line)?.now : undefined;
};

const isPart = (lot: FishState, part: number): boolean => Number.isInteger(part) && part >= 1 && part <= lot.count;

/** The routes that the chosen fish take, best first, with what each gives; `panMm`: what it must lie in, null for any. Empty without a name. */
export function whichRoutes(
  asked: Asks<'book' | 'species' | 'nowMs', SpeciesFacts & CutSpecies>,
  chosen: Chosen,
  panMm: number | null,
  units?: Units,
): Proposal[] {
  const { book, species: byId } = asked;
  const species = byId(book.get('fish', chosen.fish[0])?.species ?? null);
  if (!species || chosen.fish.length === 0) return [];
  const lies = onTheBoard(book, chosen.fish, species);
  const lot = lotAlone(book, chosen.fish);
  const count = lot && chosen.part !== null && isPart(lot, chosen.part) ? chosen.part : Math.max(1, lies.count);
  const eachG = lies.knownG === null ? ANY_G : lies.knownG / Math.max(1, lies.count);
  const states = chosen.fish.map((id) => stiffOf(asked, id));
  return proposeRoutes(species, {
    massG: eachG * count,
    count,
    purpose: chosen.purpose,
    stiff: states.find((s) => s === 'stiff' || s === 'setting in') ?? null,
    lengthMm: lengthOnBoard(lies.fish, species, lies.knownG === null ? null : eachG),
    panMm,
    ...(units ? { units } : {}),
  });
}

/** The writings that begin a cut, or why it cannot begin; `spoilt`: the fish that is to be thrown away instead. */
export type Begun =
  | { readonly ok: true; readonly writings: readonly Writing[] }
  | { readonly ok: false; readonly why: string; readonly spoilt: string | null };

/**
 * Begins a cut: part of a lot is taken out of it, and what the cut should yield is written down with it. `cutId`, `partId`: ids of their
 * own; `nameOf`: for the sentence of a refusal.
 */
export function ontoTheBoard(
  asked: Asks<'book' | 'species' | 'nowMs', SpeciesFacts & CutSpecies>,
  chosen: Chosen,
  of: { readonly route: RouteName; readonly by: string; readonly cutId: string; readonly partId: string },
  nameOf: (fishId: string) => string,
): Begun {
  const { book, species: byId } = asked;
  const cannot = cannotBeCut(asked, chosen.fish, nameOf);
  if (cannot) return { ok: false, ...cannot };
  const lot = lotAlone(book, chosen.fish);
  const part = lot ? (chosen.part ?? lot.count) : null;
  if (lot && part !== null && !isPart(lot, part))
    return {
      ok: false,
      why: `Of a lot of ${lot.count}, a whole number from 1 to ${lot.count} goes onto the board.`,
      spoilt: null,
    };
  const species = byId(book.get('fish', chosen.fish[0])?.species ?? null);
  const { knownG, count } = onTheBoard(book, chosen.fish, species);
  const massG = knownG === null ? null : knownG / Math.max(1, count);
  const expected = species ? expectationsFor(asked, { species, route: of.route, by: of.by, massG }) : [];
  const stiff = stiffOf(asked, chosen.fish[0] ?? '');
  const isSplit = lot !== null && part !== null && part < lot.count;
  const fish = isSplit ? [of.partId] : [...chosen.fish];
  return {
    ok: true,
    writings: [
      ...(isSplit ? partOfLot(lot, part, of.partId, nextFishNumber(book, lot.trip)) : []),
      {
        kind: 'cut.started',
        subject: of.cutId,
        facts: { fish, route: of.route, by: of.by, purpose: chosen.purpose, ...(stiff ? { stiff } : {}), expected },
      },
    ],
  };
}

/** Why a fish cannot be chosen beside those chosen already; null when it can. `nameOf`: a species in a sentence. */
export function cannotBeChosen(
  { book, species: byId }: Asks<'book' | 'species', SpeciesFacts & CutSpecies>,
  fish: FishState,
  chosen: readonly string[],
  nameOf: (speciesId: string) => string,
): string | null {
  if (fish.species === null)
    return 'Its species is not known yet. The species decides where it can hurt you and how to cut it. Name it on the deck first.';
  const first = book.get('fish', chosen[0]);
  if (first && first.species !== fish.species)
    return `Choose one species at a time: a yield of ${nameOf(first.species ?? '')} and ${nameOf(fish.species)} together would say nothing about either.`;
  const s = byId(fish.species);
  if (s && routesFor(s).length === 0) return `${s.name} is not for eating and is never cut here. ${s.raw.why}`;
  return null;
}
