import { isCarried, isDenied } from '../balance/weigh';
import type { Aspect, View, Zone } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import { costOf, drawInputOf, workOf } from '../cost/cost';
import { aspectOf, isSeen } from '../coverage/coverage';
import { STATION_TABLE, type StationId } from '../days/stations';
import type { Tables } from '../grade/all-tables';
import { type Judgement, judge } from '../judge/judge';
import type { AnyRecord, StoredRecord } from '../kinds';
import { bodyWithDefaults } from '../kinds/with-defaults';
import type { PaintState } from '../paint/profiles';
import { gaugeCanRead, readingsNeeded } from '../paint/sampling';
import type { MadeFinding } from '../population/made-car';
import { recordsOf } from '../records/reduce';
import { carOfPractice } from './car-record';
import type { FunctionTruth, PracticeClaimKind, PracticeTruth } from './practice-car';

/** How a fault of the car came out of the inspection. */
export const OUTCOMES = ['found', 'called-otherwise', 'missed', 'not-looked'] as const;
export type FaultOutcome = (typeof OUTCOMES)[number];

export interface FaultTold extends MadeFinding {
  readonly aspect: Aspect | null;
  readonly outcome: FaultOutcome;
  /** What it was called where it was called otherwise. */
  readonly called: string | null;
}
export interface PanelTold {
  readonly zone: string;
  readonly truth: PaintState;
  readonly readings: number;
  readonly needed: number;
  /** What the readings say it most likely is; null without enough to say anything. */
  readonly said: PaintState | null;
}
export interface FunctionTold {
  readonly id: string;
  readonly truth: FunctionTruth;
  /** What was entered; null: not tried. */
  readonly said: string | null;
}
export interface ClaimTold {
  readonly kind: PracticeClaimKind;
  readonly text: string;
  readonly holds: boolean;
  readonly word: string;
  /** Carried where it holds, contradicted or doubted where not; null: left open. */
  readonly right: boolean | null;
}
export interface StationMissed {
  readonly station: StationId;
  readonly faults: number;
  readonly cost: number;
}
/** The truth of a practice car laid over what was said of it. */
export interface Debrief {
  readonly faults: readonly FaultTold[];
  /** Findings entered where there is nothing of the kind. */
  readonly invented: readonly { readonly zone: string; readonly flaw: string }[];
  readonly panels: readonly PanelTold[];
  readonly functions: readonly FunctionTold[];
  readonly claims: readonly ClaimTold[];
  /** What putting right takes that the report tells nothing of: faults missed or called otherwise, and all there is. */
  readonly cost: { readonly missed: number; readonly whole: number };
  /** Stations where most stays that was missed or not looked at, the dearest first. */
  readonly stations: readonly StationMissed[];
  /** Of the faults that a bidder would mind: the share found, and how many would have surprised him. Null share: none. */
  readonly score: number | null;
  readonly surprises: number;
}

/** A fault that a bidder would mind, by what it takes of its piece; and from which chance a panel's paint counts as said. */
const COUNTED = { source: 'house starting values', loss: 0.05, saidFrom: 0.5 } as const;

/** By which numbers and for which year the car is judged. */
interface JudgedIn {
  readonly tables: Tables;
  readonly onYear: number;
}
interface At {
  readonly zone: Zone;
  readonly aspect: Aspect;
}
const key = (a: At) => `${a.zone.slug}/${a.aspect}`;

function faultsOf(truth: PracticeTruth, judgement: Judgement) {
  const { plan, coverage, findings } = judgement;
  const seen = new Set(coverage.cells.filter(isSeen).map((c) => key(c)));
  const left = new Map<string, StoredRecord<'finding'>[]>();
  for (const f of findings.all) {
    const list = left.get(f.body.zone) ?? [];
    left.set(f.body.zone, [...list, f]);
  }
  const take = (zone: string, fits: (f: StoredRecord<'finding'>) => boolean) => {
    const list = left.get(zone) ?? [];
    const i = list.findIndex(fits);
    if (i < 0) return null;
    left.set(zone, [...list.slice(0, i), ...list.slice(i + 1)]);
    return list[i]!.body.flaw;
  };
  // What bears its own name first, so that one entry is not spent on another fault beside it.
  const named = truth.findings.map((f) => take(f.zone, ({ body }) => body.flaw === f.flaw));
  const faults = truth.findings.map((f, i): FaultTold => {
    const zone = plan.zones.get(f.zone);
    const aspect = zone ? aspectOf(f.flaw, zone) : null;
    if (named[i]) return { ...f, aspect, outcome: 'found', called: null };
    const { family } = flawById(f.flaw);
    const called = take(f.zone, ({ body }) => flawById(body.flaw).family === family);
    if (called) return { ...f, aspect, outcome: 'called-otherwise', called };
    const looked = zone && aspect && seen.has(key({ zone, aspect }));
    return { ...f, aspect, outcome: looked ? 'missed' : 'not-looked', called: null };
  });
  const invented = [...left.values()].flat().map((f) => ({ zone: f.body.zone, flaw: f.body.flaw }));
  return { faults, invented };
}

