import { createWriteStream, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { sql } from 'drizzle-orm';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { ZipFile } from 'yazl';
import type { AnyRecord } from '@/core/kinds';
import { readBundle } from '@/core/records/bundle';
import { createAccount, createOrganisation, createSale } from '@/data/accounts';
import { type Actor, actorOf } from '@/data/actor';
import { type Db, inOrg } from '@/data/db';
import { addExportJob, exportJobOf, moveExportJob, nextExport, readyExport } from '@/data/export-jobs';
import { takeChanges } from '@/data/gateway';
import { recordsOfInspection } from '@/data/inspections';
import { logVerdict } from '@/data/log';
import { addLot } from '@/data/lots';
import type { ExportWhat } from '@/data/tables/export-jobs';
import { testDatabase } from '@/data/test-database';
import { importPhoto } from '../photo-import';
import { photoStore } from '../photo-store';
import { sealInspection } from '../sealing';
import { pictureShop } from '../workshop/workshop';
import { exportKey } from './export-key';
import { drawable } from './faces';
import { importBundle } from './import-bundle';
import { runExport, whileMoving } from './jobs';
import { unpackBundle, ZIP_LIMITS } from './zip-safe';

const NOW = new Date('2027-02-10T09:00:00Z');
const AT = NOW.toISOString();
const PICTURES = 12;
let db: Db;
let end: () => Promise<void>;
let petra: Actor;
let other: Actor;
let saleId: string;
let otherSale: string;
let lot: { lotId: string; inspectionId: string };
let dir: string;

const put = (kind: string, body: object, record: string = uuidv7()) => ({
  id: uuidv7(),
  op: 'put',
  kind,
  record,
  base: 0,
  body,
});
const picture = (n: number) =>
  sharp({ create: { width: 400, height: 300, channels: 3, background: { r: (n * 19) % 256, g: 120, b: 90 } } })
    .jpeg()
    .toBuffer();

beforeAll(async () => {
  dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-export-test-'));
  process.env.PHOTO_STORE = dir;
  let owner: Db;
  let url: string;
  ({ db, owner, url, end } = await testDatabase());
  process.env.DATABASE_URL = url;
  const open = async (name: string) => {
    const orgId = await createOrganisation(owner, name);
    const email = `${name}@export.example`;
    const id = await createAccount(owner, { name, email, passwordHash: '-', orgId, role: 'manager' });
    const sale = await createSale(owner, orgId, { name, place: 'Vennor', opensOn: null, closesOn: '2027-03-01' });
    return { actor: (await actorOf(db, id))!, sale };
  };
  ({ actor: petra, sale: saleId } = await open('tramshed'));
  ({ actor: other, sale: otherSale } = await open('harbour'));
  lot = (await addLot(db, petra, saleId, { number: 1, title: 'Quillon Halyard', reportDueOn: null }))!;
  const finding = uuidv7();
  const changes: object[] = [
    put('car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' }, lot.lotId),
    put('visit', {
      startedAt: AT,
      inspector: 'Ilse Brandvik',
      place: 'Marlpit Tramshed',
      gauge: { name: 'Survey gauge', ceilingUm: 500 },
    }),
    put(
      'finding',
      { zone: 'hood', flaw: 'chip', count: 3, sizeMm: 2, note: '=HYPERLINK("x") ≥ 2 mm, Жук', at: AT },
      finding,
    ),
    put('reading', { zone: 'hood', state: 'read', thicknessUm: 131, typed: { text: '131', unit: 'um' }, at: AT }),
    put('claim', { kind: 'other', text: 'Never painted', source: 'Harald Voss', saidAt: AT }),
  ];
  for (let n = 0; n < PICTURES; n++) {
    const taken = await importPhoto(db, petra, await picture(n));
    if (!taken.ok) throw new Error(taken.reason);
    const { takenAt: _t, ...rest } = taken.photo;
    changes.push(put('photo', { ...rest, name: `p${n}.jpg`, zone: 'hood', finding: n % 2 ? finding : null }));
  }
  const results = await takeChanges(db, petra, lot.inspectionId, changes, NOW);
  expect(results!.map((r) => r.status)).toEqual(changes.map(() => 'applied'));
  // A record changed once more: its version must survive the way out and in.
  const [reading] = (await recordsOfInspection(db, petra, lot.inspectionId)).filter((r) => r.kind === 'reading');
  await takeChanges(
    db,
    petra,
    lot.inspectionId,
    [{ ...put('reading', { ...reading!.body, note: 'second' }, reading!.id), base: 1 }],
    NOW,
  );
});
afterAll(async () => {
  pictureShop().close();
  await end();
  rmSync(dir, { recursive: true, force: true });
});

