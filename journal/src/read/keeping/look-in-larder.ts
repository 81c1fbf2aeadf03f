import { WRAPPING_FACTS } from '@dagboek/core/larder';
import { platesFrom } from '@dagboek/core/plates';
import { daysBetween } from '@dagboek/core/time';
import { type HeldPack, isNotToEat } from './packs-held.ts';

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

/** Boneless meat that may be eaten of a pack, g: nothing of one that is not to be eaten. */
export const meatOfPack = (h: HeldPack): number => (isNotToEat(h) ? 0 : h.body.meatG);

/** The larder by kind, the kind with the first pack to be eaten first. `held` in the order of eating. */
export function larderByKind(held: readonly HeldPack[]): KindHeld[] {
  const kinds = new Map<string, HeldPack[]>();
  for (const h of held) kinds.set(h.pack.species, [...(kinds.get(h.pack.species) ?? []), h]);
  return [...kinds].map(([species, packs]) => ({
    species,
    packs,
    massG: packs.reduce((g, h) => g + h.leftG, 0),
    plates: platesFrom(packs.reduce((g, h) => g + meatOfPack(h), 0)).plates,
  }));
}
