import { allowancesLeft, type CatchFacts, judge, type KeptFish, type Rule, type RulePack } from '@dagboek/core/rules';
import { pick, seeded } from '@dagboek/core/random';
import { addDays } from '@dagboek/core/time';
import { loadRulePacks, loadSpecies } from './index.ts';

/** Speed of the rule engine: 10,000 fish under 200 rules (2 s allowed), the day's allowances at a season of 5,000 fish (50 ms allowed). */
const rng = seeded(4);
const [skerrow] = loadRulePacks(loadSpecies());
if (!skerrow) throw new Error('no rule pack');
const kinds = Array.from({ length: 40 }, (_, i) => `kind-${i}`);
const rules: Rule[] = kinds.flatMap((id): Rule[] => {
  const head = { species: [id], sentence: 's', source: 's' };
  return [
    { ...head, id: `least-${id}`, kind: 'minimumSize', leastMm: 300, length: 'total' },
    { ...head, id: `bag-${id}`, kind: 'dailyBag', most: 5 },
    { ...head, id: `possession-${id}`, kind: 'possession', most: 12, days: 3 },
    { ...head, id: `year-${id}`, kind: 'yearlyBag', most: 400 },
    { ...head, id: `season-${id}`, kind: 'closedSeason', closed: { from: '12-01', to: '02-28' } },
  ];
});
const pack: RulePack = { ...skerrow, rules };
const DAY = '2026-09-12';
const season: KeptFish[] = Array.from({ length: 5000 }, (_, i) => ({
  speciesId: pick(rng, kinds),
  anglerId: i % 2 ? 'ilse' : 'tomas',
  boat: 'Tern',
  zone: 'north-skerries',
  day: addDays(DAY, -Math.floor(rng() * 250)),
  count: 1,
  lengthMm: 350,
}));
const recent = season.filter((k) => k.day >= addDays(DAY, -3));
const fish = Array.from({ length: 10_000 }, (): CatchFacts => ({
  speciesId: pick(rng, kinds),
  speciesName: 'Fish',
  zone: 'north-skerries',
  day: DAY,
  time: '12:00',
  anglerId: 'ilse',
  anglerName: 'Ilse',
  count: 1,
  length: { mm: 250 + Math.floor(rng() * 200), kind: 'total', method: 'board' },
}));
const timed = (f: () => void): number => {
  const t = performance.now();
  f();
  return performance.now() - t;
};
const many = timed(() => {
  for (const f of fish) judge(pack, f, recent);
});
const bags = [...Array(9)].map(() =>
  timed(() => {
    for (const id of kinds) allowancesLeft(pack, season, id, ['ilse', 'tomas'], DAY, 'Tern');
  }),
);
console.log(
  `${fish.length} fish under ${rules.length} rules: ${(many / 1000).toFixed(2)} s (2 allowed). ` +
    `Allowances of ${kinds.length} kinds for two people at a season of ${season.length} kept: ${bags.sort((a, b) => a - b)[4]?.toFixed(1)} ms (50 allowed).`,
);
