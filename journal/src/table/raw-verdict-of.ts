import { mayEatRaw, type RawPack, type RawVerdict } from '@dagboek/core/cook';
import { isUncooked } from '@dagboek/core/larder';
import { type SpeciesFacts, waterOfGround } from '@dagboek/core/species';
import { daysBetween } from '@dagboek/core/time';
import { fishInPack, freshnessOfPack } from '../line/pack-fish.ts';
import type { HeldPack } from '../larder/packs-held.ts';
import type { RawFacts } from '../larder/raw-standing.ts';
import { atRiskOf } from '../larder/at-risk.ts';
import { kindsOfPack } from '../larder/kinds-of-pack.ts';
import { rawClockOf } from '../larder/raw-clock-of.ts';
import type { Book } from '../state/book.ts';
import { custodyOf } from '../line/custody.ts';
import { fleshHistory } from '../line/flesh-history.ts';
import { mayBeFresh } from '../line/freshness-of.ts';

const HOUR_MS = 3_600_000;
/** Warm is above so, degC. */
const WARM_C = 5;

/** Where a species lives, by the grounds on which it is met; of a ground that is not known, either. */
function waterOf(species: SpeciesFacts): RawPack['water'] {
  const waters = Object.entries(species.grounds)
    .filter(([, share]) => share > 0)
    .map(([g]) => waterOfGround(g));
  if (waters.length === 0 || waters.includes(null)) return 'both';
  return waters.every((w) => w === 'fresh') ? 'fresh' : waters.every((w) => w === 'sea') ? 'sea' : 'both';
}

/** Of all species that may be in a pack: fresh water where one of them is of it. */
function waterOfAll(all: readonly SpeciesFacts[]): RawPack['water'] {
  const waters = all.map(waterOf);
  return waters.includes('fresh') ? 'fresh' : waters.length === 0 || waters.includes('both') ? 'both' : 'sea';
}

/** Hours that the middle of the worst fish of a pack lay above 5 degC; null where that is known of none. */
function warmHours(
  book: Book,
  held: HeldPack,
  byId: (id: string | null) => RawFacts | null,
  nowMs: number,
): number | null {
  let worst: number | null = null;
  for (const id of fishInPack(book, held.pack)) {
    const line = custodyOf(book, id);
    if (!line || !mayBeFresh(line)) return null;
    const { atMs, coreC } = fleshHistory(book, line, byId, held.pack, nowMs).course;
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

/** A pack as the verdict on raw fish asks for it. `today`: civil day. */
export function rawPackOf(
  book: Book,
  held: HeldPack,
  byId: (id: string | null) => RawFacts | null,
  today: string,
  nowMs: number,
): RawPack {
  const { pack } = held;
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
  const species = kindsOfPack(book, pack).map((id) => byId(id));
  const known = species.flatMap((s) => s ?? []);
  const clock = rawClockOf(book, pack, byId, nowMs);
  const frozen = clock.why !== 'not frozen';
  const hist = freshnessOfPack(book, pack, byId, nowMs)?.histamine ?? null;
  return {
    of: `Pack ${held.number}`,
    kinds: known.map((s) => ({ name: s.name, verdict: s.raw.verdict, why: s.raw.why })),
    unknownKind: known.length < species.length || fish.some((f) => f.orElse.length > 0),
    water: waterOfAll(known),
    origin: fish.map((f) => f.origin).find((o) => o !== null) ?? null,
    lines: isUncooked(pack.form) && frozen ? clock.lines : null,
    found: [...new Set([...held.found.bin, ...held.found.raw])],
    gutPierced: held.found.finds.some((f) => f.of === 'gut' && f.is === 'pierced'),
    histamine: hist ? (hist.state === 'over' ? Math.max(1, hist.hours / hist.limitH) : hist.hours / hist.limitH) : null,
    daysPast: daysBetween(held.keeps.authority, today),
    warmH: warmHours(book, held, byId, nowMs),
  };
}

/** May these packs be eaten raw by these people and so many guests: what the authorities' conditions come to. */
export function rawVerdictOf(
  book: Book,
  packs: readonly HeldPack[],
  eaters: readonly string[],
  guests: number,
  byId: (id: string | null) => RawFacts | null,
  today: string,
  nowMs: number,
): RawVerdict {
  return mayEatRaw(
    packs.map((h) => rawPackOf(book, h, byId, today, nowMs)),
    atRiskOf(book, eaters, today),
    guests,
  );
}
