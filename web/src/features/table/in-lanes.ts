import type { StepTime } from '@dagboek/journal';

const MIN_MS = 60_000;
/** So tall is a minute, px: see look.md. */
export const PX = 8.75;
/** Room for one line, px. */
export const LINE_PX = 22;

/** Steps that stand side by side, since nothing keeps them apart: each in its own lane. */
export function inLanes(list: readonly StepTime[]): { s: StepTime; lane: number; lanes: number }[] {
  const ends: number[] = [];
  const tall = (s: StepTime): number => Math.max(s.endMs - s.startMs, (LINE_PX / PX) * MIN_MS);
  const put = list.map((s) => {
    const startMs = Math.min(s.startMs, s.endMs - tall(s));
    const free = ends.findIndex((e) => e <= startMs + 1);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = s.endMs;
    return { s, lane };
  });
  return put.map((x) => ({ ...x, lanes: Math.max(1, ends.length) }));
}

/** Which column a step stands in. */
export const columnOf = (s: StepTime): string =>
  s.task.place !== null ? `${s.task.place} ${s.slot ?? 0}` : s.task.hands ? `hands ${s.hand ?? 0}` : 'by itself';
