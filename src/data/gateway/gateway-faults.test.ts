import { eq, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import { schemaNumber } from '@/core/kinds';
import { sealInspection } from '@/server/sealing';
import { createAccount, createOrganisation, createSale } from '../accounts';
import { type Actor, actorOf } from '../actor';
import { contentHash, logHash } from '../change-hash';
import type { Db } from '../db';
import { currentInspection, inspectionHead, recordsOfInspection, revisionsOf } from '../inspections';
import { logOf, logVerdict, noteCaseRepair } from '../log';
import { addLot } from '../lots';
import { giveUpRevision, startRevision } from '../revisions';
import { inspection } from '../tables/lots';
import { changeLog, record } from '../tables/records';
import { testDatabase } from '../test-database';
import { carBody, TEST_NOW as NOW, put, reading } from '../test-entries';
import { yardRowOf } from '../yard';
import { takeChanges } from './index';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let ilse: Actor;
let saleId: string;
let number = 0;

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  const orgId = await createOrganisation(owner, 'Tramshed Dispersal Office');
  ilse = (await actorOf(
    db,
    await createAccount(owner, {
      name: 'Ilse Brandvik',
      email: 'ilse@tramshed.example',
      passwordHash: 'none',
      orgId,
      role: 'manager',
    }),
  ))!;
  saleId = await createSale(owner, orgId, {
    name: 'The Tramshed Dispersal',
    place: 'Vennor',
    opensOn: null,
    closesOn: null,
  });
});
afterAll(() => end());

const AT = NOW.toISOString();
const lot = async () =>
  (await addLot(db, ilse, saleId, { number: ++number, title: `Lot ${number}`, reportDueOn: null }))!;
const finding = (extra = {}) => ({ zone: 'hood', flaw: 'chip', at: AT, ...extra });
const send = async (id: string, ...changes: unknown[]) => (await takeChanges(db, ilse, id, changes, NOW))!;
const logged = async (id: string) => (await logOf(db, ilse, id)).length;

describe('ids in capital letters', () => {
  it('are the same ids: version check, log and duplicates hold', async () => {
    const { inspectionId } = await lot();
    const first = put('reading', reading());
    await send(inspectionId, first);
    const capitals = { ...put('reading', reading(400)), record: first.record.toUpperCase() };
    expect(await send(inspectionId, capitals)).toMatchObject([{ status: 'conflict', present: { version: 1 } }]);
    expect(await send(inspectionId, { ...first, id: first.id.toUpperCase() })).toEqual([
      { id: first.id, status: 'duplicate', version: 1 },
    ]);
    const next = {
      ...first,
      id: uuidv7().toUpperCase(),
      record: first.record.toUpperCase(),
      base: 1,
      body: reading(140),
    };
    expect(await send(inspectionId, next)).toEqual([{ id: next.id.toLowerCase(), status: 'applied', version: 2 }]);
    expect(await recordsOfInspection(db, ilse, inspectionId)).toMatchObject([{ id: first.record, version: 2 }]);
    expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({ whole: true, lines: 2 });
  });

  it('cannot put another kind over a record', async () => {
    const { inspectionId } = await lot();
    const first = put('reading', reading());
    await send(inspectionId, first);
    const look = put('look', { zone: 'hood', aspect: 'paint', outcome: 'clean', at: AT });
    expect(await send(inspectionId, { ...look, record: first.record.toUpperCase() })).toMatchObject([
      { status: 'rejected', reason: 'wrong-kind' },
    ]);
  });

  it('that an earlier program let into a log are told from tampering, and a noted repair heals it', async () => {
    const { inspectionId } = await lot();
    const change = put('reading', reading());
    await send(inspectionId, change);
    // As the program of 25 November wrote it: hashed with capitals, kept by the database in small letters.
    const [head] = await db.transaction(async () =>
      owner.select().from(inspection).where(eq(inspection.id, inspectionId)),
    );
    const recordId = change.record.toUpperCase();
    const body = { ...reading(400), visit: null };
    const line = {
      inspectionId,
      changeId: uuidv7(),
      contentHash: contentHash({ op: 'put', kind: 'reading', record: recordId, base: 0, body }),
      actorId: ilse.userId,
      at: AT,
      op: 'put',
      kind: 'reading',
      recordId,
      version: 1,
      before: null,
      after: body,
    };
    const hash = logHash(head!.logHead, line);
    await owner.insert(changeLog).values({ ...line, at: NOW, orgId: ilse.orgId, previousHash: head!.logHead, hash });
    await owner.update(record).set({ body, version: 1 }).where(eq(record.inspectionId, inspectionId));
    await owner.update(inspection).set({ logHead: hash, changeCount: 2 }).where(eq(inspection.id, inspectionId));

    const broken = await logVerdict(db, ilse, inspectionId);
    expect(broken).toMatchObject({ whole: false, cause: 'case-of-id' });
    expect(await noteCaseRepair(owner, inspectionId, 'petra')).toBe(broken.brokenAt);
    expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({ whole: true, repaired: 1 });
    expect(await noteCaseRepair(owner, inspectionId, 'petra')).toBeNull();
    // What was taken in afterwards still chains.
    await send(inspectionId, put('reading', reading(120)));
    expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({ whole: true, lines: 3, repaired: 1 });
  });

  it('does not call a changed line one of capitals', async () => {
    const { inspectionId } = await lot();
    await send(inspectionId, put('reading', reading()));
    await owner.execute(sql`alter table change_log disable trigger change_log_erased`);
    await owner.execute(sql`update change_log set after = '{}' where inspection_id = ${inspectionId}`);
    await owner.execute(sql`alter table change_log enable trigger change_log_erased`);
    expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({ whole: false, cause: 'chain' });
    expect(await noteCaseRepair(owner, inspectionId, 'petra')).toBeNull();
  });
});

