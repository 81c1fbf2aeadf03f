import { PART_TOUCH } from './part-touch.ts';
import type { Hazard } from '../../species/index.ts';
import type { Stage } from '../mass-balance.ts';
import type { CutRoute } from '../routes.ts';
import { type CutCase, isDue } from './cut-case.ts';
import type { CutStep, Touch, Weighing } from './step.ts';
import { type StepId, STEPS } from './steps.ts';
import { type WeighingId, WEIGHINGS } from './weighings.ts';

/** A step that is due, or a weighing, by its name in the log. */
export interface StepDue extends CutStep {
  readonly id: StepId | WeighingId;
  /** What has then been done, as the key says it. */
  readonly name: string;
  /** What is weighed; left out where nothing is. */
  readonly weigh?: Stage;
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
/** What a hand comes near that lifts a whole fish. */
const LIFTED: readonly Touch[] = ['fins', 'gills', 'mouth', 'head', 'skin', 'belly', 'tail'];
const dueStep = (id: StepId | WeighingId): StepDue => {
  if (Object.hasOwn(WEIGHINGS, id)) {
    const weighing: Weighing = WEIGHINGS[id as WeighingId];
    // Whole, it is lifted onto the scale by hand.
    return { ...weighing, id, ...(weighing.weigh === 'round' ? { touches: LIFTED } : {}) };
  }
  return { ...(STEPS[id as StepId] as CutStep), id, name: capital(id) };
};

/** The steps of a route that are due in a case, in their order. */
export const stepsOf = (route: CutRoute, c: CutCase): StepDue[] =>
  route.steps.flatMap((item): StepDue[] => {
    const [id, ...conditions] = typeof item === 'string' ? [item] : item;
    return isDue(conditions, c) ? [dueStep(id)] : [];
  });

/**
 * The step that comes next: the first after all that was done and weighed. What was passed over stays passed over, since the knife
 * was there. Null when all are done.
 */
export function nextStep(
  steps: readonly StepDue[],
  done: readonly string[],
  weighed: Readonly<Partial<Record<Stage, unknown>>>,
): StepDue | null {
  let last = -1;
  for (const [i, s] of steps.entries())
    if (done.includes(s.id) || (s.weigh && weighed[s.weigh] !== undefined)) last = i;
  return steps[last + 1] ?? null;
}

/** The steps before a weighing, since the one before it, and the weighing itself. */
export function stepsUpTo(steps: readonly StepDue[], stage: Stage): StepDue[] {
  const end = steps.findIndex((s) => s.weigh === stage);
  if (end < 0) return [];
  let from = end;
  while (from > 0 && !steps[from - 1]!.weigh) from--;
  return steps.slice(from, end + 1);
}

/** What can hurt at a step: the hazards of the parts that hands or blade come near; of a part that is not known, always. */
export const hazardsAt = <H extends Pick<Hazard, 'part'>>(hazards: readonly H[], step: Pick<CutStep, 'touches'>): H[] =>
  hazards.filter((h) => {
    const touch: Touch | undefined = PART_TOUCH[h.part];
    return step.touches !== undefined && (touch === undefined || step.touches.includes(touch));
  });
