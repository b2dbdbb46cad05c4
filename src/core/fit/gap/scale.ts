import { type Homography, homographyOf, mapped, type Point } from '../../image/homography';

const { hypot, sqrt } = Math;

/** The share by which widths across a direction at a place are unsure, from the error of the card's corners. */
export function scaleErrors(plane: readonly Point[], corners: readonly Point[], se: number) {
  const across = (h: Homography, x: number, y: number, nx: number, ny: number) => {
    const [p, q] = [mapped(h, x - nx, y - ny), mapped(h, x + nx, y + ny)];
    return p && q ? hypot(p[0] - q[0], p[1] - q[1]) : 0;
  };
  const base = homographyOf(plane, corners)!;
  const moved = corners.flatMap((_, i) =>
    [0, 1].flatMap((axis) => {
      const shifted = corners.map((c, k) =>
        k === i ? ([c[0] + (axis ? 0 : se), c[1] + (axis ? se : 0)] as const) : c,
      );
      const h = homographyOf(plane, shifted);
      return h ? [h] : [];
    }),
  );
  return (x: number, y: number, nx: number, ny: number) => {
    const b = across(base, x, y, nx, ny);
    return b === 0 ? 0 : sqrt(moved.reduce((s, h) => s + (across(h, x, y, nx, ny) / b - 1) ** 2, 0));
  };
}
