// Stills of a ten-minute 1080p film: taken in the worker (WebCodecs) against a video element that seeks to the same moments.
// Needs ffmpeg to make the film. Run: npm run bench:film [seconds of film] [moments].
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';

const [seconds = 600, stills = 40] = process.argv.slice(2).map(Number);
const ROOT = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const FRAME_MS = 100;

function film(dir: string): string {
  const out = path.join(dir, 'film.mp4');
  const made = spawnSync('ffmpeg', [
    ...['-y', '-loglevel', 'error', '-f', 'lavfi', '-i', `testsrc2=size=1920x1080:rate=30:duration=${seconds}`],
    ...['-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '30', '-g', '60', '-pix_fmt', 'yuv420p', out],
  ]);
  if (made.status !== 0) throw new Error(`ffmpeg: ${made.error?.message ?? made.stderr}`);
  return out;
}

const PAGE = `
import { stillAround } from '@/ui/film/film-stills';
const film = await (await fetch('/film.mp4')).blob();
let worst = 0;
const watch = () => { let last = performance.now(); worst = 0; let on = true;
  const tick = () => { const now = performance.now(); worst = Math.max(worst, now - last); last = now; if (on) requestAnimationFrame(tick); };
  requestAnimationFrame(tick); return () => { on = false; return worst; }; };
globalThis.byWorker = (moments) => new Promise((resolve, reject) => {
  const worker = new Worker('/worker.js', { type: 'module' });
  const end = watch(); const from = performance.now();
  worker.onerror = (e) => reject(new Error(e.message));
  worker.onmessage = ({ data }) => { if (data.told === 'progress') return;
    worker.terminate(); resolve({ ms: performance.now() - from, worst: end(), told: data.told, n: data.stills?.length ?? 0 }); };
  worker.postMessage({ op: 'stills', film, moments });
});
globalThis.byVideo = async (moments) => {
  const video = document.querySelector('video'); video.src = URL.createObjectURL(film);
  await new Promise((r) => { video.onloadeddata = r; });
  const end = watch(); const from = performance.now();
  for (const m of moments) await stillAround(video, m.atS, 'film.mp4');
  return { ms: performance.now() - from, worst: end(), n: moments.length };
};
globalThis.ready = true;`;

async function main(): Promise<void> {
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-bench-film-'));
  const alias = { '@': path.join(ROOT, 'src') };
  const shared = { bundle: true, write: false, format: 'esm', target: 'es2022', alias, platform: 'browser' } as const;
  try {
    const file = film(dir);
    const stdin = { contents: PAGE, resolveDir: ROOT, loader: 'ts' } as const;
    const [page, worker] = await Promise.all([
      build({ ...shared, stdin }),
      build({ ...shared, entryPoints: [path.join(ROOT, 'src/workers/film.worker.ts')] }),
    ]);
    const files: Record<string, readonly [type: string, body: Buffer | string]> = {
      '/': ['text/html', '<!doctype html><video muted></video><script type="module" src="/page.js"></script>'],
      '/page.js': ['text/javascript', page.outputFiles[0]!.text],
      '/worker.js': ['text/javascript', worker.outputFiles[0]!.text],
      '/film.mp4': ['video/mp4', readFileSync(file)],
    };
    const server = createServer((request, response) => {
      const [type, body] = files[request.url ?? ''] ?? ['text/plain', ''];
      response.writeHead(200, { 'content-type': type }).end(body);
    });
    await new Promise<void>((r) => server.listen(0, '127.0.0.1', r));
    const { port } = server.address() as { port: number };
    const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
    const tab = await browser.newPage();
    await tab.goto(`http://127.0.0.1:${port}/`);
    await tab.waitForFunction('globalThis.ready');
    const moments = Array.from({ length: stills }, (_, i) => ({ key: `${i}`, atS: ((i + 0.5) * seconds) / stills }));
    const asked = JSON.stringify(moments);
    type Run = { ms: number; worst: number; n: number; told?: string };
    const byWorker = (await tab.evaluate(`byWorker(${asked})`)) as Run;
    const byVideo = (await tab.evaluate(`byVideo(${asked})`)) as Run;
    if (byWorker.told !== 'stills') throw new Error(`the worker told: ${byWorker.told}`);
    const line = (name: string, r: Run) =>
      console.log(
        `${name}: ${(r.ms / 1000).toFixed(1)} s for ${r.n} stills, ${(r.ms / r.n).toFixed(0)} ms each; the page's longest frame ${r.worst.toFixed(0)} ms${r.worst > FRAME_MS ? ' (over 100)' : ''}`,
      );
    line('worker, WebCodecs', byWorker);
    line('video element, seeking', byVideo);
    console.log(`ratio ${(byWorker.ms / byVideo.ms).toFixed(2)} (aim at most 0.50)`);
    await browser.close();
    server.close();
  } finally {
    rmSync(dir, { recursive: true });
  }
}

main().catch((error: unknown) => {
  console.error('The bench did not run:', error instanceof Error ? error.message : error);
  process.exit(1);
});
