import path from 'node:path';
import sharp, { type Sharp } from 'sharp';
import type { Worker } from 'tesseract.js';

/** A part of a picture, as shares of its width and height. */
export interface PlateAsked {
  readonly bytes: Uint8Array;
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
}
/** What a plate seems to say: a proposal, character by character, with how sure the reader is, 0 to 1. */
export interface PlateRead {
  readonly characters: readonly { readonly text: string; readonly sure: number }[];
}

/** Characters are read best at about this height of a line, px. */
const LINE_PX = 110;
const MOST_WIDE_PX = 2400;
/** How wide the surroundings are that a relief is told from, px. */
const RELIEF_PX = 12;
const ALLOWED = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-';

let reader: Promise<Worker> | null = null;
/** The reader with its language data, both out of the packages: nothing is fetched and nothing kept. */
function readerOf(): Promise<Worker> {
  reader ??= (async () => {
    const { createWorker, OEM, PSM } = await import('tesseract.js');
    const data = path.join(process.cwd(), 'node_modules', '@tesseract.js-data', 'eng');
    const worker = await createWorker('eng', OEM.LSTM_ONLY, {
      langPath: path.join(data, '4.0.0_best_int'),
      gzip: true,
      cacheMethod: 'none',
    });
    await worker.setParameters({ tessedit_char_whitelist: ALLOWED, tessedit_pageseg_mode: PSM.SINGLE_LINE });
    return worker;
  })();
  return reader;
}

/** Ends the reader with all that it holds, where the process goes on without it. */
export async function endReader(): Promise<void> {
  const worker = await reader;
  reader = null;
  await worker?.terminate();
}

async function lineOf({ bytes, box }: PlateAsked): Promise<Sharp> {
  const upright = await sharp(bytes).rotate().toBuffer({ resolveWithObject: true });
  const { width, height } = upright.info;
  const left = Math.min(width - 1, Math.max(0, Math.round(box.x * width)));
  const top = Math.min(height - 1, Math.max(0, Math.round(box.y * height)));
  const part = {
    left,
    top,
    width: Math.max(1, Math.min(width - left, Math.round(box.width * width))),
    height: Math.max(1, Math.min(height - top, Math.round(box.height * height))),
  };
  const scale = Math.min(LINE_PX / part.height, MOST_WIDE_PX / part.width);
  return sharp(upright.data)
    .extract(part)
    .grayscale()
    .resize({ width: Math.max(8, Math.round(part.width * scale)), kernel: 'lanczos3' })
    .median(3)
    .normalise()
    .extend({ top: 20, bottom: 20, left: 20, right: 20, extendWith: 'copy' });
}

/** Dark on light and light on dark as they are; and relief, told only by light and shadow, as what differs from its surroundings. */
async function variantsOf(line: Sharp): Promise<readonly Buffer[]> {
  const plain = await line.png().toBuffer();
  const around = await sharp(plain).blur(RELIEF_PX).png().toBuffer();
  const relief = sharp(
    await sharp(plain)
      .composite([{ input: around, blend: 'difference' }])
      .grayscale()
      .png()
      .toBuffer(),
  )
    .blur(2.2)
    .normalise()
    .negate({ alpha: false });
  return [plain, await sharp(plain).negate({ alpha: false }).png().toBuffer(), await relief.png().toBuffer()];
}

/**
 * Reads a line of characters off a part of a picture: light on dark and dark on light are both tried, the surer one is
 * proposed. Never more than a proposal; empty where nothing was made out.
 */
export async function readPlate(asked: PlateAsked): Promise<PlateRead> {
  const line = await lineOf(asked);
  const worker = await readerOf();
  let best: PlateRead & { readonly sure: number } = { characters: [], sure: -1 };
  for (const image of await variantsOf(line)) {
    const { data } = await worker.recognize(image, {}, { blocks: true, text: true });
    const symbols = (data.blocks ?? []).flatMap((b) =>
      b.paragraphs.flatMap((p) => p.lines.flatMap((l) => l.words.flatMap((w) => w.symbols))),
    );
    const characters = symbols
      .filter((s) => s.text.trim() !== '')
      .map((s) => ({ text: s.text, sure: Math.max(0, Math.min(1, s.confidence / 100)) }));
    const sure = characters.length < 3 ? 0 : characters.reduce((sum, c) => sum + c.sure, 0) / characters.length;
    if (sure > best.sure) best = { characters, sure };
  }
  return { characters: best.characters };
}
