import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from '../bin/steps.mjs';
import { seeded } from '../src/core/stats/random';
import { callerOf, ownServer, ownWorld, readingOf } from './own-server';
import { browserOf, caller, freshLot } from './people';
import { amount } from './soak';
import { expect, test } from './test';

test.describe.configure({ retries: 0 });

const REQUESTS = amount(20_000, 2000);
/** Each door is tried at least so often. */
const EACH = REQUESTS / 200;
const LANES = 12;
const SEED = 20261125;

/** Values of every odd kind; none of them is valid anywhere. */
const ODD: readonly unknown[] = [
  null,
  true,
  -1,
  1.5,
  1e308,
  '',
  ' ',
  'x'.repeat(5000),
  '\u0000',
  '\ud800',
  '💥',
  [],
  {},
  [[[[]]]],
  { changes: 'many' },
  { changes: [null, 1, 'a', [], {}] },
  { changes: [] },
  "'; drop table record; --",
  '../../etc/passwd',
  '{{7*7}}',
  '=1+1',
  { __proto__: { role: 'manager' }, constructor: 1 },
  { what: 'everything' },
  { state: 'sealed' },
  { parts: 1e9 },
  { expiresAt: 'never', label: 7 },
];
const ODD_SEGMENTS = ['nonsense', '%00', '..%2f..', '%', '0'.repeat(300), '%F0%9F%92%A5', '-1', 'null', 'a'.repeat(64)];
const ODD_HEADERS: readonly Record<string, string>[] = [
  {},
  {},
  {},
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/json; charset=utf-16' },
  { 'content-type': 'multipart/form-data; boundary=x' },
  { 'last-event-id': '99999999999999999999' },
  { range: 'bytes=9-1' },
  { origin: 'https://elsewhere.example' },
  { 'x-forwarded-for': '1'.repeat(2000) },
];

interface Door {
  readonly route: string;
  readonly method: string;
}

/** Every route handler that stands in the source, with its methods: a new one is tried without being named here. */
function doors(): Door[] {
  const found: Door[] = [];
  const walk = (dir: string) => {
    for (const entry of readdirSync(dir, { withFileTypes: true })) {
      const at = path.join(dir, entry.name);
      if (entry.isDirectory()) walk(at);
      else if (entry.name === 'route.ts') {
        const text = readFileSync(at, 'utf8');
        const route = path.relative(path.join(ROOT, 'src/app'), dir);
        for (const m of text.matchAll(/export (?:const|async function) (GET|POST|PUT|DELETE|PATCH)\b/g))
          found.push({ route: `/${route}`, method: m[1]! });
      }
    }
  };
  walk(path.join(ROOT, 'src/app'));
  return found;
}

const INSIDE =
  /\bat .*\.(ts|js|mjs):\d+|node_modules|(select|insert|update|delete) .{1,80}(from|into|set) |postgres:\/\/|PostgresError|DrizzleQuery/i;

