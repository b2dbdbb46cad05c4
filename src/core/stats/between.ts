/** Where a value lies between rising knots: the knot below, and how far towards the next; at the ends beyond them. */
export function placeBetween(value: number, knots: readonly number[]): readonly [below: number, towards: number] {
  const last = knots.length - 1;
  if (value <= knots[0]!) return [0, 0];
  if (value >= knots[last]!) return [last - 1, 1];
  const above = knots.findIndex((k) => k > value);
  return [above - 1, (value - knots[above - 1]!) / (knots[above]! - knots[above - 1]!)];
}

/** The value so far between two. */
export const between = (a: number, b: number, towards: number): number => a + (b - a) * towards;
