import type { DrawnAs } from '../details';
import type { Point } from '../geometry';
import { arc, bow, circle, crossStrip, roundedBox } from '../strokes';
import type { Aspect, ZonePiece } from '../zone';
import { CUT_MM } from './shared';

const STRUCTURE: readonly Aspect[] = ['corrosion', 'structure'];

/** Pieces with how each is drawn; those not named are known by their outlines. */
const drawnAs =
  (as: Readonly<Record<string, DrawnAs>>) =>
  (pieces: readonly ZonePiece[]): ZonePiece[] =>
    pieces.map((p) => (as[p.slug] ? { ...p, drawn: as[p.slug]! } : p));

const FROM_BELOW = drawnAs({
  'crossmember.front': 'rail',
  'crossmember.rear': 'rail',
  'rail.left.front': 'rail',
  'rail.left.rear': 'rail',
  'housing.left.front': 'housing',
  'housing.left.rear': 'housing',
  'floor.left.front': 'floor',
  'floor.left.rear': 'floor',
  'rocker.left.inner': 'rail',
  tunnel: 'tunnel',
  tank: 'tank',
  'trunk.floor': 'beads-along',
});
const ENGINE_BAY = drawnAs({
  'support.radiator': 'rail',
  radiator: 'fins',
  'apron.left': 'tower',
  engine: 'engine-in-line',
  battery: 'battery',
  'reservoir.brake': 'cap',
  bulkhead: 'beads-across',
});
const CABIN = drawnAs({
  dash: 'dash',
  steering: 'steering',
  'card.left.front': 'card',
  'card.left.rear': 'card',
  'carpet.left.front': 'stitched',
  'carpet.left.rear': 'stitched',
  console: 'console',
  'seat.left.front': 'seat',
  'seat.rear': 'bench',
  parcel: 'speakers',
  headliner: 'lining',
});
const BOOT = drawnAs({ 'trunk.mat': 'stitched', 'trunk.well': 'wheel', 'deck.inner': 'stiffened' });

/** The shell from below, seen through the floor so that left stays at the top of the sheet. */
export function underneathPieces(
  lengthMm: number,
  frontAxleMm: number,
  rearAxleMm: number,
  dashMm: number,
): ZonePiece[] {
  const seatsEnd = rearAxleMm - 560;
  const mid = (dashMm + seatsEnd) / 2;
  const c = CUT_MM;
  const box = (
    slug: string,
    x0: number,
    y0: number,
    x1: number,
    y1: number,
    carries: 'load' | 'itself' | 'nothing',
    metal: 'body' | 'mixed' = 'body',
  ): ZonePiece => ({
    slug,
    view: 'underneath',
    part: 'inner',
    metal,
    aspects: carries === 'nothing' ? ['corrosion'] : STRUCTURE,
    structural: carries !== 'nothing',
    loadPath: carries === 'load',
    outline: roundedBox(x0, y0, x1, y1, 20),
  });
  return FROM_BELOW([
    box('crossmember.front', frontAxleMm - 220, -310, frontAxleMm + 220, 310, 'load'),
    box('rail.left.front', 80, -470, dashMm - c, -330, 'load'),
    { ...box('housing.left.front', frontAxleMm - 340, -720, frontAxleMm + 340, -492, 'nothing') },
    box('floor.left.front', dashMm, -640, mid - c, -150, 'load'),
    box('rocker.left.inner', dashMm, -770, seatsEnd, -662, 'load'),
    box('tunnel', dashMm, -128, seatsEnd, 128, 'load'),
    box('floor.left.rear', mid, -640, seatsEnd, -150, 'load'),
    box('crossmember.rear', seatsEnd + c, -420, seatsEnd + 150, 420, 'load'),
    box('rail.left.rear', seatsEnd + 170, -560, lengthMm - 120, -442, 'load'),
    { ...box('housing.left.rear', rearAxleMm - 320, -800, rearAxleMm + 320, -582, 'nothing') },
    { ...box('tank', rearAxleMm - 240, -400, rearAxleMm + 220, 400, 'nothing', 'mixed'), holds: 'fuel' },
    box('trunk.floor', rearAxleMm + 242, -400, lengthMm - 140, 400, 'itself'),
  ]);
}

