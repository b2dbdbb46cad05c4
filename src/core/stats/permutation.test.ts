import { midRanks, permutationP } from './permutation';
import { normalDraw, seeded } from './random';

it('ranks with ties shared', () => {
  expect(midRanks([30, 10, 20, 20])).toEqual([4, 1, 2.5, 2.5]);
  expect(midRanks([])).toEqual([]);
});

it('comes near the exact p of a small example', () => {
  // Three against three, fully apart: 2 of the 20 relabellings are as extreme.
  const p = permutationP([1, 2, 3], [4, 5, 6], Number.POSITIVE_INFINITY, seeded(1), 20_000);
  expect(p).toBeGreaterThan(0.09);
  expect(p).toBeLessThan(0.11);
});

it('is evenly spread where there is no difference, with half of the readings at the ceiling', () => {
  const random = seeded(7);
  const draw = () => 480 * Math.exp(0.3 * normalDraw(random));
  const ps = Array.from({ length: 300 }, () =>
    permutationP(Array.from({ length: 6 }, draw), Array.from({ length: 7 }, draw), 500, random, 300),
  );
  for (const level of [0.1, 0.3, 0.5]) {
    const share = ps.filter((p) => p <= level).length / ps.length;
    expect(share).toBeLessThan(level + 0.07);
    expect(share).toBeGreaterThan(level - 0.09);
  }
});

it('says nothing of nothing, and nothing of two samples that are all at the ceiling', () => {
  expect(permutationP([], [1, 2], 500, seeded(1))).toBe(1);
  expect(permutationP([600, 700], [500, 900, 800], 500, seeded(1))).toBe(1);
});
