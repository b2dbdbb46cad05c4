import { type GapOrder, type GapResult, measureGap } from '@/core/fit/gap';
import { pixelsOf } from './picture-pixels';

export interface GapAsked extends GapOrder {
  readonly id: number;
  readonly picture: string;
}
export type GapAnswer = { readonly id: number } & (
  | { readonly ok: true; readonly gap: GapResult }
  | { readonly ok: false }
);

/** Measures gaps off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<GapAsked>) => {
  const { id, picture, ...order } = data;
  try {
    self.postMessage({ id, ok: true, gap: measureGap(await pixelsOf(picture), order) } satisfies GapAnswer);
  } catch {
    self.postMessage({ id, ok: false } satisfies GapAnswer);
  }
};
