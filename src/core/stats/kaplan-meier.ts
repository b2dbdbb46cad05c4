/** One observation: a value, or a right-censored one that is only known to be at least that much. */
export interface Observation {
  readonly value: number;
  readonly censored: boolean;
}

/** A step of the survival curve: the share above `value`, with Greenwood's standard error. */
export interface SurvivalStep {
  readonly value: number;
  readonly survival: number;
  readonly se: number;
  readonly atRisk: number;
}

/**
 * The share of the population above each observed value, without any assumption on its shape (Kaplan and Meier, JASA 53,
 * 1958), with standard errors after Greenwood (1926). A censored observation counts as at risk up to and including its
 * own value. Steps come in rising order of value, one for each distinct uncensored value; empty without one.
 */
export function kaplanMeier(observations: readonly Observation[]): SurvivalStep[] {
  const sorted = [...observations].sort((a, b) => a.value - b.value);
  const steps: SurvivalStep[] = [];
  let survival = 1;
  let greenwood = 0;
  for (let i = 0; i < sorted.length; ) {
    const { value } = sorted[i]!;
    const atRisk = sorted.length - i;
    let events = 0;
    for (; i < sorted.length && sorted[i]!.value === value; i++) if (!sorted[i]!.censored) events++;
    if (events === 0) continue;
    survival *= 1 - events / atRisk;
    // At the last observation everybody at risk has gone: the sum has no next term.
    if (atRisk > events) greenwood += events / (atRisk * (atRisk - events));
    steps.push({ value, survival, se: survival * Math.sqrt(greenwood), atRisk });
  }
  return steps;
}

/** The smallest value at which no more than half survive; null when the curve does not come down so far. */
export function kaplanMeierMedian(observations: readonly Observation[]): number | null {
  return kaplanMeier(observations).find((s) => s.survival <= 0.5)?.value ?? null;
}

/** The share above a cut; the curve's last step holds beyond its last value. 1 before the first. */
export function shareAbove(steps: readonly SurvivalStep[], cut: number): number {
  let share = 1;
  for (const s of steps) {
    if (s.value > cut) break;
    share = s.survival;
  }
  return share;
}
