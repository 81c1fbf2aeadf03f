import { highsSolver, type MenuMeasures, oldestFirst, solveMenu, someLarder } from '@dagboek/core/menu';
import loadHighs from 'highs';

/**
 * `npm run bench:larder`: the plan of meals against oldest first, on 200 larders by chance: what is wasted, what is eaten past its best,
 * how often a kind comes again; and how long it reckons.
 */
const LARDERS = 200;
const DAYS = 7;
// Its types are written for the other module system: what is imported is the loader itself.
const solve = highsSolver(await (loadHighs as unknown as typeof loadHighs.default)());

type Sum = Record<keyof MenuMeasures | 'meals' | 'plates', number>;
const none = (): Sum => ({ wasteG: 0, pastBest: 0, kinds: 0, again: 0, short: 0, meals: 0, plates: 0 });
const sums = { plan: none(), oldest: none() };
const add = (s: Sum, of: { measures: MenuMeasures; meals: readonly { eatenG: number }[] }): void => {
  for (const k of ['wasteG', 'pastBest', 'kinds', 'again', 'short'] as const) s[k] += of.measures[k];
  s.meals += of.meals.length;
  s.plates += of.meals.reduce((g, m) => g + m.eatenG, 0) / 160;
};

let [worse, unproven] = [0, 0];
const times: number[] = [];
for (let seed = 1; seed <= LARDERS; seed++) {
  const w = someLarder(seed, 6 + (seed % 10), DAYS, true);
  const from = performance.now();
  const planned = solveMenu(w, solve, 10);
  times.push(performance.now() - from);
  if (!planned.ok) throw new Error(`larder ${seed}: no plan`);
  const oldest = oldestFirst(w);
  if (planned.menu.measures.wasteG > oldest.measures.wasteG + 1) worse += 1;
  if (!planned.menu.proven) unproven += 1;
  add(sums.plan, planned.menu);
  add(sums.oldest, oldest);
}
times.sort((a, b) => a - b);
const line = (name: string, s: Sum): string =>
  [
    name.padEnd(14),
    `${(s.wasteG / 1000 / LARDERS).toFixed(2)} kg`.padStart(12),
    (s.pastBest / LARDERS).toFixed(2).padStart(12),
    (s.again / LARDERS).toFixed(2).padStart(12),
    (s.kinds / LARDERS).toFixed(2).padStart(8),
    (s.meals / LARDERS).toFixed(1).padStart(8),
    (s.short / LARDERS).toFixed(2).padStart(8),
  ].join('');
console.log(`${LARDERS} larders of 6 to 15 packs, ${DAYS} days; means of a week`);
console.log(
  `${''.padEnd(14)}${'waste'.padStart(12)}${'past best'.padStart(12)}${'kind again'.padStart(12)}${'kinds'.padStart(8)}${'meals'.padStart(8)}${'short'.padStart(8)}`,
);
console.log(line('the plan', sums.plan));
console.log(line('oldest first', sums.oldest));
console.log(`more waste than oldest first: ${worse} of ${LARDERS}; not proven in its time: ${unproven}`);
console.log(`time: half within ${Math.round(times[LARDERS / 2]!)} ms, all within ${Math.round(times.at(-1)!)} ms`);
for (const packs of [20, 40, 80]) {
  const from = performance.now();
  const r = solveMenu(someLarder(7, packs, DAYS, true), solve, 20);
  console.log(
    `${packs} packs: ${Math.round(performance.now() - from)} ms, ${r.ok ? (r.menu.proven ? 'proven' : `gap ${(r.menu.gap * 100).toFixed(1)} in 100`) : 'no plan'}`,
  );
}