test('malformed requests at every route handler: no 5xx, no row changed, nothing of the inside told', async () => {
  const world = await ownWorld();
  const server = await ownServer({ ...world, env: { ...world.env, FARVIN_RATE_SCALE: '1000' } });
  const postgres = (await import('postgres')).default;
  const sql = postgres(world.cluster.url('trial'), { max: 1, onnotice: () => {} });
  const tables = [
    'organisation',
    'membership',
    'user',
    'account',
    'org_table',
    'sale',
    'lot',
    'inspection',
    'record',
    'change_log',
    'photo_file',
    'photo_origin',
    'seal',
    'share_link',
    'export_job',
    'seal_key',
    'lot_lending',
    'audit_event',
  ];
  const rows = async () => {
    const all: string[] = [];
    for (const t of tables)
      all.push(...(await sql.unsafe(`select row_to_json(x)::text as r from "${t}" x`)).map((r) => `${t} ${r.r}`));
    return all.sort();
  };
  const random = seeded(SEED);
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!;
  const list = doors();
  expect(list.length).toBeGreaterThan(25);
  try {
    const manager = await callerOf(server.url, world.trial.manager);
    const cookie = (await manager.storageState()).cookies.map((c) => `${c.name}=${c.value}`).join('; ');
    // An inspection without a car: real, and not ready for anything that would rightly change a row.
    const { lots } = await (await manager.get(`/api/v1/sales/${world.trial.saleId}/lots`)).json();
    const bare = lots.find((l: { number: number }) => l.number === 2);
    await manager.post(`/api/v1/inspections/${world.trial.inspectionId}/changes`, {
      data: { changes: [readingOf(131)] },
    });
    const real: Record<string, string> = { inspections: bare.inspectionId, lots: bare.id, sales: world.trial.saleId };
    const segment = (route: string, before: string) => {
      const odd = pick([...ODD_SEGMENTS, crypto.randomUUID(), crypto.randomUUID()]);
      return random() < 0.5 ? (real[before] ?? odd) : route.includes('sha') && random() < 0.3 ? 'f'.repeat(64) : odd;
    };
    const address = ({ route }: Door) => {
      const parts = route.split('/');
      const filled = parts.map((p, i) => (p.startsWith('[') ? segment(p, parts[i - 1] ?? '') : p)).join('/');
      const query =
        random() < 0.4
          ? `?${pick(['after', 'part', 'record', 'limit', 'check', 'x'])}=${encodeURIComponent(
              String(pick(ODD))
                .slice(0, 200)
                .replace(/[\ud800-\udfff]/g, ''),
            )}`
          : '';
      return filled + query;
    };
    const bentChange = () => ({
      id: pick([crypto.randomUUID(), 'x', null, 7]),
      op: pick(['put', 'remove', 'burn', {}]),
      kind: pick(['reading', 'look', 'photo', 'song', null]),
      record: pick([crypto.randomUUID(), 'x', []]),
      base: pick([0, -1, 1.5, 'a', 1e20]),
      body: pick(ODD),
    });
    const body = () => {
      const shape = random();
      if (shape < 0.35) return JSON.stringify({ changes: [bentChange(), pick(ODD)] });
      if (shape < 0.75) return JSON.stringify(pick(ODD)) ?? 'undefined';
      if (shape < 0.9) return '{"changes":[{"id":'.repeat(1 + Math.floor(random() * 40));
      return String.fromCharCode(...Array.from({ length: 60 }, () => Math.floor(random() * 256)));
    };
    // What the server computes a moment after the last entry is done before the first look.
    const settled = async () =>
      (await sql`select 1 from inspection where id = ${world.trial.inspectionId} and summary_count = change_count`)
        .length;
    await expect.poll(settled).toBe(1);
    const before = await rows();
    const broken: string[] = [];
    const statuses = new Map<number, number>();
    const tried = new Map<string, number>();
    let n = 0;
    const one = async (cookie: string, door: Door) => {
      const url = address(door);
      const data = door.method === 'GET' ? undefined : Buffer.from(body(), 'latin1');
      const headers = { origin: server.url, cookie, 'content-type': 'application/json', ...pick(ODD_HEADERS) };
      const answer = await fetch(`${server.url}${url}`, {
        method: door.method,
        headers,
        redirect: 'manual',
        ...(data && { body: new Uint8Array(data) }),
      }).catch((e: Error) => e);
      tried.set(`${door.method} ${door.route}`, (tried.get(`${door.method} ${door.route}`) ?? 0) + 1);
      if (answer instanceof Error) {
        broken.push(`${door.method} ${url.slice(0, 120)} ${answer.message.slice(0, 160)}`);
        return;
      }
      // An account may follow only so many lots at once, a house imports one bundle at a time.
      if (!/\/(events|import)$/.test(door.route)) statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      // Streams stay open by design.
      const streams = answer.headers.get('content-type')?.startsWith('text/event-stream');
      const text = streams ? '' : await answer.text();
      if (streams) await answer.body?.cancel();
      if (answer.status >= 500 || INSIDE.test(text))
        broken.push(`${door.method} ${url.slice(0, 160)} ${answer.status} ${text.slice(0, 160)}`);
    };
    const lane = async () => {
      while (n < REQUESTS) {
        const door = list[n++ % list.length]!;
        // The sign-in library may end its caller's own session: it is tried as a stranger.
        await one(door.route.includes('/auth/') || random() < 0.15 ? '' : cookie, door);
      }
    };
    await Promise.all(Array.from({ length: LANES }, lane));
    expect(broken.slice(0, 20)).toEqual([]);
    expect([...statuses.keys()].filter((s) => s === 429)).toEqual([]);
    expect(Math.min(...tried.values())).toBeGreaterThan(EACH);
    expect(await rows()).toEqual(before);
  } finally {
    await sql.end();
    await server.stop();
    await world.stop();
  }
});

