import {
  type Answers,
  certaintyOf,
  type KeyCatalogue,
  keyTable,
  nextTraits,
  rankSpecies,
  type Trait,
} from '@dagboek/core/key';
import { pickWeighted, type Rng, seeded } from '@dagboek/core/random';
import { loadSpecies, loadTraits } from './load.ts';

/**
 * `npm run bench:key`: how useful the key is with an observer who errs as the trait table says, against asking in fixed
 * order; and how long ranking and choosing take on a large made-up catalogue, with the plain product as the floor.
 */
const RUNS = 200;
const MOST_QUESTIONS = 14;
const species = loadSpecies();
const traits = loadTraits(species);
const table = keyTable({ traits, species });

/** What an observer says of a trait of a species: one of its states by their odds, misread as often as the trait's error. */
function look(rng: Rng, row: Readonly<Record<string, number>>, trait: Trait): string {
  const seen = pickWeighted(rng, Object.entries(row), ([, p]) => p)[0];
  if (rng() >= trait.error) return seen;
  const others = trait.states.filter((s) => s.id !== seen);
  return others[Math.floor(rng() * others.length)]?.id ?? seen;
}

function simulate(name: string, next: (answers: Answers) => Trait | null): void {
  const rng = seeded(2026);
  const out = { right: 0, wrong: 0, open: 0 };
  const asked: number[] = [];
  for (const s of species)
    for (let r = 0; r < RUNS; r++) {
      const answers: Record<string, string> = {};
      let settled: string | null = null;
      while (Object.keys(answers).length < MOST_QUESTIONS) {
        const ranking = rankSpecies(table, answers);
        if (certaintyOf(table, ranking, answers).certainty === 'settled') {
          settled = ranking.candidates[0]?.id ?? null;
          break;
        }
        const trait = next(answers);
        if (!trait) break;
        answers[trait.id] = look(rng, s.traits[trait.id] ?? {}, trait);
      }
      out[settled === null ? 'open' : settled === s.id ? 'right' : 'wrong']++;
      asked.push(Object.keys(answers).length);
    }
  asked.sort((a, b) => a - b);
  const share = (n: number): string => `${((100 * n) / asked.length).toFixed(1)} %`;
  const mean = asked.reduce((a, b) => a + b, 0) / asked.length;
  console.log(
    `${name}: settled rightly ${share(out.right)}, wrongly ${share(out.wrong)}, left open ${share(out.open)}; questions: mean ${mean.toFixed(1)}, median ${asked[asked.length >> 1]}`,
  );
}

console.log(`${species.length} species, ${traits.length} traits, ${RUNS} runs each, no prior.`);
simulate('The most telling question first', (answers) => {
  const ranking = rankSpecies(table, answers);
  const { stillToSee } = certaintyOf(table, ranking, answers);
  return stillToSee && !(stillToSee.id in answers)
    ? stillToSee
    : (nextTraits(table, ranking, answers)[0]?.trait ?? null);
});
simulate('In fixed order               ', (answers) => traits.find((t) => !(t.id in answers)) ?? null);

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
