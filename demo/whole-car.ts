/** From where a whole car is drawn. */
export type CarSide = 'left' | 'right' | 'front' | 'rear';

/** A body as its outlines tell it: the lower body, the glasshouse over it, where the wheels stand; px of 1600 × 1200. */
interface Profile {
  readonly lower: string;
  readonly glass: string;
  readonly wheels: readonly [front: number, rear: number];
  readonly radius: number;
  /** Width of the body seen from the front, height of its roof. */
  readonly width: number;
  readonly roof: number;
}

const GROUND = 880;
/** Drawn with the front to the left. */
const NOTCHED =
  'M150 800 q-14 -90 30 -120 q120 -34 320 -44 l120 -6 h430 q190 8 330 36 q60 20 62 100 q2 40 -10 54 h-140 a118 118 0 0 0 -236 0 H560 a118 118 0 0 0 -236 0 Z';
const PROFILES: Readonly<Record<string, Profile>> = {
  saloon: {
    lower: NOTCHED,
    glass: 'M540 634 q70 -120 120 -140 q180 -24 330 0 q70 40 120 142 Z',
    wheels: [442, 1160],
    radius: 98,
    width: 620,
    roof: 486,
  },
  fastback: {
    lower: NOTCHED,
    glass: 'M540 634 q80 -120 130 -138 q150 -22 280 6 q190 60 330 150 Z',
    wheels: [442, 1160],
    radius: 98,
    width: 610,
    roof: 492,
  },
  open: {
    lower: NOTCHED,
    glass: 'M560 634 l70 -124 h16 l-30 124 Z',
    wheels: [442, 1160],
    radius: 98,
    width: 640,
    roof: 510,
  },
  estate: {
    lower: NOTCHED,
    glass: 'M540 634 q70 -124 120 -144 h640 q40 60 70 160 Z',
    wheels: [442, 1160],
    radius: 98,
    width: 620,
    roof: 486,
  },
  van: {
    lower:
      'M170 800 q-10 -60 0 -150 q20 -90 60 -250 q10 -34 40 -38 h1090 q34 4 40 40 l14 300 q2 60 -8 98 h-140 a112 112 0 0 0 -224 0 H520 a112 112 0 0 0 -224 0 Z',
    glass: 'M262 560 l36 -150 h150 v150 Z M490 410 h330 v140 H490 Z M860 410 h330 v140 H860 Z',
    wheels: [408, 1154],
    radius: 92,
    width: 600,
    roof: 362,
  },
  pickup: {
    lower:
      'M150 800 q-12 -80 26 -116 q120 -28 300 -34 l80 -4 l90 -150 q12 -18 40 -20 h180 q30 2 34 30 l10 150 h500 q24 4 24 30 v114 h-130 a118 118 0 0 0 -236 0 H560 a118 118 0 0 0 -236 0 Z',
    glass: 'M600 640 l70 -122 h190 l12 122 Z',
    wheels: [442, 1186],
    radius: 108,
    width: 640,
    roof: 476,
  },
  utility: {
    lower:
      'M170 800 v-150 h330 l60 -180 h820 q16 4 18 24 v306 h-110 a116 116 0 0 0 -232 0 H520 a116 116 0 0 0 -232 0 Z',
    glass: 'M540 620 l44 -124 h186 v124 Z M800 496 h250 v124 H800 Z M1080 496 h270 v124 h-270 Z',
    wheels: [404, 1172],
    radius: 108,
    width: 590,
    roof: 470,
  },
  sports: {
    lower:
      'M190 800 q-12 -60 30 -92 q160 -60 380 -56 h280 q220 6 330 40 q90 30 92 90 q0 14 -8 18 h-140 a106 106 0 0 0 -212 0 H566 a106 106 0 0 0 -212 0 Z',
    glass: 'M610 652 q80 -92 140 -100 q120 -6 210 30 q90 40 160 78 Z',
    wheels: [460, 1048],
    radius: 90,
    width: 600,
    roof: 552,
  },
};
const BY_STYLE: Readonly<Record<string, keyof typeof PROFILES>> = {
  saloon2: 'saloon',
  saloon4: 'saloon',
  hardtop: 'saloon',
  convertible: 'open',
};

