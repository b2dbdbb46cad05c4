/** A point of a picture, px: x right, y down. */
export type DialPoint = readonly [x: number, y: number];

/** A mark of a dial's scale that was touched, with what stands beside it. */
export interface DialMark {
  readonly at: DialPoint;
  readonly value: number;
}

export const DIAL_REFUSALS = [
  'few-marks',
  'marks-together',
  'marks-turn-back',
  'needle-short',
  'third-mark',
  'off-scale',
] as const;
export type DialRefusal = (typeof DIAL_REFUSALS)[number];
export type DialReading =
  | { readonly ok: true; readonly value: number; readonly low: number; readonly high: number }
  | { readonly ok: false; readonly reason: DialRefusal };

const TURN = 2 * Math.PI;
/** Angle seen from the pivot, clockwise in the picture from its right, 0 up to a turn. */
export const angleOf = ([px, py]: DialPoint, [x, y]: DialPoint): number => (Math.atan2(y - py, x - px) + TURN) % TURN;
const distance = ([ax, ay]: DialPoint, [bx, by]: DialPoint) => Math.hypot(bx - ax, by - ay);

/** Touched points lie within so many px of what was meant. */
export const TOUCH_PX = 3;
/** How far beyond its end marks a scale is read on, as a share of the angle between its two last ones. */
const BEYOND = 0.15;
/** Marks closer together than this, in degrees, tell no scale. */
const LEAST_BETWEEN = (4 * Math.PI) / 180;

/** The scale unrolled from its first mark, clockwise or against it, values rising or falling along it throughout. */
function unrolled(pivot: DialPoint, marks: readonly DialMark[]): { angle: number; value: number }[] | DialRefusal {
  const byValue = [...marks].sort((a, b) => a.value - b.value);
  const angles = byValue.map((m) => angleOf(pivot, m.at));
  const steps = angles.slice(1).map((a, i) => (a - angles[i]! + TURN) % TURN);
  if (byValue.some((m, i) => i > 0 && m.value === byValue[i - 1]!.value)) return 'marks-together';
  if (steps.some((s) => s < LEAST_BETWEEN || s > TURN - LEAST_BETWEEN)) return 'marks-together';
  const clockwise = steps.reduce((s, x) => s + x, 0);
  const against = steps.reduce((s, x) => s + (TURN - x), 0);
  // Round the dial once at most; two marks alone are taken the shorter way.
  const way = clockwise <= against ? 1 : -1;
  if (Math.min(clockwise, against) > TURN) return 'marks-turn-back';
  let angle = 0;
  return byValue.map((m, i) => {
    if (i > 0) angle += way * (way > 0 ? steps[i - 1]! : TURN - steps[i - 1]!);
    return { angle, value: m.value };
  });
}

/**
 * What a needle shows, by the angles of touched marks seen from its pivot: linear from mark to mark, as scales are drawn. The
 * 10 and 90 % points come from how well a finger meets what it means. A dial seen aslant is read by more marks: between two
 * neighbours the slant hardly bends the scale. Refuses fewer than two marks, marks that do not run round, a needle's tip beside
 * the pivot, a needle that lies beside the shorter way between two marks alone (a third says which way the scale runs), and one
 * that stands beyond the scale: a peg is no figure.
 */
export function readDial(pivot: DialPoint, marks: readonly DialMark[], tip: DialPoint): DialReading {
  const refused = (reason: DialRefusal) => ({ ok: false, reason }) as const;
  if (marks.length < 2) return refused('few-marks');
  const scale = unrolled(pivot, marks);
  if (typeof scale === 'string') return refused(scale);
  const reach = distance(pivot, tip);
  const radius = marks.reduce((s, m) => s + distance(pivot, m.at), 0) / marks.length;
  if (reach < 0.2 * radius) return refused('needle-short');
  const first = angleOf(pivot, [...marks].sort((a, b) => a.value - b.value)[0]!.at);
  const last = scale[scale.length - 1]!.angle;
  const way = Math.sign(last);
  // The needle along the scale, from somewhat before its first mark on.
  const margin = BEYOND * Math.abs(scale[1]!.angle - scale[0]!.angle);
  let along = way * (angleOf(pivot, tip) - first);
  along = ((((along + margin) % TURN) + TURN) % TURN) - margin;
  const ends = Math.abs(last) + BEYOND * Math.abs(last - scale[scale.length - 2]!.angle);
  if (along > ends) return refused(marks.length === 2 ? 'third-mark' : 'off-scale');
  const angle = way * along;
  const i = Math.min(scale.length - 2, Math.max(0, scale.findIndex((s, k) => k > 0 && way * s.angle >= along) - 1));
  const k = along > way * last ? scale.length - 2 : i;
  const [a, b] = [scale[k]!, scale[k + 1]!];
  const perRad = (b.value - a.value) / (b.angle - a.angle);
  const value = a.value + (angle - a.angle) * perRad;
  // Touches at the tip and at the two marks beside it, each off by so much across the line of sight.
  const off = Math.hypot(TOUCH_PX / reach, TOUCH_PX / radius) * Math.abs(perRad) * 1.28;
  return { ok: true, value, low: value - off, high: value + off };
}
