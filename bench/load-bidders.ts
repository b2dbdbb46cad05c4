/** What bidders load: their page on a phone with its first picture, and a sale's page with ten thousand lots. */
import type { Browser } from '@playwright/test';
import postgres from 'postgres';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { callerOf, type Trial, type World } from '../e2e/own-server';
import { page, scripts, trial } from './load-shared';
import { byTurns, median, row } from './timing';

/** A telephone on a network as handbooks of page speed slow it: 9 Mbit/s, 85 ms there and back, a quarter of this CPU. */
const PHONE = { width: 390, height: 844, scale: 2, bytesPerSecond: 9_000_000 / 8, roundTripMs: 85, slower: 4 };
const LOADS = 7;

/** A photograph as heavy as a telephone's: noise over soft light. */
async function picture(seed: number): Promise<Buffer> {
  const noise = { type: 'gaussian', mean: 128, sigma: 24 } as const;
  return sharp({ create: { width: 2400, height: 1800, channels: 3, background: '#889', noise } })
    .blur(1.2)
    .modulate({ brightness: 0.9 + seed / 100 })
    .jpeg({ quality: 85 })
    .toBuffer();
}

/** A sealed lot with findings, readings and pictures from its standard views, and the link that opens it. */
async function sealedLot(url: string, t: Trial): Promise<string> {
  const api = await callerOf(url, t.manager);
  const at = new Date().toISOString();
  const put = (kind: string, body: object) => ({ id: uuidv7(), op: 'put', kind, record: uuidv7(), base: 0, body });
  const photos: object[] = [];
  for (const [i, view] of ['round.front', 'round.front-left', 'round.left', 'round.rear'].entries()) {
    const sent = await api.post(`/api/v1/inspections/${t.inspectionId}/photos`, {
      data: await picture(i),
      headers: { 'content-type': 'image/jpeg' },
    });
    if (!sent.ok()) throw new Error(`no picture: ${sent.status()} ${await sent.text()}`);
    const { photo } = await sent.json();
    photos.push(put('photo', { ...photo, name: `${view}.jpg`, view, takenAt: at }));
  }
  const findings = ['hood', 'roof', 'door.left.front', 'fender.left', 'fender.right'].map((zone) =>
    put('finding', { zone, flaw: 'dent', sizeMm: 40, at }),
  );
  const answer = await api.post(`/api/v1/inspections/${t.inspectionId}/changes`, {
    data: { changes: [...photos, ...findings] },
  });
  const { results } = await answer.json();
  if (results.some((r: { status: string }) => r.status !== 'applied')) throw new Error(JSON.stringify(results));
  const sealed = await api.post(`/api/v1/inspections/${t.inspectionId}/seal`);
  if (!sealed.ok()) throw new Error(await sealed.text());
  const { path } = await (await api.post(`/api/v1/lots/${t.lotId}/links`, { data: { label: 'bench' } })).json();
  return path;
}

/** Largest paint and shift as the browser measures them (Largest Contentful Paint, Layout Instability, W3C). */
async function painted(browser: Browser, address: string) {
  const context = await browser.newContext({
    viewport: { width: PHONE.width, height: PHONE.height },
    deviceScaleFactor: PHONE.scale,
    isMobile: true,
    hasTouch: true,
  });
  const tab = await context.newPage();
  const cdp = await context.newCDPSession(tab);
  await cdp.send('Network.enable');
  await cdp.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: PHONE.roundTripMs,
    downloadThroughput: PHONE.bytesPerSecond,
    uploadThroughput: PHONE.bytesPerSecond,
  });
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: PHONE.slower });
  await tab.addInitScript(() => {
    const w = window as unknown as { seen: { largest: number; what: string; shift: number } };
    w.seen = { largest: 0, what: '', shift: 0 };
    new PerformanceObserver((list) => {
      for (const e of list.getEntries() as (PerformanceEntry & { element?: Element })[]) {
        w.seen.largest = e.startTime;
        w.seen.what = e.element?.tagName ?? '';
      }
    }).observe({ type: 'largest-contentful-paint', buffered: true });
    new PerformanceObserver((list) => {
      for (const e of list.getEntries() as (PerformanceEntry & { value: number })[]) w.seen.shift += e.value;
    }).observe({ type: 'layout-shift', buffered: true });
  });
  await tab.goto(address, { waitUntil: 'networkidle' });
  const seen = await tab.evaluate(
    () => (window as unknown as { seen: { largest: number; what: string; shift: number } }).seen,
  );
  await context.close();
  return seen;
}

