import { measureGap } from '@/core/fit/gap/measure';
import type { GapOrder, GapResult, GapStage } from '@/core/fit/gap/order';
import { type FramedPicture, framedPixels } from './framed-pixels';

/** Places are in px of the original. */
export interface GapAsked extends GapOrder, FramedPicture {
  readonly id: number;
}
export type GapAnswer = { readonly id: number } & (
  | { readonly ok: true; readonly gap: GapResult }
  | { readonly ok: false }
);

/** How far it is, before the answer. */
export interface GapProgress {
  readonly id: number;
  readonly stage: GapStage | 'picture';
}

/** Measures gaps off the page's thread. */
self.onmessage = async ({ data }: MessageEvent<GapAsked>) => {
  const { id, sha256, frameWidthPx, ...order } = data;
  try {
    const tell = (stage: GapProgress['stage']) => self.postMessage({ id, stage } satisfies GapProgress);
    tell('picture');
    const { pixels, k, into, back } = await framedPixels({ sha256, frameWidthPx }, ['full', '2048']);
    const asked = { ...order, cardPx: order.cardPx.map(into), seamPx: order.seamPx.map(into) };
    const gap = measureGap(pixels, asked, tell);
    const answer: GapResult = gap.ok
      ? {
          ...gap,
          pxPerMm: gap.pxPerMm / k,
          reprojectionPx: gap.reprojectionPx / k,
          cardPx: gap.cardPx.map(back),
          stations: gap.stations.map((s) => ({
            ...s,
            edgesPx: s.edgesPx && ([back(s.edgesPx[0]), back(s.edgesPx[1])] as const),
          })),
        }
      : gap;
    self.postMessage({ id, ok: true, gap: answer } satisfies GapAnswer);
  } catch {
    self.postMessage({ id, ok: false } satisfies GapAnswer);
  }
};
