import {
  byProbe,
  CHART_SPREAD,
  chartMin,
  cookFor,
  type CookingAsked,
  methodOf,
  reckonCooking,
  simulatedProbe,
  usualSetting,
} from '@dagboek/core/cook';
import { anyDinner, wrongWith } from './any-dinner.ts';
import { normal, seeded } from '@dagboek/core/random';
import { RECIPES, tasksOf } from '@dagboek/core/recipes';
import { planDinner, type Task } from '@dagboek/core/schedule';

/**
 * `npm run bench:table`: how often a dinner is proven best and how long that takes, how much later it begins than dish after dish; and what
 * the band of a cooking time and the probe are worth, on pieces that differ by chance as much as the reckoning says they may.
 */
const rng = seeded(16);
const pick = <T>(list: readonly T[]): T => list[Math.floor(rng() * list.length)]!;
const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;

const fish = RECIPES.filter((r) => r.from === 'fish' && r.steps.every((s) => s.minutes < 200));
const sides = RECIPES.filter((r) => r.course !== 'fish');
const line = (cells: readonly (string | number)[]): void =>
  console.log(cells.map((c, i) => (i === 0 ? String(c).padEnd(30) : String(c).padStart(14))).join(''));

/** Dish after dish: what one who plans nothing does, each dish by itself one after the other, min before serving. */
const oneByOne = (dishes: readonly (readonly Task[])[]): number => {
  const alone = dishes.map((tasks) => {
    const plan = planDinner({ tasks, means: { hands: 1, rings: 2, ovens: 1, grills: 1 }, within: 600 });
    return plan.ok ? plan.beginsBefore : 0;
  });
  return alone.reduce((a, b) => a + b, 0);
};

console.log('Dinners of recipes, one cook, two rings, an oven, a grill');
line(['', 'proven', 'median, ms', 'worst, ms', 'begins, min', 'dish by dish']);
for (const n of [1, 2, 3, 4]) {
  const [times, begins, serial]: [number[], number[], number[]] = [[], [], []];
  let [proven, all] = [0, 0];
  for (let i = 0; i < 40; i++) {
    const recipes = [pick(fish), ...Array.from({ length: n }, () => pick(sides))];
    const dishes = recipes.map((recipe, k) =>
      tasksOf({
        id: `d${k}`,
        recipe,
        plates: 4,
        fish: { cookMin: 6 + 10 * rng(), restMin: 3, rounds: 1, againMin: 0 },
      }),
    );
    const tasks = dishes.flat();
    const from = performance.now();
    const plan = planDinner({ tasks, means: { hands: 1, rings: 2, ovens: 1, grills: 1 }, within: 600 });
    times.push(performance.now() - from);
    all += tasks.length;
    if (!plan.ok) continue;
    if (plan.proven) proven++;
    begins.push(plan.beginsBefore);
    serial.push(oneByOne(dishes));
  }
  line([
    `${n + 1} dishes, ${Math.round(all / 40)} steps`,
    `${proven} of ${begins.length}`,
    Math.round(median(times)),
    Math.round(Math.max(...times)),
    Math.round(median(begins)),
    Math.round(median(serial)),
  ]);
}

{
  const next = seeded(300);
  const tally = new Map<string, number>();
  const count = (what: string): void => void tally.set(what, (tally.get(what) ?? 0) + 1);
  let [planned, wrong] = [0, 0];
  const gaps: number[] = [];
  while (planned < 300) {
    const dinner = anyDinner(next);
    if (!dinner) continue;
    planned++;
    const plan = planDinner({ tasks: dinner.facts.tasks, means: dinner.facts.means, within: 600 });
    for (const k of dinner.kinds) count(k);
    count(!plan.ok ? 'not planned, and told why' : plan.proven ? 'proven best' : 'told with its gap');
    if (plan.ok && plan.lateMin > 0) count('later than ten hours from now');
    if (plan.ok && !plan.proven) gaps.push(plan.gapMin);
    if (plan.ok) wrong += wrongWith(dinner, plan).length;
  }
  console.log('\n300 dinners by chance, of fires in a row, rounds and shared vessels');
  for (const [what, n] of [...tally].sort((a, b) => b[1] - a[1])) line([what, n]);
  line(['used twice, broken, under its limit', wrong]);
  line(['widest gap, min', Math.max(0, ...gaps)]);
}

