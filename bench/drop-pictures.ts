/**
 * The real page under a heap of pictures: `tsx bench/drop-pictures.ts [300]` drops that many 12-megapixel pictures at
 * once on a lot of its own and prints how the server's memory and the page behaved. Takes minutes; not part of the tests.
 */
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromium, expect } from '@playwright/test';
import sharp from 'sharp';
import { callerOf, ownServer, ownWorld } from '../e2e/own-server';

const COUNT = Number(process.argv[2] ?? 300);
const CHROMIUM = { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic'] };

/** Pictures of 4000 × 3000, each with a number of its own in its pixels and its moment in EXIF. */
async function draw(dir: string): Promise<string[]> {
  const noise = await sharp({
    create: {
      width: 1000,
      height: 750,
      channels: 3,
      background: '#808080',
      noise: { type: 'gaussian', mean: 120, sigma: 28 },
    },
  })
    .png()
    .toBuffer();
  const base = await sharp(noise).resize(4000, 3000, { kernel: 'cubic' }).raw().toBuffer();
  const files: string[] = [];
  for (let i = 0; i < COUNT; i++) {
    const minute = new Date(Date.parse('2027-02-10T09:00:00Z') + i * 20_000);
    const taken = minute.toISOString().slice(0, 19).replace(/-/g, ':').replace('T', ' ');
    base.writeUInt32LE(i, 0);
    const file = path.join(dir, `picture-${String(i).padStart(3, '0')}.jpg`);
    const bytes = await sharp(base, { raw: { width: 4000, height: 3000, channels: 3 } })
      .withExif({ IFD2: { DateTimeOriginal: taken } })
      .jpeg({ quality: 88 })
      .toBuffer();
    // The number must survive the compression: it stands after the end of the picture as well.
    writeFileSync(file, Buffer.concat([bytes, Buffer.from(String(i))]));
    files.push(file);
  }
  return files;
}

const peakMb = (pid: number) =>
  Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

async function main(): Promise<void> {
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-drop-'));
  mkdirSync(dir, { recursive: true });
  const world = await ownWorld();
  const server = await ownServer(world);
  const pid = Number(
    readdirSync('/proc').find((p) => {
      try {
        return (
          /^\d+$/.test(p) &&
          readFileSync(`/proc/${p}/environ`, 'utf8').includes(`PORT=${server.port}\0`) &&
          readFileSync(`/proc/${p}/cmdline`, 'utf8').includes('server.mjs')
        );
      } catch {
        return false;
      }
    }),
  );
  const browser = await chromium.launch(CHROMIUM);
  try {
    console.log(`drawing ${COUNT} pictures of 12 megapixels …`);
    const files = await draw(dir);
    const total = files.reduce((n, f) => n + readFileSync(f).length, 0);
    const api = await callerOf(server.url, world.trial.inspector);
    const context = await browser.newContext({ baseURL: server.url, storageState: await api.storageState() });
    const page = await context.newPage();
    await page.goto(`/lots/${world.trial.lotId}/walk`);
    await page.getByLabel('Entry line').waitFor();
    const idle = peakMb(pid);
    const from = Date.now();
    await page.locator('#walk-photos').setInputFiles(files);
    const waits: number[] = [];
    const photos = async (): Promise<{ body: { name: string } }[]> =>
      (await (await api.get(`/api/v1/inspections/${world.trial.inspectionId}/bundle`)).json()).records.photo ?? [];
    const taken = async () => (await photos()).length;
    let done = 0;
    for (let turn = 0; done < COUNT; turn++) {
      const t = Date.now();
      await page.getByLabel('Entry line').fill(`hood ${100 + (turn % 300)}`);
      await page.getByLabel('Entry line').press('Enter');
      await expect(page.getByLabel('Entry line')).toHaveValue('', { timeout: 60_000 });
      waits.push(Date.now() - t);
      // The next entry when ten more pictures are in, or all.
      const before = done;
      await expect
        .poll(
          async () => {
            done = await taken();
            return done >= Math.min(before + 10, COUNT);
          },
          { timeout: 300_000 },
        )
        .toBe(true);
      console.log(
        `${Math.round((Date.now() - from) / 1000)} s: ${done} of ${COUNT} in, server peak ${Math.round(peakMb(pid))} MB`,
      );
    }
    const names = (await photos()).map((p) => p.body.name);
    const ordered = names.every((n: string, i: number) => n === path.basename(files[i]!));
    waits.sort((a, b) => a - b);
    const heap = await page.evaluate(
      () => (performance as unknown as { memory?: { usedJSHeapSize: number } }).memory?.usedJSHeapSize ?? 0,
    );
    console.log(
      JSON.stringify({
        pictures: COUNT,
        megabytes: Math.round(total / 1e6),
        seconds: Math.round((Date.now() - from) / 1000),
        orderKept: ordered,
        serverIdleMb: Math.round(idle),
        serverPeakMb: Math.round(peakMb(pid)),
        pageHeapMb: Math.round(heap / 1e6),
        entryMsMedian: waits[Math.floor(waits.length / 2)],
        entryMsWorst: waits.at(-1),
      }),
    );
  } finally {
    await browser.close();
    await server.stop();
    await world.stop();
    rmSync(dir, { recursive: true, force: true });
  }
}

void main();
