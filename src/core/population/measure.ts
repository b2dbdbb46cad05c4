import { type Plan, planOf } from '../body/plan';
import { STYLES } from '../body/styles';
import { VIEWS } from '../body/zone';
import { AXES, type Axis } from '../catalogue/axes';
import type { Losses } from '../grade/axes';
import { capOf } from '../grade/caps';
import { expectedLosses } from '../grade/expect';
import type { GradedBy } from '../grade/graded-by';
import { lostShare, type Piece, piecesOf } from '../grade/pieces';
import { LENSES, type Lens } from '../grade/tables';
import { carValues, doubtsOf, unseenOf } from '../grade/values';
import { weighed } from '../grade/whole';
import { doubtOfAxes, type Yardstick } from '../grade/yardstick';
import { endingsOf, type Judgement, originalOf, shutGates } from '../judge/judge';
import type { ModelTables } from '../judge/models';
import { normalCdf, normalQuantile } from '../stats/normal';
import { quantile } from '../stats/quantile';
import { type Random, seeded } from '../stats/random';
import { type Hidden, judgeMade } from './judge-made';
import { type MadeCar, makeCar } from './made-car';

/** Ages at which cars are made, years. */
export const AGES = [10, 25, 40, 55, 70, 90, 115] as const;
/** Shares unseen at which doubt is told, and shares of cars at which grades are. */
const UNSEEN = [0, 0.04, 0.1, 0.2, 0.35, 0.55, 0.75, 1];
const SHARES = [0, 0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.98, 1];
const SEED = 20261126;

export const STYLE_PLANS: readonly Plan[] = STYLES.map((s) => planOf(s.slug)!);

/** Numbers that the made cars are graded by. */
export type Numbers = ModelTables & Pick<GradedBy, 'grade'>;

/** A made car with its pieces as a full look finds them. */
export interface Looked {
  readonly made: MadeCar;
  readonly plan: Plan;
  readonly ageIndex: number;
  readonly judgement: Judgement;
  readonly pieces: readonly Piece[];
}

/** Axes and wholes of a judged car; where not all was seen, with what is to be reckoned with. */
export function figuresOf(judgement: Judgement, pieces: readonly Piece[], ageYears: number, by: GradedBy) {
  const gates = shutGates(judgement);
  const lost: Losses = {
    pieces,
    expected: pieces.some((p) => p.state !== 'looked') ? expectedLosses(pieces, ageYears, by.yardstick) : new Map(),
    original: originalOf(judgement),
    ends: endingsOf(judgement).length,
  };
  const values = carValues(lost, gates, by);
  const cap = capOf('whole', gates);
  return {
    axes: Object.fromEntries(AXES.map((a) => [a, Math.min(capOf(a, gates), values.axes[a])])) as Record<Axis, number>,
    lenses: Object.fromEntries(LENSES.map((l) => [l, Math.min(cap, values.lenses[l].whole)])) as Record<Lens, number>,
  };
}

/** Makes a car of the age at an index and looks at all of it. */
export function lookAtMade(random: Random, ageIndex: number, tables: ModelTables): Looked {
  const plan = STYLE_PLANS[Math.floor(random() * STYLE_PLANS.length)]!;
  const made = makeCar(random, plan, AGES[ageIndex]!);
  const judgement = judgeMade(plan, made, tables);
  return { made, plan, ageIndex, judgement, pieces: piecesOf(judgement) };
}

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

interface KindCount {
  readonly axis: Axis;
  readonly at: Counted[];
  effort: number;
  patina: number;
  hidden: number;
}

const blank = (): Counted => ({ places: 0, lost: 0, logSum: 0, logSquares: 0, pairs: 0, bothLost: 0 });

