import { epochMs } from '@dagboek/core/time';
import type { MealState, PackState } from '../state/states.ts';

/** What is left of a pack, and where the rest went, g. */
export interface PackLeft {
  readonly eatenG: number;
  /** Thrown away, given away, for bait, or lost since it was weighed again. */
  readonly takenG: number;
  /** Into packs of their own. */
  readonly splitG: number;
  readonly leftG: number;
  /** Pieces that are left; null where they were never counted. By weight where what went was not counted. */
  readonly pieces: number | null;
}

interface Out {
  readonly atMs: number;
  readonly g: number;
  readonly pieces: number | null;
}

/**
 * What a pack still holds. `meals`: those that took from it; `made`: packs that were made out of it. Weighed again it holds what was
 * weighed, less what went since. Never below 0; one that was thrown away holds nothing.
 */
export function leftIn(p: PackState, meals: readonly MealState[], made: readonly PackState[]): PackLeft {
  const eaten = meals.flatMap((m): Out[] =>
    m.packs.flatMap((x) => (x.pack === p.id ? [{ atMs: epochMs(m.servedAt), g: x.massG, pieces: null }] : [])),
  );
  const split = made.flatMap((c): Out[] =>
    c.from.flatMap((f) =>
      f.pack === p.id && c.id !== p.id ? [{ atMs: epochMs(c.storedAt), g: f.massG, pieces: f.pieces ?? null }] : [],
    ),
  );
  const taken = p.taken.map((t): Out => ({ atMs: epochMs(t.at), g: t.massG, pieces: t.pieces ?? null }));
  const sum = (list: readonly Out[]): number => list.reduce((g, o) => g + o.g, 0);
  const outs = [...eaten, ...split, ...taken].sort((a, b) => a.atMs - b.atMs);
  const inTime = [...p.weighed].sort((a, b) => epochMs(a.at) - epochMs(b.at));
  const weighed = inTime.at(-1);
  const after = (w: { readonly at: string } | undefined): Out[] =>
    w ? outs.filter((o) => o.atMs > epochMs(w.at)) : outs;
  const since = after(weighed);
  // Weighed without a count, it has as many pieces as it had.
  const counted = inTime.findLast((w) => w.pieces !== null);
  const baseG = weighed?.massG ?? p.massG;
  const leftG = p.discarded ? 0 : Math.max(0, baseG - sum(since));
  return {
    eatenG: sum(eaten),
    takenG: sum(taken),
    splitG: sum(split),
    leftG,
    pieces: piecesLeft(counted?.pieces ?? p.pieces, counted?.massG ?? p.massG, after(counted), leftG),
  };
}

/** Pieces counted down: those that were counted as they went, the others by weight, to the next whole one while anything is left. */
function piecesLeft(had: number | null, baseG: number, outs: readonly Out[], leftG: number): number | null {
  if (had === null) return null;
  if (leftG < 1) return 0;
  let [pieces, g] = [had, baseG];
  for (const o of outs) {
    pieces -= o.pieces ?? (g > 0 ? (pieces * Math.min(o.g, g)) / g : 0);
    g -= o.g;
  }
  return Math.max(1, Math.round(pieces));
}
