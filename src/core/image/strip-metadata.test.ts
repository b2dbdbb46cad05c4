import { stripMetadata } from './strip-metadata';

const bytesOf = (text: string) => Uint8Array.from(text, (c) => c.charCodeAt(0));
const joined = (...parts: readonly (Uint8Array | number[])[]) => Uint8Array.from(parts.flatMap((p) => [...p]));
const textOf = (b: Uint8Array | null) => String.fromCharCode(...(b ?? []));
/** A JPEG segment with its length (ITU-T T.81 B.1.1.4). */
const segment = (marker: number, body: Uint8Array) =>
  joined([0xff, marker, (body.length + 2) >> 8, (body.length + 2) & 255], body);

const SOI = [0xff, 0xd8];
const EOI = [0xff, 0xd9];
const EXIF = segment(0xe1, bytesOf('Exif\0\0OWNER NAME'));
const TABLE = segment(0xdb, bytesOf('table'));
/** Entropy-coded data with a stuffed byte, a restart marker and a fill byte. */
const SCAN = (name: string) =>
  joined(segment(0xda, bytesOf('hd')), bytesOf(name), [0xff, 0x00, 0xff, 0xd3], bytesOf('more'));

const jpeg = (...middle: readonly (Uint8Array | number[])[]) => joined(SOI, ...middle, EOI);

describe('a JPEG', () => {
  const clean = jpeg(TABLE, SCAN('one'), SCAN('two'));
  it.each([
    ['before the scan', jpeg(EXIF, TABLE, SCAN('one'), SCAN('two'))],
    ['between scans', jpeg(TABLE, SCAN('one'), EXIF, SCAN('two'))],
    ['a comment behind the last scan', jpeg(TABLE, SCAN('one'), SCAN('two'), segment(0xfe, bytesOf('OWNER NAME')))],
    ['a second picture behind the end', joined(clean, jpeg(EXIF, TABLE, SCAN('three')))],
    ['a film behind the end', joined(clean, bytesOf('\0\0\0\x18ftypmp42 OWNER NAME'))],
    ['an index of pictures', jpeg(segment(0xe2, bytesOf('MPF\0OWNER NAME')), TABLE, SCAN('one'), SCAN('two'))],
    ['a small picture', jpeg(segment(0xe0, bytesOf('JFXX\0OWNER NAME')), TABLE, SCAN('one'), SCAN('two'))],
  ])('loses notes: %s', (_where, given) => {
    expect(stripMetadata(given, 'image/jpeg')).toEqual(clean);
  });

  it('keeps its colour profile and its form', () => {
    const whole = jpeg(
      segment(0xe0, bytesOf('JFIF\0')),
      segment(0xe2, bytesOf('ICC_PROFILE\0\x01\x01profile')),
      TABLE,
      SCAN('one'),
    );
    expect(stripMetadata(whole, 'image/jpeg')).toEqual(whole);
  });

  it.each([
    ['without an end', joined(SOI, TABLE, SCAN('one'))],
    ['without a scan', jpeg(TABLE)],
    ['whose segment is longer than the file', joined(SOI, [0xff, 0xdb, 0x20, 0x00, 1, 2, 3])],
  ])('is refused %s', (_how, given) => {
    expect(stripMetadata(given, 'image/jpeg')).toBeNull();
  });
});

it('keeps of a PNG the chunks that the picture needs, whatever else they are called', () => {
  const chunk = (type: string, body: string) =>
    joined([0, 0, 0, body.length], bytesOf(type), bytesOf(body), [1, 2, 3, 4]);
  const magic = joined([0x89], bytesOf('PNG\r\n\x1a\n'));
  const wanted = [chunk('IHDR', 'head'), chunk('IDAT', 'data'), chunk('IEND', '')];
  const given = joined(magic, wanted[0]!, chunk('pRVt', 'OWNER NAME'), chunk('eXIf', 'x'), wanted[1]!, wanted[2]!);
  expect(stripMetadata(given, 'image/png')).toEqual(joined(magic, ...wanted));
});

it('keeps of a WebP the chunks that the picture needs', () => {
  const chunk = (type: string, body: string) => joined(bytesOf(type), [body.length, 0, 0, 0], bytesOf(body));
  const given = joined(bytesOf('RIFF'), [0, 0, 0, 0], bytesOf('WEBP'), chunk('VP8 ', 'data'), chunk('oWNR', 'NAME'));
  const stripped = stripMetadata(given, 'image/webp');
  expect(textOf(stripped)).toContain('data');
  expect(textOf(stripped)).not.toContain('NAME');
});
