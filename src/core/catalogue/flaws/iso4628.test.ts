import { FLAW_IDS } from './catalogue';
import {
  areaOf,
  ISO_4628,
  PATTERN_SIDE_MM,
  referencePattern,
  SCALE_PARTS,
  type ScaleGrade,
  scalePartOf,
  shareOfGrade,
} from './iso4628';

const GRADES: readonly ScaleGrade[] = [0, 1, 2, 3, 4, 5];

it('states the shares that the standard states for rusting and flaking', () => {
  // ISO 4628-3: Ri 1 0.05 %, Ri 2 0.5 %, Ri 3 1 %, Ri 4 8 %, Ri 5 40 to 50 %. ISO 4628-5: 0.1, 0.3, 1, 3 and 15 %.
  expect(GRADES.map((g) => shareOfGrade(3, g) * 100)).toEqual([0, 0.05, 0.5, 1, 8, 45]);
  expect(GRADES.map((g) => shareOfGrade(5, g) * 100)).toEqual([0, 0.1, 0.3, 1, 3, 15]);
});

it('names only flaws of the catalogue, each under one part', () => {
  const named = SCALE_PARTS.flatMap((p) => [...ISO_4628[p].flaws]);
  expect(new Set(named).size).toBe(named.length);
  expect(named.filter((f) => !FLAW_IDS.has(f))).toEqual([]);
  expect(scalePartOf('cracking')).toBe(4);
  expect(scalePartOf('chip')).toBeNull();
});

it.each(SCALE_PARTS)('draws in part %d as much as the grade says, at every size', (part) => {
  for (const quantity of GRADES)
    for (const size of GRADES.slice(1)) {
      const pattern = referencePattern(part, quantity, size);
      const share = pattern.reduce((s, d) => s + areaOf(d), 0) / PATTERN_SIDE_MM ** 2;
      // The smallest ones would be too many to draw at the highest grades; then there are as many as are drawn at most.
      if (pattern.length < 500) expect(share).toBeCloseTo(shareOfGrade(part, quantity), 6);
      else expect(share).toBeLessThan(shareOfGrade(part, quantity));
    }
});

it('draws larger ones at a higher size, more at a higher quantity, and the same each time', () => {
  expect(referencePattern(2, 3, 2).length).toBeGreaterThan(4 * referencePattern(2, 3, 4).length);
  expect(referencePattern(5, 4, 3).length).toBeGreaterThan(referencePattern(5, 3, 3).length);
  expect(referencePattern(4, 3, 3)).toEqual(referencePattern(4, 3, 3));
  expect(referencePattern(3, 0, 3)).toEqual([]);
});

it('keeps spots inside the square', () => {
  for (const { points } of referencePattern(3, 4, 4))
    for (const [x, y] of points) {
      expect(Math.min(x, y)).toBeGreaterThanOrEqual(-1e-9);
      expect(Math.max(x, y)).toBeLessThanOrEqual(PATTERN_SIDE_MM + 1e-9);
    }
});

it('takes the area of a square and of a line as a ruler would', () => {
  const square = [
    [0, 0],
    [4, 0],
    [4, 4],
    [0, 4],
  ] as const;
  expect(areaOf({ points: square, widthMm: null })).toBe(16);
  expect(
    areaOf({
      points: [
        [0, 0],
        [3, 4],
      ],
      widthMm: 0.5,
    }),
  ).toBe(2.5);
});
