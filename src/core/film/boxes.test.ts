import { notesOf, sniffFilm } from './boxes';

const bytes = (text: string) => Uint8Array.from(text, (c) => c.charCodeAt(0));
function box(name: string, ...inside: Uint8Array[]): Uint8Array {
  const length = 8 + inside.reduce((n, b) => n + b.length, 0);
  const out = new Uint8Array(length);
  new DataView(out.buffer).setUint32(0, length);
  out.set(bytes(name), 4);
  let at = 8;
  for (const b of inside) {
    out.set(b, at);
    at += b.length;
  }
  return out;
}
const joined = (...parts: Uint8Array[]) => Uint8Array.from(parts.flatMap((p) => [...p]));
const read = (file: Uint8Array) => async (at: number, n: number) => file.subarray(at, at + n);

it('tells films by their first bytes and nothing else', () => {
  expect(sniffFilm(box('ftyp', bytes('isom0000')))).toBe('video/mp4');
  expect(sniffFilm(box('ftyp', bytes('qt  0000')))).toBe('video/quicktime');
  expect(sniffFilm(joined(Uint8Array.from([0x1a, 0x45, 0xdf, 0xa3]), bytes('....B.webm')))).toBe('video/webm');
  expect(sniffFilm(joined(Uint8Array.from([0x1a, 0x45, 0xdf, 0xa3]), bytes('....B.matroska')))).toBeNull();
  expect(sniffFilm(bytes('<html><body>ftyp'))).toBeNull();
});

it('finds the notes of the whole and of each track, and leaves the pictures alone', async () => {
  const place = box('udta', box('\xa9xyz', bytes('+47.1+008.5/')));
  const film = joined(
    box('ftyp', bytes('isom')),
    box('mdat', bytes('udta meta moov')),
    box('moov', box('mvhd', bytes('x')), box('trak', box('tkhd'), box('meta', bytes('name'))), place),
  );
  const notes = (await notesOf(film.length, read(film)))!;
  expect(notes.map((n) => String.fromCharCode(...film.subarray(n.nameAt, n.nameAt + 4)))).toEqual(['meta', 'udta']);
  expect(String.fromCharCode(...film.subarray(notes[1]!.from, notes[1]!.to))).toContain('+47.1+008.5/');
});

it('reads boxes longer than 32 bits and those that reach to the end', async () => {
  const wide = joined(
    Uint8Array.from([0, 0, 0, 1]),
    bytes('mdat'),
    Uint8Array.from([0, 0, 0, 0, 0, 0, 0, 20]),
    bytes('abcd'),
  );
  const open = joined(Uint8Array.from([0, 0, 0, 0]), bytes('udta'), bytes('place'));
  const film = joined(wide, open);
  expect(await notesOf(film.length, read(film))).toEqual([{ nameAt: 24, from: 28, to: 33 }]);
});

it('refuses boxes that reach past the file or are shorter than their own head', async () => {
  const long = joined(Uint8Array.from([0, 0, 1, 0]), bytes('moov'));
  expect(await notesOf(long.length, read(long))).toBeNull();
  const short = joined(Uint8Array.from([0, 0, 0, 4]), bytes('moov'));
  expect(await notesOf(short.length, read(short))).toBeNull();
});
