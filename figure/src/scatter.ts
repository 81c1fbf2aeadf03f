import type { Body } from './build-body.ts';
import { lerp, type Random } from './maths.ts';
import type { Place, Pt } from './spec.ts';
import { L } from './units.ts';

/** Free distance from a disc to the nearest of others, at most `limit`; stops early once there is none. */
function roomAround(at: Pt, r: number, gap: number, others: readonly Place[], limit: number): number {
  let room = limit;
  for (const o of others) {
    const reach = room + (o.r + r) * gap,
      dx = o.at[0] - at[0],
      dy = o.at[1] - at[1];
    if (dx > reach || dx < -reach || dy > reach || dy < -reach) continue;
    room = Math.min(room, Math.sqrt(dx * dx + dy * dy) - (o.r + r) * gap);
    if (room <= 0) return room;
  }
  return room;
}

const GAP: Record<string, number> = { spots: 1.5, mottle: 0.8, worms: 1 };

/** Random places in an area of the body, kept apart (Poisson-like). Radii in h. */
interface Scatter {
  area: readonly [number, number, number, number];
  r: readonly [number, number];
  count: number;
  gap?: number | undefined;
  type?: string;
  toward?: string | undefined;
}
/** Places for spots or tubercles over a part of the body, none too near another. */
export function scatter(body: Body, p: Scatter, rnd: Random, taken: readonly Place[] = []): Place[] {
  const [u0, u1, v0, v1] = p.area,
    placed: Place[] = [],
    gap = p.gap ?? GAP[p.type ?? ''] ?? 1.5;
  const [r0, r1] = p.r;
  let best: (Place & { room: number }) | null = null,
    seen = 0; // of four candidates, keep the one with most room around it
  for (let tries = 0; placed.length < p.count && tries < p.count * 40; tries++) {
    const u = lerp(u0, u1, rnd()),
      v = lerp(v0, v1, p.toward === 'back' ? rnd() ** 1.7 : rnd());
    const r = lerp(r0, r1, rnd()) * L,
      at = body.at(u, v);
    const room = roomAround(at, r, gap, taken, roomAround(at, r, gap, placed, 1e9));
    if (room <= 0) continue;
    if (!best || room > best.room) best = { at, r, room };
    if (++seen < (p.type === 'mottle' ? 1 : 4)) continue;
    placed.push(best);
    best = null;
    seen = 0;
  }
  return placed;
}
