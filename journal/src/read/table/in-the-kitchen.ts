import {
  type Cover,
  type DishAsked,
  type Fit,
  fitIn,
  footMm2,
  hasLid,
  holdsLitres,
  type Kitchen,
  laidIn,
  type LyingFish,
  type Method,
  oilLevel,
  type OilLevel,
  type PieceCut,
  saltFor,
  type Setting,
  toCover,
  USES,
  usualSetting,
  type Vessel,
} from '@dagboek/core/cook';
import type { DinnerState } from '../../log/state/states.ts';
import type { ToBeCooked } from './meal-choices.ts';

/** Salt of a poaching liquid, percent. */
const STRENGTH = 1.8;

/** Kinds of vessel that a way takes. */
export const usesOf = (method: Method): readonly Vessel['use'][] => USES[method.id] ?? [];

/** What a kitchen has for a way, the likeliest and largest first. */
export function vesselsFor(kitchen: Pick<Kitchen, 'vessels'>, method: Method): Vessel[] {
  const uses = usesOf(method);
  return kitchen.vessels
    .filter((v) => uses.includes(v.use))
    .sort((a, b) => uses.indexOf(a.use) - uses.indexOf(b.use) || footMm2(b) - footMm2(a));
}

/** Vessels that the dishes of a dinner have, each once. */
export const vesselsUsed = (d: Pick<DinnerState, 'tasks'>): string[] => [
  ...new Set(d.tasks.flatMap((t) => t.vessel ?? [])),
];

/**
 * What a kitchen has left for pieces while other dishes of a dinner (null: of none) have some of its vessels: those alone, as long as one of them suits the way; else all
 * of them, one dish after the other. A whole fish is given what it fits in best.
 */
export function kitchenBeside<K extends Pick<Kitchen, 'vessels'>>(
  kitchen: K,
  method: Method,
  cut: PieceCut | null,
  d: Pick<DinnerState, 'tasks'> | null,
): K {
  const used = d ? vesselsUsed(d) : [];
  const left = { ...kitchen, vessels: kitchen.vessels.filter((v) => !used.includes(v.id)) };
  return cut === 'whole' || vesselsFor(left, method).length === 0 ? kitchen : left;
}

const AS = ['whole', 'tail out', 'without tail', 'without head', 'without head and tail', 'in pieces'] as const;
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
export function settingFor(
  kitchen: Pick<Kitchen, 'vessels'>,
  method: Method,
  massG: number,
  thickMm: number,
  pieces = 1,
): Setting | null {
  if (!method.heat) return null;
  const usual = usualSetting(method.heat);
  const perKg = LITRES_PER_KG[method.id];
  const [vessel] = vesselsFor(kitchen, method);
  if (perKg === undefined || !vessel || !(massG > 0)) return usual;
  return { ...usual, amount: litresIn(vessel, perKg, massG, thickMm, pieces) };
}

/** What it is cooked in, how it fits, what covers it, how far the oil rises. */
export interface InVessel {
  readonly vessel: Vessel;
  /** Of a whole fish; null when none of it fits, and of pieces. */
  readonly fit: Fit | null;
  /** A lid closes it. */
  readonly lid: boolean;
  readonly cover: (Cover & { readonly usedLitres: number; readonly saltG: number }) | null;
  readonly oil: (OilLevel & { readonly litres: number }) | null;
}

/** The vessel that takes it best; null when the kitchen has none for this way. `fish`: a whole one as it lies; `litres`: of oil or liquid; `atOnce`: pieces that are in it together. */
export function inVessel(
  kitchen: Pick<Kitchen, 'vessels'>,
  method: Method,
  what: ToBeCooked,
  fish: LyingFish | null,
  litres: number,
  atOnce = 1,
): InVessel | null {
  const tries = vesselsFor(kitchen, method).map((vessel) => ({
    vessel,
    fit: fish ? fitIn(fish, vessel) : null,
  }));
  const [best] = fish ? [...tries].sort((a, b) => rankOf(a.fit) - rankOf(b.fit)) : tries;
  if (!best) return null;
  const { vessel } = best;
  const cover = method.id.startsWith('poach')
    ? toCover(vessel, what.pieceG * (fish ? 1 : what.all), fish?.thickMm ?? what.thicknessMm, fish ? 1 : what.all)
    : null;
  return {
    ...best,
    lid: hasLid(vessel),
    // Salt for what goes in, not for what would just cover it.
    cover: cover && { ...cover, usedLitres: litres, saltG: saltFor(Math.max(0.1, litres || cover.litres), STRENGTH) },
    oil:
      method.heat?.of === 'the oil'
        ? { ...oilLevel(vessel, litres, what.pieceG * Math.min(what.all, atOnce)), litres }
        : null,
  };
}

/** Liquid goes round pieces that lie on each other; a parcel is a vessel of its own. */
const liesInLayers = (method: Method): boolean =>
  method.id === 'parcel' || (method.heat?.amount?.is === 'l' && method.heat.of !== 'the oil');

/** How many pieces the vessel for a way holds side by side; null where they need not lie so, and where the kitchen has none. */
export function lieAtOnce(
  kitchen: Pick<Kitchen, 'vessels'>,
  method: Method,
  pieceG: number,
  thicknessMm: number,
): number | null {
  const [first] = vesselsFor(kitchen, method);
  return !first || liesInLayers(method) ? null : laidIn(first, pieceG, thicknessMm);
}

/** How often a fire before or after its own is done, since its vessel holds no more. `rounds`: of its own fire. */
export function roundsOfStage(
  kitchen: Pick<Kitchen, 'vessels'>,
  method: Method,
  { piece, pieces, rounds }: DishAsked,
  own: number,
): number {
  const all = rounds?.all ?? pieces;
  const lie = lieAtOnce(kitchen, method, piece.massG, piece.thicknessMm);
  return lie === null ? own : Math.ceil(all / lie);
}
