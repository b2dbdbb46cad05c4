import { AXES, type Axis } from '../catalogue/axes';
import type { GradeTables, Lens } from './tables';
import { type WholeGrade, weighed } from './whole';

/** Why the schools disagree about a car: the kindest and the hardest, by how much, and the axes that make most of it. */
export interface LensDifference {
  readonly kindest: Lens;
  readonly hardest: Lens;
  readonly points: number;
  readonly axes: readonly Axis[];
}

/** Points by which schools must differ before it is worth a sentence, and how much of it the named axes explain; house values. */
const WORTH_SAYING = 5;
const EXPLAINED = 0.6;
const MOST_NAMED = 2;

/**
 * What makes the schools of judgement differ on a car: by how much more each axis drags the hardest one's mean down than the
 * kindest one's (terms of the power mean). Null where they nearly agree, or where a gate holds them all down.
 */
export function lensDifference(
  whole: readonly WholeGrade[],
  tables: Pick<GradeTables, 'lenses' | 'exponent'>,
): LensDifference | null {
  const up = [...whole].sort((a, b) => a.grade.value! - b.grade.value!);
  const [hardest, kindest] = [up[0], up[up.length - 1]];
  if (!hardest || !kindest) return null;
  const points = kindest.grade.value! - hardest.grade.value!;
  if (points < WORTH_SAYING) return null;
  const drag = (w: WholeGrade, axis: Axis) =>
    weighed(tables.lenses[w.lens]!, (a) => (a === axis ? Math.max(1, w.axes[a]) ** tables.exponent : 0));
  const more = AXES.map((axis) => ({ axis, by: drag(hardest, axis) - drag(kindest, axis) }))
    .filter((d) => d.by > 0)
    .sort((a, b) => b.by - a.by);
  const all = more.reduce((s, d) => s + d.by, 0);
  const axes: Axis[] = [];
  let told = 0;
  for (const d of more) {
    if (axes.length === MOST_NAMED || told > EXPLAINED * all) break;
    axes.push(d.axis);
    told += d.by;
  }
  return { kindest: kindest.lens, hardest: hardest.lens, points, axes };
}