describe('texts that no database keeps', () => {
  it.each(['a\u0000b', 'half \ud83d', '\u0007'])(
    '%j is rejected alone; the others of its batch are taken',
    async (note) => {
      const { inspectionId } = await lot();
      const results = await send(
        inspectionId,
        put('reading', reading()),
        put('reading', reading(131, { note })),
        put('finding', finding({ note: 'well 😀' })),
      );
      expect(results.map((r) => r.status)).toEqual(['applied', 'rejected', 'applied']);
      expect(await logged(inspectionId)).toBe(2);
    },
  );

  it('what only the database refuses is halved out of its batch', async () => {
    const { inspectionId } = await lot();
    // Nothing of ours lets this through; a trigger stands for a refusal nobody thought of.
    await owner.execute(sql`create function refuse_one() returns trigger language plpgsql as $$ begin
      if new.body->>'note' = 'unlucky' then raise exception 'no' using errcode = '22000'; end if; return new; end $$`);
    await owner.execute(
      sql`create trigger refuse_one before insert on record for each row execute function refuse_one()`,
    );
    const changes = Array.from({ length: 9 }, (_, i) =>
      put('finding', finding({ note: i === 5 ? 'unlucky' : `n${i}` })),
    );
    const results = await send(inspectionId, ...changes);
    await owner.execute(sql`drop trigger refuse_one on record`);
    expect(results.map((r) => r.id)).toEqual(changes.map((c) => c.id));
    expect(results.filter((r) => r.status === 'applied')).toHaveLength(8);
    expect(results[5]).toMatchObject({ status: 'rejected', reason: 'refused' });
    expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({ whole: true, lines: 8 });
  });
});

