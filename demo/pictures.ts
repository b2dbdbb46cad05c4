import sharp from 'sharp';
import { type Random, seeded } from '../src/core/stats/random';
import { drawSeam, PLAIN_SCENE, type Rgb, type SeamScene } from '../src/instruments/camera';
import { drawFlawed, type FlawedScene, PLAIN_SURFACE } from '../src/instruments/flawed-surface';
import { type CarSide, wholeCar } from './whole-car';

/** What a drawn picture shows. */
export type Subject =
  | 'panel'
  | 'seam'
  | 'chips'
  | 'blisters'
  | 'rust'
  | 'cracks'
  | 'chrome'
  | 'plate'
  | 'gauge'
  | 'cabin'
  | 'scratch'
  | 'grey-card'
  | 'stripes'
  | 'measured-seam'
  | 'patch'
  | 'wet-carpet'
  | 'tire-wall'
  | 'dash'
  | 'rag'
  | 'rusted-panel'
  | 'pitted-chrome'
  | 'car-left'
  | 'car-right'
  | 'car-front'
  | 'car-rear';

export interface PictureOrder {
  readonly subject: Subject;
  readonly seed: number;
  /** Body colour as #rrggbb. */
  readonly colour: string;
  readonly widthPx?: number;
  readonly heightPx?: number;
  /** The body style of a whole car. */
  readonly style?: string;
  /** Figure on the gauge's face. */
  readonly figure?: string;
  /** Colour of the second panel beside a grey card, #rrggbb. */
  readonly other?: string;
  /** How far a panel bends reflected stripes, mm, in waves of 45 mm. */
  readonly wavesMm?: number;
  /** Gap of a seam photographed with a card, mm, at its top and at its bottom. */
  readonly gapMm?: readonly [top: number, bottom: number];
  /** Share of the surface that is rusted or pitted, 0 to 1. */
  /** When it was taken, ISO 8601; absent: the file does not say. */
  readonly takenAt?: string;
  /** What the dials of a dash show: share of their scales, temperature and oil. */
  readonly dials?: readonly [number, number];
  readonly flawedShare?: number;
}

/** Where the drawn scenes have what is measured in them, px of 1600 × 1200. */
export const GREY_CARD_PLACES = {
  card: { x: 720, y: 880, width: 112, height: 112 },
  a: { x: 300, y: 420, width: 112, height: 112 },
  b: { x: 1180, y: 420, width: 112, height: 112 },
} as const;
export const STRIPES_PLACE = { x: 100, y: 220, width: 1400, height: 760 } as const;
/** How much of a panel the drawn stretch of stripes covers, mm. */
export const STRIPES_LENGTH_MM = 420;

// Looked up once: they run for every pixel.
const { floor, round } = Math;

const W = 1600;
const H = 1200;
const between = (r: Random, a: number, b: number) => a + (b - a) * r();

/** A closed, uneven blob round a point. */
function blob(r: Random, cx: number, cy: number, radius: number, rough = 0.3): string {
  const points = Array.from({ length: 14 }, (_, i) => {
    const a = (i / 14) * 2 * Math.PI;
    const d = radius * (1 + rough * (r() - 0.5) * 2);
    return `${(cx + d * Math.cos(a)).toFixed(1)},${(cy + d * Math.sin(a)).toFixed(1)}`;
  });
  return `M${points.join('L')}Z`;
}

function panel(r: Random, colour: string): string {
  const tilt = between(r, -12, 12);
  return `<rect width="${W}" height="${H}" fill="${colour}"/>
    <g transform="rotate(${tilt} 800 600)">
      <rect x="-300" y="-200" width="2200" height="1600" fill="url(#sky)"/>
      <rect x="-300" y="${between(r, 240, 420)}" width="2200" height="${between(r, 20, 50)}" fill="#fff" opacity="0.16"/>
      <rect x="-300" y="${between(r, 620, 840)}" width="2200" height="${between(r, 90, 160)}" fill="#000" opacity="0.1"/>
    </g>`;
}