const made = async (what: ExportWhat) => {
  const id = (await addExportJob(db, petra, lot.inspectionId, what))!;
  const { code, printed } = await runExport(id, petra.userId);
  expect([what, code]).toEqual([what, 0]);
  const job = (await exportJobOf(db, petra, id))!;
  expect(job).toMatchObject({ state: 'ready', done: job.total });
  const bytes = (await photoStore().get(exportKey(petra.orgId, id)))!;
  expect(bytes.length).toBe(job.bytes);
  expect(printed).toMatch(/^peak \d+ MB/);
  const file = path.join(dir, `${what}-${id}`);
  writeFileSync(file, bytes);
  return { file, bytes, job };
};
const plain = (records: readonly AnyRecord[]) =>
  records.map((r) => JSON.stringify([r.kind, r.id, r.version, Object.entries(r.body).sort()])).sort();

it('prints a PDF with its own faces, bookmarks and pictures', async () => {
  const { bytes } = await made('pdf');
  const text = bytes.toString('latin1');
  expect(text.slice(0, 5)).toBe('%PDF-');
  expect(text.match(/\/Type \/Page\b/g)!.length).toBeGreaterThanOrEqual(3);
  expect(text).toContain('/Outlines');
  // Titles of bookmarks stand as text or as UTF-16 in the file.
  const utf16 = (s: string) => Buffer.from(s, 'utf16le').swap16().toString('latin1');
  for (const title of ['Findings', 'Cautions'])
    expect([title, text.includes(title) || text.includes(utf16(title))]).toEqual([title, true]);
  expect(text).toMatch(/FontFile2/);
  expect(text).toMatch(/\/Lang \(en/);
  // Embedded subsets carry a tag of six letters (ISO 32000-1, 9.6.4); a standard face that is only named has none.
  const faces = [...text.matchAll(/\/BaseFont \/(\S+)/g)].map((m) => m[1]!);
  expect(faces.length).toBeGreaterThan(3);
  expect(faces.filter((f) => !/^[A-Z]{6}\+/.test(f))).toEqual([]);
  expect(faces.join()).toMatch(/NotoSansMath/);
  expect(text.match(/\/Subtype \/Image/g)!.length).toBeGreaterThanOrEqual(PICTURES);
});

it('prints job sheets, each trade on a page of its own with the pictures of what it mends', async () => {
  const { bytes } = await made('jobs');
  const text = bytes.toString('latin1');
  const utf16 = (s: string) => Buffer.from(s, 'utf16le').swap16().toString('latin1');
  const named = ['Detailer', 'Paint shop', 'Body shop'].filter((t) => text.includes(t) || text.includes(utf16(t)));
  expect(named).toHaveLength(1);
  expect(text.match(/\/Subtype \/Image/g)!.length).toBeGreaterThanOrEqual(1);
});

it('marks a sign that no face draws instead of leaving a gap', () => {
  expect(drawable('Łódź, Ωmega, Жук, ≥ 12 ± ½ µm → ok')).toBe('Łódź, Ωmega, Жук, ≥ 12 ± ½ µm → ok');
  expect(drawable('鋼 hood')).toBe('\ufffd hood');
});

it('packs a report with everything openly readable, cells made harmless', async () => {
  const { file } = await made('zip');
  const out = mkdtempSync(path.join(dir, 'zip-'));
  const { bundle, photos } = await unpackBundle(file, out);
  expect(photos.size).toBe(PICTURES);
  expect(readBundle(JSON.parse(readFileSync(bundle, 'utf8'))).ok).toBe(true);
});

it('gives the same records, ids and versions in another organisation, and nothing the second time', async () => {
  const { file } = await made('bundle');
  const seen: number[] = [];
  // The same organisation first: nothing is new.
  expect(await importBundle(db, petra, saleId, file)).toMatchObject({
    ok: true,
    created: false,
    taken: 0,
    different: 0,
  });
  // Ids are the world's: another organisation cannot take them over while they are there.
  expect(await importBundle(db, other, otherSale, file)).toMatchObject({ ok: false });
  const far = await testDatabase();
  try {
    const orgId = await createOrganisation(far.owner, 'far');
    const email = 'far@export.example';
    const id = await createAccount(far.owner, { name: 'Far', email, passwordHash: '-', orgId, role: 'manager' });
    const actor = (await actorOf(far.db, id))!;
    const sale = await createSale(far.owner, orgId, { name: 'far', place: '', opensOn: null, closesOn: null });
    const first = await importBundle(far.db, actor, sale, file, (done, total) => seen.push(done / total));
    expect(first).toMatchObject({ ok: true, created: true, taken: 5 + PICTURES, pictures: PICTURES });
    expect(seen.at(-1)).toBe(1);
    const there = await recordsOfInspection(far.db, actor, lot.inspectionId);
    expect(plain(there)).toEqual(plain(await recordsOfInspection(db, petra, lot.inspectionId)));
    const again = await importBundle(far.db, actor, sale, file);
    expect(again).toMatchObject({ ok: true, created: false, taken: 0, same: 5 + PICTURES, different: 0 });
    expect((await logVerdict(far.db, actor, lot.inspectionId)).whole).toBe(true);
    // A record that was changed here stays as it is.
    const [claim] = there.filter((r) => r.kind === 'claim');
    await takeChanges(
      far.db,
      actor,
      lot.inspectionId,
      [{ ...put('claim', { ...claim!.body, text: 'Changed' }, claim!.id), base: 1 }],
      NOW,
    );
    expect(await importBundle(far.db, actor, sale, file)).toMatchObject({ taken: 0, different: 1 });
  } finally {
    await far.end();
  }
});

it('refuses a bundle whose pictures are nowhere, and says so before it changes anything', async () => {
  const { file } = await made('bundle');
  const out = mkdtempSync(path.join(dir, 'alone-'));
  const { bundle } = await unpackBundle(file, out);
  const json = JSON.parse(readFileSync(bundle, 'utf8'));
  json.photos.push({ sha256: 'a'.repeat(64), name: 'x', type: 'image/jpeg', bytes: 1 });
  const alone = path.join(out, 'alone.json');
  writeFileSync(alone, JSON.stringify(json));
  expect(await importBundle(db, petra, saleId, alone)).toMatchObject({ ok: false, reason: 'pictures-missing' });
  writeFileSync(alone, '{"format":"farvin.bundle"');
  expect(await importBundle(db, petra, saleId, alone)).toMatchObject({ ok: false, reason: 'not-json' });
  writeFileSync(alone, JSON.stringify({ ...json, version: 99 }));
  expect(await importBundle(db, petra, saleId, alone)).toMatchObject({ ok: false, reason: 'bad-bundle' });
});

async function zipOf(entries: readonly (readonly [string, Buffer])[], spoil?: (zip: Buffer) => void): Promise<string> {
  const zip = new ZipFile();
  for (const [name, bytes] of entries) zip.addBuffer(bytes, name);
  zip.end();
  const file = path.join(dir, `odd-${uuidv7()}.zip`);
  await pipeline(zip.outputStream, createWriteStream(file));
  if (spoil) {
    const bytes = readFileSync(file);
    spoil(bytes);
    writeFileSync(file, bytes);
  }
  return file;
}
const swap = (from: string, to: string) => (zip: Buffer) => {
  for (let at = zip.indexOf(from); at >= 0; at = zip.indexOf(from, at + 1)) zip.write(to, at, 'latin1');
};

describe('a ZIP of a stranger', () => {
  const refused = async (file: string) => {
    const out = mkdtempSync(path.join(dir, 'out-'));
    return unpackBundle(file, out).then(
      () => 'taken',
      (e: { reason?: string }) => e.reason,
    );
  };
  const json = Buffer.from('{}');
  it('cannot leave the folder, by dots, roots, backslashes or unknown names', async () => {
    expect(
      await refused(
        await zipOf(
          [
            ['bundle.json', json],
            ['photosABC', json],
          ],
          swap('photosABC', '../../abc'),
        ),
      ),
    ).toMatch(/odd-name|damaged/);
    expect(await refused(await zipOf([['aetc/passwd', json]], swap('aetc/passwd', '/etc/passwd')))).toMatch(
      /odd-name|damaged/,
    );
    expect(await refused(await zipOf([['photos/evil.sh', json]]))).toBe('odd-name');
    expect(await refused(await zipOf([['photos/aXX', json]], swap('photos/aXX', 'photos\\aXX')))).toMatch(
      /odd-name|damaged/,
    );
  });
  it('cannot fill the disk by packing much into little, or by many entries', async () => {
    const bomb = Buffer.alloc(ZIP_LIMITS.entryBytes + 1);
    expect(await refused(await zipOf([['bundle.json', bomb]]))).toBe('too-large');
    const many = Array.from({ length: ZIP_LIMITS.entries + 1 }, (_, i) => [`photos/${String(i)}`, json] as const);
    expect(await refused(await zipOf(many))).toBe('too-many');
  });
  it('is told apart from no ZIP, a broken one and one with a name twice', async () => {
    const text = path.join(dir, 'text.zip');
    writeFileSync(text, 'PK\u0003\u0004 but no more');
    expect(await refused(text)).toBe('not-a-zip');
    expect(await refused(await zipOf([['README.txt', json]]))).toBe('odd-name');
    expect(
      await refused(
        await zipOf(
          [
            ['bundle.json', json],
            ['bundle.jsoX', json],
          ],
          swap('bundle.jsoX', 'bundle.json'),
        ),
      ),
    ).toBe('twice');
  });
});

it('shows a bidder only what was made after the seal', async () => {
  const before = await made('pdf');
  const sealed = await sealInspection(db, petra, lot.inspectionId, new Date());
  expect(sealed.ok).toBe(true);
  const sealedAt = new Date(sealed.ok ? (sealed.report.snapshot as { sealedAt: string }).sealedAt : 0);
  expect(before.job.createdAt.getTime()).toBeLessThan(sealedAt.getTime());
  expect(await readyExport(db, petra.orgId, lot.inspectionId, 'pdf', sealedAt)).toBeNull();
  const after = await made('pdf');
  expect((await readyExport(db, petra.orgId, lot.inspectionId, 'pdf', sealedAt))!.id).toBe(after.job.id);
  expect(await readyExport(db, other.orgId, lot.inspectionId, 'pdf', sealedAt)).toBeNull();
  const left = (await addExportJob(db, petra, lot.inspectionId, 'zip'))!;
  await moveExportJob(db, petra, left, { state: 'cancelled' });
  expect(await moveExportJob(db, petra, left, { done: 1 })).toBe(false);
});

it('keeps a job that waits for its turn from reading as left', async () => {
  const waits = (await addExportJob(db, petra, lot.inspectionId, 'zip'))!;
  const movedAt = async () => (await exportJobOf(db, petra, waits))!.movedAt.getTime();
  const begun = await movedAt();
  const moved = await whileMoving(
    db,
    petra,
    waits,
    async () => {
      for (let asked = 0; asked < 1000; asked++) if ((await movedAt()) > begun) return true;
      return false;
    },
    5,
  );
  expect(moved).toBe(true);
});

it('prints a car with very many findings, run by run', async () => {
  const many = (await addLot(db, petra, saleId, { number: 88, title: 'Wreck', reportDueOn: null }))!;
  const findings = Array.from({ length: 90 }, () => put('finding', { zone: 'hood', flaw: 'chip', at: AT }));
  const car = put('car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' }, many.lotId);
  await takeChanges(db, petra, many.inspectionId, [car, ...findings], NOW);
  const id = (await addExportJob(db, petra, many.inspectionId, 'pdf'))!;
  expect(await runExport(id, petra.userId)).toMatchObject({ code: 0 });
  const bytes = (await photoStore().get(exportKey(petra.orgId, id)))!;
  // The front, three runs of findings and the rest each begin on a page of their own.
  expect(bytes.toString('latin1').match(/\/Type \/Page\b/g)!.length).toBeGreaterThanOrEqual(5);
});

