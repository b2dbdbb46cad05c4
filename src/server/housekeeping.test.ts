import { mkdtempSync, rmSync, utimesSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { sql } from 'drizzle-orm';
import type { Db } from '@/data/db';
import { addExportJob, exportJobOf, moveExportJob } from '@/data/export-jobs';
import { keepHouseSettings } from '@/data/house';
import { addLink, noteLinkOpened, openLink } from '@/data/links';
import { noteSignIn, signInsOf } from '@/data/sign-in-events';
import { testDatabase } from '@/data/test-database';
import { type TestHouse, testHouse } from '@/data/test-house';
import { exportKey } from './export/export-key';
import { sweep } from './housekeeping';
import { photoStore } from './photo-store';
import { newToken, sealInspection, tokenHash } from './sealing';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
let folder: string;
const DAY_MS = 24 * 3600_000;
const daysAgo = (n: number) => new Date(Date.now() - n * DAY_MS);

beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'farvin-sweep-'));
  process.env.PHOTO_STORE = folder;
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
});
afterAll(async () => {
  await end();
  rmSync(folder, { recursive: true });
});

it('sweeps parts of pictures that nobody finished, and leaves those that are still coming', async () => {
  for (const key of [`parts-${house.orgId}-old/0`, `parts-${house.orgId}-new/0`])
    await photoStore().put(key, Buffer.from('x'));
  utimesSync(path.join(folder, `parts-${house.orgId}-old`, '0'), daysAgo(9), daysAgo(9));
  expect(await sweep(db, new Date())).toMatchObject({ parts: 1 });
  expect(await photoStore().has(`parts-${house.orgId}-new/0`)).toBe(true);
  expect(await photoStore().has(`parts-${house.orgId}-old/0`)).toBe(false);
});

it('takes exports away after their time, files too, and none that is being made', async () => {
  const { inspectionId } = await house.lot();
  const made = await Promise.all(
    [1, 2, 3].map(async () => (await addExportJob(db, house.manager, inspectionId, 'pdf'))!),
  );
  const [old, fresh, making] = made;
  for (const id of [old!, fresh!]) {
    await moveExportJob(db, house.manager, id, { state: 'ready' });
    await photoStore().put(exportKey(house.orgId, id), Buffer.from('pdf'));
  }
  await owner.execute(
    sql`update export_job set moved_at = ${daysAgo(40).toISOString()} where id in (${old}, ${making})`,
  );
  expect(await sweep(db, new Date())).toMatchObject({ exports: 1 });
  expect(await exportJobOf(db, house.manager, old!)).toBeNull();
  expect(await photoStore().has(exportKey(house.orgId, old!))).toBe(false);
  expect(await photoStore().has(exportKey(house.orgId, fresh!))).toBe(true);
  expect(await exportJobOf(db, house.manager, making!)).toMatchObject({ state: 'making' });
});

it('forgets addresses after the house’s own term, and keeps that there was a sign-in', async () => {
  const event = (at: Date, address: string) =>
    noteSignIn(db, { at, orgId: house.orgId, userId: house.viewer.userId, what: 'signed-in', address, agent: 'phone' });
  await event(daysAgo(60), '192.0.2.60');
  await event(daysAgo(10), '192.0.2.10');
  const { lotId, inspectionId } = await house.readyLot();
  await sealInspection(db, house.manager, inspectionId, new Date());
  const token = tokenHash(newToken());
  await addLink(db, house.manager, { lotId, tokenHash: token, label: '', expiresAt: null });
  await noteLinkOpened(db, (await openLink(db, token, new Date()))!, '192.0.2.99');
  expect(await sweep(db, new Date())).toMatchObject({ addresses: 0 });
  await keepHouseSettings(db, house.manager, { keepAddressesDays: 30 });
  expect(await sweep(db, new Date())).toMatchObject({ addresses: 1 });
  const seen = (await signInsOf(db, house.manager)).map((e) => [e.what, e.address, e.agent]);
  expect(seen).toEqual(
    expect.arrayContaining([
      ['signed-in', '', ''],
      ['signed-in', '192.0.2.10', 'phone'],
    ]),
  );
  await keepHouseSettings(db, house.manager, { keepAddressesDays: null });
  await owner.execute(sql`update organisation set keep_addresses_days = 1`);
  expect(await sweep(db, new Date())).toMatchObject({ addresses: 1 });
});
