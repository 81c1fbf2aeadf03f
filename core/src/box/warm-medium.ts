import type { FishInside } from './fish-inside.ts';

/** The mean of a warming medium that was guessed, and what comes of it, agree to this, K; it is tried again so far beside, K. */
const [AGREED_K, PROBE_K] = [0.1, 0.8];

/** A medium without ice over one step. */
export interface Warming {
  /** Its temperature at the beginning, degC, and its heat capacity with that of the lining, J/K. */
  readonly fromC: number;
  readonly capJK: number;
  /** What the walls let through, W/K, and the temperature of the air about them, degC. */
  readonly uaWK: number;
  readonly airC: number;
  readonly seconds: number;
  /** Whether the fish lie in water. */
  readonly covered: boolean;
  /** How fast it warmed in the step before, K/s; null where that is not known. */
  readonly rateK: number | null;
}

/**
 * What a medium without ice takes up in one step: through the walls and from the fish, J, and its mean temperature meanwhile, degC. The
 * skins of the fish may be far more than the medium: its mean is guessed, and mended once from what the fish then give (they answer in
 * proportion), so that a cupful of water among many fish neither rings nor overshoots.
 */
export function warmMedium(
  fish: FishInside,
  { fromC, capJK, uaWK, airC, seconds, covered, rateK }: Warming,
): { walls: number; fishJ: number; meanC: number } {
  const skins = fish.skins({ c: fromC, hasIce: false, covered });
  const pull = uaWK * (airC - fromC) + skins.pull;
  const weight = uaWK + skins.weight;
  // Second order where it may be, and where it must not ring wholly implicit.
  const theta = (weight * seconds) / capJK > 1 ? 1 : 0.5;
  const back = fish.save();
  const tried = (c: number): { walls: number; fishJ: number; off: number } => {
    const walls = uaWK * (airC - c) * seconds;
    const fishJ = fish.march({ c, hasIce: false, covered }, seconds);
    return { walls, fishJ, off: fromC + (walls + fishJ) / capJK - (fromC + (c - fromC) / theta) };
  };
  // As it warmed in the last step, where that is known; else as the skins are.
  let meanC =
    rateK === null
      ? fromC + (theta * seconds * pull) / (capJK + theta * seconds * weight)
      : fromC + theta * seconds * rateK;
  let now = tried(meanC);
  if (Math.abs(now.off) > AGREED_K) {
    back();
    const [first, firstOff] = [meanC, now.off];
    const second = first + Math.max(-PROBE_K, Math.min(PROBE_K, firstOff * theta));
    const { off } = tried(second);
    back();
    meanC = off === firstOff ? second : second - (off * (second - first)) / (off - firstOff);
    now = tried(meanC);
  }
  return { walls: now.walls, fishJ: now.fishJ, meanC };
}
