import { type Freshness, freshness, type KeptFrom } from '@dagboek/core/fresh';
import { expectedWeight } from '@dagboek/core/measure';
import type { SpeciesFacts } from '@dagboek/core/species';
import { epochMs } from '@dagboek/core/time';
import type { FishState } from '../state/states.ts';
import type { CustodyLine } from './custody.ts';

/** Weight of one fish, grams: by the scale, or estimated from its length, or from the usual length. Null without a species or a weight. */
export function massOf(
  fish: FishState,
  species: SpeciesFacts | null,
): { g: number; how: 'scale' | 'estimated' } | null {
  if (fish.mass) return { g: fish.mass.g / fish.count, how: fish.mass.how };
  if (!species || !fish.length) return null;
  const mm = fish.length.longestMm ? (fish.length.mm + fish.length.longestMm) / 2 : fish.length.mm;
  return { g: expectedWeight(species, mm).massG, how: 'estimated' };
}

/** Where the fish lay, from its death on. Before it is killed the clock of spoilage does not run. */
function keptOf(line: CustodyLine): KeptFrom[] {
  const { fish, cuts, packs } = line;
  const kept: KeptFrom[] = [];
  const from = (at: string | undefined, keeping: KeptFrom['keeping']): void => {
    if (at) kept.push({ atMs: epochMs(at), keeping });
  };
  from((fish.dispatched ?? fish.landed).at, 'air');
  if (fish.bled && fish.bled.cut !== 'none')
    from(fish.bled.at, fish.bled.medium === 'sea-water bucket' ? 'bucket' : 'air');
  from(fish.iced?.at, 'box');
  from(cuts[0]?.startedAt, 'board');
  // Several packs of one fish: follow the one that is eaten last, or lies longest.
  const raw = packs.filter((p) => p.form !== 'stock' && p.form !== 'cooked' && !p.discarded);
  for (const p of raw.at(-1)?.places ?? []) from(p.at, p.place);
  return kept;
}

/**
 * Freshness used at `nowMs`, or when it was eaten. Null for a fish let go, without a name, or not yet killed.
 * `waterC`: the trip's water, null when it was not noted.
 */
export function freshnessOf(
  line: CustodyLine,
  species: SpeciesFacts | null,
  waterC: number | null,
  nowMs: number,
): Freshness | null {
  const { fish } = line;
  if (!species || line.where === 'let go' || line.where === 'gone' || (!fish.dispatched && !fish.bled && !fish.iced))
    return null;
  const untilMs = Math.min(nowMs, line.eatenAt ? epochMs(line.eatenAt) : nowMs);
  return freshness({
    kept: keptOf(line),
    massG: massOf(fish, species)?.g ?? 500,
    waterC,
    untilMs,
    iceDaysAllowed: species.iceDays,
    // Still in hand: it may yet be bled, so it is not punished for it.
    bled: line.where === 'in hand' ? true : fish.bled !== null && fish.bled.cut !== 'none',
  });
}
