import { type Freshness, freshness, spoilageModel } from '@dagboek/core/fresh';
import { asFirstKind, expectedWeight } from '@dagboek/core/measure';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs } from '@dagboek/core/time';
import type { FishState, PackState } from '../state/states.ts';
import type { Book } from '../state/book.ts';
import { type CustodyLine, custodyOf } from './custody.ts';
import { historyOf } from './history-of.ts';

/**
 * Weight of one fish, grams: by the scale, or estimated from its length, taken as the kind that the species' curve goes by.
 * Null without a species or a length, or when that length says nothing of the other.
 */
export function massOf(
  fish: FishState,
  species: SpeciesFacts | null,
): { g: number; how: 'scale' | 'estimated' } | null {
  if (fish.mass) return { g: fish.mass.g / fish.count, how: fish.mass.how };
  if (!species || !fish.length) return null;
  const middle = fish.length.longestMm ? (fish.length.mm + fish.length.longestMm) / 2 : fish.length.mm;
  const mm = asFirstKind(species, middle, fish.length.kind);
  return mm === null ? null : { g: expectedWeight(species, mm).massG, how: 'estimated' };
}

/**
 * Freshness used at `nowMs`, or when it was eaten. Null for a fish let go, without a name, or not yet killed.
 * `waterC`: the trip's water, null when it was not noted. `into`: the pack whose share of the fish is meant.
 */
export function freshnessOf(
  line: CustodyLine,
  species: SpeciesFacts | null,
  waterC: number | null,
  nowMs: number,
  into: PackState | null = null,
): Freshness | null {
  const { fish } = line;
  if (
    !species ||
    line.where === 'struck' ||
    line.where === 'let go' ||
    line.where === 'gone' ||
    (!fish.dispatched && !fish.bled && !fish.iced)
  )
    return null;
  // One pack may be eaten while its sister still lies in the freezer.
  const untilMs = Math.min(nowMs, line.eatenAt && !into ? epochMs(line.eatenAt) : nowMs);
  return freshness({
    kept: historyOf(line, into),
    massG: massOf(fish, species)?.g ?? 500,
    waterC,
    untilMs,
    iceDaysAllowed: species.iceDays,
    model: spoilageModel(species.keeping),
    histamine: species.histamine ?? false,
    // Still in hand: it may yet be bled, so it is not punished for it.
    bled: line.where === 'in hand' ? true : fish.bled !== null && fish.bled.cut !== 'none',
  });
}

/** Freshness of a fish of the book at `nowMs`, by its own history and the water of its trip; null as in `freshnessOf`. */
export function freshnessOfFish(
  book: Book,
  fishId: string,
  byId: (id: string | null) => SpeciesFacts | null,
  nowMs: number,
): Freshness | null {
  const line = custodyOf(book, fishId);
  if (!line) return null;
  const waterC = book.getAny('trip', line.fish.trip)?.waterC ?? null;
  return freshnessOf(line, byId(line.fish.species), waterC, nowMs);
}
