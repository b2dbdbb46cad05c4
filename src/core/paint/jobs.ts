import { JOB_SPREAD } from './profiles';

/** A panel's fitted level and unevenness: ln(median µm) and ln(spread), each with its standard deviation. */
export interface PanelLevel {
  readonly zone: string;
  readonly mean: number;
  readonly sd: number;
  readonly lnSpread: number;
  readonly lnSpreadSd: number;
  readonly areaM2: number;
}

interface Group {
  readonly zones: readonly string[];
  readonly areaM2: number;
  /** Sums over members of weight, weighted value and weighted square, for level and for spread. */
  readonly level: readonly [number, number, number];
  readonly spread: readonly [number, number, number];
}

const sums = (value: number, variance: number): [number, number, number] => {
  const w = 1 / variance;
  return [w, w * value, w * value * value];
};
const add = (a: Group['level'], b: Group['level']): [number, number, number] => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
const within = ([w, wx, wxx]: Group['level']) => wxx - (wx * wx) / w;
const cost = (g: Group) => within(g.level) + within(g.spread);

/**
 * Which panels were painted together, by level and unevenness: panels are joined pair by pair, each time the two groups
 * whose joining adds least to the weighted squares within groups (Ward, JASA 58, 1963), and the number of groups is the
 * one at which squares, a penalty per group (after Schwarz, Ann. Stat. 6, 1978) and the entropy of the shares of the
 * groups are least: without the last, many panels of one job would always be cut in two (classification likelihood,
 * Symons, Biometrics 37, 1981). Returns each zone's job, 1 for the one with the most area.
 */
export function groupJobs(levels: readonly PanelLevel[]): Map<string, number> {
  let groups: Group[] = levels.map((l) => ({
    zones: [l.zone],
    areaM2: l.areaM2,
    level: sums(l.mean, l.sd ** 2 + JOB_SPREAD.withinJob ** 2),
    spread: sums(l.lnSpread, l.lnSpreadSd ** 2 + JOB_SPREAD.withinJobSpread ** 2),
  }));
  const shared = (g: Group) => 2 * g.zones.length * Math.log(levels.length / g.zones.length);
  const penalised = (gs: readonly Group[]) =>
    gs.reduce((s, g) => s + cost(g) + shared(g), 0) + gs.length * JOB_SPREAD.penaltyPerJob * 2;
  let best = { groups, score: penalised(groups) };
  while (groups.length > 1) {
    let pair: { i: number; j: number; joined: Group; added: number } | null = null;
    for (let i = 0; i < groups.length; i++)
      for (let j = i + 1; j < groups.length; j++) {
        const [a, b] = [groups[i]!, groups[j]!];
        const joined: Group = {
          zones: [...a.zones, ...b.zones],
          areaM2: a.areaM2 + b.areaM2,
          level: add(a.level, b.level),
          spread: add(a.spread, b.spread),
        };
        const added = cost(joined) - cost(a) - cost(b);
        if (!pair || added < pair.added) pair = { i, j, joined, added };
      }
    const { i, j, joined } = pair!;
    groups = [...groups.filter((_, k) => k !== i && k !== j), joined];
    const score = penalised(groups);
    if (score <= best.score) best = { groups, score };
  }
  const order = [...best.groups].sort((a, b) => b.areaM2 - a.areaM2 || (a.zones[0]! < b.zones[0]! ? -1 : 1));
  return new Map(order.flatMap((g, i) => g.zones.map((z) => [z, i + 1] as const)));
}