function card(x: number, y: number, mm: number): string {
  const [w, h] = [85.6 * mm, 53.98 * mm];
  const marks = [0, 1, 2, 3]
    .map((i) => `<rect x="${i % 2 ? w - 60 : 20}" y="${i > 1 ? h - 60 : 20}" width="40" height="40" fill="#222"/>`)
    .join('');
  return `<g transform="translate(${x} ${y}) rotate(-3)"><rect width="${w}" height="${h}" rx="10" fill="#f6f4ee"/>${marks}<path d="M90 ${h / 2}h${w - 180}" stroke="#222" stroke-width="4" stroke-dasharray="${mm} ${mm}"/></g>`;
}

function chips(r: Random, n: number, low: number, high: number, fill: string): string {
  return Array.from({ length: n }, () => {
    const [x, y, d] = [between(r, 150, 1450), between(r, 150, 1050), between(r, low, high)];
    return `<path d="${blob(r, x, y, d * 1.25)}" fill="#f1efe9" opacity="0.75"/><path d="${blob(r, x, y, d)}" fill="${fill}"/>`;
  }).join('');
}

function blisters(r: Random): string {
  return Array.from({ length: 26 }, () => {
    const [x, y, d] = [between(r, 420, 1180), between(r, 560, 980), between(r, 12, 44)];
    return `<circle cx="${x}" cy="${y}" r="${d}" fill="url(#dome)"/>`;
  }).join('');
}

function cracks(r: Random): string {
  return [0, 1]
    .map((k) => {
      let [x, y] = [480 + 220 * k, 360];
      let d = `M${x} ${y}`;
      for (let i = 0; i < 16; i++) {
        x += between(r, -28, 34);
        y += between(r, 14, 40);
        d += `L${x.toFixed(0)} ${y.toFixed(0)}`;
      }
      return `<path d="${d}" fill="none" stroke="#1b1712" stroke-width="${between(r, 3, 6)}"/>`;
    })
    .join('');
}

const SEGMENTS: Record<string, string> = {
  '0': 'abcdef',
  '1': 'bc',
  '2': 'abged',
  '3': 'abgcd',
  '4': 'fgbc',
  '5': 'afgcd',
  '6': 'afgedc',
  '7': 'abc',
  '8': 'abcdefg',
  '9': 'abcdfg',
  '-': 'g',
};
const SEGMENT_AT: Record<string, string> = {
  a: 'M14 6h72l-14 14h-44z',
  b: 'M94 12v80l-14-10v-56z',
  c: 'M94 108v80l-14-14v-56z',
  d: 'M14 194h72l-14-14h-44z',
  e: 'M6 108v80l14-14v-56z',
  f: 'M6 12v80l14-10v-56z',
  g: 'M14 100l12-8h48l12 8-12 8h-48z',
};

function sevenSegments(figure: string, x: number, y: number, scale: number): string {
  return [...figure]
    .map(
      (ch, i) =>
        `<g transform="translate(${x + i * 120 * scale} ${y}) scale(${scale})">${[...(SEGMENTS[ch] ?? '')].map((s) => `<path d="${SEGMENT_AT[s]}" fill="#20302a"/>`).join('')}</g>`,
    )
    .join('');
}

function stamped(r: Random): string {
  const strokes = [
    'M0 0v80h50',
    'M0 80v-80h50v80M0 40h50',
    'M0 0h50M25 0v80',
    'M0 80v-80l50 80v-80',
    'M50 0h-50v80h50v-40h-25',
    'M0 0h50l-50 80h50',
    'M25 0v80',
  ];
  const row = (y: number, n: number) =>
    Array.from(
      { length: n },
      (_, i) =>
        `<path transform="translate(${330 + i * 96 + between(r, -4, 4)} ${y + between(r, -5, 5)})" d="${strokes[Math.floor(r() * strokes.length)]}" fill="none" stroke="#2b2a27" stroke-width="9"/>`,
    ).join('');
  const rivet = (x: number, y: number) =>
    `<circle cx="${x}" cy="${y}" r="26" fill="#8f8c82"/><circle cx="${x - 6}" cy="${y - 6}" r="10" fill="#c9c6bc"/>`;
  return `<rect x="220" y="300" width="1160" height="600" rx="18" fill="#b9b4a6"/><rect x="250" y="330" width="1100" height="540" rx="10" fill="#a8a395"/>${row(420, 10)}${row(600, 8)}${rivet(270, 350)}${rivet(1330, 350)}${rivet(270, 850)}${rivet(1330, 850)}`;
}

