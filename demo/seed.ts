import { addDays, format } from 'date-fns';
import { count } from 'drizzle-orm';
import type { WorkPlan } from '../src/core/cost/work-plan';
import { leftOf } from '../src/core/days/day-hours';
import { asPlanned } from '../src/core/days/days-plan';
import { lotsToRoute } from '../src/core/days/lots-to-route';
import { routeOf } from '../src/core/days/route';
import type { Span } from '../src/core/days/visit-order';
import type { Role } from '../src/core/people/roles';
import { createAccount, createOrganisation, createSale } from '../src/data/accounts';
import { type Actor, actorOf } from '../src/data/actor';
import { connect, type Db } from '../src/data/db';
import { takeChanges } from '../src/data/gateway';
import { changeLot, giveLot } from '../src/data/lot-change';
import { addLot } from '../src/data/lots';
import { lendLot } from '../src/data/people';
import { setSalePage } from '../src/data/published';
import { keepDaysPlan, lotsToVisit } from '../src/data/sale-days';
import { keepWorkPlan } from '../src/data/sale-work';
import { organisation } from '../src/data/tables/organisations';
import { yardPage } from '../src/data/yard';
import { writtenProgram } from '../src/server/own-program';
import { passwordHash } from '../src/server/password';
import { importPhoto } from '../src/server/photo-import';
import { newToken, saleYear } from '../src/server/sealing';
import { freshSummaries } from '../src/server/summaries';
import { Workshop } from '../src/server/workshop/workshop';
import type { Drawing } from './drawing';
import { keepLap } from './film/keep';
import type { DemoLot, PhotoOrder } from './lot';
import { recordsOfLot } from './lot-records';
import { LOTS } from './lots';
import { MAKES } from './makes';
import { MEASURED, pixelsOf } from './measured';
import type { PictureOrder } from './pictures';
import { practiseDemo } from './practise';
import { publishDemo, type Send, shareDemo } from './publish';
import type { DemoVisit } from './visit';

const PASSWORD = 'tramshed-demo';

/** Where a lot of the tramshed stands, who has its keys and who brings it: rows of six, keys in the office's numbered hooks. */
const WHERE = ({ number }: DemoLot) => ({
  stands: `Tramshed, row ${'ABCD'[Math.floor((number - 1) / 6)] ?? 'D'}, bay ${((number - 1) % 6) + 1}`,
  keysWith: `Office, hook ${number}`,
  consignor: number === 6 ? 'Corwin Ashdale' : 'Trustees of the tramshed',
});

/** What the house would spend on the sale's lots together: few hours at shops that are full. */
const WORK_PLAN: WorkPlan = {
  budget: 4500,
  days: 30,
  shops: [
    { trade: 'detailer', hoursPerDay: 4, waitsDays: 0 },
    { trade: 'dent-remover', hoursPerDay: 1, waitsDays: 3 },
    { trade: 'body', hoursPerDay: 4, waitsDays: 5 },
    { trade: 'paint', hoursPerDay: 3, waitsDays: 7 },
    { trade: 'trim', hoursPerDay: 2, waitsDays: 4 },
    { trade: 'mechanic', hoursPerDay: 3, waitsDays: 2 },
    { trade: 'electrical', hoursPerDay: 1, waitsDays: 2 },
  ],
};

async function send(db: Db, actor: Actor, inspectionId: string, changes: readonly unknown[], at: Date): Promise<void> {
  for (let i = 0; i < changes.length; i += 500) {
    const results = await takeChanges(db, actor, inspectionId, changes.slice(i, i + 500), at);
    const bad = results?.find((r) => r.status !== 'applied');
    if (!results || bad) throw new Error(`the demo's own entry was not taken: ${JSON.stringify(bad)}`);
  }
}

const sendVisit =
  (db: Db, actor: Actor): Send =>
  (inspectionId, visit, at) =>
    send(db, actor, inspectionId, visit.changes, at);
/** The lot whose report the demo names an address for. */
const SHARED = 6;
/** The lot that two inspectors looked at, blind to each other. */
const TWICE = 2;

/** The picture that is drawn for an order of a lot. */
function pictureOf(order: PhotoOrder, i: number, lot: DemoLot, visit: DemoVisit): PictureOrder {
  return {
    subject: order.subject,
    seed: lot.number * 100 + i,
    colour: order.ground ?? lot.facts?.hex ?? '#777777',
    style: lot.style,
    ...(order.figure && { figure: order.figure }),
    ...(order.other && { other: order.other }),
    ...(order.wavesMm && { wavesMm: order.wavesMm }),
    ...(order.gapMm && { gapMm: order.gapMm }),
    ...(order.dials && { dials: order.dials }),
    ...(order.runMinutes && {
      takenAt: new Date(Date.parse(visit.turnedAt) + order.runMinutes * 60_000).toISOString(),
    }),
    ...(order.flawedShare && { flawedShare: order.flawedShare }),
  };
}

