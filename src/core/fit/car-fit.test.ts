import { planOf } from '../body/plan';
import type { AnyRecord, RecordKind } from '../kinds';
import { KINDS } from '../kinds';
import { beyondTolerance } from './beyond-tolerance';
import { fitOfCar } from './car-fit';
import { notches } from './seams';
import { DEFAULT_TOLERANCES, toleranceFor, tolerancesSchema } from './tolerances';

const plan = planOf('fastback')!;
const AT = '2027-02-10T09:00:00Z';
let n = 0;
const record = (kind: RecordKind, body: object): AnyRecord =>
  ({
    id: `0194aaaa-0000-7000-8000-${String(++n).padStart(12, '0')}`,
    kind,
    version: 1,
    body: KINDS[kind].schema.parse(body),
  }) as AnyRecord;
const car = record('car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' });
const gap = (seam: string, gaps: readonly number[], flush: readonly number[] = []) => {
  const at = notches(plan.seams.get(seam)!.lengthMm, gaps.length);
  return record('gap', {
    seam,
    by: 'feeler',
    stations: gaps.map((gapMm, i) => ({ sMm: at[i], gapMm, flushMm: flush[i] ?? null })),
    at: AT,
  });
};
const judged = (...records: AnyRecord[]) => fitOfCar(plan, [car, ...records]);
const door = (side: 'left' | 'right', front: number[], rear: number[], sill: number[]) => [
  gap(`door.${side}.front|fender.${side}`, front),
  gap(`door.${side}.front|quarter.${side}`, rear),
  gap(`door.${side}.front|rocker.${side}`, sill),
];

it('judges a car by its era, and by its make or model where the table has a row for it', () => {
  expect(tolerancesSchema.safeParse(DEFAULT_TOLERANCES).success).toBe(true);
  expect([1938, 1952, 1967, 1991].map((year) => toleranceFor({ year }).nominalMm)).toEqual([5, 5, 4.5, 4]);
  const own = { ...DEFAULT_TOLERANCES[2]!, make: 'quillon', model: 'halyard', nominalMm: 3.8 };
  const make = { ...DEFAULT_TOLERANCES[2]!, make: 'quillon', nominalMm: 4.1 };
  const rows = [...DEFAULT_TOLERANCES, make, own];
  expect(toleranceFor({ make: ' Quillon', model: 'Halyard', year: 1967 }, rows).nominalMm).toBe(3.8);
  expect(toleranceFor({ make: 'Quillon', model: 'Other', year: 1967 }, rows).nominalMm).toBe(4.1);
  expect(toleranceFor({ make: 'Tolve', year: 1967 }, rows).nominalMm).toBe(4.5);
  // A row for a kind of zone speaks of its seams only, and goes before make and model there.
  const hood = { ...DEFAULT_TOLERANCES[2]!, seam: 'hood', nominalMm: 6 };
  const seamRows = [...rows, hood];
  const at = (seam?: string) =>
    toleranceFor({ make: 'Quillon', model: 'Halyard', year: 1967 }, seamRows, seam).nominalMm;
  expect([at(), at('cowl|hood'), at('door.left.front|fender.left')]).toEqual([3.8, 6, 3.8]);
  const door = [...rows, { ...hood, seam: 'door' }];
  expect(toleranceFor({ year: 1967 }, door, 'door.left.front|fender.left').nominalMm).toBe(6);
});

it('judges a car without a year by the newest era, and one outside all eras by the nearest of its own rows', () => {
  expect(toleranceFor({ year: null }).from).toBe(1980);
  const [first, , third] = DEFAULT_TOLERANCES;
  const closed = [
    { ...third!, from: 1961, to: 1979 },
    { ...first!, from: 1930, to: 1945 },
    { ...third!, make: 'sarvane', from: 1990, to: 1999, nominalMm: 9 },
  ];
  expect(toleranceFor({ make: 'Quillon', year: 1995 }, closed).from).toBe(1961);
  expect(toleranceFor({ make: 'Quillon', year: 1950 }, closed).from).toBe(1930);
  expect(toleranceFor({ make: 'Quillon', year: null }, closed).from).toBe(1961);
  expect(toleranceFor({ make: 'Sarvane', year: 1995 }, closed).nominalMm).toBe(9);
  expect(toleranceFor({ make: 'Sarvane', year: 1970 }, closed).from).toBe(1961);
});

