import { eq, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import { sealInspection } from '@/server/sealing';
import { createAccount, createOrganisation, createSale } from '../accounts';
import { type Actor, actorOf } from '../actor';
import type { Db } from '../db';
import { currentInspection, inspectionHead, recordsOfInspection } from '../inspections';
import { linksOf, openLink } from '../links';
import { logOf, logVerdict } from '../log';
import { addLot } from '../lots';
import { setState, startRevision } from '../revisions';
import { sealedReport } from '../seals';
import { inspection } from '../tables/lots';
import { photoFile } from '../tables/pictures';
import { changeLog, record } from '../tables/records';
import { testDatabase } from '../test-database';
import { carBody, TEST_NOW as NOW, put, reading, visitBody } from '../test-entries';
import { yardPage } from '../yard';
import { MOST_RECORDS } from './batch';
import { takeChanges } from './index';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let petra: Actor;
let stranger: Actor;
let saleId: string;
let number = 0;

async function account(org: string, email: string): Promise<Actor> {
  return (await actorOf(
    db,
    await createAccount(owner, { name: email, email, passwordHash: 'none', orgId: org, role: 'manager' }),
  ))!;
}

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  const org = await createOrganisation(owner, 'Tramshed Dispersal Office');
  petra = await account(org, 'petra@tramshed.example');
  stranger = await account(await createOrganisation(owner, 'Harbour Office'), 'else@harbour.example');
  saleId = await createSale(owner, org, {
    name: 'The Tramshed Dispersal',
    place: 'Vennor',
    opensOn: '2027-02-20',
    closesOn: '2027-03-04',
  });
});
afterAll(() => end());

const AT = NOW.toISOString();
const lot = async () =>
  (await addLot(db, petra, saleId, { number: ++number, title: `Lot ${number}`, reportDueOn: null }))!;
const send = async (inspectionId: string, ...changes: unknown[]) =>
  (await takeChanges(db, petra, inspectionId, changes, NOW))!;
const dump = async (inspectionId: string) => ({
  records: await recordsOfInspection(db, petra, inspectionId),
  log: (await logOf(db, petra, inspectionId)).length,
});

it('applies changes once, however often they are sent', async () => {
  const { inspectionId } = await lot();
  const change = put('reading', reading());
  expect(await send(inspectionId, change)).toEqual([{ id: change.id, status: 'applied', version: 1 }]);
  expect(await send(inspectionId, change, change)).toEqual([
    { id: change.id, status: 'duplicate', version: 1 },
    { id: change.id, status: 'duplicate', version: 1 },
  ]);
  expect(await dump(inspectionId)).toMatchObject({
    log: 1,
    records: [{ kind: 'reading', version: 1, body: { thicknessUm: 131, confirmed: false } }],
  });
});

it('refuses a re-used change id with another content', async () => {
  const { inspectionId } = await lot();
  const change = put('reading', reading());
  await send(inspectionId, change);
  expect(await send(inspectionId, { ...change, body: reading(140) })).toMatchObject([
    { status: 'rejected', reason: 'reused-id' },
  ]);
  expect((await dump(inspectionId)).records).toMatchObject([{ body: { thicknessUm: 131 } }]);
});

it('answers a conflict with the present record, and changes nothing', async () => {
  const { inspectionId } = await lot();
  const first = put('reading', reading());
  await send(inspectionId, first, { ...first, id: uuidv7(), base: 1, body: reading(140) });
  const late = { ...first, id: uuidv7(), base: 1, body: reading(150) };
  expect(await send(inspectionId, late)).toMatchObject([
    { status: 'conflict', present: { version: 2, body: { thicknessUm: 140 } } },
  ]);
  expect(
    await send(inspectionId, { id: uuidv7(), op: 'remove', kind: 'reading', record: uuidv7(), base: 1 }),
  ).toMatchObject([{ status: 'conflict', present: null }]);
  expect((await dump(inspectionId)).log).toBe(2);
});

