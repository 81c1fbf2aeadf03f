import type { SubjectState } from './states.ts';

/** Pack and leftovers may name each other in a tangled book; the chain from fish to leftovers is far shorter. */
const STEPS = 12;

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
  const down = (id: string | null): boolean => {
    const on = id ? states.get(id) : undefined;
    return on !== undefined && !standsAmong(states, on, steps - 1);
  };
  const allDown = (ids: readonly string[]): boolean => ids.length > 0 && ids.every(down);
  switch (s.kind) {
    case 'fish':
      return !down(s.trip);
    case 'cut':
      return !allDown(s.fish);
    case 'pack':
      return !down(s.cut) && !down(s.meal) && !allDown(s.fish);
    case 'meal':
      return !allDown(s.packs.map((p) => p.pack));
    default:
      return true;
  }
}
