import { methodOf, reckonCooking, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { NO_FISH, RECIPES, type Recipe, tasksOf } from '@dagboek/core/recipes';
import { epochMs, instantsOf, addDays, civilDay, stamp } from '@dagboek/core/time';
import type { openTheBook } from './crew.ts';
import type { MadePack } from './kitchen.ts';
import { DAY, HOUR, type Scribe } from './scribe.ts';

const recipe = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const round = (n: number): number => Math.round(n * 10) / 10;

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
  const cooking = reckonCooking({ ...fire, method });
  if (!cooking.ok) return;
  const { course } = cooking;
  const name = `${thawing.species.name} in brown butter`;
  const fish = {
    cookMin: round(course.pulledS / 60),
    restMin: round((course.peakS - course.pulledS) / 60),
    batches: 1,
  };
  const sides = ['new-potatoes', 'peas-fennel'].map(recipe);
  const none = {
    packs: [],
    method: null,
    mediumC: null,
    thicknessMm: null,
    startC: null,
    toC: null,
    pulledC: null,
    cookMin: null,
    lowMin: null,
    highMin: null,
    restMin: null,
    fire: null,
  };
  s.aside('dinner.set', s.besideId(nowMs - HOUR), nowMs - HOUR, tern.tomas, {
    serveAtMs,
    dishes: [
      {
        id: 'fish',
        name,
        recipe: 'brown-butter',
        packs: [{ pack: thawing.id, massG: thawing.massG }],
        method: method.id,
        mediumC: fire.setting.mediumC,
        thicknessMm: 21,
        startC: 3,
        toC: round(course.peakC),
        pulledC: round(course.pulledC),
        ...fish,
        lowMin: round(cooking.lowS / 60),
        highMin: round(cooking.highS / 60),
        fire,
      },
      ...sides.map((r, i) => ({ ...none, id: `side${i + 1}`, name: r.name, recipe: r.id })),
    ].map(({ batches: _, ...d }: Record<string, unknown>) => d as never),
    tasks: [
      ...tasksOf({ id: 'fish', recipe: { ...recipe('brown-butter'), name }, plates: 3, fish }),
      ...sides.flatMap((r, i) => tasksOf({ id: `side${i + 1}`, recipe: r, plates: 3, fish: NO_FISH })),
    ],
    means,
    cook: tern.tomas,
    eaters: [tern.ilse, tern.tomas, tern.wren],
  });
}
