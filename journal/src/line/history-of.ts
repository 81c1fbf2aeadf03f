import type { Keeping } from '@dagboek/core/fresh';
import type { Wrapping } from '@dagboek/core/larder';
import { epochMs } from '@dagboek/core/time';
import { iceSince } from '../box/ice-lasts.ts';
import type { PackState } from '../state/states.ts';
import type { CustodyLine } from './custody.ts';

/** From when on a fish lay somewhere. */
export interface Lay {
  readonly atMs: number;
  readonly keeping: Keeping;
  /** Id of the box it lay in; null anywhere else. */
  readonly box: string | null;
  /** How its pack is wrapped; null before it is packed. */
  readonly wrapping: Wrapping | null;
}

/**
 * Where a fish lay from its death on, in the order of time; before it is killed nothing spoils. The one place that knows:
 * freshness, the clock of histamine, keeping times and the drawn hours all follow it. `into`: the pack to follow it into;
 * without one the pack that is eaten last, or lies longest.
 */
export function historyOf(line: CustodyLine, into: PackState | null = null): Lay[] {
  const { fish, cuts, packs } = line;
  const lays: Lay[] = [];
  const from = (at: string | undefined, keeping: Keeping, more: Partial<Lay> = {}): void => {
    if (at) lays.push({ atMs: epochMs(at), keeping, box: null, wrapping: null, ...more });
  };
  from((fish.dispatched ?? fish.landed).at, 'air');
  if (fish.bled && fish.bled.cut !== 'none')
    from(fish.bled.at, fish.bled.medium === 'sea-water bucket' ? 'bucket' : 'air');
  if (fish.iced) {
    // What is noted of the ice afterwards is no longer this fish's.
    const left = [cuts[0]?.startedAt, ...packs.map((p) => p.storedAt)].flatMap((t) => (t ? [epochMs(t)] : []));
    const untilMs = Math.min(Number.MAX_SAFE_INTEGER, ...left);
    for (const { atMs, ice } of iceSince(line.box, epochMs(fish.iced.at), untilMs))
      lays.push({ atMs, keeping: ice ? 'box' : 'box without ice', box: fish.iced.box, wrapping: null });
  }
  from(cuts[0]?.startedAt, 'board');
  const raw = packs.filter((p) => p.form !== 'stock' && p.form !== 'cooked' && !p.discarded);
  const pack = into ?? raw.at(-1);
  for (const p of pack?.places ?? []) from(p.at, p.place, { wrapping: pack?.wrapping ?? null });
  return lays.sort((a, b) => a.atMs - b.atMs);
}

/** A stretch of the history of a fish: where, from when to when, epoch ms. */
export interface LayStretch {
  readonly keeping: Keeping;
  readonly fromMs: number;
  readonly toMs: number;
}

/** The same as stretches that follow each other up to `untilMs`; neighbours of one kind are one. */
export function layStretches(line: CustodyLine, untilMs: number): LayStretch[] {
  const lays = historyOf(line);
  const out: LayStretch[] = [];
  lays.forEach((l, i) => {
    const toMs = Math.min(untilMs, lays[i + 1]?.atMs ?? untilMs);
    if (toMs <= l.atMs) return;
    const before = out.at(-1);
    if (before?.keeping === l.keeping) out[out.length - 1] = { ...before, toMs };
    else out.push({ keeping: l.keeping, fromMs: l.atMs, toMs });
  });
  return out;
}
