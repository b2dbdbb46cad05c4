import { hoursOf, type RouteLot, type RouteProblem } from './booking';
import { leftOf, type Moment } from './day-hours';
import { replan } from './replan';
import { routeOf } from './route';

const lot = (id: string, minutes = 120, pitMinutes = 0, dueDay: number | null = null): RouteLot => ({
  id,
  minutes,
  pitMinutes,
  dueDay,
});
const problem = (lots: readonly RouteLot[], more: Partial<RouteProblem> = {}): RouteProblem => ({
  lots,
  inspectors: ['Ilse', 'Tomas'],
  days: 3,
  from: 510,
  to: 990,
  ...more,
});
/** What is left of a plan's days at a moment. */
const fromNow = (p: RouteProblem, now: Moment): RouteProblem => ({
  ...p,
  hours: leftOf(
    Array.from({ length: p.days }, (_, d) => hoursOf(p, d)),
    now,
  ),
});
const told = (p: RouteProblem) => routeOf(p).visits.map(({ lot: l, inspector, day }) => ({ lot: l, inspector, day }));

it('keeps all where nothing happened', () => {
  const p = problem(Array.from({ length: 14 }, (_, i) => lot(`l${i}`, 90 + 10 * (i % 4), i % 3 ? 20 : 0)));
  const before = told(p);
  const again = replan(p, before);
  expect(again.moved).toEqual([]);
  expect(again.visits.map((v) => [v.lot, v.inspector, v.day])).toEqual(before.map((v) => [v.lot, v.inspector, v.day]));
});

it('moves as little as it must where the morning went wrong, and keeps the others with whom they were told', () => {
  const p = problem(Array.from({ length: 10 }, (_, i) => lot(`l${i}`)));
  const before = told(p);
  // At noon of the first day nothing was done: of four visits a person has a day, two no longer fit.
  const again = replan(fromNow(p, { day: 0, minute: 750 }), before);
  expect(again.moved).toHaveLength(4);
  for (const v of again.visits) {
    if (again.moved.includes(v.lot)) continue;
    const was = before.find((b) => b.lot === v.lot)!;
    expect([v.inspector, v.day]).toEqual([was.inspector, was.day]);
  }
  expect(again.visits).toHaveLength(10);
  expect(again.visits.filter((v) => v.day === 0).every((v) => v.from >= 750)).toBe(true);
});

it('brings what was told for a day that is over to one that is left, in time where that can be', () => {
  const p = problem([lot('a', 120, 0, 1), lot('b', 120, 0, 0), lot('c')]);
  const before = [
    { lot: 'a', inspector: 'Ilse', day: 0 },
    { lot: 'b', inspector: 'Tomas', day: 0 },
    { lot: 'c', inspector: 'Ilse', day: 2 },
  ];
  const again = replan(fromNow(p, { day: 1, minute: 0 }), before);
  expect(again.moved).toEqual(['b', 'a']);
  expect(again.visits.find((v) => v.lot === 'a')?.day).toBe(1);
  expect(again.late).toEqual(['b']);
});

it('gives a blocked person’s visits to others, and says what has no room at all', () => {
  const p = problem(
    Array.from({ length: 9 }, (_, i) => lot(`l${i}`)),
    { days: 1 },
  );
  const before = told({ ...p, days: 3 });
  const alone = replan({ ...p, inspectors: ['Tomas'] }, before);
  expect(alone.visits.every((v) => v.inspector === 'Tomas')).toBe(true);
  expect(alone.visits.length + alone.late.length).toBe(9);
});

it('uses dry days first, and wet ones rather than being late', () => {
  const wet = problem(
    Array.from({ length: 5 }, (_, i) => lot(`l${i}`, 200)),
    { wet: [true, false, true] },
  );
  const days = routeOf(wet).visits.map((v) => v.day);
  expect(days.filter((d) => d === 1)).toHaveLength(4);
  const soon = routeOf({ ...wet, lots: wet.lots.map((l) => ({ ...l, dueDay: 0 })) });
  expect(soon.visits.filter((v) => v.day === 0)).toHaveLength(4);
  expect(soon.late).toHaveLength(1);
});

it('plans three hundred lots for six people within a twentieth of its bound', () => {
  const lots = Array.from({ length: 300 }, (_, i) => lot(`l${i}`, 25 + ((i * 37) % 60), i % 4 ? 0 : 12, i % 9));
  const p = problem(lots, { inspectors: ['a', 'b', 'c', 'd', 'e', 'f'], days: 9 });
  const route = routeOf(p, { tries: 60 });
  expect(route.gap).toBeLessThanOrEqual(0.05);
  const later = replan(fromNow(p, { day: 3, minute: 700 }), route.visits);
  expect(later.moved.length).toBeLessThan(300);
  expect(new Set(later.visits.map((v) => v.lot)).size).toBe(later.visits.length);
});

it('gives a car to whoever knows such cars, where that is hardly later', () => {
  const p = problem([lot('a', 100), { ...lot('b', 100), knownBy: ['Tomas'] }], { days: 1 });
  const who = (q: RouteProblem) => Object.fromEntries(replan(q, []).visits.map((v) => [v.lot, v.inspector]));
  expect(who(p).b).toBe('Tomas');
  // Nobody waits an hour for him.
  const busy = replan(p, [{ lot: 'a', inspector: 'Tomas', day: 0 }]);
  expect(busy.visits.find((v) => v.lot === 'b')).toMatchObject({ inspector: 'Ilse', from: 510 });
});

it('begins no visit whose keys are handed out no more', () => {
  const keys = { minutes: 5, within: [510, 600] } as const;
  const p = problem(
    Array.from({ length: 3 }, (_, i) => ({ ...lot(`l${i}`), keys })),
    { inspectors: ['Ilse'], days: 2 },
  );
  const { visits, late } = routeOf(p);
  expect(visits.map((v) => [v.day, v.from])).toEqual([
    [0, 515],
    [1, 515],
  ]);
  expect(late).toHaveLength(1);
});
