import { areaM2, type Point } from '../body/geometry';
import type { Finding } from '../kinds/finding';

type Outline = NonNullable<Finding['outline']>;

const MM2_PER_M2 = 1e6;
const points = (outline: Outline): Point[] => outline.map((c) => [c.uMm, c.vMm]);

/** Area within a drawn outline, mm² (shoelace formula). */
export const drawnMm2 = (outline: Outline): number => areaM2(points(outline)) * MM2_PER_M2;

/** The farthest that two corners of a drawn outline lie apart, mm. */
function acrossMm(outline: Outline): number {
  const p = points(outline);
  return p.reduce(
    (most, [x, y], i) => p.slice(i + 1).reduce((m, [a, b]) => Math.max(m, Math.hypot(a - x, b - y)), most),
    0,
  );
}

/** Largest extent of a finding in mm: as stated, else as drawn on the panel; null where neither is. */
export function sizeOf({
  sizeMm,
  outline,
}: Pick<Finding, 'sizeMm'> & Partial<Pick<Finding, 'outline'>>): number | null {
  return sizeMm ?? (outline ? acrossMm(outline) : null);
}
