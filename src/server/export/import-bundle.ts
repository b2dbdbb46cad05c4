import { createHash } from 'node:crypto';
import { mkdtempSync } from 'node:fs';
import { open, readFile, rm, stat } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { type AnyRecord, schemaNumber } from '@/core/kinds';
import { type BundleProblem, readBundle } from '@/core/records/bundle';
import { CHANGES_PER_CALL } from '@/core/records/change';
import { canonicalText } from '@/core/seal/seal';
import type { Actor } from '@/data/actor';
import { audit } from '@/data/audit';
import { type Db, inOrg } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { inspectionHead, recordsOfInspection } from '@/data/inspections';
import { addLot, lotExists } from '@/data/lots';
import { photosPresent } from '@/data/photos';
import { importPhoto } from '../photo-import';
import { sha256Of } from '../sha256';
import { unpackBundle, ZIP_LIMITS, ZipRefused } from './zip-safe';

export type ImportResult =
  | {
      ok: true;
      lotId: string;
      inspectionId: string;
      created: boolean;
      /** Records taken, already there as they are, and there with another content (left as they are). */
      taken: number;
      same: number;
      different: number;
      pictures: number;
    }
  | { ok: false; reason: string; message: string; problems?: readonly BundleProblem[] };

const refuse = (reason: string, message: string, problems?: readonly BundleProblem[]): ImportResult => ({
  ok: false,
  reason,
  message,
  ...(problems && { problems }),
});

/** A change's id that is the same whenever the same record of the same bundle is imported (RFC 9562, version 8). */
function changeId(inspectionId: string, record: AnyRecord): string {
  const hash = createHash('sha256')
    .update(`import:${inspectionId}:${record.id}:${canonicalText(record.body)}`)
    .digest('hex');
  const variant = ((Number.parseInt(hash[16]!, 16) & 3) | 8).toString(16);
  return `${hash.slice(0, 8)}-${hash.slice(8, 12)}-8${hash.slice(13, 16)}-${variant}${hash.slice(17, 20)}-${hash.slice(20, 32)}`;
}

/** Whether a file begins as a ZIP does. */
async function isZip(file: string): Promise<boolean> {
  const handle = await open(file);
  const { buffer } = await handle.read(Buffer.alloc(4), 0, 4, 0);
  await handle.close();
  return buffer.readUInt32LE(0) === 0x04034b50;
}

/**
 * Takes a bundle (JSON, or ZIP with pictures) into a sale: its lot and inspection are made under their own ids when the
 * organisation does not have them, records come in under theirs through the gateway. What is there already stays as it
 * is; importing twice changes nothing.
 */
export async function importBundle(
  db: Db,
  actor: Actor,
  saleId: string,
  file: string,
  progress: (done: number, total: number) => void = () => {},
): Promise<ImportResult> {
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-import-'));
  try {
    const zip = (await stat(file)).size > 4 && (await isZip(file));
    const unpacked = zip ? await unpackBundle(file, dir) : { bundle: file, photos: new Map<string, string>() };
    if ((await stat(unpacked.bundle)).size > ZIP_LIMITS.entryBytes)
      return refuse('too-large', 'The bundle’s records are larger than any inspection.');
    return await takeIn(db, actor, saleId, unpacked, progress);
  } catch (error) {
    if (error instanceof ZipRefused)
      return refuse(error.reason, `This ZIP is not taken: ${error.message}. Nothing was changed.`);
    throw error;
  } finally {
    await rm(dir, { recursive: true, force: true });
  }
}

