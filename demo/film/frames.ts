import sharp from 'sharp';
import { drawPicture } from '../pictures';
import { COLOUR, LAP } from './script';

export const FRAME = { widthPx: 854, heightPx: 480, perS: 8 } as const;
/** What is drawn of a place is so much wider and higher than the frame, which wanders over it. */
const ROOM = 1.18;
const SEED = 1800;

interface Drawn {
  readonly pixels: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}
const drawn = new Map<number, Promise<Drawn>>();

/** A place of the lap as drawn, the same at every call. */
function place(scene: number): Promise<Drawn> {
  const known = drawn.get(scene);
  if (known) return known;
  const { shows, figure } = LAP[scene]!;
  const [widthPx, heightPx] = [Math.round(FRAME.widthPx * ROOM), Math.round(FRAME.heightPx * ROOM)];
  const made = drawPicture({ subject: shows, seed: SEED + scene, colour: COLOUR, ...(figure && { figure }) })
    .then((jpeg) => sharp(jpeg).resize(widthPx, heightPx, { fit: 'cover' }).removeAlpha().raw().toBuffer())
    .then((pixels) => ({ pixels, widthPx, heightPx }));
  drawn.set(scene, made);
  return made;
}

/** One frame of the film as RGB rows: a place, and how far the telephone has wandered over it, 0 to 1. */
export async function frame(scene: number, share: number): Promise<Buffer> {
  const { pixels, widthPx, heightPx } = await place(scene);
  const back = scene % 2 === 1;
  const left = Math.round((widthPx - FRAME.widthPx) * (back ? 1 - share : share));
  const top = Math.round(((heightPx - FRAME.heightPx) / 2) * (1 + 0.6 * Math.sin(3 * share + scene)));
  const out = Buffer.alloc(FRAME.widthPx * FRAME.heightPx * 3);
  for (let y = 0; y < FRAME.heightPx; y++) {
    const from = ((top + y) * widthPx + left) * 3;
    pixels.copy(out, y * FRAME.widthPx * 3, from, from + FRAME.widthPx * 3);
  }
  return out;
}

/** A frame as a JPEG, for a still. */
export const stillOf = async (scene: number, share: number): Promise<Buffer> =>
  sharp(await frame(scene, share), { raw: { width: FRAME.widthPx, height: FRAME.heightPx, channels: 3 } })
    .jpeg({ quality: 84 })
    .toBuffer();