/** The engine bay from above. */
export function enginePieces(noseMm: number, dashMm: number): ZonePiece[] {
  const n = noseMm;
  const d = dashMm;
  const piece = (
    slug: string,
    outline: Point[],
    aspects: readonly Aspect[],
    metal: ZonePiece['metal'] = 'mixed',
    carries?: 'load' | 'itself',
  ): ZonePiece => ({
    slug,
    view: 'engine',
    part: 'inner',
    metal,
    aspects,
    structural: carries !== undefined,
    loadPath: carries === 'load',
    outline,
  });
  return ENGINE_BAY([
    piece(
      'support.radiator',
      roundedBox(n, -600, n + 110, 600, 18),
      ['paint', 'corrosion', 'structure'],
      'body',
      'itself',
    ),
    piece('radiator', roundedBox(n + 140, -370, n + 250, 370, 10), ['leaks', 'function']),
    piece(
      'apron.left',
      bow([n + 140, -620], [n + 600, -660], [d - 190, -620]).concat(
        bow([d - 190, -430], [n + 600, -380], [n + 140, -430]),
      ),
      ['paint', 'corrosion', 'structure'],
      'body',
      'load',
    ),
    {
      ...piece('engine', roundedBox(n + 300, -230, d - 330, 230, 60), ['leaks', 'function', 'identity']),
      need: 'engine',
    },
    piece('battery', roundedBox(d - 440, 262, d - 220, 372, 8), ['corrosion', 'function']),
    {
      ...piece('reservoir.brake', roundedBox(d - 300, -360, d - 205, -255, 30), ['leaks', 'function']),
      holds: 'brake-fluid',
      need: 'brakes',
    },
    piece(
      'bulkhead',
      crossStrip(d - 160, d - 30, 620, 600, 14, 14),
      ['paint', 'corrosion', 'identity', 'structure'],
      'body',
      'load',
    ),
  ]);
}

/** The cabin from above, the headlining laid out behind it. */
export function cabinPieces(dashMm: number, rearSeatMm: number, doors: 2 | 4): ZonePiece[] {
  const d = dashMm;
  const r = rearSeatMm;
  const piece = (slug: string, outline: Point[], aspects: readonly Aspect[] = ['trim']): ZonePiece => ({
    slug,
    view: 'cabin',
    part: 'inner',
    metal: 'textile',
    aspects,
    outline,
  });
  const cardFrontEnd = doors === 4 ? d + 900 : r;
  return CABIN([
    { ...piece('dash', crossStrip(d, d + 150, 600, 620, 20, 10), ['trim', 'function', 'identity']), fragile: true },
    {
      ...piece('steering', arc(d + 275, -330, 105, 0, 360, 36).slice(0, -1), ['trim', 'function']),
      followsWheel: true,
    },
    piece('card.left.front', roundedBox(d + 60, -780, cardFrontEnd, -664, 20), ['trim', 'function']),
    piece('carpet.left.front', roundedBox(d + 395, -620, d + 545, -120, 16)),
    piece('console', roundedBox(d + 395, -98, d + 1050, 98, 24)),
    { ...piece('seat.left.front', roundedBox(d + 567, -610, d + 1050, -120, 70), ['trim', 'function']), seat: 'front' },
    ...(doors === 4
      ? [piece('card.left.rear', roundedBox(cardFrontEnd + CUT_MM, -780, r + 330, -664, 20), ['trim', 'function'])]
      : []),
    piece('carpet.left.rear', roundedBox(d + 1072, -620, r - CUT_MM, -120, 16)),
    { ...piece('seat.rear', roundedBox(r, -620, r + 430, 620, 70)), seat: 'rear' },
    piece('parcel', crossStrip(r + 455, r + 600, 600, 560)),
    { ...piece('headliner', roundedBox(r + 760, -520, r + 1760, 520, 60)), fragile: true },
  ]);
}

/** The boot from above, its lid's inner face laid out behind it. */
export function trunkPieces(startMm: number): ZonePiece[] {
  const s = startMm;
  const piece = (
    slug: string,
    outline: Point[],
    aspects: readonly Aspect[],
    metal: ZonePiece['metal'] = 'body',
  ): ZonePiece => ({
    slug,
    view: 'trunk',
    part: 'inner',
    metal,
    aspects,
    outline,
  });
  return BOOT([
    piece('trunk.panel', crossStrip(s, s + 90, 560, 560), ['trim', 'corrosion']),
    piece('trunk.left', roundedBox(s + 112, -640, s + 760, -470, 40), ['paint', 'corrosion', 'trim']),
    piece('trunk.mat', roundedBox(s + 112, -448, s + 420, 448, 16), ['trim', 'corrosion']),
    { ...piece('trunk.well', circle(s + 600, 0, 158), ['corrosion', 'paint']), drains: true },
    {
      ...piece('trunk.gutter', crossStrip(s + 782, s + 850, 620, 600, -12, -12), ['corrosion', 'rubber']),
      drains: true,
    },
    piece('deck.inner', crossStrip(s + 980, s + 1480, 560, 600, 12, -20), ['paint', 'corrosion', 'identity']),
  ]);
}
