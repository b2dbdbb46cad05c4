import type { Mask } from '@/core/image/masked';
import type { Pixels } from '@/core/image/pixels';
import { readBytes } from './files';
import { Refusal } from './refusals';

/** A picture's pixels as it is seen, turned by its own note; refuses what is no picture. */
export async function readPicture(path: string): Promise<Pixels> {
  const bytes = readBytes(path);
  const { default: sharp } = await import('sharp');
  try {
    const { data, info } = await sharp(bytes).rotate().ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    return { data, width: info.width, height: info.height };
  } catch {
    throw new Refusal('unreadable', { message: `${path} is no picture that can be read` });
  }
}

/** A mask from a picture of the same size: what is bright in it and not clear is looked at. */
export async function readMask(path: string, { width, height }: Pixels): Promise<Mask> {
  const { data, ...size } = await readPicture(path);
  if (size.width !== width || size.height !== height)
    throw new Refusal('mask-size', {
      message: `the mask is ${size.width} × ${size.height} px, the picture ${width} × ${height}`,
    });
  return Uint8Array.from({ length: width * height }, (_, i) =>
    data[4 * i + 3]! > 127 && data[4 * i]! + data[4 * i + 1]! + data[4 * i + 2]! > 382 ? 1 : 0,
  );
}
