import { boxOf, type Point } from '../geometry';
import { arc, roundedBox } from '../strokes';
import type { BodyStyle, ZonePiece } from '../zone';

/** What a car can have beyond its body style that changes its zones. */
export const FITTINGS = ['vinylRoof', 'sunroof', 'skirts'] as const;
export type Fitted = Readonly<Record<(typeof FITTINGS)[number], boolean>>;
export const NOTHING_FITTED: Fitted = { vinylRoof: false, sunroof: false, skirts: false };
export const EVERYTHING_FITTED: Fitted = { vinylRoof: true, sunroof: true, skirts: true };

/** Room between a skirt and the wheel below it on the sheet, mm; for the eye only. */
const PARTING_MM = 16;

/** Fabric over the roof's metal: the gauge cannot read through it, rust hides along its lower edge. */
function vinyl(piece: ZonePiece): ZonePiece {
  return { ...piece, metal: 'textile', aspects: ['trim', 'shape', 'corrosion'] };
}

/** The roof's opening, its seal and drains, laid out beside the headlining. */
function sunroof(zones: readonly ZonePiece[]): ZonePiece[] {
  const cabin = zones.filter((z) => z.view === 'cabin');
  if (cabin.length === 0 || !zones.some((z) => z.slug === 'roof')) return [];
  const x = boxOf(cabin.flatMap((z) => z.outline)).maxX + 120;
  return [
    {
      slug: 'sunroof',
      view: 'cabin',
      part: 'inner',
      metal: 'body',
      drains: true,
      aspects: ['paint', 'fit', 'rubber', 'corrosion', 'leaks', 'function'],
      outline: roundedBox(x, -400, x + 480, 400, 40),
    },
  ];
}

/** A skirt over the upper half of the rear wheel's opening; of the wheel the lower half is left to see. */
function skirted(wheel: ZonePiece): ZonePiece[] {
  const box = boxOf(wheel.outline);
  const [cx, cy] = [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
  const r = (box.maxX - box.minX) / 2;
  // Flanks lie folded outwards: towards the centre line is up.
  const half = (radius: number, up: boolean): Point[] =>
    arc(cx, cy + (up ? PARTING_MM : -PARTING_MM), radius, up ? 0 : 180, up ? 180 : 360, 24);
  return [
    { ...wheel, drawn: 'half-wheel', outline: half(r - PARTING_MM, false) },
    {
      slug: 'skirt.left.rear',
      view: 'outside',
      part: 'flank',
      metal: 'body',
      aspects: ['paint', 'shape', 'fit', 'corrosion'],
      outline: half(r, true),
    },
  ];
}

/** The style's pieces with what is fitted. */
export function withFitted(style: BodyStyle, fitted: Fitted): BodyStyle {
  const zones = style.zones.flatMap((z) => {
    if (fitted.vinylRoof && z.slug === 'roof') return [vinyl(z)];
    if (fitted.skirts && z.slug === 'wheel.left.rear') return skirted(z);
    return [z];
  });
  return { ...style, zones: fitted.sunroof ? [...zones, ...sunroof(zones)] : zones };
}
