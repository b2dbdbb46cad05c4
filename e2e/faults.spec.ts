import { mkdtempSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import { runTs } from '../bin/steps.mjs';
import { seeded } from '../src/core/stats/random';
import { startObjectStore } from '../src/instruments/object-store';
import { callerOf, ownServer, ownWorld, readingOf } from './own-server';
import { amount } from './soak';
import { type APIRequestContext, expect, test } from './test';

test.describe.configure({ retries: 0 });

const KILLS = amount(30, 6);
const SEED = 20270210;

/** Streams readings until told to stop; every batch is sent again until the server has answered it. */
function stream(open: () => Promise<APIRequestContext>, inspection: string, seed: number) {
  const random = seeded(seed);
  const acknowledged = new Map<string, string>();
  let api: APIRequestContext | null = null;
  let going = true;
  let resent = 0;
  const done = (async () => {
    while (going) {
      const batch = Array.from({ length: 1 + Math.floor(random() * 5) }, () =>
        readingOf(90 + Math.floor(random() * 300)),
      );
      for (let answered = false; !answered; ) {
        try {
          api ??= await open();
          const answer = await api.post(`/api/v1/inspections/${inspection}/changes`, { data: { changes: batch } });
          if (answer.status() !== 200) throw new Error(`answered ${answer.status()}`);
          const { results } = await answer.json();
          for (const r of results) acknowledged.set(r.id, r.status);
          answered = true;
        } catch {
          resent++;
          await new Promise((r) => setTimeout(r, 40));
        }
      }
    }
  })();
  const stop = () => {
    going = false;
    return done;
  };
  return { acknowledged, stop, resent: () => resent };
}

test('kills of server or database under load lose and double nothing', async () => {
  const world = await ownWorld({ durable: true });
  const server = await ownServer(world);
  const { inspectionId, inspector, manager } = world.trial;
  const random = seeded(SEED);
  const clients = [inspector, manager].map((email, i) =>
    stream(() => callerOf(server.url, email), inspectionId, SEED + 1 + i),
  );
  try {
    const taken = () => clients.reduce((n, c) => n + c.acknowledged.size, 0);
    for (let i = 0; i < KILLS; i++) {
      // Something was taken since the last kill, however slow the machine.
      const before = taken();
      await expect.poll(taken, { timeout: 120_000 }).toBeGreaterThan(before + 10);
      await new Promise((r) => setTimeout(r, 100 + random() * 900));
      if (random() < 0.5) {
        await server.kill();
        await server.start();
      } else {
        await world.cluster.crash();
        await world.cluster.start();
      }
    }
    for (const c of clients) await c.stop();
    const api = await callerOf(server.url, manager);
    const seen = new Map<string, number>();
    let after = 0;
    for (;;) {
      const { lines } = await (await api.get(`/api/v1/inspections/${inspectionId}/log?after=${after}`)).json();
      if (lines.length === 0) break;
      for (const l of lines) seen.set(l.changeId, (seen.get(l.changeId) ?? 0) + 1);
      after = lines.at(-1).seq;
    }
    const sent = clients.flatMap((c) => [...c.acknowledged.entries()]);
    expect(sent.length).toBeGreaterThan(50);
    expect(clients.reduce((n, c) => n + c.resent(), 0)).toBeGreaterThan(5);
    expect(sent.filter(([, status]) => status !== 'applied' && status !== 'duplicate')).toEqual([]);
    expect(sent.filter(([id]) => seen.get(id) !== 1)).toEqual([]);
    const { records } = await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).json();
    expect(records.reading).toHaveLength(sent.length);
    expect((await (await api.get(`/api/v1/inspections/${inspectionId}/log?check&limit=1`)).json()).whole).toBe(true);
  } finally {
    await server.stop();
    await world.stop();
  }
});

const picture = (n: number) =>
  sharp({ create: { width: 200, height: 150, channels: 3, background: { r: n, g: 90, b: 40 } } })
    .jpeg()
    .toBuffer();

test('a lost picture folder and a full picture store: told plainly, records safe, and well again by themselves', async () => {
  const s3 = await startObjectStore();
  for (const kind of ['folder', 's3'] as const) {
    const world = await ownWorld(kind === 's3' ? { photoStore: `s3://pictures?endpoint=${s3.endpoint}` } : {});
    const server = await ownServer(world);
    const { inspectionId, inspector } = world.trial;
    try {
      const api = await callerOf(server.url, inspector);
      const send = async (n: number) => {
        const answer = await api.post(`/api/v1/inspections/${inspectionId}/photos`, { data: await picture(n) });
        return [answer.status(), (await answer.json()).reason];
      };
      const take = async () =>
        (
          await (
            await api.post(`/api/v1/inspections/${inspectionId}/changes`, { data: { changes: [readingOf(131)] } })
          ).json()
        ).results[0].status;
      expect(await send(10)).toEqual([200, undefined]);
      if (kind === 'folder') renameSync(world.photos, `${world.photos}-gone`);
      else s3.fail('full');
      expect(await send(20)).toEqual(kind === 'folder' ? [503, 'store-away'] : [507, 'store-full']);
      expect(await take()).toBe('applied');
      if (kind === 'folder') renameSync(`${world.photos}-gone`, world.photos);
      else s3.fail(null);
      expect(await send(20)).toEqual([200, undefined]);
    } finally {
      await server.stop();
      await world.stop();
    }
  }
  await s3.stop();
});

