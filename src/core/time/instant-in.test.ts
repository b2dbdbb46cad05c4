import { instantIn } from './instant-in';

it.each([
  ['2027-02-24T09:00', 'UTC', '2027-02-24T09:00:00.000Z'],
  ['2027-02-24T09:00', 'Europe/Lisbon', '2027-02-24T09:00:00.000Z'],
  ['2027-07-24T09:00', 'Europe/Lisbon', '2027-07-24T08:00:00.000Z'],
  ['2027-02-24T09:00', 'America/New_York', '2027-02-24T14:00:00.000Z'],
  ['2027-01-01T00:30', 'Pacific/Auckland', '2026-12-31T11:30:00.000Z'],
  // Clocks go forward at 01:00 UTC on 28 March 2027 in the European Union.
  ['2027-03-28T04:00', 'Europe/Berlin', '2027-03-28T02:00:00.000Z'],
])('%s in %s', (local, zone, instant) => {
  expect(instantIn(local, zone)).toBe(instant);
});
