import sharp from 'sharp';
import { plating } from '../src/core/bright/plating';
import { compareColours } from '../src/core/colour/compare';
import { correctedGap, recordedStations } from '../src/core/fit/by-hand';
import { measureGap } from '../src/core/fit/gap/measure';
import { BANK_CARD_MM } from '../src/core/fit/gauge-card';
import { coverToKeep, type KeptShare, keptShare } from '../src/core/image/kept-share';
import type { Pixels } from '../src/core/image/pixels';
import type { RecordKind } from '../src/core/kinds';
import { rustShare } from '../src/core/metal/rust-share';
import type { Estimate } from '../src/core/stats/estimate';
import { wavesOf } from '../src/core/waves/waves';
import { seamPlaces } from '../src/instruments/camera';
import type { PhotoOrder } from './lot';
import { GREY_CARD_PLACES, type PictureOrder, STRIPES_LENGTH_MM, STRIPES_PLACE, seamScene } from './pictures';

/** A drawn picture that something is measured on. */
export interface DrawnPicture {
  readonly photo: string;
  readonly pixels: Pixels;
  readonly order: PhotoOrder;
  readonly drawn: PictureOrder;
}

/** The pixels of a coded picture. */
export async function pixelsOf(bytes: Buffer): Promise<Pixels> {
  const { data, info } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height };
}

const figures = ({ value, low, high }: Estimate) => ({ value: value!, low: low!, high: high! });

function must<T extends { ok: boolean }>(found: T, what: string): Extract<T, { ok: true }> {
  if (!found.ok) throw new Error(`${what} was refused: ${JSON.stringify(found)}`);
  return found as Extract<T, { ok: true }>;
}

function keptOf(found: { cover: Float32Array; width: number; height: number }): KeptShare {
  const small = coverToKeep(found);
  return keptShare(small.cover, small.width, small.height);
}

/** What a share holds, whatever the defect. */
const shared = (photo: string, { width, height }: Pixels, order: PhotoOrder, { areaShare, mask }: KeptShare) => ({
  zone: order.zone,
  photo,
  stretch: { x: 0, y: 0, width, height },
  mask,
  areaShare,
  where: order.caption,
});

/**
 * What can be measured on a drawn picture, by the kind of record it makes, with the same functions as the screens. A
 * measure is one entry here.
 */
export const MEASURED = {
  colour: ({ photo, pixels, order }) => {
    const { card, a, b } = GREY_CARD_PLACES;
    const found = must(compareColours(pixels, card, a, b), 'the drawn grey card');
    const deltaE = figures(found.deltaE);
    return {
      zone: order.zone,
      against: order.against,
      angles: [{ photo, card, a, b, deltaE }],
      deltaE,
      verdict: found.verdict,
    };
  },
  gap: ({ photo, pixels, order, drawn }) => {
    const { cardPx, seamPx } = seamPlaces(seamScene(drawn));
    const asked = { cardMm: BANK_CARD_MM, cardPx, seamPx };
    const found = must(measureGap(pixels, asked), 'the drawn seam');
    const { pxPerMm, tiltDeg, reprojectionPx } = found;
    return {
      seam: order.seam,
      by: 'photo',
      stations: recordedStations(correctedGap(found, BANK_CARD_MM, new Map()), 0),
      photo: { id: photo, ...asked, pxPerMm, tiltDeg, reprojectionPx },
    };
  },
  plating: ({ photo, pixels, order }) => {
    const kept = keptOf(must(plating(pixels), 'the drawn plating'));
    return { ...shared(photo, pixels, order, kept), second: null, pits: kept.spots, pitsPerDm2: null };
  },
  rust: ({ photo, pixels, order }) => shared(photo, pixels, order, keptOf(must(rustShare(pixels), 'the drawn panel'))),
  waves: ({ photo, pixels, order }) => {
    const found = must(wavesOf(pixels, STRIPES_PLACE, STRIPES_LENGTH_MM), 'the drawn stripes');
    return {
      zone: order.zone,
      photo,
      stretch: STRIPES_PLACE,
      lengthMm: STRIPES_LENGTH_MM,
      shortMm: figures(found.shortMm),
      longMm: figures(found.longMm),
      edges: found.edges.length,
    };
  },
} satisfies Partial<Record<RecordKind, (picture: DrawnPicture) => object>>;
export type Measured = keyof typeof MEASURED;
