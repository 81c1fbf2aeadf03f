import type { Asks } from '../asked.ts';
import { schoolOf, type School, wayOf, type WayName } from '@dagboek/core/cut';
import { type OffalRules, offalRules } from '@dagboek/core/rules';
import { civilDay, stamp } from '@dagboek/core/time';
import { placeIn } from '../rules/place-in.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState } from '../../log/state/states.ts';
import { waysOf } from './at-the-board.ts';

/** Where what is left of fish goes when it goes back; as the ways and the uses of parts name it. */
const BACK = 'the water';

/**
 * What forbids that guts and frames of these fish go into the water: the rules where they were caught, and where the boat is while their
 * trip lasts. Null where no rules are known. `nowMs`: the day on which it is asked.
 */
export function offalOf(
  { book, rules, nowMs }: Asks<'book' | 'rules' | 'nowMs'>,
  fishIds: readonly string[],
): OffalRules | null {
  if (!rules) return null;
  const now = stamp(nowMs, rules.timeZone);
  const fish = fishIds.flatMap((id) => book.getAny('fish', id) ?? []);
  const zones = fish.flatMap((f) => {
    const trip = book.getAny('trip', f.trip);
    if (!trip) return [];
    const where = [f.landed.at, ...(trip.endedAt ? [] : [now])].map((at) => placeIn(rules, trip, at));
    return where.flatMap((p) => [p.zone, ...p.alsoIn]);
  });
  return offalRules(rules, {
    zones,
    speciesIds: fish.flatMap((f) => (f.species ? [f.species, ...f.orElse] : [])),
    day: civilDay(now, rules.timeZone),
  });
}

/** How a step is done: the school that is followed, the others that may be chosen, and what the rules take away. */
export interface SchoolsAt {
  readonly ask: string;
  readonly now: School;
  /** It is not what the house does. */
  readonly against: boolean;
  readonly others: readonly School[];
  /** Sentences of the rules that forbid one of the schools here. */
  readonly forbidden: readonly string[];
}

/** The schools at a step of a cut; what a rule forbids here is neither followed nor offered, whatever the house does elsewhere. */
export function schoolsAt(book: Book, cut: CutState, of: WayName, offal: OffalRules | null): SchoolsAt | null {
  const way = wayOf(of);
  if (!way) return null;
  const here = of === 'guts' ? (offal?.here ?? []) : [];
  const may = way.schools.filter((s) => here.length === 0 || s.is !== BACK);
  const wanted = schoolOf(waysOf(book, cut), of);
  const now = may.find((s) => s.is === wanted.is) ?? may[0]!;
  return {
    ask: way.ask,
    now,
    against: now.is !== schoolOf(waysOf(book), of).is,
    others: may.filter((s) => s.is !== now.is),
    forbidden: here.map((r) => r.sentence),
  };
}
