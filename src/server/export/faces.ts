import path from 'node:path';
import { openSync } from 'fontkit';

/** What a family lacks, in the order tried: µ ± ½, letters of other Latin, Greek and Cyrillic names, then ≥ ≤ →. */
const FALL_BACK = [
  ['Plain', 'noto-sans', 'latin', 400],
  ['Plain more', 'noto-sans', 'latin-ext', 400],
  ['Plain Greek', 'noto-sans', 'greek', 400],
  ['Plain Cyrillic', 'noto-sans', 'cyrillic', 400],
  ['Signs', 'noto-sans-math', 'latin', 400],
] as const;

export const FACES = [
  ['Text', 'instrument-sans', 'latin', 400],
  ['Text', 'instrument-sans', 'latin', 600],
  ['Head', 'bricolage-grotesque', 'latin', 700],
  ['Figure', 'martian-mono', 'latin', 500],
  ...FALL_BACK,
] as const;

/** A family with its fall-backs, as styles name it. */
export const face = (family: 'Text' | 'Head' | 'Figure') => [family, ...FALL_BACK.map(([name]) => name)];

/** Where a face lies, in the package that ships it. */
export const fileOf = ([, name, part, weight]: (typeof FACES)[number]): string =>
  path.join(process.cwd(), 'node_modules/@fontsource', name, 'files', `${name}-${part}-${weight}-normal.woff`);

let held: ReadonlySet<number> | null = null;

function signsHeld(): ReadonlySet<number> {
  if (held) return held;
  const points = new Set<number>();
  for (const face of FACES.slice(-FALL_BACK.length)) {
    const font = openSync(fileOf(face));
    if ('characterSet' in font) for (const p of font.characterSet) points.add(p);
  }
  held = points;
  return points;
}

/** The text with \ufffd for each sign that none of the faces draws: a reader sees that something stands there. */
export const drawable = (text: string): string =>
  [...text].map((sign) => (/\s/u.test(sign) || signsHeld().has(sign.codePointAt(0)!) ? sign : '\ufffd')).join('');
