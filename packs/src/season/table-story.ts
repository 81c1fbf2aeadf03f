import { KITCHENS_LIKE, methodOf, reckonDish, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { dinnerFacts } from '@dagboek/journal';
import { RECIPES, type Recipe } from '@dagboek/core/recipes';
import { epochMs, instantsOf, addDays, civilDay, stamp } from '@dagboek/core/time';
import type { openTheBook } from './crew.ts';
import type { MadePack } from './kitchen.ts';
import { DAY, HOUR, MIN, type Scribe } from './scribe.ts';

/** Kitchens away from home. */
const AWAY = [
  { name: 'on the Tern', like: 'galley' },
  { name: 'on the shore', like: 'camp' },
] as const;
const recipe = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;

/** What the house eats from, and how: its kitchen, what is always there, a recipe of its own, and tomorrow's dinner back from seven. */
export function theTable(
  s: Scribe,
  tern: ReturnType<typeof openTheBook>,
  book: string,
  thawing: MadePack | undefined,
  nowMs: number,
  zone: string,
): void {
  const atMs = nowMs - 2 * DAY;
  const means = { hands: 1, rings: 3, ovens: 1, grills: 1 };
  s.aside('book.kitchen', book, atMs, tern.tomas, { means, vessels: [...SOME_KITCHEN.vessels] });
  for (const [i, { name, like }] of AWAY.entries()) {
    const { vessels, ...has } = KITCHENS_LIKE.find((k) => k.id === like)!.kitchen;
    s.aside('book.kitchen', book, atMs + (i + 1) * MIN, tern.tomas, { name, means: has, vessels: [...vessels] });
  }
  s.aside('book.pantry', book, atMs + HOUR, tern.tomas, {
    has: ['salt', 'pepper', 'oil', 'flour', 'vinegar', 'butter'],
  });
  const own: Recipe = {
    ...recipe('tomato-simmer'),
    id: s.besideId(atMs),
    name: 'Gurnard in dulse broth',
    says: 'Oda’s: heads and all, in a broth of dulse and barley.',
    ingredients: [
      { name: 'dulse, dried', amount: 4, unit: 'g', per: 'plate', allergens: [] },
      { name: 'pearl barley', amount: 40, unit: 'g', per: 'plate', allergens: ['gluten'] },
      { name: 'fish stock', amount: 250, unit: 'ml', per: 'plate', allergens: ['fish', 'celery'] },
    ],
  };
  s.aside('recipe.written', own.id, atMs + 2 * HOUR, tern.oda, { recipe: own as object as Record<string, unknown> });
  // Oda is well over seventy, and eats nothing glassy.
  s.aside('member.eats', tern.oda, atMs + 3 * HOUR, tern.ilse, { plates: 0.75, atRisk: true });
  if (!thawing) return;
  const tomorrow = addDays(civilDay(stamp(nowMs, zone), zone), 1);
  const serveAtMs = epochMs(instantsOf(tomorrow, '19:00', zone)[0]!);
  const method = methodOf('pan')!;
  const fire = {
    method: method.id,
    setting: usualSetting(method.heat!),
    piece: {
      cut: 'portion' as const,
      thicknessMm: 21,
      massG: 168,
      fat: thawing.species.fat,
      bone: false,
      skin: true,
      slashed: false,
    },
    pieces: 3,
    startC: 3,
    toC: 63,
    thicknessBy: 'of the body' as const,
    species: { shape: thawing.species.shape, weight: thawing.species.weight, fat: thawing.species.fat },
  };
  const told = reckonDish(fire);
  s.aside(
    'dinner.set',
    s.besideId(nowMs - HOUR),
    nowMs - HOUR,
    tern.tomas,
    dinnerFacts({
      name: `${thawing.species.name} in brown butter`,
      method,
      recipe: recipe('brown-butter'),
      packs: [{ pack: thawing.id, massG: thawing.massG }],
      fire,
      told,
      sides: ['new-potatoes', 'peas-fennel'].map(recipe),
      plates: 3,
      serveAtMs,
      kitchen: { ...means, vessels: SOME_KITCHEN.vessels },
      vessel: 'pan',
      cook: tern.tomas,
      eaters: [tern.ilse, tern.tomas, tern.wren],
      guests: 0,
    }),
  );
}
