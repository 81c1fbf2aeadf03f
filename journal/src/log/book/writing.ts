import { epochMs } from '@dagboek/core/time';
import type { Entry } from '../entry/entry.ts';
import type { FactsOf, Kind } from '../kinds/index.ts';
import { factsOf } from '../kinds/facts-of.ts';
import type { Logged } from '../state/logged.ts';

/** What a writing says beside its facts. */
export interface WriteMore {
  /** When it happened, epoch ms; now when left out. */
  readonly atMs?: number;
  readonly about?: boolean;
  readonly amends?: string;
  /** Rivals of that version that are put aside. */
  readonly over?: readonly string[];
  readonly strikes?: string;
  readonly because?: string;
  /** Id of an unsent entry that it is written in place of: not the same once more. */
  readonly instead?: string;
  /** Who did it, when it is not the one who holds the pen. */
  readonly member?: string;
}

/** Something to be written: an entry that has no id, no writer and no time of writing yet. */
export interface Writing {
  readonly kind: Kind;
  readonly subject: string;
  readonly facts: Readonly<Record<string, unknown>>;
  readonly more?: WriteMore;
}

/** The last line of a kind that stands, perhaps of those alone whose facts pass `which`; null when there is none. */
export function standingLine<K extends Kind>(
  of: { readonly log: readonly Logged[] },
  kind: K,
  which: (facts: FactsOf<K>) => boolean = () => true,
): Logged | null {
  return (
    of.log.findLast((l) => {
      const facts = l.struck ? null : factsOf(l, kind);
      return facts !== null && which(facts);
    }) ?? null
  );
}

/**
 * The writing that corrects a line: its facts with the changes (undefined takes a fact away), at its own time, which stays
 * a guess if it was one; `atMs` when the time is what is corrected. The old version stays readable beside it. `over`: versions
 * that were written apart from it, and are put aside by this one.
 */
export function amendLine<K extends Kind>(
  line: Logged,
  change: { readonly [P in keyof FactsOf<K>]?: FactsOf<K>[P] | undefined },
  more: { readonly because?: string; readonly atMs?: number; readonly over?: readonly Entry[] } = {},
): Writing {
  const { now } = line;
  const facts = Object.fromEntries(Object.entries({ ...now.facts, ...change }).filter(([, v]) => v !== undefined));
  return {
    kind: now.kind as Kind,
    subject: now.subject,
    facts,
    more: {
      atMs: more.atMs ?? epochMs(now.at),
      ...(now.about && more.atMs === undefined ? { about: true } : {}),
      amends: now.id,
      ...(more.over && more.over.length > 0 ? { over: more.over.map((e) => e.id) } : {}),
      ...(more.because === undefined ? {} : { because: more.because }),
    },
  };
}

/**
 * The writing that settles a line which was corrected on two devices apart: `taken`, one of its versions, counts from now on as
 * it was written, and the others wait no more.
 */
export const settleLine = (line: Logged, taken: Entry): Writing => ({
  kind: taken.kind as Kind,
  subject: taken.subject,
  facts: taken.facts,
  more: {
    atMs: epochMs(taken.at),
    ...(taken.about ? { about: true } : {}),
    amends: line.now.id,
    over: line.conflict.map((e) => e.id),
  },
});

/** The writing that strikes a line: it did not happen, or no longer holds. */
export const strikeLine = (line: Logged, because?: string): Writing => ({
  kind: 'log.struck',
  subject: line.now.subject,
  facts: {},
  more: { strikes: line.first.id, ...(because === undefined ? {} : { because }) },
});
