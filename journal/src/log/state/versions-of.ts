import { epochMs } from '@dagboek/core/time';
import type { Entry } from '../entry/entry.ts';

/** What became of one entry through its corrections. */
export interface Versions {
  readonly first: Entry;
  readonly now: Entry;
  /** The others, in the order of writing, the first at their head. */
  readonly was: readonly Entry[];
  readonly conflict: readonly Entry[];
}

/** A version with what decides between it and its rivals. */
interface Version {
  readonly e: Entry;
  readonly writtenMs: number;
  /** When it was written, or the last of those that it builds on, ms: a slow clock is never behind what it corrects. */
  readonly sinceMs: number;
  /** How many corrections lead to it. */
  readonly steps: number;
}

const later = (a: Version, b: Version): number =>
  a.sinceMs - b.sinceMs || a.writtenMs - b.writtenMs || a.steps - b.steps || (a.e.id < b.e.id ? -1 : 1);

/**
 * Every entry that is no strike, with its corrections. A correction counts over what it corrects, whatever the clocks of
 * the two devices say. Between those that did not see each other (neither builds on the other, nor names it in `over`) the
 * later written one counts, and the others are in `conflict`. A correction of another kind than its target, one of a target
 * that is not here, and those in a circle are left out.
 */
export function versionsOf(byId: ReadonlyMap<string, Entry>): Versions[] {
  const children = new Map<string, Entry[]>();
  const roots: Entry[] = [];
  for (const e of byId.values()) {
    if (e.strikes !== undefined) continue;
    if (e.amends === undefined) roots.push(e);
    else if (byId.get(e.amends)?.kind === e.kind) {
      const list = children.get(e.amends);
      if (list) list.push(e);
      else children.set(e.amends, [e]);
    }
  }
  return roots.map((root) => {
    if (!children.has(root.id)) return { first: root, now: root, was: [], conflict: [] };
    const versions = new Map<string, Version>();
    const next: Version[] = [{ e: root, ...timesOf(root, null), steps: 0 }];
    for (let v = next.pop(); v !== undefined; v = next.pop()) {
      versions.set(v.e.id, v);
      for (const c of children.get(v.e.id) ?? []) next.push({ e: c, ...timesOf(c, v), steps: v.steps + 1 });
    }
    const seen = new Set([...versions.values()].flatMap((v) => v.e.over ?? []));
    const ends = [...versions.values()].filter((v) => !children.has(v.e.id));
    const open = ends.filter((v) => !seen.has(v.e.id));
    const [now = versions.get(root.id) as Version, ...lost] = (open.length > 0 ? open : ends).sort((a, b) =>
      later(b, a),
    );
    const was = [...versions.values()].filter((v) => v !== now && v.e.id !== root.id).sort(later);
    return {
      first: root,
      now: now.e,
      was: [...(now.e === root ? [] : [root]), ...was.map((v) => v.e)],
      // One device corrects its own line as often as it likes: it saw what it wrote.
      conflict: open.length > 0 ? lost.filter((v) => v.e.device !== now.e.device).map((v) => v.e) : [],
    };
  });
}

const timesOf = (e: Entry, on: Version | null): Pick<Version, 'writtenMs' | 'sinceMs'> => {
  const writtenMs = epochMs(e.written);
  return { writtenMs, sinceMs: Math.max(writtenMs, on?.sinceMs ?? writtenMs) };
};