function countPieces(kinds: Map<string, KindCount>, { pieces, ageIndex }: Looked): void {
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

const round = (v: number, digits: number) => Number(v.toFixed(digits));

function marginOf(c: Counted): [number, number, number] {
  const n = Math.max(1, c.lost);
  const mean = c.lost === 0 ? Math.log(0.1) : c.logSum / n;
  const sd = c.lost < 2 ? 0.8 : Math.sqrt(Math.max(0.01, c.logSquares / n - mean ** 2));
  // One never counted is not impossible.
  return [round((c.lost + 0.1) / (c.places + 1), 4), round(mean, 3), round(sd, 3)];
}

function kindsOf(counts: ReadonlyMap<string, KindCount>): Yardstick['kinds'] {
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

function correlation(a: readonly number[], b: readonly number[]): number {
  const mean = (v: readonly number[]) => v.reduce((s, x) => s + x, 0) / v.length;
  const [ma, mb] = [mean(a), mean(b)];
  let [ab, aa, bb] = [0, 0, 0];
  a.forEach((x, i) => {
    ab += (x - ma) * (b[i]! - mb);
    aa += (x - ma) ** 2;
    bb += (b[i]! - mb) ** 2;
  });
  return ab / Math.sqrt(aa * bb);
}

/** How far the axes of a car go together, on the mean of all pairs and ages. */
function acrossOf(values: readonly (readonly Record<Axis, number>[])[]): number {
  const pairs = AXES.flatMap((a, i) => AXES.slice(i + 1).map((b) => [a, b] as const));
  const all = values.flatMap((cars) =>
    pairs.map(([a, b]) =>
      correlation(
        cars.map((c) => c[a]),
        cars.map((c) => c[b]),
      ),
    ),
  );
  return all.reduce((s, c) => s + c, 0) / all.length;
}

/** A look that leaves out parts of the car, single places or single things, as looks do. */
export function partOfALook(random: Random): Hidden {
  const style = random();
  const share = random();
  const views = new Set(VIEWS.filter(() => random() < share * 0.8));
  const zones = new Map<string, boolean>();
  const of = (key: string) => {
    if (!zones.has(key)) zones.set(key, random() < share);
    return zones.get(key)!;
  };
  if (style < 0.45) return (z) => views.has(z.view);
  if (style < 0.8) return (z) => views.has(z.view) || of(z.slug);
  return (z, aspect) => of(`${z.slug}/${aspect}`);
}

interface Miss {
  /** What it goes by: the share unseen, or the doubt of the axes. */
  readonly at: number;
  readonly by: number;
}

/** Where full looks lie: their middle, never rising, and eight of ten below and above it, never falling with what it goes by. */
function doubtFrom(misses: readonly Miss[], at: readonly number[]): Yardstick['doubt']['axes'][Axis] {
  const [mid, low, high] = [[0], [0], [0]];
  for (let k = 1; k < at.length; k++) {
    const from = (at[k - 1]! + at[k]!) / 2;
    const to = k === at.length - 1 ? Infinity : (at[k]! + at[k + 1]!) / 2;
    const near = misses.filter((m) => m.at >= from && m.at < to).map((m) => m.by);
    near.sort((a, b) => a - b);
    const middle = quantile(near, 0.5) ?? 0;
    // Looking less must not make a car better.
    mid.push(round(Math.min(mid[k - 1]!, middle), 2));
    low.push(round(Math.max(low[k - 1]!, middle - (quantile(near, 0.1) ?? 0)), 2));
    high.push(round(Math.max(high[k - 1]!, (quantile(near, 0.9) ?? 0) - middle), 2));
  }
  return { at: [...at], mid, low, high };
}

/** Shares of the looks tried at which the doubt of the whole is told. */
const LOOKS = [0.08, 0.2, 0.35, 0.5, 0.65, 0.8, 0.9, 0.97];

/** Where looks lie by what their doubt goes by, from none on. */
function knotsOf(misses: readonly Miss[]): number[] {
  const up = misses.map((m) => m.at).sort((a, b) => a - b);
  const knots = LOOKS.map((p) => round(quantile(up, p)!, 2));
  return [0, ...knots.filter((k, i) => k > (knots[i - 1] ?? 0))];
}

export type Progress = (done: number, of: number) => void;

/**
 * Measures made cars: margins of every kind of place by age, how far they go together, where grades lie among cars of an age,
 * and how far a grade lies off by what was not seen. `cars` of them, evenly over the ages; the same numbers, the same result.
 */
export function measureCars(
  cars: number,
  numbers: Numbers,
  madeFrom: string,
  progress: Progress = () => undefined,
): Yardstick {
  const perAge = Math.max(1, Math.round(cars / AGES.length));
  const random = seeded(SEED);
  const counts = new Map<string, KindCount>();
  const looked: Looked[] = [];
  // A fully seen car needs no yardstick: nothing is reckoned with.
  const blind = { grade: numbers.grade, yardstick: { kinds: {} } as Yardstick };
  const values = AGES.map((_, ageIndex) =>
    Array.from({ length: perAge }, (_, n) => {
      const car = lookAtMade(random, ageIndex, numbers);
      countPieces(counts, car);
      if (n < DOUBTED_PER_AGE) looked.push(car);
      if (n % 200 === 0) progress(ageIndex * perAge + n, AGES.length * perAge);
      return figuresOf(car.judgement, car.pieces, AGES[ageIndex]!, blind);
    }),
  );
  const sorted = (of: readonly number[]) => {
    const up = [...of].sort((a, b) => a - b);
    return SHARES.map((p) => round(quantile(up, p)!, 1));
  };
  const half: Omit<Yardstick, 'doubt'> = {
    source: 'cars made after the house’s own table of what is commonly found (core/population/incidence.ts)',
    madeFrom,
    cars: perAge * AGES.length,
    ages: [...AGES],
    kinds: kindsOf(counts),
    acrossAxes: round(Math.max(0, acrossOf(values.map((v) => v.map((f) => f.axes)))), 3),
    ranks: {
      shares: SHARES,
      axes: Object.fromEntries(AXES.map((a) => [a, values.map((v) => sorted(v.map((f) => f.axes[a])))])) as never,
      lenses: Object.fromEntries(LENSES.map((l) => [l, values.map((v) => sorted(v.map((f) => f.lenses[l])))])) as never,
    },
  };
  const by = { grade: numbers.grade, yardstick: half as Yardstick };
  return {
    ...half,
    doubt: doubtOf(
      looked,
      values.flatMap((v) => v.slice(0, DOUBTED_PER_AGE)),
      numbers,
      by,
      random,
    ),
  };
}

/** Cars of each age of which parts are hidden again to see how far off that puts the grade. */
const DOUBTED_PER_AGE = 900;

type Figures = ReturnType<typeof figuresOf>;

/** Hides parts of cars that were seen whole, grades what is left, and says how far off that was. */
function doubtOf(
  looked: readonly Looked[],
  full: readonly Figures[],
  numbers: Numbers,
  by: GradedBy,
  random: Random,
): Yardstick['doubt'] {
  const tried = looked.map(({ plan, made, ageIndex }) => {
    const judgement = judgeMade(plan, made, numbers, partOfALook(random));
    const pieces = piecesOf(judgement);
    return {
      guess: figuresOf(judgement, pieces, AGES[ageIndex]!, by),
      unseen: unseenOf(pieces, numbers.grade.partlySeen),
    };
  });
  const axes = Object.fromEntries(
    AXES.map((a) => [
      a,
      doubtFrom(
        tried.map((t, i) => ({ at: t.unseen[a].doubtful, by: full[i]!.axes[a] - t.guess.axes[a] })),
        UNSEEN,
      ),
    ]),
  ) as Yardstick['doubt']['axes'];
  const doubts = tried.map((t) => doubtsOf(t.unseen, { doubt: { axes, lenses: {} as never } }));
  const lenses = Object.fromEntries(
    LENSES.map((l) => {
      const misses = tried.map((t, i) => ({
        at: doubtOfAxes((of) => weighed(numbers.grade.lenses[l]!, of), doubts[i]!, numbers.grade.doubtTogether),
        by: full[i]!.lenses[l] - t.guess.lenses[l],
      }));
      return [l, doubtFrom(misses, knotsOf(misses))];
    }),
  ) as Yardstick['doubt']['lenses'];
  return { axes, lenses };
}
