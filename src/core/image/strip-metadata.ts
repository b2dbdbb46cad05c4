/** Kinds of picture that are taken. */
export type PictureType = 'image/jpeg' | 'image/png' | 'image/webp';

const ascii = (b: Uint8Array, at: number, n: number) => String.fromCharCode(...b.subarray(at, at + n));

/** The kind of picture by its first bytes, or null. */
export function sniffPicture(b: Uint8Array): PictureType | null {
  if (b.length > 3 && b[0] === 0xff && b[1] === 0xd8 && b[2] === 0xff) return 'image/jpeg';
  if (b.length > 8 && b[0] === 0x89 && ascii(b, 1, 3) === 'PNG') return 'image/png';
  if (b.length > 12 && ascii(b, 0, 4) === 'RIFF' && ascii(b, 8, 4) === 'WEBP') return 'image/webp';
  return null;
}

function joined(pieces: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(pieces.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const p of pieces) {
    out.set(p, at);
    at += p.length;
  }
  return out;
}

/** An Exif segment that holds the orientation and nothing else (Exif 2.32 §4.5, TIFF 6.0). */
function orientationSegment(orientation: number): Uint8Array {
  return Uint8Array.from([
    0xff,
    0xe1,
    0,
    34,
    0x45,
    0x78,
    0x69,
    0x66,
    0,
    0,
    0x4d,
    0x4d,
    0,
    42,
    0,
    0,
    0,
    8,
    0,
    1,
    0x01,
    0x12,
    0,
    3,
    0,
    0,
    0,
    1,
    0,
    orientation,
    0,
    0,
    0,
    0,
    0,
    0,
  ]);
}

/** JPEG markers that carry no picture: application 1 to 13 (Exif, XMP, IPTC …) but the colour profile, and comments. */
function droppable(marker: number): boolean {
  return (marker >= 0xe1 && marker <= 0xed && marker !== 0xe2) || marker === 0xef || marker === 0xfe;
}

function stripJpeg(b: Uint8Array, orientation: number): Uint8Array | null {
  const pieces: Uint8Array[] = [b.subarray(0, 2)];
  if (orientation > 1) pieces.push(orientationSegment(orientation));
  let at = 2;
  while (at + 4 <= b.length) {
    if (b[at] !== 0xff) return null;
    const marker = b[at + 1]!;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker === 0xda) {
      pieces.push(b.subarray(at));
      return joined(pieces);
    }
    const length = (b[at + 2]! << 8) | b[at + 3]!;
    if (length < 2 || at + 2 + length > b.length) return null;
    if (!droppable(marker)) pieces.push(b.subarray(at, at + 2 + length));
    at += 2 + length;
  }
  return null;
}

const PNG_DROPPED = new Set(['eXIf', 'tEXt', 'iTXt', 'zTXt', 'tIME']);

function stripPng(b: Uint8Array): Uint8Array | null {
  const view = new DataView(b.buffer, b.byteOffset, b.byteLength);
  const pieces: Uint8Array[] = [b.subarray(0, 8)];
  let at = 8;
  while (at + 12 <= b.length) {
    const length = view.getUint32(at);
    if (at + 12 + length > b.length) return null;
    const type = ascii(b, at + 4, 4);
    if (!PNG_DROPPED.has(type)) pieces.push(b.subarray(at, at + 12 + length));
    at += 12 + length;
    if (type === 'IEND') return joined(pieces);
  }
  return null;
}

function stripWebp(b: Uint8Array): Uint8Array | null {
  const view = new DataView(b.buffer, b.byteOffset, b.byteLength);
  const pieces: Uint8Array[] = [];
  let at = 12;
  while (at + 8 <= b.length) {
    const length = view.getUint32(at + 4, true);
    if (at + 8 + length > b.length) return null;
    const end = Math.min(b.length, at + 8 + length + (length & 1));
    const type = ascii(b, at, 4);
    if (type !== 'EXIF' && type !== 'XMP ') {
      const chunk = b.slice(at, end);
      // The extended header's flags say that Exif (bit 3) and XMP (bit 2) follow; they no longer do.
      if (type === 'VP8X') chunk[8] = chunk[8]! & ~0b1100;
      pieces.push(chunk);
    }
    at = end;
  }
  if (pieces.length === 0) return null;
  const body = joined(pieces);
  const header = b.slice(0, 12);
  new DataView(header.buffer).setUint32(4, body.length + 4, true);
  return joined([header, body]);
}

/**
 * Takes position, names and other notes out of a picture's bytes without touching the picture itself; a JPEG keeps
 * its orientation. Doing it twice changes nothing more. Returns null when the file's structure is broken.
 */
export function stripMetadata(bytes: Uint8Array, type: PictureType, orientation = 1): Uint8Array | null {
  if (type === 'image/jpeg') return stripJpeg(bytes, orientation);
  return type === 'image/png' ? stripPng(bytes) : stripWebp(bytes);
}
