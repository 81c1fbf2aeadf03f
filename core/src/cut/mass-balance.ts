import { type Result, refuse } from '../result/index.ts';
import { sayGrams, type Units } from '../units/index.ts';

/** Weighings of the line through the board, in order; each is what is left of the one before. */
export const STAGES = ['round', 'gutted', 'fillets', 'trimmed'] as const;
export type Stage = (typeof STAGES)[number];
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  round: 'Whole',
  gutted: 'Gutted',
  fillets: 'Fillets, skin on',
  trimmed: 'Trimmed',
};

/** A scale adds up to this much by clinging water before anything is impossible (2 %). */
export const WATER_ALLOWANCE = 0.02;

/** Whether a part weighs more than a whole can, beyond clinging water. Masses in grams. */
export const outweighs = (partG: number, wholeG: number): boolean => partG > wholeG * (1 + WATER_ALLOWANCE);

export interface Weighings {
  readonly stages: Readonly<Partial<Record<Stage, number>>>;
  /** By-products by name, grams. */
  readonly byproducts: Readonly<Record<string, number>>;
}

export interface StageYield {
  readonly stage: Stage;
  readonly massG: number;
  /** Share of the round weight, or null while that is unknown. */
  readonly share: number | null;
}

export interface MassBalance {
  readonly stages: readonly StageYield[];
  /** Grams that are neither in the last stage nor in a by-product: guts, blood, drip. Null while round is unknown. */
  readonly unaccountedG: number | null;
  /** Trimmed, or else fillets, as a share of the round weight. */
  readonly yield: number | null;
}

/**
 * Balances what was weighed. Refuses, with a sentence, what cannot be: a later stage heavier than an earlier one,
 * or all parts together heavier than the whole, beyond 2 % for water. Masses in grams, above 0.
 * `nameOf`: how a weighing is called on the route that was cut.
 */
export function massBalance(
  w: Weighings,
  nameOf: (stage: Stage) => string = (s) => STAGE_WORDS[s],
  units?: Units,
): Result<{ balance: MassBalance }> {
  let before: { stage: Stage; massG: number } | null = null;
  const stages: StageYield[] = [];
  const round = w.stages.round ?? null;
  for (const stage of STAGES) {
    const massG = w.stages[stage];
    if (massG === undefined) continue;
    if (!(massG > 0)) return refuse(`${nameOf(stage)}: a weight is more than 0.`, stage);
    if (before && outweighs(massG, before.massG))
      return refuse(
        `${nameOf(stage)} ${sayGrams(massG, units)} cannot weigh more than ${nameOf(before.stage).toLowerCase()} ${sayGrams(before.massG, units)}. Weigh again, or correct the earlier weight.`,
        stage,
      );
    stages.push({ stage, massG, share: round === null ? null : massG / round });
    before = { stage, massG };
  }
  let parts = 0;
  for (const [what, massG] of Object.entries(w.byproducts)) {
    if (!(massG > 0)) return refuse(`${what}: a weight is more than 0.`, what);
    parts += massG;
  }
  const meat = w.stages.trimmed ?? w.stages.fillets ?? null;
  if (round !== null && outweighs((meat ?? 0) + parts, round))
    return refuse(
      `The parts come to ${sayGrams((meat ?? 0) + parts, units)}, more than the whole fish of ${sayGrams(round, units)}. One of these weights is wrong.`,
    );
  return {
    ok: true,
    balance: {
      stages,
      unaccountedG: round === null || meat === null ? null : Math.max(0, round - meat - parts),
      yield: round === null || meat === null ? null : meat / round,
    },
  };
}
