import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { Font } from '@react-pdf/renderer';
import { ttfOfWoff } from './woff-font';

/** Signs that the application's own faces lack: ≥ ≤ → and the like. Every text falls back to it. */
const SIGNS = ['Signs', 'noto-sans-math', 400] as const;

/** A family with its fall-back, as styles name it. */
export const face = (family: 'Text' | 'Head' | 'Figure') => [family, SIGNS[0]];

const FACES = [
  ['Text', 'instrument-sans', 400],
  ['Text', 'instrument-sans', 600],
  ['Head', 'bricolage-grotesque', 700],
  ['Figure', 'martian-mono', 500],
  SIGNS,
] as const;

/** Registers the application's own faces for PDF, made from the packages that ship them; `dir` holds the made files. */
export function registerFonts(dir: string, root = process.cwd()): void {
  for (const [family, name, weight] of FACES) {
    const woff = path.join(root, 'node_modules', '@fontsource', name, 'files', `${name}-latin-${weight}-normal.woff`);
    const file = path.join(dir, `${name}-${weight}.ttf`);
    writeFileSync(file, ttfOfWoff(readFileSync(woff)));
    Font.register({ family, src: file, fontWeight: weight });
  }
  // Words are not broken: names and numbers of parts must stay whole.
  Font.registerHyphenationCallback((word) => [word]);
}
