import type { Patch } from '@/core/image/pixels';
import { type Waves, wavesOf } from '@/core/waves/waves';
import { pixelsOf } from './picture-pixels';

export interface WavesAsked {
  readonly id: number;
  readonly picture: string;
  readonly stretch: Patch;
  readonly lengthMm: number;
}
export type WavesAnswer = { readonly id: number } & (
  | { readonly ok: true; readonly waves: Waves }
  | { readonly ok: false }
);

/** Reads waves off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<WavesAsked>) => {
  const { id, picture, stretch, lengthMm } = data;
  try {
    const waves = wavesOf(await pixelsOf(picture), stretch, lengthMm);
    self.postMessage({ id, ok: true, waves } satisfies WavesAnswer);
  } catch {
    self.postMessage({ id, ok: false } satisfies WavesAnswer);
  }
};
