import type { Species } from '@dagboek/catalogue';
import { type KeyedSpecies, keyTable, splitPair, type Trait } from '@dagboek/core/key';
import { stateWords } from '../../asked/state-words.ts';

/** A mark worth knowing: a trait that parts this species from one it is taken for. */
interface Mark {
  readonly trait: Trait;
  readonly words: string;
  readonly decides: boolean;
}

/** Its most telling marks: those that decide against a lookalike first, then what is unusual about it. */
export function marksOf(s: Species, all: readonly Species[], traits: readonly Trait[], most = 6): Mark[] {
  const table = keyTable({ traits, species: all as readonly KeyedSpecies[] });
  const deciding = s.lookalikes.flatMap((l) => splitPair(table, s.id, l.id)?.trait ?? []);
  const unusual = traits
    .filter((t) => t.part !== undefined && t.usual !== undefined)
    .map((t) => {
      const best = Object.entries(s.traits[t.id] ?? {}).sort((a, b) => b[1] - a[1])[0];
      return { t, odd: (best?.[1] ?? 0) * (1 - (t.usual?.[best?.[0] ?? ''] ?? 0)) };
    })
    .filter((x) => x.odd > 0.5)
    .sort((a, b) => b.odd - a.odd)
    .map((x) => x.t);
  const chosen = [...new Set([...deciding, ...unusual])]
    .filter((t) => t.id !== 'plan' && t.id !== 'colour')
    .slice(0, most);
  return chosen.map((trait) => ({ trait, words: stateWords(s, trait), decides: deciding.includes(trait) }));
}
