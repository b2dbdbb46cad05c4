import { hash } from 'node:crypto';
import { canonicalText } from '@/core/report/seal';

const sha256Hex = (text: string) => hash('sha256', text);

/** Canonical texts of bodies already written: a body stands in the change's hash and again in the log's. */
const texts = new WeakMap<object, string>();

function bodyText(body: unknown): string {
  if (typeof body !== 'object' || body === null) return canonicalText(body ?? null);
  const before = texts.get(body);
  if (before !== undefined) return before;
  const text = canonicalText(body);
  texts.set(body, text);
  return text;
}
const plain = (value: string | number) => JSON.stringify(value);

/**
 * What a change says, as a hash: the same id with another content is refused. The hashed text is the canonical form
 * (RFC 8785) of {base, body, kind, op, record}, put together so that the body is written once.
 */
export function contentHash(change: {
  op: string;
  kind: string;
  record: string;
  base: number;
  body?: unknown;
}): string {
  const { op, kind, record, base, body } = change;
  return sha256Hex(
    `{"base":${plain(base)},"body":${bodyText(body)},"kind":${plain(kind)},"op":${plain(op)},"record":${plain(record)}}`,
  );
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
  /** Schema number of the kind; left out of the hash where it is 1, as all lines before it was kept are. */
  readonly schema?: number;
}

/**
 * A log line's hash over itself and the line before it: a line cannot be changed or taken out unseen. The hashed text is
 * the canonical form of the line with `previousHash` among its fields.
 */
export function logHash(previousHash: string, line: LogLine): string {
  const {
    actorId,
    after,
    at,
    before,
    changeId,
    contentHash: content,
    inspectionId,
    kind,
    op,
    recordId,
    schema = 1,
    version,
  } = line;
  return sha256Hex(
    `{"actorId":${plain(actorId)},"after":${bodyText(after)},"at":${plain(at)},"before":${bodyText(before)},` +
      `"changeId":${plain(changeId)},"contentHash":${plain(content)},"inspectionId":${plain(inspectionId)},` +
      `"kind":${plain(kind)},"op":${plain(op)},"previousHash":${plain(previousHash)},"recordId":${plain(recordId)},` +
      `${schema === 1 ? '' : `"schema":${plain(schema)},`}"version":${plain(version)}}`,
  );
}
