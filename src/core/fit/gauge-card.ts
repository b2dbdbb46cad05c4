import type { Point } from '../image/homography';

/** A bank card, mm (format ID-1 of ISO/IEC 7810). */
export const BANK_CARD_MM = [85.6, 53.98] as const;

/** Our own printable gauge card, mm: its size, its corner marks, and the inner marks that show whether it lies flat. */
export const GAUGE_CARD = { widthMm: 120, heightMm: 80, markMm: 8, insetMm: 4, innerMm: 3 } as const;

/** Middles of the inner marks from the first corner; the same when the card is turned round. */
export const INNER_MARKS: readonly Point[] = [0.25, 0.5, 0.75].flatMap((sx) =>
  [0.3, 0.7].map((sy): Point => [GAUGE_CARD.widthMm * sx, GAUGE_CARD.heightMm * sy]),
);
