import { z } from 'zod';
import type { Zone } from '../body/zone';
import { axisOf } from '../catalogue/axes';
import { flawById } from '../catalogue/flaws/by-id';
import { aspectOf } from '../coverage/coverage';
import type { StoredRecord } from '../kinds';
import { defineModel, type Loss, lacking, lackingIf, type PlannedCar, type SomeCar } from '../model/model';
import { defineTable } from '../model/table';
import { pairOf } from '../photo/pairs';
import { recordsOf } from '../records/reduce';
import { anewOf, bearing, findingEffort, paintSpoilt } from '../work/effort';
import { type WorkTable, workTable } from '../work/work-table';
import { type Endings, endingsAmong } from './endings';

/** Stage of corrosion at which a part has lost its strength. */
const STRUCTURAL_STAGE = 5;
const capsSchema = z.object({
  source: z.string(),
  /** The most that the whole, and running, can be graded, 0 to 100. */
  structuralLoss: z.number().min(0).max(100),
  unsafeBrakes: z.number().min(0).max(100),
});

const gatesBefore = (kept: ReadonlyMap<string, unknown>) => {
  const grade = kept.get('grade') as { gates?: object; source?: string } | undefined;
  return grade?.gates && { source: grade.source, ...grade.gates };
};

export interface JudgedFindings {
  readonly all: readonly StoredRecord<'finding'>[];
  readonly structural: readonly StoredRecord<'finding'>[];
  /** Structural ones in parts that carry steering, springs, brakes or seat belts. */
  readonly inLoadPath: readonly StoredRecord<'finding'>[];
  readonly unsafeBrakes: boolean;
  readonly fuelLeaks: boolean;
  readonly fuelSmelt: boolean;
  readonly endings: Endings;
  readonly losses: readonly FindingLoss[];
}

/** A finding's loss, with what putting it right takes in the house's currency. */
export interface FindingLoss extends Loss {
  readonly finding: string;
  readonly effort: number;
}

function lossOf(
  f: StoredRecord<'finding'>,
  zone: Zone | undefined,
  ends: ReadonlySet<string>,
  work: WorkTable,
): FindingLoss[] {
  const aspect = zone ? aspectOf(f.body.flaw, zone) : null;
  if (!zone || !aspect) return [];
  const whole = anewOf(zone, aspect, work);
  const effort = findingEffort(f.body, zone, aspect, work);
  const { sort } = flawById(f.body.flaw);
  // What ends the use of the car pulls its axis as a whole.
  const pulls = ends.has(f.id) && axisOf({ aspect, zone }) === 'running';
  const share = whole === 0 || pulls ? 0 : effort / whole;
  const money = effort / bearing(zone, aspect, work);
  const own = { zone: zone.slug, aspect, share, effort: money, finding: f.id, ...(sort && { sort }) };
  const spoilt = paintSpoilt(f.body, zone, aspect, work);
  // The work at the place ends with its paint: what that takes is in its own effort.
  return spoilt === 0 ? [own] : [own, { zone: zone.slug, aspect: 'paint', share: spoilt, effort: 0, finding: f.id }];
}

function judge({ plan, records }: Pick<PlannedCar, 'plan' | 'records'>, work: WorkTable): JudgedFindings {
  const all = recordsOf(records, 'finding');
  const zoneOf = (f: StoredRecord<'finding'>) => plan.zones.get(f.body.zone);
  const structural = all.filter((f) => flawById(f.body.flaw).stage === STRUCTURAL_STAGE);
  const endings = endingsAmong(all, plan);
  const ends = new Set(endings.flatMap((e) => e.findings));
  return {
    all,
    structural,
    inLoadPath: structural.filter((f) => zoneOf(f)?.loadPath),
    unsafeBrakes: endings.some((e) => e.need === 'brakes'),
    fuelLeaks: all.some((f) => zoneOf(f)?.holds === 'fuel' && f.body.flaw === 'leak-drips'),
    fuelSmelt: all.some((f) => f.body.flaw === 'smell-fuel'),
    endings,
    losses: all.flatMap((f) => lossOf(f, zoneOf(f), ends, work)),
  };
}

/** Findings that no picture shows. */
function unpictured({ records }: SomeCar): readonly StoredRecord<'finding'>[] {
  const pictured = new Set(recordsOf(records, 'photo').map((p) => p.body.finding));
  return recordsOf(records, 'finding').filter((f) => !pictured.has(f.id) && f.body.photos.length === 0);
}

/** Findings with close-ups and nothing that shows where on the car they are. */
function withoutOverview({ records }: SomeCar): readonly StoredRecord<'finding'>[] {
  const photos = recordsOf(records, 'photo');
  return recordsOf(records, 'finding').filter((f) => {
    const pair = pairOf(f, photos);
    return pair.near.length > 0 && pair.far === null;
  });
}

const first = (list: readonly StoredRecord<'finding'>[]) => ({ detail: list[0]?.body.zone ?? '' });

/** What was found wrong, worn, altered or missing. */
export const findings = defineModel({
  reads: ['finding'],
  tables: {
    work: workTable,
    findingCaps: defineTable({
      stored: 'finding-caps',
      schema: capsSchema,
      defaults: { source: 'house starting values', structuralLoss: 40, unsafeBrakes: 30 },
      was: gatesBefore,
    }),
  },
  judge: (car, { work }) => judge(car, work),
  losses: (judged) => judged.losses,
  endings: (judged) => judged.endings,
  gates: {
    'structural-loss': {
      caps: 'whole',
      at: (t) => t.findingCaps.structuralLoss,
      shut: (j: JudgedFindings) => j.structural.length > 0,
    },
    'unsafe-brakes': {
      caps: 'running',
      at: (t) => t.findingCaps.unsafeBrakes,
      shut: (j: JudgedFindings) => j.unsafeBrakes,
    },
  },
  cautions: {
    'structural-loss-belts-steering': { rank: 10, when: (j) => j.inLoadPath.length > 0 },
    'structure-do-not-lift': { rank: 20, when: (j) => j.structural.length > 0 },
    'tire-over-age': { rank: 30, when: (j) => j.all.some((f) => f.body.flaw === 'tire-aged') },
    'fuel-leak': { rank: 40, when: (j) => j.fuelLeaks },
    'fuel-smelt': { rank: 41, when: (j) => j.fuelSmelt && !j.fuelLeaks },
  },
  missing: {
    'finding-without-overview': (_j, car) => {
      const list = withoutOverview(car);
      return lacking(list.length, first(list));
    },
    'finding-without-photo': (_j, car) => {
      const list = unpictured(car);
      return lacking(list.length, first(list));
    },
    'no-photos': (_j, { records }) => lackingIf(recordsOf(records, 'photo').length === 0),
  },
});
