import { type Boundary, INSULATED } from './boundary.ts';
import { Conduction, type ConductionBody } from './conduction.ts';

/** Nobody waits longer, s. */
const MOST_S = 60 * 86_400;

/**
 * Seconds until the middle of a body has come to `toC`, from `startC` throughout, with its surface meeting one medium; null when
 * it never does (within sixty days).
 */
export function secondsUntilCore(body: ConductionBody, startC: number, surface: Boundary, toC: number): number | null {
  if (startC === toC) return 0;
  const sign = Math.sign(startC - toC);
  // What lies on this side of the mark, or meets no medium, never gets beyond it.
  if (surface.h <= 0 || (surface.mediumC - toC) * sign >= 0) return null;
  const c = new Conduction(body, startC);
  let [before, beforeS, at] = [startC, 0, null as number | null];
  c.march(MOST_S, surface, INSULATED, (gone) => {
    const now = c.coreC;
    if ((now - toC) * sign <= 0) {
      // Between two steps as on a straight line.
      at = beforeS + ((before - toC) / (before - now)) * (gone - beforeS);
      return true;
    }
    [before, beforeS] = [now, gone];
  });
  return at;
}
