import postgres from 'postgres';
import { callerOf, ownServer, ownWorld, type World } from './own-server';
import { PASSWORD } from './people';
import { type APIResponse, expect, request, test } from './test';

test.describe.configure({ retries: 0 });

// A server behind one proxy of ours, so that each caller can have an address of its own.
let world: World;
let server: Awaited<ReturnType<typeof ownServer>>;
test.beforeAll(async () => {
  world = await ownWorld({ environment: { FARVIN_TRUST_PROXY: '1', FARVIN_RATE_SCALE: '20', FARVIN_STREAMS: '6' } });
  server = await ownServer(world);
});
test.afterAll(async () => {
  await server.stop();
  await world.stop();
});

const BETTER = 'lantern copper tram nine';
let machine = 0;

/** A caller whose address our proxy saw; what the caller wrote before it counts for nothing. */
async function from(address = `10.0.0.${++machine}`, headers: Record<string, string> = {}) {
  return request.newContext({
    baseURL: server.url,
    extraHTTPHeaders: { origin: server.url, 'x-forwarded-for': `6.6.6.${++machine}, ${address}`, ...headers },
  });
}
const signIn = async (email: string, password: string, address?: string): Promise<APIResponse> =>
  (await from(address)).post('/api/auth/sign-in/email', { data: { email, password } });
const signedIn = async (email: string, password = PASSWORD, address?: string) => {
  const api = await from(address);
  expect((await api.post('/api/auth/sign-in/email', { data: { email, password } })).status()).toBe(200);
  return api;
};
/** Makes of what was tried so far very much, for which the delay is long, however slow this machine is. */
const asAfterMany = async () => {
  const sql = postgres(world.cluster.url('trial'), { max: 1 });
  await sql`update sign_in_try set tries = greatest(tries, 20), last = now()`;
  await sql.end();
};
const TOMAS = 'tomas@own.example';
const PETRA = 'petra@own.example';
const HARALD = 'harald@own.example';

test('wrong passwords sent at once are counted before any is looked at', async () => {
  const answers = await Promise.all(
    Array.from({ length: 40 }, (_, i) => signIn(PETRA, `wrong-${i}-password`, '10.1.0.1')),
  );
  const statuses = answers.map((a) => a.status());
  // Eight are free; on a slow machine a second passes meanwhile, after which one more is.
  const looked = statuses.filter((s) => s === 401).length;
  expect(looked).toBeGreaterThanOrEqual(8);
  expect(looked).toBeLessThanOrEqual(11);
  expect(statuses.filter((s) => s === 429)).toHaveLength(40 - looked);
  const late = answers.find((a) => a.status() === 429)!;
  expect(Number(late.headers()['retry-after'])).toBeGreaterThan(0);
});

test('a stranger’s wrong passwords shut nobody else out, and no written address makes a new caller of him', async () => {
  for (let i = 0; i < 9; i++) await signIn(TOMAS, `wrong-${i}-password`, '10.1.0.2');
  await asAfterMany();
  expect((await signIn(TOMAS, PASSWORD, '10.1.0.2')).status()).toBe(429);
  expect((await signIn(TOMAS, PASSWORD, '10.1.0.3')).status()).toBe(200);
  const sessions = await (await (await signedIn(PETRA)).get('/account')).text();
  expect(sessions).toContain('10.1.0.3');
  expect(sessions).not.toContain('6.6.6.');
});

test('wrong passwords are counted when the password is to be changed too', async () => {
  const api = await signedIn(TOMAS, PASSWORD, '10.1.0.4');
  const statuses: number[] = [];
  for (let i = 0; i < 9; i++) {
    if (i === 8) await asAfterMany();
    const data = { currentPassword: `wrong-${i}-password`, newPassword: BETTER };
    statuses.push((await api.post('/api/auth/change-password', { data })).status());
  }
  expect(statuses).toEqual([400, 400, 400, 400, 400, 400, 400, 400, 429]);
});

test('a changed password is a good one, ends other sessions and their streams at once, and is written down', async () => {
  const lost = await signedIn(HARALD);
  const manager = await signedIn(PETRA);
  const { people } = await (await manager.get('/api/v1/people')).json();
  const { id } = people.find((p: { email: string }) => p.email === HARALD);
  expect((await manager.put(`/api/v1/lots/${world.trial.lotId}/lending/${id}`)).status()).toBe(200);
  // The lost phone follows a lot while its owner changes the password elsewhere.
  const cookie = (await lost.storageState()).cookies.map((c) => `${c.name}=${c.value}`).join('; ');
  const stream = await fetch(`${server.url}/api/v1/inspections/${world.trial.inspectionId}/events`, {
    headers: { cookie, 'x-forwarded-for': '10.0.9.1' },
  });
  expect(stream.status).toBe(200);
  const reader = stream.body!.getReader();
  expect((await reader.read()).done).toBe(false);
  const here = await signedIn(HARALD);
  const change = (newPassword: string) =>
    here.post('/api/auth/change-password', { data: { currentPassword: PASSWORD, newPassword } });
  expect((await change('aaaaaaaaaa')).status()).toBe(422);
  expect((await change(BETTER)).status()).toBe(200);
  for (let next = await reader.read(); !next.done; next = await reader.read()) void next;
  expect((await lost.get('/api/v1/sales')).status()).toBe(401);
  expect((await here.get('/api/v1/sales')).status()).toBe(200);
  expect((await signIn(HARALD, PASSWORD)).status()).toBe(401);
  expect((await signIn(HARALD, BETTER)).status()).toBe(200);
  await expect.poll(async () => (await manager.get('/account')).text()).toContain('changed the password');
});

