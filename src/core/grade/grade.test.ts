import fc from 'fast-check';
import { planOf } from '../body/plan';
import type { Axis } from '../catalogue/axes';
import { FLAWS } from '../catalogue/flaws/catalogue';
import { OWN_WORDS } from '../catalogue/flaws/own-words';
import { fitsZone } from '../findings/likely';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { DEFAULT_TABLES } from './all-tables';
import { gradeCar } from './grade';
import { DEFAULT_GRADE_TABLES } from './shipped';
import { gradeTablesSchema, LENSES } from './tables';
import { bandName, powerMean } from './whole';

const plan = planOf('fastback')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const id = () => `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`;

const car = (extra = {}): AnyRecord => ({
  id: id(),
  kind: 'car',
  version: 1,
  body: {
    make: 'Quillon',
    model: 'Halyard',
    year: 1967,
    style: 'fastback',
    baseMetal: 'steel',
    build: null,
    fitted: { vinylRoof: false, sunroof: false, skirts: false },
    paintType: 'single-stage',
    colour: '',
    steering: 'left',
    chassisNumber: 'QH67-1',
    engineNumber: '',
    odometer: null,
    odometerDigits: null,
    keptIn: '',
    leave: { press: 'yes', liftCarpet: 'yes', removeTrim: 'no', drive: 'no' },
    ...extra,
  },
});
const look = (zone: string, aspect: string, outcome = 'clean', at = AT): AnyRecord =>
  ({
    id: id(),
    kind: 'look',
    version: 1,
    body: { zone, aspect, outcome, why: outcome === 'blocked' ? 'no-key' : null, note: '', at },
  }) as AnyRecord;
const finding = (zone: string, flaw: string, extra = {}): AnyRecord =>
  ({
    id: id(),
    kind: 'finding',
    version: 1,
    body: {
      zone,
      flaw,
      count: 1,
      sizeMm: null,
      share: null,
      iso4628: null,
      place: null,
      where: '',
      evidence: 'seen',
      visibleFromM: null,
      active: 'unknown',
      treated: 'unknown',
      joined: null,
      outline: null,
      touchedIn: false,
      magnet: null,
      photos: [],
      note: '',
      withheld: null,
      at: AT,
      ...extra,
    },
  }) as AnyRecord;
const reading = (zone: string, um: number): AnyRecord =>
  ({
    id: id(),
    kind: 'reading',
    version: 1,
    body: {
      zone,
      state: 'read',
      thicknessUm: um,
      typed: { text: String(um), unit: 'um' },
      place: null,
      visit: null,
      confirmed: false,
      note: '',
      at: AT,
    },
  }) as AnyRecord;

const cells = [...plan.zones.values()].flatMap((z) => z.aspects.map((a) => [z.slug, a] as const));
const judged = (records: readonly AnyRecord[]) => judge({ plan, records, tables: DEFAULT_TABLES });
const grade = (records: readonly AnyRecord[]) => gradeCar(judged(records), 2027, DEFAULT_TABLES);

const clean = () => [car(), ...cells.map(([z, a]) => look(z, a))];
const axisOf = (records: readonly AnyRecord[], axis: Axis) => grade(records).axes.find((a) => a.axis === axis)!;
const wholeOf = (records: readonly AnyRecord[], lens: string) => grade(records).whole.find((w) => w.lens === lens)!;
const widthOf = (g: { low: number | null; high: number | null }) => g.high! - g.low!;

const canBe = FLAWS.filter((f) => f.id !== OWN_WORDS).flatMap((f) =>
  [...plan.zones.values()].filter((z) => fitsZone(f, z)).map((z) => [z.slug, f.id] as const),
);
const aFinding = fc
  .record({
    what: fc.constantFrom(...canBe),
    count: fc.integer({ min: 1, max: 30 }),
    sizeMm: fc.option(fc.integer({ min: 1, max: 900 })),
    share: fc.option(fc.double({ min: 0.01, max: 0.8, noNaN: true })),
  })
  .map(({ what: [zone, flaw], ...extent }) => finding(zone, flaw, extent));
const someLooks = fc.shuffledSubarray(cells, { minLength: 0 }).map((some) => some.map(([z, a]) => look(z, a)));
const film = fc
  .constantFrom(null, 118, 270, 900)
  .map((um) =>
    um === null ? [] : ['hood', 'door.left.front', 'quarter.left'].flatMap((z) => [reading(z, um), reading(z, um)]),
  );

