import { lowerFirst } from './lower-first.ts';

/** What is asked of a species about its inside. */
export interface ByproductOf {
  readonly hazards: readonly { readonly part: string; readonly kind: string; readonly does: string }[];
  readonly ciguatera?: boolean;
}

/** Parts in which a reef fish holds more ciguatera than in its fillet. Source: US FDA Hazards Guide, ch. 6; CDC Yellow Book. */
const HOLDS_CIGUATERA = /liver|roe|milt|head|cheek|collar|throat|frame|stock|gut/;

/** Why a by-product is poison, in the words of its species; null when it is none. `what`: its name, or the form of a pack. */
export function byproductPoison(what: string, species: ByproductOf | null): string | null {
  const name = what.trim().toLowerCase();
  const poison = species?.hazards.find((h) => h.kind === 'poison' && (h.part === 'flesh' || name.includes(h.part)));
  if (poison) return `Not to be eaten: ${lowerFirst(poison.does)}`;
  return species?.ciguatera && HOLDS_CIGUATERA.test(name)
    ? 'Not to be eaten: liver, roe, head and frame of a reef fish contain more ciguatera than its fillets. Boiling does not help.'
    : null;
}

/** What is to be known of a by-product that someone would eat; null when nothing. */
export function byproductCaution(what: string, species: ByproductOf | null): string | null {
  const name = what.trim().toLowerCase();
  const poison = byproductPoison(what, species);
  if (poison) return poison;
  return name.includes('liver')
    ? 'Liver is high in vitamin A (not in pregnancy). In old and in Baltic fish it has dioxins. Eat it rarely, and little. From a lake with a green bloom eat neither liver nor gut (blue-green algae), and ask there about PFAS and PCB.'
    : null;
}

/** What is to be known of what animals get. Sources: CDC and veterinary handbooks on tapeworm, salmon poisoning and thiaminase. */
export const FOR_ANIMALS =
  'Cook it for dogs and cats. Raw fish gives them worms, raw salmon and trout can kill dogs, and some raw fish destroys a vitamin. No bones that splinter.';
