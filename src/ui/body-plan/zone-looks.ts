import type { Plan } from '@/core/body/plan';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { type Cell, type Coverage, isSeen } from '@/core/coverage/coverage';
import { severity } from '@/core/findings/loss';
import type { AnyRecord } from '@/core/kinds';
import type { ZonePaint } from '@/core/paint/zone-paint';
import { recordsOf } from '@/core/records/reduce';
import { type ThicknessUnit, thicknessFigure } from '@/core/units/thickness';
import type { PlanPin, ZoneLook } from './plan-drawing';
import { rampColour } from './ramp';

const shown = new Map<string, ZoneLook>();
const MOST_KEPT = 2000;

/** The same object for the same look, so that a piece whose look did not change is not drawn anew. */
function steady(look: ZoneLook): ZoneLook {
  const key = JSON.stringify(look);
  const before = shown.get(key);
  if (before) return before;
  if (shown.size >= MOST_KEPT) shown.clear();
  shown.set(key, look);
  return look;
}

/** A median as shown on the plan: the figure, or "≥ ceiling". */
export function medianLabel(zone: Pick<ZonePaint, 'medianUm' | 'n'>, unit: ThicknessUnit): string {
  if (zone.n === 0) return '';
  const { value, low } = zone.medianUm;
  return value === null ? `≥ ${thicknessFigure(low ?? 0, unit)}` : thicknessFigure(value, unit);
}

/** Zone looks by film thickness where measured; elsewhere paper, dashed while nothing was looked at. */
export function paintLooks(
  plan: Plan,
  zones: readonly ZonePaint[],
  coverage: Coverage,
  unit: ThicknessUnit,
): Map<string, ZoneLook> {
  const looks = coverageLooks(plan, coverage);
  for (const z of zones) {
    const before = looks.get(z.zone);
    if (z.n === 0) continue;
    const { value, low } = z.medianUm;
    const colour = rampColour(value ?? low ?? 0);
    looks.set(
      z.zone,
      steady({
        ...(before?.blocked && { blocked: true }),
        fill: colour.fill,
        text: colour.text,
        label: medianLabel(z, unit),
        hatched: value === null,
      }),
    );
  }
  return looks;
}

function cellsByZone(cells: readonly Cell[]): ReadonlyMap<string, readonly Cell[]> {
  const byZone = new Map<string, Cell[]>();
  for (const c of cells) {
    const own = byZone.get(c.zone.slug);
    if (own) own.push(c);
    else byZone.set(c.zone.slug, [c]);
  }
  return byZone;
}

/** Zone looks by what was seen only. */
export function coverageLooks(plan: Plan, coverage: Coverage): Map<string, ZoneLook> {
  const looks = new Map<string, ZoneLook>();
  const byZone = cellsByZone(coverage.cells);
  for (const slug of plan.zones.keys()) {
    const cells = byZone.get(slug) ?? [];
    const seen = cells.filter((c) => c.status === 'clean' || c.status === 'findings').length;
    looks.set(slug, steady({ unseen: seen === 0, blocked: seen === 0 && cells.some((c) => c.status === 'blocked') }));
  }
  return looks;
}

/** Zone looks by some aspects only: paper where none of them is looked for, dashed where nobody looked. */
export function aspectLooks(plan: Plan, cells: readonly Cell[]): Map<string, ZoneLook> {
  const looks = new Map<string, ZoneLook>();
  const byZone = cellsByZone(cells);
  for (const zone of plan.zones.values()) {
    const own = byZone.get(zone.slug) ?? [];
    if (own.length === 0) looks.set(zone.slug, { fill: 'var(--paper)' });
    else {
      const seen = own.some(isSeen);
      looks.set(zone.slug, {
        unseen: !seen,
        blocked: !seen && own.some((c) => c.status === 'blocked'),
        ...(seen && { fill: 'var(--wash)' }),
      });
    }
  }
  return looks;
}

/** The findings as pins. */
export function findingPins(records: readonly AnyRecord[] | ReadonlyMap<string, AnyRecord>): PlanPin[] {
  return recordsOf(records, 'finding').map((f) => ({
    id: f.id,
    zone: f.body.zone,
    place: f.body.place,
    outline: f.body.outline,
    family: flawById(f.body.flaw).family,
    severity: severity(f.body),
  }));
}
