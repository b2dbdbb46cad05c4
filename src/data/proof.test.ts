import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { sql } from 'drizzle-orm';
import { PROOF } from '@/report/proof';
import { recomputeReport } from '@/report/recompute';
import { verifyReport } from '@/report/sealed-report';
import { sealInspection } from '@/server/sealing';
import { figureShop } from '@/server/workshop/workshop';
import { auditOf } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { takeChanges } from './gateway';
import { recordsOfInspection } from './inspections';
import { boxed, unboxed } from './key-box';
import { logVerdict } from './log';
import { startRevision } from './revisions';
import { sealChain } from './seal-chain';
import { boxPlainKeys, publishedKeys, revokeSealKey, rotateSealKey } from './seal-keys';
import { sealedReport } from './seals';
import { testDatabase } from './test-database';
import { put, reading, TEST_NOW } from './test-entries';
import { type TestHouse, testHouse } from './test-house';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
const hours = (n: number) => new Date(TEST_NOW.getTime() + n * 3600_000);
const asApp = <T>(work: (tx: Tx) => Promise<T>) => inOrg(db, house.manager, work);
const sealed = async (now = TEST_NOW, ids?: { inspectionId: string }) => {
  const { inspectionId } = ids ?? (await house.readyLot());
  const result = await sealInspection(db, house.manager, inspectionId, now);
  if (!result.ok) throw new Error(result.reason);
  const verdict = await verifyReport(JSON.parse((await sealedReport(db, house.manager, inspectionId))!.report));
  if (!verdict.ok) throw new Error(verdict.reason);
  return { inspectionId, ...verdict };
};

beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
});
afterAll(() => end());

describe('a seal', () => {
  it('signs house, key, moment, the log’s head and the house’s seal before', async () => {
    const ids = await house.readyLot();
    const first = await sealed(TEST_NOW, ids);
    const [head] = await owner.execute(sql`select log_head from inspection where id = ${ids.inspectionId}`);
    const [key] = await publishedKeys(db, house.orgId);
    expect(first.snapshot).toMatchObject({
      sealedAt: TEST_NOW.toISOString(),
      sealedBy: 'tramshed manager',
      seal: {
        organisation: { id: house.orgId, name: 'tramshed' },
        keyId: key!.id,
        logHead: head!.log_head,
        previous: null,
      },
    });
    expect(first.publicKey).toBe(key!.publicKey);
    const second = await sealed(hours(1));
    expect(second.snapshot.seal!.previous).toBe(first.sha256);
    const [kept] = await owner.execute(
      sql`select sealed_by_id, key_id from seal where inspection_id = ${ids.inspectionId}`,
    );
    expect(kept).toEqual({ sealed_by_id: house.manager.userId, key_id: key!.id });
  });

  it('says nothing of where the car is kept', async () => {
    const { snapshot } = await sealed(hours(2));
    expect(JSON.stringify(snapshot)).not.toContain('Back Lane');
    expect(snapshot.bundle.records.car![0]!.body.chassisNumber).toBe('QHF67-1');
  });

  it('of two lots at once names the other one or none, never the same one twice', async () => {
    const [a, b] = [await house.readyLot(), await house.readyLot()];
    const both = await Promise.all([sealed(hours(3), a), sealed(hours(3), b)]);
    expect(new Set(both.map((s) => s.snapshot.seal!.previous)).size).toBe(2);
  });
});

it('a large report is computed in a process of its own, and is the one that is computed here', async () => {
  const looks = Array.from({ length: 310 }, () =>
    put('look', { zone: 'roof', aspect: 'shape', outcome: 'clean', at: TEST_NOW.toISOString() }),
  );
  const { inspectionId } = await house.readyLot(...looks);
  const { snapshot } = await sealed(hours(3.5), { inspectionId });
  expect(recomputeReport({ snapshot, unreadable: [] })).toEqual({ recomputed: 'same' });
  expect(snapshot.bundle.records.look).toHaveLength(311);
  figureShop().close();
});

