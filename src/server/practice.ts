import { randomInt } from 'node:crypto';
import { v7 as uuidv7 } from 'uuid';
import { compareInspections } from '@/core/agreement/compare';
import { houseAgreement } from '@/core/agreement/house';
import { distanceToOutline } from '@/core/body/geometry';
import { type Plan, planOfCar, toSheet } from '@/core/body/plan';
import { DEFAULT_FUNCTIONS } from '@/core/catalogue/functions';
import { functionsOf } from '@/core/functions/list';
import type { GaugeEvent } from '@/core/gauge/line-protocol';
import { gradeCar } from '@/core/grade/grade';
import { type Judgement, judge } from '@/core/judge/judge';
import { carFactsOf, planOfPractice } from '@/core/practice/car-record';
import { COURSE, courseWish } from '@/core/practice/course';
import { debriefOf } from '@/core/practice/debrief';
import type { PracticeOutcome } from '@/core/practice/outcome';
import { pairsAmong } from '@/core/practice/pairs';
import { type FunctionTruth, type PracticeTruth, practiceTruth } from '@/core/practice/practice-car';
import { signOf } from '@/core/practice/signs';
import { recordsOf } from '@/core/records/reduce';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { currentInspection, type InspectionHead, recordsOfInspection } from '@/data/inspections';
import { keepTables, orgTables } from '@/data/org-tables';
import { closePractice, openPractice, practiceOf, practiceRows } from '@/data/practice';
import { coatingOf } from '@/instruments/practice-car';
import { practicePicture } from '@/instruments/practice-picture';
import { StandInGauge, SURVEY_GAUGE } from '@/instruments/thickness-gauge';
import { saleYear } from './sealing';

const put = (kind: string, record: string, body: object) => ({
  id: uuidv7(),
  op: 'put',
  kind,
  record,
  base: 0,
  body,
});

/** A number from which a car or a reading is made, another one each time. */
export const freshSeed = (): number => randomInt(2 ** 31);

/** Begins a car of the course; null where the course has no such car. */
export async function beginCar(db: Db, actor: Actor, number: number, seed: number, now: Date): Promise<string | null> {
  const car = COURSE.find((c) => c.number === number);
  const wish = courseWish(number, seed);
  const truth = wish && practiceTruth(wish);
  if (!car || !truth) return null;
  const at = now.toISOString();
  const given = { kind: 'car', course: number, minutes: car.minutes, truth } as const;
  const ids = await openPractice(db, actor, given, `${truth.make} ${truth.model}`, now);
  if (!ids) return null;
  await takeChanges(
    db,
    actor,
    ids.inspectionId,
    [
      put('car', ids.lotId, carFactsOf(truth, now.getUTCFullYear())),
      put('visit', uuidv7(), {
        startedAt: at,
        place: 'Practice',
        inspector: actor.name,
        light: 'indoor',
        surface: 'dry',
        clean: true,
        temperatureC: 16,
        lift: 'pit',
        gauge: { name: SURVEY_GAUGE.name, kind: 'combined', ceilingUm: SURVEY_GAUGE.ceilingUm },
      }),
      ...truth.claims.map((c) =>
        put('claim', uuidv7(), { kind: c.kind, text: c.text, source: 'the seller of the practice car', saidAt: at }),
      ),
    ],
    now,
  );
  return ids.lotId;
}

/** Begins somebody's second look at a lot, with nothing on it but what the car is; null where lot or person do not fit. */
export async function beginSecond(
  db: Db,
  actor: Actor,
  ofLot: string,
  person: string,
  now: Date,
): Promise<string | null> {
  const head = await currentInspection(db, actor, ofLot);
  if (!head) return null;
  const [car] = recordsOf(await recordsOfInspection(db, actor, head.id), 'car');
  if (!car) return null;
  const ids = await openPractice(db, actor, { kind: 'second', ofLot, person }, head.lot.title, now);
  if (!ids) return null;
  await takeChanges(db, actor, ids.inspectionId, [put('car', ids.lotId, car.body)], now);
  return ids.lotId;
}

/** The actor's own practice car, open, with its plan and truth; null for anything else. */
export async function carInHand(
  db: Db,
  actor: Actor,
  lotId: string,
): Promise<{ readonly truth: PracticeTruth; readonly plan: Plan } | null> {
  const row = await practiceOf(db, actor, lotId);
  const plan = row?.truth ? planOfPractice(row.truth) : null;
  return row?.truth && plan && row.person.id === actor.userId && row.closedAt === null
    ? { truth: row.truth, plan }
    : null;
}

const DOES: Readonly<Record<FunctionTruth, string>> = {
  works: 'It does at once what it should.',
  poor: 'It does, late and weakly.',
  dead: 'Nothing happens.',
};