/** Two panels in the same even light with a seam between them and a grey card lying across it. */
function greyCard(colour: string, other: string): string {
  return `<rect width="${W}" height="${H}" fill="${colour}"/><rect x="800" width="800" height="${H}" fill="${other}"/><path d="M800 -10V1210" stroke="#0c0b0a" stroke-width="16"/><rect x="610" y="800" width="340" height="270" fill="#767676"/><rect x="610" y="800" width="340" height="270" fill="none" stroke="#efeee9" stroke-width="10"/>`;
}

/** A board's stripes reflected in a panel, bent by its slow curve, its waves and its orange peel. */
function stripes(r: Random, colour: string, wavesMm: number): string {
  const { x, y, width, height } = STRIPES_PLACE;
  const pxPerMm = width / STRIPES_LENGTH_MM;
  const [phase, pitch] = [r() * 6, 76];
  const bend = (px: number) => {
    const mm = (px - x) / pxPerMm;
    const curve = 22 * ((px - 800) / 800) ** 2;
    return (
      curve +
      pxPerMm * wavesMm * Math.sin((2 * Math.PI * mm) / 45 + phase) +
      pxPerMm * 0.05 * Math.sin((2 * Math.PI * mm) / 6 + 2 * phase)
    );
  };
  const columns = Array.from({ length: 400 }, (_, i) => (i * W) / 399);
  const bands = Array.from({ length: 16 }, (_, k) => {
    const top = y - 80 + k * pitch;
    const edge = (at: number) => columns.map((px) => `${px.toFixed(1)} ${(at + bend(px)).toFixed(2)}`);
    return `<path d="M${edge(top).join('L')}L${edge(top + pitch / 2)
      .reverse()
      .join('L')}Z" fill="#f2f0ea" opacity="0.72"/>`;
  });
  return `<rect width="${W}" height="${H}" fill="${colour}"/><clipPath id="board"><rect x="0" y="${y - 60}" width="${W}" height="${height + 120}"/></clipPath><g clip-path="url(#board)">${bands.join('')}</g>`;
}

/** An old patch: a plate riveted over, or a piece let in whose seam shows through the paint. */
function patch(r: Random, colour: string, riveted: boolean): string {
  const edge = 'M360 420L1250 390L1270 800L380 840Z';
  if (!riveted)
    return `${panel(r, colour)}<path d="${edge}" fill="none" stroke="#000" stroke-width="10" opacity="0.28"/><path d="${edge}" transform="translate(0 7)" fill="none" stroke="#fff" stroke-width="5" opacity="0.3"/>`;
  const rivets = Array.from({ length: 9 }, (_, i) => 420 + i * 98).flatMap((x) => [
    `<circle cx="${x}" cy="${452 - i0(x)}" r="17" fill="#9b978c" stroke="#2a2622" stroke-width="4"/>`,
    `<circle cx="${x + 14}" cy="${788 - i0(x)}" r="17" fill="#9b978c" stroke="#2a2622" stroke-width="4"/>`,
  ]);
  return `${panel(r, colour)}${chips(r, 16, 10, 46, '#6b3d1f')}<path d="${edge}" fill="#6f6b63" stroke="#171310" stroke-width="12"/><path d="M380 440L1240 410" stroke="#fff" stroke-width="5" opacity="0.25"/>${rivets.join('')}`;
}
/** How far the plate's edge has risen at x. */
const i0 = (x: number) => (x - 420) / 30;

/** A carpet with a dark wet patch and its tide mark. */
function wetCarpet(r: Random): string {
  const pile = Array.from({ length: 700 }, () => {
    const [x, y] = [between(r, 0, W), between(r, 0, H)];
    return `<path d="M${x.toFixed(0)} ${y.toFixed(0)}l${between(r, -8, 8).toFixed(0)} ${between(r, 10, 26).toFixed(0)}" stroke="#8d7a63" stroke-width="4" opacity="${between(r, 0.2, 0.7).toFixed(2)}"/>`;
  }).join('');
  return `<rect width="${W}" height="${H}" fill="#75644f"/>${pile}<path d="${blob(r, 760, 690, 430, 0.25)}" fill="#b9a88c" opacity="0.55"/><path d="${blob(r, 760, 690, 390, 0.25)}" fill="#2b2219" opacity="0.78"/><path d="${blob(r, 700, 640, 90, 0.4)}" fill="#fff" opacity="0.12"/>`;
}

