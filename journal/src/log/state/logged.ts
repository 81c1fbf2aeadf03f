import { epochMs, isInstant, stamp } from '@dagboek/core/time';
import type { Entry } from '../entry/entry.ts';
import { standingStrikes } from './standing-strikes.ts';
import { versionsOf } from './versions-of.ts';

/** A line of the log: an entry as it first stood, as it stands now, and what happened to it between. */
export interface Logged {
  readonly first: Entry;
  /** The version that counts: see `versionsOf`. */
  readonly now: Entry;
  /** Versions that no longer count, oldest first. Shown struck through beside the new one. */
  readonly was: readonly Entry[];
  /** The entry that struck this line, or null. */
  readonly struck: Entry | null;
  /** Versions that were written without seeing the one that counts, and that nobody has put aside yet. */
  readonly conflict: readonly Entry[];
  /** Set where it cannot be read: such a line changes nothing, and can be corrected or struck. Null for nearly every line. */
  readonly apart: SetApart | null;
}

/** Why a line cannot be read, in a sentence, and the entry as it was written: the line has times that can be read in its place. */
export interface SetApart {
  readonly why: string;
  readonly entry: Entry;
}

/** In the order in which things happened (`at`, then id). */
const inTime = (lines: readonly Logged[]): Logged[] =>
  lines.length < 2
    ? [...lines]
    : lines
        .map((line) => ({ line, ms: epochMs(line.now.at) }))
        .sort((a, b) => a.ms - b.ms || (a.line.first.id < b.line.first.id ? -1 : 1))
        .map((x) => x.line);

const UNKNOWN = '1970-01-01T00:00:00Z';
/** When a UUIDv7 was made, epoch ms; 0 for any other id. */
const madeMs = (id: string): number => (id[14] === '7' ? Number.parseInt(id.slice(0, 8) + id.slice(9, 13), 16) : 0);

const isWhole = (e: Entry): boolean =>
  isInstant(e.at) && isInstant(e.written) && typeof e.facts === 'object' && e.facts !== null;

/** An entry with times that can be read in place of those that cannot; null facts are empty ones. */
function repaired(e: Entry): Entry {
  const made = stamp(madeMs(e.id), 'UTC');
  const written = [e.written, made, UNKNOWN].find(isInstant) ?? UNKNOWN;
  const facts: unknown = e.facts;
  return {
    ...e,
    written,
    ...(isInstant(e.at) ? { at: e.at } : { at: written, about: true }),
    facts: typeof facts === 'object' && facts !== null ? e.facts : {},
  };
}

/** What of an entry cannot be read, in a sentence. */
function unreadable(e: Entry): string {
  const odd = [e.at, e.written].find((t) => !isInstant(t));
  return odd === undefined
    ? 'Nothing in it can be read.'
    : `Its time, "${String(odd).slice(0, 40)}", is not a time of the calendar.`;
}

const lineOf = (e: Entry): Logged => ({ first: e, now: e, was: [], struck: null, conflict: [], apart: null });

/**
 * The lines of one subject from its entries, in the order in which things happened (`at`, then id).
 * Independent of the order and number of times in which the entries are given. An amendment or strike whose target is
 * not here yet waits silently; one of another kind than its target is ignored. A line that cannot be read says so (`apart`)
 * and has times that can: its amendment or its strike mends it.
 */
export function linesOf(entries: Iterable<Entry>): Logged[] {
  const byId = new Map<string, Entry>();
  const apart = new Map<string, SetApart>();
  let plain = true;
  for (const e of entries) {
    if (!isWhole(e)) apart.set(e.id, { why: unreadable(e), entry: e });
    byId.set(e.id, apart.has(e.id) ? repaired(e) : e);
    plain &&= e.amends === undefined && e.strikes === undefined;
  }
  // Nearly every subject: nothing of it was ever corrected, and all can be read.
  if (plain) return inTime([...byId.values()].map((e) => ({ ...lineOf(e), apart: apart.get(e.id) ?? null })));
  const strikes = standingStrikes(byId.values());
  return inTime(
    versionsOf(byId).map(({ first, now, was, conflict }) => {
      const struck = [...was, now].flatMap((v) => strikes.get(v.id) ?? []).sort(byWritten)[0] ?? null;
      return { first, now, was, struck, conflict, apart: apart.get(now.id) ?? null };
    }),
  );
}

/** In the order of writing, then by id. */
function byWritten(a: Entry, b: Entry): number {
  return epochMs(a.written) - epochMs(b.written) || (a.id < b.id ? -1 : 1);
}
