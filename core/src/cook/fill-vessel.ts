import { FLESH } from '../heat/index.ts';
import type { Vessel } from './vessel.ts';

/** Flesh, kg/l. */
const FLESH_KG_L = FLESH.density / 1000;
/** So much of a foot is covered when pieces lie beside each other without touching. Our own assumption. */
const LAID = 0.68;
/** Liquid stands so much above the fish, mm: a finger's breadth. */
const OVER_MM = 10;

/** What it takes to cover a fish that lies in a vessel. */
export interface Cover {
  readonly litres: number;
  /** How high it stands, mm. */
  readonly levelMm: number;
  /** It would run over by this much, mm; 0 when it does not. */
  readonly overMm: number;
}

/** Area of a vessel’s foot, mm2. */
export const footMm2 = (v: Pick<Vessel, 'shape' | 'longMm' | 'wideMm'>): number =>
  v.shape === 'round' ? (Math.PI / 4) * v.longMm ** 2 : v.longMm * v.wideMm;

/** How many pieces of so many grams lie on a vessel’s foot beside each other, without touching; at least one. */
export const laidIn = (vessel: Pick<Vessel, 'shape' | 'longMm' | 'wideMm'>, pieceG: number, thickMm: number): number =>
  Math.max(1, Math.floor((footMm2(vessel) * LAID * Math.max(1, thickMm)) / ((pieceG / 1000 / FLESH_KG_L) * 1e6)));

/** Liquid that covers fish of so many grams in all, so thick as it lies, by a finger's breadth. Pieces that do not lie side by side lie in layers. */
export function toCover(vessel: Vessel, massG: number, thickMm: number, pieces = 1): Cover {
  const layers = pieces > 1 ? Math.ceil(pieces / laidIn(vessel, massG / pieces, thickMm)) : 1;
  const levelMm = thickMm * layers + OVER_MM;
  const litres = Math.max(0, (footMm2(vessel) * levelMm) / 1e6 - massG / 1000 / FLESH_KG_L);
  return { litres, levelMm, overMm: Math.max(0, levelMm - vessel.deepMm) };
}

/** What a vessel holds to its rim, l. */
export const rimLitres = (v: Vessel): number => (footMm2(v) * v.deepMm) / 1e6;

/** So far under the rim liquid stays, mm: it shivers, and is carried. */
const UNDER_RIM_MM = 15;

/** The most liquid that a vessel holds beside a fish of so many grams, l; 0 where the fish alone fills it. */
export const holdsLitres = (vessel: Vessel, massG: number): number =>
  Math.max(0, (footMm2(vessel) * (vessel.deepMm - UNDER_RIM_MM)) / 1e6 - massG / 1000 / FLESH_KG_L);

/** Oil in a pot, and what it does when fish goes in. */
export interface OilLevel {
  readonly levelMm: number;
  readonly risesMm: number;
  /** Of the pot's depth, with the fish in it. */
  readonly share: number;
  /** Never more than half the pot, before the fish. */
  readonly tooFull: boolean;
  /** The most that may go in, l. */
  readonly mostLitres: number;
}

/** How high oil stands in a pot, and how far so much fish, g, lifts it. */
export function oilLevel(vessel: Vessel, litres: number, massG: number): OilLevel {
  const foot = footMm2(vessel);
  const levelMm = (litres * 1e6) / foot;
  const risesMm = ((massG / 1000 / FLESH_KG_L) * 1e6) / foot;
  return {
    levelMm,
    risesMm,
    share: (levelMm + risesMm) / vessel.deepMm,
    tooFull: levelMm > vessel.deepMm / 2 + 1e-9,
    mostLitres: (foot * vessel.deepMm) / 2 / 1e6,
  };
}
