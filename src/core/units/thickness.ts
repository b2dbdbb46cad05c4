/** Micrometres in one mil (a thousandth of an inch, exactly 25.4 µm: the international inch). */
export const UM_PER_MIL = 25.4;

export type ThicknessUnit = 'um' | 'mil';

/** Converts a film thickness as typed into micrometres. */
export function toUm(value: number, unit: ThicknessUnit): number {
  return unit === 'mil' ? value * UM_PER_MIL : value;
}

/** Converts micrometres into the reader's unit. */
export function fromUm(valueUm: number, unit: ThicknessUnit): number {
  return unit === 'mil' ? valueUm / UM_PER_MIL : valueUm;
}

/** A film thickness in the reader's unit, rounded as a gauge shows it (whole µm, tenths of a mil), without the unit. */
export function thicknessFigure(valueUm: number, unit: ThicknessUnit): string {
  return unit === 'mil' ? (valueUm / UM_PER_MIL).toFixed(1) : String(Math.round(valueUm));
}

/** The unit's sign as printed after a figure. */
export function thicknessSign(unit: ThicknessUnit): string {
  return unit === 'mil' ? 'mil' : 'µm';
}

/** A film thickness with its unit. */
export function thicknessText(valueUm: number, unit: ThicknessUnit): string {
  return `${thicknessFigure(valueUm, unit)} ${thicknessSign(unit)}`;
}
