import { formFacts, type PackForm } from '../larder/index.ts';
import type { RawRule } from '../species/index.ts';
import { byproductPoison, type ByproductOf } from './byproduct.ts';

/** What is asked of a species before anything of it is eaten. */
export interface MayBePoison extends ByproductOf {
  readonly name: string;
  readonly raw?: { readonly verdict: RawRule; readonly why: string };
}

/**
 * Why nothing of a pack is ever eaten, by the species that it is or may be: one that is never eaten, or a part that is poisonous. A
 * sentence; null where no species forbids it. Says nothing of age, histamine or what was found. `kinds`: all that its fish may be.
 */
export function whyNeverEaten(form: PackForm, kinds: readonly MayBePoison[]): string | null {
  const named = (s: MayBePoison, say: string): string => (kinds.length > 1 ? `It may be ${s.name}. ${say}` : say);
  for (const s of kinds) if (s.raw?.verdict === 'never') return named(s, s.raw.why);
  // What comes from its inside, or is cut or boiled out of its head and frame.
  if (!['offal', 'stock'].includes(formFacts(form).keepsAs) && form !== 'cheeks' && form !== 'collars') return null;
  for (const s of kinds) {
    const poison = byproductPoison(form, s);
    if (poison) return named(s, poison);
  }
  return null;
}
