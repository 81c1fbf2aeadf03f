import {
  batchesIn,
  type Cover,
  type Fit,
  fitIn,
  footMm2,
  type LyingFish,
  type Method,
  oilLevel,
  type OilLevel,
  saltFor,
  toCover,
  USES,
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

/** What it is cooked in, how it fits, what covers it, how far the oil rises. */
export interface InVessel {
  readonly vessel: Vessel;
  /** Of a whole fish; null when none of it fits, and of pieces. */
  readonly fit: Fit | null;
  readonly cover: (Cover & { readonly saltG: number }) | null;
  readonly oil: (OilLevel & { readonly litres: number }) | null;
}

/** The vessel that takes it best; null when the kitchen has none for this way. `fish`: a whole one as it lies; `litres`: of oil. */
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
    ? toCover(vessel, what.pieceG * (fish ? 1 : what.all), fish?.thickMm ?? what.thicknessMm)
    : null;
  return {
    ...best,
    cover: cover && { ...cover, saltG: saltFor(Math.max(0.1, cover.litres), STRENGTH) },
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
