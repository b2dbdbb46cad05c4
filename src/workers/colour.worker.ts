import { type ColourComparison, compareColours } from '@/core/colour/compare';
import type { Patch } from '@/core/image/pixels';
import { pixelsOf } from './picture-pixels';

export interface ColourAsked {
  readonly id: number;
  readonly picture: string;
  readonly card: Patch;
  readonly a: Patch;
  readonly b: Patch;
}
export type ColourAnswer = { readonly id: number } & (
  | { readonly ok: true; readonly comparison: ColourComparison }
  | { readonly ok: false }
);

/** Compares colours off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<ColourAsked>) => {
  const { id, picture, card, a, b } = data;
  try {
    const pixels = await pixelsOf(picture);
    const answer: ColourAnswer = { id, ok: true, comparison: compareColours(pixels, card, a, b) };
    self.postMessage(answer);
  } catch {
    self.postMessage({ id, ok: false } satisfies ColourAnswer);
  }
};
