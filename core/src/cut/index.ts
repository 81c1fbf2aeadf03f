export { massBalance, outweighs, STAGE_WORDS, STAGES, WATER_ALLOWANCE } from './mass-balance.ts';
export { CUT_ROUTES, routeOf, staysWhole } from './routes.ts';
export type { CutRoute, RouteName, RouteStage } from './routes.ts';
export { ROUTE_NAMES, routesFor } from './routes-for.ts';
export { nextStage, stageName, stagesOf } from './stages-of.ts';
export type { StageOf } from './stages-of.ts';
export type { MassBalance, Stage, StageYield, Weighings } from './mass-balance.ts';
export { againstUsual, expectedStage } from './expected-yield.ts';
