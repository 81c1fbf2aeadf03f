import { type Stage, STAGES } from './mass-balance.ts';
import { type WeighingId, WEIGHINGS } from './route/weighings.ts';
import { type CutRoute, routeOf, type RouteStage, stepIds } from './routes.ts';

/** A weighing of a cut: asked for by its route, or weighed all the same. */
export interface StageOf extends RouteStage {
  readonly stage: Stage;
  readonly asked: boolean;
}

/** How a weighing is called on a route; one that it does not ask for is called as on the way to fillets. */
export const stageName = (route: CutRoute, stage: Stage): string =>
  (route.stages[stage] ?? routeOf('').stages[stage])?.name ?? stage;

/** The weighings of a route in order, with those that were done without being asked for. */
export function stagesOf(route: CutRoute, weighed: Readonly<Partial<Record<Stage, unknown>>> = {}): StageOf[] {
  return STAGES.flatMap((stage): StageOf[] => {
    const asked = route.stages[stage];
    if (asked) return [{ ...asked, stage, asked: true }];
    return weighed[stage] === undefined ? [] : [{ name: stageName(route, stage), todo: '', stage, asked: false }];
  });
}

/** The weighings that were passed over, by the steps that were noted of a cut. */
export const passedOver = (noted: readonly string[]): Set<Stage> =>
  new Set(noted.flatMap((id) => (Object.hasOwn(WEIGHINGS, id) ? WEIGHINGS[id as WeighingId].weigh : [])));

/** The step by which a weighing of a route is noted as passed over; null where the route does not ask for it. */
export const weighingStep = (route: CutRoute, stage: Stage): WeighingId | null =>
  (stepIds(route.steps).find((id) => Object.hasOwn(WEIGHINGS, id) && WEIGHINGS[id as WeighingId].weigh === stage) ??
    null) as WeighingId | null;

/** The weighing that comes next on a route; null when all that it asks for are done, or were passed over (`noted`: the steps of the cut). */
export function nextStage(
  route: CutRoute,
  weighed: Readonly<Partial<Record<Stage, unknown>>>,
  noted: readonly string[] = [],
): StageOf | null {
  const passed = passedOver(noted);
  return stagesOf(route).find((s) => weighed[s.stage] === undefined && !passed.has(s.stage)) ?? null;
}
