import type { Highs } from 'highs';
import type { Mip, MipAnswer, MipSolver } from './mip.ts';

/** Two plans whose costs differ by less are the same to a person; the absolute gap at which a plan counts as proven. */
const SAME = 1e-6;

/** A solver out of HiGHS, loaded by whoever runs it: a worker, a test, a bench. Never throws: what breaks is `failed`. */
export const highsSolver =
  (highs: Highs): MipSolver =>
  (mip, seconds) => {
    try {
      return solved(highs, mip, seconds);
    } catch {
      return { status: 'failed', x: null, cost: 0, gap: 1 };
    }
  };

function solved(highs: Highs, mip: Mip, seconds: number): MipAnswer {
  if (mip.cols.length === 0) return { status: 'optimal', x: [], cost: 0, gap: 0 };
  const { infinity } = highs;
  const bound = (v: number): number => (v === Infinity ? infinity : v === -Infinity ? -infinity : v);
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const r of mip.rows) {
    for (const [i, v] of r.terms) {
      indices.push(i);
      values.push(v);
    }
    starts.push(indices.length);
  }
  const integer = highs.constants.variableType.integer;
  const real = highs.constants.variableType.continuous;
  const model = highs.createModel({
    numCols: mip.cols.length,
    numRows: mip.rows.length,
    colCost: mip.cols.map((c) => c.cost),
    colLower: mip.cols.map((c) => bound(c.lower)),
    colUpper: mip.cols.map((c) => bound(c.upper)),
    rowLower: mip.rows.map((r) => bound(r.lower)),
    rowUpper: mip.rows.map((r) => bound(r.upper)),
    matrix: { format: 'csr', numRows: mip.rows.length, numCols: mip.cols.length, starts, indices, values },
    integrality: mip.cols.map((c) => (c.integer ? integer : real)),
  });
  try {
    model.options.set({ output_flag: false, time_limit: seconds, mip_rel_gap: 0, mip_abs_gap: SAME });
    model.run();
    const status = model.getModelStatus();
    const { modelStatus } = highs.constants;
    if (status === modelStatus.infeasible) return { status: 'infeasible', x: null, cost: 0, gap: 0 };
    const whole = mip.cols.some((c) => c.integer);
    const found = status === modelStatus.optimal || Number(model.info.get('primal_solution_status')) === 2;
    if (!found) return { status: status === modelStatus.timeLimit ? 'time is up' : 'failed', x: null, cost: 0, gap: 1 };
    const x = [...model.getSolution().colValue];
    const gap = whole ? Number(model.info.get('mip_gap')) : 0;
    return {
      status: status === modelStatus.optimal ? 'optimal' : 'time is up',
      x,
      cost: model.getObjectiveValue(),
      gap: Number.isFinite(gap) ? Math.max(0, gap) : 1,
    };
  } finally {
    model.dispose();
  }
}
