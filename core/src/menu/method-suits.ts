import type { MealWord } from '../cook/index.ts';
import { isBody } from '../larder/index.ts';
import { heedOn } from './must-not.ts';
import type { MenuDay, MenuMeal, MenuPack } from './menu.ts';

/** Ways to cook that the plan proposes; the names are those of a meal. */
export const MENU_METHODS = [
  'raw',
  'cured',
  'steamed',
  'poached',
  'pan-fried',
  'grilled',
  'roasted',
  'battered and fried',
  'simmered in a sauce',
] as const satisfies readonly MealWord[];
export type MenuMethod = (typeof MENU_METHODS)[number];

/** A way to cook, how well it suits, 0 to 1, and what speaks for it. */
export interface Suits {
  readonly method: MenuMethod;
  readonly score: number;
  readonly why: string;
}

/** How late a pack is on a day: how many days past its best. */
const lateBy = (p: MenuPack, day: number): number => day - p.bestDay;

/** How a pack may be cooked on a day, the best first. Raw and cured only where the authority's conditions of freezing are met, and nobody at risk eats. */
export function methodsFor(p: MenuPack, day: number, atRisk: boolean): Suits[] {
  const body = isBody(p.form);
  const thick = p.form === 'steaks' || p.form === 'portions' || body;
  const all: Suits[] = [];
  const add = (method: MenuMethod, score: number, why: string): void => void all.push({ method, score, why });
  const ready = ['cured', 'smoked', 'cooked'].includes(p.form);
  if (!ready) {
    if (p.rawMet && !atRisk) {
      add('raw', 0.55, 'its freezing is on record');
      if (p.fat === 'oily') add('cured', 0.5, 'its freezing is on record, and it is oily');
    }
    if (lateBy(p, day) >= 0) add('simmered in a sauce', 0.9, 'it is at the end of its best, and a sauce suits it that');
    else add('simmered in a sauce', 0.45, 'a sauce suits it');
    if (p.fat === 'oily') {
      add('grilled', thick ? 0.95 : 0.85, 'oily fish suits strong heat');
      add('roasted', body ? 0.8 : 0.6, body ? 'whole, on the bone' : 'its own oil bastes it');
    } else {
      add('pan-fried', p.form === 'fillets' || p.form === 'wings' ? 0.85 : 0.7, 'lean, and thin enough for a pan');
      add('steamed', p.place === 'fridge' ? 0.7 : 0.55, 'lean and mild');
      add('poached', body ? 0.8 : 0.5, body ? 'whole, and lean' : 'lean');
      if (p.form === 'fillets' || p.form === 'portions') add('battered and fried', 0.65, 'lean, and in pieces');
      if (body) add('roasted', 0.85, 'whole, on the bone');
    }
  }
  return all.sort((a, b) => b.score - a.score);
}

/** The same way two days running is worth so much less. */
const SAME_AGAIN = 0.35;

/** A way to cook for each meal, so that together they suit best and none is the same as the day before; null where a meal needs none. */
export function methodsOf(meals: readonly MenuMeal[], days: readonly MenuDay[]): (Suits | null)[] {
  const offered = meals.map((m) => {
    const main = [...m.parts].sort((a, b) => b.meatG - a.meatG)[0];
    const atRisk = heedOn(days[m.day]).some((e) => e.atRisk);
    // What is raw on one plate is raw for the meal: every pack of it must bear the way.
    const bears = (s: Suits): boolean =>
      (s.method !== 'raw' && s.method !== 'cured') || m.parts.every((p) => p.pack.rawMet);
    return main ? methodsFor(main.pack, m.day, atRisk).filter(bears) : [];
  });
  // The best way to end with each, meal by meal.
  let ends: { readonly worth: number; readonly path: (Suits | null)[] }[] = [{ worth: 0, path: [] }];
  offered.forEach((list, i) => {
    const close = i > 0 && meals[i]!.day - meals[i - 1]!.day === 1;
    const choices: (Suits | null)[] = list.length > 0 ? list : [null];
    ends = choices.map((c) => {
      const best = ends
        .map((e) => {
          const same = close && c !== null && e.path.at(-1)?.method === c.method;
          return { worth: e.worth + (c?.score ?? 0) - (same ? SAME_AGAIN : 0), path: e.path };
        })
        .reduce((a, b) => (b.worth > a.worth ? b : a));
      return { worth: best.worth, path: [...best.path, c] };
    });
  });
  return ends.reduce((a, b) => (b.worth > a.worth ? b : a)).path;
}
