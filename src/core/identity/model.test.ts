import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { cautionsOf, judge, missingFrom } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { TEST_AT as AT, recordOf as record } from '../kinds/test-records';

const plan = planOf('fastback')!;
const car = (more: object = {}) =>
  record('car', {
    make: 'Quillon',
    model: 'Halyard',
    year: 1967,
    style: 'fastback',
    chassisNumber: 'QHF67-04418',
    ...more,
  });
const judged = (...records: AnyRecord[]) => judge({ plan, records, tables: DEFAULT_TABLES });
const identity = (...records: AnyRecord[]) => judged(...records).identity;
const visit = record('visit', {
  startedAt: AT,
  place: 'depot',
  inspector: 'Ilse Brandvik',
  light: 'indoor',
  surface: 'dry',
  clean: true,
  lift: 'pit',
});

describe('numbers', () => {
  it('are read by the scheme, compared with each other, and asked about where one character is easily misread', () => {
    const j = identity(
      car({ engineNumber: 'QH 04418' }),
      record('number', { place: 'frame', asRead: 'QHF67-O4418' }),
      record('number', { place: 'title', asRead: 'QHF67-04418' }),
      record('number', { place: 'gearbox', asRead: 'G 1127' }),
    );
    expect(j.decoded).toMatchObject({ template: 'quillon-unitary', fits: true, year: 1967 });
    expect(j.engine.is).toBe('original');
    expect(j.lookAgain.map((n) => n.record.body.place)).toEqual(['frame']);
    expect(j.differs).toEqual([]);
  });
  it('are the same where only their last characters stand there', () => {
    const j = identity(
      car(),
      record('number', { place: 'glass', asRead: '04418' }),
      record('number', { place: 'frame', asRead: '418' }),
    );
    expect(j.numbers.map((n) => n.compared)).toMatchObject([{ same: true }, { same: false }]);
  });
  it('cap authenticity and bring a caution where they differ beyond that', () => {
    const differs = judged(car(), record('number', { place: 'frame', asRead: 'QHF67-09120' }));
    expect(differs.identity.differs).toHaveLength(1);
    expect(cautionsOf(differs)).toContain('numbers-differ');
    expect(cautionsOf(judged(car(), record('number', { place: 'gearbox', asRead: 'X' })))).not.toContain(
      'numbers-differ',
    );
  });
  it('take the engine’s from its stamp where the intake has none', () => {
    const stamp = record('number', { place: 'engine-stamp', asRead: 'QH 20416' });
    expect(identity(car(), stamp).engine).toMatchObject({ is: 'another', expected: 'QH 04418' });
    expect(identity(car()).engine).toEqual({ is: 'not-told', why: 'no-engine-number' });
  });
  it('say nothing of a car of which nothing was read', () => {
    const j = identity(record('car', { make: '', model: '', year: null, style: 'fastback' }));
    expect(j).toMatchObject({ decoded: null, chassis17: null, built: null, odometer: null, dates: [], kept: [] });
    expect(j.engine.is).toBe('not-told');
  });
});

describe('dates', () => {
  const date = (part: string, code: string) => record('dated', { part, code });
  it('are judged by the plate, else by the year of the number, else by the year that is stated', () => {
    expect(identity(car(), date('build', '12.04.1967')).built).toEqual({
      from: '1967-04-12',
      to: '1967-04-12',
      by: 'plate',
    });
    expect(identity(car()).built).toEqual({ from: '1967-01-01', to: '1967-12-31', by: 'number' });
    expect(identity(car({ chassisNumber: '' })).built).toMatchObject({ by: 'year' });
    expect(identity(car({ chassisNumber: '', year: null })).built).toBeNull();
  });
  it('fit, are too late, or are not understood with the reason', () => {
    const { dates } = identity(
      car(),
      date('build', '12.04.1967'),
      date('casting.block', 'C 14 7'),
      date('casting.head', 'H 3 7'),
      date('glass.windshield', '84'),
      date('casting.block', 'ZZ 9'),
      date('casting.block', 'B 30 7'),
      date('flux-capacitor', '1'),
    );
    expect(dates.map((d) => d.fit ?? d.why)).toEqual([
      null,
      'fits',
      'too-late',
      'too-late',
      'not-of-its-forms',
      'no-such-day',
      'not-in-table',
    ]);
    expect(dates[1]!.made!.byBuild).toBe(true);
    const odd = [car(), date('casting.block', 'ZZ 9')];
    const lacks = missingFrom(judged(...odd), odd);
    expect(lacks.find((l) => l.kind === 'date-not-understood')?.count).toBe(1);
  });
  it('leave a decade open where nobody knows when the car was built', () => {
    const [d] = identity(car({ chassisNumber: '', year: null }), date('casting.block', 'C 14 7')).dates;
    expect([d!.made, d!.why]).toEqual([null, 'no-build-date']);
  });
});

describe('the past', () => {
  const paper = (on: string, value: number, more: object = {}) =>
    record('paper', { sort: 'service', on, odometer: { value, unit: 'mi' }, ...more });
  it('carries a distance by a chain of papers up to the day of the visit', () => {
    const c = car({ odometer: { value: 61_400, unit: 'mi' }, odometerDigits: 6 });
    const papers = [paper('1967-06-01', 20), paper('1990-06-01', 48_000), paper('2020-06-01', 61_200)];
    expect(identity(c, visit, ...papers).odometer).toMatchObject({ status: 'supported', digits: 6, digitsRead: true });
    // With five digits, long years may hide a round.
    const five = car({ odometer: { value: 61_400, unit: 'mi' } });
    expect(identity(five, visit, ...papers).odometer).toMatchObject({
      status: 'not supported',
      digits: 5,
      digitsRead: false,
    });
  });
  it('is told only once a visit says of which day it is', () => {
    expect(identity(car({ odometer: { value: 61_400, unit: 'mi' } })).odometer).toBeNull();
  });
  it('reckons papers in another unit', () => {
    const c = car({ odometer: { value: 100_000, unit: 'km' }, odometerDigits: 6 });
    const [h] = identity(c, visit, paper('1990-06-01', 30_000)).odometer!.histories;
    expect(h!.readings[0]!.total).toBeCloseTo(48_280, 0);
  });
  it('tells years of which nobody tells, and how it stood last', () => {
    const keeper = (who: string, from: string | null, to: string | null, storage: string) =>
      record('keeper', { who, from, to, storage });
    const j = identity(
      car(),
      keeper('second', '1984-04-16', null, 'damp'),
      keeper('first', '1967-05-12', '1974-03-30', 'salt'),
    );
    expect(j.kept.map((k) => [k.record.body.who, k.gapDays])).toEqual([
      ['first', 0],
      ['second', 3670],
    ]);
    expect(j.storage).toBe('damp');
  });
});

it('costs authenticity by what parts are now, and nothing by what nobody knows', () => {
  const part = (p: string, state: string) => record('part', { part: p, state });
  const parts = judged(car(), part('engine', 'modified'), part('seats', 'factory'), part('radio', 'unknown'));
  const { parts: list } = parts.identity;
  expect(list).toHaveLength(3);
});
