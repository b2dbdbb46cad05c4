/** Agreement beyond chance of two who put the same things into the same ordered or unordered classes. */
export interface Kappa {
  readonly kappa: number;
  /** Share of pairs that agree, by their weights. */
  readonly observed: number;
  readonly expected: number;
  readonly n: number;
  /** Large-sample standard error of kappa, where it is not zero. */
  readonly se: number;
}
/** How much two classes so far apart agree: all or nothing, straight, or by the square of their distance. */
export type KappaWeights = 'none' | 'linear' | 'quadratic';

const weight = (i: number, j: number, k: number, by: KappaWeights): number => {
  if (by === 'none' || k < 2) return i === j ? 1 : 0;
  const d = Math.abs(i - j) / (k - 1);
  return by === 'linear' ? 1 - d : 1 - d * d;
};

/**
 * Cohen's weighted kappa of a square table of counts (rows one judge, columns the other), with its large-sample standard error
 * (Cohen, Psychological Bulletin 70, 1968; Fleiss, Cohen and Everitt, Psychological Bulletin 72, 1969). Null where the table is
 * empty, or where chance alone leaves nothing to disagree on.
 */
export function weightedKappa(table: readonly (readonly number[])[], by: KappaWeights = 'linear'): Kappa | null {
  const k = table.length;
  const n = table.reduce((s, row) => s + row.reduce((a, b) => a + b, 0), 0);
  if (n === 0) return null;
  const rows = table.map((row) => row.reduce((a, b) => a + b, 0) / n);
  const columns = table.map((_, j) => table.reduce((s, row) => s + row[j]!, 0) / n);
  const w = (i: number, j: number) => weight(i, j, k, by);
  let [observed, expected] = [0, 0];
  for (let i = 0; i < k; i++)
    for (let j = 0; j < k; j++) {
      observed += (w(i, j) * table[i]![j]!) / n;
      expected += w(i, j) * rows[i]! * columns[j]!;
    }
  if (1 - expected < 1e-12) return null;
  const kappa = (observed - expected) / (1 - expected);
  const rowMean = rows.map((_, i) => columns.reduce((s, c, j) => s + w(i, j) * c, 0));
  const columnMean = columns.map((_, j) => rows.reduce((s, r, i) => s + w(i, j) * r, 0));
  let sum = 0;
  for (let i = 0; i < k; i++)
    for (let j = 0; j < k; j++) {
      const term = w(i, j) - (rowMean[i]! + columnMean[j]!) * (1 - kappa);
      sum += (table[i]![j]! / n) * term * term;
    }
  const inner = sum - (kappa - expected * (1 - kappa)) ** 2;
  return { kappa, observed, expected, n, se: Math.sqrt(Math.max(0, inner) / n) / (1 - expected) };
}

/** The table of pairs of classes, by their places in a list of classes. Pairs of which one is none of them are left out. */
export function pairTable<C>(pairs: readonly (readonly [C, C])[], classes: readonly C[]): number[][] {
  const table = classes.map(() => classes.map(() => 0));
  for (const [a, b] of pairs) {
    const [i, j] = [classes.indexOf(a), classes.indexOf(b)];
    if (i >= 0 && j >= 0) table[i]![j]! += 1;
  }
  return table;
}
