import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import type { AnyRecord } from '@/core/kinds';
import { carSchema } from '@/core/kinds/car';
import { InspectionStore } from './inspection-store';
import { JudgedStore } from './judged-store';

const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const car = {
  id: id(1),
  kind: 'car',
  version: 1,
  body: carSchema.parse({ make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' }),
} as AnyRecord;
const reading = (thicknessUm: number) => ({
  kind: 'reading' as const,
  body: { zone: 'hood', state: 'read', thicknessUm, typed: { text: String(thicknessUm), unit: 'um' }, at: AT },
});

/** A store that sends nothing, and its judged store whose "after paint" comes when the test says. */
function bench(records: readonly AnyRecord[]) {
  const outbox = {
    keep: async () => {},
    settle: async () => {},
    waiting: async () => [],
    rejected: async () => [],
    forget: async () => {},
  };
  const store = new InspectionStore(
    'i',
    records,
    async () => ({ ok: false, why: 'offline' }) as never,
    outbox as never,
  );
  const due: (() => void)[] = [];
  const judged = new JudgedStore(store, DEFAULT_TABLES, 2027, (then) => due.push(then));
  const paint = () => {
    for (const then of due.splice(0)) then();
  };
  return { store, judged, paint, due };
}

it('has judged what it began with', () => {
  const { judged } = bench([car]);
  expect(judged.snapshot().plan?.style).toBe('fastback');
  expect(judged.snapshot().judgement?.paint.zones.every((z) => z.n === 0)).toBe(true);
  expect(judged.snapshot().grade).toBe(judged.snapshot().grade);
});

it('shows an entry first and judges after it was painted, once for several', () => {
  const { store, judged, paint, due } = bench([car]);
  let told = 0;
  const leave = judged.subscribe(() => told++);
  const before = judged.snapshot();
  const fit = before.judgement!.fit;
  for (const um of [118, 121, 125]) store.put([reading(um)]);
  expect(store.snapshot().records.size).toBe(4);
  expect(judged.snapshot()).toBe(before);
  expect(due).toHaveLength(1);
  paint();
  expect(told).toBe(1);
  expect(judged.snapshot().judgement!.paint.zones.find((z) => z.zone === 'hood')!.n).toBe(3);
  // What reads no readings was not judged again.
  expect(judged.snapshot().judgement!.fit).toBe(fit);
  leave();
  store.stop();
});

it('brings itself up to date for whoever comes later, and tells nobody who left', () => {
  const { store, judged, paint, due } = bench([car]);
  let told = 0;
  judged.subscribe(() => told++)();
  store.put([reading(118)]);
  expect(due).toHaveLength(0);
  const leave = judged.subscribe(() => told++);
  paint();
  expect(told).toBe(1);
  expect(judged.snapshot().records).toBe(store.snapshot().records);
  leave();
  store.stop();
});

it('judges nothing of a car without a plan, and begins once its style is stated', () => {
  const { store, judged, paint } = bench([]);
  expect(judged.snapshot()).toMatchObject({ car: null, plan: null, judgement: null, grade: null });
  const leave = judged.subscribe(() => {});
  store.put([{ kind: 'car', body: car.body }]);
  paint();
  expect(judged.snapshot().judgement).not.toBeNull();
  leave();
  store.stop();
});
