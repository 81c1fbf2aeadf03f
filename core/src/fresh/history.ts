import type { Stretch } from './ice-days.ts';

export type Keeping = 'air' | 'bucket' | 'box' | 'board' | 'fridge' | 'freezer' | 'gone';

/** From `atMs` on the fish is kept so. */
export interface KeptFrom {
  readonly atMs: number;
  readonly keeping: Keeping;
}

/** Typical medium temperatures, degC. Air and bucket follow the water where it is known. */
export const TYPICAL_C = { box: 0, board: 16, fridge: 3, freezer: -18, unknownWater: 12 } as const;

/** On the board a fish warms slowly: time constant in still room air, minutes. Typical. */
const BOARD_TAU_MIN = 120;

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
  const water = waterC ?? TYPICAL_C.unknownWater;
  const tau = coolingTauMin(Math.max(50, massG));
  const out: Stretch[] = [];
  const order = [...kept].sort((a, b) => a.atMs - b.atMs);
  order.forEach((k, i) => {
    const toMs = Math.min(order[i + 1]?.atMs ?? untilMs, untilMs);
    if (k.keeping === 'gone' || toMs <= k.atMs) return;
    const warm = k.keeping === 'air' || k.keeping === 'bucket';
    const mediumC = warm ? water : TYPICAL_C[k.keeping as 'box' | 'board' | 'fridge' | 'freezer'];
    out.push({
      fromMs: k.atMs,
      toMs,
      mediumC,
      tauMin: warm ? 0 : k.keeping === 'box' ? tau : k.keeping === 'board' ? BOARD_TAU_MIN : tau * 4,
    });
  });
  return out;
}
