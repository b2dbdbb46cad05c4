import { hoursByDay, lightOf } from './day-hours';
import { readForecastCsv } from './read-forecast';

const PLACE = { latitude: 49.3, longitude: -5.6 };
const PLAN = { place: PLACE, daylightOnly: true, opens: 480, closes: 1020 };

it('works between sunrise and sunset by the clock of the place, and by the plan’s hours without it', () => {
  const [december, june] = hoursByDay(PLAN, ['2026-12-21', '2026-06-21'], 'Europe/Lisbon');
  expect(december![0]).toBeGreaterThan(480);
  expect(december![1]).toBeLessThan(1020);
  expect(june).toEqual([480, 1020]);
  expect(hoursByDay({ ...PLAN, daylightOnly: false }, ['2026-12-21'], 'Europe/Lisbon')).toEqual([[480, 1020]]);
  expect(hoursByDay({ ...PLAN, place: null }, ['2026-12-21'], 'Europe/Lisbon')).toEqual([[480, 1020]]);
});

it('moves with summer time', () => {
  const [before, after] = lightOf({ place: PLACE }, ['2026-03-28', '2026-03-30'], 'Europe/Lisbon');
  expect(after![0] - before![0]).toBeGreaterThan(50);
});

it('leaves no hour where the sun does not rise', () => {
  const [night] = hoursByDay({ ...PLAN, place: { latitude: 75, longitude: 0 } }, ['2026-12-21'], 'UTC');
  expect(night![1] - night![0]).toBe(0);
});

it('reads a forecast, and says which rows it cannot read', () => {
  const days = ['2027-03-08', '2027-03-09', '2027-03-10'];
  expect(readForecastCsv('day,rain\n2027-03-09,yes\n2027-03-10,no\n2027-04-01,yes\n', days)).toEqual({
    wet: [1],
    bad: [],
  });
  const { wet, bad } = readForecastCsv('day,rain\nTuesday,yes\n2027-03-08,perhaps\n', days);
  expect([wet, bad.map((b) => b.line)]).toEqual([[], [2, 3]]);
});

it('counts what is left from the moment on at which a plan went on', () => {
  const days = ['2027-03-08', '2027-03-09', '2027-03-10'];
  const since = { day: 1, minute: 700 };
  expect(hoursByDay({ ...PLAN, place: null, since }, days, 'UTC')).toEqual([
    [1020, 1020],
    [700, 1020],
    [480, 1020],
  ]);
  expect(hoursByDay({ ...PLAN, place: null, since: { day: 0, minute: 1200 } }, days, 'UTC')[0]).toEqual([1020, 1020]);
});
