import type { Grey } from '../image/pixels';
import type { DialPoint } from './dial';

/** From which share of the way to the scale to which a needle is looked for: past the boss, short of the figures. */
const [FROM, TO] = [0.3, 0.72] as const;
const STEPS = 720;
/** Angles on each side by which a line of needle stands out, in steps of half a degree. */
const BESIDE = 12;
/** A needle stands out from its dial by so much brightness over most of its length, and from the next best by this factor. */
const LEAST_CONTRAST = 18;
const CLEARER = 1.25;

function greyAt({ width, height, data }: Grey, x: number, y: number): number | null {
  const [i, j] = [Math.round(x), Math.round(y)];
  return i < 0 || j < 0 || i >= width || j >= height ? null : data[j * width + i]!;
}

/** Brightness along each ray from the pivot: rows of angle, columns of radius; null where a ray leaves the picture. */
function raysOf(p: Grey, [px, py]: DialPoint, radius: number): readonly (readonly number[] | null)[] {
  const count = Math.max(12, Math.round((TO - FROM) * radius));
  return Array.from({ length: STEPS }, (_, a) => {
    const [c, s] = [Math.cos((a * 2 * Math.PI) / STEPS), Math.sin((a * 2 * Math.PI) / STEPS)];
    const ray: number[] = [];
    for (let k = 0; k < count; k++) {
      const r = radius * (FROM + ((TO - FROM) * k) / (count - 1));
      const g = greyAt(p, px + r * c, py + r * s);
      if (g === null) return null;
      ray.push(g);
    }
    return ray;
  });
}

/**
 * Where a needle points: the angle along which a line from the boss outwards stands out, dark or bright, from the dial beside
 * it over nearly its whole length (a radial matched filter; the lower quartile along the ray, so that figures and marks, which
 * cross only a part, do not count). Its tip is given on the radius of the scale. Null where no line stands out clearly: then
 * it is touched by hand.
 */
export function findNeedle(p: Grey, pivot: DialPoint, radius: number): DialPoint | null {
  const rays = raysOf(p, pivot, radius);
  const scores = rays.map((ray, a) => {
    const left = rays[(a + STEPS - BESIDE) % STEPS];
    const right = rays[(a + BESIDE) % STEPS];
    if (!ray || !left || !right) return 0;
    const quartile = (sign: 1 | -1) => {
      const out = ray.map((g, k) => Math.min(sign * (g - left[k]!), sign * (g - right[k]!))).sort((x, y) => x - y);
      return out[Math.floor(out.length / 4)]!;
    };
    return Math.max(quartile(1), quartile(-1));
  });
  let best = 0;
  for (let a = 1; a < STEPS; a++) if (scores[a]! > scores[best]!) best = a;
  const near = (a: number) => Math.min((a - best + STEPS) % STEPS, (best - a + STEPS) % STEPS) <= BESIDE;
  // Its own tail behind the boss may stand out too: that is no other needle.
  const tail = (a: number) => near((a + STEPS / 2) % STEPS);
  const next = Math.max(0, ...scores.filter((_, a) => !near(a) && !tail(a)));
  if (scores[best]! < LEAST_CONTRAST || scores[best]! < CLEARER * next) return null;
  // Between half degrees: the centre of the scores round the best.
  let [sum, weight] = [0, 0];
  for (let d = -4; d <= 4; d++) {
    const w = Math.max(0, scores[(best + d + STEPS) % STEPS]!);
    sum += d * w;
    weight += w;
  }
  const angle = ((best + sum / weight) * 2 * Math.PI) / STEPS;
  return [pivot[0] + 0.85 * radius * Math.cos(angle), pivot[1] + 0.85 * radius * Math.sin(angle)];
}
