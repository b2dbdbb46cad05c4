import { box, type DetailStroke, type Frame, line, ring, spread } from './frame';

/** Beads pressed into a sheet, along it or across it. */
export const beadsAlong = (f: Frame): DetailStroke[] =>
  spread(3, 0.1, 0.9).map((v) => box(f, 0.08, v - 0.05, 0.92, v + 0.05, 18));

export const beadsAcross = (f: Frame): DetailStroke[] =>
  spread(4, 0.06, 0.94).map((v) =>
    line(f, [
      [0.35, v - 0.08],
      [0.5, v - 0.04],
      [0.5, v + 0.04],
      [0.35, v + 0.08],
    ]),
  );

/** A floor from below: pressings along it and a drain. */
export const floor = (f: Frame): DetailStroke[] => [
  ...spread(3, 0.14, 0.86).map((v) => box(f, 0.1, v - 0.06, 0.78, v + 0.06, 22)),
  ring(f, 0.88, 0.5, 24),
];

/** A rail or cross member: a box section with holes. */
export const rail = (f: Frame): DetailStroke[] => {
  const along = f.widthMm > f.heightMm;
  const n = Math.max(2, Math.round((along ? f.widthMm : f.heightMm) / 220));
  const r = Math.min(along ? f.heightMm : f.widthMm, 120) * 0.14;
  return [
    along
      ? line(f, [
          [0.01, 0.18],
          [0.99, 0.18],
        ])
      : line(f, [
          [0.18, 0.01],
          [0.18, 0.99],
        ]),
    along
      ? line(f, [
          [0.01, 0.82],
          [0.99, 0.82],
        ])
      : line(f, [
          [0.82, 0.01],
          [0.82, 0.99],
        ]),
    ...spread(n).map((t) => (along ? ring(f, t, 0.5, r) : ring(f, 0.5, t, r))),
  ];
};

/** A tunnel from below, with the shaft in it. */
export const tunnel = (f: Frame): DetailStroke[] => [
  line(
    f,
    [
      [0.01, 0.16],
      [0.99, 0.16],
    ],
    true,
  ),
  line(
    f,
    [
      [0.01, 0.84],
      [0.99, 0.84],
    ],
    true,
  ),
  line(f, [
    [0, 0.42],
    [1, 0.42],
  ]),
  line(f, [
    [0, 0.58],
    [1, 0.58],
  ]),
  box(f, 0.04, 0.3, 0.12, 0.7, 14),
];

/** A wheel's housing from below, the wheel in it as one looks up. */
export const housing = (f: Frame): DetailStroke[] => [
  box(f, 0.1, 0.1, 0.9, 0.9, 60),
  ...spread(6, 0.18, 0.82).map((u) =>
    line(
      f,
      [
        [u, 0.16],
        [u, 0.84],
      ],
      true,
    ),
  ),
];

export const tank = (f: Frame): DetailStroke[] => [
  line(f, [
    [0.3, 0],
    [0.3, 1],
  ]),
  line(f, [
    [0.7, 0],
    [0.7, 1],
  ]),
  box(f, 0.08, 0.06, 0.92, 0.94, 60, true),
  ring(f, 0.5, 0.5, 26),
];