describe('a key', () => {
  it('lies encrypted, opens under its own id only, and not under another secret', async () => {
    const secret = '9d61b19deffd5a60ba844af492ec2cc44449c5697b326919703bac031cae7f60';
    const box = boxed(secret, 'one');
    expect(box).not.toContain(secret);
    expect(unboxed(box, 'one')).toBe(secret);
    expect(() => unboxed(box, 'two')).toThrow();
    expect(() => unboxed(`${box.slice(0, -4)}AAAA`, 'one')).toThrow();
    const before = process.env.FARVIN_SECRET;
    process.env.FARVIN_SECRET = 'y'.repeat(40);
    expect(() => unboxed(box, 'one')).toThrow();
    process.env.FARVIN_SECRET = before;
  });

  it('that an earlier program kept plainly is encrypted', async () => {
    const [row] = await owner.execute<{ key_id: string; box: string }>(
      sql`select key_id, box from seal_secret where org_id = ${house.orgId}`,
    );
    const plain = unboxed(row!.box, row!.key_id);
    await owner.execute(sql`update seal_secret set box = ${`plain:${plain}`} where key_id = ${row!.key_id}`);
    expect(await boxPlainKeys(owner)).toBe(1);
    expect(await boxPlainKeys(owner)).toBe(0);
    const [after] = await owner.execute<{ box: string }>(
      sql`select box from seal_secret where key_id = ${row!.key_id}`,
    );
    expect(after!.box).not.toContain(plain);
    await sealed(hours(4));
  });

  it('gives way to a new one, and what it sealed stays good', async () => {
    const before = (await publishedKeys(db, house.orgId))[0]!;
    const id = await rotateSealKey(db, house.manager, before.id, hours(5));
    expect(await rotateSealKey(db, house.manager, before.id, hours(5))).toBeNull();
    const keys = await publishedKeys(db, house.orgId);
    expect(keys.map((k) => [k.id, k.validTo?.toISOString() ?? null])).toEqual([
      [id, null],
      [before.id, hours(5).toISOString()],
    ]);
    expect((await sealed(hours(6))).publicKey).toBe(keys[0]!.publicKey);
  });

  it('can be revoked once, for good, and another takes its place', async () => {
    const stranger = (await testHouse(db, owner, 'harbour')).manager;
    const [present] = await publishedKeys(db, house.orgId);
    const given = { from: hours(5), why: 'a laptop was stolen', now: hours(7) };
    expect(await revokeSealKey(db, stranger, present!.id, given)).toBe(false);
    expect(await revokeSealKey(db, house.manager, present!.id, given)).toBe(true);
    expect(await revokeSealKey(db, house.manager, present!.id, given)).toBe(false);
    const keys = await publishedKeys(db, house.orgId);
    expect(keys.find((k) => k.id === present!.id)).toMatchObject({ revokedFrom: hours(5), revokedWhy: given.why });
    expect((await sealed(hours(8))).publicKey).toBe(keys.find((k) => k.validTo === null)!.publicKey);
    await expect(
      asApp((tx) => tx.execute(sql`update seal_key set revoked_at = null where id = ${present!.id}`)),
    ).rejects.toThrow();
    await expect(
      asApp((tx) => tx.execute(sql`update seal_key set public_key = 'x' where id = ${present!.id}`)),
    ).rejects.toThrow();
    const said = (await auditOf(db, house.manager)).map((e) => e.what);
    expect(said).toEqual(expect.arrayContaining(['key-made', 'key-revoked', 'sealed', 'lot-added']));
  });
});

describe('the database itself', () => {
  it('refuses every write to the records of a sealed inspection, whoever writes', async () => {
    const { inspectionId } = await sealed(hours(9));
    const [one] = await recordsOfInspection(db, house.manager, inspectionId);
    const statements = [
      sql`update record set body = '{}' where inspection_id = ${inspectionId}`,
      sql`delete from record where inspection_id = ${inspectionId}`,
      sql`insert into record (inspection_id, id, org_id, kind, version, body)
        values (${inspectionId}, gen_random_uuid(), ${house.orgId}, 'look', 1, '{}')`,
      sql`update inspection set state = 'draft' where id = ${inspectionId}`,
      sql`update inspection set log_head = 'x' where id = ${inspectionId}`,
    ];
    for (const statement of statements) {
      await expect(asApp((tx) => tx.execute(statement))).rejects.toThrow();
      await expect(owner.execute(statement)).rejects.toThrow();
    }
    expect((await recordsOfInspection(db, house.manager, inspectionId))[0]).toEqual(one);
    // A revision of it is open.
    const next = (await startRevision(db, house.manager, inspectionId, 'a figure was wrong'))!;
    const [answer] = (await takeChanges(db, house.inspector, next, [put('reading', reading())], TEST_NOW))!;
    expect(answer!.status).toBe('applied');
    expect(await logVerdict(db, house.manager, next)).toMatchObject({ whole: true });
  });

  it('takes no line of a log that does not go on from the one before it', async () => {
    const { inspectionId } = await house.readyLot();
    const line = (previous: string) => sql`
      insert into change_log (inspection_id, org_id, change_id, content_hash, actor_id, at, op, kind, record_id, version,
        previous_hash, hash)
      values (${inspectionId}, ${house.orgId}, gen_random_uuid(), 'x', 'nobody', now(), 'put', 'look', gen_random_uuid(), 1,
        ${previous}, 'forged')`;
    const [head] = await owner.execute<{ log_head: string }>(
      sql`select log_head from inspection where id = ${inspectionId}`,
    );
    for (const previous of ['', 'x', 'f'.repeat(64)]) {
      await expect(asApp((tx) => tx.execute(line(previous)))).rejects.toThrow();
      await expect(owner.execute(line(previous))).rejects.toThrow();
    }
    // One that chains and whose hash is made up is found by the check.
    await asApp((tx) => tx.execute(line(head!.log_head)));
    await owner.execute(
      sql`update inspection set change_count = change_count + 1, log_head = 'forged' where id = ${inspectionId}`,
    );
    expect(await logVerdict(db, house.manager, inspectionId)).toMatchObject({ whole: false, cause: 'chain' });
  });

  it('keeps what was done, and who signed in, as written', async () => {
    for (const statement of [
      'update audit_event set actor_name = $$petra$$',
      'delete from audit_event',
      'truncate audit_event',
      'update sign_in_event set address = $$x$$',
    ])
      await expect(asApp((tx) => tx.execute(sql.raw(statement)))).rejects.toThrow();
    // The application's role cannot say that it erases.
    await expect(
      asApp(async (tx) => {
        await tx.execute(sql`select set_config('farvin.erasing', 'yes', true)`);
        await tx.execute(sql`update audit_event set actor_name = 'petra'`);
      }),
    ).rejects.toThrow();
    await expect(owner.execute(sql`update audit_event set actor_name = 'petra'`)).rejects.toThrow();
  });
});

