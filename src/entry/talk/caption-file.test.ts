import { captionsOf, textOf } from './caption-file';

const vtt = (...cues: string[]) => `WEBVTT\n\n${cues.join('\n\n')}\n`;

describe('a file of captions', () => {
  it('is read from WebVTT and SubRip, without marks of style, speaker and sound', () => {
    const said = vtt(
      '00:00:01.000 --> 00:00:03.500 align:start\n<v Ilse>okay so the <i>hood</i></v>',
      '00:00:03.500 --> 00:00:05.000\n[music]',
      '00:00:05.000 --> 00:00:07.000\n- a chip\nand a ding',
    );
    expect(captionsOf(said)).toEqual({
      ok: true,
      cues: [
        { line: 1, fromS: 1, toS: 3.5, text: 'okay so the hood' },
        { line: 3, fromS: 5, toS: 7, text: 'a chip and a ding' },
      ],
    });
    expect(captionsOf('1\n00:00:01,000 --> 00:00:02,000\nroof one twenty\n')).toMatchObject({
      cues: [{ fromS: 1, toS: 2, text: 'roof one twenty' }],
    });
  });

  it('says each word of captions that roll up once, and what is said again later again', () => {
    const rolling = vtt(
      '00:00:00.000 --> 00:00:02.000\nokay so the hood',
      '00:00:02.000 --> 00:00:04.000\nokay so the hood\nhas one chip',
      '00:00:04.000 --> 00:00:06.000\nhas one chip\nand no dents',
      '00:00:20.000 --> 00:00:22.000\nand no dents',
    );
    const read = captionsOf(rolling);
    expect(read.ok && read.cues.map((c) => [c.fromS, c.text])).toEqual([
      [0, 'okay so the hood'],
      [2, 'has one chip'],
      [4, 'and no dents'],
      [20, 'and no dents'],
    ]);
  });

  it('is read loosely where it keeps to no standard, in the order of its times', () => {
    const broken = 'made by a service\n00:05.000 --> 00:06.000\nsecond\nx\n\n\n00:01.000-->00:02.000\nfirst\n';
    const read = captionsOf(broken);
    expect(read.ok && read.cues.map((c) => c.text)).toEqual(['first', 'second x']);
  });

  it.each([
    ['', 'empty'],
    ['  \n ', 'empty'],
    ['dear Ilse, the hood has a dent', 'no-times'],
    ['WEBVTT\n\n00:00:01.000 --> 00:00:02.000\n<i></i>\n', 'unreadable'],
  ])('%j is refused: %s', (text, why) => expect(captionsOf(text)).toEqual({ ok: false, why }));
});

it('is read in the encodings that captions come in', () => {
  const utf16 = new Uint8Array([
    0xff,
    0xfe,
    ...[...'né'].flatMap((c) => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8]),
  ]);
  expect(textOf(utf16).replace('\uFEFF', '')).toBe('né');
  expect(textOf(new TextEncoder().encode('é'))).toBe('é');
  expect(textOf(new Uint8Array([0x69, 0x74, 0x92, 0x73]))).toBe('it’s');
});
