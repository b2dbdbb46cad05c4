import { plating } from '@/core/bright/plating';
import type { PlatingRefusal } from '@/core/bright/plating-limits';
import { coverToKeep } from '@/core/image/kept-share';
import type { Patch, Pixels } from '@/core/image/pixels';
import type { RustRefusal } from '@/core/metal/rust-limits';
import { rustShare } from '@/core/metal/rust-share';
import { pixelsOf } from './picture-pixels';

export interface ShareAsked {
  readonly id: number;
  readonly what: 'rust' | 'plating';
  readonly picture: string;
  readonly second: string | null;
  /** The part to look at, px of the picture. */
  readonly stretch: Patch;
}
export type ShareAnswer = { readonly id: number } & (
  | { readonly ok: true; readonly cover: Float32Array; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly reason: RustRefusal | PlatingRefusal | 'away' }
);

function cut({ data, width }: Pixels, { x, y, width: w, height: h }: Patch): Pixels {
  const out = new Uint8ClampedArray(w * h * 4);
  for (let r = 0; r < h; r++)
    out.set(data.subarray(((y + r) * width + x) * 4, ((y + r) * width + x + w) * 4), r * w * 4);
  return { data: out, width: w, height: h };
}

/** Reads the defective share of a part of a picture off the page's thread. */
self.onmessage = async ({ data: { id, what, picture, second, stretch } }: MessageEvent<ShareAsked>) => {
  try {
    const part = cut(await pixelsOf(picture), stretch);
    const other = second ? cut(await pixelsOf(second), stretch) : null;
    const found = what === 'rust' ? rustShare(part) : plating(part, { second: other });
    if (!found.ok) {
      self.postMessage({ id, ok: false, reason: found.reason } satisfies ShareAnswer);
      return;
    }
    self.postMessage({ id, ok: true, ...coverToKeep(found) } satisfies ShareAnswer);
  } catch {
    self.postMessage({ id, ok: false, reason: 'away' } satisfies ShareAnswer);
  }
};