/** Every figure that more findings must not raise. */
const figures = (records: readonly AnyRecord[]) => {
  const g = grade(records);
  return [
    ...g.axes.map((a) => [a.axis, a.grade.value!] as const),
    ...g.whole.map((w) => [w.lens, w.grade.value!] as const),
  ];
};

it('never rises with one more finding, whatever was looked at and found before', () => {
  fc.assert(
    fc.property(someLooks, fc.array(aFinding, { maxLength: 6 }), aFinding, film, (looks, found, more, measured) => {
      const before = [car(), ...looks, ...measured, ...found];
      const after = new Map(figures([...before, more]));
      for (const [of, value] of figures(before))
        expect([of, after.get(of)!]).toEqual([of, Math.min(value + 1e-9, after.get(of)!)]);
    }),
    { seed: 7, numRuns: 60 },
  );
});

it('never rises with a larger finding, or with more of them', () => {
  fc.assert(
    fc.property(someLooks, aFinding, fc.double({ min: 1, max: 5, noNaN: true }), (looks, f, times) => {
      const body = f.body as { count: number; sizeMm: number | null; share: number | null };
      const larger = {
        ...f,
        body: {
          ...body,
          count: Math.ceil(body.count * times),
          sizeMm: body.sizeMm && body.sizeMm * times,
          share: body.share && Math.min(1, body.share * times),
        },
      } as AnyRecord;
      const after = new Map(figures([car(), ...looks, larger]));
      for (const [of, value] of figures([car(), ...looks, f])) expect(after.get(of)!).toBeLessThanOrEqual(value + 1e-9);
    }),
    { seed: 17, numRuns: 40 },
  );
});

it('never narrows by looking less, axis or whole', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(cells), fc.double({ min: 0, max: 1, noNaN: true }), (looked, part) => {
      const less = looked.slice(0, Math.floor(looked.length * part));
      const [wide, narrow] = [less, looked].map((some) => grade([car(), ...some.map(([z, a]) => look(z, a))]));
      for (const [i, a] of narrow!.axes.entries())
        expect(widthOf(wide!.axes[i]!.grade)).toBeGreaterThanOrEqual(widthOf(a.grade) - 1e-9);
      for (const [i, w] of narrow!.whole.entries())
        expect(widthOf(wide!.whole[i]!.grade)).toBeGreaterThanOrEqual(widthOf(w.grade) - 1e-9);
    }),
    { seed: 3, numRuns: 40 },
  );
});

it('does not depend on the order of entry', () => {
  fc.assert(
    fc.property(fc.array(aFinding, { minLength: 2, maxLength: 8 }), someLooks, (found, looks) => {
      const one = figures([car(), ...looks, ...found]);
      const other = new Map(figures([car(), ...[...looks].reverse(), ...[...found].reverse()]));
      for (const [of, value] of one) expect(other.get(of)!).toBeCloseTo(value, 9);
    }),
    { seed: 23, numRuns: 20 },
  );
});

it('weighs the left and the right twin alike', () => {
  const twins = canBe.filter(([zone]) => plan.zones.get(zone)!.twin !== null);
  fc.assert(
    fc.property(fc.constantFrom(...twins), fc.integer({ min: 5, max: 400 }), ([zone, flaw], sizeMm) => {
      const left = figures([...clean(), finding(zone, flaw, { sizeMm })]);
      const right = new Map(figures([...clean(), finding(plan.zones.get(zone)!.twin!, flaw, { sizeMm })]));
      for (const [of, value] of left) expect(right.get(of)!).toBeCloseTo(value, 6);
    }),
    { seed: 29, numRuns: 40 },
  );
});

it('calls nothing unseen good: with no look a car is as cars of its age are', () => {
  const g = grade([car()]);
  expect(judged([car()]).coverage.whole.seen).toBe(0);
  for (const w of g.whole) {
    expect(w.forItsYears).toBeGreaterThan(35);
    expect(w.forItsYears).toBeLessThan(65);
    expect(widthOf(w.grade)).toBeGreaterThan(25);
  }
});

it('treats blocked as unseen, with its reason', () => {
  const records = [car(), look('trunk.well', 'corrosion', 'blocked')];
  const cell = judged(records).coverage.cells.find((c) => c.zone.slug === 'trunk.well' && c.aspect === 'corrosion')!;
  expect(cell).toMatchObject({ status: 'blocked', why: 'no-key', looked: false });
  expect(grade(records).axes).toEqual(grade([car()]).axes);
});