function panelsOf(truth: PracticeTruth, { plan, paint, records }: Judgement): PanelTold[] {
  const readings = recordsOf(records, 'reading');
  const chances = new Map(paint.zones.map((z) => [z.zone, z.state?.survivor ?? null]));
  return Object.entries(truth.panels).flatMap(([slug, state]): PanelTold[] => {
    const zone = plan.zones.get(slug);
    if (!zone || !gaugeCanRead(zone.metal)) return [];
    const best = Object.entries(chances.get(slug) ?? {}).sort((a, b) => b[1] - a[1])[0];
    return [
      {
        zone: slug,
        truth: state,
        readings: readings.filter((r) => r.body.zone === slug).length,
        needed: readingsNeeded(zone.areaM2),
        said: best && best[1] >= COUNTED.saidFrom ? (best[0] as PaintState) : null,
      },
    ];
  });
}

function functionsTold(truth: PracticeTruth, { functions }: Judgement): FunctionTold[] {
  const said = new Map(functions.lines.map((l) => [l.id, l.record?.body.state ?? null]));
  return Object.entries(truth.functions).map(([id, state]) => {
    const entered = said.get(id) ?? null;
    return { id, truth: state, said: entered === 'untried' ? null : entered };
  });
}

const claimsTold = (truth: PracticeTruth, { claims }: Judgement): ClaimTold[] =>
  truth.claims.map((c) => {
    const word = claims.all.find((w) => w.record.body.text === c.text)?.word ?? 'untested';
    const right = isCarried(word) ? c.holds : isDenied(word) ? !c.holds : null;
    return { ...c, word, right };
  });

/** What putting faults right takes on this car, the middle of what it may: all of them known. */
function costOfFaults(
  faults: readonly MadeFinding[],
  truth: PracticeTruth,
  { plan }: Judgement,
  { tables, onYear }: JudgedIn,
): number {
  if (faults.length === 0) return 0;
  const records = [
    carOfPractice(truth, onYear),
    ...faults.map(({ zone, flaw, count, sizeMm, share, where }, i) => ({
      kind: 'finding',
      id: `fault-${i}`,
      version: 1,
      body: bodyWithDefaults('finding', {
        ...{ zone, flaw, count, sizeMm, share, where },
        at: '2026-01-01T00:00:00Z',
      } as never),
    })),
  ] as unknown as AnyRecord[];
  const judgement = judge({ plan, records, tables });
  const work = workOf(judgement, tables.cost);
  const input = drawInputOf(judgement, work, { cost: tables.cost, onYear, graded: tables });
  return costOf({ ...input, unseen: [], surprises: [] }, { draws: DRAWS, seed: 1 }).whole.p50;
}
const DRAWS = 400;

function stationsOf(
  open: readonly FaultTold[],
  { plan }: Judgement,
  costOfSome: (faults: readonly MadeFinding[]) => number,
): StationMissed[] {
  const at = (f: FaultTold, views: readonly View[], aspects: readonly string[]) => {
    const zone = plan.zones.get(f.zone);
    return zone && f.aspect && views.includes(zone.view) && aspects.includes(f.aspect);
  };
  const taken = new Set<FaultTold>();
  return STATION_TABLE.flatMap((s): StationMissed[] => {
    const here = open.filter((f) => !taken.has(f) && at(f, s.views, s.aspects));
    for (const f of here) taken.add(f);
    return here.length > 0 ? [{ station: s.id, faults: here.length, cost: costOfSome(here) }] : [];
  }).sort((a, b) => b.cost - a.cost || b.faults - a.faults);
}

/**
 * The truth of a practice car laid over an inspection of it: each fault found, called otherwise (another of its family at the
 * place), missed where somebody looked, or lying where nobody did; what was entered that is not there; panels' paint and
 * readings, functions, the seller's words; what the missed takes to put right; where it lies by station. The score is the share
 * found of what a bidder would mind; a surprise is what was missed or called otherwise. Refuses nothing; null score where there is nothing to find.
 */
export function debriefOf(truth: PracticeTruth, judgement: Judgement, by: JudgedIn): Debrief {
  const { faults, invented } = faultsOf(truth, judgement);
  const cost = (list: readonly MadeFinding[]) => costOfFaults(list, truth, judgement, by);
  const surprising = faults.filter((f) => f.outcome === 'missed' || f.outcome === 'called-otherwise');
  const minded = faults.filter((f) => flawById(f.flaw).loss >= COUNTED.loss);
  return {
    faults,
    invented,
    panels: panelsOf(truth, judgement),
    functions: functionsTold(truth, judgement),
    claims: claimsTold(truth, judgement),
    cost: { missed: cost(surprising), whole: cost(faults) },
    stations: stationsOf(
      faults.filter((f) => f.outcome === 'missed' || f.outcome === 'not-looked'),
      judgement,
      cost,
    ),
    score: minded.length === 0 ? null : minded.filter((f) => f.outcome === 'found').length / minded.length,
    surprises: minded.filter((f) => f.outcome === 'missed' || f.outcome === 'called-otherwise').length,
  };
}
