import {
  massBalance,
  mostInPacks,
  oddWeighing,
  outweighs,
  piecesInPack,
  routeOf,
  type Stage,
  stageName,
} from '@dagboek/core/cut';
import { formFacts, type PackForm } from '@dagboek/core/larder';
import type { SpeciesFacts } from '@dagboek/core/species';
import { sayGrams, type Units } from '@dagboek/core/units';
import { weighingsOf } from '../fish/doubts.ts';
import type { CutState, PackState } from '../../log/state/states.ts';

/** What is said of a weighing before it is written: it cannot be, or it is unlikely and asked about; or nothing. */
export type Judged = { readonly cannot: string } | { readonly asks: string } | null;

/** Judges a weighing of a cut. `knownG`: what was known of the fish before the board, g. */
export function judgeWeighing(
  cut: CutState,
  species: Pick<SpeciesFacts, 'yields' | 'name'>,
  stage: Stage,
  massG: number,
  knownG: number | null,
  units: Units,
): Judged {
  const [w, route] = [weighingsOf(cut), routeOf(cut.route)];
  const balance = massBalance({ ...w, stages: { ...w.stages, [stage]: massG } }, (s) => stageName(route, s), units);
  if (!balance.ok) return { cannot: balance.why };
  const asks = oddWeighing(species, route, w, stage, massG, knownG, units);
  return asks === null ? null : { asks };
}

/** Why a pack of so many grams cannot come off a cut beside those that did; null when it can. */
export function packTrouble(
  cut: CutState,
  packs: readonly PackState[],
  form: PackForm,
  massG: number,
  knownG: number | null,
  units: Units,
): string | null {
  const w = weighingsOf(cut);
  const ofMeat = formFacts(form).ofFlesh;
  const inPacks = packs.filter((p) => formFacts(p.form).ofFlesh).reduce((g, p) => g + p.massG, 0);
  const most = mostInPacks(w, knownG);
  if (ofMeat && most !== null && outweighs(inPacks + massG, most))
    return `${sayGrams(inPacks + massG, units)} in packs is more than the ${sayGrams(most, units)} on the board.`;
  // Frames and roe come off the whole, and can be no more than it.
  const { round } = w.stages;
  const whole = mostInPacks({ stages: round === undefined ? {} : { round }, byproducts: {} }, knownG);
  if (whole !== null && outweighs(massG, whole))
    return `A pack of ${sayGrams(massG, units)} is more than the whole fish of ${sayGrams(whole, units)}.`;
  return null;
}

/** Pieces that the next pack most likely holds: what the fish give on this route, less those in packs of the same form. */
export function nextPieces(
  cut: CutState,
  packs: readonly PackState[],
  form: PackForm,
  fishCount: number,
  leftG: number,
  massG: number,
): number {
  const route = routeOf(cut.route);
  const all = form === route.form ? fishCount * route.pieces : fishCount;
  const used = packs.filter((p) => p.form === form).reduce((n, p) => n + (p.pieces ?? 0), 0);
  return Math.max(1, piecesInPack(Math.max(0, all - used), leftG, massG));
}
