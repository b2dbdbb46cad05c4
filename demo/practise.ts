import { v7 as uuidv7 } from 'uuid';
import { flawById } from '../src/core/catalogue/flaws/by-id';
import type { AnyRecord } from '../src/core/kinds';
import { planOfPractice } from '../src/core/practice/car-record';
import { courseWish } from '../src/core/practice/course';
import { practiceTruth } from '../src/core/practice/practice-car';
import { type Random, seeded } from '../src/core/stats/random';
import type { Actor } from '../src/data/actor';
import type { Db } from '../src/data/db';
import { currentInspection, recordsOfInspection } from '../src/data/inspections';
import { beginCar, beginSecond, closeIt, measureAt } from '../src/server/practice';

type Enter = (inspectionId: string, changes: readonly unknown[], at: Date) => Promise<void>;

const MINUTE_MS = 60_000;
const put = (kind: string, body: object) => ({ id: uuidv7(), op: 'put', kind, record: uuidv7(), base: 0, body });

/** What of a made car an inspector of the demo tells: most of it, some called otherwise, the cabin hardly looked at. */
function told(random: Random, course: number, seed: number, at: string): unknown[] {
  const truth = practiceTruth(courseWish(course, seed)!)!;
  const plan = planOfPractice(truth)!;
  const seen = (zone: string) => plan.zones.get(zone)!.view !== 'cabin' || random() < 0.2;
  const findings = truth.findings.flatMap((f) => {
    if (!seen(f.zone) || random() < 0.12) return [];
    const flaw = f.flaw === 'rust-scale' && random() < 0.5 ? 'rust-film' : f.flaw;
    return [put('finding', { ...f, flaw, at })];
  });
  const looks = [...plan.zones.values()]
    .filter((z) => seen(z.slug))
    .flatMap((z) =>
      z.aspects
        .filter((a) => !truth.findings.some((f) => f.zone === z.slug && flawById(f.flaw).aspects.includes(a)))
        .map((aspect) => put('look', { zone: z.slug, aspect, outcome: 'clean', at })),
    );
  const readings = Object.keys(truth.panels).flatMap((zone) =>
    Array.from({ length: random() < 0.75 ? 5 : 1 }, () => {
      const place = { uMm: 200 + 300 * random(), vMm: 150 + 150 * random() };
      const event = measureAt(truth, plan, { zone, ...place }, Math.floor(random() * 1e6));
      if (event?.kind !== 'read' && event?.kind !== 'over') return [];
      return [
        put('reading', {
          zone,
          state: event.kind,
          thicknessUm: event.value,
          typed: { text: event.kind === 'over' ? 'over' : String(event.value), unit: 'um' },
          confirmed: true,
          origin: 'practice',
          at,
        }),
      ];
    }).flat(),
  );
  const tried = Object.entries(truth.functions)
    .filter(() => random() < 0.6)
    .map(([id, state]) => put('tried', { function: id, state: random() < 0.04 ? 'works' : state, at }));
  return [...findings, ...looks, ...readings, ...tried];
}

/** A second inspector's records of a car, from the first's: some faults not seen, a stage called otherwise, another gauge. */
function seenAnew(random: Random, records: readonly AnyRecord[], inspector: string): unknown[] {
  return records.flatMap((r) => {
    if (r.kind === 'visit') return [put('visit', { ...r.body, inspector })];
    if (r.kind === 'look') return random() < 0.92 ? [put('look', r.body)] : [];
    if (r.kind === 'tried')
      return [put('tried', { ...r.body, photos: [], state: random() < 0.05 ? 'poor' : r.body.state })];
    if (r.kind === 'finding') return random() < 0.85 ? [put('finding', { ...r.body, photos: [], withheld: null })] : [];
    if (r.kind === 'reading' && r.body.state === 'read') {
      const um = Math.round((r.body.thicknessUm ?? 0) * (1.03 + 0.02 * random()));
      return [put('reading', { ...r.body, thicknessUm: um, typed: { text: String(um), unit: 'um' }, visit: null })];
    }
    return [];
  });
}

/** A finished practice car, one under way, and a car that two inspectors looked at. */
export async function practiseDemo(
  db: Db,
  { petra, ilse, tomas }: { petra: Actor; ilse: Actor; tomas: Actor },
  twice: { readonly lotId: string },
  enter: (actor: Actor) => Enter,
  today: Date,
): Promise<void> {
  const random = seeded(21);
  for (const [course, seed, minutes] of [
    [1, 101, 24],
    [5, 105, 33],
  ] as const) {
    const began = new Date(today.getTime() - (30 - course) * 3600_000);
    const lotId = (await beginCar(db, tomas, course, seed, began))!;
    const { id } = (await currentInspection(db, tomas, lotId))!;
    await enter(tomas)(id, told(random, course, seed, began.toISOString()), began);
    await closeIt(db, tomas, lotId, new Date(began.getTime() + minutes * MINUTE_MS));
  }
  await beginCar(db, ilse, 3, 103, today);
  const first = (await currentInspection(db, petra, twice.lotId))!;
  const records = await recordsOfInspection(db, petra, first.id);
  const second = (await beginSecond(db, petra, twice.lotId, ilse.userId, today))!;
  const { id } = (await currentInspection(db, ilse, second))!;
  await enter(ilse)(id, seenAnew(random, records, ilse.name), today);
  await closeIt(db, ilse, second, today);
}
