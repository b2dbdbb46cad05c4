import { timeOf } from '../time/minutes';
import { daylightOn } from './daylight';

const at = (day: string, latitude: number, longitude: number, offset = 0) =>
  daylightOn(day, { latitude, longitude }, offset)?.map((m) => Math.round(m)) ?? null;
const near = (got: readonly number[] | null, from: number, to: number) => {
  expect(Math.abs(got![0]! - from)).toBeLessThanOrEqual(2);
  expect(Math.abs(got![1]! - to)).toBeLessThanOrEqual(2);
};

it('rises and sets as almanacs print it for 40° north on the middle of a time zone', () => {
  // The Nautical Almanac, table of sunrise and sunset, latitude N 40, local mean time: midsummer, midwinter, equinox.
  near(at('2026-06-21', 40, 0), 4 * 60 + 31, 19 * 60 + 33);
  near(at('2026-12-21', 40, 0), 7 * 60 + 19, 16 * 60 + 39);
  near(at('2026-03-20', 40, 0), 6 * 60 + 3, 18 * 60 + 12);
});

it('moves four minutes with each degree, and with the clock', () => {
  const [from] = at('2026-03-20', 40, 0)!;
  expect(at('2026-03-20', 40, 15)![0]).toBe(from! - 60);
  expect(at('2026-03-20', 40, 0, 60)![0]).toBe(from! + 60);
  expect(timeOf(at('2026-03-20', 0, 0)![0]!)).toMatch(/^06:0[2-6]$/);
});

it('is longest on opposite days north and south', () => {
  const length = (day: string, lat: number) => {
    const span = at(day, lat, 0)!;
    return span[1]! - span[0]!;
  };
  expect(length('2026-06-21', 50)).toBeGreaterThan(length('2026-12-21', 50) + 7 * 60);
  expect(length('2026-12-21', -50)).toBeGreaterThan(length('2026-06-21', -50) + 7 * 60);
});

it('says so where the sun does not rise, or does not set', () => {
  expect(at('2026-12-21', 72, 0)).toBeNull();
  expect(at('2026-06-21', 72, 0)).toEqual([0, 1440]);
});
