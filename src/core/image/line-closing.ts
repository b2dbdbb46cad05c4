// Looked up once: they run for every pixel.
const { max, min } = Math;

/** Directions along which lines are laid: along, across and both diagonals. */
const DIRECTIONS = [
  [1, 0],
  [0, 1],
  [1, 1],
  [1, -1],
] as const;

/** Rolling maximum over 2·half + 1 places of a line (van Herk, Pattern Recognition Letters 13, 1992; Gil and Werman 1993). */
function rollingMax(line: Float32Array, n: number, half: number, out: Float32Array, ahead: Float32Array): void {
  const span = 2 * half + 1;
  // `out` holds running maxima from each block's start, `ahead` to each block's end.
  for (let i = 0, best = 0, left = 0; i < n; i++, left--) {
    const v = line[i]!;
    if (left === 0) [best, left] = [v, span];
    else if (v > best) best = v;
    out[i] = best;
  }
  for (let i = n - 1, best = 0; i >= 0; i--) {
    const v = line[i]!;
    if (i === n - 1 || (i + 1) % span === 0 || v > best) best = v;
    ahead[i] = best;
  }
  const lastBlock = n - 1 - ((n - 1) % span);
  for (let i = 0; i < n; i++) {
    const [from, to] = [i - half, i + half];
    // At the ends a window is cut off: what reaches beyond it must not count.
    if (from <= 0) line[i] = to < n ? out[to]! : max(out[n - 1]!, ahead[0]!);
    else if (to < n) line[i] = max(ahead[from]!, out[to]!);
    else line[i] = from >= lastBlock ? ahead[from]! : max(ahead[from]!, out[n - 1]!);
  }
}

/** Runs over every line of a direction, dilating and then eroding it: what is dark and shorter than the line is filled. */
function closeAlong(
  values: Float32Array,
  width: number,
  height: number,
  [dx, dy]: readonly [number, number],
  half: number,
  into: Float32Array,
): void {
  const longest = max(width, height);
  const [line, out, ahead] = [new Float32Array(longest), new Float32Array(longest), new Float32Array(longest)];
  const steps = dy * width + dx;
  const run = (x0: number, y0: number) => {
    const across = dx === 0 ? longest : width - x0;
    const down = dy === 0 ? longest : dy > 0 ? height - y0 : y0 + 1;
    const n = min(across, down, dx === 0 ? height : width);
    const start = y0 * width + x0;
    for (let i = 0; i < n; i++) line[i] = values[start + i * steps]!;
    rollingMax(line, n, half, out, ahead);
    for (let i = 0; i < n; i++) line[i] = -line[i]!;
    rollingMax(line, n, half, out, ahead);
    for (let i = 0; i < n; i++) {
      const at = start + i * steps;
      const closed = -line[i]!;
      if (closed < into[at]!) into[at] = closed;
    }
  };
  if (dx === 1) for (let y = 0; y < height; y++) run(0, y);
  if (dy !== 0) for (let x = dx === 1 ? 1 : 0; x < width; x++) run(x, dy > 0 ? 0 : height - 1);
}

/**
 * How far each place lies below whatever surrounds it in every direction: the least closing by lines of 2·half + 1 px in
 * four directions, less the value. Compact dark things shorter than the line stand out; lines, edges and bands, which are
 * long in one direction at least, do not (directional closing; Soille, Morphological Image Analysis, 2nd ed., §4.5).
 */
export function compactDepth(values: Float32Array, width: number, height: number, half: number): Float32Array {
  const closed = new Float32Array(values.length).fill(Number.POSITIVE_INFINITY);
  for (const direction of DIRECTIONS) closeAlong(values, width, height, direction, half, closed);
  for (let i = 0; i < closed.length; i++) closed[i] = closed[i]! - values[i]!;
  return closed;
}

/** Each value as the mean of it and its eight neighbours; edges repeat. */
export function softened(values: Float32Array, width: number, height: number): Float32Array {
  const rows = new Float32Array(values.length);
  const out = new Float32Array(values.length);
  for (let y = 0; y < height; y++)
    for (let x = 0, at = y * width; x < width; x++, at++)
      rows[at] = (values[at - (x > 0 ? 1 : 0)]! + values[at]! + values[at + (x + 1 < width ? 1 : 0)]!) / 3;
  for (let y = 0; y < height; y++) {
    const [up, down] = [y > 0 ? width : 0, y + 1 < height ? width : 0];
    for (let x = 0, at = y * width; x < width; x++, at++) out[at] = (rows[at - up]! + rows[at]! + rows[at + down]!) / 3;
  }
  return out;
}
