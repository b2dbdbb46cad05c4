import { isCarried } from '../balance/weigh';
import type { Plan } from '../body/plan';
import type { Aspect, Zone } from '../body/zone';
import { flawById } from '../catalogue/flaws/by-id';
import { costOf, drawInputOf, workOf } from '../cost/cost';
import { aspectOf } from '../coverage/coverage';
import type { Tables } from '../grade/all-tables';
import { type Judgement, judge } from '../judge/judge';
import type { AnyRecord, RecordKind } from '../kinds';
import { bodyWithDefaults } from '../kinds/with-defaults';
import type { PaintState } from '../paint/profiles';
import type { Hidden } from '../population/judge-made';
import { AGES, partOfALook, STYLE_PLANS } from '../population/looked';
import { type MadeCar, type MadeFinding, makeCar } from '../population/made-car';
import { normalDraw, type Random, seeded } from '../stats/random';
import { CHARACTERS, claimsOf } from './practice-car';

/** How a made car is looked at and measured, and what counts as a fault that anybody would see; house values. */
export const PRACTICE = {
  source: 'house starting values',
  /** Film by what was done to a panel: median µm, and the spread of its logarithm from place to place. */
  film: {
    factory: [110, 0.1],
    resprayed: [215, 0.16],
    heavy: [360, 0.22],
    filled: [700, 0.5],
  } as const satisfies Record<PaintState, readonly [number, number]>,
  gauge: { ceilingUm: 500, sdUm: 2 },
  readingsAPanel: 6,
  /** Chance that a look misses a fault: a slight one, and any other. */
  misses: { slight: 0.12, other: 0.02 },
  slightBelow: 0.05,
  /** A panel's paint is told where one state is so likely. */
  toldFrom: 0.8,
} as const;

const MADE_ON = '2026-06-01T09:00:00Z';
const YEAR = 2026;

/** What a car turned out to be against what was said of it. */
export interface Outcome {
  readonly statements: { readonly n: number; readonly true: number };
  readonly visibleFaults: { readonly n: number; readonly disclosedOrNamed: number };
  /** What the seller said that does not hold, and how much of it the report bears out all the same. */
  readonly falseClaims: { readonly n: number; readonly believed: number };
  /** What putting right takes of faults that surprised. */
  readonly surprisesCost: number;
  readonly cost: {
    readonly estimate: { p10: number; p90: number };
    readonly turnedOut: number;
    readonly held: boolean;
  };
}

const record = (kind: RecordKind, id: string, body: object): AnyRecord =>
  ({ kind, id, version: 1, body: bodyWithDefaults(kind, body as never) }) as unknown as AnyRecord;

const carOf = (plan: Plan, ageYears: number): AnyRecord =>
  record('car', 'car', {
    make: '',
    model: '',
    style: plan.style,
    year: YEAR - ageYears,
    baseMetal: 'steel',
    chassisNumber: 'made',
    leave: {},
  });

const findingRecord = (f: MadeFinding, i: number): AnyRecord =>
  record('finding', `finding-${i}`, { ...f, at: MADE_ON });

const cellOf = (f: MadeFinding, plan: Plan): readonly [Zone, Aspect] | null => {
  const zone = plan.zones.get(f.zone);
  const aspect = zone ? aspectOf(f.flaw, zone) : null;
  return zone && aspect ? [zone, aspect] : null;
};
const keyOf = (zone: Zone, aspect: Aspect) => `${zone.slug}/${aspect}`;

/** Readings of a panel as a gauge gives them: what lies there, its own noise, and no more than it can read. */
function readingsOf(random: Random, zone: string, state: PaintState): AnyRecord[] {
  const [median, sd] = PRACTICE.film[state];
  return Array.from({ length: PRACTICE.readingsAPanel }, (_, i) => {
    const um = median * Math.exp(sd * normalDraw(random)) + PRACTICE.gauge.sdUm * normalDraw(random);
    const over = um > PRACTICE.gauge.ceilingUm;
    const shown = over ? PRACTICE.gauge.ceilingUm : Math.max(0, Math.round(um));
    return record('reading', `reading-${zone}-${i}`, {
      zone,
      state: over ? 'over' : 'read',
      thicknessUm: shown,
      typed: { text: String(shown), unit: 'um' },
      visit: 'visit',
      at: MADE_ON,
    });
  });
}

