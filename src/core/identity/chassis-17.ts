/** Letters and digits of seventeen-character numbers; I, O and Q are never used (ISO 3779:2009, 4.4). */
const ALLOWED = /^[A-HJ-NPR-Z0-9]$/;
const LENGTH = 17;

/** Values of letters for the check digit, and the weight of each place (US 49 CFR 565.15, tables III to V). */
const VALUES: Readonly<Record<string, number>> = {
  ...Object.fromEntries([...'0123456789'].map((d) => [d, Number(d)])),
  ...Object.fromEntries([...'ABCDEFGH'].map((c, i) => [c, i + 1])),
  ...{ J: 1, K: 2, L: 3, M: 4, N: 5, P: 7, R: 9 },
  ...Object.fromEntries([...'STUVWXYZ'].map((c, i) => [c, i + 2])),
};
const WEIGHTS = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2] as const;
const CHECK_PLACE = 8;

/** Regions by the first character (ISO 3780). */
const REGIONS: readonly (readonly [RegExp, string])[] = [
  [/[A-H]/, 'Africa'],
  [/[J-R]/, 'Asia'],
  [/[S-Z]/, 'Europe'],
  [/[1-5]/, 'North America'],
  [/[67]/, 'Oceania'],
  [/[089]/, 'South America'],
];
/** Letters of the model year in order; they come round after thirty years (US 49 CFR 565.15, table VII). */
const YEARS = 'ABCDEFGHJKLMNPRSTVWXY123456789';
const FIRST_YEAR = 1980;

export const CHASSIS_REFUSALS = ['not-seventeen', 'letter-not-used'] as const;
export type ChassisRefusal = (typeof CHASSIS_REFUSALS)[number];

export interface CheckDigit {
  readonly expected: string;
  readonly found: string;
  /** Whether it must hold: of cars built for North America. Elsewhere a maker may put anything there. */
  readonly applies: boolean;
}
export interface Chassis17 {
  readonly ok: true;
  readonly region: string;
  readonly maker: string;
  readonly descriptor: string;
  readonly identifier: string;
  readonly checkDigit: CheckDigit;
  /** Years that the tenth character can stand for where it is a model year; empty where it is none. */
  readonly modelYears: readonly number[];
}

/** Without blanks and dashes, in capitals: as numbers are compared. */
export const bare = (text: string): string => text.toUpperCase().replaceAll(/[\s\-–./*•]/g, '');

/** The check digit that a number of seventeen should bear: weighted sum modulo eleven, X for ten. */
export function checkDigitOf(number: string): string {
  const rest = [...number].reduce((sum, c, i) => sum + VALUES[c]! * WEIGHTS[i]!, 0) % 11;
  return rest === 10 ? 'X' : String(rest);
}

/**
 * A number of seventeen characters by ISO 3779: maker (1–3), description (4–9), identification (10–17), with its check digit
 * and whether that must hold. Refuses other lengths, and I, O, Q and signs: which of them is meant is for the person to say.
 */
export function readChassis17(
  text: string,
): Chassis17 | { readonly ok: false; readonly reason: ChassisRefusal; readonly at?: number } {
  const number = bare(text);
  if (number.length !== LENGTH) return { ok: false, reason: 'not-seventeen' };
  const odd = [...number].findIndex((c) => !ALLOWED.test(c));
  if (odd >= 0) return { ok: false, reason: 'letter-not-used', at: odd };
  const region = REGIONS.find(([p]) => p.test(number[0]!))![1];
  const year = YEARS.indexOf(number[9]!);
  return {
    ok: true,
    region,
    maker: number.slice(0, 3),
    descriptor: number.slice(3, 9),
    identifier: number.slice(9),
    checkDigit: {
      expected: checkDigitOf(number),
      found: number[CHECK_PLACE]!,
      applies: region === 'North America',
    },
    modelYears: year < 0 ? [] : [FIRST_YEAR + year, FIRST_YEAR + year + YEARS.length],
  };
}
