import sharp from 'sharp';
import { PHOTO_LIMITS } from '../photo-limits';

/** A rectangle on a picture, px of the picture as it was kept. */
export interface BlurBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
export interface BlurOrder {
  readonly kept: Uint8Array;
  readonly boxes: readonly BlurBox[];
  /** Longest side of what is made, px. */
  readonly most: number;
}

/** Fields across a box that is made unreadable: what is left of a face or a plate is so many patches of mean colour. */
const FIELDS = 7;

/** The part of a box that lies on the picture, or null. */
function within({ x, y, width, height }: BlurBox, w: number, h: number) {
  const left = Math.max(0, Math.floor(x));
  const top = Math.max(0, Math.floor(y));
  const right = Math.min(w, Math.ceil(x + width));
  const bottom = Math.min(h, Math.ceil(y + height));
  return right > left && bottom > top ? { left, top, width: right - left, height: bottom - top } : null;
}

/** The upright copy of a picture with its boxes as a few patches of mean colour: what they showed is not in it any more. */
export async function blurredCopy({ kept, boxes, most }: BlurOrder): Promise<Buffer> {
  const { data, info } = await sharp(kept, { limitInputPixels: PHOTO_LIMITS.pixels })
    .autoOrient()
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const raw = { raw: { width: info.width, height: info.height, channels: info.channels } };
  const patches = await Promise.all(
    boxes.flatMap((box) => {
      const own = within(box, info.width, info.height);
      if (!own) return [];
      const rows = Math.max(1, Math.round((FIELDS * own.height) / own.width));
      return [
        sharp(data, raw)
          .extract(own)
          .resize(Math.min(FIELDS, own.width), Math.min(rows, own.height), { fit: 'fill', kernel: 'cubic' })
          .png()
          .toBuffer()
          .then((small) =>
            sharp(small).resize(own.width, own.height, { fit: 'fill', kernel: 'nearest' }).png().toBuffer(),
          )
          .then((input) => ({ input, left: own.left, top: own.top })),
      ];
    }),
  );
  const whole = await sharp(data, raw).composite(patches).png({ compressionLevel: 1 }).toBuffer();
  return sharp(whole).resize(most, most, { fit: 'inside', withoutEnlargement: true }).webp({ quality: 82 }).toBuffer();
}
