import type { ChangeResult } from '@/core/records/change';
import type { CheckedChange } from '@/core/records/check-change';
import { recordsOf } from '@/core/records/reduce';
import { InspectionStore, type News, type Outbox, type RejectedChange, type Send } from './inspection-store';

const AT = '2027-02-10T09:00:00Z';
const reading = (um: number) => ({
  kind: 'reading' as const,
  body: { zone: 'hood', state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' }, at: AT },
});

/** A device memory and a server that answers as it is told. */
function bench(answer: (changes: readonly CheckedChange[]) => Awaited<ReturnType<Send>>) {
  const memory = new Map<string, CheckedChange>();
  const rejected = new Map<string, RejectedChange>();
  const sent: CheckedChange[][] = [];
  const outbox: Outbox = {
    keep: async (_i, changes) => void changes.forEach((c) => void memory.set(c.id, c)),
    of: async () => ({ changes: [...memory.values()], rejected: [...rejected.values()] }),
    settle: async (_i, settled) => {
      for (const id of settled.answered) memory.delete(id);
      for (const a of settled.rejected) rejected.set(a.change.id, a);
    },
    forgetRejected: async (id) => void rejected.delete(id),
  };
  const send: Send = async (changes) => {
    sent.push([...changes]);
    return answer(changes);
  };
  return { memory, rejected, sent, outbox, send };
}
const applied = (changes: readonly CheckedChange[]): { ok: true; results: ChangeResult[] } => ({
  ok: true,
  results: changes.map((c) => ({ id: c.id, status: 'applied', version: c.base + 1 })),
});
const settled = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};

it('shows an entry at once, sends it, and forgets it on the device once acknowledged', async () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.outbox);
  store.put([reading(131), reading(128)]);
  expect(recordsOf(store.snapshot().records, 'reading')).toHaveLength(2);
  await settled();
  expect(store.snapshot()).toMatchObject({ waiting: 0, sending: 'idle' });
  expect(b.memory.size).toBe(0);
});

it('keeps entries while the server is away and sends them in order when it is back', async () => {
  jest.useFakeTimers();
  let up = false;
  const b = bench((c) => (up ? applied(c) : { ok: false, why: 'offline' }));
  const store = new InspectionStore('i', [], b.send, b.outbox);
  store.put([reading(131)]);
  store.put([reading(128)]);
  await settled();
  expect(store.snapshot()).toMatchObject({ waiting: 2, sending: 'offline' });
  expect(b.memory.size).toBe(2);
  up = true;
  await jest.advanceTimersByTimeAsync(1000);
  expect(store.snapshot()).toMatchObject({ waiting: 0, sending: 'idle' });
  expect(b.sent.at(-1)!.map((c) => (c.op === 'put' ? (c.body as { thicknessUm: number }).thicknessUm : 0))).toEqual([
    131, 128,
  ]);
  jest.useRealTimers();
});

it('takes up after a reload what was left unsent, without doubling it', async () => {
  const away = bench(() => ({ ok: false, why: 'signed-out' }));
  const before = new InspectionStore('i', [], away.send, away.outbox);
  before.put([reading(131)]);
  await settled();
  const after = new InspectionStore('i', [], async (c) => applied(c), away.outbox);
  await after.resume();
  await after.resume();
  await settled();
  expect(recordsOf(after.snapshot().records, 'reading')).toHaveLength(1);
  expect(away.memory.size).toBe(0);
});

it('sets a refused entry aside with its reason instead of dropping it', async () => {
  const b = bench((c) => ({
    ok: true,
    results: c.map((x) => ({ id: x.id, status: 'rejected', reason: 'sealed', message: 'sealed' })),
  }));
  const store = new InspectionStore('i', [], b.send, b.outbox);
  store.put([reading(131)]);
  await settled();
  expect(store.snapshot().rejected).toHaveLength(1);
  expect(store.snapshot().records.size).toBe(0);
});

it('shows the other’s value at a conflict and lets the person enter it again', async () => {
  let first = true;
  const b = bench((c) => {
    if (!first) return applied(c);
    first = false;
    return {
      ok: true,
      results: c.map((x) => ({ id: x.id, status: 'conflict', present: { version: 4, body: reading(300).body } })),
    };
  });
  const store = new InspectionStore('i', [], b.send, b.outbox);
  store.put([reading(131)]);
  await settled();
  const [record] = recordsOf(store.snapshot().records, 'reading');
  expect(record).toMatchObject({ version: 4, body: { thicknessUm: 300 } });
  store.resubmit(store.snapshot().rejected[0]!);
  await settled();
  expect(recordsOf(store.snapshot().records, 'reading')[0]).toMatchObject({ version: 5, body: { thicknessUm: 131 } });
  expect(b.sent.at(-1)![0]).toMatchObject({ base: 4 });
});

it('takes entries back one by one', async () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.outbox);
  store.put([reading(131)]);
  store.put([reading(128), reading(125)]);
  expect(store.undo()).toEqual({ ok: true });
  expect(recordsOf(store.snapshot().records, 'reading').map((r) => r.body.thicknessUm)).toEqual([131]);
  store.undo();
  expect(store.snapshot().records.size).toBe(0);
  expect(store.undo()).toEqual({ ok: false, why: 'nothing' });
  await settled();
  expect(store.snapshot().waiting).toBe(0);
});

it('refuses what the schema refuses and enters nothing of it', () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.outbox);
  const result = store.put([reading(131), { kind: 'reading', body: { ...reading(5).body } }]);
  expect(result).toMatchObject({ ok: false, reason: 'ask-unit' });
  expect(store.snapshot().records.size).toBe(0);
});