/** A tire's wall with the last digits of its code in a sunk window. */
function tireWall(code: string): string {
  const rings = Array.from(
    { length: 14 },
    (_, i) =>
      `<circle cx="800" cy="1700" r="${700 + i * 62}" fill="none" stroke="#3a3a38" stroke-width="${i % 3 === 0 ? 14 : 4}"/>`,
  ).join('');
  const digits = sevenSegments(code, 560, 470, 1).replaceAll('#20302a', '#8b8b86');
  return `<rect width="${W}" height="${H}" fill="#262624"/>${rings}<rect x="510" y="420" width="560" height="300" rx="120" fill="#1b1b1a" stroke="#4a4a47" stroke-width="8"/>${digits}`;
}

/** One dial: a scale over three quarters of a turn, its end figures, a needle at a share of it. */
function dial(x: number, y: number, shows: number, low: string, high: string): string {
  const at = (share: number, reach: number) => {
    const a = ((135 + 270 * share) * Math.PI) / 180;
    return `${(x + reach * Math.cos(a)).toFixed(1)} ${(y + reach * Math.sin(a)).toFixed(1)}`;
  };
  const ticks = Array.from(
    { length: 11 },
    (_, i) =>
      `<path d="M${at(i / 10, 285)}L${at(i / 10, i % 5 === 0 ? 235 : 260)}" stroke="#e8e4d4" stroke-width="${i % 5 === 0 ? 12 : 6}"/>`,
  ).join('');
  const figures = (text: string, dx: number) =>
    sevenSegments(text, x + dx, y + 105, 0.28).replaceAll('#20302a', '#e8e4d4');
  return `<circle cx="${x}" cy="${y}" r="330" fill="#c9c4b4"/><circle cx="${x}" cy="${y}" r="305" fill="#15171a"/>${ticks}${figures(low, -155)}${figures(high, 75)}<path d="M${at(shows + 2 / 3, 60)}L${at(shows, 240)}" stroke="#e2542b" stroke-width="12" stroke-linecap="round"/><circle cx="${x}" cy="${y}" r="30" fill="#3a3d40"/>`;
}

/** Oil left on a rag: a patch that thins out towards its edge. */
function rag(r: Random, colour: string): string {
  const weave = Array.from(
    { length: 40 },
    (_, i) =>
      `<path d="M0 ${i * 30}H${W}M${i * 40} 0V${H}" stroke="#cfc8b8" stroke-width="2" opacity="${between(r, 0.3, 0.8)}"/>`,
  ).join('');
  const spots = Array.from(
    { length: 7 },
    () =>
      `<path d="${blob(r, between(r, 600, 1000), between(r, 420, 780), between(r, 120, 260))}" fill="${colour}" opacity="0.4"/>`,
  ).join('');
  return `<rect width="${W}" height="${H}" fill="#e6e0d2"/>${weave}${spots}`;
}

