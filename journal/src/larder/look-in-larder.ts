import { formFacts, isBody, WRAPPING_FACTS } from '@dagboek/core/larder';
import { meatFrom, platesFrom } from '@dagboek/core/plates';
import type { SpeciesFacts } from '@dagboek/core/species';
import { daysBetween } from '@dagboek/core/time';
import { type HeldPack, isNotToEat } from './packs-held.ts';

type ById = (id: string | null) => SpeciesFacts | null;

/** Without accents and case. */
const bare = (s: string): string =>
  s
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

/**
 * Packs in which every word that was typed is found: in what it is, its kind, form, wrapping and store; a whole number alone is the number
 * of a pack, or the beginning of one.
 */
export function packsFound(
  held: readonly HeldPack[],
  text: string,
  kindName: (species: string) => string,
): readonly HeldPack[] {
  const words = bare(text).split(/\s+/).filter(Boolean);
  if (words.length === 0) return held;
  return held.filter((h) => {
    const says = bare(
      `${h.pack.what} ${kindName(h.pack.species)} ${h.pack.form} ${WRAPPING_FACTS[h.pack.wrapping].says} ${h.store.name}`,
    );
    return words.every((w) => (/^\d+$/.test(w) ? h.number.startsWith(w) || says.includes(` ${w} `) : says.includes(w)));
  });
}

/** Within so many days a pack is to be eaten soon. */
const SOON_DAYS = 7;

/** Packs that press: their best ends within a week, or something is wrong with them. */
export const packsPressing = (held: readonly HeldPack[], today: string): readonly HeldPack[] =>
  held.filter((h) => isNotToEat(h) || daysBetween(today, h.keeps.eatBy) <= SOON_DAYS);

/** Packs of one kind, what they hold together, and for how many plates that is. */
export interface KindHeld {
  readonly species: string;
  readonly packs: readonly HeldPack[];
  readonly massG: number;
  readonly plates: number;
}

/** What can be eaten of a pack, g: of a body what it yields, of stock and the like nothing. */
export function meatOfPack(h: HeldPack, byId: ById): number {
  if (isNotToEat(h) || formFacts(h.pack.form).plates === 'none') return 0;
  const species = byId(h.pack.species);
  return isBody(h.pack.form) && species ? meatFrom(species, h.leftG) : h.leftG;
}

/** The larder by kind, the kind with the first pack to be eaten first. `held` in the order of eating. */
export function larderByKind(held: readonly HeldPack[], byId: ById): KindHeld[] {
  const kinds = new Map<string, HeldPack[]>();
  for (const h of held) kinds.set(h.pack.species, [...(kinds.get(h.pack.species) ?? []), h]);
  return [...kinds].map(([species, packs]) => ({
    species,
    packs,
    massG: packs.reduce((g, h) => g + h.leftG, 0),
    plates: platesFrom(packs.reduce((g, h) => g + meatOfPack(h, byId), 0)).plates,
  }));
}
