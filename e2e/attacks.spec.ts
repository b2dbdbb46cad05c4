import { appendFileSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import http from 'node:http';
import path from 'node:path';
import postgres from 'postgres';
import sharp from 'sharp';
import { ROOT } from '../bin/steps.mjs';
import { anotherHouse, callerOf, ownServer, ownWorld, readingOf, type Trial, type World } from './own-server';
import { amount } from './soak';
import { type APIRequestContext, expect, test } from './test';

// What a stranger, or one person of a house, can cost the others. Each attack notes the peak of memory of the server with
// all its processes and the slowest request of another house meanwhile, for docs/security.md; only outcomes are asserted,
// and bounds on memory far above what was seen.

const MB = 1024 * 1024;
const RECORDS = amount(10_000, 400);
let world: World;
let server: Awaited<ReturnType<typeof ownServer>>;
let mine: Trial;
let other: APIRequestContext;
let manager: APIRequestContext;
let inspector: APIRequestContext;

test.describe.configure({ mode: 'serial', retries: 0 });
test.beforeAll(async () => {
  // The limits as shipped, whatever the tests' own server has.
  world = await ownWorld({ environment: { FARVIN_RATE_SCALE: '1', FARVIN_STREAMS: '6' } });
  server = await ownServer(world);
  mine = await anotherHouse('mine', RECORDS, world.env);
  manager = await callerOf(server.url, mine.manager);
  inspector = await callerOf(server.url, mine.inspector);
  other = await callerOf(server.url, world.trial.manager);
});
test.afterAll(async () => {
  await server.stop();
  await world.stop();
});

/** A process and all that it started. */
function family(pid: number): number[] {
  try {
    const children = readdirSync(`/proc/${pid}/task`).flatMap((t) =>
      readFileSync(`/proc/${pid}/task/${t}/children`, 'utf8').split(' ').filter(Boolean).map(Number),
    );
    return [pid, ...children.flatMap(family)];
  } catch {
    return [];
  }
}
const residentMb = () =>
  family(server.pid())
    .map((pid) => {
      try {
        return (Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]) * 4096) / MB;
      } catch {
        return 0;
      }
    })
    .reduce((a, b) => a + b, 0);

