import { box, type DetailStroke, type Frame, line, ring, spread } from './frame';

/** A seat from above: cushion with pleats, and the backrest behind it. */
export function seat(f: Frame): DetailStroke[] {
  return [
    line(f, [
      [0.7, 0.04],
      [0.7, 0.96],
    ]),
    box(f, 0.74, 0.2, 0.97, 0.8, 50),
    ...spread(4, 0.14, 0.86).map((v) =>
      line(
        f,
        [
          [0.1, v],
          [0.64, v],
        ],
        true,
      ),
    ),
  ];
}

export function bench(f: Frame): DetailStroke[] {
  return [
    line(f, [
      [0.62, 0.03],
      [0.62, 0.97],
    ]),
    line(
      f,
      [
        [0.06, 0.5],
        [0.94, 0.5],
      ],
      true,
    ),
    ...[...spread(4, 0.08, 0.46), ...spread(4, 0.54, 0.92)].map((v) =>
      line(
        f,
        [
          [0.1, v],
          [0.54, v],
        ],
        true,
      ),
    ),
  ];
}

/** A dash with two dials before the driver, vents and a glove box before the passenger. */
export function dash(f: Frame): DetailStroke[] {
  const wheel = [...f.plan.zones.values()].find((z) => z.view === f.zone.view && z.followsWheel);
  const [, y0] = f.at(0.5, 0);
  const [, y1] = f.at(0.5, 1);
  const driver = wheel ? (wheel.label[1] - y0) / (y1 - y0) : 0.25;
  const other = 1 - driver;
  const r = Math.min(42, f.widthMm * 0.3);
  return [
    ring(f, 0.58, driver - 0.045, r),
    ring(f, 0.58, driver + 0.045, r),
    line(f, [
      [0.58, driver - 0.045],
      [0.42, driver - 0.06],
    ]),
    line(f, [
      [0.58, driver + 0.045],
      [0.42, driver + 0.06],
    ]),
    box(f, 0.36, 0.46, 0.82, 0.54, 8),
    box(f, 0.3, other - 0.12, 0.86, other + 0.12, 12),
    ring(f, 0.7, other, 7, true),
  ];
}

/** A steering wheel: rim, hub, three spokes. */
export function steering(f: Frame): DetailStroke[] {
  const r = f.widthMm / 2;
  const [cx, cy] = f.at(0.5, 0.5);
  const spoke = (deg: number): DetailStroke => {
    const a = (deg * Math.PI) / 180;
    return {
      points: [
        [cx + r * 0.26 * Math.cos(a), cy + r * 0.26 * Math.sin(a)],
        [cx + r * 0.84 * Math.cos(a), cy + r * 0.84 * Math.sin(a)],
      ],
      closed: false,
    };
  };
  return [ring(f, 0.5, 0.5, r * 0.84), ring(f, 0.5, 0.5, r * 0.26), spoke(90), spoke(-90), spoke(0)];
}

/** A door's card: arm rest, winder, pull. */
export const card = (f: Frame): DetailStroke[] => [
  box(f, 0.3, 0.36, 0.72, 0.64, 12),
  ring(f, 0.2, 0.5, f.heightMm * 0.16),
  line(f, [
    [0.82, 0.5],
    [0.92, 0.5],
  ]),
];

export const console_ = (f: Frame): DetailStroke[] => [
  ring(f, 0.2, 0.5, f.heightMm * 0.3),
  ring(f, 0.2, 0.5, f.heightMm * 0.1, true),
  box(f, 0.5, 0.2, 0.94, 0.8, 16),
];

export const speakers = (f: Frame): DetailStroke[] => [
  ring(f, 0.5, 0.2, f.widthMm * 0.3),
  ring(f, 0.5, 0.8, f.widthMm * 0.3),
];

export const lining = (f: Frame): DetailStroke[] =>
  spread(4, 0.08, 0.92).map((u) =>
    line(
      f,
      [
        [u, 0.03],
        [u, 0.97],
      ],
      true,
    ),
  );

export const stitched = (f: Frame): DetailStroke[] => [box(f, 0.07, 0.08, 0.93, 0.92, 14, true)];
