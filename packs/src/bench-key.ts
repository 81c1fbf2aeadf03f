import {
  type Answers,
  certaintyOf,
  type KeyCatalogue,
  type KeyPrior,
  keyTable,
  WARNS_FROM,
  nextQuestion,
  nextTraits,
  rankSpecies,
  type Trait,
  type TraitRow,
} from '@dagboek/core/key';
import { pickWeighted, type Rng, seeded } from '@dagboek/core/random';
import { isDangerous } from '@dagboek/core/harm';
import { loadSpecies, loadTraits, type Species } from './load.ts';
import { intervalOfShare } from '@dagboek/core/intervals';

/**
 * `npm run bench:key`: how useful the key is with an observer who errs as the trait table says, against asking in fixed
 * order; and how long ranking and choosing take on a large made-up catalogue, with the plain product as the floor.
 */
const RUNS = 200;
const MOST_QUESTIONS = 14;
const species = loadSpecies();
const traits = loadTraits();
const table = keyTable({ traits, species });

/** What an observer says of a trait of a species: one of its states by their odds, misread as often as the trait's error. */
function look(rng: Rng, row: Readonly<Record<string, number>>, trait: Trait): string {
  const seen = pickWeighted(rng, Object.entries(row), ([, p]) => p)[0];
  if (rng() >= trait.error) return seen;
  const others = trait.states.filter((s) => s.id !== seen);
  return others[Math.floor(rng() * others.length)]?.id ?? seen;
}

/** The traits of one fish of a species: those of a form, drawn by the shares, over the species' own. */
function oneFish(rng: Rng, s: Species): TraitRow {
  const form = s.forms?.length ? pickWeighted(rng, s.forms, (f) => f.share) : null;
  return { ...s.traits, ...form?.traits };
}

/** What is likely in the waters of a pack: its own species alike, all others as strays. */
const STRAY = 0.02;
const inWatersOf = (pack: string): KeyPrior =>
  Object.fromEntries(species.map((s) => [s.id, s.pack === pack ? 1 : STRAY]));

interface Tally {
  right: number;
  wrong: number;
  open: number;
}

function simulate(
  name: string,
  next: (answers: Answers, prior: KeyPrior) => Trait | null,
  priorFor: (s: Species) => KeyPrior,
): void {
  const rng = seeded(2026);
  const out: Tally = { right: 0, wrong: 0, open: 0 };
  const bySpecies = new Map<string, Tally & { taken: Record<string, number> }>();
  const asked: number[] = [];
  for (const s of species) {
    const own = { right: 0, wrong: 0, open: 0, taken: {} as Record<string, number> };
    bySpecies.set(s.id, own);
    const prior = priorFor(s);
    for (let r = 0; r < RUNS; r++) {
      const fish = oneFish(rng, s);
      const answers: Record<string, string> = {};
      let settled: string | null = null;
      while (Object.keys(answers).length < MOST_QUESTIONS) {
        const ranking = rankSpecies(table, answers, prior);
        if (certaintyOf(table, ranking, answers).certainty === 'settled') {
          settled = ranking.candidates[0]?.id ?? null;
          break;
        }
        const trait = next(answers, prior);
        if (!trait) break;
        answers[trait.id] = look(rng, fish[trait.id] ?? {}, trait);
      }
      const how = settled === null ? 'open' : settled === s.id ? 'right' : 'wrong';
      out[how]++;
      own[how]++;
      const leader = settled ?? rankSpecies(table, answers, prior).candidates[0]?.id ?? '';
      if (leader !== s.id) own.taken[leader] = (own.taken[leader] ?? 0) + 1;
      asked.push(Object.keys(answers).length);
    }
  }
  asked.sort((a, b) => a - b);
  const share = (n: number): string => `${((100 * n) / asked.length).toFixed(1)} %`;
  const mean = asked.reduce((a, b) => a + b, 0) / asked.length;
  console.log(
    `${name}: settled rightly ${share(out.right)}, wrongly ${share(out.wrong)}, left open ${share(out.open)}; questions: mean ${mean.toFixed(1)}, median ${asked[asked.length >> 1]}`,
  );
  if (process.argv.includes('--by-species'))
    for (const [id, t] of [...bySpecies].sort((a, b) => a[1].right - b[1].right).slice(0, 30))
      console.log(
        `  ${id}: right ${t.right}, wrong ${t.wrong}, open ${t.open}; taken for ${Object.entries(t.taken)
          .sort((a, b) => b[1] - a[1])
          .slice(0, 3)
          .map(([k, n]) => `${k} ${n}`)
          .join(', ')}`,
      );
}

console.log(`${species.length} species, ${traits.length} traits, ${RUNS} runs each.`);
const clever = (answers: Answers, prior: KeyPrior): Trait | null =>
  nextQuestion(table, rankSpecies(table, answers, prior), answers)?.trait ?? null;
const inOrder = (answers: Answers): Trait | null => traits.find((t) => !(t.id in answers)) ?? null;
simulate('The most telling question first, waters known  ', clever, (s) => inWatersOf(s.pack));
simulate('In fixed order, waters known                   ', inOrder, (s) => inWatersOf(s.pack));
simulate('The most telling question first, nothing known ', clever, () => null);