/** Texts that are allowed and odd: a page, a PDF, a table and a log must bear them. */
const ODD_TEXTS: readonly string[] = [
  '</script><script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  '=HYPERLINK("http://elsewhere.example")',
  '💥👩‍👩‍👧‍👦🏴󠁧󠁢󠁳󠁣󠁴󠁿',
  'مرحبا \u202Ereversed\u202C',
  `e${'\u0301'.repeat(40)}`,
  '\u200b\ufeff zero',
  'a\tb\nc',
  '{{7*7}} %s %00 \\u0000',
  "'; drop table record; --",
  'null',
  '__proto__',
  'ﷺ'.repeat(40),
];
/** Texts that no database keeps or no page can hold: refused, each by itself. */
const BAD_TEXTS: readonly string[] = ['a\u0000b', '\ud800', 'a\u0007b', '\u001b[31m'];
const AT = '2027-02-10T09:00:00Z';

/** One valid record of each kind that holds free text, with the text in every place where it may stand. */
const withText = (text: string): readonly (readonly [kind: string, body: object])[] => {
  const clipped = (most: number) => [...text].slice(0, most).join('');
  const long = [...text.repeat(3)].slice(0, 100).join('');
  return [
    [
      'visit',
      {
        startedAt: AT,
        inspector: text,
        place: text,
        note: long,
        gauge: { name: clipped(35), ceilingUm: 500 },
      },
    ],
    ['look', { zone: 'hood', aspect: 'paint', outcome: 'clean', note: long, at: AT }],
    ['reading', { ...readingOf(131).body, note: long }],
    ['finding', { zone: 'hood', flaw: 'dent', where: text, note: long, at: AT }],
    ['claim', { kind: 'other', text, source: text, saidAt: AT }],
  ];
};

test('valid records with odd texts are taken, shown, printed and logged; impossible ones are refused alone', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const api = await caller('manager');
  const send = async (texts: readonly string[]) => {
    const changes = texts.flatMap((t) =>
      withText(t).map(([kind, body]) => ({
        id: crypto.randomUUID(),
        op: 'put',
        kind,
        record: crypto.randomUUID(),
        base: 0,
        body,
      })),
    );
    const answer = await api.post(`/api/v1/inspections/${inspectionId}/changes`, { data: { changes } });
    expect(answer.status()).toBe(200);
    const { results } = (await answer.json()) as { results: { status: string; reason?: string }[] };
    return results.map((r) => (r.status === 'rejected' ? r.reason : r.status));
  };
  expect(new Set(await send(ODD_TEXTS))).toEqual(new Set(['applied']));
  expect(new Set(await send(BAD_TEXTS))).toEqual(new Set(['invalid']));
  const page = await (await browserOf(browser, 'manager')).newPage();
  const errors: string[] = [];
  page.on('pageerror', (e) => errors.push(e.message));
  page.on('dialog', (d) => {
    errors.push(`a dialog said ${d.message()}`);
    void d.dismiss();
  });
  for (const screen of ['intake', 'walk', 'paint', 'grade', 'report']) {
    const answer = await page.goto(`/lots/${lotId}/${screen}`);
    expect([screen, answer?.status()]).toEqual([screen, 200]);
  }
  await expect(page.getByText('Whole:')).toBeVisible();
  expect(errors).toEqual([]);
  const { id } = await (
    await api.post(`/api/v1/inspections/${inspectionId}/exports`, { data: { what: 'zip' } })
  ).json();
  const state = async () =>
    (await (await api.get(`/api/v1/inspections/${inspectionId}/exports`)).json()).exports.find(
      (e: { id: string }) => e.id === id,
    ).state;
  await expect.poll(state, { timeout: 60_000 }).toBe('ready');
});
