import {
  batchesIn,
  type Cover,
  type Fit,
  fitIn,
  footMm2,
  holdsLitres,
  type LyingFish,
  type Method,
  oilLevel,
  type OilLevel,
  saltFor,
  type Setting,
  toCover,
  USES,
  usualSetting,
  type Vessel,
} from '@dagboek/core/cook';
import type { Book } from '../../log/book/book.ts';
import { kitchenOf } from './kitchen-of.ts';
import type { ToBeCooked } from './meal-choices.ts';

/** Salt of a poaching liquid, percent. */
const STRENGTH = 1.8;
/** So many pieces lie in the oil at once. */
const AT_ONCE = 2;

/** What the kitchen has for a way, the likeliest and largest first. */
export function vesselsFor(book: Book, method: Method): Vessel[] {
  const uses = USES[method.id] ?? [];
  return kitchenOf(book)
    .vessels.filter((v) => uses.includes(v.use))
    .sort((a, b) => uses.indexOf(a.use) - uses.indexOf(b.use) || footMm2(b) - footMm2(a));
}

/** Kinds of vessel that a way takes. */
export const usesOf = (method: Method): readonly Vessel['use'][] => USES[method.id] ?? [];

const AS = ['whole', 'without tail', 'without head', 'without head and tail', 'in pieces'] as const;
const rankOf = (fit: Fit | null): number => (fit ? AS.indexOf(fit.as) : AS.length);

/** Liquid for each kg of fish, l: to cover it; with the heat off, to hold the heat for it too. As far as its vessel holds it. */
const LITRES_PER_KG: Readonly<Record<string, number>> = {
  'poach, heat off': 5,
  'poach, from hot': 2.5,
  'poach, from cold': 2.5,
};

/** The litres that cover it and hold the heat for it, no more than its vessel takes, to the half litre below. */
function litresIn(vessel: Vessel, perKg: number, massG: number, thickMm: number, pieces: number): number {
  const wanted = Math.max((massG / 1000) * perKg, toCover(vessel, massG, thickMm, pieces).litres);
  return Math.max(0.5, Math.floor(Math.min(Math.ceil(wanted * 2) / 2, holdsLitres(vessel, massG)) * 2) / 2);
}

/** What is usually set for a way and so much fish, so thick as it lies, in this kitchen; null where there is no fire in it. */
export function settingFor(book: Book, method: Method, massG: number, thickMm: number, pieces = 1): Setting | null {
  if (!method.heat) return null;
  const usual = usualSetting(method.heat);
  const perKg = LITRES_PER_KG[method.id];
  const [vessel] = vesselsFor(book, method);
  if (perKg === undefined || !vessel || !(massG > 0)) return usual;
  return { ...usual, amount: litresIn(vessel, perKg, massG, thickMm, pieces) };
}

/** What it is cooked in, how it fits, what covers it, how far the oil rises. */
export interface InVessel {
  readonly vessel: Vessel;
  /** Of a whole fish; null when none of it fits, and of pieces. */
  readonly fit: Fit | null;
  readonly cover: (Cover & { readonly usedLitres: number; readonly saltG: number }) | null;
  readonly oil: (OilLevel & { readonly litres: number }) | null;
}

/** The vessel that takes it best; null when the kitchen has none for this way. `fish`: a whole one as it lies; `litres`: of oil or liquid. */
export function inVessel(
  book: Book,
  method: Method,
  what: ToBeCooked,
  fish: LyingFish | null,
  litres: number,
): InVessel | null {
  const tries = vesselsFor(book, method).map((vessel) => ({ vessel, fit: fish ? fitIn(fish, vessel) : null }));
  const [best] = fish ? [...tries].sort((a, b) => rankOf(a.fit) - rankOf(b.fit)) : tries;
  if (!best) return null;
  const { vessel } = best;
  const cover = method.id.startsWith('poach')
    ? toCover(vessel, what.pieceG * (fish ? 1 : what.all), fish?.thickMm ?? what.thicknessMm, fish ? 1 : what.all)
    : null;
  return {
    ...best,
    // Salt for what goes in, not for what would just cover it.
    cover: cover && { ...cover, usedLitres: litres, saltG: saltFor(Math.max(0.1, litres || cover.litres), STRENGTH) },
    oil:
      method.heat?.of === 'the oil'
        ? { ...oilLevel(vessel, litres, what.pieceG * Math.min(what.all, AT_ONCE)), litres }
        : null,
  };
}

/** How often the fish is cooked after each other: what the largest vessel for it holds at once. A parcel is a vessel of its own. */
export function batchesFor(
  book: Book,
  method: Method,
  what: Pick<ToBeCooked, 'all' | 'pieceG'>,
  thicknessMm: number,
  litres: number | null,
): number {
  const [largest] = vesselsFor(book, method).sort((a, b) => footMm2(b) - footMm2(a));
  if (!largest || method.id === 'parcel') return 1;
  return batchesIn(largest, what.all, what.pieceG, thicknessMm, method.heat?.of === 'the oil' ? litres : null);
}
