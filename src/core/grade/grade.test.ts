import fc from 'fast-check';
import { planOf } from '../body/plan';
import { AXES } from '../catalogue/axes';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { DEFAULT_TABLES } from './all-tables';
import { gradeCar } from './grade';
import { eyeCorrection, noticedFromM } from './presents';
import { DEFAULT_GRADE_TABLES, gradeTablesSchema, LENSES } from './tables';
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
    fitted: { vinylRoof: false, sunroof: false, skirts: false },
    paintType: 'single-stage',
    colour: '',
    steering: 'left',
    chassisNumber: 'QH67-1',
    engineNumber: '',
    odometer: null,
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
const grade = (records: readonly AnyRecord[]) => gradeCar(judged(records), 2027, DEFAULT_TABLES.grade);
const width = (records: AnyRecord[], axis: string) => {
  const g = grade(records).axes.find((a) => a.axis === axis)!.grade;
  return g.high! - g.low!;
};

it('narrows every axis as looks are added, and never widens one', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray(cells, { minLength: 30, maxLength: 60 }), (order) => {
      let before = new Map(AXES.map((a) => [a, Infinity]));
      const records = [car()];
      for (let i = 0; i < order.length; i += 15) {
        records.push(...order.slice(i, i + 15).map(([z, a]) => look(z, a)));
        const now = new Map(grade(records).axes.map((a) => [a.axis, a.grade.high! - a.grade.low!]));
        for (const [axis, w] of now) if (w > before.get(axis)! + 1e-9) return false;
        before = now;
      }
      return true;
    }),
    { seed: 3, numRuns: 6 },
  );
});

it('calls nothing unseen good: with no look the axes are the expectation of the age', () => {
  const g = grade([car()]);
  expect(judged([car()]).coverage.whole.seen).toBe(0);
  const finish = g.axes.find((a) => a.axis === 'finish')!;
  expect(finish.grade.value).toBeCloseTo(96 - 36, 6);
  expect(finish.forItsYears).toBeCloseTo(50, 4);
  expect(finish.grade.high! - finish.grade.low!).toBeGreaterThan(25);
});

it('treats blocked as unseen, with its reason', () => {
  const records = [car(), look('trunk.well', 'corrosion', 'blocked')];
  const cell = judged(records).coverage.cells.find((c) => c.zone.slug === 'trunk.well' && c.aspect === 'corrosion')!;
  expect(cell).toMatchObject({ status: 'blocked', why: 'no-key' });
  expect(grade(records).axes).toEqual(grade([car()]).axes);
});

it('lets the latest look count, and a finding outweigh a clean look', () => {
  const later = judged([
    car(),
    look('hood', 'paint', 'blocked', '2027-02-10T08:00:00Z'),
    look('hood', 'paint', 'clean', '2027-02-10T10:00:00Z'),
  ]);
  expect(later.coverage.cells.find((c) => c.zone.slug === 'hood' && c.aspect === 'paint')!.status).toBe('clean');
  const found = judged([car(), look('hood', 'paint'), finding('hood', 'chip')]);
  expect(found.coverage.cells.find((c) => c.zone.slug === 'hood' && c.aspect === 'paint')!.status).toBe('findings');
});

it('lowers the axis of a finding, and saturates with many small ones', () => {
  const clean = [car(), ...cells.map(([z, a]) => look(z, a))];
  const at = (records: AnyRecord[], axis: string) => grade(records).axes.find((a) => a.axis === axis)!.grade.value!;
  const one = at([...clean, finding('hood', 'chip', { count: 1 })], 'finish');
  const nine = at([...clean, finding('hood', 'chip', { count: 9 })], 'finish');
  const top = at(clean, 'finish');
  expect(one).toBeLessThan(top);
  expect(top - nine).toBeLessThan(4.5 * (top - one));
  expect(at([...clean, finding('rail.left.front', 'perforated')], 'underside')).toBeLessThan(at(clean, 'underside'));
});

