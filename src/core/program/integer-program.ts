import type { Highs } from 'highs';

/** A row of an integer program: a sum of columns times their coefficients, with its bounds. */
export interface ProgramRow {
  readonly terms: readonly (readonly [column: number, coefficient: number])[];
  readonly least?: number;
  readonly most?: number;
}

/** Columns with their worth and bounds; whole numbers but for those named. Maximised. */
export interface IntegerProgram {
  readonly columns: readonly {
    readonly worth: number;
    readonly least?: number;
    readonly most?: number;
    readonly real?: true;
  }[];
  readonly rows: readonly ProgramRow[];
}

export interface ProgramAnswer {
  /** Values of the columns, or null where no answer was found. */
  readonly values: readonly number[] | null;
  /** What the answer is worth, and what none can be worth more than. */
  readonly worth: number;
  readonly bound: number;
  /** Nothing is better: shown by the solver, within the share that was allowed. */
  readonly proved: boolean;
  readonly status: 'solved' | 'infeasible' | 'no-time';
}

export interface ProgramLimits {
  /** Seconds after which the best found so far is given. */
  readonly seconds?: number;
  /** Share of its worth by which an answer may miss the best. */
  readonly gap?: number;
}

const INFINITE = 1e30;
const OPTIMAL = 7;
const INFEASIBLE = 8;

/**
 * Solves an integer program by branch and cut (HiGHS). The solver runs to its end before this returns: call it in a worker or
 * on the server. Amounts of a few thousands are solved exactly; whoever needs sums held to the last digit checks the answer.
 */
export function solveProgram(
  highs: Highs,
  { columns, rows }: IntegerProgram,
  { seconds = 20, gap = 0 }: ProgramLimits = {},
): ProgramAnswer {
  const starts: number[] = [0];
  const index: number[] = [];
  const value: number[] = [];
  for (const row of rows) {
    // A column twice in a row is one with the sum of both.
    const terms = new Map<number, number>();
    for (const [column, c] of row.terms) terms.set(column, (terms.get(column) ?? 0) + c);
    for (const [column, c] of terms) {
      index.push(column);
      value.push(c);
    }
    starts.push(index.length);
  }
  const model = highs.createModel({
    numCols: columns.length,
    numRows: rows.length,
    sense: -1,
    offset: 0,
    colCost: columns.map((c) => c.worth),
    colLower: columns.map((c) => c.least ?? 0),
    colUpper: columns.map((c) => c.most ?? 1),
    rowLower: rows.map((r) => r.least ?? -INFINITE),
    rowUpper: rows.map((r) => r.most ?? INFINITE),
    matrix: { format: 'csr', starts, indices: index, values: value, numRows: rows.length, numCols: columns.length },
    integrality: columns.map((c) => (c.real ? 0 : 1)),
  } as unknown as Parameters<Highs['createModel']>[0]);
  try {
    model.options.set('output_flag', false);
    model.options.set('time_limit', seconds);
    model.options.set('mip_rel_gap', gap);
    model.options.set('mip_abs_gap', 1e-7);
    model.options.set('mip_feasibility_tolerance', 1e-8);
    model.run();
    const status = model.getModelStatus();
    if (status === INFEASIBLE) return { values: null, worth: 0, bound: 0, proved: true, status: 'infeasible' };
    const found = Number(model.info.get('primal_solution_status')) === 2;
    const bound = Number(model.info.get('mip_dual_bound'));
    if (!found) return { values: null, worth: 0, bound, proved: false, status: 'no-time' };
    const raw = model.getSolution().colValue;
    const values = columns.map((c, i) => (c.real ? raw[i]! : Math.round(raw[i]!)));
    return { values, worth: model.getObjectiveValue(), bound, proved: status === OPTIMAL, status: 'solved' };
  } finally {
    model.dispose();
  }
}
