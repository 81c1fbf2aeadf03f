import {
  type Answers,
  type Certainty,
  certaintyOf,
  type KeyTable,
  keyTable,
  type Measured,
  nextQuestion,
  nextTraits,
  type Ranking,
  rankSpecies,
  type Trait,
} from '@dagboek/core/key';
import type { FigureSpec } from '@dagboek/figure';
import { type FishState, measuredOf } from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { type Species, useCatalogue } from '../../../asked/catalogue.ts';
import { likeliestState } from '../../../asked/state-words.ts';
import { useKept } from '../../../ui/use-kept.ts';
import { REGIONS, regionOf } from './regions.ts';

/** Two species with nine in ten of it between them, the lesser with five in a hundred or more: one look may split them. */
export interface Splitting {
  readonly pair: readonly [Species, Species];
  readonly trait: Trait;
}

export interface Key {
  readonly table: KeyTable;
  readonly traits: readonly Trait[];
  readonly answers: Answers;
  readonly ranking: Ranking;
  /** As it stood before the last answer, and before any. */
  readonly before: Ranking;
  readonly start: Ranking;
  /** What was measured on it, which counts as an answer does. */
  readonly measured: Measured;
  readonly certainty: Certainty;
  readonly stillToSee: Trait | null;
  readonly next: Trait | null;
  /** Set when `next` is the look that splits the two that are left. */
  readonly splitting: Splitting | null;
  /** Set when `next` is asked for a suspected name: what it would tell it from. */
  readonly against: Species | null;
  readonly suspect: Species | null;
  readonly region: string | null;
  /** The outline that stands for its build, as far as that is known. */
  readonly body: FigureSpec | null;
  readonly answer: (trait: Trait, state: string) => void;
  readonly withdraw: (traitId: string) => void;
  readonly ask: (traitId: string) => void;
  readonly askRegion: (id: string | null) => void;
  readonly setSuspect: (id: string | null) => void;
}

interface Kept {
  readonly answers: Answers;
  readonly suspect: string | null;
}

const keyName = (fishId: string): string => `naming.${fishId}`;
/** Forgets what was answered for a fish on this device: its name is settled, and the entry holds what was seen. */
export const forgetKey = (fishId: string): void => localStorage.removeItem(`dagboek.${keyName(fishId)}`);

const without = (answers: Answers, id: string): Answers =>
  Object.fromEntries(Object.entries(answers).filter(([k]) => k !== id));

/** The key of one fish: its answers, what they say, and what to look at next. `prior`: shares of the species before looking. */
export function useKey(fish: FishState, prior: Readonly<Record<string, number>>): Key {
  const { all, traits, byId } = useCatalogue();
  const [kept, setKept] = useKept<Kept>(keyName(fish.id), { answers: fish.seen, suspect: null });
  const [asked, setAsked] = useState<string | null>(null);
  const [region, setRegion] = useState<string | null>(null);
  // Answers outlive versions of the trait table: what it does not know any more is left out.
  const answers = useMemo(
    () =>
      Object.fromEntries(
        Object.entries(kept.answers).filter(([t, s]) => {
          const trait = traits.find((x) => x.id === t);
          return trait && (s === 'cannot tell' || trait.states.some((x) => x.id === s));
        }),
      ),
    [kept.answers, traits],
  );
  const table = useMemo(() => keyTable({ traits, species: all }), [traits, all]);
  const measured = useMemo(() => measuredOf(fish), [fish]);
  const rank = (a: Answers): Ranking => rankSpecies(table, a, prior, measured);
  const last = Object.keys(answers).at(-1);
  const { ranking, before, start } = useMemo(
    () => ({ ranking: rank(answers), before: rank(last ? without(answers, last) : answers), start: rank({}) }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `rank` follows from table, prior and what was measured
    [table, answers, prior, measured, last],
  );
  const { certainty, stillToSee } = certaintyOf(table, ranking, answers);
  const suspect = byId(kept.suspect);
  const open = (t: Trait | null | undefined): Trait | null => (t && !(t.id in answers) ? t : null);
  const ranked = nextTraits(table, ranking, answers);
  const parts = REGIONS.find((r) => r.id === region)?.parts;
  const inRegion = parts ? ranked.find((n) => regionOf(n.trait.part)?.id === region)?.trait : null;
  const asIs = open(traits.find((t) => t.id === asked)) ?? open(inRegion);
  const question = nextQuestion(
    table,
    ranking,
    answers,
    suspect && { id: suspect.id, lookalikes: suspect.lookalikes.map((l) => l.id) },
  );
  const next = asIs ?? question?.trait ?? null;
  const why = next === question?.trait ? question?.why : null;
  const [a, b] = (question?.pair ?? []).map(byId);
  const say = (more: Partial<Kept>): void => setKept({ answers, suspect: kept.suspect, ...more });
  const settle = (): void => {
    setAsked(null);
    setRegion(null);
  };
  return {
    table,
    traits,
    answers,
    ranking,
    before,
    measured,
    start,
    certainty,
    stillToSee,
    next,
    splitting: why === 'splits' && next && a && b ? { pair: [a, b], trait: next } : null,
    against: why === 'suspect' ? (b ?? null) : null,
    suspect,
    region,
    body: useMemo(() => bodyOf(traits, all, ranking, answers, byId), [traits, all, ranking, answers, byId]),
    answer: (trait, state) => {
      say({ answers: { ...without(answers, trait.id), [trait.id]: state } });
      settle();
    },
    withdraw: (id) => say({ answers: without(answers, id) }),
    ask: (id) => (setRegion(null), setAsked(id)),
    askRegion: (id) => (setAsked(null), setRegion(id)),
    setSuspect: (id) => (say({ suspect: id }), settle()),
  };
}

/** The species whose outline stands for the build that was answered, or that the answers make likeliest. */
function bodyOf(
  traits: readonly Trait[],
  all: readonly Species[],
  ranking: Ranking,
  answers: Answers,
  byId: (id: string | undefined) => Species | null,
): FigureSpec | null {
  const plan = traits.find((t) => t.id === 'plan');
  const share = new Map<string, number>();
  const p = new Map(ranking.candidates.map((c) => [c.id, c.p]));
  for (const s of all) {
    const state = likeliestState(s.traits['plan']);
    if (state) share.set(state, (share.get(state) ?? 0) + (p.get(s.id) ?? 0));
  }
  const likeliest = [...share].sort((a, b) => b[1] - a[1])[0]?.[0];
  const told = plan?.states.find((s) => s.id === answers['plan']);
  const state = told ?? plan?.states.find((s) => s.id === likeliest);
  return byId(state?.body)?.figure ?? null;
}