describe('programs of different age', () => {
  /** As the program of 25 November sent it, with every field its schema had then, and hashed it. */
  const old = {
    zone: 'hood',
    state: 'read',
    thicknessUm: 131,
    typed: { text: '131', unit: 'um' },
    place: null,
    visit: null,
    confirmed: false,
    note: '',
    at: AT,
  };

  it('a change taken before an update and sent again after it is known again', async () => {
    const { inspectionId } = await lot();
    const change = put('reading', old);
    await send(inspectionId, change);
    const [line] = await owner.select().from(changeLog).where(eq(changeLog.inspectionId, inspectionId));
    expect(line!.contentHash).toBe(contentHash(change));
    expect(await send(inspectionId, change)).toMatchObject([{ status: 'duplicate' }]);
    expect((await recordsOfInspection(db, ilse, inspectionId))[0]!.body).toMatchObject({ origin: 'car' });
  });

  it('a change that an earlier program hashed with its defaults is known again', async () => {
    const { inspectionId } = await lot();
    const bare = put('reading', reading());
    await send(inspectionId, bare);
    await owner.execute(sql`alter table change_log disable trigger change_log_erased`);
    const filled = (await recordsOfInspection(db, ilse, inspectionId))[0]!.body;
    await owner
      .update(changeLog)
      .set({ contentHash: contentHash({ ...bare, body: filled }) })
      .where(eq(changeLog.inspectionId, inspectionId));
    await owner.execute(sql`alter table change_log enable trigger change_log_erased`);
    expect(await send(inspectionId, bare)).toMatchObject([{ status: 'duplicate' }]);
  });

  it('refuses what a newer program entered, and keeps it apart from what is wrong', async () => {
    const { inspectionId } = await lot();
    const newer = put('reading', { ...old, tint: 'new' }, { schema: schemaNumber('reading') + 1 });
    const newKind = put('smell', { zone: 'hood' }, { schema: 1 });
    expect(await send(inspectionId, newer, newKind, put('smell', {}))).toMatchObject([
      { status: 'rejected', reason: 'update-first' },
      { status: 'rejected', reason: 'update-first' },
      { status: 'rejected', reason: 'malformed' },
    ]);
    expect(await logged(inspectionId)).toBe(0);
  });

  it('does not touch a record that a newer program wrote', async () => {
    const { inspectionId } = await lot();
    const change = put('reading', old);
    await send(inspectionId, change);
    await owner
      .update(record)
      .set({ schema: schemaNumber('reading') + 1 })
      .where(eq(record.inspectionId, inspectionId));
    expect(await send(inspectionId, { ...change, id: uuidv7(), base: 1 })).toMatchObject([
      { status: 'rejected', reason: 'update-first' },
    ]);
  });

  it('keeps what an older program does not know when that one corrects a record', async () => {
    const { inspectionId } = await lot();
    const change = put('reading', { ...old, origin: 'practice' }, { schema: 2 });
    await send(inspectionId, change);
    const correction = { ...change, id: uuidv7(), base: 1, schema: 1, body: { ...old, note: 'again' } };
    expect(await send(inspectionId, correction)).toMatchObject([{ status: 'applied' }]);
    expect((await recordsOfInspection(db, ilse, inspectionId))[0]!.body).toMatchObject({
      origin: 'practice',
      note: 'again',
    });
  });

  it('refuses a field that its kind does not have, however deep, instead of dropping it', async () => {
    const { inspectionId } = await lot();
    expect(
      await send(
        inspectionId,
        put('reading', { ...old, tint: 'new' }),
        put('reading', { ...old, typed: { text: '131', unit: 'um', by: 'hand' } }),
      ),
    ).toMatchObject([
      { status: 'rejected', reason: 'invalid', path: 'tint' },
      { status: 'rejected', reason: 'invalid', path: 'typed.by' },
    ]);
  });
});

it('takes a car out and puts another in, in one batch', async () => {
  const { inspectionId, lotId } = await lot();
  const first = put('car', carBody, { record: lotId });
  await send(inspectionId, first);
  const results = await send(
    inspectionId,
    { id: uuidv7(), op: 'remove', kind: 'car', record: lotId, base: 1 },
    put('car', { ...carBody, style: 'saloon4' }),
    put('reading', reading(131, { zone: 'door.left.rear' })),
  );
  expect(results.map((r) => r.status)).toEqual(['applied', 'applied', 'applied']);
});

