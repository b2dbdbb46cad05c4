/** Kinds of film that are taken. */
type Sniffed = 'video/mp4' | 'video/webm' | 'video/quicktime';

const ascii = (b: Uint8Array, at: number, n: number) => String.fromCharCode(...b.subarray(at, at + n));
/** First bytes of an EBML file (RFC 8794 §11.2.1). */
const EBML = [0x1a, 0x45, 0xdf, 0xa3];

/** The kind of film by its first bytes, or null: ISO 14496-12 §4.3 (a `ftyp` box first) or a WebM by its document type. */
export function sniffFilm(head: Uint8Array): Sniffed | null {
  if (head.length >= 12 && ascii(head, 4, 4) === 'ftyp')
    return ascii(head, 8, 4) === 'qt  ' ? 'video/quicktime' : 'video/mp4';
  const webm = EBML.every((x, i) => head[i] === x) && ascii(head, 0, Math.min(64, head.length)).includes('webm');
  return webm ? 'video/webm' : null;
}

/** Boxes that hold others, down to where notes can lie. */
const HOLDS = new Set(['moov', 'trak']);
/** Boxes of notes: places, names, what the maker of the telephone adds. Nothing in them is needed to play the film. */
const NOTES = new Set(['udta', 'meta']);
/** What a box is called that players pass over (ISO 14496-12 §8.1.2). */
export const FREE = Uint8Array.from([0x66, 0x72, 0x65, 0x65]);
const HEADER = 8;
const WIDE_HEADER = 16;
/** No film has as many boxes down to its tracks; more is damage or an attack. */
const MOST_BOXES = 10_000;

export type ReadAt = (at: number, length: number) => Promise<Uint8Array>;

/**
 * Where the names of boxes of notes stand in an ISO base media file, in bytes from its beginning: written over with
 * `FREE` at each, the notes are passed over by every player, and no offset of the film's pictures changes. The notes' own
 * bytes are given too, so that they can be blanked. Null where the boxes do not fit the file.
 */
export async function notesOf(
  size: number,
  read: ReadAt,
): Promise<readonly { readonly nameAt: number; readonly from: number; readonly to: number }[] | null> {
  const found: { nameAt: number; from: number; to: number }[] = [];
  let boxes = 0;
  const walk = async (from: number, to: number): Promise<boolean> => {
    for (let at = from; at + HEADER <= to; ) {
      if (++boxes > MOST_BOXES) return false;
      const head = await read(at, Math.min(WIDE_HEADER, to - at));
      const view = new DataView(head.buffer, head.byteOffset, head.byteLength);
      const name = ascii(head, 4, 4);
      let [length, header] = [view.getUint32(0), HEADER];
      if (length === 1 && head.length >= WIDE_HEADER) [length, header] = [Number(view.getBigUint64(8)), WIDE_HEADER];
      else if (length === 0) length = to - at;
      if (length < header || at + length > to) return false;
      if (NOTES.has(name)) found.push({ nameAt: at + 4, from: at + header, to: at + length });
      else if (HOLDS.has(name) && !(await walk(at + header, at + length))) return false;
      at += length;
    }
    return true;
  };
  return (await walk(0, size)) ? found : null;
}
