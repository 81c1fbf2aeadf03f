import type { Entry } from '../entry.ts';
import { isKind, kindDefinition, subjectDefinition, type SubjectKind, subjectKindOf } from '../kinds/index.ts';
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
  const beginnings = log.filter((l) => l.now.kind === begins && !l.struck);
  const first = beginnings.at(-1) ?? (readableWhenStruck ? log.findLast((l) => l.now.kind === begins) : undefined);
  if (!first) return null;
  let whole: SubjectState;
  try {
    const state = begin(timed(first), beginnings.length > 1 ? beginnings.slice(0, -1).map(timed) : []);
    whole = { kind, id, log, struck: first.struck, ...state } as unknown as SubjectState;
  } catch {
    // Facts of a shape that this version cannot read, as a newer one may write them.
    return null;
  }
  for (const line of log) {
    const fold = line.struck ? null : foldOf(line.now.kind);
    if (!fold) continue;
    try {
      fold(whole as never, timed(line), line);
    } catch {
      // Likewise: the line stays in the log and changes nothing.
    }
  }
  return whole;
}

function foldOf(kind: string): Exclude<KindDefinition<SubjectKind, object>['fold'], 'begins'> | null {
  if (!isKind(kind)) return null;
  const { fold } = kindDefinition(kind) as Partial<KindDefinition<SubjectKind, object>>;
  return typeof fold === 'function' ? fold : null;
}