it('lets the latest look count, and a finding outweigh a clean look', () => {
  const cellOf = (records: AnyRecord[]) =>
    judged(records).coverage.cells.find((c) => c.zone.slug === 'hood' && c.aspect === 'paint')!;
  const later = [
    look('hood', 'paint', 'blocked', '2027-02-10T08:00:00Z'),
    look('hood', 'paint', 'clean', '2027-02-10T10:00:00Z'),
  ];
  expect(cellOf([car(), ...later]).status).toBe('clean');
  expect(cellOf([car(), look('hood', 'paint'), finding('hood', 'chip')])).toMatchObject({
    status: 'findings',
    looked: true,
  });
  expect(cellOf([car(), finding('hood', 'chip')]).looked).toBe(false);
});

it('leaves doubt where only a finding is on record and nobody said that the rest is clean', () => {
  const chips = Array.from(plan.zones.values())
    .filter((z) => z.view === 'outside' && z.aspects.includes('paint'))
    .map((z) => finding(z.slug, 'chip'));
  const [bare, looked] = [
    [car(), ...chips],
    [...clean(), ...chips],
  ].map((r) => axisOf(r, 'finish'));
  expect(widthOf(bare!.grade)).toBeGreaterThan(widthOf(looked!.grade));
  expect(bare!.grade.value!).toBeLessThan(looked!.grade.value!);
  expect(bare!.seen).toBeGreaterThan(0.8);
});

it('caps the whole at structural loss, running at unsafe brakes, authenticity without a number', () => {
  const bad = grade([...clean(), finding('rail.left.front', 'structural-loss')]);
  for (const w of bad.whole) expect(w.grade.value!).toBeLessThanOrEqual(DEFAULT_TABLES.findingCaps.structuralLoss);
  expect(bad.gates).toContain('structural-loss');
  const brakes = grade([...clean(), finding('reservoir.brake', 'leak-drips')]);
  expect(brakes.axes.find((a) => a.axis === 'running')!.grade.value!).toBeLessThanOrEqual(30);
  expect(brakes.endings.map((e) => e.need)).toEqual(['brakes']);
  const nameless = grade([car({ chassisNumber: '' }), ...cells.map(([z, a]) => look(z, a))]);
  expect(nameless.axes.find((a) => a.axis === 'authenticity')!.grade.value!).toBeLessThanOrEqual(50);
});

describe('rules that hold whatever the arithmetic', () => {
  const PROJECT = 45;
  const PROUD = 78;
  it.each([
    ['engine', 'inoperative'],
    ['engine', 'missing'],
    ['glass.windshield', 'missing'],
    ['reservoir.brake', 'inoperative'],
    ['wheel.right.rear', 'tire-damaged'],
  ])('%s %s brings running down to Project and the tourer out of Proud', (zone, flaw) => {
    const g = grade([...clean(), finding(zone, flaw)]);
    expect(g.axes.find((a) => a.axis === 'running')!.grade.value!).toBeLessThan(PROJECT);
    expect(g.whole.find((w) => w.lens === 'tourer')!.grade.value!).toBeLessThan(PROUD);
    expect(g.endings).toHaveLength(1);
  });

  it('takes one tail lamp for a fault, and both for the end of its use', () => {
    const lamps = ['lamp.left.tail', 'lamp.right.tail'].map((z) => finding(z, 'inoperative'));
    expect(grade([...clean(), lamps[0]!]).endings).toEqual([]);
    expect(grade([...clean(), ...lamps]).endings.map((e) => e.need)).toEqual(['rear-lamps']);
  });

  it('takes a part that is named for that part: a dead choke is no dead engine', () => {
    const choke = grade([...clean(), finding('engine', 'inoperative', { where: 'choke' })]);
    expect(choke.endings).toEqual([]);
    expect(choke.axes.find((a) => a.axis === 'running')!.grade.value!).toBeGreaterThan(80);
  });

  it.each(['does not run', 'does not turn by hand', "won't start", 'seized', 'Will not start, tank dry'])(
    'takes what is said of the whole for the whole: engine %s',
    (where) => {
      expect(grade([...clean(), finding('engine', 'inoperative', { where })]).endings.map((e) => e.need)).toEqual([
        'engine',
      ]);
    },
  );

  it('is not washed out by clean places: two sills rusted through, all else clean', () => {
    const g = grade([
      ...clean(),
      finding('rocker.left', 'perforated', { sizeMm: 200 }),
      finding('rocker.right', 'perforated', { sizeMm: 200 }),
    ]);
    expect(g.axes.find((a) => a.axis === 'metal')!.grade.value!).toBeLessThan(PROJECT);
  });

  it('lets factory paint with wear lose little with the keeper and more at a show, and a respray the reverse', () => {
    const panels = ['hood', 'roof', 'deck', 'door.left.front', 'door.right.front', 'fender.left', 'fender.right'];
    const filmOf = (um: number) => panels.flatMap((z) => [0, 3, -4, 6, 2].map((d) => reading(z, um + d)));
    const faded = [...clean(), ...filmOf(118), ...panels.map((z) => finding(z, 'fading', { share: 0.5 }))];
    const respray = [...clean(), ...filmOf(270)];
    const of = (records: AnyRecord[], lens: string) => wholeOf(records, lens).grade.value!;
    expect(of(faded, 'keeper') - of(faded, 'show')).toBeGreaterThan(10);
    expect(of(respray, 'show') - of(respray, 'keeper')).toBeGreaterThan(5);
  });
});