it('takes the good ones of a batch in order and says why it refused the others', async () => {
  const { inspectionId } = await lot();
  const results = await send(
    inspectionId,
    put('reading', reading()),
    put('reading', reading(131, { zone: 'fendr.left' })),
    put('reading', reading(-4, { typed: { text: '-4', unit: 'um' } })),
    put('reading', reading(5.2, { typed: { text: '5.2', unit: 'um' } })),
    put('photo', { sha256: 'a'.repeat(64), name: 'x.jpg', type: 'image/jpeg', bytes: 1, widthPx: 1, heightPx: 1 }),
    'nonsense',
    put('look', { zone: 'hood', aspect: 'paint', outcome: 'clean', at: AT }),
  );
  expect(results.map((r) => (r.status === 'rejected' ? r.reason : r.status))).toEqual([
    'applied',
    'unknown-zone',
    'invalid',
    'ask-unit',
    'unknown-photo',
    'malformed',
    'applied',
  ]);
  expect(results[1]).toMatchObject({ nearest: 'fender.left' });
  expect(await dump(inspectionId)).toMatchObject({ log: 2, records: [{ kind: 'reading' }, { kind: 'look' }] });
});

it('takes type, size and moment of a picture from its file, whatever is said of them', async () => {
  const { inspectionId } = await lot();
  const sha256 = 'e'.repeat(64);
  const takenAt = new Date('2027-02-09T10:00:00Z');
  const file = { type: 'image/jpeg', bytes: 1234, widthPx: 40, heightPx: 30 };
  await owner.insert(photoFile).values({ orgId: petra.orgId, sha256, ...file, takenAt });
  const said = { sha256, name: 'x.jpg', type: 'image/webp', bytes: 1, widthPx: 99_999, heightPx: 1 };
  const change = put('photo', { ...said, takenAt: '1999-01-01T00:00:00Z', zone: 'hood' });
  expect(await send(inspectionId, change)).toMatchObject([{ status: 'applied' }]);
  const [kept] = await recordsOfInspection(db, petra, inspectionId);
  expect(kept!.body).toMatchObject({ ...file, takenAt: takenAt.toISOString(), zone: 'hood' });
  expect(await send(inspectionId, change)).toMatchObject([{ status: 'duplicate' }]);
  // A file that states no moment: nobody says one for it.
  const silent = 'd'.repeat(64);
  await owner.insert(photoFile).values({ orgId: petra.orgId, sha256: silent, ...file });
  await send(inspectionId, put('photo', { ...said, sha256: silent, takenAt: '1999-01-01T00:00:00Z' }));
  const other = (await recordsOfInspection(db, petra, inspectionId)).find((r) => r.id !== kept!.id);
  expect(other!.body).toMatchObject({ takenAt: null });
});

it('takes no more records than an inspection may hold, and still takes corrections', async () => {
  const { inspectionId } = await lot();
  const first = put('reading', reading());
  await send(inspectionId, first);
  await owner.execute(sql`
    insert into record (inspection_id, id, org_id, kind, version, body)
    select ${inspectionId}, gen_random_uuid(), ${petra.orgId}, 'look', 1, '{}' from generate_series(2, ${MOST_RECORDS})`);
  await owner.execute(sql`update inspection set change_count = ${MOST_RECORDS} where id = ${inspectionId}`);
  const over = put('reading', reading());
  const correction = put('reading', reading(140), { record: first.record, base: 1 });
  expect(await send(inspectionId, over, correction)).toMatchObject([
    { status: 'rejected', reason: 'too-many-records' },
    { status: 'applied', version: 2 },
  ]);
});

it('holds zones against the car’s own plan, also within one batch', async () => {
  const { inspectionId, lotId } = await lot();
  const rear = { zone: 'door.left.rear', aspect: 'paint', outcome: 'clean', at: AT };
  expect(await send(inspectionId, put('look', rear))).toMatchObject([{ status: 'applied' }]);
  expect(await send(inspectionId, put('car', carBody, { record: lotId }), put('look', rear))).toMatchObject([
    { status: 'applied' },
    { status: 'rejected', reason: 'unknown-zone' },
  ]);
  expect(await send(inspectionId, put('car', carBody))).toMatchObject([{ status: 'rejected', reason: 'invalid' }]);
});

