import type { AnyRecord } from '../kinds';

/** One record that differs between two revisions: entered, taken out, or changed. */
export interface RecordChange {
  readonly kind: AnyRecord['kind'];
  readonly before: AnyRecord['body'] | null;
  readonly after: AnyRecord['body'] | null;
}
