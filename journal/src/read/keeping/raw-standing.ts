import type { Asks } from '../asked.ts';
import { allThatFollows } from '@dagboek/core/cut';
import { isFood, isUncooked, type RawClock } from '@dagboek/core/larder';
import type { SpeciesFacts } from '@dagboek/core/species';
import { foundInPack } from './findings.ts';
import type { PackState } from '../../log/state/states.ts';
import { kindsOfPack } from './kinds-of-pack.ts';
import { rawClockOf } from './raw-clock-of.ts';

/** What is asked of a species about raw fish. */
export type RawFacts = SpeciesFacts & {
  readonly raw: { readonly verdict: 'never' | 'cook' | 'frozen first'; readonly why: string };
};

/** How a pack stands to being eaten raw: never, and why; or by its clock of freezing. Null of what is cooked, or of a kind that is not known. */
export type RawStanding =
  { readonly never: readonly string[]; readonly clock: null } | { readonly never: null; readonly clock: RawClock };

/**
 * Whether freezing makes raw eating of a pack safer at all: by every kind that its fish may be while one is not settled, and by what was
 * found in them. Only then its clock is told.
 */
export function rawStandingOf(
  asked: Asks<'book' | 'species' | 'nowMs', RawFacts>,
  pack: PackState,
): RawStanding | null {
  const { book, species: byId } = asked;
  if (!isUncooked(pack.form) || !isFood(pack.form)) return null;
  const species = kindsOfPack(book, pack).map((id) => byId(id));
  // Of a kind that this device does not know (yet), nothing is said.
  if (species.some((s) => s === null)) return null;
  const ofKind = species.flatMap((s) => (s && s.raw.verdict !== 'frozen first' ? [s.raw.why] : []));
  const found = allThatFollows(foundInPack(book, pack).finds);
  const never = [...new Set([...ofKind, ...found.bin, ...found.raw])];
  return never.length > 0 ? { never, clock: null } : { never: null, clock: rawClockOf(asked, pack) };
}
