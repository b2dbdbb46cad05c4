import { expect, test } from '@playwright/test';
import { caller, freshLot } from './people';

/** A small seeded generator, so that a failure can be repeated. */
function seeded(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 4294967296;
  };
}

const ODD: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  '',
  'x'.repeat(500),
  '\u0000',
  '💥',
  [],
  {},
  [[]],
  { changes: 'many' },
  { changes: [null, 1, 'a', [], {}] },
  "'; drop table record; --",
  '../../etc/passwd',
  '{{7*7}}',
];

test('malformed requests never break the server, tell no inside, and change nothing', async () => {
  const { lotId, inspectionId, saleId } = await freshLot();
  const api = await caller('manager');
  const random = seeded(20261124);
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)]!;
  const before = await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).text();
  const ids = [inspectionId, lotId, saleId, 'nonsense', '%00', '..%2f..', crypto.randomUUID(), '0'.repeat(200)];
  const bent = () => ({
    id: crypto.randomUUID(),
    op: pick(['put', 'remove', 'burn']),
    kind: pick(['reading', 'look', 'song']),
    record: pick([crypto.randomUUID(), 'x']),
    base: pick([0, -1, 1.5, 'a']),
    body: pick(ODD),
  });
  const doors = [
    () => api.post(`/api/v1/inspections/${pick(ids)}/changes`, { data: { changes: [bent(), pick(ODD)] } }),
    () =>
      api.post(`/api/v1/inspections/${pick(ids)}/changes`, {
        headers: { 'content-type': 'application/json' },
        data: Buffer.from(JSON.stringify(pick(ODD)) ?? 'x'),
      }),
    () => api.post(`/api/v1/inspections/${pick(ids)}/photos`, { data: Buffer.from(String(pick(ODD))) }),
    () => api.post(`/api/v1/inspections/${pick(ids)}/state`, { data: { state: pick(ODD) } }),
    () => api.post(`/api/v1/lots/${pick(ids)}/links`, { data: { expiresAt: pick(ODD), label: 7 } }),
    () => api.delete(`/api/v1/links/${pick(ids)}`),
    () => api.post(`/api/v1/sales/${pick(ids)}/lots`, { data: { number: pick(ODD), title: pick(ODD) } }),
    () => api.get(`/api/v1/sales/${pick(ids)}/lots?after=${encodeURIComponent(String(pick(ODD)))}`),
    () => api.get(`/api/v1/photos/${pick(ids)}/${pick(['320', 'full', '..', '%2e%2e'])}`),
    () => api.get(`/r/${pick(ids)}/report.json`),
    () =>
      api.post('/api/auth/sign-in/email', {
        data: pick(ODD.filter((o) => o !== null && typeof o === 'object')) as object,
      }),
  ];
  const broken: string[] = [];
  for (let i = 0; i < 400; i++) {
    const door = i % doors.length;
    const answer = await doors[door]!();
    const text = await answer.text();
    if (answer.status() >= 500 || /\bat .*\.(ts|js):\d+|select .* from |postgres:/i.test(text))
      broken.push(`${door} ${answer.status()} ${text.slice(0, 120)}`);
  }
  expect(broken).toEqual([]);
  expect(await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).text()).toBe(before);
  // Other tests add lots of their own meanwhile; none of the bent ones may be among them.
  const { lots } = await (await api.get(`/api/v1/sales/${saleId}/lots`)).json();
  const added = lots.filter((l: { number: number }) => l.number > 24).map((l: { title: string }) => l.title);
  for (const title of added) expect(title).toMatch(/^Quillon Halyard (trial|fastback)/);
});
