/**
 * The application under load, each figure a ratio against a named reference in the same run: `npm run bench:load`.
 * Starts a database and servers of its own on loopback, sends bounded work to them, and ends by itself.
 */
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { type Browser, chromium, type Page } from '@playwright/test';
import postgres from 'postgres';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { freePort, ROOT, run } from '../bin/steps.mjs';
import { callerOf, ownServer, ownWorld, readingOf, type Trial, type World } from '../e2e/own-server';
import { planOf } from '../src/core/body/plan';
import { actorOf } from '../src/data/actor';
import { connect } from '../src/data/db';
import { takeChanges } from '../src/data/gateway';
import { madeLog, SOUND_ENGINE } from '../src/instruments/running-engine';
import { ensureCopy } from '../src/server/photo-derivatives';
import { importPhoto } from '../src/server/photo-import';
import { bidders } from './load-bidders';
import { CHROMIUM, cookieOf, page, scripts, trial } from './load-shared';
import { byTurns, median, row } from './timing';

const ZONES = [...planOf('fastback')!.zones.keys()];

/** Records of pictures for a lot, without the pictures: what the page has to carry. */
async function pictureRecords(world: World, t: Trial & { orgId: string }, count: number): Promise<void> {
  const { db, end } = connect(world.env.DATABASE_URL!, 2);
  const sql = postgres(world.cluster.url('trial'), { max: 1, onnotice: () => {} });
  const [account] = await sql`select user_id from membership where org_id = ${t.orgId} and role = 'manager'`;
  const actor = (await actorOf(db, account!.user_id))!;
  const shas = Array.from({ length: count }, (_, i) =>
    createHash('sha256').update(`picture ${t.lotId} ${i}`).digest('hex'),
  );
  for (const sha of shas)
    await sql`insert into photo_file (org_id, sha256, type, bytes, width_px, height_px) values (${t.orgId}, ${sha}, 'image/jpeg', 1000, 4000, 3000)`;
  const changes = shas.map((sha256, i) => ({
    id: uuidv7(),
    op: 'put',
    kind: 'photo',
    record: uuidv7(),
    base: 0,
    body: {
      sha256,
      name: `p${i}.jpg`,
      type: 'image/jpeg',
      bytes: 1000,
      widthPx: 4000,
      heightPx: 3000,
      zone: ZONES[i % ZONES.length],
    },
  }));
  await takeChanges(db, actor, t.inspectionId, changes, new Date());
  await sql.end();
  await end();
}

/** A lot with 3,000 records and 300 photos. */
async function fullLot(world: World): Promise<Trial & { orgId: string }> {
  const full = await trial(world, 'full', 1, 2700);
  await pictureRecords(world, full, 300);
  return full;
}

async function pages(world: World, url: string, full: Trial): Promise<void> {
  const few = await trial(world, 'hundred', 100, 0);
  const many = await trial(world, 'tenthousand', 10_000, 0);
  const cookies = [await cookieOf(url, few.manager), await cookieOf(url, many.manager)] as const;
  const [a, b] = await byTurns(25, page(`${url}/yard`, cookies[0]), page(`${url}/yard`, cookies[1]));
  row('Yard, 10,000 lots', b / a, 'the Yard with 100', '≤ 1.2');
  const [c, d] = await byTurns(
    25,
    page(`${url}/yard?by=grade&show=thin`, cookies[0]),
    page(`${url}/yard?by=grade&show=thin`, cookies[1]),
  );
  row('Yard, 10,000 lots, thin ones by grade', d / c, 'the same with 100');
  const thin = await trial(world, 'thin', 1, 30);
  const [e, f] = await byTurns(
    15,
    page(`${url}/lots/${thin.lotId}/walk`, await cookieOf(url, thin.manager)),
    page(`${url}/lots/${full.lotId}/walk`, await cookieOf(url, full.manager)),
  );
  row('lot page, 3,000 records and 300 photos', f / e, 'the lot page with 32 records');
}

