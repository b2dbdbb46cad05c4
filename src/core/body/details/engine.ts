import { circle } from '../strokes';
import { box, type DetailStroke, type Frame, line, ring, spread } from './frame';

/** An engine in line along the car: cover with its cylinders, fan in front, the bell of the gearbox behind. */
export function engineInLine(f: Frame): DetailStroke[] {
  const r = Math.min(f.heightMm * 0.1, f.widthMm * 0.06);
  return [
    line(f, [
      [0, 0.12],
      [0, 0.88],
    ]),
    line(f, [
      [0.02, 0.5],
      [0.1, 0.5],
    ]),
    box(f, 0.12, 0.32, 0.76, 0.68, 24),
    ...spread(4, 0.14, 0.74).map((u) => ring(f, u, 0.5, r)),
    line(f, [
      [0.8, 0.16],
      [0.98, 0.34],
      [0.98, 0.66],
      [0.8, 0.84],
    ]),
    ...spread(4, 0.14, 0.74).map((u) =>
      line(f, [
        [u, 0.72],
        [u + 0.03, 0.94],
      ]),
    ),
  ];
}

/** A flat engine behind: a case with two cylinders on either side and the fan's housing. */
export function engineFlat(f: Frame): DetailStroke[] {
  const bank = (v0: number, v1: number) =>
    spread(2, 0.24, 0.84).flatMap((u) => [
      box(f, u - 0.13, v0, u + 0.13, v1, 12),
      ...spread(3, v0, v1).map((v) =>
        line(f, [
          [u - 0.12, v],
          [u + 0.12, v],
        ]),
      ),
    ]);
  return [
    box(f, 0.12, 0.36, 0.88, 0.64, 20),
    ...bank(0.04, 0.34),
    ...bank(0.66, 0.96),
    ring(f, 0.5, 0.5, f.heightMm * 0.1),
  ];
}

export const fins = (f: Frame): DetailStroke[] => [
  ...spread(18, 0.03, 0.97).map((v) =>
    line(f, [
      [0.18, v],
      [0.82, v],
    ]),
  ),
  ring(f, 0.5, 0.5, f.widthMm * 0.18),
];

export const battery = (f: Frame): DetailStroke[] => [
  ...spread(3, 0.1, 0.9).flatMap((u) => [ring(f, u, 0.32, 13), ring(f, u, 0.68, 13)]),
  ring(f, 0.08, 0.5, 9, true),
  ring(f, 0.92, 0.5, 9, true),
];

export const cap = (f: Frame): DetailStroke[] => [
  ring(f, 0.5, 0.5, f.widthMm * 0.3),
  ring(f, 0.5, 0.5, f.widthMm * 0.1, true),
];

/** An inner fender with the tower of its spring. */
export const tower = (f: Frame): DetailStroke[] => [
  ring(f, 0.5, 0.52, f.heightMm * 0.3),
  ring(f, 0.5, 0.52, f.heightMm * 0.1),
  ...[0, 120, 240].map((deg): DetailStroke => {
    const [x, y] = f.at(0.5, 0.52);
    const a = (deg * Math.PI) / 180;
    return {
      points: circle(x + f.heightMm * 0.2 * Math.cos(a), y + f.heightMm * 0.2 * Math.sin(a), 8),
      closed: true,
      solid: true,
    };
  }),
];
