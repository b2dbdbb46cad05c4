import { seeded } from '../stats/random';
import type { RouteLot, RouteProblem } from './booking';
import { fewestLateOfOne, lateAtLeast, type Route, routeOf } from './route';

const lot = (id: string, minutes: number, pitMinutes = 0, dueDay: number | null = null): RouteLot => ({
  id,
  minutes,
  pitMinutes,
  dueDay,
});
const problem = (lots: readonly RouteLot[], more: Partial<RouteProblem> = {}): RouteProblem => ({
  lots,
  inspectors: ['ilse', 'tomas'],
  days: 2,
  from: 510,
  to: 960,
  ...more,
});

/** What breaks a rule of a plan: nobody in two places, one car on the pit, within hours, as long as asked, late ones named. */
function broken(p: RouteProblem, { visits, late }: Route): string[] {
  const wrong: string[] = [];
  const lots = new Map(p.lots.map((l) => [l.id, l]));
  for (const v of visits) {
    const l = lots.get(v.lot)!;
    if (v.to - v.from !== l.minutes || v.pitTo !== v.to || v.pitTo - v.pitFrom !== l.pitMinutes)
      wrong.push(`${v.lot} long`);
    if (v.from < p.from || v.to > p.to || v.day < 0 || v.day >= p.days) wrong.push(`${v.lot} hours`);
    if (v.day > (l.dueDay ?? p.days) && !late.includes(v.lot)) wrong.push(`${v.lot} late untold`);
    for (const w of visits) {
      if (w === v || w.day !== v.day) continue;
      if (w.inspector === v.inspector && v.from < w.to && w.from < v.to) wrong.push(`${v.lot} ${w.lot} at once`);
      if (v.pitFrom < w.pitTo && w.pitFrom < v.pitTo && v.pitTo > v.pitFrom && w.pitTo > w.pitFrom)
        wrong.push(`${v.lot} ${w.lot} on the pit`);
    }
  }
  for (const l of p.lots)
    if (!visits.some((v) => v.lot === l.id) && !late.includes(l.id)) wrong.push(`${l.id} forgotten`);
  if (new Set(visits.map((v) => v.lot)).size !== visits.length) wrong.push('a lot twice');
  return wrong;
}

it('keeps every rule, whatever is asked', () => {
  const random = seeded(42);
  const draw = (a: number, b: number) => a + Math.floor(random() * (b - a + 1));
  for (let n = 0; n < 120; n++) {
    const days = draw(1, 5);
    const lots = Array.from({ length: draw(0, 20) }, (_, i) => {
      const minutes = draw(20, 240);
      return lot(`l${i}`, minutes, random() < 0.5 ? draw(0, minutes) : 0, random() < 0.5 ? draw(0, days - 1) : null);
    });
    const p = problem(lots, { days, inspectors: ['a', 'b', 'c'].slice(0, draw(1, 3)) });
    const route = routeOf(p, { tries: 30, seed: n });
    expect([n, broken(p, route)]).toEqual([n, []]);
    expect(route.late.length).toBeGreaterThanOrEqual(route.bound);
  }
});

/** The fewest late by trying every order, inspector and day, each visit as soon as it can be. */
function fewestLate(p: RouteProblem): number {
  let fewest = p.lots.length;
  const free = new Map<string, number>();
  const walk = (
    left: readonly RouteLot[],
    pits: readonly { day: number; from: number; to: number }[],
    late: number,
  ): void => {
    if (late >= fewest) return;
    if (left.length === 0) {
      fewest = late;
      return;
    }
    for (const l of left) {
      const rest = left.filter((x) => x !== l);
      for (const who of p.inspectors)
        for (let day = 0; day <= (l.dueDay ?? p.days - 1); day++) {
          const key = `${who} ${day}`;
          const before = free.get(key) ?? p.from;
          let start = before;
          for (const pit of [...pits].filter((x) => x.day === day).sort((a, b) => a.from - b.from))
            if (l.pitMinutes > 0 && start + l.minutes - l.pitMinutes < pit.to && start + l.minutes > pit.from)
              start = pit.to - l.minutes + l.pitMinutes;
          if (start + l.minutes > p.to) continue;
          free.set(key, start + l.minutes);
          const pit = { day, from: start + l.minutes - l.pitMinutes, to: start + l.minutes };
          walk(rest, l.pitMinutes > 0 ? [...pits, pit] : pits, late);
          free.set(key, before);
        }
      walk(rest, pits, late + 1);
    }
  };
  walk(p.lots, [], 0);
  return fewest;
}

it('is as good as trying everything wherever it says so, and its bound is never too high', () => {
  const random = seeded(5);
  const draw = (a: number, b: number) => a + Math.floor(random() * (b - a + 1));
  let best = 0;
  const CASES = 40;
  for (let n = 0; n < CASES; n++) {
    const lots = Array.from({ length: 5 }, (_, i) => {
      const minutes = 60 * draw(1, 5);
      return lot(`l${i}`, minutes, 30 * draw(0, 3), draw(0, 1));
    });
    const p = problem(
      lots.map((l) => ({ ...l, pitMinutes: Math.min(l.pitMinutes, l.minutes) })),
      { to: 510 + 360 },
    );
    const fewest = fewestLate(p);
    const route = routeOf(p, { tries: 200 });
    expect([n, lateAtLeast(p) <= fewest]).toEqual([n, true]);
    if (route.gap === 0) expect([n, route.late.length]).toEqual([n, fewest]);
    if (route.late.length === fewest) best++;
  }
  expect(best).toBeGreaterThanOrEqual(CASES - 1);
});

it('lets one wait for the pit rather than be in two places', () => {
  const p = problem([lot('a', 100, 60), lot('b', 100, 60)], { days: 1 });
  const { visits, late } = routeOf(p);
  expect(late).toEqual([]);
  const [first, second] = visits.map((v) => v.pitFrom).sort((a, b) => a - b);
  expect(second! - first!).toBeGreaterThanOrEqual(60);
});

it('names what there is no room for, and what is longer than a day', () => {
  const p = problem([lot('a', 400), lot('b', 400), lot('c', 400), lot('long', 900)], { days: 1 });
  const route = routeOf(p);
  expect(route.late).toHaveLength(2);
  expect(route.late).toContain('long');
  expect([route.bound, route.gap]).toEqual([2, 0]);
});

it('knows the number late of a published example of one machine', () => {
  // Pinedo, Scheduling, 5th ed., example 3.3.3: five jobs, two of them late.
  const times = [7, 8, 4, 6, 6];
  const dues = [9, 17, 18, 19, 21];
  expect(fewestLateOfOne(times.map((time, i) => ({ time, due: dues[i]! })))).toBe(2);
});
