import {
  type Kitchen,
  type Method,
  methodOf,
  missingFor,
  type PieceCut,
  type StageAsked,
  type StageKind,
  stageOf,
  stagesFor,
  usualStage,
} from '@dagboek/core/cook';
import { type Recipe, stagesOf } from '@dagboek/core/recipes';

/** A fire that may stand before or after one’s own: as it is usually set, and what is hot in it ("pan"). */
export interface StageChoice {
  readonly id: string;
  readonly at: StageKind['at'];
  readonly name: string;
  readonly step: string;
  readonly hot: string;
  readonly usual: StageAsked;
}

/** A stage as it is set, in words. */
export interface StageWords {
  readonly at: StageKind['at'];
  /** "Sear the fish"; within a list "seared", "basted in butter". */
  readonly step: string;
  readonly then: string;
  /** What is hot in it: "pan". */
  readonly hot: string;
  readonly mediumC: number;
  readonly seconds: number;
}

/** What is hot in a way: "pan". */
const hotIn = (method: string): string => (methodOf(method)?.heat?.of ?? '').replace(/^the /, '');

/** What is hot in each fire of a dish, in their order; none where there is one alone. */
export function firesOf(method: string, stages: readonly StageAsked[]): string[] {
  const words = stageWords(stages);
  const of = (at: StageKind['at']): string[] => words.filter((s) => s.at === at).map((s) => s.hot);
  return words.length === 0 ? [] : [...of('before'), hotIn(method), ...of('after')];
}

/** What may stand before and after a way for this cut, as far as the kitchen has what it takes. */
export const stageChoices = (method: Method, cut: PieceCut, kitchen: Kitchen): StageChoice[] =>
  stagesFor(method, cut)
    .filter((s) => missingFor(kitchen, methodOf(s.method)!) === null)
    .map((s) => ({
      id: s.id,
      at: s.at,
      name: s.name,
      step: s.step,
      hot: hotIn(s.method),
      usual: usualStage(s),
    }));

/** The fires that are asked for around a way: those that were set, else those of the recipe, as far as they go with way and cut. */
export const stagesAsked = (
  choices: readonly StageChoice[],
  set: readonly StageAsked[] | null,
  recipe: Recipe | null,
): StageAsked[] => (set ?? (recipe ? stagesOf(recipe) : [])).filter((s) => choices.some((c) => c.id === s.id));

/** Stages in words, in their order; one that this version does not know is left out. */
export const stageWords = (stages: readonly StageAsked[]): StageWords[] =>
  stages.flatMap(({ id, mediumC, seconds }) => {
    const kind = stageOf(id);
    return kind
      ? [
          {
            at: kind.at,
            step: kind.step,
            then: kind.name.replace(/ (?:first|last)$/, ''),
            hot: hotIn(kind.method),
            mediumC,
            seconds,
          },
        ]
      : [];
  });

/** What can hurt in a way and in the fires around it, each once. */
export const mindOf = (method: Method, stages: readonly Pick<StageAsked, 'id'>[]): string[] => [
  ...new Set([...method.mind, ...stages.flatMap(({ id }) => methodOf(stageOf(id)?.method ?? '')?.mind ?? [])]),
];
