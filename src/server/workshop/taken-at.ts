import exifr from 'exifr';

interface Exif {
  readonly DateTimeOriginal?: unknown;
  readonly CreateDate?: unknown;
  readonly OffsetTimeOriginal?: unknown;
  readonly OffsetTime?: unknown;
  readonly OffsetTimeDigitized?: unknown;
}
const PICK = ['DateTimeOriginal', 'CreateDate', 'OffsetTimeOriginal', 'OffsetTime', 'OffsetTimeDigitized'];

const read = (bytes: Buffer): Promise<Exif | null> =>
  exifr.parse(bytes, { pick: PICK, reviveValues: false }).catch(() => null);

/** The beginnings of TIFF blocks, as EXIF stands in a HEIC's item (ISO/IEC 23008-12, annex A), in either byte order. */
const TIFF = [Buffer.from('II*\0', 'latin1'), Buffer.from('MM\0*', 'latin1')];
const MOST_BLOCKS = 8;

/** EXIF of a HEIC whose item the reader does not find by itself: the first TIFF block that holds a moment. */
async function inItem(bytes: Buffer): Promise<Exif | null> {
  const starts = TIFF.flatMap((mark) => {
    const at: number[] = [];
    for (let i = bytes.indexOf(mark); i >= 0 && at.length < MOST_BLOCKS; i = bytes.indexOf(mark, i + 1)) at.push(i);
    return at;
  }).sort((a, b) => a - b);
  for (const start of starts) {
    const exif = await read(bytes.subarray(start));
    if (exif?.DateTimeOriginal || exif?.CreateDate) return exif;
  }
  return null;
}

const text = (v: unknown) => (typeof v === 'string' ? v : '');

/**
 * When a picture was taken, by its EXIF: local time with its own offset (EXIF 2.31, OffsetTimeOriginal), read as UTC where
 * it states none. Null where it states no time.
 */
export async function takenAt(bytes: Buffer, heic: boolean): Promise<Date | null> {
  const plain = await read(bytes);
  const exif = plain?.DateTimeOriginal || plain?.CreateDate || !heic ? plain : await inItem(bytes);
  const original = text(exif?.DateTimeOriginal);
  const m = /^(\d{4}):(\d\d):(\d\d) (\d\d):(\d\d):(\d\d)/.exec(original || text(exif?.CreateDate));
  if (!m) return null;
  const offset = text(original ? exif?.OffsetTimeOriginal : exif?.OffsetTimeDigitized) || text(exif?.OffsetTime);
  const zone = /^[+-]([01]\d|2[0-3]):[0-5]\d$/.test(offset) ? offset : 'Z';
  const at = new Date(`${m[1]}-${m[2]}-${m[3]}T${m[4]}:${m[5]}:${m[6]}${zone}`);
  return Number.isNaN(at.getTime()) ? null : at;
}