describe('the queue', () => {
  const finish = async () => {
    for (let next = await nextExport(db, 'test', []); next; next = await nextExport(db, 'test', []))
      await moveExportJob(db, next, next.id, { state: 'cancelled' });
  };
  beforeEach(finish);
  afterEach(finish);

  it('takes no more of one person, nor of one house, than may be under way', async () => {
    const bounds = { perPerson: 2, perHouse: 3 };
    const ask = (who: Actor) => addExportJob(db, who, lot.inspectionId, 'pdf', bounds);
    const colleague: Actor = { ...petra, userId: 'somebody-else' };
    // Sent at once: the bound holds all the same.
    const asked = await Promise.all([ask(petra), ask(petra), ask(petra), ask(petra)]);
    expect(asked.filter((id) => id !== null)).toHaveLength(2);
    expect(await ask(colleague)).not.toBeNull();
    expect(await ask(colleague)).toBeNull();
  });

  it('serves houses in turn, whoever asked first and most', async () => {
    const far = (await addLot(db, other, otherSale, { number: 77, title: 'Far', reportDueOn: null }))!;
    const mine = [];
    for (let i = 0; i < 3; i++) mine.push(await addExportJob(db, petra, lot.inspectionId, 'pdf'));
    const theirs = await addExportJob(db, other, far.inspectionId, 'pdf');
    expect((await nextExport(db, 'one', []))!.id).toBe(mine[0]);
    expect((await nextExport(db, 'one', [petra.orgId]))!.id).toBe(theirs);
    expect((await nextExport(db, 'one', [petra.orgId, other.orgId]))!.id).toBe(mine[1]);
    // Another server never takes one that is being made.
    expect((await nextExport(db, 'two', []))!.id).toBe(mine[2]);
    expect(await nextExport(db, 'two', [])).toBeNull();
  });

  it('takes up what a server left standing, and not what still moves', async () => {
    const left = (await addExportJob(db, petra, lot.inspectionId, 'pdf'))!;
    await nextExport(db, 'gone', []);
    expect(await nextExport(db, 'here', [])).toBeNull();
    await inOrg(db, petra, (tx) =>
      tx.execute(sql`update export_job set moved_at = now() - interval '3 minutes' where id = ${left}`),
    );
    expect((await nextExport(db, 'here', []))!.id).toBe(left);
  });

  it('ends one that takes too long', async () => {
    const long = (await addExportJob(db, petra, lot.inspectionId, 'pdf'))!;
    expect(await runExport(long, petra.userId, 50)).toMatchObject({ code: null, tookTooLong: true });
  });
});
