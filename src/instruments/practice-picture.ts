import { boxOf, contains, distanceToOutline } from '@/core/body/geometry';
import type { Zone } from '@/core/body/zone';
import type { MadeFinding } from '@/core/population/made-car';
import { type DrawnAs, signOf } from '@/core/practice/signs';
import { type Random, seeded } from '@/core/stats/random';

const WIDTH = 960;
const HEIGHT = 640;
const MARGIN = 40;

/** One fault to be drawn: where it may stand, how large, how many, px. */
interface Stroke {
  readonly random: Random;
  readonly at: () => readonly [x: number, y: number];
  readonly sizePx: number;
  readonly count: number;
  readonly share: number;
  readonly box: { readonly x: number; readonly y: number; readonly w: number; readonly h: number };
}
type Draw = (s: Stroke) => string;

const n = (v: number) => v.toFixed(1);
const each = (s: Stroke, most: number, one: (x: number, y: number) => string): string =>
  Array.from({ length: Math.min(most, s.count) }, () => one(...s.at())).join('');

/** An uneven closed line round a point. */
function blob({ random }: Stroke, x: number, y: number, r: number, rough = 0.35): string {
  const points = Array.from({ length: 12 }, (_, i) => {
    const a = (i / 12) * 2 * Math.PI;
    const d = r * (1 + rough * (2 * random() - 1));
    return `${n(x + d * Math.cos(a))},${n(y + d * Math.sin(a))}`;
  });
  return `M${points.join('L')}Z`;
}
/** A line that wanders from a point. */
function wander({ random }: Stroke, x: number, y: number, length: number, wild: number): string {
  let [px, py, a] = [x, y, 2 * Math.PI * random()];
  let d = `M${n(px)} ${n(py)}`;
  for (let i = 0; i < 10; i++) {
    a += wild * (2 * random() - 1);
    px += (length / 10) * Math.cos(a);
    py += (length / 10) * Math.sin(a);
    d += `L${n(px)} ${n(py)}`;
  }
  return d;
}
const path = (d: string, fill: string, opacity = 1) => `<path d="${d}" fill="${fill}" opacity="${opacity}"/>`;
const stroke = (d: string, colour: string, width: number, opacity = 1) =>
  `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${width}" stroke-linecap="round" opacity="${opacity}"/>`;
/** Many small ones over the fault's share of the place. */
const strewn = (s: Stroke, per: number, one: (x: number, y: number) => string) =>
  Array.from({ length: Math.round(6 + per * s.share) }, () => one(...s.at())).join('');

