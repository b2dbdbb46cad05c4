import Papa from 'papaparse';

/** Cells that a spreadsheet would take for a formula; plain numbers below 0 are none. */
const FORMULA = /^(?!-?\d+(\.\d+)?$)[=+\-@\t\r]/;

const written = (rows: readonly (readonly (string | number | null)[])[]) =>
  Papa.unparse(rows as (string | number | null)[][], { newline: '\r\n', escapeFormulae: FORMULA });

/** One cell of a CSV (RFC 4180): quoted where it must be; text that a spreadsheet would run is made harmless by a '. */
export const csvCell = (value: string | number | null): string => written([[value]]);

/** A CSV table with its header, CRLF line ends as RFC 4180 asks. */
export const csvTable = (header: readonly string[], rows: readonly (readonly (string | number | null)[])[]): string =>
  `${written([header, ...rows])}\r\n`;
