import fc from 'fast-check';
import { decodeTire, tireAge } from './tire-code';

const ON = '2027-03-12';

it.each([
  // Week 31 of 2012 began on Monday 30 July.
  ['3112', '2012-07-30', '2012-08-05'],
  ['DOT U2LL LMLR 3112', '2012-07-30', '2012-08-05'],
  ['U2LLLMLR3112', '2012-07-30', '2012-08-05'],
  ['0100', '2000-01-03', '2000-01-09'],
  // 2020 had 53 weeks.
  ['5320', '2020-12-28', '2021-01-03'],
  ['409◁', '1999-10-04', '1999-10-10'],
  ['409<', '1999-10-04', '1999-10-10'],
])('%s was made from %s to %s', (code, madeFrom, madeTo) => {
  expect(decodeTire(code, ON)).toEqual({ ok: true, madeFrom, madeTo, decadeOpen: false });
});

it('leaves the decade of three digits open, so that the tire is at least a quarter of a century old', () => {
  const made = decodeTire('DOT XX 409', ON);
  expect(made).toEqual({ ok: true, madeFrom: '1979-10-01', madeTo: '1999-10-10', decadeOpen: true });
  if (made.ok) expect(tireAge(made, ON)).toEqual({ low: 27.42, high: 47.45 });
  // Date codes began in 1971.
  expect(decodeTire('100', ON)).toMatchObject({ madeFrom: '1980-03-03' });
});

it.each([
  ['', 'no-date-code'],
  ['R15', 'no-date-code'],
  ['165/80', 'no-date-code'],
  ['P185', 'no-date-code'],
  ['12', 'no-date-code'],
  ['5419', 'no-such-week'],
  ['0019', 'no-such-week'],
  ['5321', 'no-such-week'],
  ['5026', 'made'],
  ['4927', 'not-yet-made'],
])('%s: %s', (code, reason) => {
  const made = decodeTire(code, ON);
  expect(made.ok ? 'made' : made.reason).toBe(reason);
});

it('gives for every code a week that ends by a week after the day asked for, and ages that hold it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 53 }), fc.integer({ min: 0, max: 99 }), (week, year) => {
      const made = decodeTire(`${String(week).padStart(2, '0')}${String(year).padStart(2, '0')}`, ON);
      if (!made.ok) return;
      expect(made.madeFrom <= ON).toBe(true);
      const { low, high } = tireAge(made, ON);
      expect(low).toBeLessThanOrEqual(high);
      expect(high - low).toBeLessThan(0.05);
    }),
    { seed: 4, numRuns: 300 },
  );
});
