import { BYTES_PER_CALL } from '@/core/records/change';
import type { CheckedChange } from '@/core/records/check-change';
import { nextBatch, sendChanges } from './send-changes';

const change = (n: number) =>
  ({
    id: `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`,
    op: 'remove',
    record: `r${n}`,
  }) as unknown as CheckedChange;
const batch = [change(1), change(2)];
const answers = (status: number, body: unknown) => {
  let sent: { url: string; body: unknown } | null = null;
  globalThis.fetch = (async (url: string, init: RequestInit) => {
    sent = { url, body: JSON.parse(String(init.body)) };
    return new Response(typeof body === 'string' ? body : JSON.stringify(body), { status });
  }) as typeof fetch;
  return () => sent;
};

it('sends a batch as it is and gives back the answer to each change', async () => {
  const results = batch.map((c) => ({ id: c.id, status: 'applied', version: 1 }));
  const sent = answers(200, { results });
  expect(await sendChanges('i1', 'ilse', batch)).toEqual({ ok: true, results });
  expect(sent()).toEqual({
    url: '/api/v1/inspections/i1/changes',
    body: { by: 'ilse', sentAt: expect.any(String), changes: batch },
  });
});

it('tells a session that ended from a server that is away: both keep the entries', async () => {
  answers(401, {});
  expect(await sendChanges('i1', 'ilse', batch)).toEqual({ ok: false, why: 'signed-out' });
  for (const status of [429, 500, 502, 503]) {
    answers(status, 'busy');
    expect(await sendChanges('i1', 'ilse', batch)).toEqual({ ok: false, why: 'offline' });
  }
  globalThis.fetch = (() => Promise.reject(new Error('no network'))) as typeof fetch;
  expect(await sendChanges('i1', 'ilse', batch)).toEqual({ ok: false, why: 'offline' });
});

it.each([400, 403, 404])(
  'sets every change of a batch refused with %d aside, with the server’s words',
  async (status) => {
    answers(status, { message: 'This lot is not yours.' });
    const answer = await sendChanges('i1', 'ilse', batch);
    expect(answer).toEqual({
      ok: true,
      results: batch.map((c) => ({
        id: c.id,
        status: 'rejected',
        reason: 'refused',
        message: 'This lot is not yours.',
      })),
    });
  },
);

it('has words of its own where the server gives none', async () => {
  answers(404, '<html>nothing</html>');
  const answer = await sendChanges('i1', 'ilse', batch);
  if (!answer.ok) throw new Error(answer.why);
  expect(answer.results[0]).toMatchObject({ message: 'The server does not take this entry.' });
});

it('takes an answer cut short as no answer', async () => {
  answers(200, '{"results": [');
  expect(await sendChanges('i1', 'ilse', batch)).toEqual({ ok: false, why: 'offline' });
});

it('says that another person is signed in, and keeps the entries', async () => {
  answers(409, { reason: 'other-person' });
  expect(await sendChanges('i1', 'ilse', batch)).toEqual({ ok: false, why: 'other-person' });
});

/** A server that answers 500 for every batch with one of the poisonous changes in it. */
function serverThatChokesOn(...poison: readonly string[]) {
  const taken: string[] = [];
  let calls = 0;
  globalThis.fetch = (async (_url: string, init: RequestInit) => {
    calls++;
    const { changes } = JSON.parse(String(init.body)) as { changes: CheckedChange[] };
    if (changes.some((c) => poison.includes(c.id))) return new Response('{}', { status: 500 });
    for (const c of changes) if (!taken.includes(c.id)) taken.push(c.id);
    return Response.json({ results: changes.map((c) => ({ id: c.id, status: 'applied', version: 1 })) });
  }) as typeof fetch;
  return { taken, calls: () => calls };
}

/** Sends until nothing is left, as the store does; what came out for each change. */
async function drain(changes: readonly CheckedChange[]) {
  const status = new Map<string, string>();
  let queue = [...changes];
  for (let round = 0; queue.length > 0 && round < 50; round++) {
    const answer = await sendChanges('i1', 'ilse', queue);
    if (!answer.ok) return { status, left: queue.length };
    for (const r of answer.results) status.set(r.id, r.status);
    queue = queue.filter((c) => !status.has(c.id));
  }
  return { status, left: queue.length };
}

it.each([[[0]], [[4]], [[9]], [[2, 3]], [[0, 9]]])(
  'halves a batch that fails until what cannot be taken stands alone (%j)',
  async (which) => {
    const ten = Array.from({ length: 10 }, (_, i) => change(i));
    const bad = which.map((i) => ten[i]!.id);
    const server = serverThatChokesOn(...bad);
    const { status, left } = await drain(ten);
    expect(left).toBe(0);
    expect(ten.filter((c) => status.get(c.id) === 'rejected').map((c) => c.id)).toEqual(bad);
    expect([...server.taken].sort()).toEqual(ten.map((c) => c.id).filter((id) => !bad.includes(id)));
    expect(server.calls()).toBeLessThan(60);
  },
);

it('does not set anything aside while the server takes nothing at all', async () => {
  const ten = Array.from({ length: 10 }, (_, i) => change(i));
  serverThatChokesOn(...ten.map((c) => c.id));
  expect(await drain(ten)).toMatchObject({ left: 10 });
});

it('keeps every call below what the server reads, and always sends something', () => {
  const big = Array.from(
    { length: 40 },
    (_, i) => ({ ...change(i), note: 'ä'.repeat(60_000) }) as unknown as CheckedChange,
  );
  const sizes: number[] = [];
  for (let left: readonly CheckedChange[] = big; left.length > 0; ) {
    const batch = nextBatch(left);
    sizes.push(new TextEncoder().encode(JSON.stringify({ by: 'ilse', changes: batch })).length);
    left = left.slice(batch.length);
  }
  expect(Math.max(...sizes)).toBeLessThan(BYTES_PER_CALL + 1000);
  const huge = [{ ...change(1), note: 'x'.repeat(3 * BYTES_PER_CALL) } as unknown as CheckedChange];
  expect(nextBatch(huge)).toHaveLength(1);
});
