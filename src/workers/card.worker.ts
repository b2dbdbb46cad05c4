import { findCard } from '@/core/image/find-card';
import type { Point } from '@/core/image/homography';
import { pixelsOf } from './picture-pixels';

export interface CardAsked {
  readonly id: number;
  readonly picture: string;
}
export interface CardAnswer {
  readonly id: number;
  readonly corners: readonly Point[] | null;
}

/** Looks for a card off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<CardAsked>) => {
  const { id, picture } = data;
  try {
    self.postMessage({ id, corners: findCard(await pixelsOf(picture)) } satisfies CardAnswer);
  } catch {
    self.postMessage({ id, corners: null } satisfies CardAnswer);
  }
};
