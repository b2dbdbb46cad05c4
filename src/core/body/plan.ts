import { keptWith } from '../stats/remembered';
import { areaM2, type Box, boxOf, centroid, lengthMm, mirror, type Point } from './geometry';
import { styleBySlug } from './styles';
import { type Fitted, NOTHING_FITTED, withFitted } from './styles/options';
import {
  type BodyStyle,
  METALS,
  type Metal,
  type Seam,
  VIEWS,
  type View,
  type Zone,
  type ZoneFacts,
  type ZonePiece,
} from './zone';

export interface PlanOptions {
  /** What the outer panels and the shell are made of. */
  readonly baseMetal?: Metal;
  /** Which side the steering wheel is on. */
  readonly steering?: 'left' | 'right';
  /** Vinyl roof, sunroof, skirts: what changes the style's zones. */
  readonly fitted?: Fitted;
}

export interface Plan {
  readonly style: string;
  readonly zones: ReadonlyMap<string, Zone>;
  readonly seams: ReadonlyMap<string, Seam>;
  /** Zone slugs of each view in the order they are walked. */
  readonly lap: Readonly<Record<View, readonly string[]>>;
  readonly boxes: Readonly<Record<View, Box>>;
  readonly folds: readonly (readonly Point[])[];
}

/** The slug of the same zone on the other side, or null when it has no side. */
export function mirrorSlug(slug: string): string | null {
  const parts = slug.split('.');
  const at = parts.findIndex((p) => p === 'left' || p === 'right');
  if (at < 0) return null;
  parts[at] = parts[at] === 'left' ? 'right' : 'left';
  return parts.join('.');
}

/** The seam's slug: both zones joined with `|` in alphabetical order. */
export function seamSlug(a: string, b: string): string {
  return [a, b].sort().join('|');
}

function factsOf({ hung, loadPath, drains, holds, need, fragile, seat, drawn, followsWheel }: ZonePiece): ZoneFacts {
  return {
    ...(hung && { hung }),
    ...(loadPath && { loadPath }),
    ...(drains && { drains }),
    ...(holds && { holds }),
    ...(need && { need }),
    ...(fragile && { fragile }),
    ...(seat && { seat }),
    ...(drawn && { drawn }),
    ...(followsWheel && { followsWheel }),
  };
}

function placed(
  piece: ZonePiece,
  mirrored: boolean,
  options: PlanOptions,
  twin: string | null,
): Omit<Zone, 'lap' | 'seams'> {
  const outline = mirrored ? mirror(piece.outline).reverse() : piece.outline;
  const label = piece.label ? (mirrored ? mirror([piece.label])[0]! : piece.label) : centroid(outline);
  return {
    slug: mirrored && twin ? twin : piece.slug,
    view: piece.view,
    outline,
    areaM2: areaM2(outline),
    metal: piece.metal === 'body' ? (options.baseMetal ?? 'steel') : piece.metal,
    structural: piece.structural ?? false,
    ...factsOf(piece),
    aspects: piece.aspects,
    twin: twin === null ? null : mirrored ? piece.slug : twin,
    label,
    side: twin === null ? 'centre' : mirrored ? 'right' : 'left',
    upright: piece.part === 'flank',
  };
}

/** Lap order: nose, then the left flank rearwards with the roof, the tail, and the right flank forwards. */
function lapOrder(zones: readonly (readonly [ZonePiece['part'], string])[], right: readonly string[]): string[] {
  const of = (part: ZonePiece['part']) => zones.filter(([p]) => p === part).map(([, slug]) => slug);
  return [...of('nose'), ...of('flank'), ...of('roof'), ...of('tail'), ...[...right].reverse(), ...of('inner')];
}

