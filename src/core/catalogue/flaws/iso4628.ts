import { type Random, seeded } from '../../stats/random';

/** Parts of ISO 4628 by which the quantity and size of a defect of the coating are judged. */
export const SCALE_PARTS = [2, 3, 4, 5] as const;
export type ScalePart = (typeof SCALE_PARTS)[number];
export type ScaleGrade = 0 | 1 | 2 | 3 | 4 | 5;

interface Scale {
  readonly flaws: readonly string[];
  /** Share of the area at each grade of quantity, 0 to 1. */
  readonly share: readonly [number, number, number, number, number, number];
  /** Extent of one at each grade of size, mm: blister or flake across, crack along. */
  readonly sizeMm: readonly [number, number, number, number, number, number];
  readonly source: string;
}

/** What the grades stand for. Parts 3 and 5 state shares of area; those of 2 and 4, which are pictures there, are ours. */
export const ISO_4628: Readonly<Record<ScalePart, Scale>> = {
  2: {
    flaws: ['blister'],
    share: [0, 0.002, 0.01, 0.04, 0.12, 0.3],
    sizeMm: [0, 0.3, 0.8, 2, 5, 10],
    source: 'ISO 4628-2 (blistering: grades by pictures); shares and sizes are house equivalents',
  },
  3: {
    flaws: ['rust-film', 'rust-blister', 'rust-scale'],
    share: [0, 0.0005, 0.005, 0.01, 0.08, 0.45],
    sizeMm: [0, 0.5, 1.5, 4, 8, 16],
    source: 'ISO 4628-3, rusted area Ri 0 to Ri 5; grade 5 is 40 to 50 %; sizes are house equivalents',
  },
  4: {
    flaws: ['cracking'],
    share: [0, 0.002, 0.01, 0.04, 0.12, 0.3],
    sizeMm: [0, 4, 8, 16, 30, 60],
    source: 'ISO 4628-4 (cracking: grades by pictures); shares and lengths are house equivalents',
  },
  5: {
    flaws: ['peeling'],
    share: [0, 0.001, 0.003, 0.01, 0.03, 0.15],
    sizeMm: [0, 1, 3, 10, 30, 40],
    source: 'ISO 4628-5, flaked area and largest flake; flakes of grade 5 are above 30 mm',
  },
};

/** The part of the standard by which a flaw is judged; null for flaws that it does not grade. */
export function scalePartOf(flaw: string): ScalePart | null {
  return SCALE_PARTS.find((p) => ISO_4628[p].flaws.includes(flaw)) ?? null;
}

/** Share of the area that a grade of quantity stands for, 0 to 1. */
export function shareOfGrade(part: ScalePart, grade: ScaleGrade): number {
  return ISO_4628[part].share[grade];
}

/** One drawn defect: a closed outline, or the line of a crack with its width. Millimetres from the top left. */
export interface DrawnDefect {
  readonly points: readonly (readonly [number, number])[];
  readonly widthMm: number | null;
}

/** Side of the square of coating that a reference pattern shows, mm. */
export const PATTERN_SIDE_MM = 100;
const CORNERS = 10;
const CRACK_WIDTH_SHARE = 0.035;
const MOST = 500;
/** Above so many the places are not searched for a clear one any more. */
const CROWD = 120;
const { hypot } = Math;

/**
 * A reference pattern to hold beside the panel: a square of 100 mm with so many defects of that size that the share of
 * the grade is covered. The same pattern for the same grades. Empty at quantity or size 0.
 */
export function referencePattern(part: ScalePart, quantity: ScaleGrade, size: ScaleGrade): DrawnDefect[] {
  const { share, sizeMm } = ISO_4628[part];
  const across = sizeMm[size];
  let wanted = share[quantity] * PATTERN_SIDE_MM ** 2;
  const random = seeded(part * 100 + quantity * 10 + size);
  const drawn: DrawnDefect[] = [];
  const centres: [number, number, number][] = [];
  while (wanted > 1e-9 && across > 0 && drawn.length < MOST) {
    // The last one is as small as what is left to cover.
    const shape = part === 4 ? crack(random, across) : spot(random, across, part);
    const area = areaOf(shape);
    const scale = Math.min(1, Math.sqrt(wanted / area));
    const placed = place(random, scaled(shape, scale), (across * scale) / 2, centres);
    drawn.push(placed);
    wanted -= area * scale * scale;
  }
  return drawn;
}

function scaled(d: DrawnDefect, by: number): DrawnDefect {
  return { points: d.points.map(([x, y]) => [x * by, y * by] as const), widthMm: d.widthMm && d.widthMm * by };
}

/** Puts a shape where it lies inside and, if a place is found soon, clear of the others. */
function place(random: Random, shape: DrawnDefect, radius: number, centres: [number, number, number][]): DrawnDefect {
  const keep = Math.min(radius, PATTERN_SIDE_MM / 2 - 1);
  const at = () => keep + (PATTERN_SIDE_MM - 2 * keep) * random();
  let best: [number, number] = [at(), at()];
  let clear = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < (centres.length > CROWD ? 1 : 16); i++) {
    const p: [number, number] = i === 0 ? best : [at(), at()];
    let gap = 1e3;
    for (const [x, y, r] of centres) {
      const apart = hypot(p[0] - x, p[1] - y) - r - radius;
      if (apart < gap) gap = apart;
    }
    if (gap > clear) [best, clear] = [p, gap];
    if (clear > 0) break;
  }
  centres.push([...best, radius]);
  return { ...shape, points: shape.points.map(([x, y]) => [x + best[0], y + best[1]] as const) };
}

/** Round for blisters, ragged for rust and flakes. */
function spot(random: Random, across: number, part: ScalePart): DrawnDefect {
  const rough = part === 2 ? 0.06 : 0.3;
  const turn = random() * Math.PI;
  return {
    widthMm: null,
    points: Array.from({ length: CORNERS }, (_, i) => {
      const a = turn + (2 * Math.PI * i) / CORNERS;
      const r = (across / 2) * (1 - rough * random());
      return [r * Math.cos(a), r * Math.sin(a)] as const;
    }),
  };
}

function crack(random: Random, along: number): DrawnDefect {
  const steps = 5;
  let heading = random() * 2 * Math.PI;
  const points: [number, number][] = [[0, 0]];
  for (let i = 0; i < steps; i++) {
    heading += (random() - 0.5) * 1.1;
    const [x, y] = points.at(-1)!;
    points.push([x + (along / steps) * Math.cos(heading), y + (along / steps) * Math.sin(heading)]);
  }
  const [cx, cy] = points[3]!;
  return {
    points: points.map(([x, y]) => [x - cx, y - cy] as const),
    widthMm: Math.max(0.25, along * CRACK_WIDTH_SHARE),
  };
}

/** Area of a drawn defect in mm²: the outline's (shoelace), or the line's length times its width. */
export function areaOf({ points, widthMm }: DrawnDefect): number {
  if (widthMm !== null)
    return points.slice(1).reduce((s, [x, y], i) => s + Math.hypot(x - points[i]![0], y - points[i]![1]) * widthMm, 0);
  const twice = points.reduce((s, [x, y], i) => {
    const [nx, ny] = points[(i + 1) % points.length]!;
    return s + x * ny - nx * y;
  }, 0);
  return Math.abs(twice) / 2;
}
