import { subjectDefinition } from '../kinds/index.ts';
import type { SubjectState } from '../state/states.ts';

/** Pack and leftovers may name each other in a tangled book; the chain from fish to leftovers is far shorter. */
const STEPS = 12;

/** Whether a subject falls with what is down, by what it hangs on. */
export function fallsWith(s: SubjectState, down: (id: string) => boolean): boolean {
  const { each = [], all = [] } = subjectDefinition(s.kind).hangsOn(s);
  return each.some((id) => id !== null && down(id)) || (all.length > 0 && all.every(down));
}

/**
 * Whether a subject counts: its own beginning stands, and so does something of all that it hangs on. What has not arrived yet
 * takes nothing down.
 */
export function standsAmong(
  states: { get(id: string): SubjectState | undefined },
  s: SubjectState,
  steps = STEPS,
): boolean {
  if (s.struck) return false;
  if (steps === 0) return true;
  return !fallsWith(s, (id) => {
    const on = states.get(id);
    return on !== undefined && !standsAmong(states, on, steps - 1);
  });
}
