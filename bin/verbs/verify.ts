import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type PublishedKeys, publishedKeysSchema, standingOfKey } from '@/core/seal/known-keys';
import { blursOf } from '@/report/blurs';
import { recomputeReport } from '@/report/recompute';
import { verifyReport } from '@/report/sealed-report';
import type { Snapshot } from '@/report/snapshot';
import { sha256Of } from '@/server/sha256';
import { readJson } from '../bundles';
import { isZipFile, readText } from '../files';
import { Refusal } from '../refusals';
import { defineVerb, TEXT } from '../verb';

/** The keys that `--key` names: one in hexadecimal, or a file of a house's published keys or of keys line by line. */
function keysAsked(given: string): PublishedKeys | readonly string[] {
  if (/^[0-9a-f]{64}$/i.test(given)) return [given.toLowerCase()];
  const text = readText(given);
  const published = text.trimStart().startsWith('{') ? publishedKeysSchema.safeParse(readJson(given)) : null;
  if (published?.success) return published.data;
  const lines = text.match(/\b[0-9a-fA-F]{64}\b/g) ?? [];
  if (published || lines.length === 0) throw new Refusal('not-keys', { message: `${given} holds no keys` });
  return lines.map((l) => l.toLowerCase());
}

function standingOf(given: string | undefined, publicKey: string, sealedAt: string): { key: string; keyWhy?: string } {
  if (given === undefined) return { key: 'unknown' };
  const keys = keysAsked(given);
  if ('format' in keys) {
    const { key, ...more } = standingOfKey(keys, publicKey, sealedAt);
    return { key, ...('why' in more && { keyWhy: more.why }) };
  }
  return keys.includes(publicKey) ? { key: 'known' } : { key: 'other', keyWhy: 'not-listed' };
}

/** Which of a report's pictures fit their hashes, where they came along in its ZIP. */
async function picturesOf(verdict: { snapshot: Snapshot }, photos: ReadonlyMap<string, string> | null) {
  if (!photos) return {};
  const differ: string[] = [];
  const missing: string[] = [];
  const blurs = blursOf(verdict.snapshot.bundle);
  // Of a blurred picture the original is not published.
  const list = verdict.snapshot.bundle.photos.filter((p) => !blurs.has(p.sha256));
  for (const { sha256 } of list) {
    const file = photos.get(sha256);
    if (!file) missing.push(sha256);
    else if (sha256Of(readFileSync(file)) !== sha256) differ.push(sha256);
  }
  return { pictures: { all: list.length, differ, missing, ...(blurs.size > 0 && { blurred: blurs.size }) } };
}

/** The report and its pictures out of a report's ZIP; loaded when there is one. */
async function unpacked(path: string, dir: string) {
  const { unpackReport, ZipRefused } = await import('@/server/export/zip-safe');
  return unpackReport(path, dir).catch((error: unknown) => {
    throw error instanceof ZipRefused ? new Refusal(error.reason, { message: error.message }) : error;
  });
}

async function verify(path: string, flags: { readonly key?: string }): Promise<object> {
  const dir = mkdtempSync(join(tmpdir(), 'farvin-verify-'));
  try {
    const zip = isZipFile(path) ? await unpacked(path, dir) : null;
    const verdict = await verifyReport(readJson(zip?.report ?? path));
    if (!verdict.ok) throw new Refusal(verdict.reason);
    const { snapshot } = verdict;
    const told = {
      ...standingOf(flags.key, verdict.publicKey, snapshot.sealedAt),
      ...recomputeReport(verdict),
      sha256: verdict.sha256,
      publicKey: verdict.publicKey,
      lot: snapshot.bundle.lot.number,
      title: snapshot.bundle.lot.title,
      revision: snapshot.bundle.inspection.revision,
      sealedAt: snapshot.sealedAt,
      sealedBy: snapshot.sealedBy,
      ...(snapshot.seal && { house: snapshot.seal.organisation.name, seal: snapshot.seal }),
      ...(await picturesOf(verdict, zip?.photos ?? null)),
    };
    if (told.key === 'other') throw new Refusal('other-key', told);
    if (told.pictures?.differ.length) throw new Refusal('pictures-differ', told);
    return { ok: true, ...told };
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

export const verb = defineVerb({
  usage: 'REPORT [--key HEX|FILE]',
  does: 'Re-computes hash, signature and figures of a sealed report (JSON, or its ZIP with pictures). --key is the key that the house stands by, or a file of its published keys.',
  gives: '`{ok, key, recomputed, …}`: hash, signature, key, figures',
  takes: 'file',
  options: { key: TEXT },
  run: verify,
});
