import type { Species, Waters } from '@dagboek/catalogue';
import { inMonths } from '@dagboek/core/time';
import { likeliestState } from '../../asked/state-words.ts';

/** What the list is narrowed to; null = anything. */
export interface Narrowing {
  readonly waters: Waters | null;
  /** State of the trait "plan". */
  readonly build: string | null;
  readonly danger: 'any' | 'venomous' | 'poison' | null;
  /** Only what lives on these grounds in this month. */
  readonly here: { readonly grounds: readonly string[]; readonly month: number } | null;
  /** Only what this book has met. */
  readonly met: ReadonlySet<string> | null;
}

/** Whether a species is about on these grounds in this month. */
export const isAbout = (s: Species, here: NonNullable<Narrowing['here']>): boolean =>
  here.grounds.some((g) => (s.grounds[g] ?? 0) > 0) && inMonths(here.month, s.months);

/** Whether a species passes. A build counts when some form shows it at one in five or more. */
export function passes(s: Species, n: Narrowing): boolean {
  if (n.waters && !s.waters.includes(n.waters)) return false;
  if (n.build && likeliestState(s.traits['plan']) !== n.build && (s.traits['plan']?.[n.build] ?? 0) < 0.2) return false;
  if (n.danger === 'any' && s.hazards.length === 0) return false;
  if ((n.danger === 'venomous' || n.danger === 'poison') && !s.hazards.some((h) => h.kind === n.danger)) return false;
  if (n.here && !isAbout(s, n.here)) return false;
  return !n.met || n.met.has(s.id);
}