const DRAW: Readonly<Record<DrawnAs, Draw>> = {
  dots: (s) => each(s, 40, (x, y) => path(blob(s, x, y, 4.5), '#f1efe9', 0.9) + path(blob(s, x, y, 3), '#4a423a')),
  'light-dots': (s) => each(s, 30, (x, y) => path(blob(s, x, y, 6), '#ffffff', 0.32)),
  line: (s) => each(s, 8, (x, y) => stroke(wander(s, x, y, s.sizePx, 0.12), '#ffffff', 1.6, 0.6)),
  'dark-line': (s) => each(s, 8, (x, y) => stroke(wander(s, x, y, s.sizePx, 0.2), '#2b2520', 3)),
  net: (s) => strewn(s, 60, (x, y) => stroke(wander(s, x, y, 46, 0.9), '#1f1a16', 1.1, 0.6)),
  haze: (s) => {
    const [x, y] = s.at();
    const r = Math.sqrt(Math.max(0.15, s.share));
    return `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(s.box.w * 0.7 * r)}" ry="${n(s.box.h * 0.7 * r)}" fill="url(#mist)"/>`;
  },
  band: (s) =>
    `<rect x="${n(s.box.x)}" y="${n(s.box.y)}" width="${n(s.box.w)}" height="26" fill="#000" opacity="0.12"/>` +
    `<path d="M${n(s.box.x)} ${n(s.box.y + 26)}h${n(s.box.w)}" stroke="#fff" stroke-width="2" opacity="0.5"/>`,
  dent: (s) =>
    each(s, 12, (x, y) => {
      const r = Math.max(12, s.sizePx / 2);
      return (
        `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(r)}" ry="${n(r * 0.7)}" fill="url(#hollow)"/>` +
        stroke(`M${n(x - r)} ${n(y + r * 0.2)}q${n(r)} ${n(r)} ${n(2 * r)} 0`, '#fff', 2.5, 0.5)
      );
    }),
  fold: (s) =>
    each(s, 4, (x, y) => {
      const d = wander(s, x, y, Math.max(90, s.sizePx), 0.15);
      return stroke(d, '#000', 9, 0.35) + stroke(d, '#fff', 2.5, 0.7);
    }),
  wave: (s) =>
    Array.from({ length: 4 }, (_, i) => {
      const y = s.box.y + s.box.h * (0.25 + 0.16 * i);
      const bends = Array.from(
        { length: 6 },
        (_v, k) => `q${n(s.box.w / 24)} ${k % 2 ? 12 : -12} ${n(s.box.w / 12)} 0`,
      );
      return stroke(`M${n(s.box.x + s.box.w * 0.25)} ${n(y)}${bends.join('')}`, '#fff', 3, 0.4);
    }).join(''),
  bumps: (s) =>
    strewn(s, 30, (x, y) => `<circle cx="${n(x)}" cy="${n(y)}" r="${n(5 + 9 * s.random())}" fill="url(#dome)"/>`),
  brown: (s) => strewn(s, 24, (x, y) => path(blob(s, x, y, 8 + 16 * s.random()), '#9a5a24', 0.75)),
  scale: (s) =>
    strewn(s, 20, (x, y) => {
      const r = 14 + 22 * s.random();
      return path(blob(s, x, y, r), '#5e2f14', 0.85) + path(blob(s, x - 3, y - 3, r * 0.6), '#a5602d', 0.8);
    }),
  hole: (s) =>
    each(s, 6, (x, y) => {
      const r = Math.max(14, s.sizePx / 2);
      return path(blob(s, x, y, r * 1.7), '#6b3516', 0.9) + path(blob(s, x, y, r), '#0b0908');
    }),
  patch: (s) => {
    const [x, y] = s.at();
    const w = Math.max(70, s.sizePx);
    return `<rect x="${n(x - w / 2)}" y="${n(y - w / 3)}" width="${n(w)}" height="${n(w * 0.66)}" rx="5" fill="#000" opacity="0.2" stroke="#fff" stroke-opacity="0.5" stroke-width="2"/>`;
  },
  drip: (s) => each(s, 6, (x, y) => path(`M${n(x)} ${n(y)}c-7 26 -9 40 0 46c9 -6 7 -20 0 -46Z`, '#1d1611', 0.75)),
  flakes: (s) => strewn(s, 22, (x, y) => path(blob(s, x, y, 10 + 16 * s.random(), 0.6), '#e9e4d8', 0.8)),
  pits: (s) =>
    strewn(s, 90, (x, y) => `<circle cx="${n(x)}" cy="${n(y)}" r="${n(1.2 + 2 * s.random())}" fill="#2a2320"/>`),
  stain: (s) => path(blob(s, ...s.at(), Math.max(70, s.sizePx * 0.6), 0.3), '#2d2116', 0.35),
  tear: (s) =>
    each(s, 5, (x, y) => {
      const d = wander(s, x, y, Math.max(60, s.sizePx), 0.3);
      return stroke(d, '#0d0b09', 8) + stroke(d, '#d9cfb4', 2, 0.8);
    }),
  gap: (s) => path(`M${n(s.box.x)} ${n(s.box.y)}l26 0l-14 ${n(s.box.h)}l-12 0Z`, '#0d0b09', 0.85),
  gone: (s) =>
    `<rect x="${n(s.box.x)}" y="${n(s.box.y)}" width="${n(s.box.w)}" height="${n(s.box.h)}" fill="#171310" opacity="0.82"/>`,
  nothing: () => '',
};

const MATERIAL: Readonly<Partial<Record<Zone['metal'], string>>> = {
  glass: '#b8cdd3',
  chromed: '#c9ccd0',
  rubber: '#2d2c2b',
  textile: '#7d6a55',
  wood: '#7a5a3c',
};

