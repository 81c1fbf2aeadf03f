import { CutByproduct, CutFound, CutStarted, CutWeighed } from './board.ts';
import { BookError, BookOpened, BoxAdded, BoxRetired, LogStruck, MemberJoined, MemberLeft } from './book.ts';
import {
  FishBled,
  FishDispatched,
  FishIced,
  FishLanded,
  FishMeasured,
  FishNamed,
  FishNoted,
  FishReleased,
  FishReported,
  FishWeighed,
} from './deck.ts';
import { FishPictured } from './picture.ts';
import { PackDiscarded, PackMoved, PackStored } from './larder.ts';
import { RuleSet } from './rule.ts';
import { RulesAdded } from './rules.ts';
import { SpeciesAdded } from './species.ts';
import { MealNoted, MealRated, MealServed } from './table.ts';
import { TripEnded, TripHarm, TripMoved, TripNoted, TripStarted } from './trip.ts';

/** Every kind of entry and the class its facts must be. The first word of a kind is what its subject is. */
export const KINDS = {
  'book.opened': BookOpened,
  'book.error': BookError,
  'member.joined': MemberJoined,
  'member.left': MemberLeft,
  'box.added': BoxAdded,
  'box.retired': BoxRetired,
  'trip.started': TripStarted,
  'trip.moved': TripMoved,
  'trip.ended': TripEnded,
  'trip.noted': TripNoted,
  'trip.harm': TripHarm,
  'fish.landed': FishLanded,
  'fish.named': FishNamed,
  'fish.measured': FishMeasured,
  'fish.weighed': FishWeighed,
  'fish.released': FishReleased,
  'fish.dispatched': FishDispatched,
  'fish.bled': FishBled,
  'fish.iced': FishIced,
  'fish.noted': FishNoted,
  'fish.reported': FishReported,
  'fish.pictured': FishPictured,
  'cut.started': CutStarted,
  'cut.weighed': CutWeighed,
  'cut.byproduct': CutByproduct,
  'cut.found': CutFound,
  'pack.stored': PackStored,
  'pack.moved': PackMoved,
  'pack.discarded': PackDiscarded,
  'meal.served': MealServed,
  'meal.rated': MealRated,
  'meal.noted': MealNoted,
  'species.added': SpeciesAdded,
  'rule.set': RuleSet,
  'rules.added': RulesAdded,
  'log.struck': LogStruck,
} as const;

export type Kind = keyof typeof KINDS;
export type FactsOf<K extends Kind> = InstanceType<(typeof KINDS)[K]>;
export type SubjectKind =
  'book' | 'member' | 'box' | 'trip' | 'fish' | 'cut' | 'pack' | 'meal' | 'species' | 'rule' | 'rules';

/** Whether a kind is one that this version of the book knows. */
export const isKind = (kind: string): kind is Kind => Object.hasOwn(KINDS, kind);

/** What a kind's subject is; null for `log.struck`, whose subject is that of the entry it strikes. */
export const subjectKindOf = (kind: Kind): SubjectKind | null =>
  kind === 'log.struck' ? null : (kind.split('.')[0] as SubjectKind);

export * from './board.ts';
export * from './book.ts';
export * from './deck.ts';
export * from './larder.ts';
export * from './picture.ts';
export * from './rule.ts';
export * from './rules.ts';
export * from './species.ts';
export * from './table.ts';
export * from './trip.ts';
