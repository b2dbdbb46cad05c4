import { seamSlug } from '../body/plan';
import { nearestZone } from '../body/slugs';
import type { BodyOf } from '../kinds';
import { type BadRow, csvRows } from './rows';
import { figuresProblem, numbersOf, usableSe } from './stations';
import { csvTable } from './write';

const COLUMNS = ['seam', 's_mm', 'gap_mm', 'gap_se_mm', 'flush_mm', 'flush_se_mm'] as const;
const NEEDED = ['seam', 's_mm', 'gap_mm'] as const;
const LONGEST_MM = 10_000;

/** One seam of a fit CSV: its stations in the order of the file. */
export interface CsvSeam {
  readonly seam: string;
  readonly stations: readonly {
    readonly sMm: number;
    readonly gapMm: number | null;
    readonly gapSeMm: number | null;
    readonly flushMm: number | null;
    readonly flushSeMm: number | null;
  }[];
}

function readRow(row: Readonly<Record<string, string>>, seams: ReadonlySet<string>) {
  const named = row.seam ?? '';
  // Written the other way round it is the same seam.
  const seam = seams.has(named) ? named : seamSlug(...(named.split('|') as [string, string]));
  if (!seams.has(seam)) return `unknown seam “${named}”; nearest: ${nearestZone(named, seams)}`;
  const n = numbersOf(row, COLUMNS.slice(1) as Exclude<(typeof COLUMNS)[number], 'seam'>[]);
  if (typeof n === 'string') return n;
  if (n.s_mm === null || n.s_mm < 0 || n.s_mm > LONGEST_MM)
    return 's_mm is the way along the seam, mm from its front or top';
  if (n.gap_mm === null && n.flush_mm === null) return 'neither gap_mm nor flush_mm is given';
  const problem = figuresProblem(n);
  if (problem) return problem;
  // Written the other way round, the other panel stands proud.
  const sign = seam === named ? 1 : -1;
  return {
    seam,
    station: {
      sMm: n.s_mm,
      gapMm: n.gap_mm,
      gapSeMm: usableSe(n.gap_se_mm),
      flushMm: n.flush_mm === null ? null : sign * n.flush_mm,
      flushSeMm: usableSe(n.flush_se_mm),
    },
  };
}

/** Reads gaps and flushness along seams (docs/formats/fit.md), grouped by seam, and every bad row by line number. */
export function readFitCsv(text: string, seams: Iterable<string>): { seams: CsvSeam[]; bad: BadRow[] } {
  const known = new Set(seams);
  const { taken, bad } = csvRows(text, COLUMNS, NEEDED, (row) => readRow(row, known));
  const bySeam = new Map<string, CsvSeam['stations'][number][]>();
  for (const { seam, station } of taken) bySeam.set(seam, [...(bySeam.get(seam) ?? []), station]);
  return { seams: [...bySeam].map(([seam, stations]) => ({ seam, stations })), bad };
}

/** All measured stations as CSV (docs/formats/fit.md): places left out or refused are not written. */
export function fitCsv(gaps: readonly BodyOf<'gap'>[]): string {
  const figure = (v: number | null) => (v === null ? null : Math.round(v * 1000) / 1000);
  return csvTable(
    COLUMNS,
    gaps.flatMap((g) =>
      g.stations
        .filter((s) => s.touched !== 'dropped' && (s.gapMm !== null || s.flushMm !== null))
        .map((s) => [g.seam, figure(s.sMm), ...[s.gapMm, s.gapSeMm, s.flushMm, s.flushSeMm].map(figure)]),
    ),
  );
}
