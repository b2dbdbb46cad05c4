import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { askedOf } from '@/core/judge/judge';
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
  const keys: (() => void)[] = [];
  const judged = new JudgedStore(store, DEFAULT_TABLES, 2027, {
    afterPaint: (then) => due.push(then),
    afterInput: (then) => keys.push(then),
  });
  const paint = () => {
    for (const then of due.splice(0)) then();
  };
  /** All pieces that wait for keys, one after the other; how many there were. */
  const goOn = () => {
    let pieces = 0;
    for (; keys.length > 0; pieces++) keys.shift()!();
    return pieces;
  };
  return { store, judged, paint, goOn, due };
}

it('has judged what it began with', () => {
  const { judged } = bench([car]);
  expect(judged.snapshot().plan?.style).toBe('fastback');
  expect(judged.snapshot().judgement?.paint.zones.every((z) => z.n === 0)).toBe(true);
  expect(judged.snapshot().grade).toBe(judged.snapshot().grade);
});

it('shows an entry first and judges after it was painted, once for several', () => {
  const { store, judged, paint, goOn, due } = bench([car]);
  let told = 0;
  const leave = judged.subscribe(() => told++);
  const before = judged.snapshot();
  const fit = before.judgement!.fit;
  for (const um of [118, 121, 125]) store.put([reading(um)]);
  expect(store.snapshot().records.size).toBe(4);
  expect(judged.snapshot()).toBe(before);
  expect(due).toHaveLength(1);
  paint();
  goOn();
  expect(told).toBe(1);
  expect(judged.snapshot().judgement!.paint.zones.find((z) => z.zone === 'hood')!.n).toBe(3);
  // What reads no readings was not judged again.
  expect(judged.snapshot().judgement!.fit).toBe(fit);
  leave();
  store.stop();
});

it('brings itself up to date for whoever comes later, and tells nobody who left', () => {
  const { store, judged, paint, goOn, due } = bench([car]);
  let told = 0;
  judged.subscribe(() => told++)();
  store.put([reading(118)]);
  expect(due).toHaveLength(0);
  const leave = judged.subscribe(() => told++);
  paint();
  goOn();
  expect(told).toBe(1);
  expect(judged.snapshot().records).toBe(store.snapshot().records);
  leave();
  store.stop();
});

it('judges in pieces, shows the whole old judgement until all are done, and then what was entered meanwhile', () => {
  const { store, judged, paint, goOn, due } = bench([car]);
  let told = 0;
  const leave = judged.subscribe(() => told++);
  const before = judged.snapshot();
  void before.grade;
  void before.judgement!.fit;
  // A clock by which every model takes longer than one piece may.
  let now = 0;
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => (now += 1000));
  store.put([reading(118)]);
  paint();
  expect(judged.snapshot()).toBe(before);
  store.put([reading(121)]);
  expect(due).toHaveLength(0);
  expect(goOn()).toBe(askedOf(before.judgement!).length);
  clock.mockRestore();
  expect(told).toBe(1);
  const hood = () => judged.snapshot().judgement!.paint.zones.find((z) => z.zone === 'hood')!.n;
  expect(hood()).toBe(1);
  // All that was asked before was asked again, before anybody was told.
  expect(new Set(askedOf(judged.snapshot().judgement!))).toEqual(new Set(askedOf(before.judgement!)));
  expect(due).toHaveLength(1);
  paint();
  goOn();
  expect(hood()).toBe(2);
  leave();
  store.stop();
});

it('judges nothing of a car without a plan, and begins once its style is stated', () => {
  const { store, judged, paint, goOn } = bench([]);
  expect(judged.snapshot()).toMatchObject({ car: null, plan: null, judgement: null, grade: null });
  const leave = judged.subscribe(() => {});
  store.put([{ kind: 'car', body: car.body }]);
  paint();
  goOn();
  expect(judged.snapshot().judgement).not.toBeNull();
  leave();
  store.stop();
});