async function gateway(world: World): Promise<void> {
  const t = await trial(world, 'gateway', 1, 0);
  const { db, end } = connect(world.env.DATABASE_URL!, 2);
  const sql = postgres(world.cluster.url('trial'), { max: 2, onnotice: () => {} });
  const [account] = await sql`select user_id from membership where org_id = ${t.orgId} and role = 'manager'`;
  const actor = (await actorOf(db, account!.user_id))!;
  await sql`create table bare_record (like record including all)`;
  await sql`create table bare_log (like change_log including all)`;
  const batch = () => Array.from({ length: 100 }, (_, i) => readingOf(100 + i));
  const works = [
    async () => {
      const results = await takeChanges(db, actor, t.inspectionId, batch(), new Date());
      if (results!.some((r) => r.status !== 'applied')) throw new Error('not applied');
    },
    async () => {
      const changes = batch();
      await sql.begin(async (tx) => {
        await tx`insert into bare_record ${tx(
          changes.map((c) => ({
            inspection_id: t.inspectionId,
            id: c.record,
            org_id: t.orgId,
            kind: c.kind,
            version: 1,
            body: tx.json(c.body as never),
          })),
        )}`;
        await tx`insert into bare_log ${tx(
          changes.map((c) => ({
            inspection_id: t.inspectionId,
            org_id: t.orgId,
            change_id: c.id,
            content_hash: 'x'.repeat(64),
            actor_id: actor.userId,
            at: new Date(),
            op: c.op,
            kind: c.kind,
            record_id: c.record,
            version: 1,
            before: null,
            after: tx.json(c.body as never),
            previous_hash: 'x'.repeat(64),
            hash: 'x'.repeat(64),
          })),
        )}`;
      });
    },
  ] as const;
  // As in a server that runs since this morning.
  await byTurns(40, works[0], works[1]);
  const [own, bare] = await byTurns(30, works[0], works[1]);
  row('changes per second through the gateway, by 100', bare / own, 'bare INSERTs of the same rows', '≥ 0.4');
  await sql.end();
  await end();
}

async function pictures(world: World): Promise<void> {
  process.env.PHOTO_STORE = world.photos;
  const { db, end } = connect(world.env.DATABASE_URL!, 2);
  const sql = postgres(world.cluster.url('trial'), { max: 1, onnotice: () => {} });
  const [account] = await sql`select user_id from membership limit 1`;
  const actor = (await actorOf(db, account!.user_id))!;
  const noise = { type: 'gaussian', mean: 120, sigma: 30 } as const;
  const base = await sharp({ create: { width: 2000, height: 1500, channels: 3, background: '#888', noise } })
    .raw()
    .toBuffer();
  const drawn: Buffer[] = [];
  for (let i = 0; i < 100; i++) {
    base.writeUInt32LE(i * 7919, 3000);
    drawn.push(
      await sharp(base, { raw: { width: 2000, height: 1500, channels: 3 } })
        .jpeg({ quality: 85 })
        .toBuffer(),
    );
  }
  const two = async (work: (bytes: Buffer) => Promise<unknown>) => {
    const queue = [...drawn];
    const lane = async () => {
      for (let next = queue.shift(); next; next = queue.shift()) await work(next);
    };
    await Promise.all([lane(), lane()]);
  };
  const timed = async (work: () => Promise<unknown>) => {
    const from = performance.now();
    await work();
    return performance.now() - from;
  };
  const resize = (bytes: Buffer, px: number) =>
    sharp(bytes)
      .autoOrient()
      .resize(px, px, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: px > 1000 ? 82 : 78 })
      .toBuffer();
  const bare = () => two(async (bytes) => [await resize(bytes, 320), await resize(bytes, 2048)]);
  const first = await timed(bare);
  const imported = await timed(() =>
    two(async (bytes) => {
      const taken = await importPhoto(db, actor, bytes);
      if (!taken.ok) throw new Error(taken.reason);
      await ensureCopy(taken.photo.sha256, '2048');
    }),
  );
  const second = await timed(bare);
  row('import of 100 pictures with all copies', imported / ((first + second) / 2), 'the bare resize of them', '≤ 1.15');
  await sql.end();
  await end();
}

/** Requests answered in a fixed time by eight callers at once. */
async function perSecond(work: () => Promise<unknown>, seconds = 6): Promise<number> {
  await work();
  const until = performance.now() + seconds * 1000;
  let n = 0;
  const lane = async () => {
    while (performance.now() < until) {
      await work();
      n++;
    }
  };
  await Promise.all(Array.from({ length: 8 }, lane));
  return n / seconds;
}

