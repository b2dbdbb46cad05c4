import { readFile } from 'node:fs/promises';
import path from 'node:path';
import sharp from 'sharp';

/** Sizes that the manifest names. A maskable one has its picture within the middle four fifths. */
export const APP_ICONS = {
  '192': { px: 192, pad: 0 },
  '512': { px: 512, pad: 0 },
  '512-maskable': { px: 512, pad: 0.1 },
} as const;
export type AppIcon = keyof typeof APP_ICONS;

const PAPER = '#f9f5ec';
const made = new Map<AppIcon, Promise<Buffer>>();

async function draw(name: AppIcon): Promise<Buffer> {
  const { px, pad } = APP_ICONS[name];
  const svg = await readFile(path.join(process.cwd(), 'src', 'app', 'icon.svg'));
  const inner = Math.round(px * (1 - 2 * pad));
  const edge = Math.floor((px - inner) / 2);
  return sharp(svg, { density: 1200 })
    .resize(inner, inner)
    .extend({ top: edge, bottom: px - inner - edge, left: edge, right: px - inner - edge, background: PAPER })
    .flatten({ background: PAPER })
    .png()
    .toBuffer();
}

/** The program's mark as PNG, drawn once. */
export function appIcon(name: AppIcon): Promise<Buffer> {
  const held = made.get(name) ?? draw(name);
  made.set(name, held);
  held.catch(() => made.delete(name));
  return held;
}