/** So many lots of a sale as they stand on its page. */
async function publish(world: World, name: string, lots: number): Promise<string> {
  const t = await trial(world, name, lots, 0);
  const sql = postgres(world.cluster.url('trial'), { max: 1, onnotice: () => {} });
  const token = `${name}`.padEnd(43, 'x');
  await sql`update sale set page_token = ${token} where id = ${t.saleId}`;
  await sql`
    with links as (
      insert into share_link (id, org_id, lot_id, token_hash, label, created_by)
      select gen_random_uuid(), ${t.orgId}, id, encode(sha256((${name} || id::text)::bytea), 'hex'), 'Sale page',
        (select user_id from membership where org_id = ${t.orgId} and role = 'manager')
      from lot where sale_id = ${t.saleId} returning id, lot_id)
    insert into published_lot (lot_id, org_id, sale_id, link_id, token, number, title, revision, sealed_at, sha256, year,
      grade_low, grade, grade_high, band, seen, findings, picture, traits)
    select l.id, ${t.orgId}, ${t.saleId}, k.id, rpad(l.id::text, 43, 'y'), l.number, l.title, 1, now(), repeat('a', 64),
      1958 + l.number % 19, 50 + l.number % 30, 60 + l.number % 30, 70 + l.number % 25, 'Honest', 0.7, l.number % 14, null,
      '{}'
    from lot l join links k on k.lot_id = l.id where l.sale_id = ${t.saleId}`;
  // As the database does by itself within a minute.
  for (const table of ['published_lot', 'lot', 'share_link']) await sql.unsafe(`vacuum analyze ${table}`);
  await sql.end();
  return `/s/${token}`;
}

async function salePages(world: World, url: string): Promise<void> {
  const few = await publish(world, 'salehundred', 100);
  const many = await publish(world, 'saletenthousand', 10_000);
  for (const [name, query] of [
    ['', ''],
    [', by grade', '?by=grade'],
    // Asked so that either sale answers with a whole page of lots.
    [', sought by a word', '?q=Quillon'],
    [', from a grade up', '?from=61'],
  ] as const) {
    const [a, b] = await byTurns(15, page(`${url}${few}${query}`, ''), page(`${url}${many}${query}`, ''));
    row(`sale's page, 10,000 lots${name}`, b / a, `the page with 100 (${a.toFixed(0)} ms)`, '≤ 1.2');
  }
}

export async function bidders(world: World, browser: Browser, url: string): Promise<void> {
  const t = await trial(world, 'bidders', 1, 60);
  const link = await sealedLot(url, t);
  await scripts(url, 'the bidder’s page', link, '', 150);
  const html = await page(`${url}${link}`, '')();
  console.log(
    `${'first picture in the bidder’s page'.padEnd(52)} at byte ${html.indexOf('<img')} of ${html.length} of its markup`,
  );
  const loads = [];
  for (let i = 0; i < LOADS; i++) loads.push(await painted(browser, `${url}${link}`));
  console.log(
    `${'largest paint of the bidder’s page on a phone'.padEnd(52)} ${median(loads.map((l) => l.largest))
      .toFixed(0)
      .padStart(
        9,
      )}  ms median of ${LOADS}, ${Math.max(...loads.map((l) => l.largest)).toFixed(0)} worst, of ${loads[0]!.what}; shift ${Math.max(...loads.map((l) => l.shift)).toFixed(4)} at most (aim ≤ 2,000; 0)`,
  );
  await salePages(world, url);
}
