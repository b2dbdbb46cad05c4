import { grown, patchesOf } from '../image/patches';
import { PLATING_LIMITS as LIMITS } from './plating-limits';

// Looked up once: they run for every pixel.
const { max, min, floor, hypot, sqrt } = Math;

/** What a cue says of each pixel: its value, and how far that lies beyond all that is round it. */
export interface Cue {
  readonly value: Float32Array;
  readonly depth: Float32Array;
}

/** One patch as it is summed up: pixels, place and spread, each cue's mean value and depth, and its rim. */
interface Summed {
  size: number;
  x: number;
  y: number;
  xx: number;
  yy: number;
  xy: number;
  certain: number;
  readonly value: number[];
  readonly depth: number[];
  rim: number;
  alike: number;
}

/**
 * The seeds without those that are part of a reflection: a spot ends on all sides, so that hardly anything round it is as
 * dark or warm as itself, and it is no long bar. `cues` lie lower inside a spot than about it, the last of them its warmth; `certain` marks pixels that
 * are rust whatever lies round them, which a bar of rust keeps.
 */
export function compactSpots(
  seeds: Uint8Array,
  cues: readonly Cue[],
  certain: Uint8Array,
  width: number,
  height: number,
): Uint8Array {
  const patches = patchesOf(seeds, width, height);
  const sums = patches.sizes.map(
    (): Summed => ({
      ...{ size: 0, x: 0, y: 0, xx: 0, yy: 0, xy: 0, certain: 0, rim: 0, alike: 0 },
      value: cues.map(() => 0),
      depth: cues.map(() => 0),
    }),
  );
  sumUp(patches.label, sums, cues, certain, width);
  const near = grown(patches, width, height, LIMITS.rimPx[0]);
  const far = grown(patches, width, height, LIMITS.rimPx[1]);
  for (let at = 0; at < far.length; at++) {
    if (far[at] === 0 || near[at] !== 0) continue;
    const s = sums[far[at]!]!;
    s.rim++;
    // As far gone as the spot in every cue that makes it one.
    if (cues.every((c, k) => s.depth[k]! <= 0 || c.value[at]! < s.value[k]! + LIMITS.alike * s.depth[k]!)) s.alike++;
  }
  const keeps = sums.map(
    (s) =>
      s.size > 0 &&
      (s.certain > LIMITS.certainShare * s.size ||
        !(isOpen(s) || isBar(s, warmthOf(s)) || isDarkThing(s, seeds.length))),
  );
  return seeds.map((v, at) => (v === 1 && keeps[patches.label[at]!] ? 1 : 0));
}

function sumUp(label: Int32Array, sums: Summed[], cues: readonly Cue[], certain: Uint8Array, width: number): void {
  for (let at = 0; at < label.length; at++) {
    if (label[at] === 0) continue;
    const s = sums[label[at]!]!;
    const [x, y] = [at % width, floor(at / width)];
    s.size++;
    s.x += x;
    s.y += y;
    s.xx += x * x;
    s.yy += y * y;
    s.xy += x * y;
    s.certain += certain[at]!;
    for (const [k, c] of cues.entries()) {
      s.value[k]! += c.value[at]!;
      s.depth[k]! += c.depth[at]!;
    }
  }
  for (const s of sums)
    for (const k of cues.keys()) {
      s.value[k]! /= max(1, s.size);
      s.depth[k] = s.depth[k]! / max(1, s.size);
    }
}

/** Whether what it is made of goes on beyond it. */
const isOpen = (s: Summed) => s.alike > LIMITS.alikeShare * s.rim;

/** How warm it is, by itself and against all round it: against a blue sky grey is warm too. The last cue. */
const warmthOf = (s: Summed) => min(s.depth[s.depth.length - 1]!, -s.value[s.value.length - 1]!);

/** Whether it is merely dark, no warmer than its surroundings, and larger than pits are: something mirrored. */
const isDarkThing = (s: Summed, of: number) => warmthOf(s) < LIMITS.bar.neutral && s.size > LIMITS.darkShare * of;

/** Whether it is long, thin and straight, by the axes of its second moments; what is merely dark need not be as long. */
function isBar({ size: n, x, y, xx, yy, xy }: Summed, warmth: number): boolean {
  const [a, b, c] = [xx / n - (x / n) ** 2 + 1 / 12, yy / n - (y / n) ** 2 + 1 / 12, xy / n - (x / n) * (y / n)];
  const half = hypot((a - b) / 2, c);
  const [long, short] = [sqrt((a + b) / 2 + half), sqrt(max(1 / 12, (a + b) / 2 - half))];
  const times = warmth < LIMITS.bar.neutral ? LIMITS.bar.timesNeutral : LIMITS.bar.times;
  return long > LIMITS.bar.leastPx && long > times * short;
}
