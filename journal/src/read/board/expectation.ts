import type { Asks } from '../asked.ts';
import {
  against,
  type Against,
  type AskedCut,
  type CutRoute,
  knifeChart,
  type KnifeChart,
  type PastCut,
  routeOf,
  type Stage,
  YieldModel,
} from '@dagboek/core/cut';
import { expectedWeight } from '@dagboek/core/measure';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs } from '@dagboek/core/time';
import type { Expected } from '../../log/facts/board.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState } from '../../log/state/states.ts';
import { latestCuts } from './latest-cuts.ts';

const usualG = (s: SpeciesFacts): number => expectedWeight(s, (s.usualMm[0] + s.usualMm[1]) / 2).massG;

/** Cuts are comparable when the same comes off them: fillets with fillets, wings with wings; gutting is alike on every route. */
const comparable = (a: CutRoute, b: CutRoute, stage: Stage): boolean =>
  a.usual.includes(stage) && b.usual.includes(stage) && (stage === 'gutted' || a.form === b.form);

const countOf = (book: Book, cut: CutState): number =>
  cut.fish.reduce((n, f) => n + (book.getAny('fish', f)?.count ?? 1), 0);

/** The species of what was cut; null where it has none. */
const speciesOf = ({ book, species: byId }: Asks<'book' | 'species'>, cut: CutState): SpeciesFacts | null =>
  byId(book.getAny('fish', cut.fish[0])?.species ?? null);

/** Weighed cuts like those of a route, as the yield model takes them. */
export function pastCuts(
  asked: Asks<'book' | 'species'>,
  route: CutRoute,
  stage: Stage,
): (PastCut & { cut: CutState })[] {
  const { book } = asked;
  return latestCuts(book).flatMap((c): (PastCut & { cut: CutState })[] => {
    const [round, part] = [c.stages.round?.massG, c.stages[stage]?.massG];
    if (round === undefined || part === undefined || !comparable(route, routeOf(c.route), stage)) return [];
    const species = speciesOf(asked, c);
    const usual = species?.yields[stage as 'trimmed'];
    if (!species || !usual) return [];
    const massG = round / countOf(book, c);
    return [{ species: species.id, by: c.by, massG, share: part / round, usual, usualG: usualG(species), cut: c }];
  });
}

/**
 * What each weighing of a route should come to, as shares of the whole, learned from the book's own cuts up to now: to be written down
 * with the start of a cut. `massG`: of one fish, g; null: a usual
 * one. Empty where the species' file tells nothing of it.
 */
export function expectationsFor(
  asked: Asks<'book' | 'species'>,
  of: { readonly species: SpeciesFacts; readonly route: string; readonly by: string; readonly massG: number | null },
): Expected[] {
  const route = routeOf(of.route);
  return route.usual.flatMap((stage): Expected[] => {
    const usual = of.species.yields[stage as 'trimmed'];
    if (!usual) return [];
    const middle = usualG(of.species);
    const massG = of.massG !== null && of.massG > 0 ? of.massG : middle;
    const cut: AskedCut = { species: of.species.id, by: of.by, massG, usual, usualG: middle };
    const e = new YieldModel(pastCuts(asked, route, stage)).expect(cut);
    const short = (x: number): number => Math.round(x * 1e4) / 1e4;
    return [{ stage, low: short(e.low), mid: short(e.mid), high: short(e.high), n: e.n }];
  });
}

/**
 * The brackets of a weighing of a cut, in grams of this fish: what was written down before it, else the species' usual range.
 * `written` tells which. Null where neither is known. `roundG`: the whole, g.
 */
export function bracketsOf(
  cut: Pick<CutState, 'expected' | 'route'>,
  species: Pick<SpeciesFacts, 'yields'> | null,
  stage: Stage,
  roundG: number | null,
): {
  readonly lowG: number;
  readonly midG: number;
  readonly highG: number;
  readonly n: number;
  readonly written: boolean;
} | null {
  if (roundG === null || !(roundG > 0) || stage === 'round' || !routeOf(cut.route).usual.includes(stage)) return null;
  const e = cut.expected.find((x) => x.stage === stage);
  if (e) return { lowG: e.low * roundG, midG: e.mid * roundG, highG: e.high * roundG, n: e.n, written: true };
  const usual = species?.yields[stage];
  if (!usual) return null;
  const [low, high] = usual;
  return { lowG: low * roundG, midG: ((low + high) / 2) * roundG, highG: high * roundG, n: 0, written: false };
}

/** The weighing that a cut is judged by: what will be eaten of it, else the fillets. */
const judged = (cut: CutState): Expected | undefined =>
  (['trimmed', 'fillets'] as const)
    // Where the route was corrected afterwards, what was expected of the other one is no measure of this.
    .filter((stage) => cut.stages[stage] && routeOf(cut.route).usual.includes(stage))
    .flatMap((stage) => cut.expected.find((e) => e.stage === stage) ?? [])[0];

/** A cut against what was written down before it; null before it was weighed, or where nobody wrote it down. */
export function againstExpected(cut: CutState): Against | null {
  const e = judged(cut);
  const [round, part] = [cut.stages.round?.massG, e && cut.stages[e.stage]?.massG];
  return e && round !== undefined && part !== undefined ? against(part, round, e) : null;
}

/** One knife over its last cuts against what was expected of each before it, oldest first. */
export interface KnifeOf {
  readonly chart: KnifeChart;
  /** The cuts of the points, in their order. */
  readonly cuts: readonly CutState[];
  /** Grams left on the frame against what was expected, all of them together; below 0 more was got off. */
  readonly leftG: number;
  /** Best share of this kind, and of which cut; null before any was weighed. */
  readonly best: { readonly share: number; readonly cut: CutState } | null;
}

/** How one person's knife does. `speciesId`: for the best on this kind. */
export const knifeOf = (
  { book, species: byId }: Asks<'book' | 'species'>,
  by: string,
  speciesId: string | null,
): KnifeOf =>
  book.reckoned(`knife of ${by} on ${speciesId}`, ['cut', 'fish', 'trip'], [byId], () =>
    reckonKnife({ book, species: byId }, by, speciesId),
  );

function reckonKnife(asked: Asks<'book' | 'species'>, by: string, speciesId: string | null): KnifeOf {
  const { book } = asked;
  const mine = latestCuts(book)
    .filter((c) => c.by === by)
    .sort((a, b) => epochMs(a.startedAt) - epochMs(b.startedAt));
  const scored = mine.flatMap((cut) => {
    const a = againstExpected(cut);
    return a ? [{ cut, a }] : [];
  });
  let best: KnifeOf['best'] = null;
  for (const cut of mine) {
    const [round, meat] = [cut.stages.round?.massG, cut.stages.trimmed?.massG];
    if (round === undefined || meat === undefined || speciesOf(asked, cut)?.id !== speciesId) continue;
    if (!routeOf(cut.route).usual.includes('trimmed')) continue;
    if (best === null || meat / round > best.share) best = { share: meat / round, cut };
  }
  const last = scored.slice(-40);
  return {
    chart: knifeChart(last.map((s) => s.a.z)),
    cuts: last.map((s) => s.cut),
    leftG: -last.reduce((g, s) => g + s.a.offG, 0),
    best,
  };
}
