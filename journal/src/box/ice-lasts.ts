import { ICE_LASTS_H } from '@dagboek/core/fresh';
import type { BoxState } from '../state/states.ts';

const HOUR_MS = 3_600_000;
/** What was seen is taken to keep the box cold for so many hours more. Typical, on the short side, until the box is reckoned. */
const SEEN_LASTS_H = { full: ICE_LASTS_H, half: 12, 'a few lumps': 4, gone: 0 } as const;

/** From an instant on a box has ice, or none. */
export interface IceFrom {
  readonly atMs: number;
  readonly ice: boolean;
}

/**
 * When a box had ice, as far as it was noted, from `fromMs` (when a fish came onto it, and there was some) on: put in or seen
 * it lasts for so many hours, and the next word of it holds from then on. In the order of time, the first at `fromMs`.
 */
export function iceSince(box: BoxState | null, fromMs: number, untilMs: number): IceFrom[] {
  const words = (box?.ice ?? [])
    .map((w) => ({ atMs: Date.parse(w.at), hours: w.seen === null ? ICE_LASTS_H : SEEN_LASTS_H[w.seen] }))
    .filter((w) => w.atMs > fromMs && w.atMs < untilMs)
    .sort((a, b) => a.atMs - b.atMs);
  const spans = [{ atMs: fromMs, hours: ICE_LASTS_H }, ...words];
  return spans.flatMap((s, i): IceFrom[] => {
    const next = spans[i + 1]?.atMs ?? untilMs;
    const goneMs = s.atMs + s.hours * HOUR_MS;
    if (s.hours === 0) return [{ atMs: s.atMs, ice: false }];
    return [{ atMs: s.atMs, ice: true }, ...(goneMs < next ? [{ atMs: goneMs, ice: false }] : [])];
  });
}

/** What is known of the ice of a box now. */
export interface IceNow {
  /** The last word of it, by its time; null when none was noted. */
  readonly last: BoxState['ice'][number] | null;
  /** When it is taken to be gone, epoch ms; null without a word. */
  readonly goneMs: number | null;
}

/** The ice of a box at `nowMs`; `startedAt`: when a trip that carries ice in it began, ISO, which counts as ice put in. */
export function iceNow(box: BoxState, nowMs: number, startedAt: string | null): IceNow {
  const last =
    [...box.ice]
      .filter((w) => Date.parse(w.at) <= nowMs)
      .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
      .at(-1) ?? null;
  const lastMs = last ? Date.parse(last.at) : Number.NEGATIVE_INFINITY;
  const startMs = startedAt === null ? Number.NEGATIVE_INFINITY : Date.parse(startedAt);
  if (!last && startedAt === null) return { last: null, goneMs: null };
  if (startMs > lastMs) return { last: null, goneMs: startMs + ICE_LASTS_H * HOUR_MS };
  const hours = last?.seen ? SEEN_LASTS_H[last.seen] : ICE_LASTS_H;
  return { last, goneMs: lastMs + hours * HOUR_MS };
}
