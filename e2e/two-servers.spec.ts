import { createServer, request as httpRequest } from 'node:http';
import type { AddressInfo } from 'node:net';
import { callerOf, ownServer, ownWorld, readingOf } from './own-server';
import { expect, test } from './test';

test.describe.configure({ retries: 0 });

/** Hands each request to the next server in turn. */
async function roundRobin(ports: readonly number[]) {
  const counts = [0, 0];
  let turn = 0;
  const proxy = createServer((from, to) => {
    const i = turn++ % ports.length;
    counts[i]!++;
    const onward = httpRequest(
      { host: '127.0.0.1', port: ports[i]!, path: from.url, method: from.method, headers: from.headers },
      (answer) => {
        to.writeHead(answer.statusCode ?? 502, answer.headers);
        answer.pipe(to);
      },
    );
    onward.on('error', () => to.destroy());
    to.on('close', () => onward.destroy());
    from.pipe(onward);
  });
  await new Promise<void>((resolve) => proxy.listen(0, '127.0.0.1', resolve));
  const { port } = proxy.address() as AddressInfo;
  return {
    url: `http://127.0.0.1:${port}`,
    counts,
    stop: () =>
      new Promise<void>((resolve) => {
        proxy.close(() => resolve());
        proxy.closeAllConnections();
      }),
  };
}

test('two servers on one database: edits through both, one log, live across servers', async ({ browser }) => {
  const world = await ownWorld();
  const ports: number[] = [];
  const proxy = await roundRobin(ports);
  // As behind any load balancer, the servers are told the address that people use.
  const behind = { ...world, env: { ...world.env, FARVIN_URL: proxy.url } };
  const servers = [await ownServer(behind), await ownServer(behind)];
  ports.push(...servers.map((s) => s.port));
  const { lotId, inspectionId, inspector, manager } = world.trial;
  try {
    const one = await callerOf(proxy.url, inspector);
    const two = await callerOf(proxy.url, manager);
    const send = async (api: typeof one, changes: object[]) =>
      (await (await api.post(`/api/v1/inspections/${inspectionId}/changes`, { data: { changes } })).json()).results.map(
        (r: { status: string }) => r.status,
      );
    // Both write at once through whichever server comes; the same batch twice counts once.
    const batches = Array.from({ length: 24 }, (_, i) => [readingOf(100 + i), readingOf(200 + i)]);
    const statuses = await Promise.all(batches.map((b, i) => send(i % 2 ? one : two, b)));
    expect(statuses.flat().every((s) => s === 'applied')).toBe(true);
    expect(await send(one, batches[0]!)).toEqual(['duplicate', 'duplicate']);
    expect(await send(two, batches[0]!)).toEqual(['duplicate', 'duplicate']);
    const log = await (await one.get(`/api/v1/inspections/${inspectionId}/log?check`)).json();
    expect(log.whole).toBe(true);
    expect(log.changes).toBe(2 + 48);
    expect(Math.min(...proxy.counts)).toBeGreaterThan(8);
    // A page on the one server sees what comes in through the other.
    const context = await browser.newContext({ baseURL: servers[0]!.url });
    await context.addCookies((await (await callerOf(servers[0]!.url, manager, proxy.url)).storageState()).cookies);
    const page = await context.newPage();
    await page.goto(`/lots/${lotId}/walk`);
    await expect(page.getByLabel('Entry line')).toBeEnabled();
    const far = await callerOf(servers[1]!.url, inspector, proxy.url);
    await expect(page.getByText(/All 48 readings/)).toBeVisible();
    expect(await send(far, [readingOf(333)])).toEqual(['applied']);
    await expect(page.getByText(/All 49 readings/)).toBeVisible();
    await expect(page.getByText('tomas entered reading')).toBeVisible();
  } finally {
    await proxy.stop();
    for (const s of servers) await s.stop();
    await world.stop();
  }
});
