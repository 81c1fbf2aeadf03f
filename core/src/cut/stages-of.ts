import { type Stage, STAGES } from './mass-balance.ts';
import { type CutRoute, routeOf, type RouteStage } from './routes.ts';

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

/** The weighing that comes next on a route; null when all that it asks for are done. */
export const nextStage = (route: CutRoute, weighed: Readonly<Partial<Record<Stage, unknown>>>): StageOf | null =>
  stagesOf(route).find((s) => weighed[s.stage] === undefined) ?? null;
