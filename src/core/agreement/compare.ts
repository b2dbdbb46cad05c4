import { AXES, type Axis } from '../catalogue/axes';
import { flawById } from '../catalogue/flaws/by-id';
import type { Grade } from '../grade/grade';
import type { Judgement } from '../judge/judge';
import { type Limits, limitsOfAgreement } from './bland-altman';
import { type Kappa, pairTable, weightedKappa } from './kappa';

/** An inspection of a car by one inspector, judged and graded. */
export interface Inspected {
  readonly judgement: Judgement;
  readonly grade: Grade;
}
/** A finding that one has and the other, who looked there too, has not. */
export interface OnlyOne {
  readonly by: 'first' | 'second';
  readonly zone: string;
  readonly flaw: string;
}
export interface Agreement {
  /** The second's grade of each axis less the first's; null where one of them saw nothing of it. */
  readonly axes: readonly {
    readonly axis: Axis;
    readonly first: number | null;
    readonly second: number | null;
    readonly differ: number | null;
  }[];
  readonly whole: number | null;
  /** Of functions that both tried: works, poorly, not. */
  readonly functions: { readonly pairs: number; readonly kappa: Kappa | null };
  /** Of places whose metal both looked at: the worst stage of rust, none among them. */
  readonly stages: { readonly pairs: number; readonly kappa: Kappa | null };
  /** Of panels that both measured: medians in µm. */
  readonly film: { readonly pairs: number; readonly limits: Limits | null };
  readonly findings: { readonly both: number; readonly only: readonly OnlyOne[] };
}

const STATES = ['works', 'poor', 'dead'] as const;
const STAGES = [0, 1, 2, 3, 4] as const;

/** What each function was found to do, of those that were tried. */
const statesOf = ({ functions }: Judgement) =>
  new Map(functions.lines.flatMap((l) => (l.record ? [[l.id, l.record.body.state as string] as const] : [])));

/** The worst stage of rust of each zone whose metal was looked at. */
function stagesOf({ coverage, findings }: Judgement): Map<string, number> {
  const stages = new Map<string, number>();
  for (const c of coverage.cells)
    if (c.aspect === 'corrosion' && c.status !== 'unseen' && c.status !== 'blocked') stages.set(c.zone.slug, 0);
  for (const { body } of findings.all) {
    const { stage, family } = flawById(body.flaw);
    if (family === 'metal' && stage && stages.has(body.zone))
      stages.set(body.zone, Math.max(stages.get(body.zone)!, Math.min(STAGES.length - 1, stage)));
  }
  return stages;
}

const mediansOf = ({ paint }: Judgement) =>
  new Map(paint.zones.flatMap((z) => (z.medianUm.value === null ? [] : [[z.zone, z.medianUm.value] as const])));

/** What two say of the same things, for each that both speak of. */
const both = <K, V>(a: ReadonlyMap<K, V>, b: ReadonlyMap<K, V>): (readonly [V, V])[] =>
  [...a].flatMap(([k, v]) => (b.has(k) ? [[v, b.get(k)!] as const] : []));

/** Places that somebody looked at, by zone and aspect. */
const lookedAt = ({ coverage }: Judgement) =>
  new Set(coverage.cells.flatMap((c) => (c.status === 'unseen' || c.status === 'blocked' ? [] : [c.zone.slug])));

function findingsOf(first: Judgement, second: Judgement): Agreement['findings'] {
  const names = (j: Judgement) => new Set(j.findings.all.map((f) => `${f.body.zone} ${f.body.flaw}`));
  const [a, b] = [names(first), names(second)];
  const [seenA, seenB] = [lookedAt(first), lookedAt(second)];
  const missed = (
    own: ReadonlySet<string>,
    other: ReadonlySet<string>,
    looked: ReadonlySet<string>,
    by: OnlyOne['by'],
  ) =>
    [...own].flatMap((name): OnlyOne[] => {
      const [zone, flaw] = name.split(' ') as [string, string];
      return !other.has(name) && looked.has(zone) ? [{ by, zone, flaw }] : [];
    });
  return {
    both: [...a].filter((name) => b.has(name)).length,
    only: [...missed(a, b, seenB, 'first'), ...missed(b, a, seenA, 'second')],
  };
}

/**
 * How far two inspections of one car agree, of what both looked at and of nothing else: grades axis by axis, functions and
 * stages of rust by weighted kappa, film by limits of agreement, findings that one has alone.
 */
export function compareInspections(first: Inspected, second: Inspected): Agreement {
  const [a, b] = [first.judgement, second.judgement];
  const value = ({ grade }: Inspected, axis: Axis) => {
    const own = grade.axes.find((x) => x.axis === axis);
    return own && own.seen > 0 ? own.grade.value : null;
  };
  const states = both(statesOf(a), statesOf(b));
  const stages = both(stagesOf(a), stagesOf(b));
  const film = both(mediansOf(a), mediansOf(b));
  const [x, y] = [first.grade.whole[0]?.grade.value ?? null, second.grade.whole[0]?.grade.value ?? null];
  return {
    axes: AXES.map((axis) => {
      const [one, two] = [value(first, axis), value(second, axis)];
      return { axis, first: one, second: two, differ: one === null || two === null ? null : two - one };
    }),
    whole: x === null || y === null ? null : y - x,
    functions: { pairs: states.length, kappa: weightedKappa(pairTable<string>(states, STATES)) },
    stages: { pairs: stages.length, kappa: weightedKappa(pairTable<number>(stages, STAGES)) },
    film: { pairs: film.length, limits: limitsOfAgreement(film) },
    findings: findingsOf(a, b),
  };
}
