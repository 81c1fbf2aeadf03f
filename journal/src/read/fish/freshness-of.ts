import type { Asks } from '../asked.ts';
import { penaltyOf } from '@dagboek/core/cut';
import { type Freshness, freshness, type Penalty, spoilageModel } from '@dagboek/core/fresh';
import { epochMs } from '@dagboek/core/time';
import type { FishState, PackState } from '../../log/state/states.ts';
import { type CustodyLine, custodyOf } from '../places/custody.ts';
import { fleshHistory, type FleshHistory } from '../warmth/flesh-history.ts';

/**
 * What was done to a fish by `untilMs` that shortens its time. One still in hand may yet be bled, so it is not punished for it. A gut
 * that was pierced at sea and noted again on the board counts once.
 */
export function penaltiesOf(line: CustodyLine, untilMs = Infinity): Penalty[] {
  const { fish } = line;
  const bled = line.where === 'in hand' || (fish.bled !== null && fish.bled.cut !== 'none');
  const cuts = line.cuts.filter((c) => c.struck === null);
  const by = <T extends { readonly at: string }>(list: readonly T[]): T[] =>
    list.filter((x) => epochMs(x.at) <= untilMs);
  const found = cuts.flatMap((c) => by(c.findings)).flatMap((f) => penaltyOf(f) ?? []);
  const rinsed = cuts.some((c) => by(c.steps).some((s) => s.step === 'rinsed in fresh water'));
  return [
    ...new Set<Penalty>([
      ...(bled ? [] : ['notBled' as const]),
      ...(fish.dispatched?.gutPierced ? ['gutBurst' as const] : []),
      ...found,
      ...(rinsed ? ['freshWater' as const] : []),
    ]),
  ];
}

/** Whether freshness is a question: of a fish that was killed, and is neither let go nor thrown away. */
export const mayBeFresh = ({ fish, where }: Pick<CustodyLine, 'fish' | 'where'>): boolean =>
  where !== 'struck' && where !== 'let go' && where !== 'gone' && isDead(fish);
const isDead = (f: FishState): boolean => f.dispatched !== null || f.bled !== null || f.iced !== null;

/**
 * Freshness used at `nowMs`, or when it was eaten. Null for a fish let go, without a name, or not yet killed.
 * `into`: the pack whose share of the fish is meant. `history`: another than its own, to compare with.
 */
export function freshnessOf(
  asked: Asks<'book' | 'species' | 'nowMs'>,
  line: CustodyLine,
  into: PackState | null = null,
  history: FleshHistory | null = null,
): Freshness | null {
  const { species: byId, nowMs } = asked;
  const species = byId(line.fish.species);
  if (!species || !mayBeFresh(line)) return null;
  // One pack may be eaten while its sister still lies in the freezer.
  const untilMs = Math.min(nowMs, line.eatenAt && !into ? epochMs(line.eatenAt) : nowMs);
  const lay = history ?? fleshHistory(asked, line, into, untilMs);
  return freshness({
    history: lay,
    massG: lay.massG,
    untilMs,
    iceDaysAllowed: species.iceDays,
    model: spoilageModel(species.keeping),
    histamine: species.histamine ?? false,
    penalties: penaltiesOf(line, untilMs),
  });
}

/** Freshness of a fish of the book at `nowMs`, by its own history; null as in `freshnessOf`. */
export function freshnessOfFish(asked: Asks<'book' | 'species' | 'nowMs'>, fishId: string): Freshness | null {
  const { book } = asked;
  const line = custodyOf(book, fishId);
  return line && freshnessOf(asked, line);
}
