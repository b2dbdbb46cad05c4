import load from 'highs';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { type AnyRecord, KINDS, type RecordKind } from '../kinds';
import type { Solve } from '../prepare/prepare';
import { solveProgram } from '../program/integer-program';
import { calendarOf, slipOf } from './calendar';
import type { Job } from './jobs';
import { priceAt } from './price';
import { reckonWork } from './reckon';

const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
let serial = 0;
const record = (kind: RecordKind, body: object, n = ++serial): AnyRecord =>
  ({ kind, id: id(n), version: 1, body: KINDS[kind].schema.parse({ at: AT, ...body }) }) as AnyRecord;
const CAR = record('car', {
  make: 'Quillon',
  model: 'Halyard',
  year: 1967,
  style: 'fastback',
  baseMetal: 'steel',
  paintType: 'single-stage',
});
const FAULTS = [
  record('finding', { zone: 'hood', flaw: 'peeling' }, 501),
  record('finding', { zone: 'rocker.left', flaw: 'perforated' }, 502),
  record('finding', { zone: 'seat.left.front', flaw: 'split' }, 503),
  record('finding', { zone: 'glass.windshield', flaw: 'glass-crack' }, 504),
];
let solve: Solve;
beforeAll(async () => {
  const highs = await load();
  solve = (program, limits) => solveProgram(highs, program, limits);
});
const reckoned = (more: readonly AnyRecord[] = []) =>
  reckonWork(
    { records: [CAR, ...FAULTS, ...more], tables: DEFAULT_TABLES, onYear: 2027, own: [], lens: 'keeper' },
    solve,
  )!;
const worth = (more: object) => record('worth', { expected: 40_000, budget: 5000, days: 60, ...more });

it('tells no gain and chooses nothing where nobody said what the car fetches', () => {
  const found = reckoned();
  expect(found.prepared).toBeNull();
  expect(found.jobs.every((j) => j.gain === null)).toBe(true);
  expect(found.roads.every((r) => r.price === null)).toBe(true);
});

it('says what each job adds, and chooses within budget and days', () => {
  const found = reckoned([worth({})]);
  const gain = (key: string) => found.jobs.find((j) => j.key === key)!.gain!;
  expect(gain('sill@rocker.left')).toBeGreaterThan(0);
  expect(found.prepared!.proved).toBe(true);
  const chosen = new Set(found.prepared!.chosen);
  const own = found.jobs.filter((j) => chosen.has(j.key));
  expect(own.reduce((s, j) => s + j.cost.likely, 0)).toBeLessThanOrEqual(5000);
  expect(found.prepared!.net).toBeCloseTo(
    own.reduce((s, j) => s + j.gain! - j.cost.likely, 0),
    6,
  );
  expect(own.every((j) => j.gain! > j.cost.likely || j.serves.length === 0)).toBe(true);
  // What waits longer than there are days is not chosen, and told.
  const soon = reckoned([worth({ days: 10 })]).prepared!;
  expect(soon.tooLate).toContain('sill@rocker.left');
  expect(soon.chosen).not.toContain('sill@rocker.left');
});

it('has four roads, each less work than the one before, and none that makes the car worse', () => {
  const { roads, gradeNow } = reckoned([worth({})]);
  expect(roads.map((r) => r.road)).toEqual(['restore', 'repair', 'run', 'leave']);
  const jobs = roads.map((r) => r.jobs);
  expect([...jobs].sort((a, b) => b - a)).toEqual(jobs);
  expect(roads[3]).toMatchObject({ jobs: 0, days: 0, cost: { p10: 0, p50: 0, p90: 0 } });
  expect(roads[3]!.grade.value).toBeCloseTo(gradeNow.value!, 6);
  for (const r of roads) expect(r.grade.value!).toBeGreaterThanOrEqual(gradeNow.value! - 1e-6);
  expect(roads[0]!.grade.value!).toBeGreaterThan(roads[2]!.grade.value!);
});

it('follows what a person decided', () => {
  const left = reckoned([record('remedy', { of: id(501), remedy: 'leave', rule: 'refinish' })]);
  expect(left.decided.find((d) => d.key === id(501))).toMatchObject({
    decision: 'leave',
    byHand: true,
    rule: 'refinish',
  });
  expect(left.jobs.some((j) => j.zone === 'hood')).toBe(false);
});

it('reckons prices along the house’s curve, scaled to what the car is expected to fetch', () => {
  const { cost } = DEFAULT_TABLES;
  expect(priceAt(cost.price.at, 40_000, cost)).toBeCloseTo(40_000, 6);
  const table = {
    price: {
      at: 60,
      curve: [
        [40, 0.5],
        [60, 1],
        [80, 2],
      ],
    },
  } as Parameters<typeof priceAt>[2];
  expect([30, 50, 70, 90].map((g) => priceAt(g, 1000, table))).toEqual([500, 750, 1500, 2000]);
});

describe('the calendar', () => {
  const job = (key: string, hours: number, more: Partial<Job> = {}): Job => ({
    key,
    work: 'refinish',
    zone: null,
    times: 1,
    serves: [key],
    rights: [key],
    trades: ['paint'],
    hours: [hours, hours, hours],
    parts: [0, 0, 0],
    waitsDays: 0,
    after: [],
    ...more,
  });
  it('begins nothing before what it waits for and what comes before it, and keeps a trade at one job', () => {
    const jobs = [
      job('metal', 12, { trades: ['body'], waitsDays: 10 }),
      job('paint', 6, { after: ['metal'] }),
      job('other', 6),
      job('seat', 6, { trades: ['trim'], waitsDays: 3, after: ['paint'] }),
    ];
    const slots = calendarOf(jobs, 6);
    const at = new Map(slots.map((s) => [s.job, s]));
    expect(at.get('metal')).toMatchObject({ fromDay: 10, toDay: 12 });
    expect(at.get('paint')).toMatchObject({ fromDay: 12, toDay: 13 });
    expect(at.get('seat')).toMatchObject({ fromDay: 13, toDay: 14 });
    expect(at.get('other')!.toDay).toBeLessThanOrEqual(10);
    expect(
      slots
        .filter((s) => s.critical)
        .map((s) => s.job)
        .sort(),
    ).toEqual(['metal', 'paint', 'seat']);
  });
  it('tells who is late when something slips', () => {
    const jobs = [job('a', 6), job('b', 6, { trades: ['trim'], after: ['a'] })];
    const end = (late: ReadonlyMap<string, number>) => Math.max(...calendarOf(jobs, 6, late).map((s) => s.toDay));
    expect(end(new Map([['a', 5]])) - end(new Map())).toBe(5);
  });
  it('says who is late when a job slips, and whether the car is', () => {
    const jobs = [
      job('metal', 12, { work: 'sill', trades: ['body'] }),
      job('paint', 12, { after: ['metal'] }),
      job('polish', 6, { work: 'polish', trades: ['detailer'] }),
    ];
    expect(slipOf(jobs, 6, 'metal', 7)).toEqual({ days: 7, later: [{ job: 'paint', days: 7 }] });
    expect(slipOf(jobs, 6, 'polish', 2)).toEqual({ days: 0, later: [] });
  });
});