it('caps the whole at structural loss, running at unsafe brakes, authenticity without a number', () => {
  const clean = [car(), ...cells.map(([z, a]) => look(z, a))];
  const bad = grade([...clean, finding('rail.left.front', 'structural-loss')]);
  for (const w of bad.whole) expect(w.grade.value!).toBeLessThanOrEqual(DEFAULT_TABLES.findingCaps.structuralLoss);
  expect(bad.gates).toContain('structural-loss');
  const brakes = grade([...clean, finding('reservoir.brake', 'leak-drips')]);
  expect(brakes.axes.find((a) => a.axis === 'running')!).toMatchObject({ capped: true, grade: { value: 30 } });
  const nameless = grade([car({ chassisNumber: '' }), ...cells.map(([z, a]) => look(z, a))]);
  expect(nameless.axes.find((a) => a.axis === 'authenticity')!.grade.value!).toBeLessThanOrEqual(50);
});

it('takes measured paint into finish and authenticity', () => {
  const clean = [car(), ...cells.map(([z, a]) => look(z, a))];
  const panels = ['hood', 'roof', 'deck', 'fender.left', 'fender.right'];
  const factory = grade([...clean, ...panels.flatMap((z) => [118, 121, 125, 116, 122].map((v) => reading(z, v)))]);
  const filled = grade([...clean, ...panels.flatMap((z) => [480, 300, 495, 620, 900].map((v) => reading(z, v)))]);
  const of = (g: typeof factory, axis: string) => g.axes.find((a) => a.axis === axis)!.grade.value!;
  expect(of(filled, 'finish')).toBeLessThan(of(factory, 'finish') - 3);
  expect(of(filled, 'authenticity')).toBeLessThan(of(factory, 'authenticity') - 3);
});

it('weighs the lenses apart', () => {
  const clean = [car(), ...cells.map(([z, a]) => look(z, a))];
  const g = grade([
    ...clean,
    finding('engine', 'inoperative', { count: 4 }),
    finding('battery', 'inoperative'),
    finding('radiator', 'leak-drips'),
    finding('door.left.front', 'inoperative'),
  ]);
  const of = (lens: string) => g.whole.find((w) => w.lens === lens)!.grade.value!;
  expect(of('tourer')).toBeLessThan(of('show'));
  expect(g.whole.map((w) => w.lens)).toEqual([...LENSES]);
  expect(
    g.findingMovers
      .slice(0, 2)
      .map((m) => m.zone)
      .sort(),
  ).toEqual(['door.left.front', 'engine']);
});

it('shows one bad axis in the whole', () => {
  // Worked by hand: the harmonic mean of 80 and 40 is 53.33, their arithmetic mean 60.
  expect(powerMean([80, 40], [1, 1], -1)).toBeCloseTo(53.3333, 3);
  expect(powerMean([80, 40], [1, 1], 1)).toBeCloseTo(60, 9);
  expect(powerMean([80, 20], [1, 1], 0)).toBeCloseTo(40, 9);
});

it('tells from how far a chip is seen', () => {
  const chip = finding('hood', 'chip', { sizeMm: 1 }).body as Parameters<typeof noticedFromM>[0];
  const eye = DEFAULT_GRADE_TABLES.eye;
  // A 1 mm mark of full contrast subtends one minute of arc at 1 mm / tan(1/60°) = 3.44 m.
  expect(noticedFromM(chip, false, { ...eye, atNoContrast: 1 })).toBeCloseTo(0.001 / Math.tan(Math.PI / 180 / 60), 2);
  expect(noticedFromM(chip, true, eye)).toBeLessThan(noticedFromM(chip, false, eye) * 0.7);
  expect(noticedFromM({ ...chip, visibleFromM: 4.5 }, true, eye)).toBe(4.5);
  const g = grade([
    car(),
    finding('hood', 'chip', { sizeMm: 1 }),
    finding('seat.rear', 'split', { sizeMm: 400 }),
    finding('roof', 'wave', { visibleFromM: 2 }),
  ]);
  expect(g.presents.metres).toBeGreaterThanOrEqual(2);
  expect(g.presents.metres).toBeLessThan(4);
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
});

