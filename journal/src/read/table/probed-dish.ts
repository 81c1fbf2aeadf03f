import { type ByProbe, byProbe, cookingOf, type DishReckoned, type ProbeReading } from '@dagboek/core/cook';
import { courseAt } from '@dagboek/core/heat';
import { taskId } from '@dagboek/core/recipes';
import { epochMs } from '@dagboek/core/time';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { tasksNow } from './dinners.ts';

/** The fish of a dish as the probe saw it. */
export interface ProbedDish {
  /** The step in which it cooks. */
  readonly task: string;
  readonly is: 'to come' | 'in the fire' | 'at rest';
  /** Readings while it was in the fire. */
  readonly readings: readonly ProbeReading[];
  /** What they make of the estimate; null while there are none, or nothing was reckoned. */
  readonly by: ByProbe | null;
  /** What its middle is reckoned at now, degC. */
  readonly aboutC: number;
  /** Read last before it was taken off, and the warmest while it rested; null where nobody did. */
  readonly pulledC: number | null;
  readonly peakC: number | null;
  /** Minutes that the plan gives it, and that the probe asks for; null while both are the same, or it is out. */
  readonly change: { readonly fromMin: number; readonly toMin: number } | null;
}

/** As cold as a fridge, where nobody said, degC. */
const SOME_C = 4;

/** How done a dish is by its probe: what was read in the fire, corrected, and at rest. */
export function probedDish(d: DinnerState, dish: DinnerDish, told: DishReckoned | null, nowMs: number): ProbedDish {
  const task = taskId(dish.id, 'cook');
  const [begun, done] = [d.begun[task], d.done[task]];
  const all = d.reads.filter((r) => r.dish === dish.id).map((r) => ({ ms: epochMs(r.at), c: r.c }));
  const inFire = begun === undefined ? [] : all.filter((r) => r.ms >= begun && r.ms <= (done ?? Infinity));
  // Since it was laid in the first of its fires, as far as that was planned: its own begins so much later.
  const cooking = cookingOf(told);
  const inS = cooking?.course.inS ?? 0;
  const readings = inFire.map((r) => ({ atS: inS + Math.max(1, (r.ms - begun!) / 1000), c: r.c }));
  const resting = done === undefined ? [] : all.filter((r) => r.ms > done).map((r) => r.c);
  const beyond = told?.beyond ?? null;
  const by = cooking && beyond && readings.length > 0 ? byProbe(cooking, beyond, readings) : null;
  // What was left out of the estimate is no middle either.
  const taken = readings.filter((_, i) => !by?.refused.some((x) => x.index === i));
  const fromMin = tasksNow(d).find((t) => t.id === task)?.minutes ?? null;
  const toMin = by ? Math.max(1, Math.round((by.pullS - inS) / 60)) : null;
  return {
    task,
    is: begun === undefined ? 'to come' : done === undefined ? 'in the fire' : 'at rest',
    readings,
    by,
    aboutC:
      beyond && begun !== undefined
        ? courseAt(
            Float64Array.from(beyond.atS),
            Float64Array.from(beyond.coreC),
            inS + (nowMs - begun) / 1000 / (by?.slower ?? 1),
          )
        : (dish.startC ?? SOME_C),
    pulledC: done === undefined ? null : (taken.at(-1)?.c ?? null),
    peakC: resting.length > 0 ? Math.max(...resting) : null,
    change: done === undefined && fromMin !== null && toMin !== null && fromMin !== toMin ? { fromMin, toMin } : null,
  };
}
