import { daysUntil, dayText, momentText } from './dates';

it('writes days and moments the same on every machine', () => {
  expect(dayText('2027-03-04')).toBe('4 Mar 2027');
  expect(momentText('2027-03-04T09:12:30Z')).toBe('4 Mar 2027, 09:12 UTC');
});

it('counts calendar days', () => {
  expect(daysUntil('2027-03-04', '2027-03-01')).toBe(3);
  expect(daysUntil('2027-02-28', '2027-03-01')).toBe(-1);
  expect(daysUntil('2027-03-01', '2027-03-01')).toBe(0);
});
