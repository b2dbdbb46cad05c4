import { boxOf, type Point } from './geometry';
import type { Plan } from './plan';
import { circle, roundedBox } from './strokes';
import type { Zone } from './zone';

/** A line drawn on a piece so that a stranger knows what it is: a cut, or a fold or stitch (dashed). */
export interface DetailStroke {
  readonly points: readonly Point[];
  readonly closed: boolean;
  readonly dashed?: boolean;
  /** Filled with the ink: what is solid, seen as a silhouette. */
  readonly solid?: boolean;
}

/** The frame in which a detail is drawn: u from the front to the rear, v from below (or from the left edge) up, 0 to 1. */
interface Frame {
  readonly zone: Zone;
  readonly plan: Plan;
  readonly widthMm: number;
  readonly heightMm: number;
  at(u: number, v: number): Point;
}

const line = (f: Frame, points: readonly (readonly [u: number, v: number])[], dashed = false): DetailStroke => ({
  points: points.map(([u, v]) => f.at(u, v)),
  closed: false,
  ...(dashed && { dashed }),
});
const box = (f: Frame, u0: number, v0: number, u1: number, v1: number, radiusMm = 20, dashed = false): DetailStroke => {
  const [a, b] = [f.at(u0, v0), f.at(u1, v1)];
  const [x0, x1] = [Math.min(a[0], b[0]), Math.max(a[0], b[0])];
  const [y0, y1] = [Math.min(a[1], b[1]), Math.max(a[1], b[1])];
  return { points: roundedBox(x0, y0, x1, y1, radiusMm), closed: true, ...(dashed && { dashed }) };
};
const ring = (f: Frame, u: number, v: number, radiusMm: number, solid = false): DetailStroke => {
  const [x, y] = f.at(u, v);
  return { points: circle(x, y, radiusMm), closed: true, ...(solid && { solid }) };
};
const spread = (n: number, from = 0, to = 1) =>
  Array.from({ length: n }, (_, i) => from + ((i + 0.5) / n) * (to - from));

