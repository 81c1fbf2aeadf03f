/**
 * The log alone: what an entry is, which kinds there are, and how entries fold into the state of the book. Asks nothing of it.
 */
export type { Entry } from './entry/entry.ts';
export { BOOK_HEADER, MOST_ENTRIES, NOT_JOINED } from './entry/protocol.ts';
export type {
  BackupMade,
  AppendAnswer,
  AppendRequest,
  DoorEvent,
  DoorList,
  DoorState,
  Health,
  HomeNetwork,
  JoinCode,
  JoinedDevice,
  JournalPage,
  LinesOfDevice,
  PositionReading,
  Problem,
  Receipt,
  ScaleEvent,
  SentBy,
  SkyReading,
  ThermometerEvent,
} from './entry/protocol.ts';
export { TRUST_STEPS } from './entry/trust-steps.ts';
export type { SettingsScreen, TrustStep, TrustSteps } from './entry/trust-steps.ts';
export * from './kinds/index.ts';
export { sayConstraint } from './facts/plain-constraints.ts';
export { CLOCK_GRACE_MS, costlySteps, MOST_FACTS_CHARS, validateEntry } from './kinds/validate.ts';
export { asFacts } from './facts/as-facts.ts';
export { factsOf } from './kinds/facts-of.ts';
export { linesOf } from './state/logged.ts';
export type { Logged, SetApart } from './state/logged.ts';
export { amendLine, settleLine, standingLine, strikeLine } from './book/writing.ts';
export type { WriteMore, Writing } from './book/writing.ts';
export { Book } from './book/book.ts';
export { Beside, type Worker } from './book/beside.ts';
export { standingStrikes } from './state/standing-strikes.ts';
export { linksOf } from './book/links.ts';
export { foldSubject } from './book/fold-subject.ts';
export type { Apart } from './book/fold-subject.ts';
export type {
  BookState,
  BoxState,
  CutState,
  FishState,
  IncidentState,
  DinnerState,
  MealState,
  RecipeState,
  MemberState,
  PackState,
  RulesState,
  RuleState,
  SpeciesState,
  StateOf,
  SubjectState,
  Timed,
  TripState,
} from './state/states.ts';