/** What an inspector meets at a place of a practice car: its picture, what is felt, what each thing does when it is tried. */
export function placeOf(truth: PracticeTruth, plan: Plan, slug: string) {
  const zone = plan.zones.get(slug);
  if (!zone) return null;
  const faults = truth.findings.filter((f) => f.zone === slug);
  const felt = [...new Set(faults.map((f) => signOf(f.flaw).felt))].filter((s) => s !== '');
  return {
    picture: practicePicture(zone, faults, truth),
    felt,
    functions: functionsOf(plan, [], null, DEFAULT_FUNCTIONS).flatMap((l) => {
      const does = l.zone === slug ? truth.functions[l.id] : undefined;
      return does ? [{ id: l.id, does: DOES[does] }] : [];
    }),
  };
}

/** What the gauge shows at a place of a practice car; null for a place that its plan lacks. */
export function measureAt(
  truth: PracticeTruth,
  plan: Plan,
  at: { readonly zone: string; readonly uMm: number; readonly vMm: number },
  seed: number,
): GaugeEvent | null {
  const zone = plan.zones.get(at.zone);
  if (!zone) return null;
  const states = Object.entries(truth.panels).flatMap(([slug, state]) => {
    const panel = plan.zones.get(slug);
    return panel ? [[panel, state] as const] : [];
  });
  const coating = coatingOf(states, plan, truth.seed);
  const gauge = new StandInGauge(coating, { ...SURVEY_GAUGE, seed });
  return gauge.measure(at.zone, at.uMm, at.vMm, distanceToOutline(zone.outline, toSheet(zone, at)));
}

async function judged(db: Db, actor: Actor, head: InspectionHead, now: Date) {
  const [records, { tables }] = await Promise.all([recordsOfInspection(db, actor, head.id), orgTables(db, actor)]);
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  const onYear = saleYear(head.sale.closesOn, now, head.sale.timeZone);
  const judgement: Judgement | null = plan && judge({ plan, records, tables });
  return judgement && { judgement, onYear, tables, grade: gradeCar(judgement, onYear, tables), records };
}

/** Who looked at a lot, by its visits. */
const lookedBy = (records: Parameters<typeof recordsOf>[0], otherwise: string) =>
  [...new Set(recordsOf(records, 'visit').map((v) => v.body.inspector))].filter(Boolean).join(', ') || otherwise;

/** The gauge of a look; empty where its visits name none, or more than one. */
function gaugeOf(records: Parameters<typeof recordsOf>[0]): string {
  const names = new Set(recordsOf(records, 'visit').flatMap((v) => v.body.gauge?.name ?? []));
  return names.size === 1 ? [...names][0]! : '';
}

const MINUTE_MS = 60_000;
export type CloseRefusal = 'not-found' | 'closed' | 'no-car';

/** Closes the actor's practice lot: the truth is laid over a made car, a second look beside the first. */
export async function closeIt(db: Db, actor: Actor, lotId: string, now: Date): Promise<PracticeOutcome | CloseRefusal> {
  const row = await practiceOf(db, actor, lotId);
  if (!row || row.person.id !== actor.userId) return 'not-found';
  if (row.closedAt !== null) return 'closed';
  const own = await currentInspection(db, actor, lotId);
  const mine = own && (await judged(db, actor, own, now));
  if (!mine) return 'no-car';
  let outcome: PracticeOutcome;
  if (row.truth) {
    const minutesUsed = (now.getTime() - Date.parse(row.startedAt)) / MINUTE_MS;
    outcome = { kind: 'car', debrief: debriefOf(row.truth, mine.judgement, mine), minutesUsed };
  } else {
    // The program reads the first look, which the person is not shown before this one is closed.
    const head = row.ofLot ? await currentInspection(db, { ...actor, userId: '' }, row.ofLot) : null;
    const first = head && (await judged(db, actor, head, now));
    if (!first) return 'no-car';
    outcome = {
      kind: 'second',
      agreement: compareInspections(first, mine),
      first: lookedBy(first.records, 'first look'),
      second: actor.name,
      gauges: { first: gaugeOf(first.records), second: gaugeOf(mine.records) },
    };
  }
  return (await closePractice(db, actor, lotId, outcome, now)) ? outcome : 'closed';
}

/** Makes the spread of the house's own judgements the doubt of any judgement; null where too few pairs tell it. */
export async function takeOwnSpread(db: Db, actor: Actor): Promise<number | null> {
  const { judgementSd } = houseAgreement(pairsAmong(await practiceRows(db, actor)));
  if (!judgementSd) return null;
  const { tables } = await orgTables(db, actor);
  // To a tenth of a point: no more is known.
  const sd = Math.round(10 * judgementSd.sd) / 10;
  await keepTables(db, actor, { grade: { ...tables.grade, judgementSd: sd } });
  return sd;
}
