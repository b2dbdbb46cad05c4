import { visitSchema } from '@/core/kinds/visit';
import { visitBody, visitFields } from './visit-body';

const AT = '2027-02-10T09:00:00Z';
const opened = { startedAt: AT, inspector: 'Ilse Brandvik' };
const check = (when: 'start' | 'end', foilUm: number, foilReadUm: number) => ({ when, zeroUm: 0, foilUm, foilReadUm });
const visit = visitSchema.parse({
  startedAt: AT,
  gauge: {
    name: 'Survey gauge',
    ceilingUm: 500,
    checks: [check('start', 250, 248), check('end', 125, 126), check('end', 500, 497)],
  },
});
const bodyOf = (change: object, from: typeof visit | null = visit) => {
  const result = visitBody({ ...visitFields(from, 'Marlpit'), ...change }, from, opened);
  if (!result.ok) throw new Error(result.message);
  return visitSchema.parse(result.body);
};

it('keeps every gauge check when something else of a visit is corrected', () => {
  expect(bodyOf({ temperatureC: '4,5' })).toEqual({ ...visit, temperatureC: 4.5 });
});

it('corrects the last check at the end with its own foil, and leaves the start’s', () => {
  expect(bodyOf({ endFoilReadUm: '499' }).gauge!.checks).toEqual([
    check('start', 250, 248),
    check('end', 125, 126),
    check('end', 500, 499),
  ]);
});

it('keeps an end check that stands alone, and puts a start before it', () => {
  const alone = visitSchema.parse({ ...visit, gauge: { ...visit.gauge, checks: [check('end', 500, 497)] } });
  expect(bodyOf({ note: 'x' }, alone).gauge!.checks).toEqual([check('end', 500, 497)]);
  expect(bodyOf({ zeroUm: '0', foilUm: '250', foilReadUm: '251' }, alone).gauge!.checks.map((c) => c.when)).toEqual([
    'start',
    'end',
  ]);
});

it('takes a check out whose fields were emptied', () => {
  expect(bodyOf({ zeroUm: '', foilUm: '', foilReadUm: '' }).gauge!.checks).toHaveLength(2);
});

it('states nothing that nobody said', () => {
  expect(bodyOf({}, null)).toEqual(visitSchema.parse({ startedAt: AT, inspector: 'Ilse Brandvik', place: 'Marlpit' }));
  expect(bodyOf({}, null)).toMatchObject({ light: null, surface: null, clean: null, lift: null, gauge: null });
});

it.each([
  [{ temperatureC: 'cold' }, 'The temperature “cold” is no number'],
  [{ gaugeName: 'Gauge', ceilingUm: '' }, 'with its ceiling'],
  [{ endFoilReadUm: '' }, 'all three, or none'],
])('asks about %j', (change, says) => {
  const result = visitBody({ ...visitFields(visit, ''), ...change }, visit, opened);
  expect(result).toEqual({ ok: false, message: expect.stringContaining(says) });
});
