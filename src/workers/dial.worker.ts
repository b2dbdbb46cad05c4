import type { DialPoint } from '@/core/dial/dial';
import { findNeedle } from '@/core/dial/needle';
import { greyOf } from '@/core/image/pixels';
import { pixelsOf } from './picture-pixels';

export interface DialAsked {
  readonly id: number;
  readonly picture: string;
  readonly pivot: DialPoint;
  readonly radius: number;
}
export type DialAnswer = { readonly id: number } & (
  | { readonly ok: true; readonly tip: DialPoint | null }
  | { readonly ok: false }
);

/** Looks for a needle off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<DialAsked>) => {
  const { id, picture, pivot, radius } = data;
  try {
    const pixels = await pixelsOf(picture);
    const x = Math.max(0, Math.floor(pivot[0] - radius - 2));
    const y = Math.max(0, Math.floor(pivot[1] - radius - 2));
    const part = {
      x,
      y,
      width: Math.min(pixels.width, Math.ceil(pivot[0] + radius + 2)) - x,
      height: Math.min(pixels.height, Math.ceil(pivot[1] + radius + 2)) - y,
    };
    const tip = findNeedle(greyOf(pixels, part), [pivot[0] - x, pivot[1] - y], radius);
    self.postMessage({ id, ok: true, tip: tip && [tip[0] + x, tip[1] + y] } satisfies DialAnswer);
  } catch {
    self.postMessage({ id, ok: false } satisfies DialAnswer);
  }
};
