/** A small mask as text: width x height, then how many pixels are out, in, out … in turn, row by row, in base 36. */
export const RUNS = /^\d{1,4}x\d{1,4}:[0-9a-z]+(,[0-9a-z]+)*$/;

/** Writes which pixels are in; `inside(i)` tells of each, row by row. */
export function runsOf(width: number, height: number, inside: (at: number) => boolean): string {
  const runs: string[] = [];
  let [now, length] = [false, 0];
  for (let at = 0; at < width * height; at++) {
    if (inside(at) === now) length++;
    else {
      runs.push(length.toString(36));
      [now, length] = [!now, 1];
    }
  }
  runs.push(length.toString(36));
  return `${width}x${height}:${runs.join(',')}`;
}

/** The mask that was written; null where the text is none, or its runs do not fill it. */
export function maskOf(
  text: string,
): { readonly width: number; readonly height: number; readonly mask: Uint8Array } | null {
  if (!RUNS.test(text)) return null;
  const [size, runs] = text.split(':') as [string, string];
  const [width, height] = size.split('x').map(Number) as [number, number];
  const mask = new Uint8Array(width * height);
  let [at, value] = [0, 0];
  for (const run of runs.split(',')) {
    const length = Number.parseInt(run, 36);
    if (at + length > mask.length) return null;
    mask.fill(value, at, at + length);
    at += length;
    value = 1 - value;
  }
  return at === mask.length ? { width, height, mask } : null;
}

/** A cover made smaller by a whole number, each pixel the mean of its block; what is left over at the edges goes. */
export function coverSmaller(cover: Float32Array, width: number, height: number, by: number) {
  const [w, h] = [Math.floor(width / by), Math.floor(height / by)];
  const out = new Float32Array(w * h);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      let sum = 0;
      for (let dy = 0; dy < by; dy++)
        for (let dx = 0; dx < by; dx++) sum += cover[(y * by + dy) * width + x * by + dx]!;
      out[y * w + x] = sum / (by * by);
    }
  return { cover: out, width: w, height: h };
}
