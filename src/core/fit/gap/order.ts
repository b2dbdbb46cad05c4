import type { GapRefusal } from '../../catalogue/gap-refusals';
import type { Point } from '../../image/homography';
import type { Estimate } from '../../stats/estimate';
import type { SeamStrip } from '../seam-strip';
import type { SeamSummary } from '../seam-summary';

export interface GapOrder {
  /** Width and height of the card, mm. */
  readonly cardMm: readonly [number, number];
  /** The card's corners on the picture, px, clockwise; rough taps will do. */
  readonly cardPx: readonly Point[];
  /** The seam as roughly drawn, px. */
  readonly seamPx: readonly Point[];
  readonly stepMm?: number;
  /** Dark marks on the card, mm from its first corner, that lie where they should when it is flat; the same turned round. */
  readonly marksMm?: readonly Point[];
}

/** What is being done, in this order. */
export const GAP_STAGES = ['card', 'slot', 'edges'] as const;

export type GapStage = (typeof GAP_STAGES)[number];

export interface GapStation {
  readonly sMm: number;
  /** The gap with its 10 and 90 % points, or why there is none. */
  readonly widthMm: Estimate | null;
  readonly refused: 'no-slot' | null;
  /** The edges on the picture, px; null where refused. */
  readonly edgesPx: readonly [Point, Point] | null;
  /** The same edges on the strip, columns. */
  readonly columns: readonly [number, number] | null;
}

export type GapResult =
  | ({
      readonly ok: true;
      readonly pxPerMm: number;
      readonly tiltDeg: number;
      readonly reprojectionPx: number;
      readonly stations: readonly GapStation[];
      readonly warnings: readonly ('tilted' | 'card-not-refined')[];
      readonly cardPx: readonly Point[];
      /** The share by which all widths may be off together, from the corners' error. */
      readonly scaleShare: number;
      /** The seam laid straight, as the edges were found on it. */
      readonly strip: SeamStrip;
    } & SeamSummary)
  | { readonly ok: false; readonly reason: GapRefusal };

export const refuse = (reason: GapRefusal): GapResult => ({ ok: false, reason });
