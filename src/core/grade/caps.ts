import type { Axis } from '../catalogue/axes';
import type { ShutGate } from '../judge/judge';

/** The most that an axis, or the whole, can be graded: 100 where no gate holds it down. */
export const capOf = (of: Axis | 'whole', gates: readonly ShutGate[]): number =>
  Math.min(100, ...gates.filter((g) => g.caps === of).map((g) => g.at));

export const clamp = (v: number) => Math.min(100, Math.max(0, v));
