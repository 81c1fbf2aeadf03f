import {
  type Method,
  methodOf,
  type PieceCut,
  type StageAsked,
  type StageKind,
  stageOf,
  stagesFor,
  usualStage,
} from '@dagboek/core/cook';
import { type Recipe, stagesOf } from '@dagboek/core/recipes';

/** A fire that may stand before or after one’s own: as it is usually set, and what is hot in it ("the pan"). */
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
  readonly mediumC: number;
  readonly seconds: number;
}

/** What may stand before and after a way for this cut. */
export const stageChoices = (method: Method, cut: PieceCut): StageChoice[] =>
  stagesFor(method, cut).map((s) => ({
    id: s.id,
    at: s.at,
    name: s.name,
    step: s.step,
    hot: methodOf(s.method)!.heat!.of,
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
      ? [{ at: kind.at, step: kind.step, then: kind.name.replace(/ (?:first|last)$/, ''), mediumC, seconds }]
      : [];
  });