/**
 * A place of a practice car as it looks at arm's length, 960 × 640: its outline, its colour, and what is wrong drawn on it
 * without a word. What cannot be drawn is felt (practice/signs.ts). The same for the same seed.
 */
export function practicePicture(
  zone: Zone,
  faults: readonly MadeFinding[],
  { colourHex, seed }: { readonly colourHex: string; readonly seed: number },
): string {
  const box = boxOf(zone.outline);
  const scale = Math.min(
    (WIDTH - 2 * MARGIN) / Math.max(1, box.maxX - box.minX),
    (HEIGHT - 2 * MARGIN) / Math.max(1, box.maxY - box.minY),
  );
  const [w, h] = [(box.maxX - box.minX) * scale, (box.maxY - box.minY) * scale];
  const [x0, y0] = [(WIDTH - w) / 2, (HEIGHT - h) / 2];
  // The sheet is folded out: what stands on the left of the car lies upside down on it.
  const turned = zone.view === 'outside' && zone.upright && /(^|\.)left(\.|$)/.test(zone.slug);
  const on = ([x, y]: readonly [number, number]) =>
    [x0 + (x - box.minX) * scale, turned ? y0 + h - (y - box.minY) * scale : y0 + (y - box.minY) * scale] as const;
  const outline = `M${zone.outline.map((p) => on(p).map(n).join(' ')).join('L')}Z`;
  const margin = 0.06 * Math.min(box.maxX - box.minX, box.maxY - box.minY);
  const random = seeded(seed * 31 + zone.lap * 977 + zone.slug.length);
  const at = (): readonly [number, number] => {
    for (let i = 0; i < 24; i++) {
      const p = [box.minX + random() * (box.maxX - box.minX), box.minY + random() * (box.maxY - box.minY)] as const;
      if (contains(zone.outline, p) && distanceToOutline(zone.outline, p) > margin) return on(p);
    }
    return on([(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2]);
  };
  const drawn = faults.map((f) =>
    DRAW[signOf(f.flaw).as]({
      random,
      at,
      sizePx: Math.min(0.6 * Math.min(w, h), Math.max(10, (f.sizeMm ?? 60) * scale)),
      count: f.count,
      share: f.share ?? 0.2,
      box: { x: x0, y: y0, w, h },
    }),
  );
  const fill = MATERIAL[zone.metal] ?? (zone.view === 'outside' ? colourHex : '#6d6a63');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" width="${WIDTH}" height="${HEIGHT}"><defs><clipPath id="place"><path d="${outline}"/></clipPath><linearGradient id="light" x1="0" y1="0" x2="0.3" y2="1"><stop offset="0" stop-color="#fff" stop-opacity="0.32"/><stop offset="0.45" stop-color="#fff" stop-opacity="0"/><stop offset="1" stop-color="#000" stop-opacity="0.22"/></linearGradient><radialGradient id="hollow" cx="0.5" cy="0.3"><stop offset="0" stop-color="#000" stop-opacity="0.5"/><stop offset="1" stop-color="#000" stop-opacity="0"/></radialGradient><radialGradient id="mist"><stop offset="0" stop-color="#f4f1e8" stop-opacity="0.6"/><stop offset="0.7" stop-color="#f4f1e8" stop-opacity="0.4"/><stop offset="1" stop-color="#f4f1e8" stop-opacity="0"/></radialGradient><radialGradient id="dome" cx="0.35" cy="0.3"><stop offset="0" stop-color="#fff" stop-opacity="0.75"/><stop offset="0.6" stop-color="#8a4b22" stop-opacity="0.45"/><stop offset="1" stop-color="#000" stop-opacity="0.45"/></radialGradient></defs><rect width="${WIDTH}" height="${HEIGHT}" fill="#e9e3d5"/><g clip-path="url(#place)"><path d="${outline}" fill="${fill}"/><path d="${outline}" fill="url(#light)"/>${drawn.join('')}</g><path d="${outline}" fill="none" stroke="#2a2723" stroke-width="3"/></svg>`;
}
