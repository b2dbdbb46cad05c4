import { daysUntil, dayText, momentText } from './dates';

it('writes days and moments the same on every machine', () => {
  expect(dayText('2027-03-04')).toBe('4 Mar 2027');
  expect(momentText('2027-03-04T09:12:30Z')).toBe('4 Mar 2027, 09:12 UTC');
  expect(momentText('2027-03-05T00:12:30+02:00')).toBe('4 Mar 2027, 22:12 UTC');
});

it('writes a moment by the day and the clock of the sale', () => {
  expect(dayText('2027-03-05T03:00:00Z', 'America/Los_Angeles')).toBe('4 Mar 2027');
  expect(dayText('2027-03-05', 'America/Los_Angeles')).toBe('5 Mar 2027');
  expect(momentText('2027-03-05T03:00:00Z', 'America/Los_Angeles')).toBe('4 Mar 2027, 19:00 Los Angeles time');
});

it('counts calendar days', () => {
  expect(daysUntil('2027-03-04', '2027-03-01')).toBe(3);
  expect(daysUntil('2027-02-28', '2027-03-01')).toBe(-1);
  expect(daysUntil('2027-03-01', '2027-03-01')).toBe(0);
});
