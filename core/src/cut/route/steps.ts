import type { CutStep } from './step.ts';
import { BEGINNING } from './steps/beginning.ts';
import { FILLETING } from './steps/filleting.ts';
import { OTHER_BUILDS } from './steps/other-builds.ts';
import { WHOLE } from './steps/whole.ts';

/**
 * Every step that a route can ask for, by a name of its own that stands in the log for ever. What hurts of the fish is told by the
 * species; `caution` is the blade's alone.
 */
export const STEPS = /* @__PURE__ */ Object.assign({}, BEGINNING, FILLETING, WHOLE, OTHER_BUILDS) as typeof BEGINNING &
  typeof FILLETING &
  typeof WHOLE &
  typeof OTHER_BUILDS;

export type StepId = keyof typeof STEPS;
/** A step by its name, with the type that every step has; undefined for a weighing, and for one that only a newer version knows. */
export const stepOf = (id: string): CutStep | undefined =>
  Object.hasOwn(STEPS, id) ? (STEPS as Readonly<Record<string, CutStep>>)[id] : undefined;
