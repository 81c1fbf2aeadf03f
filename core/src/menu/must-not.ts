import type { MenuDay, MenuEater, MenuPack } from './menu.ts';

/** Guests, of whom nobody knows who is at risk: what is raw is not for them. */
export const GUESTS = 'guests';

/** Why somebody must not eat a pack: no fish at all, a species, raw fish for those at risk, much mercury for those at risk. */
export type MustNot = 'no fish' | 'raw' | 'mercury' | { readonly species: string };

/**
 * Why somebody must not eat of a pack; null where they may. An allergy to fish is mostly to all fish (parvalbumin). Those at risk eat
 * nothing raw, cured or smoked at home (US FDA Food Code 3-801.11; NHS on Listeria), and nothing with much mercury (US FDA and EPA, Advice
 * about Eating Fish; NHS).
 */
export function mustNot(e: MenuEater, p: Pick<MenuPack, 'species' | 'mercury' | 'countsAsRaw'>): MustNot | null {
  if (e.noFish) return 'no fish';
  if (e.allergic.includes(p.species)) return { species: p.species };
  if (e.atRisk && p.countsAsRaw) return 'raw';
  if (e.atRisk && p.mercury === 'high' && e.id !== GUESTS) return 'mercury';
  return null;
}

/** Who may not be harmed by what is on the table of a day: those at home, and guests as if one were at risk. */
export const heedOn = (d: MenuDay | undefined): readonly MenuEater[] =>
  !d
    ? []
    : d.guests === 0
      ? d.eaters
      : [
          ...d.eaters,
          {
            id: GUESTS,
            name: 'a guest',
            plates: 0,
            dislikes: [],
            allergic: [],
            noFish: false,
            atRisk: true,
            mercuryUnits: 0,
          },
        ];

/** Whether nobody of a day is kept from a pack. */
export const allMayEat = (d: MenuDay | undefined, p: MenuPack): boolean =>
  heedOn(d).every((e) => mustNot(e, p) === null);
