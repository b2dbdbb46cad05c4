import type { BodyOf } from '../kinds';
import { csvTable } from './write';

const HEADER = ['zone', 'value', 'unit', 'state', 'u_mm', 'v_mm', 'at', 'note', 'origin'];

/** Readings as CSV (docs/formats/readings.md): values in the unit they were typed in, over as the gauge's ceiling. */
export function readingsCsv(readings: readonly BodyOf<'reading'>[]): string {
  const value = (r: BodyOf<'reading'>) => {
    if (r.thicknessUm === null) return null;
    if (r.state === 'read') return r.typed.text.replace(',', '.');
    return r.typed.unit === 'mil' ? Math.round((r.thicknessUm / 25.4) * 100) / 100 : r.thicknessUm;
  };
  return csvTable(
    HEADER,
    readings.map((r) => [
      r.zone,
      value(r),
      r.typed.unit,
      r.state,
      r.place?.uMm ?? null,
      r.place?.vMm ?? null,
      r.at,
      r.note,
      r.origin,
    ]),
  );
}
