import type { ShutGate } from '../judge/judge';
import { normalDraw, seeded } from '../stats/random';
import type { AxisMoments } from './axes';
import { capOf, clamp } from './caps';
import type { GradeTables } from './tables';

const SEED = 20261124;

/** Seeded draws of all axes; one row a draw, so that every lens sees the same cars. */
export function drawAxes(moments: readonly AxisMoments[], gates: readonly ShutGate[], tables: GradeTables): number[][] {
  const random = seeded(SEED);
  const [shared, own] = [Math.sqrt(tables.acrossAxes), Math.sqrt(1 - tables.acrossAxes)];
  const caps = moments.map((m) => capOf(m.axis, gates));
  return Array.from({ length: tables.draws }, () => {
    const common = shared * normalDraw(random);
    return moments.map((m, i) => Math.min(caps[i]!, clamp(m.mean + m.sd * (common + own * normalDraw(random)))));
  });
}
