/** What a person typed as a figure: its value, `null` for an empty field, `'bad'` for what is none. */
export type Figure = number | null | 'bad';

/** Reads `4.2` and `4,2`; never throws, never gives NaN. */
export function figureOf(text: string): Figure {
  const plain = text.trim().replace('−', '-');
  if (plain === '') return null;
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain) ? Number(plain.replace(',', '.')) : 'bad';
}

/** Reads a count that may be written in groups of three: `62,180`, `62 180`, `62.180`; any other mark is a decimal one. */
export function groupedFigureOf(text: string): Figure {
  const plain = text.trim();
  return /^\d{1,3}([ ,.’'\u00a0\u202f]\d{3})+$/.test(plain) ? Number(plain.replace(/\D/g, '')) : figureOf(plain);
}