function scene({ subject, colour, style, figure, other, wavesMm, dials }: PictureOrder, r: Random): string {
  switch (subject) {
    case 'car-left':
    case 'car-right':
    case 'car-front':
    case 'car-rear':
      return wholeCar(style ?? '', subject.slice('car-'.length) as CarSide, colour);
    case 'panel':
      return panel(r, colour);
    case 'seam': {
      const x = between(r, 560, 640);
      return `${panel(r, colour)}<path d="M${x} -20C${x - 26} 400 ${x + 14} 800 ${x + 4} 1220" stroke="#0c0b0a" stroke-width="34" fill="none"/><path d="M${x + 20} -20C${x - 6} 400 ${x + 34} 800 ${x + 24} 1220" stroke="#fff" stroke-width="4" opacity="0.5" fill="none"/>${card(780, 420, 7.4)}`;
    }
    case 'chips':
      return panel(r, colour) + chips(r, 14, 4, 13, '#6d6a63') + card(1000, 760, 5.2);
    case 'scratch':
      return `${panel(r, colour)}<path d="M320 ${between(r, 500, 640)}C700 ${between(r, 420, 560)} 1000 700 1290 ${between(r, 540, 660)}" stroke="#e7e3da" stroke-width="6" fill="none"/>`;
    case 'blisters':
      return panel(r, colour) + blisters(r);
    case 'rust':
      return `${panel(r, '#57514a')}${chips(r, 22, 18, 90, '#6b3d1f')}${chips(r, 6, 30, 70, '#1a1410')}`;
    case 'cracks':
      return panel(r, colour) + cracks(r);
    case 'chrome':
      return `<rect width="${W}" height="${H}" fill="url(#chrome)"/>${Array.from({ length: 160 }, () => `<path d="${blob(r, between(r, 60, 1540), between(r, 380, 840), between(r, 2, 8))}" fill="#3d2c1e" opacity="${between(r, 0.5, 0.9)}"/>`).join('')}`;
    case 'plate':
      return `${panel(r, '#46443f')}${stamped(r)}`;
    case 'gauge':
      return `${panel(r, colour)}<rect x="470" y="180" width="660" height="860" rx="90" fill="#33373b"/><rect x="540" y="290" width="520" height="330" rx="16" fill="#b9c6ae"/>${sevenSegments(figure ?? '128', 600, 350, 1.15)}<circle cx="800" cy="810" r="90" fill="#c9a83c"/>`;
    case 'patch':
      return patch(r, colour, figure === 'riveted');
    case 'wet-carpet':
      return wetCarpet(r);
    case 'dash': {
      const [temp, oil] = dials ?? [0.5, 0.5];
      return `<rect width="${W}" height="${H}" fill="#4b3524"/>${dial(430, 560, temp, '40', '120')}${dial(1170, 560, oil, '0', '80')}`;
    }
    case 'rag':
      return rag(r, colour);
    case 'tire-wall':
      return tireWall(figure ?? '3112');
    case 'grey-card':
      return greyCard(colour, other ?? colour);
    case 'stripes':
      return stripes(r, colour, wavesMm ?? 0.2);
    case 'measured-seam':
    case 'rusted-panel':
    case 'pitted-chrome':
      return '';
    case 'cabin':
      return `<rect width="${W}" height="${H}" fill="#3b2f26"/>${Array.from({ length: 9 }, (_, i) => `<rect x="${120 + i * 150}" y="220" width="140" height="760" rx="40" fill="#6a4f3a" stroke="#4a3626" stroke-width="8"/>`).join('')}<path d="M700 520C760 600 720 680 790 760" stroke="#1b1410" stroke-width="10" fill="none"/>`;
  }
}

/** DRAWN in plain strokes: these pictures show no real car. */
const MARK =
  '<g transform="translate(40 1120)" stroke="#fff" stroke-width="6" fill="none" opacity="0.85"><rect x="-16" y="-14" width="252" height="68" fill="#000" stroke="none" opacity="0.45"/><path d="M0 0v40h14q14 0 14-20t-14-20z"/><path d="M48 40v-40h14q12 0 12 10t-12 10h-14M60 20l16 20"/><path d="M92 40l14-40 14 40M97 26h18"/><path d="M134 0l8 40 10-28 10 28 8-40"/><path d="M190 40v-40l26 40v-40"/></g>';

const DEFS =
  '<defs><linearGradient id="sky" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#fff" stop-opacity="0.34"/><stop offset="0.45" stop-color="#fff" stop-opacity="0.02"/><stop offset="1" stop-color="#000" stop-opacity="0.35"/></linearGradient><radialGradient id="dome" cx="0.35" cy="0.3"><stop offset="0" stop-color="#fff" stop-opacity="0.65"/><stop offset="0.5" stop-color="#fff" stop-opacity="0.05"/><stop offset="0.9" stop-color="#000" stop-opacity="0.4"/><stop offset="1" stop-color="#000" stop-opacity="0"/></radialGradient><linearGradient id="chrome" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#dfe6ea"/><stop offset="0.32" stop-color="#f7fafb"/><stop offset="0.45" stop-color="#5b6468"/><stop offset="0.6" stop-color="#b7bfc3"/><stop offset="0.8" stop-color="#e9eef0"/><stop offset="1" stop-color="#767f83"/></linearGradient></defs>';

