import { clockIn, dayIn, isTimeZone } from './day';

it.each([
  ['2027-03-05T03:30:00Z', 'America/Los_Angeles', '2027-03-04', '19:30'],
  ['2027-03-04T23:30:00Z', 'Pacific/Auckland', '2027-03-05', '12:30'],
  ['2027-07-01T00:30:00+02:00', 'UTC', '2027-06-30', '22:30'],
  ['2027-03-28T01:30:00Z', 'Europe/London', '2027-03-28', '02:30'],
])('%s in %s', (iso, zone, day, clock) => {
  expect(dayIn(new Date(iso), zone)).toBe(day);
  expect(clockIn(new Date(iso), zone)).toBe(clock);
});

it('knows a zone from none', () => {
  expect([isTimeZone('UTC'), isTimeZone('Vennor/Marlpit')]).toEqual([true, false]);
});
