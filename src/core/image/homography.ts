export type Point = readonly [x: number, y: number];

/** A projective map of the plane, row by row, scaled so that the last entry is 1. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

const { abs, acos, hypot, max, min, sqrt } = Math;

/**
 * The map that takes four points to four others (Hartley and Zisserman, Multiple View Geometry, 2nd ed., §4.1). Null when
 * three of either set lie on one line.
 */
export function homographyOf(from: readonly Point[], to: readonly Point[]): Homography | null {
  const rows: number[][] = [];
  for (let i = 0; i < 4; i++) {
    const [x, y] = from[i]!;
    const [u, v] = to[i]!;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y, u], [0, 0, 0, x, y, 1, -v * x, -v * y, v]);
  }
  // Gauss and Jordan with full scaling of rows; eight unknowns.
  for (let c = 0; c < 8; c++) {
    let best = c;
    for (let r = c + 1; r < 8; r++) if (abs(rows[r]![c]!) > abs(rows[best]![c]!)) best = r;
    const pivot = rows[best]![c]!;
    if (abs(pivot) < 1e-9) return null;
    [rows[c], rows[best]] = [rows[best]!, rows[c]!];
    const row = rows[c]!;
    for (let k = c; k < 9; k++) row[k] = row[k]! / pivot;
    for (let r = 0; r < 8; r++) {
      if (r === c) continue;
      const f = rows[r]![c]!;
      if (f !== 0) for (let k = c; k < 9; k++) rows[r]![k] = rows[r]![k]! - f * row[k]!;
    }
  }
  const h = rows.map((r) => r[8]!);
  return [...h, 1] as unknown as Homography;
}

/** A point mapped; null where it lies on or beyond the horizon (the side away from the four points when `h` scales to 1). */
export function mapped(h: Homography, x: number, y: number): Point | null {
  const w = h[6] * x + h[7] * y + h[8];
  if (w <= 1e-9) return null;
  return [(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w];
}

/** The inverse map. Null when there is none. */
export function inverse(h: Homography): Homography | null {
  const [a, b, c, d, e, f, g, i, j] = h;
  const A = e * j - f * i;
  const B = f * g - d * j;
  const C = d * i - e * g;
  const det = a * A + b * B + c * C;
  if (abs(det) < 1e-18) return null;
  const m = [A, c * i - b * j, b * f - c * e, B, a * j - c * g, c * d - a * f, C, b * g - a * i, a * e - b * d];
  const last = m[8]!;
  if (abs(last) < 1e-18) return null;
  return m.map((v) => v / last) as unknown as Homography;
}

/** How a map stretches about a point: the larger and the smaller factor (singular values of its derivative). */
export function stretchAt(h: Homography, x: number, y: number): { large: number; small: number } | null {
  const p = mapped(h, x, y);
  if (!p) return null;
  const w = h[6] * x + h[7] * y + h[8];
  const [a, b] = [(h[0] - p[0] * h[6]) / w, (h[1] - p[0] * h[7]) / w];
  const [c, d] = [(h[3] - p[1] * h[6]) / w, (h[4] - p[1] * h[7]) / w];
  const s = hypot(a + d, b - c);
  const t = hypot(a - d, b + c);
  return { large: (s + t) / 2, small: abs(s - t) / 2 };
}

/** The angle in degrees between the line of sight and the plane's normal where a plane-to-picture map stretches so. */
export function tiltDegOf({ large, small }: { large: number; small: number }): number {
  return (acos(max(0, min(1, small / large))) * 180) / Math.PI;
}

/** Geometric mean of the two factors: px per mm where the map goes from mm to px. */
export const meanStretch = ({ large, small }: { large: number; small: number }) => sqrt(large * small);
