import decodeHeic from 'heic-decode';
import sharp from 'sharp';

/** Whether the bytes are a HEIC or HEIF picture by their file-type box (ISO/IEC 23008-12). */
export function looksLikeHeic(bytes: Uint8Array): boolean {
  if (bytes.length < 16) return false;
  const text = Buffer.from(bytes.buffer, bytes.byteOffset, 16).toString('latin1');
  return text.slice(4, 8) === 'ftyp' && /^(heic|heix|hevc|heim|heis|mif1|msf1)/.test(text.slice(8, 12));
}

/** A HEIC picture as JPEG, turned upright; null when it cannot be read or is too large. */
export async function heicToJpeg(bytes: Uint8Array, mostPixels: number): Promise<Buffer | null> {
  // The first picture is opened before it is unpacked, so that its size is known in time.
  const opened = await decodeHeic.all({ buffer: bytes }).catch(() => null);
  const first = opened?.[0];
  const fits = first && first.width * first.height <= mostPixels;
  const pixels = fits ? await first.decode().catch(() => null) : null;
  opened?.dispose();
  if (!pixels) return null;
  const { width, height, data } = pixels;
  return sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } })
    .flatten({ background: '#fff' })
    .jpeg({ quality: 92 })
    .toBuffer();
}