const wheel = (x: number, r: number) =>
  `<circle cx="${x}" cy="${GROUND - r}" r="${r}" fill="#1c1c1e"/><circle cx="${x}" cy="${GROUND - r}" r="${r * 0.58}" fill="#b9b7b0"/><circle cx="${x}" cy="${GROUND - r}" r="${r * 0.22}" fill="#777"/>`;

const HALL = `<rect width="1600" height="1200" fill="#c9c2b4"/><rect y="${GROUND - 60}" width="1600" height="400" fill="#8d8778"/><path d="M0 ${GROUND + 120} H1600 M0 ${GROUND + 190} H1600" stroke="#5f5a50" stroke-width="10"/><g fill="#e6e0d2">${[80, 440, 800, 1160].map((x) => `<rect x="${x}" y="60" width="260" height="190"/>`).join('')}</g>`;

function fromTheSide({ lower, glass, wheels, radius }: Profile, colour: string, mirrored: boolean): string {
  const car = `<ellipse cx="800" cy="${GROUND + 6}" rx="650" ry="26" fill="#000" opacity="0.28"/><path d="${lower}" fill="${colour}" transform="translate(0 -14)"/><path d="${lower}" fill="#fff" opacity="0.1" transform="translate(0 -14)" clip-path="inset(0 0 60% 0)"/><path d="${glass}" fill="#39434a" stroke="${colour}" stroke-width="16" transform="translate(0 -14)"/><path d="M170 742 H1380" stroke="#fff" stroke-width="3" opacity="0.35"/>${wheels.map((x) => wheel(x, radius)).join('')}`;
  return mirrored ? `<g transform="translate(1600 0) scale(-1 1)">${car}</g>` : car;
}

function fromTheEnd({ width, roof, radius }: Profile, colour: string, front: boolean): string {
  const [l, r] = [800 - width / 2, 800 + width / 2];
  const lamps = front ? '#f3efe2' : '#a3221c';
  return `<ellipse cx="800" cy="${GROUND + 6}" rx="${width / 2 + 40}" ry="22" fill="#000" opacity="0.28"/>
<rect x="${l + 10}" y="${GROUND - 2 * radius * 0.8}" width="84" height="${2 * radius * 0.8}" rx="16" fill="#1c1c1e"/><rect x="${r - 94}" y="${GROUND - 2 * radius * 0.8}" width="84" height="${2 * radius * 0.8}" rx="16" fill="#1c1c1e"/>
<path d="M${l + 84} 640 L${l + 130} ${roof + 12} q4 -14 24 -16 H${r - 154} q20 2 24 16 L${r - 84} 640 Z" fill="#39434a" stroke="${colour}" stroke-width="22"/>
<path d="M${l} 810 V680 q4 -46 60 -52 H${r - 60} q56 6 60 52 V810 q-10 20 -30 20 H${l + 30} q-20 0 -30 -20 Z" fill="${colour}"/>
<circle cx="${l + 90}" cy="710" r="${front ? 44 : 30}" fill="${lamps}" stroke="#c8c5bd" stroke-width="8"/><circle cx="${r - 90}" cy="710" r="${front ? 44 : 30}" fill="${lamps}" stroke="#c8c5bd" stroke-width="8"/>
<rect x="${l - 6}" y="786" width="${width + 12}" height="34" rx="14" fill="#c8c5bd"/>${front ? `<rect x="${l + 170}" y="672" width="${width - 340}" height="70" rx="10" fill="#2b2b2d"/>` : `<rect x="710" y="700" width="180" height="50" fill="#e8e4d8"/>`}`;
}

/** A car in the tramshed as somebody sees it who stands beside it: no more than its kind of body and its colour. */
export function wholeCar(style: string, side: CarSide, colour: string): string {
  const profile = PROFILES[BY_STYLE[style] ?? style] ?? PROFILES.saloon!;
  const car =
    side === 'left' || side === 'right'
      ? fromTheSide(profile, colour, side === 'right')
      : fromTheEnd(profile, colour, side === 'front');
  return `${HALL}${car}`;
}
