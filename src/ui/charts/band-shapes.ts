import type { Estimate } from '@/core/stats/estimate';

/** A hundredth is finer than a screen shows. */
const short = (v: number) => Number(v.toFixed(2));

/** The line of a scale 0 to 100 drawn 200 wide, with ticks at the limits. */
export function scalePath(limits: readonly number[], height: number): string {
  const ticks = limits.map((l) => `M${l * 2} ${short(height * 0.28)}V${short(height * 0.72)}`).join('');
  return `M0 ${height / 2}H200${ticks}`;
}

/** The shapes of a band on such a scale: what the interval covers, and where its value lies. */
export function bandShapes(grade: Pick<Estimate, 'low' | 'value' | 'high'>, height: number) {
  const low = grade.low ?? 0;
  const high = grade.high ?? 100;
  const value = grade.value ?? (low + high) / 2;
  const width = Math.max(1.5, high - low);
  const upright = (x: number) => `M${short(x)} ${short(height * 0.04)}V${short(height * 0.96)}`;
  return {
    // Its soft ends lie outside the interval.
    band: {
      x: short(low * 2 - width * 0.3),
      y: short(height * 0.14),
      width: short(width * 2.6),
      height: short(height * 0.72),
    },
    at: upright(value * 2),
    /** Where a limit holds the value down. */
    cap: upright(value * 2 + 3),
  };
}
