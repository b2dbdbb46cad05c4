import { hash } from 'node:crypto';
import { canonicalText } from '@/core/seal/seal';

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
const plain = (value: string | number | null) => JSON.stringify(value);

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
  /** Schema number of the kind; left out of the hash of form 1 where it is 1, as all lines before it was kept are. */
  readonly schema?: number;
  /** Of form 2: the name of whoever entered it, as it was then; null is form 1. */
  readonly actorName?: string | null;
  readonly clockAheadS?: number | null;
  /** Of form 2: the hashes of bodies, and of the name, that were erased since. */
  readonly erased?: { before?: string; after?: string; name?: string } | null;
}

const hashes = new WeakMap<object, string>();

/** SHA-256 of a body's canonical text; null for no body. */
export function bodyHash(body: unknown): string | null {
  if (typeof body !== 'object' || body === null) return null;
  const before = hashes.get(body);
  if (before !== undefined) return before;
  const made = sha256Hex(bodyText(body));
  hashes.set(body, made);
  return made;
}

/** SHA-256 of a name in one line; the change's id keeps equal names from having equal hashes. */
export const nameHash = (changeId: string, name: string) => sha256Hex(`name:${changeId}:${name}`);

/**
 * A log line's hash over itself and the line before it: a line cannot be changed or taken out unseen. The hashed text is
 * the canonical form (RFC 8785) of the line with `previousHash` among its fields. Form 1 holds the bodies; form 2 holds
 * their hashes, that of the name of whoever entered it, and how far the device's clock was ahead, so that a body or a
 * name can be erased later and the line still be checked.
 */
export function logHash(previousHash: string, line: LogLine): string {
  return line.actorName == null ? hashOfForm1(previousHash, line) : hashOfForm2(previousHash, line, line.actorName);
}

function hashOfForm2(previousHash: string, line: LogLine, actorName: string): string {
  const { actorId, at, changeId, contentHash: content, inspectionId, kind, op, recordId, schema = 1, version } = line;
  const { erased } = line;
  const nameHashed = erased?.name ?? nameHash(changeId, actorName);
  const [before, after] = [erased?.before ?? bodyHash(line.before), erased?.after ?? bodyHash(line.after)];
  // Put together in the canonical order, as hundreds of lines a second are: of a general text it took a third of a batch.
  return sha256Hex(
    `{"actorId":${plain(actorId)},"actorNameHash":${plain(nameHashed)},"afterHash":${plain(after)},"at":${plain(at)},` +
      `"beforeHash":${plain(before)},"changeId":${plain(changeId)},"clockAheadS":${plain(line.clockAheadS ?? null)},` +
      `"contentHash":${plain(content)},"form":2,"inspectionId":${plain(inspectionId)},"kind":${plain(kind)},` +
      `"op":${plain(op)},"previousHash":${plain(previousHash)},"recordId":${plain(recordId)},"schema":${plain(schema)},` +
      `"version":${plain(version)}}`,
  );
}

function hashOfForm1(previousHash: string, line: LogLine): string {
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