/** Specimens of each dangerous kind. */
const DANGEROUS_RUNS = 400;

/**
 * Of specimens of each dangerous kind: how many end settled as a harmless one, without a warning at any step and with one.
 * A warning stands as soon as a dangerous candidate has `WARNS_FROM`; the goal is 0 without, below 1 in 200 with.
 */
function dangerous(name: string, priorFor: (s: Species) => KeyPrior): void {
  const rng = seeded(99);
  const grave = new Set(species.filter(isDangerous).map((s) => s.id));
  const rows: { id: string; silent: number; warned: number; right: number; as: Record<string, number> }[] = [];
  for (const s of species.filter(isDangerous)) {
    const row = { id: s.id, silent: 0, warned: 0, right: 0, as: {} as Record<string, number> };
    rows.push(row);
    const prior = priorFor(s);
    for (let r = 0; r < DANGEROUS_RUNS; r++) {
      const fish = oneFish(rng, s);
      const answers: Record<string, string> = {};
      let warned = false;
      while (Object.keys(answers).length < MOST_QUESTIONS) {
        const ranking = rankSpecies(table, answers, prior);
        warned ||= ranking.candidates.some((c) => c.p >= WARNS_FROM && grave.has(c.id));
        if (certaintyOf(table, ranking, answers).certainty === 'settled') {
          const best = ranking.candidates[0]?.id ?? '';
          if (best === s.id) row.right++;
          else if (!grave.has(best)) {
            row[warned ? 'warned' : 'silent']++;
            row.as[best] = (row.as[best] ?? 0) + 1;
          }
          break;
        }
        const trait = nextQuestion(table, ranking, answers)?.trait;
        if (!trait) break;
        answers[trait.id] = look(rng, fish[trait.id] ?? {}, trait);
      }
    }
  }
  const total = rows.length * DANGEROUS_RUNS;
  const sum = (f: 'silent' | 'warned'): number => rows.reduce((n, r) => n + r[f], 0);
  // 95 in 100: a simulated run says no more than its number of runs can.
  const atMost = (n: number): string => `${(100 * intervalOfShare(n, total, 0.025).high).toFixed(2)} %`;
  console.log(
    `${name}: of ${total} specimens of ${rows.length} dangerous kinds ${sum('silent')} ended settled as a harmless one with no warning on the way (at most ${atMost(sum('silent'))}), ${sum('warned')} with one (${((100 * sum('warned')) / total).toFixed(2)} %, at most ${atMost(sum('warned'))}; below 0.5 % wanted).`,
  );
  console.log('| kind | settled rightly | harmless, no warning | harmless, warned | taken for |');
  console.log('| --- | ---: | ---: | ---: | --- |');
  for (const r of rows)
    console.log(
      `| ${r.id} | ${r.right} | ${r.silent} | ${r.warned} | ${Object.entries(r.as)
        .map(([k, n]) => `${k} ${n}`)
        .join(', ')} |`,
    );
}
dangerous('Waters known', (s) => inWatersOf(s.pack));
dangerous('Nothing known', () => null);

/** 500 species with 60 traits of four states. */
function large(): KeyCatalogue {
  const rng = seeded(7);
  const states = ['a', 'b', 'c', 'd'];
  const many = Array.from({ length: 60 }, (_, i): Trait => ({
    id: `t${i}`,
    question: '?',
    states: states.map((id) => ({ id, words: id })),
    effort: 1,
    error: 0.05,
  }));
  return {
    traits: many,
    species: Array.from({ length: 500 }, (_, i) => ({
      id: `s${i}`,
      maxMm: 1000,
      traits: Object.fromEntries(
        many
          .map((t) => [
            t.id,
            { [states[Math.floor(rng() * 4)] as string]: 0.9, [states[Math.floor(rng() * 4)] as string]: 0.1 },
          ])
          .map(([id, row]) => [
            id,
            Object.keys(row as object).length === 1 ? { [Object.keys(row as object)[0] as string]: 1 } : row,
          ]),
      ),
    })),
  };
}
const big = keyTable(large());
const answers: Answers = { t0: 'a', t1: 'b', t2: 'c' };
const time = (f: () => void): number => {
  for (let i = 0; i < 20; i++) f();
  const runs = Array.from({ length: 60 }, () => {
    const t = performance.now();
    f();
    return performance.now() - t;
  }).sort((a, b) => a - b);
  return runs[runs.length >> 1] ?? 0;
};
const floor = time(() => void rankSpecies(big, answers));
const whole = time(() => void nextTraits(big, rankSpecies(big, answers), answers));
const first = time(() => void nextTraits(big, rankSpecies(big, {}), {}));
console.log(
  `500 species x 60 traits: ranking and the next question ${whole.toFixed(2)} ms (before any answer ${first.toFixed(2)} ms; 16 allowed); the plain product of likelihoods is ${((100 * floor) / whole).toFixed(0)} % of that.`,
);