it('takes measured paint into finish, metal and authenticity', () => {
  const panels = ['hood', 'roof', 'deck', 'fender.left', 'fender.right'];
  const factory = [...clean(), ...panels.flatMap((z) => [118, 121, 125, 116, 122].map((v) => reading(z, v)))];
  const filled = [...clean(), ...panels.flatMap((z) => [480, 300, 495, 620, 900].map((v) => reading(z, v)))];
  for (const axis of ['finish', 'metal', 'authenticity'] as const)
    expect(axisOf(filled, axis).grade.value!).toBeLessThan(axisOf(factory, axis).grade.value! - 3);
});

it('says what each axis lost, making up the difference to 100', () => {
  const g = grade([
    ...clean(),
    finding('hood', 'chip', { count: 9 }),
    finding('rocker.left', 'perforated'),
    finding('engine', 'inoperative'),
    finding('rail.left.front', 'structural-loss'),
  ]);
  for (const a of g.axes) {
    const lost = a.losses.reduce((s, l) => s + l.points, 0);
    expect([a.axis, Math.abs(100 - lost - a.grade.value!) < 1e-6]).toEqual([a.axis, true]);
  }
  expect(g.axes.find((a) => a.axis === 'running')!.losses[0]).toMatchObject({ by: 'ends' });
  expect(g.axes.find((a) => a.axis === 'metal')!.losses[0]!.zone).toBe('rocker.left');
});

it('names the bands that an interval touches, the best first', () => {
  const bands = (value: number) => DEFAULT_GRADE_TABLES.bands.find((b) => value >= b.from)!.name;
  for (const w of grade([car(), ...cells.slice(0, 60).map(([z, a]) => look(z, a))]).whole) {
    expect(w.bands[0]).toBe(bands(w.grade.high!));
    expect(w.bands.at(-1)).toBe(bands(w.grade.low!));
    expect(w.bands).toContain(w.band);
  }
});

it('shows one bad axis in the whole', () => {
  // Worked by hand: the harmonic mean of 80 and 40 is 53.33, their arithmetic mean 60.
  expect(powerMean([80, 40], [1, 1], -1)).toBeCloseTo(53.3333, 3);
  expect(powerMean([80, 40], [1, 1], 1)).toBeCloseTo(60, 9);
  expect(powerMean([80, 20], [1, 1], 0)).toBeCloseTo(40, 9);
});

it('names bands and ships tables its own schema accepts', () => {
  expect([95, 80, 62, 61.9, 30, 3].map((v) => bandName(v))).toEqual([
    'Exhibit',
    'Proud',
    'Honest',
    'Working',
    'Project',
    'Donor',
  ]);
  expect(gradeTablesSchema.parse(DEFAULT_GRADE_TABLES)).toEqual(DEFAULT_GRADE_TABLES);
  const falling = {
    ...DEFAULT_GRADE_TABLES.curves,
    metal: [
      [0, 0],
      [0.5, 40],
      [0.7, 30],
    ],
  };
  expect(gradeTablesSchema.safeParse({ ...DEFAULT_GRADE_TABLES, curves: falling }).success).toBe(false);
});