/** Until a server that is starting answers; after a minute its own error is thrown. */
async function answers(ask: () => Promise<unknown>): Promise<void> {
  const until = performance.now() + 60_000;
  for (;;) {
    try {
      await ask();
      return;
    } catch (e) {
      if (performance.now() > until) throw e;
      await setTimeout(100);
    }
  }
}

/** Until the page shows what was typed as understood, has sent what waited and has nothing left to compute or draw. */
async function idle(tab: Page, understood?: string): Promise<void> {
  if (understood) await tab.locator('[aria-live="polite"]').getByText(understood).first().waitFor();
  await tab.getByRole('status').getByRole('link', { name: /wait/ }).waitFor({ state: 'detached' });
  // Five long idle periods in a row: no worker's answer, effect or frame comes in between (W3C, requestIdleCallback).
  await tab.evaluate(async () => {
    let calm = 0;
    while (calm < 5)
      calm =
        (await new Promise<number>((r) => {
          requestIdleCallback((deadline) => r(deadline.timeRemaining()));
        })) > 20
          ? calm + 1
          : 0;
  });
}

async function requests(url: string, cookie: string): Promise<void> {
  const dir = path.join(ROOT, 'bench/bare');
  const next = path.join(ROOT, 'node_modules/next/dist/bin/next');
  await run(process.execPath, [next, 'build', dir], { quiet: true, env: { NEXT_TELEMETRY_DISABLED: '1' } });
  const port = await freePort();
  const bare = spawn(process.execPath, [next, 'start', dir, '-H', '127.0.0.1', '-p', String(port)], {
    stdio: 'ignore',
  });
  try {
    const line = page(`http://127.0.0.1:${port}/`, '');
    await answers(line);
    const own = page(`${url}/yard`, cookie);
    // As in servers that run since this morning.
    await perSecond(line, 15);
    await perSecond(own, 30);
    const rates: [number, number][] = [];
    for (let i = 0; i < 7; i++) rates.push([await perSecond(line, 2), await perSecond(own, 2)]);
    const [one, yard] = [median(rates.map((r) => r[0])), median(rates.map((r) => r[1]))];
    row('requests per second, Yard of 24 lots', yard / one, 'a bare page that renders one line', '≥ 0.5');
  } finally {
    bare.kill();
    for (const made of ['.next', 'next-env.d.ts', 'tsconfig.json'])
      rmSync(path.join(dir, made), { recursive: true, force: true });
  }
}

/** The browser's own measure from an event to the next paint after its handlers (Event Timing, W3C), 0 where it is under 16 ms. */
function watchEvent(tab: Page, name: 'keydown' | 'click') {
  const armed = tab.evaluate((event) => {
    const w = window as unknown as { took: Promise<number> };
    w.took = new Promise((resolve) => {
      const seen = new PerformanceObserver((list) => {
        for (const e of list.getEntries())
          if (e.name === event) {
            seen.disconnect();
            resolve(e.duration);
          }
      });
      seen.observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
    });
  }, name);
  return { armed, ms: () => tab.evaluate(() => (window as unknown as { took: Promise<number> }).took) };
}

/** Milliseconds from a key press to the strip plot painted with the new reading, at 4× slowed CPU. */
async function keyPress(browser: Browser, url: string, t: Trial): Promise<void> {
  const context = await browser.newContext({
    baseURL: url,
    storageState: await (await callerOf(url, t.manager)).storageState(),
    viewport: { width: 1280, height: 800 },
  });
  const tab = await context.newPage();
  await tab.goto(`/lots/${t.lotId}/walk`);
  await tab.getByLabel('Entry line').waitFor();
  await tab.locator('[aria-label="Readings"] svg[role="img"]').waitFor();
  await idle(tab);
  const cdp = await context.newCDPSession(tab);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const times: number[] = [];
  for (let i = 0; i < 12; i++) {
    await tab.getByLabel('Entry line').fill(`hood ${140 + i}`);
    await idle(tab, `${140 + i}`);
    const before = await tab.locator('[aria-label="Readings"] svg[role="img"]').innerHTML();
    const took = watchEvent(tab, 'keydown');
    await took.armed;
    await tab.keyboard.press('Enter');
    times.push(await took.ms());
    if ((await tab.locator('[aria-label="Readings"] svg[role="img"]').innerHTML()) === before)
      throw new Error('the plot did not change');
  }
  console.log(
    `${'key press to painted strip plot, 3,000 records, 4× CPU'.padEnd(52)} ${median(times).toFixed(0).padStart(9)}  ms median, ${Math.max(...times).toFixed(0)} worst (aim ≤ 100)`,
  );
  await context.close();
}

