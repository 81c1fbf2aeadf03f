export { massBalance, outweighs, STAGE_WORDS, STAGES, WATER_ALLOWANCE } from './mass-balance.ts';
export { CUT_ROUTES, routeOf, staysWhole, stepIds } from './routes.ts';
export type { CutRoute, RouteName, RouteStage } from './routes.ts';
export { ROUTE_NAMES, routesFor } from './routes-for.ts';
export { nextStage, stageName, stagesOf } from './stages-of.ts';
export type { StageOf } from './stages-of.ts';
export type { MassBalance, Stage, StageYield, Weighings } from './mass-balance.ts';
export { mostInPacks, oddWeighing } from './check-weighing.ts';
export { piecesInPack } from './pieces-in-pack.ts';
export { expectedStage } from './expected-yield.ts';
// the steps of a route
export { cutCase, hasVenomousSpines, PURPOSES } from './route/cut-case.ts';
export type { CutCase, Purpose, StepSpecies } from './route/cut-case.ts';
export { CUT_LINE_NAMES, TOUCHES } from './route/step.ts';
export type { BladePose, CutLineName, CutStep, Touch } from './route/step.ts';
export { stepOf, STEPS } from './route/steps.ts';
export type { StepId } from './route/steps.ts';
export { hazardsAt, nextStep, stepsOf, stepsUpTo } from './route/steps-of.ts';
export type { StepDue } from './route/steps-of.ts';
export { PART_TOUCH } from './route/part-touch.ts';
export { schoolOf, wayOf, WAYS } from './route/ways.ts';
export type { School, Way, WayChoice, WayName, Ways } from './route/ways.ts';
// what a cut should yield, and how a knife does
export { LEAST_CUTS, YieldModel } from './yield-model.ts';
export type { AskedCut, PastCut, YieldExpectation } from './yield-model.ts';
export { against, CONTROL_Z, knifeChart, LEAST_POINTS } from './knife-chart.ts';
export type { Against, KnifeChart } from './knife-chart.ts';
export { proposeRoutes } from './propose-routes.ts';
export type { Proposal, ProposeFor } from './propose-routes.ts';
// what was found inside
export { allThatFollows, FINDINGS, findKind, sayFinding, whatFollows } from './findings.ts';
export type { AllThatFollows, Find, Finding, FindingOf, FindKind, Follows } from './findings.ts';
export { apportion } from './apportion.ts';
export { PART_USES, usedShare } from './used-share.ts';
export type { CutMasses, PartUse, UsedShare } from './used-share.ts';
