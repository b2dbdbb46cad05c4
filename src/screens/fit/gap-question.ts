import type { GapOrder } from '@/core/fit/gap/order';
import { BANK_CARD_MM, GAUGE_CARD, INNER_MARKS } from '@/core/fit/gauge-card';
import type { Point } from '@/core/image/homography';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import type { FramedPicture } from '@/workers/framed-pixels';

/** A measure for the worker: which picture, beside what is drawn on it in px of the original. */
export type GapQuestion = GapOrder & FramedPicture;

export const CORNERS = 4;

/** Cards of known size, mm; the first by ISO/IEC 7810. */
export const CARDS = {
  'Bank card, 85.60 × 53.98': BANK_CARD_MM,
  'Gauge card, 120 × 80': [GAUGE_CARD.widthMm, GAUGE_CARD.heightMm],
} as const;

export const makeGapWorker = () =>
  new Worker(new URL('../../workers/gap.worker.ts', import.meta.url), { type: 'module' });
export const makeCardFinder = () =>
  new Worker(new URL('../../workers/card.worker.ts', import.meta.url), { type: 'module' });

/** A typed card size, "100 x 60"; zeros while it is none. */
export function typedCard(text: string): readonly [number, number] {
  const own = /^(\d+(?:[.,]\d+)?)\s*[x×]\s*(\d+(?:[.,]\d+)?)$/.exec(text.trim());
  return [Number(own?.[1]?.replace(',', '.') ?? 0), Number(own?.[2]?.replace(',', '.') ?? 0)];
}

/** The question once a card and at least two places of the seam are on the picture; null before. */
export function gapQuestion(
  picture: FramedPicture,
  cardMm: readonly [number, number],
  points: readonly Point[],
): GapQuestion | null {
  const [w, h] = cardMm;
  if (points.length < CORNERS + 2 || !(w > 0) || !(h > 0)) return null;
  const isGaugeCard = w === GAUGE_CARD.widthMm && h === GAUGE_CARD.heightMm;
  return {
    ...picture,
    cardMm,
    cardPx: points.slice(0, CORNERS),
    seamPx: points.slice(CORNERS),
    ...(isGaugeCard && { marksMm: INNER_MARKS }),
  };
}

/** The question that a kept measure answered, for measuring it again; null where it was typed or its picture is gone. */
export function questionOf(gap: BodyOf<'gap'>, photo: StoredRecord<'photo'> | undefined): GapQuestion | null {
  if (!gap.photo || !photo) return null;
  return gapQuestion({ sha256: photo.body.sha256, frameWidthPx: photo.body.widthPx }, gap.photo.cardMm, [
    ...gap.photo.cardPx,
    ...gap.photo.seamPx,
  ]);
}
