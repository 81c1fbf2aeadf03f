import { normalCdf } from '../stats/index.ts';

/** What was seen of the ice, against what the box held when it held most. */
export const ICE_WORDS = ['full', 'half', 'a few lumps', 'gone'] as const;
export type IceWord = (typeof ICE_WORDS)[number];

/** A word is said from this share of the most that lay in it; an eye errs by so much. */
const FROM: Readonly<Record<IceWord, number>> = {
  full: 0.75,
  half: 0.3,
  'a few lumps': 0.02,
  gone: Number.NEGATIVE_INFINITY,
};
const UP_TO: Readonly<Record<IceWord, number>> = {
  full: Number.POSITIVE_INFINITY,
  half: 0.75,
  'a few lumps': 0.3,
  gone: 0.02,
};
export const EYE_SD = 0.1;
/** Of wet ice weighed, and of water poured off, kg and share. */
const SCALE = { kg: 0.15, share: 0.03 } as const;
const POURED = { kg: 0.25, share: 0.07 } as const;
/** A reading below this means that there is ice, above it that there is none, K over the melting point; it errs by so much. */
export const ICE_BELOW_K = 1;
const PROBE_SD_K = 0.4;

/** Something that was found out about the ice. */
export type IceFinding =
  | { readonly atMs: number; readonly kind: 'seen'; readonly word: IceWord }
  | { readonly atMs: number; readonly kind: 'weighed'; readonly kg: number }
  /** Water let out and weighed: what had melted since it was last let out. */
  | { readonly atMs: number; readonly kind: 'poured'; readonly kg: number }
  /** The medium was read, K over its melting point. */
  | { readonly atMs: number; readonly kind: 'read'; readonly overK: number };

const density = (x: number, mean: number, sd: number): number => Math.exp(-((x - mean) ** 2) / (2 * sd * sd)) / sd;
/** Nobody is that sure: a slip of the pen leaves this much. */
const SLIP = 1e-4;

/** Shares of the most that lay in the box between which a word is said, 0 to 1. */
export const shareSeen = (word: IceWord): readonly [number, number] => [
  Math.max(0, FROM[word]),
  word === 'gone' ? 0 : Math.min(1, UP_TO[word]),
];

/** The word that an eye says for a share of ice: `error` is what it errs by. */
export function wordFor(share: number, error: number): IceWord {
  const seen = share <= 0 ? 0 : share + error;
  return ICE_WORDS.find((w) => seen >= FROM[w]) ?? 'gone';
}

/**
 * How likely a finding is when there are `iceKg`, of `mostKg` at most so far, and `waterKg` have melted since the water was last
 * let out. Up to a factor that is the same for all.
 */
export function likelihood(f: IceFinding, iceKg: number, mostKg: number, waterKg: number): number {
  switch (f.kind) {
    case 'seen': {
      const share = mostKg > 0 ? iceKg / mostKg : 0;
      if (iceKg <= 0) return f.word === 'gone' ? 1 : SLIP;
      return SLIP + normalCdf((UP_TO[f.word] - share) / EYE_SD) - normalCdf((FROM[f.word] - share) / EYE_SD);
    }
    case 'weighed':
      return SLIP + density(f.kg, iceKg, SCALE.kg + SCALE.share * iceKg);
    case 'poured':
      return SLIP + density(f.kg, waterKg, POURED.kg + POURED.share * waterKg);
    case 'read':
      return SLIP + normalCdf(((iceKg > 0 ? ICE_BELOW_K - f.overK : f.overK - ICE_BELOW_K) as number) / PROBE_SD_K);
  }
}
