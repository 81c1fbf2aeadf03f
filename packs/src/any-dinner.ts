import {
  type DishAsked,
  type Method,
  METHODS,
  reckonDish,
  SOME_KITCHEN,
  STAGES,
  type StageKind,
  usualSetting,
  usualStage,
} from '@dagboek/core/cook';
import { RECIPES } from '@dagboek/core/recipes';
import { type DinnerPlan, RESOURCES, type Task } from '@dagboek/core/schedule';
import { dinnerFacts, type FactsOf, lieAtOnce, vesselsFor } from '@dagboek/journal';

/** A dinner by chance: some fish by some way, with fires before and after it, in rounds, with sides, in a small kitchen. */
export interface AnyDinner {
  readonly facts: FactsOf<'dinner.set'>;
  readonly fire: DishAsked;
  readonly kinds: readonly string[];
}

const TIMED = (METHODS as readonly Method[]).filter(
  (m) => m.heat !== null && m.middle === 'cooked' && m.id !== 'cakes',
);
const SIDES = RECIPES.filter((r) => r.course !== 'fish');

/** The dinner of a stream of chances; null where that fish cannot be cooked so. */
export function anyDinner(next: () => number): AnyDinner | null {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
  const method = pick(TIMED);
  const cut = pick(method.cuts);
  const [least, most] = method.thickMm;
  const thicknessMm = Math.round(Math.max(8, least) + next() * (Math.min(45, most) - Math.max(8, least)));
  const around = (at: StageKind['at']): StageKind[] => {
    const of = (STAGES as readonly StageKind[]).filter(
      (s) => s.at === at && s.with.some((id) => id === method.id) && s.cuts.includes(cut),
    );
    return of.length > 0 && next() < 0.6 ? [pick(of)] : [];
  };
  const stages = [...around('before'), ...around('after')].map(usualStage);
  const all = 1 + Math.floor(next() * 10);
  const massG = Math.round(cut === 'whole' ? thicknessMm * 12 : 90 + next() * 120);
  const lieMost = lieAtOnce(SOME_KITCHEN, method, massG, thicknessMm);
  const fire: DishAsked = {
    method: method.id,
    setting: { ...usualSetting(method.heat!), ...(method.id === 'poach, heat off' ? { amount: 6 } : {}) },
    piece: { cut, thicknessMm, massG, fat: pick(['lean', 'oily']), bone: cut === 'whole', skin: true, slashed: false },
    pieces: all,
    startC: Math.round(next() * 8),
    toC: pick([56, 60, 63]),
    thicknessBy: 'by ruler',
    species: null,
    rounds: { all, ...(lieMost === null ? {} : { lieMost }) },
    ...(stages.length > 0 ? { stages } : {}),
  };
  const told = reckonDish(fire);
  if (!told.reckoned.ok) return null;
  const recipes = RECIPES.filter(
    (r) => r.method === method.id && r.from === 'fish' && r.steps.every((s) => s.minutes < 200),
  );
  const sides = Array.from({ length: Math.floor(next() * 3) }, () => pick(SIDES));
  const facts = dinnerFacts({
    ...{ name: method.name, method, recipe: recipes.length > 0 && next() < 0.7 ? pick(recipes) : null },
    packs: [{ pack: 'p', massG: all * massG }],
    ...{ fire, told, sides, plates: 2 + Math.floor(next() * 6), serveAtMs: 1_789_236_000_000 },
    kitchen: { ...SOME_KITCHEN, hands: next() < 0.7 ? 1 : 2 },
    vessel: vesselsFor(SOME_KITCHEN, method)[0]?.id ?? null,
    ...{ cook: 'c', eaters: ['c'], guests: 0 },
  });
  const count = told.rounds?.count ?? 1;
  return {
    facts,
    fire,
    kinds: [
      ...(stages.length > 0 ? [`${stages.length + 1} fires`] : []),
      ...(count > 1 ? ['rounds'] : []),
      ...(new Set(facts.tasks.flatMap((t) => t.vessel ?? [])).size < vesselsAsked(facts.tasks)
        ? ['one vessel for two']
        : []),
    ],
  };
}

/** How many vessels there would be if no two dishes shared one. */
const vesselsAsked = (tasks: readonly Task[]): number =>
  new Set(tasks.flatMap((t) => (t.vessel === undefined ? [] : [`${t.id.split('/')[0]} ${t.vessel}`]))).size;

/** What is wrong with a planned dinner, by going through its minutes; empty when nothing. Asks nothing of the planner. */
export function wrongWith({ facts, fire }: AnyDinner, plan: DinnerPlan): string[] {
  if (!plan.ok) return [`no plan: ${plan.why}`];
  const out: string[] = [];
  const at = new Map(plan.placed.map((p) => [p.task.id, p]));
  if (at.size !== facts.tasks.length) out.push('a task is missing');
  for (const t of facts.tasks) {
    const me = at.get(t.id)!;
    if (me.startsBefore - me.endsBefore !== t.minutes) out.push(`${t.id} lasts another time`);
    if (t.mayStand !== null && me.endsBefore > t.mayStand) out.push(`${t.id} stands too long`);
    for (const a of t.after) {
      const other = at.get(a.task)!;
      const gap = (a.from === 'end' ? other.endsBefore : other.startsBefore) - me.startsBefore;
      if (gap < a.least || (a.most !== null && gap > a.most)) out.push(`${t.id} waits ${gap} for ${a.task}`);
    }
  }
  const busy = (m: number) => plan.placed.filter((p) => p.endsBefore <= m && m < p.startsBefore);
  const spans = new Map<string, { vessel: string; from: number; to: number }>();
  for (const p of plan.placed) {
    if (p.task.vessel === undefined) continue;
    const key = `${p.task.id.split('/')[0]} ${p.task.turn ?? 1} ${p.task.vessel}`;
    const was = spans.get(key);
    spans.set(key, {
      vessel: p.task.vessel,
      from: Math.max(was?.from ?? -Infinity, p.startsBefore),
      to: Math.min(was?.to ?? Infinity, p.endsBefore),
    });
  }
  for (let m = 0; m < plan.beginsBefore; m++) {
    for (const r of RESOURCES)
      if (busy(m).filter((p) => r.of(p.task)).length > r.has(facts.means)) out.push(`too many ${r.more} at ${m}`);
    const held = [...spans.values()].filter((s) => s.to <= m && m < s.from).map((s) => s.vessel);
    if (new Set(held).size < held.length) out.push(`a vessel is used twice at ${m}`);
  }
  const dish = facts.dishes[0]!;
  if (dish.toC === null || dish.toC < fire.toC - 0.11) out.push(`served at ${dish.toC}, ${fire.toC} was asked`);
  if (!plan.proven && !(plan.gapMin > 0)) out.push('neither proven nor told with its gap');
  return out;
}
