import type { CheckedChange } from '@/core/records/check-change';
import { sendChanges } from './send-changes';

const change = (n: number) =>
  ({ id: `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`, op: 'remove' }) as unknown as CheckedChange;
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
  expect(await sendChanges('i1', batch)).toEqual({ ok: true, results });
  expect(sent()).toEqual({ url: '/api/v1/inspections/i1/changes', body: { changes: batch } });
});

it('tells a session that ended from a server that is away: both keep the entries', async () => {
  answers(401, {});
  expect(await sendChanges('i1', batch)).toEqual({ ok: false, why: 'signed-out' });
  for (const status of [429, 500, 502, 503]) {
    answers(status, 'busy');
    expect(await sendChanges('i1', batch)).toEqual({ ok: false, why: 'offline' });
  }
  globalThis.fetch = (() => Promise.reject(new Error('no network'))) as typeof fetch;
  expect(await sendChanges('i1', batch)).toEqual({ ok: false, why: 'offline' });
});

it.each([400, 403, 404, 413])(
  'sets every change of a batch refused with %d aside, with the server’s words',
  async (status) => {
    answers(status, { message: 'This lot is not yours.' });
    const answer = await sendChanges('i1', batch);
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
  answers(413, '<html>too large</html>');
  const answer = await sendChanges('i1', batch);
  if (!answer.ok) throw new Error(answer.why);
  expect(answer.results[0]).toMatchObject({ message: 'The server does not take this entry.' });
});

it('takes an answer cut short as no answer', async () => {
  answers(200, '{"results": [');
  expect(await sendChanges('i1', batch)).toEqual({ ok: false, why: 'offline' });
});
