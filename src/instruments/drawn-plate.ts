import { type Random, seeded } from '../core/stats/random';

/** A glyph as the path of an SVG, in units of the em, y up, with how far it advances. */
export interface PlateGlyph {
  readonly path: string;
  readonly advance: number;
}
export interface PlateFont {
  readonly unitsPerEm: number;
  readonly glyphs: (text: string) => readonly PlateGlyph[];
}

export interface PlateScene {
  readonly text: string;
  readonly seed: number;
  readonly font: PlateFont;
  /** Painted light on dark, engraved dark on bright metal, or stamped: told only by light and shadow. */
  readonly style: 'painted' | 'engraved' | 'stamped';
  readonly tiltDeg: number;
  /** Rust and dirt, 0 none to 1 much. */
  readonly worn: number;
}

const [W, H] = [900, 200] as const;
const between = (r: Random, low: number, high: number) => low + (high - low) * r();
const SIZE = 92;

/** A made plate as an SVG of 900 by 200 px: the text with its truth known. */
export function drawnPlate({ text, seed, font, style, tiltDeg, worn }: PlateScene): string {
  const r = seeded(seed);
  const glyphs = font.glyphs(text);
  // Long numbers are stamped smaller, so that they stand whole on the plate.
  const size = Math.min(
    SIZE,
    (0.86 * W - 6 * glyphs.length) / glyphs.reduce((s, g) => s + g.advance / font.unitsPerEm, 0),
  );
  const scale = size / font.unitsPerEm;
  const wide = glyphs.reduce((s, g) => s + g.advance * scale + 6, 0);
  let x = (W - wide) / 2;
  const at = glyphs.map((g) => {
    const own = { path: g.path, x, y: 132 + between(r, -2.5, 2.5), turn: between(r, -1.6, 1.6) };
    x += g.advance * scale + 6;
    return own;
  });
  const layer = (fill: string, dx: number, dy: number, opacity = 1) =>
    at
      .map(
        (g) =>
          `<path d="${g.path}" transform="translate(${(g.x + dx).toFixed(1)} ${(g.y + dy).toFixed(1)}) rotate(${g.turn.toFixed(2)}) scale(${scale} ${-scale})" fill="${fill}" opacity="${opacity}"/>`,
      )
      .join('');
  const ground = style === 'painted' ? '#22262b' : style === 'engraved' ? '#b9bcbb' : '#8d9092';
  const letters =
    style === 'painted'
      ? layer('#d9d4c4', 0, 0)
      : style === 'engraved'
        ? layer('#f2f3f2', 1.5, 1.5, 0.7) + layer('#2c2e30', 0, 0)
        : layer('#e9ecee', 2.2, 2.2, 0.9) + layer('#3c3f42', -2, -2, 0.9) + layer('#7c7f81', 0, 0);
  const spots = Array.from({ length: Math.round(60 * worn) }, () => {
    const [cx, cy, s] = [between(r, 0, W), between(r, 0, H), between(r, 2, 9)];
    return `<ellipse cx="${cx.toFixed(0)}" cy="${cy.toFixed(0)}" rx="${s.toFixed(1)}" ry="${(s * between(r, 0.4, 1)).toFixed(1)}" fill="#6b4526" opacity="${between(r, 0.4, 0.9).toFixed(2)}"/>`;
  }).join('');
  const scratches = Array.from({ length: Math.round(12 * worn) }, () => {
    const [sx, sy] = [between(r, 0, W), between(r, 0, H)];
    return `<path d="M${sx.toFixed(0)} ${sy.toFixed(0)}l${between(r, -120, 120).toFixed(0)} ${between(r, -40, 40).toFixed(0)}" stroke="#d7d4cc" stroke-width="1.4" opacity="0.6"/>`;
  }).join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${H}"><defs><linearGradient id="l" x1="0" x2="1" y2="0.3"><stop stop-color="#fff" stop-opacity="0.25"/><stop offset="0.6" stop-color="#000" stop-opacity="0.05"/><stop offset="1" stop-color="#000" stop-opacity="0.3"/></linearGradient></defs><rect width="${W}" height="${H}" fill="${ground}"/><g transform="rotate(${tiltDeg} ${W / 2} ${H / 2})">${letters}</g>${spots}${scratches}<rect width="${W}" height="${H}" fill="url(#l)"/></svg>`;
}