const rgbOf = (hex: string) => [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16)) as unknown as Rgb;

/** A seam of known gap with a bank card beside it, as the camera stand-in sees it. */
export function seamScene(order: PictureOrder): SeamScene {
  const [top, bottom] = order.gapMm ?? [4.5, 4.5];
  const r = seeded(order.seed);
  const paint = rgbOf(order.colour);
  return {
    ...PLAIN_SCENE,
    seed: order.seed,
    widthPx: W,
    heightPx: H,
    pxPerMm: 9,
    tiltDeg: between(r, 4, 18),
    leanDeg: between(r, 0, 360),
    turnDeg: between(r, -8, 8),
    middleMm: (y) => 103 + 0.02 * (y - 27),
    gapMm: (y) => top + ((bottom - top) * (y + 30)) / 115,
    left: paint,
    right: paint,
    lip: 0.35,
    streaks: 0.12,
  };
}

/** A rusted panel in the car's own paint, or a pitted piece of plating, of known share. */
export function flawedScene(order: PictureOrder): FlawedScene {
  const r = seeded(order.seed);
  return {
    ...PLAIN_SURFACE,
    seed: order.seed,
    widthPx: W,
    heightPx: H,
    paint: order.subject === 'rusted-panel' ? rgbOf(order.colour) : null,
    share: order.flawedShare ?? 0.02,
    spotPx: order.subject === 'rusted-panel' ? [8, 70] : [4, 26],
    uneven: between(r, 0.2, 0.5),
    horizon: between(r, 0.4, 0.6),
  };
}

const drawnPixels = (order: PictureOrder) =>
  order.subject === 'measured-seam' ? drawSeam(seamScene(order)).pixels : drawFlawed(flawedScene(order)).pixels;

/** Subjects that the camera stand-ins draw pixel by pixel, so that what is measured on them is known. */
const SIMULATED: ReadonlySet<Subject> = new Set(['measured-seam', 'rusted-panel', 'pitted-chrome']);

async function drawMeasured(order: PictureOrder): Promise<Buffer> {
  const pixels = drawnPixels(order);
  const mark = `<svg xmlns="http://www.w3.org/2000/svg" width="${W}" height="${H}">${MARK}</svg>`;
  return sharp(Buffer.from(pixels.data.buffer), { raw: { width: W, height: H, channels: 4 } })
    .composite([{ input: Buffer.from(mark) }])
    .removeAlpha()
    .jpeg({ quality: 88 })
    .toBuffer();
}

/** A camera's grain, pixel after pixel; of a prime length, so that rows of no width show it twice under each other. */
const GRAIN = (() => {
  const r = seeded(65521);
  return Int8Array.from({ length: 65521 }, () => round((r() - 0.5) * 14));
})();

/** Draws one picture as a JPEG, the same for the same order, with a little grain as of a camera. */
export async function drawPicture(order: PictureOrder): Promise<Buffer> {
  if (SIMULATED.has(order.subject)) return drawMeasured(order);
  const r = seeded(order.seed);
  const [w, h] = [order.widthPx ?? W, order.heightPx ?? H];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}" viewBox="0 0 ${W} ${H}">${DEFS}${scene(order, r)}${MARK}</svg>`;
  const base = await sharp(Buffer.from(svg)).removeAlpha().raw().toBuffer();
  const pixels = new Uint8ClampedArray(base.buffer, base.byteOffset, base.length);
  let at = floor(r() * GRAIN.length);
  for (let i = 0; i < pixels.length; i += 3) {
    const grain = GRAIN[at]!;
    if (++at === GRAIN.length) at = 0;
    pixels[i] = pixels[i]! + grain;
    pixels[i + 1] = pixels[i + 1]! + grain;
    pixels[i + 2] = pixels[i + 2]! + grain;
  }
  const drawn = sharp(base, { raw: { width: w, height: h, channels: 3 } });
  if (order.takenAt) {
    const DateTimeOriginal = order.takenAt.slice(0, 19).replaceAll('-', ':').replace('T', ' ');
    drawn.withExif({ IFD2: { DateTimeOriginal, OffsetTimeOriginal: '+00:00' } });
  }
  return drawn.jpeg({ quality: 84 }).toBuffer();
}
