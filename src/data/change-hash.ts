import { createHash } from 'node:crypto';
import { canonicalText } from '@/core/report/seal';

const sha256Hex = (text: string) => createHash('sha256').update(text).digest('hex');

/** What a change says, as a hash: the same id with another content is refused. */
export function contentHash(change: {
  op: string;
  kind: string;
  record: string;
  base: number;
  body?: unknown;
}): string {
  const { op, kind, record, base, body } = change;
  return sha256Hex(canonicalText({ op, kind, record, base, body: body ?? null }));
}

export interface LogLine {
  readonly inspectionId: string;
  readonly changeId: string;
  readonly contentHash: string;
  readonly actorId: string;
  readonly at: string;
  readonly op: string;
  readonly kind: string;
  readonly recordId: string;
  readonly version: number;
  readonly before: unknown;
  readonly after: unknown;
}

/** A log line's hash over itself and the line before it: a line cannot be changed or taken out unseen. */
export function logHash(previousHash: string, line: LogLine): string {
  return sha256Hex(canonicalText({ previousHash, ...line }));
}
