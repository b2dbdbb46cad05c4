import type { Span } from './visit-order';

const RAD = Math.PI / 180;
const DAY_MS = 86_400_000;
/** Julian century from the epoch of J2000. */
const J2000 = 2_451_545;
const UNIX_EPOCH_JD = 2_440_587.5;
const CENTURY_DAYS = 36_525;
/** The sun's upper edge on the horizon: half its width and the bending of light, degrees from overhead. */
const AT_HORIZON = 90.833;

/** Declination of the sun, degrees, and the equation of time, minutes, at a Julian date. */
function sunAt(jd: number): { declination: number; equation: number } {
  const t = (jd - J2000) / CENTURY_DAYS;
  const meanLong = (280.46646 + t * (36_000.76983 + 0.0003032 * t)) % 360;
  const anomaly = 357.52911 + t * (35_999.05029 - 0.0001537 * t);
  const e = 0.016708634 - t * (0.000042037 + 0.0000001267 * t);
  const m = anomaly * RAD;
  const centre =
    Math.sin(m) * (1.914602 - t * (0.004817 + 0.000014 * t)) +
    Math.sin(2 * m) * (0.019993 - 0.000101 * t) +
    Math.sin(3 * m) * 0.000289;
  const omega = (125.04 - 1934.136 * t) * RAD;
  const apparent = (meanLong + centre - 0.00569 - 0.00478 * Math.sin(omega)) * RAD;
  const oblique =
    (23 + (26 + (21.448 - t * (46.815 + t * (0.00059 - 0.001813 * t))) / 60) / 60 + 0.00256 * Math.cos(omega)) * RAD;
  const y = Math.tan(oblique / 2) ** 2;
  const l = meanLong * RAD;
  const equation =
    (4 / RAD) *
    (y * Math.sin(2 * l) -
      2 * e * Math.sin(m) +
      4 * e * y * Math.sin(m) * Math.cos(2 * l) -
      0.5 * y * y * Math.sin(4 * l) -
      1.25 * e * e * Math.sin(2 * m));
  return { declination: Math.asin(Math.sin(oblique) * Math.sin(apparent)) / RAD, equation };
}

/**
 * From sunrise to sunset on a day at a place, minutes from midnight by a clock that is `offsetMinutes` ahead of UTC; latitude
 * north and longitude east positive, degrees. To about a minute between 72° north and south (Meeus, Astronomical Algorithms,
 * 2nd ed., chapters 25 and 28). Null where the sun does not rise; the whole day where it does not set.
 */
export function daylightOn(
  day: string,
  { latitude, longitude }: { readonly latitude: number; readonly longitude: number },
  offsetMinutes: number,
): Span | null {
  const noonJd = Date.parse(`${day}T12:00:00Z`) / DAY_MS + UNIX_EPOCH_JD - longitude / 360;
  const { declination, equation } = sunAt(noonJd);
  const [lat, dec] = [latitude * RAD, declination * RAD];
  const cosine = Math.cos(AT_HORIZON * RAD) / (Math.cos(lat) * Math.cos(dec)) - Math.tan(lat) * Math.tan(dec);
  if (cosine > 1) return null;
  if (cosine < -1) return [0, 24 * 60];
  const half = (4 * Math.acos(cosine)) / RAD;
  const noon = 720 - 4 * longitude - equation + offsetMinutes;
  return [noon - half, noon + half];
}