/** Pictures are drawn in processes of their own, as many as a small machine has cores. */
const STUDIO = { processes: 2, waiting: 1000, memoryBytes: 2 ** 30, workMs: 120_000, idleMs: 20_000 };
type Studio = Workshop<Drawing>;

/** A picture that is being drawn for a lot. */
interface Drawn {
  readonly order: PhotoOrder;
  readonly picture: PictureOrder;
  readonly bytes: Promise<Buffer>;
}

async function photos(
  db: Db,
  actor: Actor,
  inspectionId: string,
  visit: DemoVisit,
  drawn: readonly Drawn[],
  lot: DemoLot,
): Promise<void> {
  const from = visit.changes.length;
  for (const [i, { order, picture, bytes: drawing }] of drawn.entries()) {
    const bytes = await drawing;
    const taken = await importPhoto(db, actor, bytes, 'when-asked');
    if (!taken.ok) throw new Error(`a drawn picture was refused: ${taken.reason}`);
    const { sha256, type, bytes: size, widthPx, heightPx } = taken.photo;
    const photo = visit.put('photo', {
      sha256,
      name: `lot-${lot.number}-${i + 1}.jpg`,
      type,
      bytes: size,
      widthPx,
      heightPx,
      takenAt: visit.at(),
      zone: order.zone,
      finding: order.fluid
        ? (visit.fluids.get(order.fluid) ?? null)
        : order.finding === null
          ? null
          : (visit.findings[order.finding]?.id ?? null),
      caption: order.caption,
      ...(order.seam && { seam: order.seam }),
      ...(order.view && { view: order.view, range: 'far' }),
      drawn: true,
    });
    if (!order.measured) continue;
    const body = MEASURED[order.measured]({ photo, pixels: await pixelsOf(bytes), order, drawn: picture });
    visit.put(order.measured, { ...body, at: visit.at() });
  }
  await send(db, actor, inspectionId, visit.changes.slice(from), visit.startedAt);
}

/**
 * The sale's nine days in an unheated depot with one pit: visits of what is not sealed yet, as the office told them. The first
 * was yesterday, from noon on, and came to nothing: its visits are still to be made.
 */
async function planDays(db: Db, actor: Actor, saleId: string, from: string): Promise<void> {
  const frame = { from, days: 9, opens: 8 * 60 + 30, closes: 16 * 60, school: 'survey' as const };
  const inspectors = ['Ilse Brandvik', 'Tomas Orrell'];
  const keys = { where: 'Office', from: 8 * 60, to: 15 * 60 };
  const lots = lotsToRoute(await lotsToVisit(db, actor, saleId), { ...frame, keys });
  const since = { day: 0, minute: 12 * 60 };
  const hours = leftOf(
    Array.from({ length: frame.days }, (): Span => [frame.opens, frame.closes]),
    since,
  );
  const { visits } = routeOf({ lots, inspectors, days: frame.days, from: frame.opens, to: frame.closes, hours });
  await keepDaysPlan(db, actor, saleId, {
    ...frame,
    inspectors,
    visits: asPlanned(visits, inspectors),
    place: { latitude: 49.3, longitude: -5.6 },
    daylightOnly: true,
    wet: [3, 6],
    keys,
    since,
  });
}

/** What an inspector enters of a lot, with its pictures begun; null for one that is only listed. */
function inspectionOf(lot: DemoLot, lotId: string, inspector: string, today: Date, studio: Studio) {
  if (lot.stage === 'listed') return null;
  const startedAt = addDays(new Date(`${today.toISOString().slice(0, 10)}T08:30:00Z`), -6 + (lot.number % 5));
  const { visit, orders, film } = recordsOfLot(lot, startedAt, lotId, inspector);
  const drawn = orders.map((order, i): Drawn => {
    const picture = pictureOf(order, i, lot, visit);
    const bytes = studio.run('drawPicture', picture);
    // Whoever waits for it hears of a failure; until then it is nobody's.
    bytes.catch(() => {});
    return { order, picture, bytes };
  });
  return { startedAt, visit, drawn, film };
}

