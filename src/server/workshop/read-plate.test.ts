import { readFileSync } from 'node:fs';
import path from 'node:path';
import { create, type Font } from 'fontkit';
import sharp from 'sharp';
import { drawnPlate, type PlateFont, type PlateScene } from '@/instruments/drawn-plate';
import { endReader, readPlate } from './read-plate';

afterAll(endReader);

function fontOf(file: string): PlateFont {
  const font = create(readFileSync(path.join(process.cwd(), 'node_modules', '@fontsource', file))) as Font;
  return {
    unitsPerEm: font.unitsPerEm,
    glyphs: (text) => font.layout(text).glyphs.map((g) => ({ path: g.path.toSVG(), advance: g.advanceWidth })),
  };
}
const FONTS = [
  'martian-mono/files/martian-mono-latin-400-normal.woff',
  'instrument-sans/files/instrument-sans-latin-600-normal.woff',
  'noto-sans/files/noto-sans-latin-600-normal.woff',
].map(fontOf);
const NUMBERS = ['QHF67-04418', 'SL59-01177', 'AF74-220913', 'B11-38-0642', 'TC69-440128', 'QHS72-19027'];
const LINE = { x: 0.02, y: 0.15, width: 0.96, height: 0.7 };

async function read(text: string, i: number, more: Partial<PlateScene>): Promise<string> {
  const svg = drawnPlate({
    text,
    seed: 7 * i + 3,
    font: FONTS[i % 3]!,
    style: 'painted',
    tiltDeg: (i % 3) - 1,
    worn: 0,
    ...more,
  });
  const bytes = await sharp(Buffer.from(svg)).removeAlpha().blur(0.8).jpeg({ quality: 85 }).toBuffer();
  const { characters } = await readPlate({ bytes, box: LINE });
  return characters
    .map((c) => c.text)
    .join('')
    .replaceAll('-', '');
}

it('proposes painted and engraved numbers whole, most of the time, without a network', async () => {
  let whole = 0;
  for (const style of ['painted', 'engraved'] as const)
    for (const [i, text] of NUMBERS.entries())
      if ((await read(text, i, { style, worn: i % 2 === 0 ? 0 : 0.4 })) === text.replaceAll('-', '')) whole++;
  // 12 plates; measured figures stand in docs/performance.md.
  expect(whole).toBeGreaterThanOrEqual(9);
}, 60_000);

it('makes out nothing where nothing stands', async () => {
  const bytes = await sharp({ create: { width: 900, height: 200, channels: 3, background: '#888' } })
    .jpeg()
    .toBuffer();
  expect((await readPlate({ bytes, box: LINE })).characters).toEqual([]);
  expect((await readPlate({ bytes, box: { x: 0.99, y: 0.99, width: 0.01, height: 0.01 } })).characters).toEqual([]);
}, 60_000);
