import { tablesSealed } from '@/core/grade/all-tables';
import { COMPUTED_BY } from './computed-by';
import type { OpenedSnapshot } from './read-snapshot';
import { type Snapshot, takeSnapshot } from './snapshot';

/** Why a report's figures cannot be computed from what it holds. */
export type NotRecomputable =
  | 'withheld'
  | 'unreadable'
  | 'tables'
  | 'records'
  /** They come out otherwise here, and the report was computed by another version of the formulas. */
  | 'other-computation';

export type Recomputed =
  | { readonly recomputed: 'same' }
  /** Paths of the figures that are not what follows from the records, at most {@link DIFFERENCES_TOLD} of a part. */
  | { readonly recomputed: 'differs'; readonly differs: readonly string[] }
  | { readonly recomputed: 'not-possible'; readonly why: NotRecomputable };

const DIFFERENCES_TOLD = 5;
/** Figures are sealed with seven digits; machines may differ in the last few of what they compute. */
const RELATIVE = 1e-4;
const ABSOLUTE = 1e-6;

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null;
const near = (a: number, b: number) => Math.abs(a - b) <= ABSOLUTE + RELATIVE * Math.max(Math.abs(a), Math.abs(b));

/** Paths at which two values differ: numbers beyond rounding, everything else at all. */
function differences(sealed: unknown, now: unknown, path: string, found: string[]): void {
  if (found.length >= DIFFERENCES_TOLD) return;
  if (typeof sealed === 'number' && typeof now === 'number') {
    if (!near(sealed, now)) found.push(path);
  } else if (isObject(sealed) && isObject(now)) {
    for (const key of new Set([...Object.keys(sealed), ...Object.keys(now)]))
      differences(sealed[key], now[key], path === '' ? key : `${path}.${key}`, found);
  } else if (sealed !== now) found.push(path);
}

/**
 * Computes a report's figures anew from the records and tables that it holds and says whether they are the sealed ones.
 * Not possible where findings are withheld (the grade counts them), where a part cannot be read, or where the report was
 * computed by other formulas and they give other figures.
 */
export function recomputeReport({ snapshot, unreadable }: OpenedSnapshot): Recomputed {
  const no = (why: NotRecomputable): Recomputed => ({ recomputed: 'not-possible', why });
  if (snapshot.results.withheld.length > 0) return no('withheld');
  if (unreadable.length > 0) return no('unreadable');
  const { tables, unfit } = tablesSealed(snapshot.tables, { complete: false });
  if (unfit.length > 0) return no('tables');
  const taken = takeSnapshot({
    bundle: snapshot.bundle,
    sale: snapshot.sale,
    sealedAt: snapshot.sealedAt,
    sealedBy: snapshot.sealedBy,
    onYear: snapshot.onYear,
    tables,
  });
  if (!taken.ok) return no('records');
  const plain = (results: Snapshot['results']) => JSON.parse(JSON.stringify(results)) as unknown;
  const [sealed, now] = [plain(snapshot.results), plain(taken.snapshot.results)] as Record<string, unknown>[];
  // A part that reports of before did not have says nothing against them.
  const parts = snapshot.computedBy === COMPUTED_BY ? { ...sealed, ...now } : sealed!;
  const found = Object.keys(parts).flatMap((part) => {
    const own: string[] = [];
    differences(sealed![part], now![part], part, own);
    return own;
  });
  if (found.length === 0) return { recomputed: 'same' };
  return snapshot.computedBy === COMPUTED_BY ? { recomputed: 'differs', differs: found } : no('other-computation');
}
