import type { Vessel } from '@dagboek/core/cook';
import { footMm2, rimLitres } from '@dagboek/core/cook';
import type { Recipe } from '@dagboek/core/recipes';

/** What of a kitchen each dish of a dinner is done in, by ids: the fish, what its other steps need, and each side. */
export interface VesselsOfDinner {
  readonly fish: string | null;
  readonly besideFish: Readonly<Partial<Record<Vessel['use'], string>>>;
  readonly sides: readonly Readonly<Partial<Record<Vessel['use'], string>>>[];
  /** Some of it is needed by two dishes. */
  readonly shared: boolean;
}

/**
 * Gives each dish its vessels: the fish the one that was chosen for it, a side the largest of its kind that is free, a sauce the smallest, none
 * too small for what goes in while another is not. Where none is free it shares the one that the fewest have: then they are used one after the
 * other. `used`: what other dishes of the dinner have already.
 */
export function vesselsOfDinner(
  vessels: readonly Vessel[],
  fish: string | null,
  recipe: Recipe,
  sides: readonly Recipe[],
  used: readonly string[] = [],
): VesselsOfDinner {
  const users = new Map(used.map((id) => [id, 1]));
  const take = (id: string): string => (users.set(id, (users.get(id) ?? 0) + 1), id);
  if (fish !== null) take(fish);
  const give = (r: Recipe): Partial<Record<Vessel['use'], string>> => {
    const out: Partial<Record<Vessel['use'], string>> = {};
    for (const use of new Set(r.steps.flatMap((s) => s.in ?? []))) {
      const holds = Math.max(0, ...r.steps.filter((s) => s.in === use).map((s) => s.holds ?? 0));
      const large = (v: Vessel): number => (rimLitres(v) >= holds ? 0 : 1);
      const [best] = vessels
        .filter((v) => v.use === use)
        .sort(
          (a, b) =>
            large(a) - large(b) ||
            (users.get(a.id) ?? 0) - (users.get(b.id) ?? 0) ||
            (r.course === 'sauce' ? footMm2(a) - footMm2(b) : footMm2(b) - footMm2(a)),
        );
      if (best) out[use] = take(best.id);
    }
    return out;
  };
  const besideFish = give(recipe);
  const given = sides.map(give);
  return { fish, besideFish, sides: given, shared: [...users.values()].some((n) => n > 1) };
}
