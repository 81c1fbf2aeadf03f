import { courseAt, type FleshCourse, sampleBefore } from '../heat/index.ts';
import { type SpoilageModel, spoilageRate } from './spoilage-rate.ts';

const DAY_MS = 86_400_000;
/** Ice-days used up to each sample of a course, by model: summed once for each course. */
const summed = new WeakMap<FleshCourse, Map<SpoilageModel, Float64Array>>();

function sums(course: FleshCourse, model: SpoilageModel): Float64Array {
  const known = summed.get(course) ?? new Map<SpoilageModel, Float64Array>();
  summed.set(course, known);
  const before = known.get(model);
  if (before) return before;
  const { atMs, meanC } = course;
  const all = new Float64Array(atMs.length);
  for (let i = 1; i < atMs.length; i++)
    all[i] =
      all[i - 1]! +
      (((spoilageRate(meanC[i - 1]!, model) + spoilageRate(meanC[i]!, model)) / 2) * (atMs[i]! - atMs[i - 1]!)) /
        DAY_MS;
  known.set(model, all);
  return all;
}

/**
 * Ice-days used from the beginning of a course up to `untilMs`: the rate of spoiling of its mean temperature, integrated, in days
 * at 0 degC. After the last sample it holds on. Never falls as time passes.
 */
export function iceDaysUsed(course: FleshCourse, untilMs: number, model: SpoilageModel = 'temperate'): number {
  const { atMs, meanC } = course;
  if (untilMs <= atMs[0]!) return 0;
  const i = sampleBefore(atMs, untilMs);
  const [from, to] = [meanC[i]!, courseAt(atMs, meanC, untilMs)];
  const rate = (spoilageRate(from, model) + spoilageRate(to, model)) / 2;
  return sums(course, model)[i]! + (rate * (untilMs - atMs[i]!)) / DAY_MS;
}