async function takeIn(
  db: Db,
  actor: Actor,
  saleId: string,
  { bundle: path, photos }: { bundle: string; photos: ReadonlyMap<string, string> },
  progress: (done: number, total: number) => void,
): Promise<ImportResult> {
  let json: unknown;
  try {
    json = JSON.parse(await readFile(path, 'utf8'));
  } catch {
    return refuse('not-json', 'The bundle is not JSON. Nothing was changed.');
  }
  const read = readBundle(json);
  if (!read.ok) return refuse('bad-bundle', 'The bundle has mistakes. Nothing was changed.', read.problems);
  const { bundle, records } = read;
  const named = bundle.photos.map((p) => p.sha256);
  const held = new Set(await photosPresent(db, actor, named));
  const lacking = named.filter((sha) => !held.has(sha) && !photos.has(sha));
  if (lacking.length > 0)
    return refuse(
      'pictures-missing',
      `${lacking.length} of its pictures are neither in this file nor here. Import the ZIP with pictures. Nothing was changed.`,
    );
  // Each picture is what its name says before anything is made here.
  for (const sha of named.filter((s) => photos.has(s)))
    if (sha256Of(await readFile(photos.get(sha)!)) !== sha)
      return refuse(
        'picture-differs',
        `The picture ${sha.slice(0, 12)}… is not what its name says. Nothing was changed.`,
      );
  const home = await homeOf(db, actor, saleId, bundle);
  if (!home.ok) return home;
  // Pictures first: a record may only speak of a picture that is there.
  const wanted = named.filter((sha) => photos.has(sha));
  for (const [i, sha] of wanted.entries()) {
    const taken = await importPhoto(db, actor, await readFile(photos.get(sha)!));
    if (!taken.ok || taken.photo.sha256 !== sha)
      return refuse(
        'picture-differs',
        `The picture ${sha.slice(0, 12)}… is not what its name says. No record was taken.`,
      );
    progress(i + 1, wanted.length + 1);
  }
  const counts = await takeRecords(db, actor, bundle.inspection.id, records);
  progress(wanted.length + 1, wanted.length + 1);
  if (counts.refused)
    return refuse('not-taken', `${counts.refused} Records before it were taken; importing again goes on.`);
  await inOrg(db, actor, (tx) =>
    audit(tx, actor, 'imported', {
      lotId: bundle.lot.id,
      inspectionId: bundle.inspection.id,
      detail: { ...counts.counts, pictures: wanted.length },
    }),
  );
  return {
    ok: true,
    lotId: bundle.lot.id,
    inspectionId: bundle.inspection.id,
    created: home.created,
    pictures: wanted.length,
    ...counts.counts,
  };
}

type Home = { ok: true; created: boolean } | Extract<ImportResult, { ok: false }>;

/** Finds or makes the lot and inspection that the bundle speaks of. */
async function homeOf(
  db: Db,
  actor: Actor,
  saleId: string,
  bundle: { lot: { id: string; number: number; title: string }; inspection: { id: string; revision: number } },
): Promise<Home> {
  const head = await inspectionHead(db, actor, bundle.inspection.id);
  if (head) {
    if (head.lot.id !== bundle.lot.id)
      return refuse('other-lot', 'This inspection belongs to another lot here.') as Home;
    return { ok: true, created: false };
  }
  if (await lotExists(db, actor, bundle.lot.id))
    return refuse(
      'other-revision',
      'This lot is here with another inspection than the bundle’s. Its records are not mixed.',
    ) as Home;
  const given = { number: bundle.lot.number, title: bundle.lot.title, reportDueOn: null };
  const ids = { lotId: bundle.lot.id, inspectionId: bundle.inspection.id };
  const added = await addLot(db, actor, saleId, given, ids).catch(() => 'taken' as const);
  if (added === 'taken') return refuse('foreign-id', 'A lot with this id exists outside your organisation.') as Home;
  if (!added)
    return refuse(
      'number-taken',
      `This sale already has a lot ${bundle.lot.number}, or the lot is another organisation’s. Nothing was changed.`,
    ) as Home;
  return { ok: true, created: true };
}

async function takeRecords(db: Db, actor: Actor, inspectionId: string, records: readonly AnyRecord[]) {
  const counts = { taken: 0, same: 0, different: 0 };
  const present = new Map((await recordsOfInspection(db, actor, inspectionId)).map((r) => [r.id, r]));
  const fresh: AnyRecord[] = [];
  for (const record of records) {
    const there = present.get(record.id);
    if (!there) fresh.push(record);
    else if (canonicalText(there.body) === canonicalText(record.body)) counts.same++;
    else counts.different++;
  }
  // The car comes first, so that every other record is checked against its plan.
  fresh.sort((a, b) => Number(b.kind === 'car') - Number(a.kind === 'car'));
  for (let i = 0; i < fresh.length; i += CHANGES_PER_CALL) {
    const changes = fresh.slice(i, i + CHANGES_PER_CALL).map((r) => ({
      id: changeId(inspectionId, r),
      op: 'put' as const,
      kind: r.kind,
      record: r.id,
      schema: schemaNumber(r.kind),
      base: r.version - 1,
      body: r.body,
    }));
    const results = await takeChanges(db, actor, inspectionId, changes, new Date(), { imported: true });
    const bad = results?.find((r) => r.status === 'rejected');
    if (!results || bad)
      return { counts, refused: bad?.status === 'rejected' ? bad.message : 'The inspection is gone.' };
    // Entered before and taken out here since: it stays out.
    counts.taken += results.filter((r) => r.status === 'applied').length;
    counts.same += results.filter((r) => r.status !== 'applied').length;
  }
  return { counts, refused: '' };
}