/** A seat from above: cushion with pleats, and the backrest behind it. */
function seat(f: Frame): DetailStroke[] {
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

function bench(f: Frame): DetailStroke[] {
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
function dash(f: Frame): DetailStroke[] {
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
function steering(f: Frame): DetailStroke[] {
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

/** A wheel with its tire, from the side: tread, rim, hub and bolts. */
function wheel(f: Frame): DetailStroke[] {
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
const halfWheel = (f: Frame): DetailStroke[] => [
  line(
    f,
    [
      [0.14, 0.62],
      [0.86, 0.62],
    ],
    true,
  ),
];

/** An engine in line along the car: cover with its cylinders, fan in front, the bell of the gearbox behind. */
function engineInLine(f: Frame): DetailStroke[] {
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
function engineFlat(f: Frame): DetailStroke[] {
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

const fins = (f: Frame): DetailStroke[] => [
  ...spread(18, 0.03, 0.97).map((v) =>
    line(f, [
      [0.18, v],
      [0.82, v],
    ]),
  ),
  ring(f, 0.5, 0.5, f.widthMm * 0.18),
];
const battery = (f: Frame): DetailStroke[] => [
  ...spread(3, 0.1, 0.9).flatMap((u) => [ring(f, u, 0.32, 13), ring(f, u, 0.68, 13)]),
  ring(f, 0.08, 0.5, 9, true),
  ring(f, 0.92, 0.5, 9, true),
];
const cap = (f: Frame): DetailStroke[] => [
  ring(f, 0.5, 0.5, f.widthMm * 0.3),
  ring(f, 0.5, 0.5, f.widthMm * 0.1, true),
];
/** An inner fender with the tower of its spring. */
const tower = (f: Frame): DetailStroke[] => [
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
/** Beads pressed into a sheet, along it or across it. */
const beadsAlong = (f: Frame): DetailStroke[] =>
  spread(3, 0.1, 0.9).map((v) => box(f, 0.08, v - 0.05, 0.92, v + 0.05, 18));
const beadsAcross = (f: Frame): DetailStroke[] =>
  spread(4, 0.06, 0.94).map((v) =>
    line(f, [
      [0.35, v - 0.08],
      [0.5, v - 0.04],
      [0.5, v + 0.04],
      [0.35, v + 0.08],
    ]),
  );
/** A floor from below: pressings along it and a drain. */
const floor = (f: Frame): DetailStroke[] => [
  ...spread(3, 0.14, 0.86).map((v) => box(f, 0.1, v - 0.06, 0.78, v + 0.06, 22)),
  ring(f, 0.88, 0.5, 24),
];
/** A rail or cross member: a box section with holes. */
const rail = (f: Frame): DetailStroke[] => {
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
const tunnel = (f: Frame): DetailStroke[] => [
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
const housing = (f: Frame): DetailStroke[] => [
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
const tank = (f: Frame): DetailStroke[] => [
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
const stitched = (f: Frame): DetailStroke[] => [box(f, 0.07, 0.08, 0.93, 0.92, 14, true)];
/** A door's card: arm rest, winder, pull. */
const card = (f: Frame): DetailStroke[] => [
  box(f, 0.3, 0.36, 0.72, 0.64, 12),
  ring(f, 0.2, 0.5, f.heightMm * 0.16),
  line(f, [
    [0.82, 0.5],
    [0.92, 0.5],
  ]),
];
const console_ = (f: Frame): DetailStroke[] => [
  ring(f, 0.2, 0.5, f.heightMm * 0.3),
  ring(f, 0.2, 0.5, f.heightMm * 0.1, true),
  box(f, 0.5, 0.2, 0.94, 0.8, 16),
];
const speakers = (f: Frame): DetailStroke[] => [ring(f, 0.5, 0.2, f.widthMm * 0.3), ring(f, 0.5, 0.8, f.widthMm * 0.3)];
const lining = (f: Frame): DetailStroke[] =>
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
const slats = (f: Frame): DetailStroke[] =>
  spread(7, 0.04, 0.96).map((v) =>
    line(f, [
      [0.03, v],
      [0.97, v],
    ]),
  );
/** The inside of a lid: the frame that stiffens it. */
const stiffened = (f: Frame): DetailStroke[] => [
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
const bars = (f: Frame): DetailStroke[] =>
  spread(4, 0.06, 0.94).map((u) =>
    line(f, [
      [u, 0.03],
      [u, 0.97],
    ]),
  );
const lamp = (f: Frame): DetailStroke[] => [ring(f, 0.5, 0.5, Math.min(f.widthMm, f.heightMm) * 0.36)];
const tailLamp = (f: Frame): DetailStroke[] => [
  line(f, [
    [0.08, 0.5],
    [0.92, 0.5],
  ]),
];
const bumper = (f: Frame): DetailStroke[] => [
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
const handle = (f: Frame): DetailStroke[] => [box(f, 0.8, 0.78, 0.93, 0.83, 8)];

/** How pieces are drawn; a style's piece names one. */
export const DRAWN = {
  seat,
  bench,
  dash,
  steering,
  wheel,
  'half-wheel': halfWheel,
  'engine-in-line': engineInLine,
  'engine-flat': engineFlat,
  fins,
  battery,
  cap,
  tower,
  'beads-along': beadsAlong,
  'beads-across': beadsAcross,
  floor,
  rail,
  tunnel,
  housing,
  tank,
  stitched,
  card,
  console: console_,
  speakers,
  lining,
  slats,
  stiffened,
  bars,
  lamp,
  'tail-lamp': tailLamp,
  bumper,
  handle,
} as const satisfies Readonly<Record<string, (f: Frame) => DetailStroke[]>>;
export type DrawnAs = keyof typeof DRAWN;

const drawn = new WeakMap<Zone, readonly DetailStroke[]>();

/** The lines that make a piece known, in sheet mm; empty for one that is known by its outline. */
export function detailsOf(zone: Zone, plan: Plan): readonly DetailStroke[] {
  const before = drawn.get(zone);
  if (before) return before;
  const b = boxOf(zone.outline);
  const [widthMm, heightMm] = [b.maxX - b.minX, b.maxY - b.minY];
  // Flanks lie folded outwards: up is towards the centre line.
  const up = zone.upright && zone.side !== 'right';
  const frame: Frame = {
    zone,
    plan,
    widthMm,
    heightMm,
    at: (u, v) => [b.minX + u * widthMm, zone.upright && !up ? b.maxY - v * heightMm : b.minY + v * heightMm],
  };
  const strokes = zone.drawn ? DRAWN[zone.drawn](frame) : [];
  drawn.set(zone, strokes);
  return strokes;
}

/** What joins the pieces of a view and is none of them: axles between the wheels' housings, seen from below. */
export function joinsOf(plan: Plan, view: Zone['view']): DetailStroke[] {
  const housings = plan.lap[view].flatMap((slug) => {
    const zone = plan.zones.get(slug)!;
    const twin = zone.twin ? plan.zones.get(zone.twin) : undefined;
    return zone.drawn === 'housing' && zone.side === 'left' && twin ? [[zone, twin] as const] : [];
  });
  return housings.flatMap(([left, right]) => {
    const [a, b] = [boxOf(left.outline), boxOf(right.outline)];
    const x = (a.minX + a.maxX) / 2;
    return [
      { points: roundedBox(x - 30, a.maxY - 40, x + 30, b.minY + 40, 20), closed: true },
      { points: circle(x, 0, 84), closed: true },
      { points: circle(x, 0, 44), closed: true, dashed: true },
    ];
  });
}
