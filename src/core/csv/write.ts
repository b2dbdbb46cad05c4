/** Cells that a spreadsheet would take for a formula. */
const FORMULA = /^[=+\-@\t\r]/;
const PLAIN_NUMBER = /^-?\d+(\.\d+)?$/;

/** One cell of a CSV (RFC 4180): quoted where it must be; text that a spreadsheet would run is made harmless by a '. */
export function csvCell(value: string | number | null): string {
  const text = value === null ? '' : String(value);
  const harmless = FORMULA.test(text) && !PLAIN_NUMBER.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(harmless) ? `"${harmless.replaceAll('"', '""')}"` : harmless;
}

/** A CSV table with its header, CRLF line ends as RFC 4180 asks. */
export function csvTable(header: readonly string[], rows: readonly (readonly (string | number | null)[])[]): string {
  return [header, ...rows]
    .map((row) => row.map(csvCell).join(','))
    .join('\r\n')
    .concat('\r\n');
}
