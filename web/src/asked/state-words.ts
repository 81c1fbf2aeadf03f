import type { Species } from '@dagboek/catalogue';
import type { Trait } from '@dagboek/core/key';

/** What a species shows of a trait, in words; two when the second is nearly as common. */
export function stateWords(s: Species, trait: Trait): string {
  const [a, b] = Object.entries(s.traits[trait.id] ?? {}).sort((x, y) => y[1] - x[1]);
  const say = (id: string | undefined): string => trait.states.find((x) => x.id === id)?.words ?? '';
  return b && b[1] >= 0.3 ? `${say(a?.[0])}, or ${say(b[0])}` : say(a?.[0]);
}

/** The likeliest state of a trait, by id. */
export const likeliestState = (row: Readonly<Record<string, number>> | undefined): string | null =>
  Object.entries(row ?? {}).sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
