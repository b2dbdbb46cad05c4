import { softened } from './line-closing';

// Looked up once: they run for every pixel.
const { abs, sqrt, PI } = Math;

/** House values of telling whether a picture's own edges are sharp. */
const FOCUS = {
  /** Least change across an edge, logarithm of light, that it counts. */
  leastStep: 0.35,
  /** Half the window over which an edge's whole change is taken, px. */
  reach: 30,
  /** Softer than that it is light falling off, no edge: px. */
  lightPx: 15,
  /** So many places must have an edge; the last of them counts. */
  leastPlaces: 24,
} as const;

/**
 * How soft the sharpest edges of a picture are, px standard deviation of a blurred step: change over the window by steepest
 * slope (a step blurred by σ has its steepest slope at step / (σ·√(2π))). Null where there are too few edges to tell.
 */
export function sharpestEdgePx(
  picture: Float32Array,
  width: number,
  height: number,
  inside: Uint8Array,
): number | null {
  const { reach, leastStep } = FOCUS;
  // Grain makes steep slopes of its own.
  const light = softened(picture, width, height);
  const least = 1 / (FOCUS.lightPx * sqrt(2 * PI));
  const found: number[] = [];
  const along = (stride: number, x: number, y: number) => {
    const at = y * width + x;
    const slope = abs(light[at + stride]! - light[at - stride]!) / 2;
    if (slope < leastStep * least) return;
    let [low, high] = [light[at]!, light[at]!];
    for (let i = -reach; i <= reach; i++) {
      const v = light[at + i * stride]!;
      if (v < low) low = v;
      if (v > high) high = v;
    }
    const steep = slope / (high - low);
    if (high - low >= leastStep && steep > least) found.push(steep);
  };
  for (let y = reach; y < height - reach; y += 2)
    for (let x = reach; x < width - reach; x += 2) {
      if (inside[y * width + x] === 0) continue;
      along(1, x, y);
      along(width, x, y);
    }
  if (found.length < FOCUS.leastPlaces) return null;
  const sharpest = Float64Array.from(found).sort()[found.length - FOCUS.leastPlaces]!;
  return 1 / (sharpest * sqrt(2 * PI));
}
