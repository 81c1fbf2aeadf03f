import type { Boundary } from '../heat/index.ts';
import type { Bath } from './vessel-heat.ts';

/** What a side of the piece meets: the bath, or air of a fixed warmth, degC. */
export interface Side {
  readonly h: number;
  readonly c: number | 'bath';
  /** What the bath gives, W/(m2 K), where that is more than goes in: the rest boils water off. */
  readonly draws?: number;
  /** In air: how much of it is bare and wet, 0 to 1, so that it dries and cools. Left out: it does not dry. */
  readonly wet?: number;
}

/** How a piece meets the heat: all round, or each side by itself, which is then turned. */
export interface Fire {
  readonly bath: Bath;
  readonly surface: Side;
  /** A slab's other side; left out: heat comes from all round. */
  readonly other?: Side;
  /** Shares of the time at which it is turned over, growing, 0 to 1. */
  readonly turns?: readonly number[];
  /** Off the flame after this share of the time: the bath goes on by what it holds. */
  readonly offAt?: number;
  /** So long until the heat goes over in full, s: what is cold and wet on it dries first. Left out: at once. */
  readonly settlesS?: number;
  /** Where it rests. */
  readonly rest: Side;
  /** Nobody waits longer for it to coast, s. */
  readonly restMostS?: number;
  /** So far it may be counted on to warm on after the fire, K; left out: as far as it does. */
  readonly coastMostK?: number;
}

/** Flesh is wet: its surface boils at 100 degC and gets no hotter until it has dried to a crust, which it soon has not. */
export const BOILS_C = 100;
/** Through a film of steam on flesh that boils, W/(m2 K): so much that the surface stays there. */
const BOILING_H = 4000;
/** Of what the air of a room or an oven gives and takes, the part that moves with it: the rest is radiant. W/(m2 K). */
const MOVING_AIR_H = { still: 5, most: 12 } as const;
/** Latent heat over heat of air, by the analogy of heat and mass (Lewis): K for each Pa of vapour. 2.4e6 x 0.622 / (1006 x 101325). */
const DRIES_K_PA = 0.01465;
/** Vapour of a kitchen, Pa. */
const ROOM_PA = 1200;

/** Vapour over water, Pa, and how fast it grows, Pa/K (Magnus, 2 in 1000 from 0 to 100 degC). */
function vapour(c: number): readonly [pa: number, perK: number] {
  const t = Math.min(BOILS_C, Math.max(-5, c));
  const pa = 611.2 * Math.exp((17.62 * t) / (243.12 + t));
  return [pa, (pa * 17.62 * 243.12) / (243.12 + t) ** 2];
}

/**
 * What flesh whose surface is at `surfaceC` meets. In air it dries: a straight line through what comes in and how that falls as it gets
 * warmer. In what is hotter than boiling it meets its own steam, where that lets less heat in.
 */
export function wetBoundary({ h, wet = 0 }: Side, mediumC: number, surfaceC: number): Boundary {
  const [pa, perK] = vapour(surfaceC);
  const dries = wet * DRIES_K_PA * Math.min(MOVING_AIR_H.most, Math.max(MOVING_AIR_H.still, h / 2));
  const comesIn = h * (mediumC - surfaceC) - dries * Math.max(0, pa - ROOM_PA);
  const boiling = BOILING_H * (BOILS_C - surfaceC);
  if (mediumC > BOILS_C && boiling < comesIn) return { h: BOILING_H, mediumC: BOILS_C };
  const falls = h + dries * perK;
  return falls > 0 ? { h: falls, mediumC: surfaceC + comesIn / falls } : { h: 0, mediumC };
}
