import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { sql } from 'drizzle-orm';
import { auditOf } from '@/data/audit';
import type { Db } from '@/data/db';
import { askDeletion, callOff, deletionsOf, GRACE_DAYS } from '@/data/deletions';
import { addLink, openLink } from '@/data/links';
import { logVerdict } from '@/data/log';
import { lotRow } from '@/data/lot-change';
import { letGo, peopleOf } from '@/data/people';
import { salesOf } from '@/data/sales';
import { testDatabase } from '@/data/test-database';
import { put, TEST_NOW } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { eraseDue } from './erase-due';

const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-erase-'));
const NOW = new Date('2026-11-26T09:00:00Z');
const after = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
let db: Db;
let owner: Db;
let end: () => Promise<void>;
beforeAll(async () => {
  process.env.PHOTO_STORE = dir;
  ({ db, owner, end } = await testDatabase());
});
afterAll(async () => {
  await end();
  rmSync(dir, { recursive: true, force: true });
});
const claim = (text: string) => put('claim', { kind: 'other', text, source: 'seller', saidAt: TEST_NOW.toISOString() });
const holds = async (words: string) => {
  const [row] = await owner.execute(sql`select
    (select count(*)::int from record where body::text like ${`%${words}%`}) as records,
    (select count(*)::int from change_log where coalesce(before::text, '') || coalesce(after::text, '') || coalesce(actor_name, '') like ${`%${words}%`}) as lines,
    (select count(*)::int from audit_event where detail::text || actor_name like ${`%${words}%`}) as done,
    (select count(*)::int from deletion where name || why like ${`%${words}%`}) as asked`);
  return row;
};
const NOTHING = { records: 0, lines: 0, done: 0, asked: 0 };
const ask = (house: TestHouse, what: 'lot' | 'sale' | 'person', target: string) =>
  askDeletion(db, house.manager, { what, target, why: 'the pomegranate heirs ask for it' }, NOW);

it('erases a lot after its days, not before, and its links open nothing at once', async () => {
  const house = await testHouse(db, owner, 'erasing');
  const { lotId, inspectionId } = await house.readyLot(claim('Pomegranate red from new.'));
  await addLink(db, house.manager, { lotId, tokenHash: 'f'.repeat(64), label: 'x', expiresAt: null });
  expect(await openLink(db, 'f'.repeat(64), NOW)).not.toBeNull();
  const asked = (await ask(house, 'lot', lotId))!;
  expect(asked.dueAt).toEqual(after(GRACE_DAYS));
  expect(await openLink(db, 'f'.repeat(64), NOW)).toBeNull();
  expect(await ask(house, 'lot', lotId)).toBeNull();
  // Nor does a link that is made meanwhile.
  await addLink(db, house.manager, { lotId, tokenHash: '9'.repeat(64), label: 'y', expiresAt: null });
  expect(await openLink(db, '9'.repeat(64), NOW)).toBeNull();
  expect(await eraseDue(owner, after(GRACE_DAYS - 1))).toEqual({ erased: 0, failed: 0 });
  expect((await lotRow(db, house.manager, lotId))?.begun).toBe(true);
  expect(await eraseDue(owner, after(GRACE_DAYS))).toEqual({ erased: 1, failed: 0 });
  expect(await holds('omegranate red')).toEqual(NOTHING);
  // The log can still be checked, and says that it happened.
  expect((await logVerdict(db, house.manager, inspectionId)).whole).toBe(true);
  expect((await auditOf(db, house.manager)).map((e) => e.what)).toEqual(
    expect.arrayContaining(['erasing-asked', 'erased']),
  );
  expect(await deletionsOf(db, house.manager)).toEqual([]);
  expect(await eraseDue(owner, after(99))).toEqual({ erased: 0, failed: 0 });
});

it('erases nothing that was called off, and nothing of another house', async () => {
  const house = await testHouse(db, owner, 'sparing');
  const other = await testHouse(db, owner, 'meddling');
  const { lotId } = await house.readyLot(claim('Kept as it is.'));
  expect(await ask(other, 'lot', lotId)).toBeNull();
  const { id } = (await ask(house, 'lot', lotId))!;
  expect(await callOff(db, other.manager, id, NOW)).toBe(false);
  expect(await callOff(db, house.manager, id, NOW)).toBe(true);
  expect(await callOff(db, house.manager, id, NOW)).toBe(false);
  expect(await eraseDue(owner, after(99))).toEqual({ erased: 0, failed: 0 });
  expect(await holds('Kept as it is.')).toMatchObject({ records: 1 });
});

it('erases a sale with all its lots, and leaves the others', async () => {
  const house = await testHouse(db, owner, 'salehouse');
  await house.readyLot(claim('First quince.'));
  await house.readyLot(claim('Second quince.'));
  await ask(house, 'sale', house.saleId);
  expect(await eraseDue(owner, after(GRACE_DAYS))).toEqual({ erased: 1, failed: 0 });
  expect(await holds('quince')).toEqual(NOTHING);
  expect((await salesOf(db, house.manager)).map((s) => [s.name, s.state])).toEqual([['erased', 'archived']]);
});

it('erases a person who was let go meanwhile, and says where it cannot', async () => {
  const house = await testHouse(db, owner, 'personhouse');
  await house.readyLot();
  await ask(house, 'person', house.inspector.userId);
  await letGo(db, house.manager, house.inspector.userId);
  expect(await eraseDue(owner, after(GRACE_DAYS))).toEqual({ erased: 1, failed: 0 });
  expect(await holds('personhouse inspector')).toEqual(NOTHING);
  await ask(house, 'person', house.manager.userId);
  expect(await eraseDue(owner, after(GRACE_DAYS))).toEqual({ erased: 0, failed: 1 });
  expect((await deletionsOf(db, house.manager))[0]!.message).toContain('last manager');
  expect((await peopleOf(db, house.manager)).map((p) => p.role).sort()).toEqual(['manager', 'viewer']);
});