test('more than a sign-in can be is not read, whoever sends it', async () => {
  const body = new ReadableStream<Uint8Array>({
    pull: (controller) => controller.enqueue(new Uint8Array(65_536).fill(97)),
  });
  const options = {
    method: 'POST',
    headers: { origin: server.url, 'x-forwarded-for': '10.9.0.1' },
    body,
    duplex: 'half',
  };
  const answer = await fetch(`${server.url}/api/auth/sign-in/email`, options as RequestInit).catch(() => null);
  // The answer comes while the body is still being sent, or the connection is cut: never is all of it taken in.
  expect([413, undefined]).toContain(answer?.status);
  expect((await from().then((api) => api.get('/sign-in'))).status()).toBe(200);
});

test('origins are compared with our own address, not with what the caller says it is', async () => {
  const elsewhere = { origin: 'https://evil.example', 'x-forwarded-host': 'evil.example', host: 'evil.example' };
  for (const headers of [elsewhere, { origin: 'null' }, { origin: `http://127.0.0.1:${server.port + 1}` }]) {
    const api = await from(undefined, headers);
    const answer = await api.post('/api/auth/sign-in/email', { data: { email: PETRA, password: PASSWORD } });
    expect(answer.status()).toBe(403);
  }
});

test('sign-out clears the browser’s cache, and nothing private is kept on the way', async () => {
  const api = await signedIn(TOMAS);
  for (const path of [
    '/api/v1/sales',
    '/api/v1/sessions',
    `/api/v1/sales/${world.trial.saleId}/lots`,
    '/api/v1/tolerances',
  ]) {
    const { 'cache-control': kept, 'x-robots-tag': robots } = (await api.get(path)).headers();
    expect([path, kept, robots]).toEqual([path, 'no-store', expect.stringContaining('noindex')]);
  }
  expect((await api.get('/serwist/sw.js')).headers()['cache-control']).toContain('no-cache');
  const out = await api.post('/api/auth/sign-out', { data: {} });
  expect(out.headers()['clear-site-data']).toBe('"cache"');
  expect((await api.get('/api/v1/sales')).status()).toBe(401);
});

test('over TLS, cookies are bound to the host and browsers are told to stay on it', async () => {
  const url = 'https://house.example';
  const safe = await ownServer({ ...world, env: { ...world.env, FARVIN_URL: url } });
  try {
    const answer = await fetch(`${safe.url}/api/auth/sign-in/email`, {
      method: 'POST',
      headers: { origin: url, 'content-type': 'application/json', 'x-forwarded-for': '10.4.0.1' },
      body: JSON.stringify({ email: PETRA, password: PASSWORD }),
    });
    expect(answer.status).toBe(200);
    const cookie = answer.headers.getSetCookie().find((c) => c.includes('session_token'))!;
    expect(cookie).toMatch(/^__Host-farvin\.session_token=/);
    for (const part of [/; Secure/i, /; HttpOnly/i, /; SameSite=Strict/i, /; Path=\/(;|$)/i])
      expect(cookie).toMatch(part);
    expect(cookie).not.toMatch(/; Domain/i);
    expect(answer.headers.get('strict-transport-security')).toContain('max-age=');
    const own = await fetch(`${safe.url}/api/v1/sales`, {
      headers: { cookie: cookie.split(';')[0]!, 'x-forwarded-for': '10.4.0.1' },
    });
    expect(own.status).toBe(200);
  } finally {
    await safe.stop();
  }
});

test('an account follows only so many lots at once', async () => {
  const api = await callerOf(server.url, PETRA);
  const cookie = (await api.storageState()).cookies.map((c) => `${c.name}=${c.value}`).join('; ');
  const open = () =>
    fetch(`${server.url}/api/v1/inspections/${world.trial.inspectionId}/events`, { headers: { cookie } });
  const streams = await Promise.all(Array.from({ length: 6 }, open));
  expect(streams.map((s) => s.status)).toEqual([200, 200, 200, 200, 200, 200]);
  expect((await open()).status).toBe(429);
  await streams[0]!.body!.cancel();
  await expect
    .poll(async () => {
      const again = await open();
      await again.body!.cancel();
      return again.status;
    })
    .toBe(200);
  await Promise.all(streams.slice(1).map((s) => s.body!.cancel()));
});