interface Look {
  readonly records: readonly AnyRecord[];
  readonly told: readonly MadeFinding[];
  /** Zone and aspect that were looked at and said to be clean. */
  readonly clean: readonly string[];
  readonly looked: ReadonlySet<string>;
}

/** An inspector's look at a made car: parts left out, some faults missed, what was looked at and held nothing said so. */
function lookAt(random: Random, plan: Plan, made: MadeCar, hidden: Hidden): Look {
  const told = made.findings.filter((f) => {
    const cell = cellOf(f, plan);
    const { slight, other } = PRACTICE.misses;
    const missed = random() < (flawById(f.flaw).loss < PRACTICE.slightBelow ? slight : other);
    return cell !== null && !hidden(...cell) && !missed;
  });
  const found = new Set(told.map((f) => keyOf(...cellOf(f, plan)!)));
  const looked = new Set<string>();
  const clean: string[] = [];
  const looks: AnyRecord[] = [];
  const readings: AnyRecord[] = [];
  for (const zone of plan.zones.values())
    for (const aspect of zone.aspects) {
      if (hidden(zone, aspect)) continue;
      const key = keyOf(zone, aspect);
      looked.add(key);
      if (found.has(key)) continue;
      clean.push(key);
      looks.push(record('look', `look-${key}`, { zone: zone.slug, aspect, outcome: 'clean', at: MADE_ON }));
    }
  for (const [slug, state] of made.panels) {
    const zone = plan.zones.get(slug)!;
    const reads = zone.metal === 'steel' || zone.metal === 'aluminium';
    if (reads && !hidden(zone, 'paint')) readings.push(...readingsOf(random, slug, state));
  }
  const visit = record('visit', 'visit', {
    startedAt: MADE_ON,
    gauge: { name: 'made gauge', kind: 'combined', ceilingUm: PRACTICE.gauge.ceilingUm, checks: [] },
  });
  return {
    records: [carOf(plan, made.ageYears), visit, ...told.map(findingRecord), ...looks, ...readings],
    told,
    clean,
    looked,
  };
}

/** What is said of the paint of panels, and how much of it is so: a state that is likely enough under the usual school. */
function paintSaid(judgement: Judgement, made: MadeCar): { n: number; true: number } {
  const said = judgement.paint.zones.flatMap((z) => {
    const state = z.state?.survivor;
    const [best] = state ? (Object.entries(state) as [PaintState, number][]).sort((a, b) => b[1] - a[1]) : [];
    return best && best[1] >= PRACTICE.toldFrom ? [[z.zone, best[0]] as const] : [];
  });
  return { n: said.length, true: said.filter(([zone, state]) => made.panels.get(zone) === state).length };
}

/** What putting everything about a car right took in the end, all of it known by then: hours turn out as they do. */
function turnedOut(plan: Plan, made: MadeCar, tables: Tables, seed: number): number {
  const records = [carOf(plan, made.ageYears), ...made.findings.map(findingRecord)];
  const judgement = judge({ plan, records, tables });
  const work = workOf(judgement, tables.cost);
  const input = drawInputOf(judgement, work, { cost: tables.cost, onYear: YEAR, graded: tables });
  return costOf({ ...input, unseen: [], surprises: [] }, { draws: 1, seed }).whole.p50;
}

/** What a seller of some character says of a made car, as records of what was told; functions are not made here. */
function saidOf(random: Random, made: MadeCar) {
  const seller = CHARACTERS[Math.floor(random() * CHARACTERS.length)]!;
  const panels = Object.fromEntries(made.panels);
  return claimsOf(seller, { findings: made.findings, panels, functions: {} })
    .filter((c) => c.kind !== 'everything-works')
    .map((claim, i) => ({
      claim,
      record: record('claim', `claim-${i}`, { kind: claim.kind, text: claim.text, source: 'seller', saidAt: MADE_ON }),
    }));
}