it('lists the unseen places that would narrow the whole most', () => {
  const g = grade([car()]);
  expect(g.unseenMovers).toHaveLength(8);
  expect(
    width([car(), look(g.unseenMovers[0]!.zone, plan.zones.get(g.unseenMovers[0]!.zone)!.aspects[0]!)], 'finish'),
  ).toBeLessThanOrEqual(width([car()], 'finish'));
});

it('corrects the distances of a car by what was seen on it, carefully and within bounds', () => {
  const { eye } = DEFAULT_GRADE_TABLES;
  const body = (extra = {}) =>
    finding('hood', 'chip', { sizeMm: 3, ...extra }).body as Parameters<typeof noticedFromM>[0];
  const modelled = noticedFromM(body(), false, eye);
  expect(eyeCorrection([body(), body()], false, eye)).toBe(1);
  // One finding seen from twice as far moves it by the fourth root: the model counts for three.
  expect(eyeCorrection([body({ visibleFromM: 2 * modelled })], false, eye)).toBeCloseTo(2 ** (1 / 4), 9);
  const many = Array.from({ length: 40 }, () => body({ visibleFromM: 8 * modelled }));
  expect(eyeCorrection(many, false, eye)).toBe(eye.mostCorrection);
});

describe('what was measured', () => {
  const reading = (zone: string, um: number): AnyRecord =>
    ({
      id: id(),
      kind: 'reading',
      version: 1,
      body: {
        zone,
        state: um >= 900 ? 'over' : 'read',
        thicknessUm: um,
        typed: { text: String(um), unit: 'um' },
        place: null,
        visit: null,
        confirmed: false,
        origin: 'car',
        note: '',
        at: AT,
      },
    }) as AnyRecord;
  const panels = ['hood', 'roof', 'deck', 'fender.left', 'fender.right', 'door.left.front', 'door.right.front'];
  const film = (um: number) => panels.flatMap((z) => Array.from({ length: 5 }, () => reading(z, um)));
  const axis = (records: AnyRecord[], name: string) => grade([car(), ...records]).axes.find((a) => a.axis === name)!;

  it('moves the finish without a pressed look, and counts as seen', () => {
    const [nothing, filled, factory] = [axis([], 'finish'), axis(film(900), 'finish'), axis(film(118), 'finish')];
    expect(filled.grade.value).toBeLessThan(nothing.grade.value! - 10);
    expect(factory.grade.value).toBeLessThanOrEqual(nothing.grade.value! + 1);
    expect(filled.seen).toBeGreaterThan(0.3);
  });

  it('moves the fit: a door with wide gaps', () => {
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
        stations: [100, 300, 500].map((sMm) => ({
          sMm,
          gapMm: 9,
          gapSeMm: null,
          flushMm: null,
          flushSeMm: null,
          edgesPx: null,
          touched: null,
          refused: null,
        })),
      },
    } as unknown as AnyRecord;
    expect(axis([gap], 'fit').grade.value).toBeLessThan(axis([], 'fit').grade.value! - 0.5);
  });

  it('is not charged to a finding beside it', () => {
    const chip = finding('hood', 'chip');
    const cost = (records: AnyRecord[]) =>
      grade([car(), chip, ...records]).findingMovers.find((m) => m.finding === chip.id)!.points;
    const alone = cost([look('hood', 'paint')]);
    expect(cost(Array.from({ length: 6 }, () => reading('hood', 900)))).toBeLessThan(alone * 1.6);
  });

  it('never offers a blocked place as a look that would narrow the grade', () => {
    const blocked = plan.lap.underneath.flatMap((z) => plan.zones.get(z)!.aspects.map((a) => look(z, a, 'blocked')));
    const { unseenMovers } = grade([car(), ...blocked]);
    expect(unseenMovers.length).toBeGreaterThan(0);
    for (const m of unseenMovers) expect(plan.zones.get(m.zone)!.view).not.toBe('underneath');
  });
});
