import { type Known, ownSpecies, readPack } from '@dagboek/catalogue';
import { pick, type Rng } from '@dagboek/core/random';
import { rulePackTrouble } from '@dagboek/core/rules';
import { drawFish } from '@dagboek/figure';
import { loadRulePacks, loadSpecies, loadTraits, shippedWithFigures } from '../load.ts';
import { mutated, shaken } from './mutate.ts';

/** What became of many mutated files. */
export interface PacksTold {
  readonly tried: number;
  /** Taken, since what was changed does no harm, and drawn. */
  readonly taken: number;
  /** Refused with a sentence. */
  readonly refused: number;
  /** Threw, said nothing, or was taken and could not be drawn: the first few, in words. */
  readonly broken: readonly string[];
}

/** Mutated packs of species, figures among them, and mutated rule packs: each is refused with a sentence, or holds. */
export function stormOfPacks(tries: number, rng: Rng): PacksTold {
  const [shipped, traits] = [loadSpecies(), loadTraits()];
  const rules = loadRulePacks(shipped);
  const files = shippedWithFigures();
  const known: Known = { traits, shipped, own: [], inUse: {} };
  const broken: string[] = [];
  let [taken, refused] = [0, 0];
  for (let i = 0; i < tries; i++) {
    try {
      if (i % 4 === 3) {
        const pack = mutated(rules[i % rules.length], rng);
        const trouble = rulePackTrouble(JSON.parse(JSON.stringify(pack)));
        if (trouble === '') broken.push(`a rule pack was refused without a word`);
        if (trouble === null) taken++;
        else refused++;
        continue;
      }
      const { file, figure } = pick(rng, files);
      const own = {
        ...file,
        id: `${file.id}-own`,
        figure:
          i % 2 ? shaken({ ...figure, id: `${file.id}-own` }, rng) : mutated({ ...figure, id: `${file.id}-own` }, rng),
      };
      const pack = { id: 'own', name: 'Own', about: 'Own.', species: [i % 3 === 0 ? mutated(own, rng) : own] };
      const text = JSON.stringify(pack);
      const told = readPack('own.json', text.length, text, known);
      if (told.faults.some((f) => f.say.trim() === '')) broken.push(`${own.id}: a fault without a word`);
      if (told.faults.length > 0) {
        refused++;
        continue;
      }
      taken++;
      const species = told.changes.map((c) => c.file);
      const made = ownSpecies(
        species.map((s) => ({ pack: 'own', file: s })),
        shipped,
        traits,
      );
      if (made.length !== species.length) broken.push(`${own.id}: taken, and not in the catalogue`);
      for (const s of made)
        if (/NaN|Infinity|undefined/.test(drawFish(s.figure, { size: 760 }).svg))
          broken.push(`${s.id}: drawn with a broken number`);
    } catch (e) {
      broken.push(e instanceof Error ? (e.stack ?? e.message).split('\n').slice(0, 3).join(' ') : String(e));
    }
  }
  return { tried: tries, taken, refused, broken };
}
