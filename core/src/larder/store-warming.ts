import { FLESH } from '../heat/index.ts';

/** What a store is, for the warming of one whose current is off. */
export interface StoreBody {
  /** Temperature it is taken to have until it is read, degC. */
  readonly setC: number;
  /** What lies in it, kg; 0 for none. */
  readonly massKg: number;
  /** What it holds, litres. */
  readonly litres: number;
  /** Of the room around it, degC. */
  readonly roomC: number;
}

/** It is followed for so long without current, h: then it is as warm as the room. Our own assumption. */
const WITHOUT_H = 24 * 7;
const STEP_H = 0.5;

/** Heat that goes through the walls, W/K, for each square metre of a cube that holds so many litres: a household chest or cupboard. Our own assumption, set so that the authority's hours come out. */
const U_WALL = 0.55;
const wallM2 = (litres: number): number => 6 * (Math.max(1, litres) / 1000) ** (2 / 3);
/** Heat for a kg of fish, J/K: frozen, thawed; and to melt it, J. */
const { heatFrozen: FROZEN, heatLean: THAWED, latent: LATENT } = FLESH;
/** The outer packs are thawed long before the middle: so much of the latent heat goes in until they are. Fits the authority's 48 h of a full freezer. */
const OUTER = 0.1;
/** It thaws from about here on, degC. */
export const THAWS_C = -2;
/** Walls, shelves and air hold something too, kg of fish alike for each 100 l. Our own assumption. */
const OWN_KG = 2;

/**
 * How warm what lies in a store is, so many hours after its current went off, its door kept shut, from `fromC`: a lump with the heat of
 * its walls; of melting only the outer tenth counts. degC, at steps of half an hour. Agrees with the authority's 48 h of a full freezer
 * and 24 h of a half full one until food at its outside thaws (FDA/FSIS, power outages).
 */
export function warmUp(
  body: Omit<StoreBody, 'setC'>,
  fromC: number,
): readonly { readonly h: number; readonly c: number }[] {
  const ua = U_WALL * wallM2(body.litres);
  const kg = body.massKg + (OWN_KG * body.litres) / 100;
  const out = [{ h: 0, c: fromC }];
  let c = fromC;
  let melted = fromC > THAWS_C ? 1 : 0;
  for (let h = STEP_H; h <= WITHOUT_H; h += STEP_H) {
    let joules = ua * (body.roomC - c) * STEP_H * 3600;
    if (c < THAWS_C && joules > 0) {
      const toThaw = (THAWS_C - c) * kg * FROZEN;
      const used = Math.min(joules, toThaw);
      c += used / (kg * FROZEN);
      joules -= used;
    }
    if (melted < 1 && joules > 0 && c >= THAWS_C - 1e-9) {
      const toMelt = (1 - melted) * OUTER * kg * LATENT;
      const used = Math.min(joules, toMelt);
      melted += used / (OUTER * kg * LATENT);
      joules -= used;
    }
    if (joules !== 0 && (melted >= 1 || joules < 0)) c += joules / (kg * (c < THAWS_C ? FROZEN : THAWED));
    out.push({ h, c });
    if (Math.abs(body.roomC - c) < 0.2) break;
  }
  return out;
}
