import { planOf } from '../body/plan';
import type { AnyRecord } from '../kinds';
import { lightnessOf } from './lightness';
import { noticeCorrection, noticedFromM, presentsCleanFrom } from './presents';
import { DEFAULT_GRADE_TABLES } from './shipped';

const plan = planOf('fastback')!;
const { notice } = DEFAULT_GRADE_TABLES;
const PLAIN = { metallic: false, dark: false };
type Body = Parameters<typeof noticedFromM>[0];
const body = (flaw: string, extra: object = {}) =>
  ({
    zone: 'hood',
    flaw,
    count: 1,
    sizeMm: null,
    share: null,
    iso4628: null,
    touchedIn: false,
    visibleFromM: null,
    ...extra,
  }) as Body;
const from = (flaw: string, extra: object = {}, ground = PLAIN, zone = 'door.left.front') =>
  noticedFromM(body(flaw, extra), plan.zones.get(zone)!, ground, notice);
let n = 0;
const record = (kind: string, b: object) => ({ id: `r${++n}`, kind, version: 1, body: b }) as unknown as AnyRecord;
const presents = (findings: readonly object[], colour = 'green') =>
  presentsCleanFrom(
    plan,
    [record('car', { paintType: 'single-stage', colour }), ...findings.map((f) => record('finding', f))],
    DEFAULT_GRADE_TABLES,
  );

it('goes by powers of contrast, size and number', () => {
  // Worked by hand from the table's own powers.
  expect(from('chip', { sizeMm: 4 })).toBeCloseTo(notice.mPerRootMm * 0.8 ** notice.byContrast * 4 ** notice.bySize, 9);
  expect(from('chip', { count: 16 }) / from('chip')).toBeCloseTo(16 ** notice.byCount, 9);
});

it('is far less than what an eye resolves that is told where to look', () => {
  // A mark of 3 mm subtends one minute of arc at 3 mm / tan(1/60°) = 10.3 m (visual acuity 6/6, ISO 8596).
  const resolved = 0.003 / Math.tan(Math.PI / 180 / 60);
  expect(from('chip', { sizeMm: 3, count: 34 })).toBeLessThan(resolved / 5);
  expect(from('chip', { sizeMm: 3, count: 34 })).toBeGreaterThan(0.8);
});

it('takes a line by its width too, a share by its area, and small things spread out as a veil', () => {
  expect(from('crease', { sizeMm: 600 })).toBeLessThan(from('dent', { sizeMm: 600 }) / 2);
  expect(from('fading', { share: 0.6 }, PLAIN, 'hood')).toBeGreaterThan(from('fading', { share: 0.6 }, PLAIN, 'deck'));
  expect(from('pitting', { share: 0.1 })).toBeLessThan(from('fading', { share: 0.1 }));
});

it('shows less on metallic paint, where touched in, on the roof and low down', () => {
  const chip = from('chip');
  expect(from('chip', {}, { metallic: true, dark: false })).toBeLessThan(chip);
  expect(from('chip', { touchedIn: true })).toBeLessThan(chip);
  expect(from('chip', {}, PLAIN, 'roof')).toBeLessThan(chip);
  expect(from('chip', {}, PLAIN, 'rocker.left')).toBeLessThan(chip);
});

it('hides blisters and shows swirl on dark paint', () => {
  const dark = { metallic: false, dark: true };
  expect(from('blister', {}, dark)).toBeLessThan(from('blister'));
  expect(from('swirl', {}, dark)).toBeGreaterThan(1.5 * from('swirl'));
  expect(presents([body('swirl')], 'midnight blue').metres).toBeGreaterThan(
    presents([body('swirl')], 'light blue').metres,
  );
});

it.each([
  ['black', true],
  ['dark green', true],
  ['light grey', false],
  ['Harbour ivory', false],
  ['signal red', false],
])('reads %s as dark: %s', (name, dark) => {
  expect(lightnessOf(name)! < notice.darkBelowL).toBe(dark);
});

it('says nothing of a colour whose name tells nothing', () => {
  expect([lightnessOf(''), lightnessOf('Sargasso')]).toEqual([null, null]);
});

it('adds faults up, and names the one noticed first', () => {
  const one = presents([body('fading', { share: 0.4 })]);
  const two = presents([body('fading', { share: 0.4 }), { ...body('fading', { share: 0.4 }), zone: 'deck' }]);
  expect(two.metres).toBeGreaterThan(one.metres);
  const far = body('chip', { visibleFromM: 4.5 });
  const seen = presents([body('ding'), far]);
  expect(seen.metres).toBeGreaterThanOrEqual(4.5);
  expect(presents([]).finding).toBeNull();
  expect(presents([{ ...body('split'), zone: 'seat.rear' }])).toEqual({ metres: 0, finding: null });
});

it('lets what the inspector saw win over the estimate', () => {
  expect(from('chip', { visibleFromM: 4.5 })).toBe(4.5);
});

it('corrects the distances of a car by what was seen on it, carefully and within bounds', () => {
  expect(noticeCorrection([], notice)).toBe(1);
  // One finding seen from twice as far moves it by the fourth root: the model counts for three.
  expect(noticeCorrection([{ stated: 2, modelled: 1 }], notice)).toBeCloseTo(2 ** (1 / 4), 9);
  const many = Array.from({ length: 40 }, () => ({ stated: 8, modelled: 1 }));
  expect(noticeCorrection(many, notice)).toBe(notice.mostCorrection);
});
