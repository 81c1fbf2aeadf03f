import type { Entry } from '../entry.ts';
import {
  isKind,
  type Kind,
  kindDefinition,
  subjectDefinition,
  type SubjectKind,
  subjectKindOf,
} from '../kinds/index.ts';
import type { KindDefinition } from '../kinds/define-kind.ts';
import { type Logged, linesOf } from '../logged.ts';
import type { SubjectState, Timed } from './states.ts';

const timed = (line: Logged): Timed<object> => ({
  ...line.now.facts,
  at: line.now.at,
  about: line.now.about ?? false,
});

/** What the subject of these entries is: by the first entry whose kind says so. */
function kindOfSubject(entries: Iterable<Entry>): SubjectKind | null {
  for (const e of entries) {
    const k = isKind(e.kind) ? subjectKindOf(e.kind) : null;
    if (k) return k;
  }
  return null;
}

/**
 * The state of one subject, from all of its entries and nothing else: so it does not matter in which order they came.
 * Null while the entry that begins it (landed, started, stored, served) is missing. When it was struck the state says so
 * (`struck`): it stays readable, and whoever counts leaves it out. A species, rule or version that was struck is gone, since
 * an earlier one of the same name may stand in its place. A line of a kind that this version does not know, or whose facts
 * it cannot read, changes nothing and stays in the log.
 */
export function projectSubject(id: string, entries: readonly Entry[]): SubjectState | null {
  const kind = kindOfSubject(entries);
  if (!kind) return null;
  const { begins, begin, readableWhenStruck } = subjectDefinition(kind);
  const log = linesOf(entries);
  const standing = log.filter((l) => !l.struck);
  const beginnings = standing.filter((l) => l.now.kind === begins);
  const first = beginnings.at(-1) ?? (readableWhenStruck ? log.findLast((l) => l.now.kind === begins) : undefined);
  if (!first) return null;
  const state = reading(() => begin(timed(first), beginnings.slice(0, -1).map(timed)));
  if (!state) return null;
  const whole = { kind, id, log, struck: first.struck, ...state } as unknown as SubjectState;
  for (const line of standing) {
    const fold = isKind(line.now.kind) ? foldOf(line.now.kind) : null;
    if (fold) reading(() => fold(whole as never, timed(line), line));
  }
  return whole;
}

function foldOf(kind: Kind): Exclude<KindDefinition<SubjectKind, object>['fold'], 'begins'> | null {
  const { fold } = kindDefinition(kind) as Partial<KindDefinition<SubjectKind, object>>;
  return typeof fold === 'function' ? fold : null;
}

/** What a declaration makes of facts; null when they are of a shape that it cannot read, as a newer version may write them. */
function reading<T>(read: () => T): T | null {
  try {
    return read();
  } catch {
    return null;
  }
}
