import { type Homography, mapped, type Point } from '../../image/homography';
import type { Pixels } from '../../image/pixels';
import { type Channels, LUMA } from '../../image/sample';
import { GAP_LIMITS } from '../gap-limits';
import type { SeamStrip } from '../seam-strip';
import { COARSE_ROWS, type SlotPair } from '../slot';

const { max, round } = Math;

/** Weights of the channels that set the paint off from the slot; luma where all are alike. */
export function channelsFor(pixels: Pixels, at: readonly GapStationEdges[]): Channels {
  const sums = [0, 0, 0];
  for (const { inside, outside } of at)
    for (const [px, sign] of [...outside.map((p) => [p, 1] as const), [inside, -2] as const]) {
      const x = round(px[0]);
      const y = round(px[1]);
      if (x < 0 || y < 0 || x >= pixels.width || y >= pixels.height) return LUMA;
      for (let c = 0; c < 3; c++) sums[c] = sums[c]! + sign * pixels.data[(y * pixels.width + x) * 4 + c]!;
    }
  const many = max(1, 2 * at.length);
  // Colour is kept more coarsely than luma and softens edges: it is used only where luma hardly tells paint from slot.
  const byLuma = sums.reduce((t, v, c) => t + (v / many) * LUMA[c]!, 0);
  if (byLuma >= GAP_LIMITS.lumaContrast) return LUMA;
  const positive = sums.map((v) => max(0, v));
  const total = positive[0]! + positive[1]! + positive[2]!;
  // A little of every channel, so that one channel's noise is not all there is.
  return total <= 0 ? LUMA : (positive.map((v) => 0.7 * (v / total) + 0.1) as unknown as Channels);
}

interface GapStationEdges {
  readonly inside: Point;
  readonly outside: readonly [Point, Point];
}

export function colourPlaces(
  strip: SeamStrip,
  path: readonly (SlotPair | null)[],
  toPicture: Homography,
): GapStationEdges[] {
  const centre = (strip.cols - 1) / 2;
  return path.flatMap((pair, i) => {
    const p = strip.at[i * COARSE_ROWS];
    if (!pair || !p || i % 3 !== 0) return [];
    const on = (col: number) => {
      const t = (col - centre) * strip.colMm;
      return mapped(toPicture, p.x + t * p.nx, p.y + t * p.ny);
    };
    const out = 1.5 / strip.colMm;
    const [a, b, c] = [on((pair.left + pair.right) / 2), on(pair.left - out), on(pair.right + out)];
    return a && b && c ? [{ inside: a, outside: [b, c] as const }] : [];
  });
}
