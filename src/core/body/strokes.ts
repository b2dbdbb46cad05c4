import type { Point } from './geometry';

/** Points of a circular arc, angles in degrees counter-clockwise from +x, both ends included. */
export function arc(cx: number, cy: number, radius: number, fromDeg: number, toDeg: number, steps = 20): Point[] {
  const points: Point[] = [];
  for (let i = 0; i <= steps; i++) {
    const a = ((fromDeg + ((toDeg - fromDeg) * i) / steps) * Math.PI) / 180;
    points.push([cx + radius * Math.cos(a), cy + radius * Math.sin(a)]);
  }
  return points;
}

/** Points of a quadratic Bézier from a to b pulled towards c, both ends included. */
export function bow(a: Point, c: Point, b: Point, steps = 12): Point[] {
  const points: Point[] = [];
  for (let i = 0; i <= steps; i++) {
    const t = i / steps;
    const u = 1 - t;
    points.push([u * u * a[0] + 2 * u * t * c[0] + t * t * b[0], u * u * a[1] + 2 * u * t * c[1] + t * t * b[1]]);
  }
  return points;
}

/** A rectangle with rounded corners, clockwise on a y-down sheet. */
export function roundedBox(minX: number, minY: number, maxX: number, maxY: number, radius: number): Point[] {
  const r = Math.min(radius, (maxX - minX) / 2, (maxY - minY) / 2);
  return [
    ...arc(maxX - r, minY + r, r, -90, 0, 6),
    ...arc(maxX - r, maxY - r, r, 0, 90, 6),
    ...arc(minX + r, maxY - r, r, 90, 180, 6),
    ...arc(minX + r, minY + r, r, 180, 270, 6),
  ];
}

/** A full circle. */
export function circle(cx: number, cy: number, radius: number): Point[] {
  return arc(cx, cy, radius, 0, 360, 40).slice(0, -1);
}

/** The upper half of a wheel arch from front to rear where it meets the height `z` (side view, z up). */
export function wheelArch(cx: number, cz: number, radius: number, z: number): Point[] {
  const deg = (Math.asin((z - cz) / radius) * 180) / Math.PI;
  return arc(cx, cz, radius, 180 - deg, deg, 28);
}

/**
 * A strip across the car between two x positions, symmetric about the centre line: front and rear half-widths, and how
 * far its front and rear edges bow forward at the middle. Clockwise on a y-down sheet.
 */
export function crossStrip(x0: number, x1: number, half0: number, half1: number, bow0 = 0, bow1 = 0): Point[] {
  return [
    ...bow([x0, half0], [x0 - 2 * bow0, 0], [x0, -half0], bow0 === 0 ? 1 : 14),
    ...bow([x1, -half1], [x1 - 2 * bow1, 0], [x1, half1], bow1 === 0 ? 1 : 14),
  ];
}

/** One cross edge of a {@link crossStrip}, left to right. */
export function crossEdge(x: number, half: number, bowMm: number): Point[] {
  return bow([x, -half], [x - 2 * bowMm, 0], [x, half], 14);
}
