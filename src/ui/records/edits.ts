import { type AnyRecord, type BodyOf, type RecordKind, schemaNumber } from '@/core/kinds';
import type { CheckedChange } from '@/core/records/check-change';

/** One record moved from one content to another; null where it is not there. Turned round, it is its own inverse. */
export interface Edit {
  readonly kind: RecordKind;
  readonly record: string;
  readonly before: AnyRecord['body'] | null;
  readonly after: AnyRecord['body'] | null;
  /** The version that the person saw when the edit was begun; the present one where it is not said. */
  readonly upon?: number;
}

/** The change that makes an edit upon a version; null when there is nothing to remove. */
export function changeTo(edit: Edit, base: number, id: string): CheckedChange | null {
  const { kind, record, after } = edit;
  if (after !== null)
    return { id, op: 'put', kind, record, schema: schemaNumber(kind), base, body: after as BodyOf<RecordKind> };
  return base > 0 ? { id, op: 'remove', kind, record, base } : null;
}

/** Whether two contents say the same, whatever the order of their keys. */
export function sameBody(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  const [x, y] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const keys = new Set([...Object.keys(x), ...Object.keys(y)]);
  return [...keys].every((k) => sameBody(x[k] ?? null, y[k] ?? null));
}