it('refuses to change the kind of a record', async () => {
  const { inspectionId } = await lot();
  const change = put('reading', reading());
  await send(inspectionId, change);
  expect(
    await send(inspectionId, {
      ...put('look', { zone: 'hood', aspect: 'paint', outcome: 'clean', at: AT }),
      record: change.record,
      base: 1,
    }),
  ).toMatchObject([{ status: 'rejected', reason: 'wrong-kind' }]);
});

it('keeps two writers apart: every change lands once, in a whole chain', async () => {
  const { inspectionId } = await lot();
  const batches = Array.from({ length: 12 }, (_, b) =>
    Array.from({ length: 10 }, (_, i) => put('reading', reading(100 + b * 10 + i))),
  );
  await Promise.all(batches.map((b) => takeChanges(db, petra, inspectionId, b, NOW)));
  await Promise.all(batches.map((b) => takeChanges(db, petra, inspectionId, b, NOW)));
  const { records, log } = await dump(inspectionId);
  expect(records).toHaveLength(120);
  expect(log).toBe(120);
  expect((await logVerdict(db, petra, inspectionId)).whole).toBe(true);
  expect((await inspectionHead(db, petra, inspectionId))!.changeCount).toBe(120);
});

it('logs before and after, and never forgets', async () => {
  const { inspectionId } = await lot();
  const change = put('reading', reading());
  await send(
    inspectionId,
    change,
    { ...change, id: uuidv7(), base: 1, body: reading(140) },
    { id: uuidv7(), op: 'remove', kind: 'reading', record: change.record, base: 2 },
  );
  const lines = await logOf(db, petra, inspectionId);
  expect(
    lines.map((l) => [
      l.op,
      (l.before as { thicknessUm?: number } | null)?.thicknessUm,
      (l.after as { thicknessUm?: number } | null)?.thicknessUm,
    ]),
  ).toEqual([
    ['put', undefined, 131],
    ['put', 131, 140],
    ['remove', 140, undefined],
  ]);
  expect(lines[0]!.who).toBe('petra@tramshed.example');
  await expect(
    owner.update(changeLog).set({ op: 'put' }).where(eq(changeLog.inspectionId, inspectionId)),
  ).rejects.toThrow();
  await expect(owner.delete(changeLog).where(eq(changeLog.inspectionId, inspectionId))).rejects.toThrow();
  expect((await logOf(db, petra, inspectionId)).length).toBe(3);
});

it('notices a log line that was changed behind its back', async () => {
  const { inspectionId } = await lot();
  await send(inspectionId, put('reading', reading()), put('reading', reading(140)));
  await owner.execute(sql`alter table change_log disable trigger change_log_erased`);
  await owner.execute(
    sql`update change_log set after = '{"thicknessUm": 90}' where inspection_id = ${inspectionId} and version = 1 and seq = (select min(seq) from change_log where inspection_id = ${inspectionId})`,
  );
  await owner.execute(sql`alter table change_log enable trigger change_log_erased`);
  expect((await logVerdict(db, petra, inspectionId)).whole).toBe(false);
});

it('shows another organisation nothing and takes nothing from it', async () => {
  const { inspectionId, lotId } = await lot();
  await send(inspectionId, put('reading', reading()));
  expect(await takeChanges(db, stranger, inspectionId, [put('reading', reading())], NOW)).toBeNull();
  expect(await inspectionHead(db, stranger, inspectionId)).toBeNull();
  expect(await currentInspection(db, stranger, lotId)).toBeNull();
  expect(await recordsOfInspection(db, stranger, inspectionId)).toEqual([]);
  expect(await logOf(db, stranger, inspectionId)).toEqual([]);
  expect(await yardPage(db, stranger, saleId)).toEqual({ rows: [], next: null });
  expect(await addLot(db, stranger, saleId, { number: 999, title: 'x', reportDueOn: null })).toBeNull();
  expect(await sealInspection(db, stranger, inspectionId, NOW)).toEqual({ ok: false, reason: 'not-found' });
  expect(await setState(db, stranger, inspectionId, 'reviewed')).toBe(false);
  expect(await linksOf(db, stranger, lotId)).toEqual([]);
});

