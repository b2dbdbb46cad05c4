import { type ColourComparison, compareColours, type Patch } from '@/core/colour/compare';

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

/** The picture asked for last, so that moving a place does not read it again. */
let held: { picture: string; pixels: Promise<ImageData> } | null = null;

async function pixelsOf(picture: string): Promise<ImageData> {
  const answer = await fetch(picture);
  if (!answer.ok) throw new Error('no picture');
  const bitmap = await createImageBitmap(await answer.blob());
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0);
  return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

/** Compares colours off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<ColourAsked>) => {
  const { id, picture, card, a, b } = data;
  try {
    if (held?.picture !== picture) held = { picture, pixels: pixelsOf(picture) };
    const pixels = await held.pixels;
    const answer: ColourAnswer = { id, ok: true, comparison: compareColours(pixels, card, a, b) };
    self.postMessage(answer);
  } catch {
    held = null;
    self.postMessage({ id, ok: false } satisfies ColourAnswer);
  }
};
