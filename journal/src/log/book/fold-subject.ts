import type { Entry } from '../entry/entry.ts';
import { isKind, kindDefinition, subjectDefinition, type SubjectKind, subjectKindOf } from '../kinds/index.ts';
import type { KindDefinition } from '../kinds/define-kind.ts';
import { Unreadable } from '../facts/unreadable.ts';
import { type Logged, linesOf } from '../state/logged.ts';
import type { SubjectState, Timed } from '../state/states.ts';

/** A line that is set apart, and what it is about. */
export interface Apart {
  readonly subject: string;
  readonly line: Logged;
}

/** What the entries of one subject come to. */
export interface Folded {
  /** Null while the entry that begins it (landed, started, stored, served) is missing. */
  readonly state: SubjectState | null;
  /** Its lines that cannot be read and were not struck: they change nothing. */
  readonly apart: readonly Logged[];
}

const CANNOT = 'This version cannot read it.';
const NOTHING: Folded = { state: null, apart: [] };

const timed = (line: Logged): Timed<object> => ({
  ...line.now.facts,
  at: line.now.at,
  about: line.now.about ?? false,
});

const kindOf = (e: Entry): SubjectKind | null => (isKind(e.kind) ? subjectKindOf(e.kind) : null);
const isBeginning = (e: Entry): boolean => {
  const k = kindOf(e);
  return k !== null && subjectDefinition(k).begins === e.kind;
};

/**
 * What the subject of these lines is: what the first made entry that begins something says, or else the first made one
 * (ids are in the order of making). In a healthy book all say the same.
 */
function kindOfSubject(log: readonly Logged[]): SubjectKind | null {
  let found: Entry | null = null;
  for (const { first: e } of log) {
    if (kindOf(e) === null) continue;
    if (found === null) found = e;
    else if (isBeginning(e) !== isBeginning(found) ? isBeginning(e) : e.id < found.id) found = e;
  }
  return found && kindOf(found);
}

const said = (e: unknown): string => (e instanceof Unreadable ? e.message : CANNOT);

/**
 * Folds one subject, from all of its entries and nothing else: so it does not matter in which order they came. When its
 * beginning was struck the state says so (`struck`): it stays readable, and whoever counts leaves it out. A species, rule or
 * version that was struck is gone, since an earlier one of the same name may stand in its place. A line of a kind that this
 * version does not know changes nothing and stays in the log; so does one that cannot be read, or is about something else,
 * which is set apart besides.
 */
export function foldSubject(id: string, entries: readonly Entry[]): Folded {
  const log = linesOf(entries);
  const kind = kindOfSubject(log);
  if (!kind) return NOTHING;
  const { begins, begin, readableWhenStruck } = subjectDefinition(kind);
  const setApart = (line: Logged, why: string): void =>
    void log.splice(log.indexOf(line), 1, { ...line, apart: { why, entry: line.now } });
  for (let i = 0; i < log.length; i++) {
    const line = log[i] as Logged;
    const about = line.apart === null ? kindOf(line.now) : null;
    if (about !== null && about !== kind)
      setApart(line, `It is written of a ${kind}, and says something of a ${about}.`);
  }
  const beginnings = log.filter((l) => l.now.kind === begins && !l.struck && l.apart === null);
  let whole: SubjectState | null = null;
  const from = (line: Logged, earlier: readonly Logged[]): void => {
    const state = begin(timed(line), earlier.map(timed));
    const made = { kind, id, log, struck: line.struck, ...state } as unknown as SubjectState;
    mustHang(made);
    whole = made;
  };
  for (let first = beginnings.pop(); first && !whole; first = whole ? undefined : beginnings.pop())
    try {
      from(first, beginnings);
    } catch (e) {
      // Facts of a shape that this version cannot read: what it began with before holds.
      setApart(first, said(e));
    }
  const struck = whole || !readableWhenStruck ? undefined : log.findLast((l) => l.now.kind === begins && l.struck);
  if (struck && struck.apart === null)
    try {
      from(struck, []);
    } catch {
      // It was taken back anyway.
    }
  if (whole)
    for (const line of [...log]) {
      const fold = line.struck || line.apart !== null ? null : foldOf(line.now.kind);
      if (!fold) continue;
      try {
        fold(whole as never, timed(line), line);
      } catch (e) {
        setApart(line, said(e));
      }
    }
  if (whole)
    try {
      mustHang(whole);
    } catch {
      for (const line of log.filter((l) => l.now.kind === begins && l.apart === null)) setApart(line, CANNOT);
      whole = null;
    }
  return { state: whole, apart: log.filter((l) => l.apart !== null && !l.struck) };
}

/** Throws where a state does not say what it hangs on: everything that counts asks it. */
function mustHang(s: SubjectState): void {
  const { links, hangsOn } = subjectDefinition(s.kind);
  links(s);
  hangsOn(s);
}

function foldOf(kind: string): Exclude<KindDefinition<SubjectKind, object>['fold'], 'begins'> | null {
  if (!isKind(kind)) return null;
  const { fold } = kindDefinition(kind) as Partial<KindDefinition<SubjectKind, object>>;
  return typeof fold === 'function' ? fold : null;
}
