import { clip } from '@/core/records/clip';
import type { EntryPut } from '../clause';
import { type SortRow, zoneOf } from './sorting';

/** As many letters as a moment keeps of what was said. */
const MOST_WORDS = 500;

/**
 * The moment of a row in its film, beside the records that the row became: of its finding, else of the first. None where
 * the talk has no times, or the row became nothing.
 */
export function momentsOf(
  film: string,
  row: SortRow,
  puts: readonly (EntryPut & { readonly id: string })[],
  at: string,
): EntryPut[] {
  const of = puts.find((p) => p.kind === 'finding') ?? puts[0];
  if (row.fromS === undefined || !of) return [];
  const zone = 'zone' in of.body && typeof of.body.zone === 'string' ? of.body.zone : zoneOf(row);
  return [
    {
      kind: 'moment',
      body: { film, fromS: row.fromS, toS: row.toS ?? null, words: clip(row.text, MOST_WORDS), of: of.id, zone, at },
    },
  ];
}
