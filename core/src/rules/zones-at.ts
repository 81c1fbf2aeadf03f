import { polygonContains } from 'd3-polygon';
import type { LonLat, RulePack, Zone } from './rule.ts';

/**
 * Whether a point lies within a zone's bounds; false for a zone that is not drawn. Sides are straight in longitude and
 * latitude, as RFC 7946 has it: a border along a parallel stays on it, where a great circle would bulge 600 m in 100 km.
 */
export const isInZone = (zone: Zone, at: LonLat): boolean =>
  zone.bounds !== undefined &&
  polygonContains(
    zone.bounds.map(([x, y]): [number, number] => [x, y]),
    [at[0], at[1]],
  );

/** Every drawn zone of a pack that a point lies in, the smallest first. */
export function zonesAt(pack: RulePack, at: LonLat): Zone[] {
  return pack.zones.filter((z) => isInZone(z, at)).sort((a, b) => extent(a) - extent(b));
}

/** What a place is by the rules: the zone that decides, and the larger ones it lies in too. */
export interface ZonePlace {
  readonly zone: string;
  readonly alsoIn: readonly string[];
  /** The place lies in no drawn zone: `zone` is only what was said. */
  readonly outside: boolean;
}

/** The zones of a position; where there is none, or it lies in no drawn zone, the zone that was said. */
export function zonesOfPlace(pack: RulePack, said: string, position: LonLat | null): ZonePlace {
  const drawn = position ? zonesAt(pack, position).map((z) => z.id) : [];
  const [zone, ...larger] = drawn;
  if (zone === undefined) return { zone: said, alsoIn: zonesAround(pack, said), outside: position !== null };
  return { zone, alsoIn: larger, outside: false };
}

/** By pack, since the same zone is asked for every species. */
const AROUND = new WeakMap<RulePack, Map<string, readonly string[]>>();

/** Zones that hold the whole of another: their rules hold in it too. Empty for a zone that is not drawn. */
export function zonesAround(pack: RulePack, zoneId: string): readonly string[] {
  const known = AROUND.get(pack) ?? new Map<string, readonly string[]>();
  AROUND.set(pack, known);
  const before = known.get(zoneId);
  if (before) return before;
  const inner = pack.zones.find((z) => z.id === zoneId)?.bounds;
  const found = inner
    ? pack.zones
        .filter((z) => z.id !== zoneId && z.bounds && inner.every((p) => isInZone(z, towards(inner, p))))
        .map((z) => z.id)
    : [];
  known.set(zoneId, found);
  return found;
}

/** A corner moved a hair towards the middle of its ring: a shared border counts as within. */
function towards(ring: readonly LonLat[], [x, y]: LonLat): LonLat {
  const n = ring.length;
  const [cx, cy] = [ring.reduce((s, p) => s + p[0], 0) / n, ring.reduce((s, p) => s + p[1], 0) / n];
  return [x + (cx - x) * 0.01, y + (cy - y) * 0.01];
}

/** Square degrees of the box about a zone: only to tell a small one from a large one around it. */
function extent(zone: Zone): number {
  const xs = (zone.bounds ?? []).map((p) => p[0]);
  const ys = (zone.bounds ?? []).map((p) => p[1]);
  return (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
}
