/** Number of this way of taking notes out; pictures kept by an earlier one are gone over once (bin/strip-stored.ts). */
export const STRIPPED_BY = 2;

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

/** JPEG markers that carry no picture: application 1 to 13 and 15 (Exif, XMP, IPTC …) but the colour profile, and comments. */
function droppable(b: Uint8Array, at: number): boolean {
  const marker = b[at + 1]!;
  // Application 2 is a colour profile (ICC.1 annex B.4), or an index of further pictures that may hold anything.
  // Application 0 names the form (JFIF), or holds a small picture of its own (JFXX).
  if (marker === 0xe0) return ascii(b, at + 4, 5) === 'JFXX\0';
  if (marker === 0xe2) return ascii(b, at + 4, 12) !== 'ICC_PROFILE\0';
  return (marker >= 0xe1 && marker <= 0xed) || marker === 0xef || marker === 0xfe;
}

/** Where the entropy-coded data from `at` on ends: at the next marker that is neither stuffing nor a restart (ITU-T T.81 B.1.1.5). */
function endOfScan(b: Uint8Array, at: number): number {
  for (let i = at; i + 1 < b.length; i++) {
    if (b[i] !== 0xff) continue;
    const next = b[i + 1]!;
    if (next === 0 || next === 0xff || (next >= 0xd0 && next <= 0xd7)) continue;
    return i;
  }
  return b.length;
}

/** Segment by segment and scan by scan to the picture's end; what stands behind it (further pictures, a film) is cut. */
function stripJpeg(b: Uint8Array, orientation: number): Uint8Array | null {
  const pieces: Uint8Array[] = [b.subarray(0, 2)];
  if (orientation > 1) pieces.push(orientationSegment(orientation));
  let at = 2;
  let scans = 0;
  while (at + 2 <= b.length) {
    if (b[at] !== 0xff) return null;
    const marker = b[at + 1]!;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker === 0xd9) return scans > 0 ? joined([...pieces, b.subarray(at, at + 2)]) : null;
    if (at + 4 > b.length) break;
    const length = (b[at + 2]! << 8) | b[at + 3]!;
    if (length < 2 || at + 2 + length > b.length) return null;
    const next = at + 2 + length;
    if (marker === 0xda) {
      scans++;
      const end = endOfScan(b, next);
      pieces.push(b.subarray(at, end));
      at = end;
    } else {
      if (!droppable(b, at)) pieces.push(b.subarray(at, next));
      at = next;
    }
  }
  return null;
}

/** Chunks that the picture needs (PNG, third edition, 5.6 and 11.3); what else a file holds is nobody's business. */
const PNG_KEPT = new Set(
  'IHDR PLTE IDAT IEND tRNS cHRM gAMA iCCP sBIT sRGB cICP bKGD hIST pHYs sPLT acTL fcTL fdAT'.split(' '),
);

function stripPng(b: Uint8Array): Uint8Array | null {
  const view = new DataView(b.buffer, b.byteOffset, b.byteLength);
  const pieces: Uint8Array[] = [b.subarray(0, 8)];
  let at = 8;
  while (at + 12 <= b.length) {
    const length = view.getUint32(at);
    if (at + 12 + length > b.length) return null;
    const type = ascii(b, at + 4, 4);
    if (PNG_KEPT.has(type)) pieces.push(b.subarray(at, at + 12 + length));
    at += 12 + length;
    if (type === 'IEND') return joined(pieces);
  }
  return null;
}

/** Chunks that the picture needs (WebP container, RFC 9649). */
const WEBP_KEPT = new Set(['VP8 ', 'VP8L', 'VP8X', 'ALPH', 'ANIM', 'ANMF', 'ICCP']);

function stripWebp(b: Uint8Array): Uint8Array | null {
  const view = new DataView(b.buffer, b.byteOffset, b.byteLength);
  const pieces: Uint8Array[] = [];
  let at = 12;
  while (at + 8 <= b.length) {
    const length = view.getUint32(at + 4, true);
    if (at + 8 + length > b.length) return null;
    const end = Math.min(b.length, at + 8 + length + (length & 1));
    const type = ascii(b, at, 4);
    if (WEBP_KEPT.has(type)) {
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
