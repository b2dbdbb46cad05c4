import type { ChangeResult } from '@/core/records/change';
import type { CheckedChange } from '@/core/records/check-change';
import { recordsOf } from '@/core/records/reduce';
import { InspectionStore, type Kept, type Send } from './inspection-store';

const AT = '2027-02-10T09:00:00Z';
const reading = (um: number) => ({
  kind: 'reading' as const,
  body: { zone: 'hood', state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' }, at: AT },
});

/** A device memory and a server that answers as it is told. */
function bench(answer: (changes: readonly CheckedChange[]) => Awaited<ReturnType<Send>>) {
  const memory = new Map<string, CheckedChange>();
  const sent: CheckedChange[][] = [];
  const kept: Kept = {
    keep: async (_i, changes) => void changes.forEach((c) => void memory.set(c.id, c)),
    of: async () => [...memory.values()],
    forget: async (ids) => void ids.forEach((id) => void memory.delete(id)),
  };
  const send: Send = async (changes) => {
    sent.push([...changes]);
    return answer(changes);
  };
  return { memory, sent, kept, send };
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
  const store = new InspectionStore('i', [], b.send, b.kept);
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
  const store = new InspectionStore('i', [], b.send, b.kept);
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
  const before = new InspectionStore('i', [], away.send, away.kept);
  before.put([reading(131)]);
  await settled();
  const after = new InspectionStore('i', [], async (c) => applied(c), away.kept);
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
  const store = new InspectionStore('i', [], b.send, b.kept);
  store.put([reading(131)]);
  await settled();
  expect(store.snapshot().aside).toHaveLength(1);
  expect(store.snapshot().records.size).toBe(0);
});

it('shows the other’s value at a conflict and lets the person insist', async () => {
  let first = true;
  const b = bench((c) => {
    if (!first) return applied(c);
    first = false;
    return {
      ok: true,
      results: c.map((x) => ({ id: x.id, status: 'conflict', present: { version: 4, body: reading(300).body } })),
    };
  });
  const store = new InspectionStore('i', [], b.send, b.kept);
  store.put([reading(131)]);
  await settled();
  const [record] = recordsOf(store.snapshot().records, 'reading');
  expect(record).toMatchObject({ version: 4, body: { thicknessUm: 300 } });
  store.insist(store.snapshot().aside[0]!);
  await settled();
  expect(recordsOf(store.snapshot().records, 'reading')[0]).toMatchObject({ version: 5, body: { thicknessUm: 131 } });
  expect(b.sent.at(-1)![0]).toMatchObject({ base: 4 });
});

it('takes entries back one by one', async () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.kept);
  store.put([reading(131)]);
  store.put([reading(128), reading(125)]);
  expect(store.undo()).toBe(true);
  expect(recordsOf(store.snapshot().records, 'reading').map((r) => r.body.thicknessUm)).toEqual([131]);
  store.undo();
  expect(store.snapshot().records.size).toBe(0);
  expect(store.undo()).toBe(false);
  await settled();
  expect(store.snapshot().waiting).toBe(0);
});

it('refuses what the schema refuses and enters nothing of it', () => {
  const b = bench(applied);
  const store = new InspectionStore('i', [], b.send, b.kept);
  const result = store.put([reading(131), { kind: 'reading', body: { ...reading(5).body } }]);
  expect(result).toMatchObject({ ok: false, reason: 'ask-unit' });
  expect(store.snapshot().records.size).toBe(0);
});
