import { cookingOf, methodOf, reckonDish, simulatedProbe, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { RECIPES, stagesOf, taskId } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { epochMs } from '@dagboek/core/time';
import { dinnerFacts } from '@dagboek/journal';
import type { openTheBook } from './crew.ts';
import { DAY, MIN, type Scribe } from './scribe.ts';

/** Ways that are planned with a thermometer, by the word of their meal; the ring of this house is slow, its oven a shade fierce. */
const WAYS = { 'pan-fried': { id: 'pan', slower: 1.18 }, roasted: { id: 'roast', slower: 0.94 } } as const;
/** So many dinners of each, the last ones. */
const MOST = 3;
/** When it was read, shares of its time on the heat. */
const READ_AT = [0.75, 0.97] as const;

/** The last dinners in the pan and in the oven were planned, and their middles read: what the book knows of its kitchen. */
export function dinnersRead(s: Scribe, tern: ReturnType<typeof openTheBook>, nowMs: number): void {
  const meals = s.entries.filter((e) => e.kind === 'meal.served' && epochMs(e.at) < nowMs - DAY);
  const count: Record<string, number> = {};
  for (const meal of [...meals].reverse()) {
    const {
      name,
      method: word,
      packs,
      eaters,
    } = meal.facts as {
      name: string;
      method: string;
      packs: { pack: string; massG: number }[];
      eaters: string[];
    };
    const way = WAYS[word as keyof typeof WAYS];
    if (!way || name === 'Fish cakes' || (count[word] = (count[word] ?? 0) + 1) > MOST + 1) continue;
    if (count[word] > MOST) {
      if (word === 'roasted') searedAndRoasted(s, tern.tomas, meal, { name, packs, eaters });
      continue;
    }
    const method = methodOf(way.id)!;
    const fire = {
      method: way.id,
      setting: usualSetting(method.heat!),
      piece: {
        cut: 'portion' as const,
        thicknessMm: 19 + count[word] * 2,
        massG: 160,
        fat: 'lean' as const,
        bone: false,
        skin: true,
        slashed: false,
      },
      pieces: eaters.length,
      startC: 4,
      toC: 60,
      thicknessBy: 'by ruler' as const,
      species: null,
    };
    const told = reckonDish(fire);
    const cooking = cookingOf(told);
    if (!cooking || !told.beyond) continue;
    const servedMs = epochMs(meal.at);
    const slower = way.slower * (0.97 + 0.03 * count[word]);
    const [tookS, restS] = [cooking.course.pulledS * slower, cooking.course.peakS - cooking.course.pulledS];
    const begunMs = servedMs - Math.round(tookS + restS) * 1000 - MIN;
    const setMs = begunMs - 40 * MIN;
    const id = s.besideId(setMs);
    s.aside(
      'dinner.set',
      id,
      setMs,
      tern.tomas,
      dinnerFacts({
        name,
        method,
        recipe: null,
        packs,
        fire,
        told,
        sides: [],
        plates: eaters.length,
        serveAtMs: servedMs,
        kitchen: { ...SOME_KITCHEN, rings: 3 },
        vessel: null,
        cook: tern.tomas,
        eaters,
        guests: 0,
      }),
    );
    const task = taskId('fish', 'cook');
    s.aside('dinner.step', id, begunMs, tern.tomas, { task, did: 'begun' });
    for (const share of READ_AT) {
      const atS = tookS * share;
      const c = simulatedProbe(told.beyond, atS, slower, count[word]);
      s.aside('dinner.read', id, begunMs + Math.round(atS) * 1000, tern.tomas, { dish: 'fish', c });
    }
    s.aside('dinner.step', id, begunMs + Math.round(tookS) * 1000, tern.tomas, { task, did: 'done' });
    s.aside('dinner.ended', id, servedMs, tern.tomas, { meal: meal.subject });
  }
}

/** Minutes by which each step took longer or shorter than planned, in turn. */
const WENT = [0, 0, 0, 1, 3, 0] as const;

/** One was seared before the oven, each of its steps noted: what planned and done lie over each other for. */
function searedAndRoasted(
  s: Scribe,
  by: string,
  meal: Scribe['entries'][number],
  { name, packs, eaters }: { name: string; packs: { pack: string; massG: number }[]; eaters: string[] },
): void {
  const recipe = RECIPES.find((r) => r.id === 'sear-and-roast')!;
  const method = methodOf('roast')!;
  const fire = {
    method: method.id,
    setting: usualSetting(method.heat!),
    piece: {
      ...{ cut: 'portion' as const, thicknessMm: 20, massG: 150, fat: 'lean' as const },
      ...{ bone: false, skin: true, slashed: false },
    },
    pieces: eaters.length,
    startC: 4,
    toC: 60,
    thicknessBy: 'by ruler' as const,
    stages: stagesOf(recipe),
    species: null,
  };
  const servedMs = epochMs(meal.at);
  const setMs = servedMs - 70 * MIN;
  const id = s.besideId(setMs);
  const facts = dinnerFacts({
    ...{ name, method, recipe, packs, fire, told: reckonDish(fire), sides: [], plates: eaters.length },
    ...{ serveAtMs: servedMs - 4 * MIN, kitchen: { ...SOME_KITCHEN, rings: 3 }, vessel: 'tray' },
    ...{ cook: by, eaters, guests: 0 },
  });
  s.aside('dinner.set', id, setMs, by, facts);
  const plan = planDinner({ tasks: facts.tasks, means: facts.means, within: 66 });
  if (!plan.ok) return;
  let behind = 0;
  plan.placed
    .slice()
    .sort((a, b) => b.startsBefore - a.startsBefore)
    .forEach(({ task, startsBefore }, i) => {
      const begunMs = facts.serveAtMs - startsBefore * MIN + behind * MIN;
      // What heats by itself takes as long as it does; what waits for hands or for the fish slips.
      const slips = task.hands || task.id.endsWith('/cook');
      const longer = slips ? WENT[i % WENT.length]! : 0;
      if (slips) behind = Math.max(0, behind + longer);
      s.aside('dinner.step', id, begunMs, by, { task: task.id, did: 'begun' });
      const doneMs = Math.min(servedMs - MIN, begunMs + Math.max(1, task.minutes + longer) * MIN);
      s.aside('dinner.step', id, Math.max(begunMs, doneMs), by, { task: task.id, did: 'done' });
    });
  s.aside('dinner.ended', id, servedMs, by, { meal: meal.subject });
}
