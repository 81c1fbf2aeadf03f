/** A mixed-integer program: minimise the costs of columns within bounds and rows. Written by the heart, solved by whichever solver stands beside it. */
export interface Mip {
  readonly cols: readonly MipCol[];
  readonly rows: readonly MipRow[];
}

export interface MipCol {
  readonly name: string;
  readonly cost: number;
  readonly lower: number;
  readonly upper: number;
  readonly integer: boolean;
}

export interface MipRow {
  readonly name: string;
  readonly lower: number;
  readonly upper: number;
  /** Index of a column, and its coefficient. */
  readonly terms: readonly (readonly [number, number])[];
  /** The wish that it stands for; null: it is how things are. */
  readonly wish: string | null;
}

export interface MipAnswer {
  readonly status: 'optimal' | 'time is up' | 'infeasible' | 'failed';
  /** Value of each column; null where none was found. */
  readonly x: readonly number[] | null;
  readonly cost: number;
  /** How far from proven, 0 to 1. */
  readonly gap: number;
}

/** Solves a program within a time, s. */
export type MipSolver = (mip: Mip, seconds: number) => MipAnswer;

/** Gathers columns and rows. */
export class MipBuilder {
  private readonly cols: MipCol[] = [];
  private readonly rows: MipRow[] = [];

  /** A column; gives its index. */
  col(name: string, cost: number, upper: number, kind: 'whole' | 'real' = 'real', lower = 0): number {
    this.cols.push({ name, cost, lower, upper, integer: kind === 'whole' });
    return this.cols.length - 1;
  }

  yesNo(name: string, cost = 0): number {
    return this.col(name, cost, 1, 'whole');
  }

  row(
    name: string,
    [lower, upper]: readonly [number, number],
    terms: readonly (readonly [number, number])[],
    wish: string | null = null,
  ): void {
    this.rows.push({ name, lower, upper, terms, wish });
  }

  done(): Mip {
    return { cols: this.cols, rows: this.rows };
  }
}

/** The same program with other costs; a column that is not named costs nothing. */
export const withCosts = (mip: Mip, cost: (col: MipCol, i: number) => number): Mip => ({
  ...mip,
  cols: mip.cols.map((c, i) => ({ ...c, cost: cost(c, i) })),
});
