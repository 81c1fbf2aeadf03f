import { sayTemperature, sayTemperatureDifference, type Units } from '../units/index.ts';
import type { Stretch } from './ice-days.ts';

export type Keeping = 'air' | 'bucket' | 'box' | 'box without ice' | 'board' | 'fridge' | 'freezer' | 'gone';

/** From `atMs` on the fish is kept so. */
export interface KeptFrom {
  readonly atMs: number;
  readonly keeping: Keeping;
}

/**
 * Typical medium temperatures, degC, on the warm side until they are read: the air of a day's fishing is not the water's,
 * and the ice of a box does not last for ever. `boxAfter`: a box once its ice is gone.
 */
export const TYPICAL_C = {
  air: 18,
  box: 0,
  boxAfter: 8,
  board: 18,
  fridge: 4,
  freezer: -18,
  unknownWater: 14,
} as const;
/** Air over warm water is warmer still, degC above the water. */
const AIR_OVER_WATER = 3;
/** Without a word of more ice, a box is taken to stay cold for so long, hours. */
export const ICE_LASTS_H = 24;
/** Said wherever a figure reckoned so is shown. */
export const warmSide = (units?: Units): string =>
  `Reckoned on the warm side until temperatures are read: air ${sayTemperature(TYPICAL_C.air, units)} or ${sayTemperatureDifference(AIR_OVER_WATER, units)} above the water, ice for a day in the box, then ${sayTemperature(TYPICAL_C.boxAfter, units)}.`;

/** Air temperature that a fish is taken to lie in, degC: typical, or above the water where that is warm. */
export const airC = (waterC: number | null): number =>
  Math.max(TYPICAL_C.air, (waterC ?? TYPICAL_C.unknownWater) + AIR_OVER_WATER);

/** On the board a fish warms slowly: time constant in still room air, minutes. Typical. */
const BOARD_TAU_MIN = 120;
/** A box without ice warms slowly too, minutes. Typical. */
const BOX_TAU_MIN = 600;

/**
 * Cooling time constant of a whole fish in wet ice, minutes, by round weight: grows with mass^(2/3) as a body's
 * (half thickness)^2 does. Typical: 25 min at 300 g, 56 min at 1 kg.
 */
export const coolingTauMin = (massG: number): number => 25 * (massG / 300) ** (2 / 3);

/** Turns the record of where a fish lay into stretches for `iceDays`, up to `untilMs`. */
export function stretchesOf(
  kept: readonly KeptFrom[],
  massG: number,
  waterC: number | null,
  untilMs: number,
): Stretch[] {
  const tau = coolingTauMin(Math.max(50, massG));
  const order = [...kept].sort((a, b) => a.atMs - b.atMs);
  return order.flatMap((k, i): Stretch[] => {
    const toMs = Math.min(order[i + 1]?.atMs ?? untilMs, untilMs);
    if (k.keeping === 'gone' || toMs <= k.atMs) return [];
    const at = { fromMs: k.atMs, toMs };
    switch (k.keeping) {
      case 'air':
        return [{ ...at, mediumC: airC(waterC), tauMin: 0 }];
      case 'bucket':
        return [{ ...at, mediumC: waterC ?? TYPICAL_C.unknownWater, tauMin: 0 }];
      case 'board':
        return [{ ...at, mediumC: Math.max(TYPICAL_C.board, waterC ?? 0), tauMin: BOARD_TAU_MIN }];
      case 'box':
        return [{ ...at, mediumC: TYPICAL_C.box, tauMin: tau }];
      case 'box without ice':
        return [{ ...at, mediumC: TYPICAL_C.boxAfter, tauMin: BOX_TAU_MIN }];
      case 'fridge':
      case 'freezer':
        return [{ ...at, mediumC: TYPICAL_C[k.keeping], tauMin: tau * 4 }];
    }
  });
}
