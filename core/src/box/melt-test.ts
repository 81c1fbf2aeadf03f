import { ICE, type Leak } from './walls.ts';

/** A box at home, shut, with so much ice in it for so long. */
export interface MeltTest {
  readonly iceKg: number;
  readonly leftKg: number;
  readonly hours: number;
  /** About the box, degC. */
  readonly airC: number;
}

/** A kitchen scale and wet ice are good to so much, kg; the air of a day to so much, K. */
const [SCALE_KG, AIR_K] = [0.1, 1.5];

/** What a melt test says of a box: heat through its walls, W/K, and how sure. A sentence when it cannot say. */
export function meltTestLeak(t: MeltTest): Leak | string {
  if (!(t.iceKg > 0) || !(t.hours > 0) || !(t.leftKg >= 0))
    return 'Weigh the ice before and after, and note the hours.';
  if (t.leftKg > t.iceKg) return 'More ice left than went in: was water weighed too?';
  if (t.leftKg === 0) return 'All the ice has melted, so the time of melting is unknown. Check earlier next time.';
  if (t.airC <= 2) return 'In such cold air too little melts to measure: test in a warm room.';
  const melted = t.iceKg - t.leftKg;
  if (melted < 2 * SCALE_KG) return 'Too little has melted to measure. Leave it closed for longer.';
  const uaWK = (melted * ICE.fusionJ) / (t.hours * 3600 * t.airC);
  return { uaWK, sdLn: Math.hypot((SCALE_KG * Math.SQRT2) / melted, AIR_K / t.airC) };
}
