import type { Asks } from '../asked.ts';
import { formFacts, type PackForm, packName, type Wrapping } from '@dagboek/core/larder';

import { sayGrams, type Units, wordFor } from '@dagboek/core/units';
import { packLeft } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';
import type { Writing } from '../../log/book/writing.ts';
import { nextPackNumber, packNumber } from '../bodies/pack-numbers.ts';
import { harmOf, isNotToEat, whyNotToEat } from '../keeping/packs-held.ts';
import { type Store, storeOfPack } from '../places/stores.ts';

/** A pack made out of others, or why it cannot be. */
export type Repacked =
  { readonly ok: true; readonly writings: readonly Writing[] } | { readonly ok: false; readonly why: string };

/** A scale and a drip apart: so much more than is left may still be taken. */
const ALLOWANCE = 1.03;

/** Why so much cannot be taken out of a pack; null when it can. `pieces` null: not counted. */
export function takeTrouble(
  book: Book,
  pack: PackState,
  massG: number,
  pieces: number | null,
  units?: Units,
): string | null {
  const left = packLeft(book, pack);
  if (!(massG >= 1)) return 'Enter how much, in grams or pieces.';
  if (massG > left.leftG * ALLOWANCE + 1)
    return `Only ${sayGrams(left.leftG, units)} are left in pack ${packNumber(book, pack)}. If there is more, weigh the pack again.`;
  if (pieces !== null && left.pieces !== null && pieces > left.pieces)
    return `Only ${left.pieces} ${wordFor(left.pieces, 'piece is', 'pieces are')} left in it.`;
  return null;
}

/** What a pack made out of others is: where it lies, how it is wrapped, and its parts. */
interface Making {
  readonly newId: string;
  /** Name of the species. */
  readonly name: string;
  readonly massG: number;
  readonly pieces: number | null;
  /** Left out: that of the first. */
  readonly form?: PackForm;
  readonly wrapping: Wrapping;
  readonly place: 'fridge' | 'freezer';
  /** Of one's own; null for a plain one. */
  readonly store: string | null;
  readonly from: readonly { readonly pack: PackState; readonly massG: number; readonly pieces: number | null }[];
}

/** A pack made out of others: their fish go with it, and by `from` all that they went through. */
function made(book: Book, m: Making): Repacked {
  const first = m.from[0]!.pack;
  const counted = (pieces: number | null): { pieces?: number } => (pieces === null || pieces < 1 ? {} : { pieces });
  return {
    ok: true,
    writings: [
      {
        kind: 'pack.stored',
        subject: m.newId,
        facts: {
          number: nextPackNumber(book),
          what: packName(m.name, m.form ?? first.form, m.pieces),
          species: first.species,
          form: m.form ?? first.form,
          massG: m.massG,
          ...counted(m.pieces),
          wrapping: m.wrapping,
          place: m.place,
          ...(m.store === null ? {} : { store: m.store }),
          fish: [...new Set(m.from.flatMap((f) => f.pack.fish))].slice(0, 60),
          from: m.from.map((f) => ({ pack: f.pack.id, massG: f.massG, ...counted(f.pieces) })),
        },
      },
    ],
  };
}

/** What may be made out of a form at home, itself first: raw fish is portioned, salted, smoked or used for bait. */
export function formsOutOf(form: PackForm): PackForm[] {
  if (formFacts(form).keepsAs === 'raw' && form !== 'bait')
    return [...new Set<PackForm>([form, 'portions', 'cured', 'smoked', 'bait'])];
  return form === 'cured' ? ['cured', 'smoked'] : [form];
}

/** Takes a part of a pack into one of its own: what it is made of, and how long it keeps, goes with it. `species`: its name. */
export function splitPack(
  book: Book,
  pack: PackState,
  of: {
    readonly massG: number;
    readonly pieces: number | null;
    readonly wrapping: Wrapping;
    readonly store: Store;
    /** What was made of it; left out: the same. */
    readonly form?: PackForm;
  },
  species: string,
  newId: string,
  units?: Units,
): Repacked {
  const trouble = takeTrouble(book, pack, of.massG, of.pieces, units);
  if (trouble) return { ok: false, why: trouble };
  const { leftG } = packLeft(book, pack);
  const form = of.form ?? pack.form;
  if (!formsOutOf(pack.form).includes(form)) return { ok: false, why: `Of ${pack.form} nothing ${form} is made.` };
  // What is salted, smoked or cut up becomes another pack even when nothing stays behind.
  if (of.massG >= leftG - 1 && form === pack.form)
    return { ok: false, why: 'That is everything: move the pack instead.' };
  return made(book, {
    newId,
    name: species,
    massG: of.massG,
    pieces: of.pieces,
    form,
    wrapping: of.wrapping,
    place: of.store.place,
    store: of.store.own ? of.store.id : null,
    from: [{ pack, massG: of.massG, pieces: of.pieces }],
  });
}

/** Packs that may be put together with one: of its kind and form, in a store of the same class, to be eaten. */
export function mergeable(asked: Asks<'book' | 'species' | 'nowMs'>, pack: PackState): PackState[] {
  const { book } = asked;
  if (isNotToEat(harmOf(asked, pack))) return [];
  const { place } = storeOfPack(book, pack);
  return book
    .packsWithFood()
    .filter((p) => p.id !== pack.id && book.stands(p) && p.species === pack.species && p.form === pack.form)
    .filter((p) => storeOfPack(book, p).place === place && !isNotToEat(harmOf(asked, p)));
}

/**
 * Puts packs of one kind together into a new one where the first lies: the earliest day of them holds. One that is not to be eaten goes
 * with none. `species`: its name.
 */
export function mergePacks(
  asked: Asks<'book' | 'species' | 'nowMs'>,
  packs: readonly PackState[],
  species: string,
  newId: string,
): Repacked {
  const { book } = asked;
  const [first] = packs;
  if (!first || packs.length < 2) return { ok: false, why: 'Choose a pack to combine.' };
  if (packs.some((p) => p.species !== first.species || p.form !== first.form))
    return {
      ok: false,
      why: 'Only packs of the same species and form can be combined, because others keep differently.',
    };
  if (new Set(packs.map((p) => storeOfPack(book, p).place)).size > 1)
    return { ok: false, why: 'One is frozen and the other is not, so they cannot be combined.' };
  for (const p of packs) {
    const why = whyNotToEat(harmOf(asked, p));
    if (why)
      return { ok: false, why: `Pack ${packNumber(book, p)} must not be eaten, so it cannot be combined. ${why}` };
  }
  const parts = packs.map((pack) => ({ pack, left: packLeft(book, pack) })).filter((x) => x.left.leftG >= 1);
  if (parts.length < 2) return { ok: false, why: 'One of them is empty.' };
  const counted = parts.every((x) => x.left.pieces !== null);
  const at = first.places.at(-1)!;
  return made(book, {
    newId,
    name: species,
    massG: Math.round(parts.reduce((g, x) => g + x.left.leftG, 0)),
    pieces: counted ? parts.reduce((n, x) => n + (x.left.pieces ?? 0), 0) : null,
    wrapping: first.wrapping,
    place: at.place,
    store: at.store,
    from: parts.map((x) => ({ pack: x.pack, massG: x.left.leftG, pieces: x.left.pieces })),
  });
}
