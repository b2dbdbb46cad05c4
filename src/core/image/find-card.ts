import type { Point } from './homography';
import { greyOf, type Pixels } from './pixels';

/** House values of finding a card by itself. */
export const FIND_CARD = {
  /** Width to which the picture is reduced for looking, px. */
  lookPx: 420,
  /** Shares of the picture that a card can cover. */
  least: 0.012,
  most: 0.5,
  /** How far the bright patch's area may be from that of the four-sided figure round it, as a share. */
  fill: 0.14,
  /** How much longer than the opposite one a side may be, and the shortest as a share of the longest. */
  opposite: 1.5,
  sliver: 0.35,
  /** Thresholds tried, as shares of the way from the darkest to the brightest light. */
  levels: [0.5, 0.6, 0.7, 0.4, 0.8],
  source: 'house starting values',
} as const;

const { abs, floor, hypot, max, min } = Math;

interface Small {
  readonly data: Float32Array;
  readonly width: number;
  readonly height: number;
  readonly by: number;
}

function reduced(pixels: Pixels): Small {
  const by = max(1, floor(pixels.width / FIND_CARD.lookPx));
  const grey = greyOf(pixels, { x: 0, y: 0, width: pixels.width, height: pixels.height });
  const [width, height] = [floor(pixels.width / by), floor(pixels.height / by)];
  const data = new Float32Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let j = 0; j < by; j++)
        for (let i = 0; i < by; i++) sum += grey.data[(y * by + j) * grey.width + x * by + i]!;
      data[y * width + x] = sum / (by * by);
    }
  return { data, width, height, by };
}

/** Patches brighter than a level, each as the list of its places. */
function patches({ data, width, height }: Small, level: number): number[][] {
  const seen = new Uint8Array(data.length);
  const found: number[][] = [];
  for (let start = 0; start < data.length; start++) {
    if (seen[start] || data[start]! < level) continue;
    const places = [start];
    seen[start] = 1;
    for (let k = 0; k < places.length; k++) {
      const at = places[k]!;
      const [x, y] = [at % width, floor(at / width)];
      const beside = [
        x > 0 ? at - 1 : -1,
        x + 1 < width ? at + 1 : -1,
        y > 0 ? at - width : -1,
        y + 1 < height ? at + width : -1,
      ];
      for (const b of beside)
        if (b >= 0 && !seen[b] && data[b]! >= level) {
          seen[b] = 1;
          places.push(b);
        }
    }
    found.push(places);
  }
  return found;
}

const area = (p: readonly Point[]) =>
  abs(p.reduce((s, [x, y], i) => s + x * p[(i + 1) % p.length]![1] - p[(i + 1) % p.length]![0] * y, 0)) / 2;

/** Four corners of a patch: the place farthest from its middle, the one farthest from that, and the farthest off their line. */
function cornersOf(places: readonly number[], width: number): Point[] {
  const points = places.map((at): Point => [at % width, floor(at / width)]);
  const middle: Point = [
    points.reduce((s, p) => s + p[0], 0) / points.length,
    points.reduce((s, p) => s + p[1], 0) / points.length,
  ];
  const farthest = (far: (p: Point) => number) => points.reduce((b, p) => (far(p) > far(b) ? p : b));
  const a = farthest((p) => hypot(p[0] - middle[0], p[1] - middle[1]));
  const c = farthest((p) => hypot(p[0] - a[0], p[1] - a[1]));
  const off = (p: Point) => (c[0] - a[0]) * (p[1] - a[1]) - (c[1] - a[1]) * (p[0] - a[0]);
  const b = farthest(off);
  const d = farthest((p) => -off(p));
  // From a by the side where `off` is negative runs clockwise on a picture (y down).
  return [a, d, c, b];
}

/** Whether four corners could be a card's: opposite sides of about one length, no side a sliver. */
function likeCard(p: readonly Point[]): boolean {
  const side = (i: number) => hypot(p[(i + 1) % 4]![0] - p[i]![0], p[(i + 1) % 4]![1] - p[i]![1]);
  const sides = [side(0), side(1), side(2), side(3)] as const;
  const alike = (a: number, b: number) => max(a, b) <= FIND_CARD.opposite * min(a, b);
  return alike(sides[0], sides[2]) && alike(sides[1], sides[3]) && min(...sides) >= FIND_CARD.sliver * max(...sides);
}

/**
 * A bright card's four corners, roughly, clockwise, px: the bright patch, clear of the picture's rim, that fills a four-sided
 * figure best. Null where no patch does; then somebody must tap them. Corners are to be refined.
 */
export function findCard(pixels: Pixels): [Point, Point, Point, Point] | null {
  const small = reduced(pixels);
  const { width, height, by } = small;
  let [low, high] = [255, 0];
  for (const v of small.data) [low, high] = [min(low, v), max(high, v)];
  let best: { corners: Point[]; off: number } | null = null;
  for (const share of FIND_CARD.levels)
    for (const places of patches(small, low + share * (high - low))) {
      const cover = places.length / (width * height);
      if (cover < FIND_CARD.least || cover > FIND_CARD.most) continue;
      const corners = cornersOf(places, width);
      const rim = corners.some(([x, y]) => x < 2 || y < 2 || x > width - 3 || y > height - 3);
      const round = area(corners);
      if (rim || round === 0 || !likeCard(corners)) continue;
      const off = abs(places.length / round - 1);
      if (off < FIND_CARD.fill && (!best || off < best.off)) best = { corners, off };
    }
  if (!best) return null;
  return best.corners.map(([x, y]): Point => [(x + 0.5) * by, (y + 0.5) * by]) as [Point, Point, Point, Point];
}
