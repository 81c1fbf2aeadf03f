import { geoContains } from 'd3-geo';
import type { LonLat, RulePack, Zone } from './rule.ts';

/** Whether a point lies within a zone's bounds; false for a zone that is not drawn. */
export const isInZone = (zone: Zone, at: LonLat): boolean =>
  zone.bounds !== undefined &&
  geoContains({ type: 'Polygon', coordinates: [zone.bounds.map(([x, y]) => [x, y])] }, [at[0], at[1]]);

/** Every drawn zone of a pack that a point lies in, the smallest first. */
export function zonesAt(pack: RulePack, at: LonLat): Zone[] {
  return pack.zones.filter((z) => isInZone(z, at)).sort((a, b) => extent(a) - extent(b));
}

/** Square degrees of the box about a zone: only to tell a small one from a large one around it. */
function extent(zone: Zone): number {
  const xs = (zone.bounds ?? []).map((p) => p[0]);
  const ys = (zone.bounds ?? []).map((p) => p[1]);
  return (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
}
