import type { Asks } from '../asked.ts';
import { mayEatRaw, type RawPack, type RawVerdict } from '@dagboek/core/cook';
import { isUncooked } from '@dagboek/core/larder';
import { daysBetween } from '@dagboek/core/time';
import { fishInPack, freshnessOfPack } from '../fish/pack-fish.ts';
import type { HeldPack } from './packs-held.ts';
import type { RawFacts } from './raw-standing.ts';
import { atRiskOf } from './at-risk.ts';
import { kindsOfPack } from './kinds-of-pack.ts';
import { rawClockOf } from './raw-clock-of.ts';
import { custodyOf } from '../places/custody.ts';
import { fleshHistory } from '../warmth/flesh-history.ts';
import { rawBy } from './raw-by.ts';
import { strictest, waterOfFish, waterOfSpecies } from './water-of-fish.ts';
import { mayBeFresh } from '../fish/freshness-of.ts';

const HOUR_MS = 3_600_000;
/** Warm is above so, degC. */
const WARM_C = 5;

/** Hours that the middle of the worst fish of a pack lay above 5 degC; null where that is known of none. */
function warmHours(asked: Asks<'book' | 'species' | 'nowMs', RawFacts>, held: HeldPack): number | null {
  const { book, nowMs } = asked;
  let worst: number | null = null;
  for (const id of fishInPack(book, held.pack)) {
    const line = custodyOf(book, id);
    if (!line || !mayBeFresh(line)) return null;
    const { atMs, coreC } = fleshHistory(asked, line, held.pack, nowMs).course;
    let ms = 0;
    for (let i = 1; i < atMs.length; i++) {
      if (atMs[i - 1]! >= nowMs) break;
      const middle = (coreC[i]! + coreC[i - 1]!) / 2;
      if (middle > WARM_C) ms += Math.min(atMs[i]!, nowMs) - atMs[i - 1]!;
    }
    worst = Math.max(worst ?? 0, ms / HOUR_MS);
  }
  return worst;
}

/** A pack as the verdict on raw fish asks for it. `today`: civil day; `rules`: of the waters, for the grounds of the place where a fish was caught; null: not known. */
export function rawPackOf(
  asked: Asks<'book' | 'species' | 'nowMs' | 'rules', RawFacts>,
  held: HeldPack,
  today: string,
): RawPack {
  const { book, species: byId, nowMs } = asked;
  const { pack } = held;
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
  const species = kindsOfPack(book, pack).map((id) => byId(id));
  const known = species.flatMap((s) => s ?? []);
  const clock = rawClockOf(asked, pack);
  const frozen = clock.why !== 'not frozen';
  const hist = freshnessOfPack(asked, pack, nowMs)?.histamine ?? null;
  return {
    of: `Pack ${held.number}`,
    kinds: known.map((s) => ({ name: s.name, verdict: s.raw.verdict, why: s.raw.why })),
    unknownKind: known.length < species.length || fish.some((f) => f.orElse.length > 0),
    water: strictest([
      ...fish.flatMap((f) => [f.species ?? pack.species, ...f.orElse].map((id) => waterOfFish(asked, f, byId(id)))),
      ...(fish.length > 0 ? [] : species.map(waterOfSpecies)),
    ]),
    origin: fish.map((f) => f.origin).find((o) => o !== null) ?? null,
    lines: isUncooked(pack.form) && frozen ? clock.lines : null,
    thawed: held.thawed,
    found: [...new Set([...held.found.bin, ...held.found.raw])],
    gutPierced: held.found.finds.some((f) => f.of === 'gut' && f.is === 'pierced'),
    histamine: hist ? (hist.state === 'over' ? Math.max(1, hist.hours / hist.limitH) : hist.hours / hist.limitH) : null,
    daysPast: daysBetween(held.keeps.authority, today),
    warmH: warmHours(asked, held),
  };
}

/** May these packs be eaten raw by these people and so many guests: what the authorities' conditions come to. */
export function rawVerdictOf(
  asked: Asks<'book' | 'species' | 'nowMs' | 'rules', RawFacts>,
  packs: readonly HeldPack[],
  eaters: readonly string[],
  guests: number,
  today: string,
): RawVerdict {
  const { book } = asked;
  return mayEatRaw(
    packs.map((h) => rawPackOf(asked, h, today)),
    atRiskOf(book, eaters, today),
    guests,
    rawBy(book),
  );
}
