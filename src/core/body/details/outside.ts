import { circle } from '../strokes';
import { box, type DetailStroke, type Frame, line, ring, spread } from './frame';

/** A wheel with its tire, from the side: tread, rim, hub and bolts. */
export function wheel(f: Frame): DetailStroke[] {
  const r = f.widthMm / 2;
  const [cx, cy] = f.at(0.5, 0.5);
  const bolts = spread(5).map((t): DetailStroke => {
    const a = 2 * Math.PI * t - Math.PI / 2;
    return {
      points: circle(cx + r * 0.26 * Math.cos(a), cy + r * 0.26 * Math.sin(a), r * 0.05),
      closed: true,
      solid: true,
    };
  });
  return [
    ring(f, 0.5, 0.5, r * 0.9),
    ring(f, 0.5, 0.5, r * 0.6),
    ring(f, 0.5, 0.5, r * 0.53),
    ring(f, 0.5, 0.5, r * 0.13),
    ...bolts,
  ];
}

/** What of a wheel a skirt leaves to see. */
export const halfWheel = (f: Frame): DetailStroke[] => [
  line(
    f,
    [
      [0.14, 0.62],
      [0.86, 0.62],
    ],
    true,
  ),
];

export const slats = (f: Frame): DetailStroke[] =>
  spread(7, 0.04, 0.96).map((v) =>
    line(f, [
      [0.03, v],
      [0.97, v],
    ]),
  );

/** The inside of a lid: the frame that stiffens it. */
export const stiffened = (f: Frame): DetailStroke[] => [
  box(f, 0.12, 0.1, 0.88, 0.9, 50),
  line(
    f,
    [
      [0.12, 0.1],
      [0.88, 0.9],
    ],
    true,
  ),
  line(
    f,
    [
      [0.88, 0.1],
      [0.12, 0.9],
    ],
    true,
  ),
];

export const bars = (f: Frame): DetailStroke[] =>
  spread(4, 0.06, 0.94).map((u) =>
    line(f, [
      [u, 0.03],
      [u, 0.97],
    ]),
  );

export const lamp = (f: Frame): DetailStroke[] => [ring(f, 0.5, 0.5, Math.min(f.widthMm, f.heightMm) * 0.36)];

export const tailLamp = (f: Frame): DetailStroke[] => [
  line(f, [
    [0.08, 0.5],
    [0.92, 0.5],
  ]),
];

export const bumper = (f: Frame): DetailStroke[] => [
  line(
    f,
    [
      [0.5, 0.04],
      [0.5, 0.96],
    ],
    true,
  ),
  box(f, 0.1, 0.24, 0.9, 0.29, 10),
  box(f, 0.1, 0.71, 0.9, 0.76, 10),
];

/** A door's handle, behind its latch. */
export const handle = (f: Frame): DetailStroke[] => [box(f, 0.8, 0.78, 0.93, 0.83, 8)];
