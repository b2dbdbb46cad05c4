import type { EntryItem } from '../clauses';
import { itemDefinition } from '../clauses';
import type { LeftWords, Statement } from './listen';

/** What a person decided of a statement. */
export type Decision = 'taken' | 'noted' | 'dropped';

/** A row of the sorting table: something understood, or words that were not. */
export interface SortRow {
  /** The same for the same words, time and meaning: what was decided of it holds when the talk is heard anew. */
  readonly key: string;
  readonly text: string;
  readonly line: number;
  readonly fromS?: number;
  readonly toS?: number;
  readonly item: EntryItem | null;
  readonly sure: number;
  readonly why: LeftWords['why'] | null;
  readonly decision: Decision | null;
}

export type Decisions = Readonly<Record<string, Decision>>;

/** The place that a row speaks of itself, or null. */
export const zoneOf = (row: SortRow | null): string | null =>
  row?.item && 'zone' in row.item && row.item.zone ? row.item.zone : null;

const spelled = (item: EntryItem): string => itemDefinition(item).facts?.(item).join(';') ?? item.kind;

/**
 * All that was heard in the order in which it was said, with what was decided of it; words that hold no matter are left
 * out. Two rows that say the same at the same moment are one.
 */
export function sortRows(
  heard: { readonly statements: readonly Statement[]; readonly left: readonly LeftWords[] },
  decisions: Decisions,
): readonly SortRow[] {
  const rows: SortRow[] = [
    ...heard.statements.map(({ item, ...s }) => ({
      ...s,
      item,
      why: null,
      key: `${s.line}|${s.text}|${spelled(item)}`,
    })),
    ...heard.left
      .filter((l) => l.why !== 'no-matter')
      .map((l) => ({ ...l, item: null, sure: 0, key: `${l.line}|${l.text}|` })),
  ].map((r) => ({ ...r, decision: decisions[r.key] ?? null }));
  const seen = new Set<string>();
  return rows
    .filter((r) => !seen.has(r.key) && seen.add(r.key))
    .sort((a, b) => (a.fromS ?? a.line) - (b.fromS ?? b.line));
}

/** The next row that waits, from a place on and then from the beginning; null where none does. */
export function nextWaiting(rows: readonly SortRow[], from: string | null): string | null {
  const at = rows.findIndex((r) => r.key === from);
  const turned = [...rows.slice(at + 1), ...rows.slice(0, at + 1)];
  return turned.find((r) => r.decision === null)?.key ?? null;
}

/** Whether a record can hold it as it stands: a few things that are said have none, and what was not tried needs a reason. */
export const isKept = (item: EntryItem): boolean =>
  itemDefinition(item).puts !== undefined && !(item.kind === 'tried' && item.state === 'untried' && item.why === null);

/** Statements that wait, are at least so sure and can be kept as they stand. */
export const surerThan = (rows: readonly SortRow[], least: number): readonly SortRow[] =>
  rows.filter((r) => r.decision === null && r.item !== null && r.sure >= least && isKept(r.item));

/** How many were decided of how many. */
export const sorted = (rows: readonly SortRow[]): { readonly done: number; readonly all: number } => ({
  done: rows.filter((r) => r.decision !== null).length,
  all: rows.length,
});

/** The same said of another place; null where it is of none. */
export const atPlace = (item: EntryItem, zone: string): EntryItem | null =>
  'zone' in item && item.kind !== 'tried' ? ({ ...item, zone } as EntryItem) : null;
