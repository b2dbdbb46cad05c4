import { kindOf, schemaNumber } from '@/core/kinds';
import { roleMay } from '@/core/people/roles';
import type { ChangeResult } from '@/core/records/change';
import { type CheckedChange, checkChange, updateFirst } from '@/core/records/check-change';
import { clip } from '@/core/records/clip';
import { contentHash, logHash } from '../change-hash';
import { type Batch, MOST_RECORDS, type StoredState, UnfitChange } from './batch';
import { fileNamed, textOf } from './sent';

/** A sealed inspection, or one that was given up, takes nothing more, but still knows what it took before. */
export function closedAnswer(input: unknown, batch: Batch, closed: 'sealed' | 'given-up'): ChangeResult {
  const id = (textOf(input, 'id') ?? '').toLowerCase();
  const known = batch.known.get(id);
  const checked = known ? checkChange(input, { style: batch.style }) : null;
  if (known && checked?.ok && sameContent(known.contentHash, input, checked.change))
    return { id, status: 'duplicate', version: known.version };
  return {
    id: clip(id, 64),
    status: 'rejected',
    reason: 'sealed',
    message:
      closed === 'sealed'
        ? 'This report is sealed. Start a new revision to correct it.'
        : 'This revision was given up; the sealed report before it stands.',
  };
}

/**
 * Hash of a change as it was sent, ids in lower case: what this program fills in where nothing was said does not count,
 * so that the same change sent again to a newer program is known again.
 */
function sentHash(input: unknown, change: CheckedChange): string {
  const body = change.op === 'put' ? (input as { body: unknown }).body : undefined;
  try {
    return contentHash({ ...change, body });
  } catch (cause) {
    throw new UnfitChange('a change has no canonical text', { cause });
  }
}

/** Whether a change says what was taken under its id: as sent, or as filled in by the program that took it. */
const sameContent = (taken: string, input: unknown, change: CheckedChange) =>
  taken === sentHash(input, change) || taken === contentHash(change);

/** Checks one change against the batch and, where nothing speaks against it, takes it in memory. */
export function takeOne(input: unknown, batch: Batch): ChangeResult {
  const held = batch.records.get((textOf(input, 'record') ?? '').toLowerCase());
  const checked = checkChange(input, { style: batch.style, present: (held?.body as Record<string, unknown>) ?? null });
  if (!checked.ok) return checked.rejection;
  const { change } = checked;
  if (!roleMay(batch.actor.role, kindOf(change.kind).by ?? 'enter'))
    return {
      id: change.id,
      status: 'rejected',
      reason: 'role',
      message: 'Your role does not enter this. It is kept on this device; an inspector of the house can enter it.',
    };
  const known = batch.known.get(change.id);
  if (known) {
    if (sameContent(known.contentHash, input, change))
      return { id: change.id, status: 'duplicate', version: known.version };
    return {
      id: change.id,
      status: 'rejected',
      reason: 'reused-id',
      message: 'A change with this id was taken before with another content.',
    };
  }
  const present = batch.records.get(change.record);
  if (present && present.kind !== change.kind) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'wrong-kind',
      message: `This record is a ${present.kind}, not a ${change.kind}.`,
    };
  }
  if (present && present.schema > schemaNumber(change.kind)) return { id: change.id, ...updateFirst(change.kind) };
  if ((present?.version ?? 0) !== change.base && !(batch.imported && !present)) {
    return {
      id: change.id,
      status: 'conflict',
      present: present ? { version: present.version, body: present.body } : null,
    };
  }
  if (change.op === 'put' && !present && batch.room === 0) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'too-many-records',
      message: `This inspection holds ${MOST_RECORDS} records, which is as many as it takes. Begin a revision, or take out what is not needed.`,
    };
  }
  const sha = change.op === 'put' ? fileNamed(change.kind, change.body) : null;
  if (sha !== null && !batch.photos.has(sha)) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'unknown-photo',
      message: 'This picture has not arrived yet. Send the picture first.',
      path: 'sha256',
    };
  }
  if (change.op === 'put' && kindOf(change.kind).single && !present && batch.singles.has(change.kind)) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'invalid',
      message: `This inspection already has its ${change.kind}; change that record.`,
      path: 'record',
    };
  }
  return apply(change, sentHash(input, change), present, batch);
}

/**
 * A picture's record with type, size and moment as its stored file has them, whatever was sent. A file that states no
 * moment keeps the one that the record came with from another house, since that house's file did.
 */
function asItsFile<B>(kind: string, body: B, present: StoredState | undefined, batch: Batch): B {
  const file = batch.photos.get(fileNamed(kind, body) ?? '');
  if (!file) return body;
  const { takenAt, ...facts } = file;
  const carried = textOf(batch.imported && !present ? body : present?.body, 'takenAt');
  return { ...body, ...facts, takenAt: takenAt?.toISOString() ?? carried };
}

function apply(change: CheckedChange, hash: string, present: StoredState | undefined, batch: Batch): ChangeResult {
  const version = change.base + 1;
  const after = change.op === 'put' ? asItsFile(change.kind, change.body, present, batch) : null;
  const schema = schemaNumber(change.kind);
  if (!present) batch.room--;
  if (change.op === 'put') batch.records.set(change.record, { kind: change.kind, version, schema, body: after });
  else batch.records.delete(change.record);
  if (kindOf(change.kind).single) batch.singles[change.op === 'put' ? 'add' : 'delete'](change.kind);
  if (change.kind === 'car') batch.style = change.op === 'put' ? textOf(change.body, 'style') || null : null;
  batch.touched.add(change.record);
  batch.known.set(change.id, { contentHash: hash, version });
  const line = {
    inspectionId: batch.inspectionId,
    changeId: change.id,
    contentHash: hash,
    actorId: batch.actor.userId,
    at: batch.at.toISOString(),
    op: change.op,
    kind: change.kind,
    recordId: change.record,
    version,
    schema,
    before: present?.body ?? null,
    after,
    actorName: batch.actor.name,
    clockAheadS: batch.clockAheadS,
  };
  const previousHash = batch.head;
  batch.head = logHash(previousHash, line);
  batch.log.push({ line, previousHash, hash: batch.head, stored: batch.stored.get(change.record) ?? 0 });
  return { id: change.id, status: 'applied', version };
}