describe('sealing', () => {
  const ready = async () => {
    const ids = await lot();
    await send(
      ids.inspectionId,
      put('car', carBody, { record: ids.lotId }),
      put('visit', visitBody),
      put('reading', reading()),
    );
    return ids;
  };

  it('refuses what is incomplete', async () => {
    const { inspectionId } = await lot();
    expect(await sealInspection(db, petra, inspectionId, NOW)).toEqual({ ok: false, reason: 'incomplete' });
  });

  it('closes the inspection: no change any more, but a resent one is known', async () => {
    const { inspectionId } = await ready();
    const before = put('reading', reading(128));
    await send(inspectionId, before);
    expect(await sealInspection(db, petra, inspectionId, NOW)).toMatchObject({ ok: true });
    expect(await send(inspectionId, before, put('reading', reading()))).toMatchObject([
      { status: 'duplicate' },
      { status: 'rejected', reason: 'sealed' },
    ]);
    expect(await sealInspection(db, petra, inspectionId, NOW)).toEqual({ ok: false, reason: 'already-sealed' });
    expect(await sealedReport(db, stranger, inspectionId)).toBeNull();
    await expect(
      owner.execute(sql`update seal set sha256 = 'x' where inspection_id = ${inspectionId}`),
    ).rejects.toThrow();
  });

  it('starts a revision as a copy that can be changed, and leaves the sealed one alone', async () => {
    const { inspectionId, lotId } = await ready();
    expect(await startRevision(db, petra, inspectionId, 'a figure was wrong')).toBeNull();
    await sealInspection(db, petra, inspectionId, NOW);
    const next = (await startRevision(db, petra, inspectionId, 'a figure was wrong'))!;
    const [sealed, open] = [
      await recordsOfInspection(db, petra, inspectionId),
      await recordsOfInspection(db, petra, next),
    ];
    expect(open).toEqual(sealed);
    const first = open.find((r) => r.kind === 'reading')!;
    expect(
      await send(next, {
        id: uuidv7(),
        op: 'put',
        kind: 'reading',
        record: first.id,
        base: first.version,
        body: reading(200),
      }),
    ).toMatchObject([{ status: 'applied' }]);
    expect(await recordsOfInspection(db, petra, inspectionId)).toEqual(sealed);
    expect((await currentInspection(db, petra, lotId))!).toMatchObject({ id: next, revision: 2, state: 'draft' });
    expect(await startRevision(db, petra, inspectionId, 'a figure was wrong')).toBeNull();
  });

  it('opens nothing by a token nobody made', async () => {
    expect(await openLink(db, 'f'.repeat(64), NOW)).toBeNull();
  });
});

it('lists lots by number with their newest revision, page by page', async () => {
  const page = await yardPage(db, petra, saleId, { limit: 3 });
  expect(page.rows.map((r) => r.number)).toEqual([1, 2, 3]);
  expect((await yardPage(db, petra, saleId, { after: page.next, limit: 2 })).rows.map((r) => r.number)).toEqual([4, 5]);
  expect(await addLot(db, petra, saleId, { number: 1, title: 'again', reportDueOn: null })).toBeNull();
});

it('lets the database itself refuse what no gateway would write', async () => {
  const { inspectionId } = await lot();
  await expect(
    owner
      .insert(record)
      .values({ inspectionId, id: uuidv7(), orgId: petra.orgId, kind: 'So ng', version: 1, body: {} }),
  ).rejects.toThrow();
  await expect(
    owner.insert(record).values({ inspectionId, id: uuidv7(), orgId: petra.orgId, kind: 'look', version: 0, body: {} }),
  ).rejects.toThrow();
  await expect(
    owner
      .update(inspection)
      .set({ state: 'lost' as never })
      .where(eq(inspection.id, inspectionId)),
  ).rejects.toThrow();
});
