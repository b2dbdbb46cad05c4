import { boxOf } from '../body/geometry';
import { type Plan, seamSlug } from '../body/plan';
import type { Zone } from '../body/zone';
import type { AnyRecord } from '../kinds';
import { recordsOf } from '../records/reduce';
import { type HungPanel, placeOn } from './hung-panels';
import type { PanelFitResult } from './panel-fit';
import type { SeamFit } from './seams';
import type { Stance } from './stance';

export const FIT_HINTS = ['worn-top-hinge', 'sagging-body', 'shifted-front', 'lean'] as const;

/** A pattern that suggests a cause; inferred, never a fact. */
export interface FitHint {
  readonly kind: (typeof FIT_HINTS)[number];
  readonly zones: readonly string[];
  /** The figures behind it, mm. */
  readonly figuresMm: readonly number[];
}

/** House values of what is worth a hint. */
export const HINT_LIMITS = {
  /** Drop of a door's latch edge by its fit or on opening, and the least by its fit beside a drop on opening, mm. */
  dropMm: 1.5,
  hangsMm: 0.6,
  /** Closing of both doors' gaps towards the top, mm. */
  closesMm: 1,
  /** Difference of the gaps beside the hood, mm. */
  shiftMm: 1.5,
  source: 'house starting values',
} as const;

/** Gap at the upper end of an upright seam less that at its lower end, mm; null without both. */
function widerAtTop(plan: Plan, zone: Zone, fit: SeamFit): number | null {
  const seam = plan.seams.get(fit.seam)!;
  const placed = fit.stations.flatMap((s) => {
    const p = placeOn(zone, seam, s.sMm);
    return s.gap && (p.side === 'front' || p.side === 'rear') ? [{ y: p.y, w: s.gap.value! }] : [];
  });
  if (placed.length < 2) return null;
  placed.sort((a, b) => a.y - b.y);
  return placed.at(-1)!.w - placed[0]!.w;
}

/** How much lower the latch edge of a door hangs than its hinge edge, mm, by its fitted turn. */
function latchDrop(zone: Zone, fit: Extract<PanelFitResult, { ok: true }>): number {
  const box = boxOf(zone.outline);
  return (fit.inPlane.rotMrad.value! / 1000) * (box.maxX - box.minX);
}

/** The patterns that what was measured shows. */
export function hintsOf(
  plan: Plan,
  records: readonly AnyRecord[],
  seams: ReadonlyMap<string, SeamFit>,
  panels: readonly HungPanel[],
  stance: Stance | null,
  leanMm: number,
): FitHint[] {
  const hints: FitHint[] = [];
  const closing = new Map<string, number[]>();
  for (const { zone: slug, hung, fit } of panels) {
    if (hung !== 'door') continue;
    const zone = plan.zones.get(slug)!;
    const { side } = zone;
    const tops = zone.seams.flatMap((s) => {
      const found = seams.get(s);
      return found ? (widerAtTop(plan, zone, found) ?? []) : [];
    });
    closing.set(side, [...(closing.get(side) ?? []), ...tops]);
    const opened = recordsOf(records, 'shut').findLast((s) => s.body.zone === slug)?.body.dropMm ?? 0;
    const hangs = fit.ok && fit.verdict !== 'good' && fit.verdict !== 'reshape' ? latchDrop(zone, fit) : 0;
    // A door that hangs low at its latch and drops further when it is opened: its upper hinge has worn.
    if (hangs >= HINT_LIMITS.dropMm || (opened >= HINT_LIMITS.dropMm && hangs >= HINT_LIMITS.hangsMm))
      hints.push({ kind: 'worn-top-hinge', zones: [slug], figuresMm: opened > 0 ? [hangs, opened] : [hangs] });
  }
  const both = ['left', 'right'].map((s) => closing.get(s) ?? []);
  const mean = (list: readonly number[]) => list.reduce((t, v) => t + v, 0) / list.length;
  if (both.every((l) => l.length > 0 && mean(l) <= -HINT_LIMITS.closesMm))
    hints.push({
      kind: 'sagging-body',
      zones: panels.filter((p) => p.hung === 'door').map((p) => p.zone),
      figuresMm: both.map(mean),
    });
  const [left, right] = ['fender.left', 'fender.right'].map(
    (z) => seams.get(seamSlug(z, 'hood'))?.meanMm.value ?? null,
  );
  if (typeof left === 'number' && typeof right === 'number' && Math.abs(left - right) >= HINT_LIMITS.shiftMm)
    hints.push({ kind: 'shifted-front', zones: ['hood', 'fender.left', 'fender.right'], figuresMm: [left, right] });
  if (stance && Math.max(Math.abs(stance.leanFrontMm), Math.abs(stance.leanRearMm)) >= leanMm)
    hints.push({ kind: 'lean', zones: [], figuresMm: [stance.leanFrontMm, stance.leanRearMm] });
  return hints;
}
