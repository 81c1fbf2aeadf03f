import { epochMs } from '@dagboek/core/time';
import type { Entry } from './entry.ts';
import type { FactsOf, Kind } from './kinds/index.ts';

/** A line of the log: an entry as it first stood, as it stands now, and what happened to it between. */
export interface Logged {
  readonly first: Entry;
  /** The version that counts: the amendment written last, or the first. */
  readonly now: Entry;
  /** Versions that no longer count, oldest first. Shown struck through beside the new one. */
  readonly was: readonly Entry[];
  /** The entry that struck this line, or null. */
  readonly struck: Entry | null;
  /** Two devices amended the same version without seeing each other: the versions that lost. */
  readonly conflict: readonly Entry[];
}

/** Facts of a line as its kind's class, or null when it is of another kind. */
export function factsOf<K extends Kind>(line: Logged, kind: K): FactsOf<K> | null {
  return line.now.kind === kind ? (line.now.facts as unknown as FactsOf<K>) : null;
}

const byWritten = (a: Entry, b: Entry): number => epochMs(a.written) - epochMs(b.written) || (a.id < b.id ? -1 : 1);

/** In the order in which things happened (`at`, then id). */
const inTime = (lines: readonly Logged[]): Logged[] =>
  lines.length < 2
    ? [...lines]
    : lines
        .map((line) => ({ line, ms: epochMs(line.now.at) }))
        .sort((a, b) => a.ms - b.ms || (a.line.first.id < b.line.first.id ? -1 : 1))
        .map((x) => x.line);

/**
 * The lines of one subject from its entries, in the order in which things happened (`at`, then id).
 * Independent of the order and number of times in which the entries are given. An amendment or strike whose target is
 * not here yet waits silently; one of another kind than its target is ignored.
 */
export function linesOf(entries: Iterable<Entry>): Logged[] {
  const byId = new Map<string, Entry>();
  let plain = true;
  for (const e of entries) {
    byId.set(e.id, e);
    plain &&= e.amends === undefined && e.strikes === undefined;
  }
  // Nearly every subject: nothing of it was ever corrected.
  if (plain) return inTime([...byId.values()].map((e) => ({ first: e, now: e, was: [], struck: null, conflict: [] })));
  const rootOf = (e: Entry): Entry | null => {
    const seen = new Set<string>();
    let at: Entry = e;
    while (at.amends !== undefined) {
      if (seen.has(at.id)) return null;
      seen.add(at.id);
      const target = byId.get(at.amends);
      if (!target || target.kind !== at.kind) return null;
      at = target;
    }
    return at;
  };
  const versions = new Map<string, Entry[]>();
  const strikes = new Map<string, Entry[]>();
  const strikeEntries: Entry[] = [];
  for (const e of byId.values()) {
    if (e.strikes !== undefined) {
      strikeEntries.push(e);
      continue;
    }
    const root = rootOf(e);
    if (!root) continue;
    const list = versions.get(root.id);
    if (list) list.push(e);
    else versions.set(root.id, [e]);
  }
  for (const s of strikeEntries) {
    const list = strikes.get(s.strikes as string);
    if (list) list.push(s);
    else strikes.set(s.strikes as string, [s]);
  }
  // A strike counts unless it has itself been struck; a cycle of strikes strikes nothing.
  const stands = (s: Entry, seen: ReadonlySet<string> = new Set()): boolean =>
    !seen.has(s.id) && !(strikes.get(s.id) ?? []).some((t) => stands(t, new Set([...seen, s.id])));
  const out: Logged[] = [];
  for (const [rootId, list] of versions) {
    const first = byId.get(rootId) as Entry;
    const order = [first, ...list.filter((e) => e.id !== rootId).sort(byWritten)];
    const now = order[order.length - 1] as Entry;
    const struck =
      order
        .flatMap((v) => strikes.get(v.id) ?? [])
        .filter((s) => stands(s))
        .sort(byWritten)[0] ?? null;
    const rivals = new Map<string, Entry[]>();
    for (const v of order) if (v.amends !== undefined) rivals.set(v.amends, [...(rivals.get(v.amends) ?? []), v]);
    const conflict = [...rivals.values()]
      .filter((r) => new Set(r.map((v) => v.device)).size > 1)
      .flatMap((r) => r.filter((v) => v.id !== now.id));
    out.push({ first, now, was: order.slice(0, -1), struck, conflict });
  }
  return inTime(out);
}