it('judges a door by the row set for doors', () => {
  const stations = door('left', [4.5, 6, 7.5], [4.5, 3, 1.5], [4.5, 4.5]);
  const loose = { ...DEFAULT_TOLERANCES[2]!, seam: 'door', goodMm: 12, flushMm: 12 };
  const verdict = (rows: typeof DEFAULT_TOLERANCES) => {
    const fit = fitOfCar(plan, [car, ...stations], rows).panels.find((p) => p.zone === 'door.left.front')!.fit;
    return fit.ok && fit.verdict;
  };
  expect(verdict(DEFAULT_TOLERANCES)).not.toBe('good');
  expect(verdict([...DEFAULT_TOLERANCES, loose])).toBe('good');
});

it('counts what was measured last: before an adjustment is past, where it was measured again', () => {
  const seam = 'door.left.front|fender.left';
  const at = (g: AnyRecord, hour: number) =>
    ({ ...g, body: { ...g.body, at: `2027-02-10T${String(hour).padStart(2, '0')}:00:00Z` } }) as AnyRecord;
  const before = at(gap(seam, [8, 8, 8, 8], [2, 2, 2, 2]), 9);
  const after = at(gap(seam, [4.5, 4.5]), 11);
  const [found] = judged(after, before).seams;
  expect(found!.meanMm).toMatchObject({ value: 4.5, n: 2 });
  // The flushness was not measured again and stands.
  expect(found!.worstFlushMm).toBe(2);
  // A picture speaks of the piece it shows; beside it the older figures stand.
  const length = plan.seams.get(seam)!.lengthMm;
  const piece = at(
    record('gap', {
      seam,
      by: 'photo',
      stations: [0, 5, 10].map((s) => ({ sMm: s, gapMm: 5 })),
      at: AT,
    }),
    12,
  );
  const mixed = judged(before, piece).seams[0]!;
  expect(mixed.stations.filter((s) => s.gap).map((s) => s.gap!.value)).toEqual([5, 5, 5, 8, 8, 8, 8]);
  expect(length).toBeGreaterThan(100);
});

it('refuses tables that no car could be judged by', () => {
  const row = DEFAULT_TOLERANCES[0]!;
  for (const bad of [[], [{ ...row, make: 'quillon' }], [{ ...row, from: 1960, to: 1950 }], [{ ...row, goodMm: 0 }]])
    expect(tolerancesSchema.safeParse(bad).success).toBe(false);
  expect(tolerancesSchema.parse([row, { ...row, make: ' Quillon ' }])[1]!.make).toBe('quillon');
});

it('says nothing of a car without a measure, and counts nothing as good', () => {
  expect(judged()).toMatchObject({ seams: [], panels: [], hints: [], twins: [], stance: null });
  expect(judged().evenness).toEqual({ left: null, right: null, centre: null });
});

it('sums a seam up against nominal and tolerance, and compares it with the other side', () => {
  const found = judged(
    gap('door.left.front|fender.left', [4.4, 4.6, 4.5, 4.5]),
    gap('door.right.front|fender.right', [6.9, 7.1, 7, 7], [0.2, -1.8, 0.3, 0.1]),
  );
  const [left, right] = found.seams as [(typeof found.seams)[number], (typeof found.seams)[number]];
  expect(left.within).toBe(1);
  expect(right.within).toBe(0);
  expect(right.worstFlushMm).toBe(-1.8);
  expect(left.evenness!).toBeGreaterThan(90);
  expect(found.twins).toHaveLength(1);
  expect(found.twins[0]!.differMm.value).toBeCloseTo(-2.5, 6);
  expect(found.twins[0]!.differMm.high!).toBeLessThan(0);
});