/** One car through the eyes of a blind buyer: made, looked at in part, judged by all models, and then the truth beside it. */
export function tryCar(random: Random, tables: Tables): Outcome {
  const plan = STYLE_PLANS[Math.floor(random() * STYLE_PLANS.length)]!;
  const made = makeCar(random, plan, AGES[Math.floor(random() * AGES.length)]!);
  const look = lookAt(random, plan, made, partOfALook(random));
  const said = saidOf(random, made);
  const judgement = judge({ plan, records: [...look.records, ...said.map((s) => s.record)], tables });
  const truth = new Set(made.findings.flatMap((f) => (cellOf(f, plan) ? [keyOf(...cellOf(f, plan)!)] : [])));
  const paint = paintSaid(judgement, made);
  const visible = made.findings.filter(
    (f) => cellOf(f, plan) !== null && flawById(f.flaw).loss >= PRACTICE.slightBelow,
  );
  const told = new Set(look.told);
  // Where nobody looked the report names the place: no buyer is surprised by it.
  const named = visible.filter((f) => told.has(f) || !look.looked.has(keyOf(...cellOf(f, plan)!)));
  const surprises = visible.filter((f) => !named.includes(f));
  const believed = said.filter(({ claim, record: r }) => {
    const word = judgement.claims.all.find((c) => c.record.id === r.id)?.word;
    return !claim.holds && word !== undefined && isCarried(word);
  });
  const work = workOf(judgement, tables.cost);
  const input = drawInputOf(judgement, work, { cost: tables.cost, onYear: YEAR, graded: tables });
  const { p10, p90 } = costOf(input, { draws: 1500, seed: 1 }).whole;
  const cost = turnedOut(plan, made, tables, Math.floor(random() * 2 ** 31));
  return {
    statements: {
      n: look.told.length + look.clean.length + paint.n,
      true: look.told.length + look.clean.filter((key) => !truth.has(key)).length + paint.true,
    },
    visibleFaults: { n: visible.length, disclosedOrNamed: named.length },
    falseClaims: { n: said.filter(({ claim }) => !claim.holds).length, believed: believed.length },
    surprisesCost:
      surprises.length === 0 ? 0 : turnedOut(plan, { ...made, findings: surprises }, tables, Math.floor(cost)),
    cost: { estimate: { p10, p90 }, turnedOut: cost, held: cost >= p10 && cost <= p90 },
  };
}

export interface BlindBuyer {
  readonly cars: number;
  readonly statements: { readonly n: number; readonly true: number };
  readonly visibleFaults: { readonly n: number; readonly disclosedOrNamed: number };
  readonly cost: { readonly n: number; readonly held: number; readonly dearer: number };
  readonly surprisesPerCar: number;
  /** What putting right takes of what surprised, for each car, in the house's currency. */
  readonly surprisesCostPerCar: number;
  readonly falseClaims: { readonly n: number; readonly believed: number };
}

/**
 * What a buyer who sees nothing but the report would find once the car stands before him, over so many made cars: how many
 * statements were true, how many faults that anybody would see were disclosed or lay where the report says that nobody
 * looked, and how often what putting it right takes lay between the tenths of the estimate. The same for the same seed.
 */
export function blindBuyer(cars: number, seed: number, tables: Tables, done?: (n: number) => void): BlindBuyer {
  const random = seeded(seed);
  const all: Outcome[] = [];
  for (let i = 0; i < cars; i++) {
    all.push(tryCar(random, tables));
    done?.(i + 1);
  }
  const sum = (of: (o: Outcome) => number) => all.reduce((s, o) => s + of(o), 0);
  const faults = sum((o) => o.visibleFaults.n);
  const named = sum((o) => o.visibleFaults.disclosedOrNamed);
  return {
    cars,
    statements: { n: sum((o) => o.statements.n), true: sum((o) => o.statements.true) },
    visibleFaults: { n: faults, disclosedOrNamed: named },
    cost: {
      n: cars,
      held: sum((o) => Number(o.cost.held)),
      dearer: sum((o) => Number(o.cost.turnedOut > o.cost.estimate.p90)),
    },
    surprisesPerCar: cars === 0 ? 0 : (faults - named) / cars,
    surprisesCostPerCar: cars === 0 ? 0 : Math.round(sum((o) => o.surprisesCost) / cars),
    falseClaims: { n: sum((o) => o.falseClaims.n), believed: sum((o) => o.falseClaims.believed) },
  };
}
