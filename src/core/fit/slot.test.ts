import { normalDraw, seeded } from '../stats/random';
import { GAP_LIMITS } from './gap-limits';
import { evenlyAlong, meanProfile, type SeamStrip } from './seam-strip';
import { COARSE_ROWS, noiseOf, pairsOf, slotAlong } from './slot';

const COL_MM = 0.07;
const COLS = 2 * Math.floor(GAP_LIMITS.searchMm / COL_MM) + 1;
const CENTRE = (COLS - 1) / 2;
const mmAt = (col: number) => (col - CENTRE) * COL_MM;

/** Light across a seam: paint, a dark slot of some width about a middle, perhaps a seal in it; edges blurred over 0.3 mm. */
function across(middleMm: number, widthMm: number, paint = 120, dark = 15, sealMm = 0) {
  const edge = (mm: number) => 1 / (1 + Math.exp(-mm / 0.08));
  return (mm: number) => {
    const off = Math.abs(mm - middleMm);
    const slot = paint + (dark - paint) * edge(widthMm / 2 - off);
    return sealMm > 0 ? slot + (0.75 * paint - slot) * edge(sealMm / 2 - off) : slot;
  };
}
const profileOf = (light: (mm: number) => number) => Float64Array.from({ length: COLS }, (_, c) => light(mmAt(c)));

function strip(rows: number, light: (mm: number, row: number) => number, noise = 2, seed = 1): SeamStrip {
  const random = seeded(seed);
  return {
    rows,
    cols: COLS,
    rowMm: GAP_LIMITS.rowMm,
    colMm: COL_MM,
    light: Float64Array.from(
      { length: rows * COLS },
      (_, k) => light(mmAt(k % COLS), Math.floor(k / COLS)) + noise * normalDraw(random),
    ),
    at: Array.from({ length: rows }, (_, r) => ({ x: 0, y: r * GAP_LIMITS.rowMm, nx: 1, ny: 0 })),
  };
}

it('finds the pair of edges of a plain slot', () => {
  const [best] = pairsOf(profileOf(across(0.5, 4)), COL_MM, 1);
  expect(mmAt(best!.left)).toBeCloseTo(-1.5, 1);
  expect(mmAt(best!.right)).toBeCloseTo(2.5, 1);
});

it('takes the outer edges where a seal in body colour divides the slot', () => {
  const [best] = pairsOf(profileOf(across(0, 5, 120, 15, 2)), COL_MM, 1);
  expect((best!.right - best!.left) * COL_MM).toBeCloseTo(5, 1);
});

it('finds no pair in even paint, nor in one step of light', () => {
  expect(
    pairsOf(
      profileOf(() => 100),
      COL_MM,
      1,
    ),
  ).toEqual([]);
  expect(
    pairsOf(
      profileOf((mm) => (mm > 0 ? 150 : 60)),
      COL_MM,
      1,
    ),
  ).toEqual([]);
});

it('follows a slot that wanders, and leaves out places where it is hidden', () => {
  const hidden = (row: number) => row >= 40 && row < 52;
  const s = strip(120, (mm, row) => (hidden(row) ? 120 : across(2 * Math.sin(row / 30), 4.5)(mm)));
  const path = slotAlong(s);
  expect(path).toHaveLength(Math.ceil(120 / COARSE_ROWS));
  path.forEach((pair, i) => {
    const row = i * COARSE_ROWS;
    if (hidden(row - 3) || hidden(row + 3)) return;
    if (hidden(row)) {
      expect(pair).toBeNull();
      return;
    }
    expect(mmAt((pair!.left + pair!.right) / 2)).toBeCloseTo(2 * Math.sin(row / 30), 0);
    expect(Math.abs((pair!.right - pair!.left) * COL_MM - 4.5)).toBeLessThan(0.4);
  });
});

it('stays on the slot where a dark streak runs beside it for a while', () => {
  const s = strip(100, (mm, row) => {
    const streak = row > 30 && row < 60 ? 70 * Math.exp(-(((mm - 6) / 1.2) ** 2)) : 0;
    return across(0, 4)(mm) - streak;
  });
  for (const pair of slotAlong(s)) expect(Math.abs(mmAt((pair!.left + pair!.right) / 2))).toBeLessThan(0.4);
});

it('tells the noise of a strip, whatever its edges', () => {
  for (const noise of [1, 4])
    expect(noiseOf(strip(80, (mm) => across(0, 4)(mm), noise)) / noise).toBeCloseTo(Math.SQRT2, 0);
});

it('averages rows along a slanted seam by their shift, and leaves out what is not known', () => {
  // The slot moves by one column a row: shifted back, the mean is as sharp as one row.
  const s = strip(9, (mm, row) => across((row - 4) * COL_MM, 4)(mm), 0);
  const straight = meanProfile(s, 0, 8, (row) => row - 4);
  const single = meanProfile(s, 4, 4);
  for (let c = 12; c < COLS - 12; c++) expect(straight[c]).toBeCloseTo(single[c]!, 6);
  s.light.fill(Number.NaN, 4 * COLS, 9 * COLS);
  expect(meanProfile(s, 3, 8)[50]).toBeNaN();
  expect(meanProfile(s, 0, 4)[50]).not.toBeNaN();
});

it('walks a polyline in even steps round its corners', () => {
  const points = evenlyAlong(
    [
      [0, 0],
      [3, 0],
      [3, 4],
    ],
    2,
  );
  expect(points).toEqual([
    [0, 0],
    [2, 0],
    [3, 1],
    [3, 3],
  ]);
});
