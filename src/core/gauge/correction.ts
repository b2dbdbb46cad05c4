import type { Gauge } from '../kinds/visit';
import { GAUGE_LIMITS } from './limits';

/** How what a gauge shows becomes µm: shown × scale + offset. */
export interface Correction {
  readonly scale: number;
  readonly offsetUm: number;
  /** How far the corrected foil moved from the first check to the last, µm; null with fewer than two. */
  readonly driftUm: number | null;
  readonly drifted: boolean;
  readonly checks: number;
}

export type CorrectionResult =
  | ({ readonly ok: true } & Correction)
  | { readonly ok: false; readonly reason: 'no-check' | 'implausible' };

type Check = Gauge['checks'][number];

const lineOf = ({ zeroUm, foilUm, foilReadUm }: Check) => {
  const scale = foilUm / (foilReadUm - zeroUm);
  return { scale, offsetUm: -scale * zeroUm };
};

const plausible = ({ scale, offsetUm }: { scale: number; offsetUm: number }) =>
  Number.isFinite(scale) &&
  scale > 0 &&
  scale <= GAUGE_LIMITS.mostScale &&
  scale >= 1 / GAUGE_LIMITS.mostScale &&
  Math.abs(offsetUm) <= GAUGE_LIMITS.mostOffsetUm;

/**
 * The two-point correction of a gauge from its checks on the bare plate and a foil (ASTM D7091: adjustment on zero and a
 * certified shim): the mean of the lines through each check. Refuses without a check, and where a check would bend the
 * readings more than any working gauge is off.
 */
export function correctionOf(checks: Gauge['checks']): CorrectionResult {
  if (checks.length === 0) return { ok: false, reason: 'no-check' };
  const lines = checks.map(lineOf);
  if (!lines.every(plausible)) return { ok: false, reason: 'implausible' };
  const mean = (of: (l: (typeof lines)[number]) => number) => lines.reduce((s, l) => s + of(l), 0) / lines.length;
  const scale = mean((l) => l.scale);
  const offsetUm = mean((l) => l.offsetUm);
  const [first, last] = [checks[0]!, checks.at(-1)!];
  const corrected = (c: Check) => c.foilReadUm * scale + offsetUm - c.foilUm;
  const driftUm = checks.length < 2 ? null : corrected(last) - corrected(first);
  const allowed = GAUGE_LIMITS.driftUm + GAUGE_LIMITS.driftShare * last.foilUm;
  return {
    ok: true,
    scale,
    offsetUm,
    driftUm,
    drifted: driftUm !== null && Math.abs(driftUm) > allowed,
    checks: checks.length,
  };
}

/** A shown thickness in µm, corrected; never below zero. */
export function correctedUm(shownUm: number, correction: CorrectionResult): number {
  return correction.ok ? Math.max(0, shownUm * correction.scale + correction.offsetUm) : shownUm;
}