describe('checking a log again', () => {
  it('hashes only what came since, and everything when asked', async () => {
    const { inspectionId } = await house.readyLot();
    const check = (fromMark: boolean) => logVerdict(db, house.manager, inspectionId, { fromMark });
    expect(await check(true)).toMatchObject({ whole: true, lines: 3 });
    await takeChanges(db, house.inspector, inspectionId, [put('reading', reading())], TEST_NOW);
    expect(await check(true)).toMatchObject({ whole: true, lines: 4 });
    const tamper = async (order: string) => {
      await owner.execute(sql`alter table change_log disable trigger change_log_erased`);
      await owner.execute(
        sql.raw(`update change_log set actor_name = 'petra' where seq =
          (select seq from change_log where inspection_id = '${inspectionId}' order by seq ${order} limit 1)`),
      );
      await owner.execute(sql`alter table change_log enable trigger change_log_erased`);
    };
    await tamper('asc');
    // Behind the mark, only the whole check looks.
    expect(await check(true)).toMatchObject({ whole: true });
    expect(await check(false)).toMatchObject({ whole: false, cause: 'chain' });
  });

  it('is one piece of work for all who ask at once', async () => {
    const { inspectionId } = await house.readyLot();
    const all = await Promise.all(Array.from({ length: 15 }, () => logVerdict(db, house.manager, inspectionId)));
    expect(new Set(all).size).toBe(1);
  });
});

describe('a bidder with common tools alone', () => {
  let dir: string;
  let text: string;
  beforeAll(async () => {
    dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-proof-'));
    const { inspectionId } = await sealed(hours(30));
    text = (await sealedReport(db, house.manager, inspectionId))!.report;
    const keys = (await publishedKeys(db, house.manager.orgId)).map((k) => ({ publicKey: k.publicKey }));
    writeFileSync(path.join(dir, 'keys.json'), JSON.stringify({ keys }));
    writeFileSync(path.join(dir, 'seals.json'), JSON.stringify({ seals: await sealChain(db, house.manager.orgId) }));
  });
  afterAll(() => rmSync(dir, { recursive: true, force: true }));
  const typed = (report: string) => {
    writeFileSync(path.join(dir, 'report.json'), report);
    return PROOF.map(({ command }) => {
      try {
        return execFileSync('bash', ['-c', command], { cwd: dir, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
      } catch (error) {
        return `failed: ${(error as { stdout: string }).stdout}`;
      }
    });
  };

  it('finds hash, signature, key and place in the chain as they should be', () => {
    const file = JSON.parse(text);
    const [hash, signature, key, chain] = typed(text);
    expect(hash!.trim().split('\n')).toEqual([file.sha256, file.sha256]);
    expect(signature).toContain('Signature Verified Successfully');
    expect(key!.trim()).toBe(file.publicKey);
    expect(JSON.parse(`[${chain!.trim().replaceAll(/\}\s*\{/g, '},{')}]`)[0]).toMatchObject({
      sha256: file.sha256,
      previous: file.snapshot.seal.previous,
    });
    expect(file.howToCheck.join('\n')).toContain(PROOF[1]!.command);
  });

  it('sees a letter that was changed, and a signature that was', () => {
    const [hash] = typed(text.replace('Halyard', 'Halyart'));
    const lines = hash!.trim().split('\n');
    expect(lines[0]).not.toBe(lines[1]);
    const { signature } = JSON.parse(text);
    const other = (signature[0] === 'a' ? 'b' : 'a') + signature.slice(1);
    expect(typed(text.replace(signature, other))[1]).toMatch(/^failed|Failure/);
  });

  it('sees a key that is not the house’s', () => {
    const { publicKey } = JSON.parse(text);
    expect(typed(text.replace(publicKey, `${'0'.repeat(63)}1`))[2]).toMatch(/^failed/);
  });
});
