import { daysPlanSchema, timedVisits } from './days-plan';
import { routeOf } from './route';

const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const lot = (n: number, minutes: number, pitMinutes = 0, dueDay: number | null = null) => ({
  id: id(n),
  minutes,
  pitMinutes,
  dueDay,
});
const PLAN = {
  from: '2027-03-08',
  days: 2,
  opens: 480,
  closes: 960,
  school: 'survey' as const,
  inspectors: ['Ilse', 'Tomas'],
};
const visit = (n: number, inspector: number, day: number) => ({ lot: id(n), inspector, day });

it('sets visits one after the other and one car on the pit at a time', () => {
  const visits = [visit(1, 0, 0), visit(2, 0, 0), visit(3, 1, 0)];
  const timed = timedVisits({ ...PLAN, visits }, [lot(1, 120, 30), lot(2, 60), lot(3, 120, 30)]);
  const of = (n: number) => timed.find((t) => t.lot === id(n))!;
  expect([of(1).from, of(1).to]).toEqual([480, 600]);
  expect([of(2).from, of(2).to]).toEqual([600, 660]);
  // The second waits for the pit; so long it begins later.
  expect([of(3).pitFrom, of(3).to]).toEqual([600, 630]);
});

it('marks what ends after hours and what is visited after its day', () => {
  const timed = timedVisits({ ...PLAN, visits: [visit(1, 0, 1)] }, [lot(1, 600, 0, 0)]);
  expect(timed[0]).toMatchObject({ over: true, late: true, to: 1080 });
});

it('gives what the planner gives, when told the planner’s order', () => {
  const lots = Array.from({ length: 12 }, (_, n) => lot(n + 1, 60 + 15 * (n % 4), n % 3 === 0 ? 20 : 0, n % 2));
  const route = routeOf({ lots, inspectors: PLAN.inspectors, days: 2, from: PLAN.opens, to: PLAN.closes });
  const visits = [...route.visits]
    .sort((a, b) => a.from - b.from)
    .map((v) => ({ lot: v.lot, inspector: PLAN.inspectors.indexOf(v.inspector), day: v.day }));
  const timed = timedVisits({ ...PLAN, visits }, lots);
  expect(timed.filter((t) => t.over)).toEqual([]);
  expect(timed).toHaveLength(route.visits.length);
});

it.each([
  ['a day that ends before it begins', { closes: 400 }],
  ['a lot twice', { visits: [visit(1, 0, 0), visit(1, 1, 1)] }],
  ['an inspector that is none', { visits: [visit(1, 2, 0)] }],
  ['a day that is none', { visits: [visit(1, 0, 2)] }],
])('refuses %s', (_what, more) => {
  expect(daysPlanSchema.safeParse({ ...PLAN, visits: [], ...more }).success).toBe(false);
});

it('reckons the way from car to car and the keys, and marks whose keys are no more to be had', () => {
  const keys = { minutes: 5, within: [480, 700] } as const;
  const lots = [
    { ...lot(1, 120), stands: 'Tramshed, row A, bay 1', keys },
    { ...lot(2, 120), stands: 'Tramshed, row B, bay 1', keys },
    { ...lot(3, 60), stands: 'Yard 2', keys },
  ];
  const timed = timedVisits({ ...PLAN, visits: [visit(1, 0, 0), visit(2, 0, 0), visit(3, 0, 0)] }, lots);
  expect(timed.map((v) => [v.from, v.keyless])).toEqual([
    [485, false],
    [605 + 5 + 3, false],
    [733 + 8, true],
  ]);
});

it('gives what the planner gives with ways and keys too', () => {
  const lots = Array.from({ length: 12 }, (_, n) => ({
    ...lot(n + 1, 60 + 15 * (n % 4), n % 3 === 0 ? 20 : 0, n % 2),
    stands: `Tramshed, row ${'ABC'[n % 3]}, bay ${n}`,
    ...(n % 2 && { keys: { minutes: 5, within: [480, 840] as const } }),
  }));
  const route = routeOf({ lots, inspectors: PLAN.inspectors, days: 2, from: PLAN.opens, to: PLAN.closes });
  expect(route.late).toEqual([]);
  const visits = route.visits.map((v) => ({ lot: v.lot, inspector: PLAN.inspectors.indexOf(v.inspector), day: v.day }));
  const timed = timedVisits({ ...PLAN, visits }, lots);
  expect(timed.filter((t) => t.over || t.keyless || t.late)).toEqual([]);
});
