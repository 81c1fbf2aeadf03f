/** What heat ice and water take, J/kg and J/(kg K): docs/domain.md, section 5 and 6. */
export const ICE = { fusionJ: 334_000, waterJ: 4190 } as const;
/** Broken ice as it is poured, kg in a litre. Typical: flakes 0.45, cubes 0.55. */
export const ICE_KG_PER_L = 0.5;
/** Ice and sea water together, degC: docs/domain.md, section 5. */
export const SLURRY_C = -1;

/** How a box keeps heat out. */
export const WALLS = ['hard, thick', 'hard, thin', 'soft'] as const;
export type Walls = (typeof WALLS)[number];

/**
 * Heat through walls, lid and seal, W/(m2 K), typical: 45 mm of foam alone is 0.7; lids and seals leak. `sdLn`: how much boxes of
 * a sort differ, as the deviation of the logarithm.
 */
const LOSS: Readonly<Record<Walls, { u: number; sdLn: number }>> = {
  'hard, thick': { u: 1, sdLn: 0.4 },
  'hard, thin': { u: 1.8, sdLn: 0.4 },
  soft: { u: 2.2, sdLn: 0.45 },
};
/** Nobody has said: between them, and less sure. */
const UNKNOWN = { u: 1.4, sdLn: 0.5 } as const;
/** Surface against that of a cube. */
const LONGER_THAN_A_CUBE = 1.1;
/** Lining that is cooled with what lies in it, J/K for each m2: 2 mm of plastic and the first of the foam. */
const LINING_J_K_M2 = 5000;

/** What is known of how fast a box takes up heat: `uaWK` W/K at the middle, times or by e^`sdLn` in two of three. */
export interface Leak {
  readonly uaWK: number;
  readonly sdLn: number;
}

/** Surface of a box of so many litres, m2. Throws RangeError for a box that holds nothing. */
export function boxSurfaceM2(litres: number): number {
  if (!(litres > 0) || !Number.isFinite(litres)) throw new RangeError('a box holds more than nothing');
  return 6 * LONGER_THAN_A_CUBE * (litres / 1000) ** (2 / 3);
}

/** The leak to begin with, from what the box is. `walls` null: nobody has said. */
export function usualLeak(litres: number, walls: Walls | null): Leak {
  const { u, sdLn } = walls === null ? UNKNOWN : LOSS[walls];
  return { uaWK: u * boxSurfaceM2(litres), sdLn };
}

/** Heat that its lining gives off for each degree that it is cooled, J/K. */
export const liningJK = (litres: number): number => LINING_J_K_M2 * boxSurfaceM2(litres);

/** Sun on a box counts as air so much warmer, K. Typical of a pale lid. */
export const SUN_K = 8;

/** kg of air in a litre, its heat J/(kg K), and what its moisture adds when it settles on ice. */
const [AIR_KG_L, AIR_J, WITH_MOISTURE] = [0.0012, 1005, 2];
/** While the lid is up, heat falls in through the mouth, W/(m2 K), for so many seconds. */
const [MOUTH_W, OPEN_S] = [10, 40];

/** Heat that one opening lets in, J: its air is exchanged, and the mouth lies open for 40 s. Never below 0. */
export function openingJ(litres: number, airC: number, mediumC: number): number {
  const air = litres * AIR_KG_L * AIR_J * WITH_MOISTURE;
  const mouth = (MOUTH_W * OPEN_S * boxSurfaceM2(litres)) / 6;
  return Math.max(0, (air + mouth) * (airC - mediumC));
}