it('finds a dropped door adjustable, on either side of the car alike, and suggests the worn hinge', () => {
  // The rear of the door hangs low: turned about its hinges, its top leans rearward, so that the front gap opens and the
  // rear gap closes towards the top, and the sill's closes towards the rear. Both doors are mirror images.
  const verdicts = (['left', 'right'] as const).map((side) => {
    const zone = plan.zones.get(`door.${side}.front`)!;
    const up = (slug: string) => {
      const seam = plan.seams.get(slug)!;
      const line = seam.lines[seam.zones[0] === zone.slug ? 0 : 1];
      // Whether the seam's first point is its upper one.
      const v = (p: readonly [number, number]) => Math.abs(p[1]);
      return v(line[0]!) < v(line.at(-1)!) ? 1 : -1;
    };
    const tilt = (slug: string, top: number) => {
      const values = [4.5 + top, 4.5 + top / 3, 4.5 - top / 3, 4.5 - top];
      return gap(slug, up(slug) === 1 ? values : [...values].reverse());
    };
    const found = judged(
      tilt(`door.${side}.front|fender.${side}`, 0.9),
      tilt(`door.${side}.front|quarter.${side}`, -0.9),
      gap(`door.${side}.front|rocker.${side}`, [5.9, 4.5, 3.1]),
      record('shut', { zone: zone.slug, dropMm: 4, at: AT }),
    );
    const panel = found.panels.find((p) => p.zone === zone.slug)!;
    if (!panel.fit.ok) throw new Error(panel.fit.reason);
    return { verdict: panel.fit.verdict, rot: panel.fit.inPlane.rotMrad.value!, hints: found.hints.map((h) => h.kind) };
  });
  expect(verdicts[0]!.verdict).toBe('adjust');
  expect(verdicts[1]!.verdict).toBe('adjust');
  expect(verdicts[0]!.rot).toBeCloseTo(verdicts[1]!.rot, 3);
  expect(verdicts[0]!.hints).toContain('worn-top-hinge');
});

it('tells a quarter of the wrong shape from a door that hangs off its place', () => {
  const found = judged(...door('left', [4.5, 4.5, 4.4], [4.4, 7.2, 7.4, 4.6], [4.5, 4.6, 4.4]));
  const panel = found.panels.find((p) => p.zone === 'door.left.front')!;
  expect(panel.fit.ok && panel.fit.verdict).toBe('reshape');
});

it('leaves out dropped stations and knows a lean and a shifted front', () => {
  const dropped = record('gap', {
    seam: 'fender.left|hood',
    by: 'photo',
    stations: [
      { sMm: 100, gapMm: 6, gapSeMm: 0.1 },
      { sMm: 200, gapMm: 30, gapSeMm: 0.1, touched: 'dropped' },
      { sMm: 300, gapMm: 6.2, gapSeMm: 0.1 },
    ],
    at: AT,
  });
  const found = judged(
    dropped,
    gap('fender.right|hood', [3.4, 3.6]),
    record('stance', { leftFrontMm: 650, rightFrontMm: 672, leftRearMm: 660, rightRearMm: 664, at: AT }),
  );
  expect(found.seams.find((s) => s.seam === 'fender.left|hood')!.meanMm.value).toBeCloseTo(6.1, 9);
  expect(found.hints.map((h) => h.kind)).toEqual(['shifted-front', 'lean']);
  expect(found.stance).toEqual({ leanFrontMm: -22, leanRearMm: -4, rakeLeftMm: 10, rakeRightMm: -8 });
  // A table that lets cars of these years lean further has nothing to say of it.
  const patient = DEFAULT_TOLERANCES.map((t) => ({ ...t, leanMm: 30 }));
  const stance = record('stance', { leftFrontMm: 650, rightFrontMm: 672, leftRearMm: 660, rightRearMm: 664, at: AT });
  expect(fitOfCar(plan, [stance], patient).hints).toEqual([]);
  expect(fitOfCar(plan, [stance]).hints.map((h) => h.kind)).toEqual(['lean']);
});

it('places notches evenly, clear of the ends', () => {
  expect(notches(600, 3)).toEqual([100, 300, 500]);
});

it('counts by how many tolerances a panel goes beyond, and leaves out panels that were not measured', () => {
  // Nominal 4.5 ± 1.25 mm: 7 mm is two tolerances off, one beyond; flush 2.5 likewise.
  const beyond = beyondTolerance(judged(gap('door.left.front|fender.left', [4.5, 7], [0, 2.5])));
  expect(beyond.get('door.left.front')).toBeCloseTo(0.5, 9);
  expect(beyond.get('fender.left')).toBeCloseTo(0.5, 9);
  expect(beyond.has('door.right.front')).toBe(false);
  expect(beyondTolerance(judged(gap('door.left.front|fender.left', [4.5, 5.7]))).get('fender.left')).toBe(0);
});
