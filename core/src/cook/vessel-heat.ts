/**
 * What cooks: a pan, oil, water or air, as one temperature. It cools when fish is laid in it, is heated up to what the flame gives,
 * and loses to the room.
 */
export interface Bath {
  readonly startC: number;
  /** Heat for a degree of it, J/K; infinite for an oven or steam that is not noticed to cool. */
  readonly perK: number;
  /** It is held there by so much power at the most, W; 0 once the heat is off. */
  readonly holdC: number;
  readonly powerW: number;
  /** To a room of 20 degC, W/K. */
  readonly lossWK: number;
}

const ROOM_C = 20;

/** The same that never moves. */
export const steadyBath = (c: number): Bath => ({ startC: c, perK: Infinity, holdC: c, powerW: 0, lossWK: 0 });

/** J/(kg K) of water, and of cooking oil; kg/l of oil. */
const [WATER, OIL, OIL_KG_L] = [4180, 2000, 0.92];

/** So many litres of seasoned liquid. */
export const liquidBath = (litres: number, startC: number, holdC: number, powerW: number): Bath => ({
  startC,
  perK: litres * WATER,
  holdC,
  powerW,
  // Five litres under a lid fall from 95 to some 80 degC in half an hour; a surface grows slower than its volume.
  lossWK: 0.9 * Math.cbrt(litres ** 2),
});

/** So many litres of oil. */
export const oilBath = (litres: number, startC: number, powerW: number): Bath => ({
  startC,
  perK: litres * OIL_KG_L * OIL,
  holdC: startC,
  powerW,
  lossWK: 0.7 * Math.cbrt(litres ** 2),
});

/** A pan of so many kg: iron and steel hold 480 J/(kg K). */
export const panBath = (kg: number, startC: number, powerW: number): Bath => ({
  startC,
  perK: kg * 480,
  holdC: startC,
  powerW,
  lossWK: 1.5,
});

/** Its temperature after `seconds` in which fish drew `drawnJ` from it, degC. The flame gives what is missing, up to its power. */
export function bathAfter(bath: Bath, c: number, seconds: number, drawnJ: number): number {
  if (!Number.isFinite(bath.perK)) return bath.holdC;
  const lost = bath.lossWK * (c - ROOM_C) * seconds;
  const missing = bath.perK * (bath.holdC - c) + lost + drawnJ;
  const given = Math.min(bath.powerW * seconds, Math.max(0, missing));
  return Math.max(ROOM_C, c + (given - lost - drawnJ) / bath.perK);
}
