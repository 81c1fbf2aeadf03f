import { soakState, type SoakState } from '@dagboek/core/harm';
import { epochMs } from '@dagboek/core/time';
import type { IncidentState } from '../../log/state/states.ts';

/** How far the hot water of an incident is; null before the limb went in, and when it is over. `waterC`: read just now, degC. */
export function soakOf(incident: IncidentState, nowMs: number, waterC: number | null): SoakState | null {
  const [first, last] = [incident.soaks[0], incident.soaks.at(-1)];
  if (incident.ended || !first || !last) return null;
  return soakState(epochMs(first.at), epochMs(last.at), nowMs, waterC);
}
