import { JOB_SPREAD } from './profiles';

interface Level {
  readonly zone: string;
  /** ln(median µm) and its standard deviation. */
  readonly mean: number;
  readonly sd: number;
  readonly areaM2: number;
}

/**
 * Which panels were painted together: zones sorted by level and cut into runs so that the weighted squares within runs
 * plus a penalty per run are least (optimal one-dimensional partition by dynamic programming, Fisher, JASA 53, 1958;
 * the penalty after Schwarz, Ann. Stat. 6, 1978). Returns each zone's job, 1 for the one with the most area.
 */
export function groupJobs(levels: readonly Level[]): Map<string, number> {
  const sorted = [...levels].sort((a, b) => a.mean - b.mean || (a.zone < b.zone ? -1 : 1));
  const n = sorted.length;
  const cost = (from: number, to: number) => {
    let w = 0;
    let wx = 0;
    let wxx = 0;
    for (let i = from; i < to; i++) {
      const { mean, sd } = sorted[i]!;
      const weight = 1 / (sd * sd + JOB_SPREAD.withinJob ** 2);
      w += weight;
      wx += weight * mean;
      wxx += weight * mean * mean;
    }
    return wxx - (wx * wx) / w;
  };
  const best = [0];
  const cut = [0];
  for (let to = 1; to <= n; to++) {
    best[to] = Infinity;
    for (let from = 0; from < to; from++) {
      const total = best[from]! + cost(from, to) + JOB_SPREAD.penaltyPerJob * 2;
      if (total < best[to]!) {
        best[to] = total;
        cut[to] = from;
      }
    }
  }
  const runs: Level[][] = [];
  for (let to = n; to > 0; to = cut[to]!) runs.push(sorted.slice(cut[to]!, to));
  const area = (run: readonly Level[]) => run.reduce((s, l) => s + l.areaM2, 0);
  runs.sort((a, b) => area(b) - area(a));
  return new Map(runs.flatMap((run, i) => run.map((l) => [l.zone, i + 1] as const)));
}
