import { Conduction, type ConductionBody, FLESH, meets } from '../heat/index.ts';

/** Share of its heat that a fish has given to the ice by then, at even steps from 0; the rest comes after. */
export interface Release {
  readonly stepH: number;
  readonly share: Float64Array;
}

/** Reckoned up to here, h, in so many steps. */
const [UP_TO_H, STEPS] = [24, 96];
/** While there is ice its medium stays where it is: so the shares of all fish simply add up, whatever else lies in the box. */
export function releaseOf(body: ConductionBody): Release {
  const [from, to] = [15, 0];
  const c = new Conduction(body, from, 16);
  const all = c.heat - body.material.enthalpy(to) * c.measure;
  const share = new Float64Array(STEPS + 1);
  for (let i = 1; i <= STEPS; i++) {
    c.march((UP_TO_H * 3600) / STEPS, meets('wet ice', to));
    share[i] = Math.min(1, -c.heatIn / all);
  }
  return { stepH: UP_TO_H / STEPS, share };
}

/** Share given after so many hours, 0 to 1. */
export function releasedAfter({ share, stepH }: Release, hours: number): number {
  if (hours <= 0) return 0;
  const x = hours / stepH;
  const i = Math.floor(x);
  if (i >= share.length - 1) return share[share.length - 1]!;
  return share[i]! + (x - i) * (share[i + 1]! - share[i]!);
}

/** Heat that a fish gives in all from `fromC` down to `toC`, J. */
export const heatToGive = (massKg: number, fat: 'lean' | 'oily', fromC: number, toC: number): number =>
  Math.max(0, massKg * (fat === 'lean' ? FLESH.heatLean : FLESH.heatOily) * (fromC - toC));
