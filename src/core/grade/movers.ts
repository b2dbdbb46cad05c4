import { AXES, type Axis } from '../catalogue/axes';
import type { Coverage } from '../coverage/coverage';
import { findingLoss } from '../findings/loss';
import type { Part } from './axes';
import { type GradeTables, LENSES } from './tables';

/** What moves the whole. */
export interface Mover {
  readonly zone: string;
  /** Points of the whole: what an unseen place adds to its doubt by itself (weight × spread), or what a finding costs. */
  readonly points: number;
  readonly finding: string | null;
}

function axisWeight(axis: Axis, tables: GradeTables): number {
  const total = AXES.reduce((s, a) => s + LENSES.reduce((t, l) => t + tables.lenses[l]![a], 0), 0);
  return LENSES.reduce((t, l) => t + tables.lenses[l]![axis], 0) / total;
}

/** Unseen places that can be looked at, those that narrow the whole most first. */
export function unseenMovers(parts: readonly Part[], tables: GradeTables): Mover[] {
  const totals = new Map(AXES.map((a) => [a, parts.filter((p) => p.axis === a).reduce((s, p) => s + p.weight, 0)]));
  const byZone = new Map<string, number>();
  for (const p of parts) {
    if (p.seen || p.blocked || p.extra) continue;
    byZone.set(
      p.zone,
      (byZone.get(p.zone) ?? 0) + (axisWeight(p.axis, tables) * p.weight * p.sd) / totals.get(p.axis)!,
    );
  }
  return [...byZone]
    .map(([zone, points]) => ({ zone, points, finding: null }))
    .sort((a, b) => b.points - a.points)
    .slice(0, 8);
}

/** Findings by what they cost the whole, dearest first. */
export function findingMovers(coverage: Coverage, parts: readonly Part[], tables: GradeTables): Mover[] {
  const movers: Mover[] = [];
  for (const cell of coverage.cells) {
    const part = parts.find((p) => p.zone === cell.zone.slug && p.aspect === cell.aspect);
    if (!part || cell.findings.length === 0) continue;
    const total = parts.filter((p) => p.axis === part.axis).reduce((s, p) => s + p.weight, 0);
    const all = cell.findings.reduce((s, f) => s + findingLoss(f.body), 0);
    for (const f of cell.findings) {
      // What the gauge or the tape measured there is not the findings' doing.
      const lost =
        all === 0 ? 0 : (tables.seen.clean - part.mean) * (part.byFindings ?? 1) * (findingLoss(f.body) / all);
      movers.push({
        zone: cell.zone.slug,
        points: (axisWeight(part.axis, tables) * part.weight * lost) / total,
        finding: f.id,
      });
    }
  }
  return movers.sort((a, b) => b.points - a.points).slice(0, 8);
}