it('notices a record that was changed behind the log’s back, added or taken out', async () => {
  const { inspectionId } = await lot();
  await send(inspectionId, put('reading', reading()), put('reading', reading(140)));
  const [first, second] = await recordsOfInspection(db, ilse, inspectionId);
  await owner
    .update(record)
    .set({ body: { ...first!.body, thicknessUm: 90 } })
    .where(eq(record.id, first!.id));
  expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({
    whole: false,
    cause: 'records',
    differing: [first!.id],
  });
  await owner.update(record).set({ body: first!.body }).where(eq(record.id, first!.id));
  await owner.delete(record).where(eq(record.id, second!.id));
  expect(await logVerdict(db, ilse, inspectionId)).toMatchObject({ whole: false, differing: [second!.id] });
});

describe('revisions', () => {
  const sealed = async () => {
    const ids = await lot();
    await send(
      ids.inspectionId,
      put('car', carBody, { record: ids.lotId }),
      put('visit', { startedAt: AT }),
      put('finding', finding()),
    );
    expect(await sealInspection(db, ilse, ids.inspectionId, NOW)).toMatchObject({ ok: true });
    return ids;
  };

  it('go on with the log of the one before, and the history of a record goes back through them', async () => {
    const { inspectionId, lotId } = await sealed();
    const next = (await startRevision(db, ilse, inspectionId, 'a chip was counted twice'))!;
    expect(await inspectionHead(db, ilse, next)).toMatchObject({ revision: 2, reason: 'a chip was counted twice' });
    expect(await logVerdict(db, ilse, next)).toMatchObject({ whole: true, lines: 3 });
    const chip = (await recordsOfInspection(db, ilse, next)).find((r) => r.kind === 'finding')!;
    await send(next, put('finding', finding({ count: 2 }), { record: chip.id, base: 1 }));
    expect(await logVerdict(db, ilse, next)).toMatchObject({ whole: true, lines: 4 });
    expect((await logOf(db, ilse, next, { record: chip.id, history: true })).map((l) => l.version)).toEqual([1, 2]);
    expect((await logOf(db, ilse, next)).length).toBe(1);
    // A line taken out of the first revision breaks the second.
    await owner.execute(sql`alter table change_log disable trigger change_log_kept`);
    await owner.execute(sql`delete from change_log where inspection_id = ${inspectionId} and kind = 'finding'`);
    await owner.execute(sql`alter table change_log enable trigger change_log_kept`);
    expect(await logVerdict(db, ilse, next)).toMatchObject({ whole: false, cause: 'chain' });
    expect(await yardRowOf(db, ilse, lotId)).toMatchObject({ inspectionId: next });
  });

  it('can be given up: the sealed one stands again, and the number is not used twice', async () => {
    const { inspectionId, lotId } = await sealed();
    expect(await giveUpRevision(db, ilse, inspectionId)).toBe(false);
    const second = (await startRevision(db, ilse, inspectionId, 'begun by mistake'))!;
    await send(second, put('finding', finding()));
    expect(await giveUpRevision(db, ilse, second)).toBe(true);
    expect(await currentInspection(db, ilse, lotId)).toMatchObject({ id: inspectionId, state: 'sealed' });
    expect(await yardRowOf(db, ilse, lotId)).toMatchObject({ inspectionId, state: 'sealed', revision: 1 });
    expect((await revisionsOf(db, ilse, lotId)).map((r) => r.revision)).toEqual([1]);
    expect(await send(second, put('finding', finding()))).toMatchObject([{ status: 'rejected', reason: 'sealed' }]);
    const third = (await startRevision(db, ilse, inspectionId, 'in earnest'))!;
    expect(await inspectionHead(db, ilse, third)).toMatchObject({ revision: 3 });
    expect(await logVerdict(db, ilse, third)).toMatchObject({ whole: true, lines: 3 });
    expect(await yardRowOf(db, ilse, lotId)).toMatchObject({ inspectionId: third });
  });
});
