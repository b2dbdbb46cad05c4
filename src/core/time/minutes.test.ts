import { minuteOf, timeOf } from './minutes';

it.each([
  ['00:00', 0],
  ['8:05', 485],
  ['08:30', 510],
  ['23:59', 1439],
  ['24:00', 1440],
])('%s is %d minutes from midnight', (time, minutes) => expect(minuteOf(time)).toBe(minutes));

it.each(['', '24:01', '25:00', '8', '08:60', '-1:00', '08:30:00', 'noon'])('“%s” is no time of a day', (time) =>
  expect(minuteOf(time)).toBeNull(),
);

it('writes a minute as a clock shows it, to the nearest', () => {
  expect([0, 485, 509.6, 1440].map(timeOf)).toEqual(['00:00', '08:05', '08:30', '24:00']);
  for (let m = 0; m <= 1440; m++) expect(minuteOf(timeOf(m))).toBe(m);
});
