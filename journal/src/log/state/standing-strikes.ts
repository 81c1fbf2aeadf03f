import type { Entry } from '../entry/entry.ts';

/**
 * The strikes that count, by the id of what they strike. A strike counts unless one that counts strikes it; of strikes in a
 * circle none does. Goes through each once, however many strike one another.
 */
export function standingStrikes(entries: Iterable<Entry>): ReadonlyMap<string, readonly Entry[]> {
  const strikes = new Map<string, Entry>();
  for (const e of entries) if (e.strikes !== undefined) strikes.set(e.id, e);
  /** Strikes of a strike that are not decided yet. */
  const open = new Map<string, number>();
  for (const s of strikes.values()) open.set(s.strikes as string, (open.get(s.strikes as string) ?? 0) + 1);
  const fallen = new Set<string>();
  const standing = new Map<string, Entry[]>();
  const decided = [...strikes.values()].filter((s) => !open.has(s.id));
  for (let s = decided.pop(); s !== undefined; s = decided.pop()) {
    const of = s.strikes as string;
    if (!fallen.has(s.id)) {
      fallen.add(of);
      const list = standing.get(of);
      if (list) list.push(s);
      else standing.set(of, [s]);
    }
    const left = (open.get(of) ?? 0) - 1;
    open.set(of, left);
    const next = left === 0 ? strikes.get(of) : undefined;
    if (next) decided.push(next);
  }
  return standing;
}
