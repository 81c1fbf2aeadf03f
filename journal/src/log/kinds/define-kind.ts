import type { Logged } from '../state/logged.ts';
import type { Names } from '../facts/names.ts';
import type { StateOf, SubjectState, Timed } from '../state/states.ts';
import type { FactsShape } from '../facts/as-facts.ts';
import type { Field } from '../facts/field.ts';
import type { Link } from '../facts/link.ts';

export type SubjectKind = SubjectState['kind'];

/** A state while it is being folded; afterwards nobody changes it. */
export type Folding<S> = { -readonly [K in keyof S]: S[K] extends readonly (infer T)[] ? T[] : S[K] };

/**
 * A kind of entry, declared once: its facts, what it changes, how it is said and how it is corrected. What is left out does
 * not compile.
 */
export interface KindDefinition<S extends SubjectKind, F extends object> {
  /** The class that its facts must be. */
  readonly facts: FactsShape<F>;
  /** What a line of it that stands changes of the state so far, in the order of time. `begins`: it makes the state, see `SubjectDefinition`. */
  readonly fold: 'begins' | ((state: Folding<StateOf<S>>, facts: Timed<F>, line: Logged) => void);
  /** The entry as a plain sentence, without its time and writer. */
  readonly say: (facts: F, names: Names) => string;
  /** What can be corrected of it. */
  readonly fields: readonly Field[];
  /** Facts of one entry, as JSON, may be this long; left out = as all. */
  readonly mostChars?: number;
}

/** Declares kinds of one subject: `const kind = kindOf<'fish'>(); const LANDED = kind({ … })`. */
export const kindOf =
  <S extends SubjectKind>() =>
  <F extends object>(k: KindDefinition<S, F>): KindDefinition<S, F> =>
    k;

/** What a subject hangs on: it falls when one of `each` falls, or when all of `all` do. */
export interface HangsOn {
  readonly each?: readonly (string | null)[];
  readonly all?: readonly string[];
}

/** What something in the book is made of and tied to, declared once. */
export interface SubjectDefinition<S extends SubjectKind, F extends object> {
  /** The kind of entry that begins it. */
  readonly begins: string;
  /** Its state as it begins. `earlier`: other standing lines of that kind, in the order of time. */
  readonly begin: (facts: Timed<F>, earlier: readonly Timed<F>[]) => Omit<StateOf<S>, 'kind' | 'id' | 'log' | 'struck'>;
  /** Whether it stays readable when its beginning was struck; else it is gone, since another of its name may stand in its place. */
  readonly readableWhenStruck: boolean;
  readonly links: (s: StateOf<S>) => readonly Omit<Link, 'from'>[];
  readonly hangsOn: (s: StateOf<S>) => HangsOn;
}

/** Declares what a subject is; gives it back as it is, with its types held together. */
export const subjectOf = <S extends SubjectKind, F extends object>(
  s: SubjectDefinition<S, F>,
): SubjectDefinition<S, F> => s;