console.log(
  '\nAgainst the published charts: minutes on the heat for two pieces from 5° to 63°, and the share of the charts’ middle',
);
const MM = [12, 20, 25, 30, 40] as const;
line(['', ...MM.map((mm) => `${mm} mm`), 'off at, 25 mm']);
for (const id of [
  'pan',
  'grill',
  'roast',
  'steam',
  'poach, from hot',
  'simmer',
  'soup',
  'batter',
  'deep fry',
  'dredge',
  'parcel',
]) {
  const method = methodOf(id)!;
  const cells = MM.map((thicknessMm) => {
    const r = reckonCooking({
      method,
      setting: usualSetting(method.heat!),
      piece: { cut: 'portion', thicknessMm, massG: 170, fat: 'lean', bone: false, skin: true, slashed: false },
      pieces: 2,
      startC: 5,
      toC: 63,
      thicknessBy: 'by ruler',
      species: null,
    });
    if (!r.ok) return { says: r.why, offC: '' };
    const min = r.course.pulledS / 60;
    const share = min / chartMin(id, thicknessMm)!;
    const out = Math.abs(share - 1) > CHART_SPREAD / 2 ? ' !' : '';
    return {
      says: `${min.toFixed(1)} (${share.toFixed(2)}${out})`,
      offC: `${Math.round(r.course.pulledC)} > ${Math.round(r.reachesC)}`,
    };
  });
  line([method.name, ...cells.map((c) => c.says), cells[2]!.offC]);
}

console.log('\nPieces as much thicker, colder and slower heated as they may be: inside the band of nine in ten');
line(['', 'in the band', 'by 3 readings', 'band, %', 'with probe, %']);
for (const id of ['pan', 'roast', 'steam', 'poach, from hot', 'deep fry', 'parcel']) {
  const method = methodOf(id)!;
  const asked: CookingAsked = {
    method,
    setting: usualSetting(method.heat!),
    piece: { cut: 'portion', thicknessMm: 24, massG: 160, fat: 'lean', bone: false, skin: true, slashed: false },
    pieces: 4,
    startC: 4,
    toC: 60,
    thicknessBy: 'of the body',
    species: null,
  };
  const r = reckonCooking(asked);
  if (!r.ok) continue;
  const beyond = cookFor(asked, r.course.pulledS * 2.5, r.course.pulledS);
  let [inside, insideBy, n] = [0, 0, 0];
  const widths: number[] = [];
  for (let i = 0; i < 60; i++) {
    // The truth: another piece in another pan, by chance.
    const truth = reckonCooking({
      ...asked,
      piece: { ...asked.piece, thicknessMm: 24 * Math.exp(normal(rng, 0, 0.12)) },
      startC: 4 + normal(rng, 0, 1.5),
      setting: { ...asked.setting, mediumC: asked.setting.mediumC },
    });
    if (!truth.ok) continue;
    n++;
    const s = truth.course.pulledS;
    if (s >= r.lowS && s <= r.highS) inside++;
    const slower = s / r.course.pulledS;
    const readings = [0.35, 0.5, 0.65].map((share) => ({
      atS: share * s,
      c: simulatedProbe(beyond, share * s, slower, i),
    }));
    const by = byProbe(r, beyond, readings);
    widths.push((by.highS - by.lowS) / by.pullS);
    if (s >= by.lowS && s <= by.highS) insideBy++;
  }
  line([
    method.name,
    `${inside} of ${n}`,
    `${insideBy} of ${n}`,
    Math.round((100 * (r.highS - r.lowS)) / r.course.pulledS),
    Math.round(100 * median(widths)),
  ]);
}
