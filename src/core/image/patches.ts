// Looked up once: they run for every pixel.
const { floor } = Math;

/** Connected patches of a mask: every pixel's patch from 1, 0 outside, and how many pixels each has (index 0 unused). */
export interface Patches {
  readonly label: Int32Array;
  readonly sizes: readonly number[];
}

/** The 8-connected patches of the pixels that `inside` marks, by flooding each once. */
export function patchesOf(inside: Uint8Array, width: number, height: number): Patches {
  const label = new Int32Array(inside.length);
  const stack = new Int32Array(inside.length);
  const sizes = [0];
  for (let start = 0; start < inside.length; start++) {
    if (inside[start] === 0 || label[start] !== 0) continue;
    const mine = sizes.length;
    let [top, size] = [0, 0];
    stack[top++] = start;
    label[start] = mine;
    while (top > 0) {
      const at = stack[--top]!;
      size++;
      const [x, y] = [at % width, floor(at / width)];
      for (let dy = -1; dy <= 1; dy++)
        for (let dx = -1; dx <= 1; dx++) {
          if (x + dx < 0 || x + dx >= width || y + dy < 0 || y + dy >= height) continue;
          const to = at + dy * width + dx;
          if (inside[to] !== 0 && label[to] === 0) {
            label[to] = mine;
            stack[top++] = to;
          }
        }
    }
    sizes.push(size);
  }
  return { label, sizes };
}

/** Each patch grown by so many steps over pixels that belong to none; where two meet, the first keeps the place. */
export function grown({ label }: Patches, width: number, height: number, steps: number): Int32Array {
  const out = Int32Array.from(label);
  const beside = [-1, 1, -width, width] as const;
  const onSheet = (at: number, by: number) =>
    by === -1 ? at % width > 0 : by === 1 ? at % width < width - 1 : by < 0 ? at >= width : at < width * (height - 1);
  let front: number[] = [];
  for (let at = 0; at < out.length; at++)
    if (out[at] !== 0 && beside.some((by) => onSheet(at, by) && out[at + by] === 0)) front.push(at);
  for (let s = 0; s < steps; s++) {
    const next: number[] = [];
    for (const at of front)
      for (const by of beside) {
        const to = at + by;
        if (!onSheet(at, by) || out[to] !== 0) continue;
        out[to] = out[at]!;
        next.push(to);
      }
    front = next;
  }
  return out;
}
