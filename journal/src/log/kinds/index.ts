import { LogStruck } from '../facts/book.ts';
import type { Field } from '../facts/field.ts';
import type { KindDefinition, SubjectDefinition, SubjectKind } from './define-kind.ts';
import { BOOK, BOOK_KINDS, BOX, MEMBER } from './of-book.ts';
import { CUT, CUT_KINDS } from './of-cut.ts';
import { DAY, DAY_KINDS } from './of-day.ts';
import { DINNER, DINNER_KINDS, RECIPE, RECIPE_KINDS } from './of-dinner.ts';
import { FISH, FISH_KINDS } from './of-fish.ts';
import { INCIDENT, INCIDENT_KINDS } from './of-incident.ts';
import { MEAL, MEAL_KINDS } from './of-meal.ts';
import { OWN_KINDS, RULE, RULES, SPECIES } from './of-own.ts';
import { PACK, PACK_KINDS } from './of-pack.ts';
import { STORE, STORE_ENTRY_KINDS } from './of-store.ts';
import { TRIP, TRIP_KINDS } from './of-trip.ts';

/** Every kind of entry. The first word of a kind is what its subject is. */
export const KINDS = {
  ...BOOK_KINDS,
  ...TRIP_KINDS,
  ...FISH_KINDS,
  ...CUT_KINDS,
  ...PACK_KINDS,
  ...STORE_ENTRY_KINDS,
  ...MEAL_KINDS,
  ...DAY_KINDS,
  ...DINNER_KINDS,
  ...RECIPE_KINDS,
  ...INCIDENT_KINDS,
  ...OWN_KINDS,
  /** Takes back another entry; its subject is that of the entry it strikes, and folding knows it by `strikes`. */
  'log.struck': { facts: LogStruck, say: () => 'Struck.', fields: [] },
} as const;

/** Everything that a book is about. */
export const SUBJECTS = {
  book: BOOK,
  member: MEMBER,
  box: BOX,
  trip: TRIP,
  fish: FISH,
  cut: CUT,
  pack: PACK,
  store: STORE,
  meal: MEAL,
  day: DAY,
  dinner: DINNER,
  recipe: RECIPE,
  incident: INCIDENT,
  species: SPECIES,
  rule: RULE,
  rules: RULES,
} as const satisfies { readonly [S in SubjectKind]: SubjectDefinition<S, never> | object };

export type Kind = keyof typeof KINDS;
export type FactsOf<K extends Kind> = InstanceType<(typeof KINDS)[K]['facts']>;
export type { SubjectKind } from './define-kind.ts';
export type { Field } from '../facts/field.ts';
export type { Link } from '../facts/link.ts';

/** What the subject of each kind is, looked up and not cut out of its name: folding asks it of every line. */
const SUBJECT_OF: ReadonlyMap<string, SubjectKind | null> = new Map(
  Object.keys(KINDS).map((k) => [k, k === 'log.struck' ? null : (k.slice(0, k.indexOf('.')) as SubjectKind)]),
);

/** Whether a kind is one that this version of the book knows. */
export const isKind = (kind: string): kind is Kind => SUBJECT_OF.has(kind);

/** What a kind's subject is; null for `log.struck`, whose subject is that of the entry it strikes. */
export const subjectKindOf = (kind: Kind): SubjectKind | null => SUBJECT_OF.get(kind) ?? null;

/** The declaration of a kind without the types of its own facts: for code that treats all alike. */
export const kindDefinition = (kind: Kind): Omit<KindDefinition<SubjectKind, object>, 'fold'> & { fold?: unknown } =>
  KINDS[kind] as unknown as KindDefinition<SubjectKind, object>;

/** What can be corrected in an entry; nothing of a kind that this version does not know. */
export const fieldsOf = (kind: string): readonly Field[] => (isKind(kind) ? kindDefinition(kind).fields : []);

/** The declaration of a subject, likewise. */
export const subjectDefinition = (kind: SubjectKind): SubjectDefinition<SubjectKind, object> =>
  SUBJECTS[kind] as unknown as SubjectDefinition<SubjectKind, object>;

/** Whether a kind begins something that stays readable when its beginning is struck: to strike one takes the whole thing out of every count. */
export const beginsSomething = (kind: string): boolean =>
  Object.values(SUBJECTS).some((s) => s.readableWhenStruck && s.begins === kind);

export * from '../facts/board.ts';
export * from '../facts/book.ts';
export * from '../facts/day.ts';
export * from '../facts/deck.ts';
export * from '../facts/dinner.ts';
export * from '../facts/incident.ts';
export * from '../facts/larder.ts';
export * from '../facts/picture.ts';
export * from '../facts/rule.ts';
export * from '../facts/rules.ts';
export * from '../facts/species.ts';
export * from '../facts/store.ts';
export * from '../facts/table.ts';
export * from '../facts/trip.ts';
