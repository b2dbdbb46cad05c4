import { homographyOf, mapped, type Point } from '../image/homography';
import type { BodyOf } from '../kinds';
import { Z_90 } from '../stats/normal';
import { cardPlane, cardSize } from './gap/card-shape';
import type { GapResult, GapStation } from './gap/order';
import { GAP_LIMITS } from './gap-limits';
import { type SeamSummary, summarise } from './seam-summary';

export type MeasuredGap = Extract<GapResult, { ok: true }>;

/** What an inspector changes at one station: leaves it out, or moves its edges across the seam, mm, to the right positive. */
export interface Correction {
  readonly dropped: boolean;
  readonly movedMm: readonly [left: number, right: number];
}

export const NO_CORRECTION: Correction = { dropped: false, movedMm: [0, 0] };

export interface CorrectedStation extends GapStation {
  readonly touched: 'dropped' | 'moved' | null;
}

export interface CorrectedGap extends SeamSummary {
  readonly stations: readonly CorrectedStation[];
}

const { hypot } = Math;

/**
 * A measured seam with an inspector's corrections, by station number: places left out count no more, moved edges give their
 * new width with the doubt of a hand beside that of the picture; mean, range, taper and steps are summed up anew. `cardMm`
 * is the size the card was measured with. A station whose edges would cross keeps its width.
 */
export function correctedGap(
  found: MeasuredGap,
  cardMm: readonly [number, number],
  corrections: ReadonlyMap<number, Correction>,
): CorrectedGap {
  const stations = found.stations.map((s, i): CorrectedStation => {
    const { dropped, movedMm } = corrections.get(i) ?? NO_CORRECTION;
    const moved = movedMm.some((mm) => mm !== 0) ? movedStation(found, cardMm, s, movedMm) : s;
    return { ...moved, touched: dropped ? 'dropped' : moved === s ? null : 'moved' };
  });
  const counted = stations.map((s) => (s.touched === 'dropped' ? { ...s, widthMm: null } : s));
  return { stations, ...summarise(counted, found.scaleShare) };
}

function movedStation(
  found: MeasuredGap,
  cardMm: readonly [number, number],
  s: GapStation,
  [left, right]: readonly [number, number],
): GapStation {
  if (!s.widthMm || !s.columns || !s.edgesPx) return s;
  const { colMm, rowMm, cols, at, rows } = found.strip;
  const columns = [s.columns[0] + left / colMm, s.columns[1] + right / colMm] as const;
  const across = s.columns[1] - s.columns[0];
  if (!(columns[1] > columns[0]) || columns[0] < 0 || columns[1] > cols - 1) return s;
  // The share by which widths along the strip's columns differ from those across the seam stays what it was.
  const value = (s.widthMm.value! * (columns[1] - columns[0])) / across;
  const half = hypot((s.widthMm.high! - s.widthMm.low!) / 2, GAP_LIMITS.handMm);
  const p = at[Math.min(rows - 1, Math.round(s.sMm / rowMm))]!;
  const toPicture = homographyOf(cardPlane(cardSize(cardMm, found.cardPx)), found.cardPx);
  const on = (col: number): Point | null => {
    const t = (col - (cols - 1) / 2) * colMm;
    return toPicture && mapped(toPicture, p.x + t * p.nx, p.y + t * p.ny);
  };
  const [a, b] = [on(columns[0]), on(columns[1])];
  return {
    ...s,
    columns,
    edgesPx: a && b ? [a, b] : s.edgesPx,
    widthMm: { ...s.widthMm, value, low: Math.max(0, value - half), high: value + half },
  };
}

/** The stations of a corrected measure as they are kept on record, the piece on the picture beginning `fromMm` along the seam. */
export function recordedStations({ stations }: CorrectedGap, fromMm: number): BodyOf<'gap'>['stations'] {
  return stations.map((s) => ({
    sMm: fromMm + s.sMm,
    gapMm: s.widthMm?.value ?? null,
    gapSeMm: s.widthMm ? (s.widthMm.high! - s.widthMm.low!) / (2 * Z_90) : null,
    flushMm: null,
    flushSeMm: null,
    edgesPx: s.edgesPx && [[...s.edgesPx[0]], [...s.edgesPx[1]]],
    touched: s.touched,
    refused: s.refused,
  }));
}

/** Where along a seam of some length a piece that one picture shows may lie. */
export const PIECES = ['start', 'middle', 'end'] as const;
export type Piece = (typeof PIECES)[number];

/** How far along the seam a piece begins, mm; 0 where the piece is as long as the seam. */
export function pieceFrom(
  piece: Piece,
  found: { readonly stations: readonly { sMm: number }[] },
  seamMm: number,
): number {
  const over = Math.max(0, seamMm - (found.stations.at(-1)?.sMm ?? 0));
  return Math.round(piece === 'start' ? 0 : piece === 'middle' ? over / 2 : over);
}