describe('what would move it', () => {
  it('names the unseen places that make most doubt, and what clears blocked ones', () => {
    const blocked = plan.lap.underneath.flatMap((z) => plan.zones.get(z)!.aspects.map((a) => look(z, a, 'blocked')));
    const { unseenMovers } = grade([car(), ...blocked]);
    expect(unseenMovers).toHaveLength(8);
    for (const m of unseenMovers)
      expect([m.zone, m.blocked]).toEqual([m.zone, plan.zones.get(m.zone)!.view === 'underneath' ? 'no-key' : null]);
    for (let i = 1; i < unseenMovers.length; i++)
      expect(unseenMovers[i]!.points).toBeLessThanOrEqual(unseenMovers[i - 1]!.points);
    expect(grade(clean()).unseenMovers).toEqual([]);
  });

  it('names the repairs that would raise it most, by as much as doing them does, with what they take', () => {
    const dead = finding('engine', 'inoperative');
    const chip = finding('hood', 'chip');
    const sill = finding('rocker.left', 'perforated', { sizeMm: 150 });
    const records = [...clean(), chip, sill, dead];
    const { repairMovers } = grade(records);
    expect(repairMovers.slice(0, 2).map((m) => m.finding)).toEqual(expect.arrayContaining([dead.id, sill.id]));
    expect(repairMovers.at(-1)!.finding).toBe(chip.id);
    for (const m of repairMovers)
      for (const lens of LENSES) {
        const without = wholeOf(
          records.filter((r) => r.id !== m.finding),
          lens,
        ).grade.value!;
        // What was found still tells of what was not seen, mended or not: within half a point.
        expect(m.points[lens]).toBeCloseTo(without - wholeOf(records, lens).grade.value!, 0);
      }
    expect(repairMovers.find((m) => m.finding === sill.id)!.effort).toBeGreaterThan(
      20 * repairMovers.find((m) => m.finding === chip.id)!.effort,
    );
  });
});

describe('what was measured', () => {
  const panels = ['hood', 'roof', 'deck', 'fender.left', 'fender.right', 'door.left.front', 'door.right.front'];
  const over = (zone: string): AnyRecord => {
    const r = reading(zone, 900);
    return { ...r, body: { ...r.body, state: 'over', thicknessUm: 500 } } as AnyRecord;
  };
  const filmOf = (make: (z: string) => AnyRecord) => panels.flatMap((z) => Array.from({ length: 5 }, () => make(z)));
  const axis = (records: AnyRecord[], name: Axis) => axisOf([car(), ...records], name);

  it('moves the finish without a pressed look, and counts as seen', () => {
    const [nothing, filled, factory] = [
      axis([], 'finish'),
      axis(filmOf(over), 'finish'),
      axis(
        filmOf((z) => reading(z, 118)),
        'finish',
      ),
    ];
    expect(filled.grade.value).toBeLessThan(nothing.grade.value! - 5);
    expect(factory.grade.value).toBeGreaterThan(filled.grade.value! + 5);
    expect(filled.seen).toBeGreaterThan(0.3);
  });

  it('moves the fit: a door with wide gaps, and a panel with waves', () => {
    const station = { gapSeMm: null, flushMm: null, flushSeMm: null, edgesPx: null, touched: null, refused: null };
    const gap = {
      id: id(),
      kind: 'gap',
      version: 1,
      body: {
        seam: 'door.left.front|fender.left',
        by: 'feeler',
        photo: null,
        evidence: 'measured',
        note: '',
        at: AT,
        stations: [100, 300, 500].map((sMm) => ({ sMm, gapMm: 9, ...station })),
      },
    } as unknown as AnyRecord;
    const band = (value: number) => ({ value, low: value, high: value });
    const waves = (longMm: number) =>
      ({
        id: id(),
        kind: 'waves',
        version: 1,
        body: { zone: 'hood', photo: id(), lengthMm: 600, shortMm: band(0.01), longMm: band(longMm), edges: 9, at: AT },
      }) as unknown as AnyRecord;
    const straight = axisOf(clean(), 'fit').grade.value!;
    expect(axisOf([...clean(), gap], 'fit').grade.value).toBeLessThan(straight - 0.5);
    expect(axisOf([...clean(), waves(0.05)], 'fit').grade.value).toBeCloseTo(straight, 9);
    expect(axisOf([...clean(), waves(0.6)], 'fit').grade.value).toBeLessThan(straight - 2);
  });

  it('moves the finish: a panel of another colour than its neighbour, by what is beyond doubt', () => {
    const colour = (low: number) =>
      ({
        id: id(),
        kind: 'colour',
        version: 1,
        body: {
          zone: 'hood',
          against: 'fender.left',
          angles: [],
          deltaE: { value: low + 2, low, high: low + 4 },
          at: AT,
        },
      }) as unknown as AnyRecord;
    const alike = axisOf(clean(), 'finish').grade.value!;
    expect(axisOf([...clean(), colour(1)], 'finish').grade.value).toBeCloseTo(alike, 9);
    expect(axisOf([...clean(), colour(7)], 'finish').grade.value).toBeLessThan(alike - 2);
  });
});
