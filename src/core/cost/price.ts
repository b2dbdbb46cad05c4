import type { CostTable } from '../work/cost-table';

/** A value along a curve of points, straight between them and level beyond its ends. */
function along(curve: readonly (readonly [x: number, y: number])[], x: number): number {
  const sorted = [...curve].sort((a, b) => a[0] - b[0]);
  const at = sorted.findIndex((p) => p[0] >= x);
  if (at === 0) return sorted[0]![1];
  if (at < 0) return sorted.at(-1)![1];
  const [a, b] = [sorted[at - 1]!, sorted[at]!];
  return a[1] + ((b[1] - a[1]) * (x - a[0])) / (b[0] - a[0]);
}

/**
 * What a car is expected to fetch at a grade, 0 to 100, in money: the house's curve, straight between its points, scaled so
 * that it gives `expected` at the grade that the curve names.
 */
export function priceAt(grade: number, expected: number, { price }: Pick<CostTable, 'price'>): number {
  const unit = along(price.curve, price.at);
  return unit === 0 ? 0 : (expected * along(price.curve, grade)) / unit;
}
