import type { Asks } from '../asked.ts';
import { epochMs } from '@dagboek/core/time';
import { foundInPack } from '../keeping/findings.ts';
import { packNumber } from '../bodies/pack-numbers.ts';
import { custodyOf, type CustodyLine } from '../places/custody.ts';
import { fishInPack, freshnessOfPack } from '../fish/pack-fish.ts';
import type { IncidentState, MealState, PackState } from '../../log/state/states.ts';

/** A pack of a meal, with all that is known of it: for a doctor, or for the next meal. */
export interface PackRecord {
  readonly pack: PackState;
  readonly number: string;
  readonly massG: number;
  readonly found: readonly string[];
  readonly histamine: {
    readonly state: 'within' | 'near' | 'over';
    readonly hours: number;
    readonly limitH: number;
  } | null;
  readonly fish: readonly CustodyLine[];
}

/** What is known of a meal's fish from the water on. */
export interface MealRecord {
  readonly packs: readonly PackRecord[];
  /** From the first of its fish landed until it was served, ms; null where none is known. */
  readonly waterToPlateMs: number | null;
  readonly lines: readonly CustodyLine[];
  readonly ill: readonly IncidentState[];
}

/** All that a meal was made of, pack by pack, as it was when it was served. */
export function mealRecord(asked: Asks<'book' | 'species'>, meal: MealState): MealRecord {
  const { book } = asked;
  const packs = meal.packs.flatMap((p): PackRecord[] => {
    const pack = book.getAny('pack', p.pack);
    if (!pack) return [];
    const found = foundInPack(book, pack);
    const h = freshnessOfPack(asked, pack, epochMs(meal.servedAt))?.histamine ?? null;
    return [
      {
        pack,
        number: packNumber(book, pack),
        massG: p.massG,
        found: [...found.bin, ...found.raw, ...found.cooking],
        histamine: h ? { state: h.state, hours: h.hours, limitH: h.limitH } : null,
        fish: fishInPack(book, pack).flatMap((id) => custodyOf(book, id) ?? []),
      },
    ];
  });
  const lines = [...new Map(packs.flatMap((p) => p.fish).map((l) => [l.fish.id, l])).values()];
  const landed = lines.map((l) => epochMs(l.fish.landed.at));
  return {
    packs,
    lines,
    waterToPlateMs: landed.length > 0 ? epochMs(meal.servedAt) - Math.min(...landed) : null,
    ill: book.all('incident').filter((i) => i.meal === meal.id),
  };
}