test('a backup restored into an empty cluster is the same, picture by picture; a spoilt one is refused whole', async () => {
  const from = await ownWorld();
  const to = await ownWorld();
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-backup-trial-'));
  const file = path.join(dir, 'all.farvin-backup');
  const server = await ownServer(from);
  const PG_BIN = from.cluster.bin;
  const tables = ['organisation', 'sale', 'lot', 'inspection', 'record', 'change_log', 'photo_file', 'account', 'seal'];
  const contents = async (url: string) => {
    const postgres = (await import('postgres')).default;
    const sql = postgres(url, { max: 1, onnotice: () => {} });
    const all: Record<string, string[]> = {};
    for (const t of tables)
      all[t] = (await sql.unsafe(`select row_to_json(x)::text as r from "${t}" x`)).map((r) => r.r as string).sort();
    await sql.end();
    return all;
  };
  try {
    const api = await callerOf(server.url, from.trial.inspector);
    const { inspectionId } = from.trial;
    const shas: string[] = [];
    for (const n of [1, 2, 3]) {
      const { photo } = await (
        await api.post(`/api/v1/inspections/${inspectionId}/photos`, { data: await picture(n) })
      ).json();
      shas.push(photo.sha256);
    }
    await api.post(`/api/v1/inspections/${inspectionId}/changes`, {
      data: { changes: [readingOf(131), readingOf(128)] },
    });
    await server.stop();
    const backup = (out: string, more: Record<string, string> = {}): Promise<string> =>
      runTs('bin/backup.ts', [out], { env: { ...from.env, PG_BIN, ...more }, quiet: true });
    await backup(file);
    // For the eyes of the account that made it, and nobody else's.
    expect(statSync(file).mode & 0o777).toBe(0o600);
    const FARVIN_SECRET = from.env.FARVIN_SECRET!;
    const restore = (path: string, database: string, more: Record<string, string> = {}, words: string[] = []) =>
      runTs('bin/restore.ts', [path, ...words], {
        env: { ...to.env, ...to.cluster.env(database), PG_BIN, FARVIN_SECRET, ...more },
        quiet: true,
      });
    for (const name of ['empty', 'other'])
      await runTs('bin/create-database.ts', [name], { env: { DATABASE_URL: to.cluster.url('postgres') }, quiet: true });
    // One byte of a picture changed: nothing at all is restored.
    const spoilt = path.join(dir, 'spoilt.farvin-backup');
    const bytes = readFileSync(file);
    const at = bytes.indexOf(`photos/${shas[1]}`) + 7 + 64 + 60;
    bytes[at] = bytes[at]! ^ 1;
    writeFileSync(spoilt, bytes);
    await expect(restore(spoilt, 'empty')).rejects.toThrow();
    writeFileSync(spoilt, readFileSync(file).subarray(0, -400));
    await expect(restore(spoilt, 'empty')).rejects.toThrow();
    expect(readFileSync(file).length).toBeGreaterThan(1000);
    // Signed by another installation, and a store that is not there: refused before anything is touched.
    await expect(restore(file, 'empty', { FARVIN_SECRET: 'z'.repeat(40) })).rejects.toThrow();
    await expect(restore(file, 'empty', { PHOTO_STORE: path.join(dir, 'not-there') })).rejects.toThrow();
    // Encrypted to a public key, only its secret half opens it.
    const { generateX25519Identity, identityToRecipient } = await import('age-encryption');
    const identity = await generateX25519Identity();
    const keyFile = path.join(dir, 'key.txt');
    writeFileSync(keyFile, `# kept apart\n${identity}\n`);
    const locked = path.join(dir, 'locked.farvin-backup');
    await backup(locked, { FARVIN_BACKUP_KEY: await identityToRecipient(identity) });
    expect(readFileSync(locked).includes('manifest.json')).toBe(false);
    await expect(restore(locked, 'other')).rejects.toThrow();
    await restore(locked, 'other', { FARVIN_BACKUP_SECRET_KEY_FILE: keyFile });
    // Its pictures are in the store already: restoring into another database goes on from there.
    await restore(file, 'empty');
    expect(await contents(to.cluster.url('empty'))).toEqual(await contents(from.cluster.url('trial')));
    const name = (root: string, sha: string) => path.join(root, sha.slice(0, 2), `${sha}.full`);
    for (const sha of shas)
      expect(readFileSync(name(to.photos, sha)).equals(readFileSync(name(from.photos, sha)))).toBe(true);
    // A picture that rotted in the store is told by its name, and not in the next backup.
    const rotten = name(from.photos, shas[2]!);
    writeFileSync(rotten, Buffer.concat([readFileSync(rotten), Buffer.from('x')]));
    const told = await backup(path.join(dir, 'next.farvin-backup'));
    expect(told).toContain(`Database and ${new Set(shas).size - 1} pictures`);
    expect(told).toContain(shas[2]!.slice(0, 12));
    // Not into a database that holds something.
    await expect(restore(file, 'empty')).rejects.toThrow();
    // And it works: the accounts sign in, the log is whole.
    const again = await ownServer({
      ...to,
      env: { ...to.env, ...to.cluster.env('empty'), FARVIN_SECRET: from.env.FARVIN_SECRET ?? '' },
    });
    const there = await callerOf(again.url, from.trial.inspector);
    expect((await (await there.get(`/api/v1/inspections/${inspectionId}/log?check&limit=1`)).json()).whole).toBe(true);
    expect((await there.get(`/api/v1/photos/${shas[0]}/320`)).status()).toBe(200);
    await again.stop();
  } finally {
    await server.stop();
    await from.stop();
    await to.stop();
    rmSync(dir, { recursive: true, force: true });
  }
});
