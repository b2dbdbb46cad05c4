import { findCard } from '@/core/image/find-card';
import type { Point } from '@/core/image/homography';
import { type FramedPicture, framedPixels } from './framed-pixels';

export interface CardAsked extends FramedPicture {
  readonly id: number;
}
export interface CardAnswer {
  readonly id: number;
  /** In px of the original. */
  readonly corners: readonly Point[] | null;
}

/** Looks for a card off the page's thread, on the large copy: roughly will do. */
self.onmessage = async ({ data }: MessageEvent<CardAsked>) => {
  const { id, ...picture } = data;
  try {
    const { pixels, back } = await framedPixels(picture, ['2048', 'full']);
    self.postMessage({ id, corners: findCard(pixels)?.map(back) ?? null } satisfies CardAnswer);
  } catch {
    self.postMessage({ id, corners: null } satisfies CardAnswer);
  }
};
