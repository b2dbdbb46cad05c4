/** A tire's size as it stands on its wall, in mm; the share is of section height to width. */
export interface TireSize {
  readonly widthMm: number;
  readonly aspect: number;
  readonly rimMm: number;
}

const MM_PER_INCH = 25.4;
/** 185/70 R 14, P215/75R15, 165 SR 15, 145-13. */
const METRIC = /^(?:p|lt)?\s*(?<width>\d{3})(?:\s*\/\s*(?<aspect>\d{2}))?\s*-?\s*[a-z]{0,2}\s*-?\s*(?<rim>\d{2})\b/i;
/** 5.60-15, 6.40 x 13, 7.00 R 16. */
const INCHES = /^(?<width>\d{1,2}[.,]\d{1,2})\s*(?:-|x|[a-z]{1,2})?\s*(?<rim>\d{2})\b/i;
const [LEAST_RIM, MOST_RIM] = [8, 30] as const;

/** Shares of section height where the size does not say them. */
export interface UnsaidAspects {
  readonly metric: number;
  readonly inches: number;
}

/** A size as read; null where it is in no spelling that says width and rim (letters alone do not). */
export function tireSizeOf(text: string, unsaid: UnsaidAspects): TireSize | null {
  const size = text.trim();
  const metric = METRIC.exec(size)?.groups;
  const inches = metric ? undefined : INCHES.exec(size)?.groups;
  const given = metric ?? inches;
  if (!given) return null;
  const rim = Number(given.rim);
  if (rim < LEAST_RIM || rim > MOST_RIM) return null;
  const width = Number(given.width!.replace(',', '.'));
  return {
    widthMm: metric ? width : width * MM_PER_INCH,
    aspect: metric?.aspect ? Number(metric.aspect) / 100 : metric ? unsaid.metric : unsaid.inches,
    rimMm: rim * MM_PER_INCH,
  };
}

/** How far a wheel rolls in one turn, m: so many outer diameters (ETRTO Standards Manual, rolling circumference). */
export const rollingM = ({ widthMm, aspect, rimMm }: TireSize, perDiameter: number): number =>
  ((rimMm + 2 * widthMm * aspect) * perDiameter) / 1000;