/** Runs an attack; tells how far memory rose and how long another house's slowest request took. */
async function under(name: string, attack: () => Promise<void>): Promise<{ roseMb: number }> {
  const idle = residentMb();
  let peak = idle;
  const watch = setInterval(() => {
    peak = Math.max(peak, residentMb());
  }, 50);
  let over = false;
  let slowest = 0;
  const others = (async () => {
    while (!over) {
      const from = performance.now();
      expect((await other.get('/api/v1/sales')).status()).toBe(200);
      slowest = Math.max(slowest, performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  })();
  try {
    await attack();
  } finally {
    over = true;
    await others;
    clearInterval(watch);
  }
  const line = {
    name,
    records: RECORDS,
    idleMb: Math.round(idle),
    peakMb: Math.round(peak),
    slowestMs: Math.round(slowest),
  };
  mkdirSync(path.join(ROOT, 'test-results'), { recursive: true });
  appendFileSync(path.join(ROOT, 'test-results', 'attacks.jsonl'), `${JSON.stringify(line)}\n`);
  return { roseMb: peak - idle };
}

/** Sends a body of so many MB that says nothing of its length; the status, or null where the connection was cut. */
const pour = (at: string, mb: number, headers: Record<string, string> = {}) =>
  new Promise<number | null>((resolve) => {
    const request = http.request(
      `${server.url}${at}`,
      { method: 'POST', headers: { origin: server.url, 'content-type': 'application/json', ...headers } },
      (answer) => {
        resolve(answer.statusCode ?? null);
        answer.resume();
        request.destroy();
      },
    );
    request.on('error', () => resolve(null));
    request.write('{"email":"a@b.example","password":"');
    const piece = Buffer.alloc(MB, 97);
    let sent = 0;
    const more = () => {
      while (sent++ < mb) if (!request.write(piece)) return void request.once('drain', more);
      request.end('"}');
    };
    more();
  });

test('hundreds of megabytes posted by a stranger are not taken in', async () => {
  const mb = amount(300, 60);
  const { roseMb } = await under('bodies of a stranger', async () => {
    for (const at of [
      '/api/auth/sign-in/email',
      '/api/auth/request-password-reset',
      '/api/v1/sales',
      '/sign-in',
      '/keys/x',
    ])
      expect([at, [200, 400, 401, 403, 404, 405, 413, 500, null]]).toEqual([
        at,
        expect.arrayContaining([await pour(at, mb)]),
      ]);
  });
  expect(roseMb).toBeLessThan(250);
});

test('bodies of signed-in people are bounded at every door', async () => {
  const cookie = (await manager.storageState()).cookies.map((c) => `${c.name}=${c.value}`).join('; ');
  const doors = [
    `/api/v1/inspections/${mine.inspectionId}/changes`,
    `/api/v1/inspections/${mine.inspectionId}/exports`,
    `/api/v1/inspections/${mine.inspectionId}/state`,
    `/api/v1/inspections/${mine.inspectionId}/photos`,
    `/api/v1/sales/${mine.saleId}/lots`,
    `/api/v1/lots/${mine.lotId}/links`,
    '/api/v1/keys',
    '/api/auth/change-password',
  ];
  const { roseMb } = await under('bodies of a person', async () => {
    for (const at of doors) {
      const status = await pour(at, amount(200, 60), { cookie });
      expect([at, status === 413 || status === null]).toEqual([at, true]);
    }
  });
  expect(roseMb).toBeLessThan(300);
});

test('pictures made to be heavy are refused, or unpacked in bounded memory that is given back', async () => {
  const made = async (shade: number, progressive: boolean) =>
    sharp({
      create: {
        width: amount(10_000, 8000),
        height: amount(9_999, 7000),
        channels: 3,
        background: { r: shade, g: 90, b: 40 },
      },
      limitInputPixels: false,
    })
      .jpeg({ progressive, quality: 50, chromaSubsampling: '4:4:4' })
      .toBuffer();
  const heavy = await Promise.all([made(1, true), ...Array.from({ length: amount(1, 0) }, () => made(2, true))]);
  const large = await Promise.all(Array.from({ length: amount(4, 1) }, (_, i) => made(10 + i, false)));
  const { roseMb } = await under('100-megapixel pictures', async () => {
    const send = (data: Buffer) =>
      inspector.post(`/api/v1/inspections/${mine.inspectionId}/photos`, { data, timeout: 90_000 });
    expect(await Promise.all(heavy.map(async (b) => (await (await send(b)).json()).reason))).toEqual(
      heavy.map(() => 'too-many-pixels'),
    );
    expect(await Promise.all(large.map(async (b) => (await send(b)).status()))).toEqual(large.map(() => 200));
  });
  expect(roseMb).toBeLessThan(2600);
  // The processes that unpacked them end by themselves, and their memory with them.
  await expect.poll(() => family(server.pid()).length, { timeout: 60_000 }).toBe(1);
});

test('one person’s exports do not fill the queue, nor hold another house up', async () => {
  await under('120 exports asked for', async () => {
    const ask = (api: APIRequestContext, id: string) =>
      api.post(`/api/v1/inspections/${id}/exports`, { data: { what: 'bundle' } });
    const asked = await Promise.all(Array.from({ length: 120 }, () => ask(inspector, mine.inspectionId)));
    const [taken, refused] = [200, 429].map((status) => asked.filter((a) => a.status() === status).length);
    const { exports } = await (await inspector.get(`/api/v1/inspections/${mine.inspectionId}/exports`)).json();
    const made = exports.filter((e: { state: string }) => e.state === 'ready').length;
    // Two are under way at a time: another is taken only where one was made meanwhile.
    expect(taken! + refused!).toBe(120);
    expect(taken).toBeGreaterThanOrEqual(2);
    expect(taken! - made).toBeLessThanOrEqual(2);
    expect(refused).toBeGreaterThan(100);
    const { id } = await (await ask(other, world.trial.inspectionId)).json();
    const state = async () => {
      const { exports } = await (await other.get(`/api/v1/inspections/${world.trial.inspectionId}/exports`)).json();
      return exports.find((e: { id: string }) => e.id === id).state;
    };
    await expect.poll(state, { timeout: 120_000 }).toBe('ready');
  });
});

test('many checks of one log are one piece of work', async () => {
  await under('15 checks of a log', async () => {
    const checks = await Promise.all(
      Array.from({ length: 15 }, () => manager.get(`/api/v1/inspections/${mine.inspectionId}/log?check=full&limit=1`)),
    );
    expect(await Promise.all(checks.map(async (c) => (await c.json()).whole))).toEqual(checks.map(() => true));
  });
});

test('many streams of one account: six are open, and a change reaches them', async () => {
  const cookie = (await inspector.storageState()).cookies.map((c) => `${c.name}=${c.value}`).join('; ');
  await under('150 streams', async () => {
    const stop = new AbortController();
    const open = await Promise.all(
      Array.from({ length: 150 }, () =>
        fetch(`${server.url}/api/v1/inspections/${mine.inspectionId}/events?after=999999999`, {
          headers: { cookie },
          signal: stop.signal,
        }),
      ),
    );
    const streams = open.filter((o) => o.status === 200);
    expect(streams).toHaveLength(6);
    expect(open.filter((o) => o.status === 429)).toHaveLength(144);
    const change = await manager.post(`/api/v1/inspections/${mine.inspectionId}/changes`, {
      data: { changes: [readingOf(131)] },
    });
    expect(change.status()).toBe(200);
    stop.abort();
  });
});

test('a link bears many readers, refuses too many, and opens nothing once it is withdrawn', async () => {
  expect(
    (await manager.post(`/api/v1/inspections/${mine.inspectionId}/seal`, { data: {}, timeout: 60_000 })).status(),
  ).toBe(200);
  const made = await (
    await manager.post(`/api/v1/lots/${mine.lotId}/links`, { data: { label: 'Copperbeech', expiresAt: null } })
  ).json();
  const sha = 'a'.repeat(64);
  // All of them in a soak; else the address has asked for most of what it may already.
  const LEFT = amount(900, 80);
  if (LEFT < 900) {
    await fetch(`${server.url}${made.path}/report.json`);
    const sql = postgres(world.cluster.url('trial'), { max: 1 });
    await sql`update rate_bucket set "left" = ${LEFT} where who like 'public %'`;
    await sql.end();
  }
  await under('requests of a link until they are refused', async () => {
    const statuses: number[] = [];
    const lane = async () => {
      while (!statuses.includes(429) && statuses.length < 8000) {
        statuses.push(0);
        const at = statuses.length - 1;
        statuses[at] = (await fetch(`${server.url}${made.path}/photos/${sha}/full`)).status;
      }
    };
    await Promise.all(Array.from({ length: 16 }, lane));
    expect(new Set(statuses)).toEqual(new Set([404, 429]));
    expect(statuses.filter((s) => s === 404).length).toBeGreaterThanOrEqual(LEFT);
  });
  expect((await manager.delete(`/api/v1/links/${made.id}`)).status()).toBe(200);
  const gone = async (at: string) => (await fetch(`${server.url}${at}`)).status;
  expect([404, 429]).toContain(await gone(`${made.path}/report.json`));
  expect(await gone(`/_next/image?url=${encodeURIComponent(`${made.path}/photos/${sha}/full`)}&w=640&q=75`)).toBe(404);
  const said = (await (await manager.get('/api/v1/audit')).json()).events.map((e: { what: string }) => e.what);
  expect(said).toEqual(
    expect.arrayContaining(['sealed', 'link-made', 'link-withdrawn', 'export-begun', 'picture-added']),
  );
});