/** Milliseconds from "Take this moment" to the curves painted with it, over a log of 10,000 points, at full speed. */
async function logDrawn(world: World, browser: Browser, url: string): Promise<void> {
  const t = await trial(world, 'log', 1, 0);
  const { db, end } = connect(world.env.DATABASE_URL!, 2);
  const sql = postgres(world.cluster.url('trial'), { max: 1, onnotice: () => {} });
  const [account] = await sql`select user_id from membership where org_id = ${t.orgId} and role = 'manager'`;
  const actor = (await actorOf(db, account!.user_id))!;
  // An instrument that told every half second for more than an hour, by the hundreds as it sends them.
  const startedAt = new Date(Date.now() - 5_100_000).toISOString();
  const points = madeLog(SOUND_ENGINE, 84, 0.5, 7);
  const changes = Array.from({ length: Math.ceil(points.length / 500) }, (_, i) => ({
    id: uuidv7(),
    op: 'put',
    kind: 'log',
    record: uuidv7(),
    base: 0,
    body: { startedAt, by: 'instrument', points: points.slice(i * 500, (i + 1) * 500), at: startedAt },
  }));
  const results = await takeChanges(db, actor, t.inspectionId, changes, new Date());
  if (results?.some((r) => r.status !== 'applied')) throw new Error('the log was not taken');
  await sql.end();
  await end();
  const context = await browser.newContext({ storageState: await (await callerOf(url, t.manager)).storageState() });
  const tab = await context.newPage();
  await tab.goto(`${url}/lots/${t.lotId}/evidence/running`);
  const log = tab.getByRole('region', { name: 'Log of the run' });
  await log.locator('canvas').first().waitFor();
  const times: number[] = [];
  for (let i = 0; i < 12; i++) {
    await log.getByLabel('Temp, °C').fill(String(80 + i));
    const took = watchEvent(tab, 'click');
    await took.armed;
    await log.getByRole('button', { name: 'Take this moment' }).click();
    times.push(await took.ms());
  }
  console.log(
    `${`a moment taken to curves painted, ${points.length} points`.padEnd(52)} ${median(times).toFixed(0).padStart(9)}  ms median, ${Math.max(...times).toFixed(0)} worst (aim ≤ 100)`,
  );
  await context.close();
}

async function main(): Promise<void> {
  const world = await ownWorld({ durable: true });
  world.env.FARVIN_RATE_SCALE = '1000';
  const server = await ownServer(world);
  const browser = await chromium.launch(CHROMIUM);
  try {
    const asked = process.argv.slice(2);
    const wanted = (part: string) => asked.length === 0 || asked.includes(part);
    const full = await fullLot(world);
    const cookie = await cookieOf(server.url, full.manager);
    if (wanted('pages')) await pages(world, server.url, full);
    if (wanted('gateway')) await gateway(world);
    if (wanted('pictures')) await pictures(world);
    if (wanted('requests')) {
      const yard = await trial(world, 'yard', 24, 0);
      await requests(server.url, await cookieOf(server.url, yard.manager));
    }
    if (wanted('bidders')) await bidders(world, browser, server.url);
    if (wanted('keys')) await keyPress(browser, server.url, full);
    if (wanted('log')) await logDrawn(world, browser, server.url);
    if (wanted('scripts')) {
      for (const name of ['walk', 'paint', 'grade', 'report', 'intake', 'photos'])
        await scripts(server.url, name, `/lots/${full.lotId}/${name}`, cookie, 350);
      await scripts(server.url, 'the Yard', '/yard', cookie, 350);
    }
  } finally {
    await browser.close();
    await server.stop();
    await world.stop();
  }
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
