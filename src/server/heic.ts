import { Worker } from 'node:worker_threads';
import sharp from 'sharp';

/** Whether the bytes are a HEIC or HEIF picture by their file-type box (ISO/IEC 23008-12). */
export function looksLikeHeic(bytes: Uint8Array): boolean {
  if (bytes.length < 16) return false;
  const text = Buffer.from(bytes.buffer, bytes.byteOffset, 16).toString('latin1');
  return text.slice(4, 8) === 'ftyp' && /^(heic|heix|hevc|heim|heis|mif1|msf1)/.test(text.slice(8, 12));
}

// The decoder is compiled to WebAssembly and would hold the server up for a second: it works in a thread of its own.
const DECODE = `
const { parentPort, workerData } = require('node:worker_threads');
require('heic-decode')({ buffer: workerData.bytes }).then(
  (p) => parentPort.postMessage({ width: p.width, height: p.height, data: p.data }, [p.data.buffer]),
  () => parentPort.postMessage(null));`;

/** A HEIC picture as JPEG, turned upright; null when it cannot be read or is too large. */
export async function heicToJpeg(bytes: Uint8Array, mostPixels: number): Promise<Buffer | null> {
  const pixels = await new Promise<{ width: number; height: number; data: Uint8ClampedArray } | null>((resolve) => {
    const worker = new Worker(DECODE, {
      eval: true,
      workerData: { bytes },
      resourceLimits: { maxOldGenerationSizeMb: 512 },
    });
    const limit = setTimeout(() => void worker.terminate(), 60_000);
    worker.once('message', resolve);
    worker.once('error', () => resolve(null));
    worker.once('exit', () => {
      clearTimeout(limit);
      resolve(null);
    });
  });
  if (!pixels || pixels.width * pixels.height > mostPixels) return null;
  const { width, height, data } = pixels;
  return sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } })
    .flatten({ background: '#fff' })
    .jpeg({ quality: 92 })
    .toBuffer();
}
