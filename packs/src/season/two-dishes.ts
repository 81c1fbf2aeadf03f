import { type DishAsked, methodOf, reckonDish, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { RECIPES, type Recipe } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { dinnerFacts, joiningFacts, serveDishes } from '@dagboek/journal';
import type { openTheBook } from './crew.ts';
import type { MadePack } from './kitchen.ts';
import { MIN, type Scribe } from './scribe.ts';

const recipe = (id: string): Recipe => RECIPES.find((r) => r.id === id)!;
const KITCHEN = { ...SOME_KITCHEN, rings: 3 };
/** What is taken of the fillet: the head end raw, the tail end from the oven; the rest stays in the pack, g. */
const [RAW_G, ROAST_G] = [110, 190];
/** The roast comes so long after the slices, min. */
const COURSE_MIN = 25;

/** What its tail end is asked of the oven. */
function roastOf(pack: MadePack): DishAsked {
  const method = methodOf('roast')!;
  return {
    method: method.id,
    setting: usualSetting(method.heat!),
    piece: {
      ...{ cut: 'portion' as const, thicknessMm: 22, massG: ROAST_G / 2, fat: pack.species.fat },
      ...{ bone: false, skin: true, slashed: false },
    },
    pieces: 2,
    startC: 3,
    toC: 63,
    thicknessBy: 'of the body' as const,
    species: { shape: pack.species.shape, weight: pack.species.weight, fat: pack.species.fat },
  };
}

/** One turbot in two dishes, an evening in the summer: slices at half past seven, the roast after them. `servedMs`: of the slices. */
export function oneTurbotTwice(
  s: Scribe,
  tern: ReturnType<typeof openTheBook>,
  pack: MadePack,
  servedMs: number,
): void {
  const setMs = servedMs - 80 * MIN;
  const id = s.besideId(setMs);
  const fire = roastOf(pack);
  const plain = { plates: 2, kitchen: KITCHEN, sides: [] };
  const whole = dinnerFacts({
    ...plain,
    name: 'Turbot in slices',
    method: methodOf('raw slices')!,
    recipe: recipe('slices-radish'),
    packs: [{ pack: pack.id, massG: RAW_G, from: 'head' }],
    fire: null,
    told: null,
    vessel: null,
    serveAtMs: servedMs,
    cook: tern.ilse,
    eaters: [tern.ilse, tern.tomas],
    guests: 0,
  });
  const roast = joiningFacts(whole, {
    ...plain,
    id: 'roast',
    name: 'Turbot on thyme',
    method: methodOf(fire.method)!,
    recipe: recipe('roast-thyme'),
    packs: [{ pack: pack.id, massG: ROAST_G, from: 'tail' }],
    fire,
    told: reckonDish(fire),
    lay: { id: 'oil', minutes: 30 },
    vessel: 'tray',
    servedMin: COURSE_MIN,
  });
  s.aside('dinner.set', id, setMs, tern.ilse, whole);
  s.aside('dinner.dishes', id, setMs + MIN, tern.ilse, roast);
  const tasks = [...whole.tasks.map((t) => ({ ...t, servedBefore: COURSE_MIN })), ...roast.tasks];
  const plan = planDinner({ tasks, means: whole.means, within: 75 + COURSE_MIN });
  if (!plan.ok) return;
  const lastMs = servedMs + COURSE_MIN * MIN;
  for (const { task, startsBefore, endsBefore } of plan.placed) {
    s.aside('dinner.step', id, lastMs - startsBefore * MIN, tern.ilse, { task: task.id, did: 'begun' });
    s.aside('dinner.step', id, lastMs - endsBefore * MIN, tern.ilse, { task: task.id, did: 'done' });
  }
  const d = {
    ...{ id, cook: tern.ilse, eaters: [tern.ilse, tern.tomas], guests: 0, tasks, done: {} },
    dishes: [...whole.dishes, ...roast.dishes],
  };
  d.dishes.forEach((dish, i) => {
    const atMs = i === 0 ? servedMs : lastMs;
    const over = Object.fromEntries(tasks.map((t) => [t.id, atMs]));
    const probed = dish.fire ? { pulledC: 57, peakC: 63.5 } : null;
    const served = [{ dish, meal: s.besideId(atMs), probed, cues: [] }];
    for (const w of serveDishes({ ...d, done: over }, served, i > 0))
      s.aside(w.kind, w.subject, atMs, tern.ilse, w.facts as never);
  });
}
