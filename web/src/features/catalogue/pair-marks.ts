import type { Species } from '@dagboek/catalogue';
import { type KeyTable, partingTraits, type Trait } from '@dagboek/core/key';
import type { Part } from '@dagboek/figure';
import { stateWords } from '../../asked/state-words.ts';

/** A mark that parts species laid side by side. */
export interface PairMark {
  readonly trait: Trait;
  readonly part: Part;
  /** What each of them shows, in words, in their order. */
  readonly words: readonly string[];
  /** One look at it splits them; else it only hints. */
  readonly decides: boolean;
}

/** From here on one look decides, bits: a mark that nine in ten of each kind show, read with an error of 5 in 100. */
const DECIDES_BITS = 3.5;
/** Below this a mark says too little to be drawn. */
const HINTS_BITS = 0.8;

/** The marks that part two or three species, the most telling first; for three, by the best of their pairs. */
export function pairMarks(list: readonly Species[], table: KeyTable, most = 6): PairMark[] {
  const bits = new Map<Trait, number>();
  list.forEach((a, i) =>
    list.slice(i + 1).forEach((b) => {
      for (const p of partingTraits(table, a.id, b.id)) bits.set(p.trait, Math.max(bits.get(p.trait) ?? 0, p.bits));
    }),
  );
  return [...bits]
    .filter(([t, n]) => n >= HINTS_BITS && t.id !== 'plan')
    .sort((x, y) => y[1] - x[1])
    .slice(0, most)
    .map(([trait, n]) => ({
      trait,
      part: (trait.part ?? 'flank') as Part,
      words: list.map((s) => stateWords(s, trait)),
      decides: n >= DECIDES_BITS,
    }));
}

/** What they share and most fish do not, in words: it does not tell them apart. */
export function alikeIn(
  list: readonly Species[],
  traits: readonly Trait[],
  most = 4,
): { trait: Trait; words: string }[] {
  const top = (s: Species, t: Trait): [string, number] =>
    Object.entries(s.traits[t.id] ?? {}).sort((a, b) => b[1] - a[1])[0] ?? ['', 0];
  const [first] = list;
  if (!first) return [];
  return traits
    .filter((t) => list.every((s) => top(s, t)[0] === top(first, t)[0] && top(s, t)[1] >= 0.8))
    .map((t) => ({ t, odd: 1 - (t.usual?.[top(first, t)[0]] ?? 0.5) }))
    .filter((x) => x.odd >= 0.5)
    .sort((a, b) => b.odd - a.odd)
    .slice(0, most)
    .map(({ t }) => ({ trait: t, words: stateWords(first, t) }));
}
