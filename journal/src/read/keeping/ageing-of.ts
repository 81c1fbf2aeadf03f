import type { Asks } from '../asked.ts';
import {
  type AgeingFacts,
  isBody,
  type LossCurve,
  lossCurve,
  mindAgeing,
  mustNotAge,
  type RackWeighing,
  readyWindow,
} from '@dagboek/core/larder';
import { doneToMeat } from '@dagboek/core/cut';
import { spoilageModel } from '@dagboek/core/fresh';

import { addDays, epochMs } from '@dagboek/core/time';
import type { Units } from '@dagboek/core/units';
import { foundInPack } from './findings.ts';
import { freshnessOfPack } from '../fish/pack-fish.ts';
import type { PackState } from '../../log/state/states.ts';
import { cutsOfPack } from '../bodies/cut-of-pack.ts';
import { formOfPack } from '../bodies/pack-form.ts';
import { type Store, storeNow, storeOfPack } from '../places/stores.ts';

/** How a whole fish on a rack stands. */
export interface Ageing {
  /** Since when it hangs, epoch ms, and the days since then. */
  readonly hungMs: number;
  readonly days: number;
  readonly atStartG: number;
  readonly weighings: readonly RackWeighing[];
  readonly curve: LossCurve;
  /** Civil days from which to which it is ready; null when it has none. */
  readonly ready: { readonly from: string; readonly to: string } | null;
  /** What forbids it, and what to mind. */
  readonly facts: AgeingFacts;
}

const DAY_MS = 86_400_000;
/** A reading of the rack speaks for so long, ms. */
const READ_MS = 36 * 3_600_000;
/** Of a fish whose line nobody noted. */
const UNKNOWN_USED = 0.3;
const BURST: readonly string[] = ['pierced', 'burst by itself'];

/** What is asked before a pack is aged in a store, from `hungMs` on. `thawed`: it was frozen before. */
export function ageingFacts(
  asked: Asks<'book' | 'species' | 'nowMs'>,
  pack: PackState,
  store: Store,
  hungMs: number,
  massG: number,
  thawed: boolean,
): AgeingFacts {
  const { book, species: byId, nowMs } = asked;
  const species = byId(pack.species);
  const { finds } = foundInPack(book, pack);
  const now = storeNow(asked, store);
  const steps = cutsOfPack(book, pack).flatMap((c) => c.steps.map((s) => s.step));
  const fresh = freshnessOfPack(asked, pack, Math.min(hungMs, nowMs));
  const found = (of: string, is: (x: string) => boolean): boolean => finds.some((f) => f.of === of && is(f.is));
  return {
    whole: isBody(formOfPack(book, pack)),
    gutted: formOfPack(book, pack) === 'gutted' || cutsOfPack(book, pack).some((c) => c.stages.gutted !== undefined),
    massG,
    thawed,
    rinsed: doneToMeat(steps).includes('rinsed in fresh water'),
    histamine: freshnessOfPack(asked, pack, nowMs)?.histamine?.state ?? 'none',
    gutBurst: found('gut', (x) => BURST.includes(x)),
    skinBroken: found('damage', (x) => x !== 'none' && x !== 'bruise'),
    soft: found('flesh', (x) => x !== 'firm' && x !== 'gaping'),
    storeC: now.c,
    storeRead: now.read !== null && nowMs - epochMs(now.read.at) <= READ_MS,
    damp: now.read?.damp ?? null,
    window: readyWindow(
      fresh?.used ?? UNKNOWN_USED,
      fresh?.iceDaysAllowed ?? species?.iceDays ?? 8,
      now.c,
      species ? spoilageModel(species.keeping) : 'temperate',
    ),
  };
}

/** How a pack on an ageing rack stands; null of any that lies elsewhere. `thawed`: it was frozen before; `day`: civil day of an instant. */
export function ageingOf(
  asked: Asks<'book' | 'species' | 'day' | 'nowMs'>,
  pack: PackState,
  thawed: boolean,
): Ageing | null {
  const { book, day, nowMs } = asked;
  const store = storeOfPack(book, pack);
  const place = pack.places.at(-1);
  if (store.is !== 'ageing rack' || !place) return null;
  const hungMs = epochMs(place.at);
  const atStart = pack.weighed.filter((w) => epochMs(w.at) <= hungMs + DAY_MS / 24).at(-1);
  const atStartG = atStart?.massG ?? pack.massG;
  const weighings = pack.weighed
    .filter((w) => epochMs(w.at) > hungMs)
    .map((w): RackWeighing => ({ days: (epochMs(w.at) - hungMs) / DAY_MS, massG: w.massG }));
  const facts = ageingFacts(asked, pack, store, hungMs, atStartG, thawed);
  const hung = day(place.at);
  return {
    hungMs,
    days: Math.max(0, (nowMs - hungMs) / DAY_MS),
    atStartG,
    weighings,
    curve: lossCurve(atStartG, weighings),
    ready: facts.window && { from: addDays(hung, facts.window.from), to: addDays(hung, facts.window.to) },
    facts,
  };
}

/** Whether it may go on hanging. */
export const mayAge = (a: Ageing): boolean => mustNotAge(a.facts).length === 0;

/** What forbids, and what to mind, as sentences. */
export const sayAgeing = (f: AgeingFacts, units?: Units): { readonly stop: string[]; readonly mind: string[] } => ({
  stop: mustNotAge(f, units),
  mind: mindAgeing(f, units),
});