async function inspect(
  db: Db,
  actor: Actor,
  lot: DemoLot,
  inspectionId: string,
  inspection: ReturnType<typeof inspectionOf>,
): Promise<void> {
  if (!inspection) return;
  const { startedAt, visit, drawn, film } = inspection;
  await send(db, actor, inspectionId, visit.changes, startedAt);
  await photos(db, actor, inspectionId, visit, drawn, lot);
  if (!film) return;
  const from = visit.changes.length;
  await keepLap(db, actor, visit, film.film, film.pictured);
  await send(db, actor, inspectionId, visit.changes.slice(from), startedAt);
}

async function seed(db: Db, today: Date, studio: Studio): Promise<string> {
  // The house was there before its reports: its key is good for all of them.
  const orgId = await createOrganisation(db, 'Tramshed Dispersal Office', addDays(today, -30));
  const account = async (name: string, email: string, role: Role) => {
    const id = await createAccount(db, { name, email, passwordHash: await passwordHash(PASSWORD), orgId, role });
    return (await actorOf(db, id))!;
  };
  const petra = await account('Petra Quayle-Lunt', 'petra@tramshed.example', 'manager');
  const ilse = await account('Ilse Brandvik', 'ilse@tramshed.example', 'inspector');
  const tomas = await account('Tomas Orrell', 'tomas@tramshed.example', 'inspector');
  const harald = await account('Harald Voss', 'harald@tramshed.example', 'viewer');
  await account('Wenna Farrowgate', 'wenna@tramshed.example', 'editor');
  const corwin = await account('Corwin Ashdale', 'corwin@tramshed.example', 'consignor');
  const day = (n: number) => format(addDays(today, n), 'yyyy-MM-dd');
  const saleId = await createSale(db, orgId, {
    name: 'The Tramshed Dispersal',
    place: 'Marlpit Tramshed, Vennor',
    opensOn: day(14),
    closesOn: day(24),
    catalogueOn: day(7),
    reportDaysBefore: 3,
  });
  await keepWorkPlan(db, petra, saleId, WORK_PLAN);
  await setSalePage(db, petra, saleId, newToken());
  let twice: { lotId: string } | null = null;
  const added = [];
  for (const lot of LOTS) {
    const title = `${MAKES[lot.make].name} ${lot.model} ${lot.body}, ${lot.year}`;
    const ids = (await addLot(db, petra, saleId, {
      number: lot.number,
      title,
      reportDueOn: day(lot.dueInDays),
      ...WHERE(lot),
    }))!;
    const inspector = lot.keeper === 'Tomas Orrell' ? tomas : ilse;
    // All pictures are begun now: they are drawn while what was entered before them is taken.
    added.push({ lot, ids, inspector, inspection: inspectionOf(lot, ids.lotId, inspector.name, today, studio) });
  }
  for (const { lot, ids, inspector: own, inspection } of added) {
    if (lot.number === 6) await changeLot(db, petra, ids.lotId, { consignorId: corwin.userId }, today);
    if (lot.lent) await lendLot(db, petra, ids.lotId, harald.userId, true);
    for (const inspector of [ilse, tomas])
      if (lot.keeper === inspector.name) await giveLot(db, petra, ids.lotId, inspector.userId, true);
    await inspect(db, own, lot, ids.inspectionId, inspection);
    if (lot.sealed) await publishDemo(db, petra, { lot, ids, today, send: sendVisit(db, ilse) });
    if (lot.number === SHARED) await shareDemo(db, petra, ids);
    if (lot.number === TWICE) twice = ids;
  }
  const enter = (actor: Actor) => (inspectionId: string, changes: readonly unknown[], at: Date) =>
    send(db, actor, inspectionId, changes, at);
  await practiseDemo(db, { petra, ilse, tomas }, twice!, enter, today);
  // As the server does a moment after the last entry.
  await freshSummaries(db, petra, (await yardPage(db, petra, saleId)).rows, saleYear(day(24), today));
  // What was seen of each lot is known by now: what is left of its visit follows it.
  await planDays(db, petra, saleId, day(-1));
  return orgId;
}

async function main(): Promise<void> {
  const { db, end } = connect(process.env.DATABASE_OWNER_URL ?? process.env.DATABASE_URL ?? '', 4);
  try {
    const [row] = await db.select({ n: count() }).from(organisation);
    if (row!.n > 0) return;
    console.log('· Writing the demo sale and drawing its pictures …');
    const studio: Studio = new Workshop(STUDIO, () => writtenProgram('demo/drawing.ts'));
    try {
      await seed(db, new Date(), studio);
    } finally {
      studio.close();
    }
  } finally {
    await end();
  }
}

main().catch((error: unknown) => {
  console.error('The demo data could not be written:', error instanceof Error ? error.message : error);
  process.exit(1);
});
