import jstat from 'jstat';
import { AXES, type Axis } from '../catalogue/axes';
import { lostShare } from '../grade/pieces';
import type { Yardstick } from '../grade/yardstick';
import { normalCdf, normalQuantile } from '../stats/normal';
import { AGES, type Looked } from './looked';
import { round } from './round';

/** What was counted of a kind of place at one age. */
interface Counted {
  places: number;
  lost: number;
  logSum: number;
  logSquares: number;
  /** Pairs of such places of one car, and pairs that both lost something. */
  pairs: number;
  bothLost: number;
}

export interface KindCount {
  readonly axis: Axis;
  readonly at: Counted[];
  effort: number;
  patina: number;
  hidden: number;
}

const blank = (): Counted => ({ places: 0, lost: 0, logSum: 0, logSquares: 0, pairs: 0, bothLost: 0 });

export function countPieces(kinds: Map<string, KindCount>, { pieces, ageIndex }: Looked): void {
  const here = new Map<string, [places: number, lost: number]>();
  for (const p of pieces) {
    if (p.whole === 0) continue;
    let kind = kinds.get(p.kind);
    if (!kind) {
      kind = { axis: p.axis, at: AGES.map(blank), effort: 0, patina: 0, hidden: 0 };
      kinds.set(p.kind, kind);
    }
    const at = kind.at[ageIndex]!;
    const share = lostShare(p.losses);
    at.places++;
    const own = here.get(p.kind) ?? [0, 0];
    here.set(p.kind, [own[0] + 1, own[1] + (share > 0 ? 1 : 0)]);
    if (share <= 0) continue;
    at.lost++;
    at.logSum += Math.log(share);
    at.logSquares += Math.log(share) ** 2;
    for (const l of p.losses) {
      kind.effort += l.share;
      if (l.sort === 'patina') kind.patina += l.share;
      if (l.sort === 'hidden') kind.hidden += l.share;
    }
  }
  for (const [kind, [places, lost]] of here) {
    const at = kinds.get(kind)!.at[ageIndex]!;
    at.pairs += places * (places - 1);
    at.bothLost += lost * (lost - 1);
  }
}

const NODES = Array.from({ length: 41 }, (_, i) => -4 + i * 0.2);
const NODE_WEIGHTS = NODES.map((z) => Math.exp((-z * z) / 2));
const NODE_TOTAL = NODE_WEIGHTS.reduce((a, b) => a + b, 0);

/** Chance that two places both lost something, each with chance p, that go together by a load on one factor. */
function both(p: number, load: number): number {
  const from = normalQuantile(p);
  const own = Math.sqrt(1 - load * load);
  return NODES.reduce((s, z, i) => s + NODE_WEIGHTS[i]! * normalCdf((from + load * z) / own) ** 2, 0) / NODE_TOTAL;
}

/** The load by which places of a kind go together as often as was counted; null where a car has but one. */
function loadOf(at: readonly Counted[]): number | null {
  const loads = at.flatMap((c) => {
    const p = c.lost / Math.max(1, c.places);
    if (c.pairs < 400 || p < 0.004 || p > 0.996) return [];
    const target = c.bothLost / c.pairs;
    let [low, high] = [0, 0.95];
    for (let i = 0; i < 18; i++) {
      const mid = (low + high) / 2;
      if (both(p, mid) < target) low = mid;
      else high = mid;
    }
    return [(low + high) / 2];
  });
  return loads.length === 0 ? null : loads.reduce((a, b) => a + b, 0) / loads.length;
}

function marginOf(c: Counted): [number, number, number] {
  const n = Math.max(1, c.lost);
  const mean = c.lost === 0 ? Math.log(0.1) : c.logSum / n;
  const sd = c.lost < 2 ? 0.8 : Math.sqrt(Math.max(0.01, c.logSquares / n - mean ** 2));
  // One never counted is not impossible.
  return [round((c.lost + 0.1) / (c.places + 1), 4), round(mean, 3), round(sd, 3)];
}

export function kindsOf(counts: ReadonlyMap<string, KindCount>): Yardstick['kinds'] {
  const loads = new Map([...counts].map(([name, k]) => [name, loadOf(k.at)]));
  const known = [...loads.values()].filter((l) => l !== null);
  const usual = known.reduce((a, b) => a + b, 0) / Math.max(1, known.length);
  return Object.fromEntries(
    [...counts]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, k]) => [
        name,
        {
          axis: k.axis,
          load: round(loads.get(name) ?? usual, 3),
          patina: round(k.effort === 0 ? 0 : k.patina / k.effort, 3),
          hidden: round(k.effort === 0 ? 0 : k.hidden / k.effort, 3),
          at: k.at.map(marginOf),
        },
      ]),
  );
}

/** How far the axes of a car go together, on the mean of all pairs and ages. */
export function acrossOf(values: readonly (readonly Record<Axis, number>[])[]): number {
  const pairs = AXES.flatMap((a, i) => AXES.slice(i + 1).map((b) => [a, b] as const));
  const all = values.flatMap((cars) =>
    pairs.map(([a, b]) =>
      jstat.jStat.corrcoeff(
        cars.map((c) => c[a]),
        cars.map((c) => c[b]),
      ),
    ),
  );
  return all.reduce((s, c) => s + c, 0) / all.length;
}
