import path from 'node:path';
import { ROOT, run } from '../bin/steps.mjs';
import { callerOf, type Trial, type World } from '../e2e/own-server';

export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic'],
};

/** A house of its own with so many lots and records of the first. */
export async function trial(
  world: World,
  name: string,
  lots: number,
  records: number,
): Promise<Trial & { orgId: string }> {
  const told: string = await run(
    process.execPath,
    [
      path.join(ROOT, 'node_modules/tsx/dist/cli.mjs'),
      path.join(ROOT, 'demo/trial.ts'),
      name,
      String(lots),
      String(records),
    ],
    { env: world.env, quiet: true },
  );
  return JSON.parse(told.trim().split('\n').at(-1)!);
}

export const cookieOf = async (url: string, email: string) => {
  const { cookies } = await (await callerOf(url, email)).storageState();
  return cookies.map((c) => `${c.name}=${c.value}`).join('; ');
};
export const page = (url: string, cookie: string) => async () => {
  const answer = await fetch(url, { headers: { cookie } });
  const text = await answer.text();
  if (answer.status !== 200) throw new Error(`${url} answered ${answer.status}`);
  return text;
};

/** What a page loads of script, compressed. */
export async function scripts(
  url: string,
  name: string,
  address: string,
  cookie: string,
  aimKb: number,
): Promise<void> {
  const html = await page(`${url}${address}`, cookie)();
  // What a browser of today loads: the fallbacks for old ones are marked as such.
  const tags = [...html.matchAll(/<(?:script|link)[^>]*>/g)].map((m) => m[0]).filter((t) => !/nomodule/i.test(t));
  const files = new Set(tags.flatMap((t) => /(\/_next\/static\/[^"?]+\.js)/.exec(t)?.[1] ?? []));
  // As they are sent to a browser, packed.
  const sent = async (file: string) => {
    const { headers } = await fetch(`${url}${file}`, { method: 'HEAD', headers: { 'accept-encoding': 'gzip, br' } });
    if (headers.get('content-encoding') !== 'br') throw new Error(`${file} is sent unpacked`);
    return Number(headers.get('content-length'));
  };
  let bytes = 0;
  for (const file of files) bytes += await sent(file);
  console.log(
    `${`script of ${name}`.padEnd(52)} ${(bytes / 1000).toFixed(0).padStart(9)}  kB compressed, ${files.size} files (aim ≤ ${aimKb})`,
  );
}