it('keeps refused entries over a reload until the person has decided', async () => {
  const b = bench((c) => ({
    ok: true,
    results: c.map((x) => ({ id: x.id, status: 'rejected', reason: 'sealed', message: 'sealed' })),
  }));
  new InspectionStore('i', [], b.send, b.outbox).put([reading(131)]);
  await settled();
  const after = new InspectionStore('i', [], async (c) => applied(c), b.outbox);
  await after.resume();
  expect(after.snapshot().rejected).toHaveLength(1);
  // Mended and entered again: it goes, and is not set aside any more.
  expect(after.resubmit(after.snapshot().rejected[0]!, reading(140).body)).toMatchObject({ ok: true });
  await settled();
  expect(after.snapshot()).toMatchObject({ waiting: 0, rejected: [] });
  expect(b.rejected.size).toBe(0);
  expect(recordsOf(after.snapshot().records, 'reading')[0]!.body.thicknessUm).toBe(140);
});

it('keeps a set-aside entry when its mended form is refused as well', async () => {
  const b = bench((c) => ({
    ok: true,
    results: c.map((x) => ({ id: x.id, status: 'rejected', reason: 'invalid', message: 'no' })),
  }));
  const store = new InspectionStore('i', [], b.send, b.outbox);
  store.put([reading(131)]);
  await settled();
  expect(store.resubmit(store.snapshot().rejected[0]!, { ...reading(131).body, zone: 'wing' })).toMatchObject({
    ok: false,
  });
  expect(store.snapshot().rejected).toHaveLength(1);
});

it('enters again what was taken back, until something new is entered', async () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.outbox);
  const [id] = (store.put([reading(131)]) as { ids: string[] }).ids;
  store.put([{ ...reading(140), id: id! }]);
  const now = () => recordsOf(store.snapshot().records, 'reading').map((r) => r.body.thicknessUm);
  store.undo();
  expect(now()).toEqual([131]);
  store.undo();
  expect(now()).toEqual([]);
  expect([store.redo(), now()]).toEqual([{ ok: true }, [131]]);
  expect([store.redo(), now()]).toEqual([{ ok: true }, [140]]);
  expect(store.redo()).toEqual({ ok: false, why: 'nothing' });
  store.undo();
  store.put([reading(200)]);
  expect(store.redo()).toEqual({ ok: false, why: 'nothing' });
  await settled();
  expect(store.snapshot().waiting).toBe(0);
});

const news = (seq: number, record: string, version: number, um: number | null): News => ({
  seq,
  changeId: `n${seq}`,
  who: 'Tomas Orrell',
  kind: 'reading',
  record,
  version,
  after: um === null ? null : reading(um).body,
});

it('takes in what others enter, once, and refuses to undo over it', async () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.outbox, 10);
  const [id] = (store.put([reading(131)]) as { ids: string[] }).ids;
  await settled();
  expect(store.receive([news(11, 'a', 1, 99), news(12, id!, 2, 150)])).toHaveLength(2);
  expect(store.receive([news(11, 'a', 1, 99)])).toEqual([]);
  const values = () =>
    recordsOf(store.snapshot().records, 'reading')
      .map((r) => r.body.thicknessUm)
      .sort();
  expect(values()).toEqual([150, 99]);
  expect(store.undo()).toEqual({ ok: false, why: 'changed-meanwhile' });
  expect(values()).toEqual([150, 99]);
  store.receive([news(13, 'a', 2, null)]);
  expect(values()).toEqual([150]);
  expect(store.lastSeq).toBe(13);
});

it('sends no more by itself once it is left, also when an answer comes late', async () => {
  jest.useFakeTimers();
  let answer = (_: { ok: false; why: 'offline' }) => {};
  const b = bench(applied);
  const store = new InspectionStore('i', [], () => new Promise((r) => (answer = r)), b.outbox);
  store.put([reading(131)]);
  await jest.advanceTimersByTimeAsync(0);
  store.stop();
  answer({ ok: false, why: 'offline' });
  await jest.advanceTimersByTimeAsync(0);
  expect(jest.getTimerCount()).toBe(0);
  expect(store.snapshot().waiting).toBe(1);
  jest.useRealTimers();
});

it('shows what another person enters before anything was entered here', () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.outbox);
  const before = store.snapshot().records;
  expect(store.receive([news(1, 'a', 1, 99)])).toHaveLength(1);
  expect(store.snapshot().records).not.toBe(before);
  expect(recordsOf(store.snapshot().records, 'reading').map((r) => r.body.thicknessUm)).toEqual([99]);
  expect(before.size).toBe(0);
});

it('does not take its own change for news, and shows its own entry over news of the same record', async () => {
  let up = false;
  const b = bench((c) => (up ? applied(c) : { ok: false, why: 'offline' }));
  const store = new InspectionStore('i', [], b.send, b.outbox);
  const [id] = (store.put([reading(131)]) as { ids: string[] }).ids;
  await settled();
  store.receive([news(1, id!, 1, 300)]);
  expect(recordsOf(store.snapshot().records, 'reading')[0]!.body.thicknessUm).toBe(131);
  up = true;
  await store.flush();
  const own = b.sent.at(-1)![0]!.id;
  expect(store.receive([{ ...news(2, id!, 1, 131), changeId: own }])).toEqual([]);
  store.stop();
});

it('says that the device could not keep an entry, and sends it all the same', async () => {
  const b = bench(applied);
  const full: Outbox = { ...b.outbox, keep: async () => Promise.reject(new Error('full')) };
  let up = false;
  const store = new InspectionStore('i', [], async (c) => (up ? applied(c) : { ok: false, why: 'offline' }), full);
  store.put([reading(131)]);
  await settled();
  expect(store.snapshot()).toMatchObject({ waiting: 1, unkept: true });
  up = true;
  await store.flush();
  expect(store.snapshot()).toMatchObject({ waiting: 0, unkept: false });
});