function build(style: BodyStyle, options: PlanOptions): Plan {
  const bare: Omit<Zone, 'lap' | 'seams'>[] = [];
  const lap = {} as Record<View, string[]>;
  for (const view of VIEWS) {
    const order: (readonly [ZonePiece['part'], string])[] = [];
    const right: string[] = [];
    for (const piece of style.zones.filter((z) => z.view === view)) {
      const twin = mirrorSlug(piece.slug);
      const flipped = piece.followsWheel === true && options.steering === 'right';
      bare.push(placed(piece, flipped, options, twin));
      order.push([piece.part, piece.slug]);
      if (twin === null) continue;
      bare.push(placed(piece, true, options, twin));
      if (piece.part === 'flank') right.push(twin);
      else order.push([piece.part, twin]);
    }
    lap[view] = lapOrder(order, right);
  }
  const seams = buildSeams(style);
  const zones = new Map<string, Zone>();
  for (const zone of bare) {
    const own = [...seams.values()].filter((s) => s.zones.includes(zone.slug)).map((s) => s.slug);
    zones.set(zone.slug, { ...zone, lap: lap[zone.view].indexOf(zone.slug) + 1, seams: own });
  }
  const boxes = Object.fromEntries(
    VIEWS.map((view) => [view, boxOf([...zones.values()].filter((z) => z.view === view).flatMap((z) => z.outline))]),
  ) as Record<View, Box>;
  return { style: style.slug, zones, seams, lap, boxes, folds: style.folds.flatMap((f) => [f, mirror(f)]) };
}

function buildSeams(style: BodyStyle): Map<string, Seam> {
  const seams = new Map<string, Seam>();
  const add = (a: string, b: string, onA: readonly Point[], onB: readonly Point[]) => {
    const ordered = a < b;
    seams.set(seamSlug(a, b), {
      slug: seamSlug(a, b),
      zones: ordered ? [a, b] : [b, a],
      lines: ordered ? [onA, onB] : [onB, onA],
      lengthMm: (lengthMm(onA) + lengthMm(onB)) / 2,
    });
  };
  for (const seam of style.seams) {
    const [a, b] = seam.zones;
    add(a, b, seam.onA, seam.onB);
    const [ra, rb] = [mirrorSlug(a) ?? a, mirrorSlug(b) ?? b];
    if (ra !== a || rb !== b) add(ra, rb, mirror(seam.onA), mirror(seam.onB));
  }
  return seams;
}

const built = new Map<string, Plan>();

/**
 * The plan of a car: every zone and seam of the style, in millimetres on one sheet (x rearwards from the front of the
 * body, y from the centre line, left negative; flanks folded outwards). Null for a style that does not exist.
 */
export function planOf(styleSlug: string, options: PlanOptions = {}): Plan | null {
  const style = styleBySlug(styleSlug);
  if (!style) return null;
  const metal = options.baseMetal && METALS.includes(options.baseMetal) ? options.baseMetal : 'steel';
  const fitted = options.fitted ?? NOTHING_FITTED;
  const key = `${styleSlug}/${metal}/${options.steering ?? 'left'}/${fitted.vinylRoof}${fitted.sunroof}${fitted.skirts}`;
  let plan = built.get(key);
  if (!plan) {
    plan = build(withFitted(style, fitted), { baseMetal: metal, steering: options.steering ?? 'left' });
    built.set(key, plan);
  }
  return plan;
}

/** The plan of the car that a car record states; null when none is stated or its style has no plan. */
export function planOfCar(
  car:
    | {
        readonly style: string;
        readonly baseMetal: Metal;
        readonly steering: 'left' | 'right';
        readonly fitted: Fitted;
      }
    | null
    | undefined,
): Plan | null {
  return car
    ? planOf(car.style, { baseMetal: car.baseMetal, steering: car.steering, fitted: car.fitted ?? NOTHING_FITTED })
    : null;
}

/** The box round a zone, which every reading of it is placed by. */
export const boxAround = keptWith((zone: Zone) => boxOf(zone.outline));

/**
 * A place on the sheet as panel millimetres: u rearwards from the zone's front-most point; v upwards from its lowest
 * point on a flank, and from its left edge towards the right on the pieces that lie across the car.
 */
export function toPanel(zone: Zone, [x, y]: Point): { uMm: number; vMm: number } {
  const box = boxAround(zone);
  const v = zone.upright && zone.side === 'right' ? box.maxY - y : y - box.minY;
  return { uMm: x - box.minX, vMm: v };
}

/** The inverse of {@link toPanel}. */
export function toSheet(zone: Zone, place: { uMm: number; vMm: number }): Point {
  const box = boxAround(zone);
  const y = zone.upright && zone.side === 'right' ? box.maxY - place.vMm : box.minY + place.vMm;
  return [box.minX + place.uMm, y];
}
