import type { TripState } from '../../log/state/states.ts';

/** What a trip cost, in the money of the book. */
export interface Costs {
  readonly total: number;
  /** By what it was for, the largest first; one written twice is summed. */
  readonly of: readonly { readonly text: string; readonly cost: number }[];
}

/** What was noted of costs on a trip; null when nothing was. */
export function costsOf(trip: TripState): Costs | null {
  const of = new Map<string, number>();
  // In hundredths: sums of money leave no dust.
  for (const n of trip.notes) if (n.cost !== null) of.set(n.text, (of.get(n.text) ?? 0) + Math.round(n.cost * 100));
  if (of.size === 0) return null;
  return {
    total: [...of.values()].reduce((sum, c) => sum + c, 0) / 100,
    of: [...of]
      .map(([text, c]) => ({ text, cost: c / 100 }))
      .sort((a, b) => b.cost - a.cost || a.text.localeCompare(b.text)),
  };
}
