import type { Asks } from '../asked.ts';
import type { SpeciesFacts } from '@dagboek/core/species';
import { lengthAtWeight } from '@dagboek/core/measure';
import { formFacts, isBody, type PackForm } from '@dagboek/core/larder';
import { massOf } from '../bodies/mass-of.ts';
import { packLeft } from '../bodies/order.ts';
import { formOfPack } from '../bodies/pack-form.ts';
import { fishInPack } from '../fish/pack-fish.ts';
import type { PackOfDish } from '../../log/facts/dinner.ts';
import type { DinnerState, PackState } from '../../log/state/states.ts';
import { dishesOfFish, mealsOfDinner } from './courses.ts';

/** What a dish has of a pack; `dish` null: what no dish has. */
export interface FishShare {
  readonly dish: string | null;
  readonly massG: number;
  readonly from: 'head' | 'tail' | null;
}

/** One fish that is shared out between dishes, from its head to its tail. */
export interface SharedFish {
  readonly pack: PackState;
  /** As it is, or its sides without the head. */
  readonly body: 'whole' | 'sides';
  /** Total length of the fish, mm; null where neither that nor its weight is known. */
  readonly lengthMm: number | null;
  readonly shares: readonly FishShare[];
}

const SIDES: readonly PackForm[] = ['fillets', 'loins', 'butterflied'];
/** Less than this is not left for anything, g. */
const CRUMB_G = 5;

/** Whether a pack is one fish that can be cut across: as it is, gutted, or its sides. */
function isOneFish({ book }: Asks<'book'>, pack: PackState): boolean {
  const form = formOfPack(book, pack);
  if (formFacts(form).keepsAs !== 'raw' || !(isBody(form) || SIDES.includes(form))) return false;
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? []);
  return fish.length === 1 && fish[0]!.count === 1;
}

/** A pack of one fish as some dishes share it. `allG`: what there is of it, g. Null of a pack that is not one fish. */
export function shareOfPack(
  asked: Asks<'book' | 'species', SpeciesFacts>,
  pack: PackState,
  allG: number,
  takes: readonly { readonly dish: string; readonly massG: number; readonly from?: PackOfDish['from'] }[],
): SharedFish | null {
  const { book, species: byId } = asked;
  if (!isOneFish(asked, pack)) return null;
  const species = byId(pack.species);
  const fish = fishInPack(book, pack).flatMap((id) => book.getAny('fish', id) ?? [])[0]!;
  const g = massOf(fish, species)?.g ?? null;
  const left = allG - takes.reduce((sum, t) => sum + t.massG, 0);
  const of = (from: PackOfDish['from'] | null): FishShare[] =>
    takes.filter((t) => (t.from ?? null) === (from ?? null)).map((t) => ({ ...t, from: t.from ?? null }));
  return {
    pack,
    body: isBody(formOfPack(book, pack)) ? 'whole' : 'sides',
    lengthMm:
      fish.length?.longestMm ?? fish.length?.mm ?? (species && g !== null && g > 0 ? lengthAtWeight(species, g) : null),
    shares: [
      ...of('head'),
      ...of(null),
      ...(left >= CRUMB_G ? [{ dish: null, massG: left, from: null }] : []),
      ...of('tail'),
    ].filter((s) => s.massG > 0),
  };
}

/** The fish of a dinner that are shared out: those of which more than one dish has a part, or one has not all. */
export function sharedFish(asked: Asks<'book' | 'species', SpeciesFacts>, d: DinnerState): SharedFish[] {
  const { book } = asked;
  const takes = dishesOfFish(d).flatMap((x) => x.packs.map((p) => ({ ...p, dish: x.id })));
  const eaten = mealsOfDinner(book, d);
  return [...new Set(takes.map((t) => t.pack))].flatMap((id) => {
    const pack = book.getAny('pack', id);
    if (!pack) return [];
    const served = eaten.flatMap((m) => m.meal.packs.filter((p) => p.pack === id).map((p) => p.massG));
    const allG = packLeft(book, pack).leftG + served.reduce((a, b) => a + b, 0);
    const shared = shareOfPack(
      asked,
      pack,
      allG,
      takes.filter((t) => t.pack === id),
    );
    return shared && shared.shares.length > 1 ? [shared] : [];
  });
}
