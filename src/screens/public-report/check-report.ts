import { type KeyStanding, publishedKeysSchema, standingOfKey } from '@/core/seal/known-keys';
import { blursOf } from '@/report/blurs';
import type { Recomputed } from '@/report/recompute';

export interface Checked {
  readonly sha256: string;
  readonly key: KeyStanding;
  readonly figures: Recomputed;
  /** Pictures whose bytes fit their hashes, of all, and those that do not or did not come. */
  readonly pictures: { readonly fit: number; readonly all: number };
  /** Pictures of which the original is not published. */
  readonly blurred: number;
}
export type CheckResult = { ok: true; checked: Checked } | { ok: false; message: string };

const SAYS: Readonly<Record<string, string>> = {
  'hash-differs': 'The hash does not fit: this report was changed after it was sealed.',
  'signature-differs': 'The signature does not fit this hash and key.',
  'not-a-report': 'What was loaded is no report.',
  'newer-version': 'This report has a newer form than this page can check.',
};

const hexOf = (bytes: ArrayBuffer) => [...new Uint8Array(bytes)].map((b) => b.toString(16).padStart(2, '0')).join('');

async function pictureFits(address: string, sha256: string): Promise<boolean> {
  const answer = await fetch(address).catch(() => null);
  return !!answer?.ok && hexOf(await crypto.subtle.digest('SHA-256', await answer.arrayBuffer())) === sha256;
}

/** Loads a report, its house's keys and its pictures, and checks all of it in the reader's own browser. */
export async function checkReport(
  { address, keysAddress, photos, shown }: { address: string; keysAddress: string; photos: string; shown: string },
  progress: (done: number, all: number) => void,
): Promise<CheckResult> {
  const [{ verifyReport }, { recomputeReport }, report, published] = await Promise.all([
    import('@/report/sealed-report'),
    import('@/report/recompute'),
    fetch(address).then((r) => r.json()),
    fetch(keysAddress).then((r) => r.json()),
  ]);
  const verdict = await verifyReport(report);
  if (!verdict.ok) return { ok: false, message: SAYS[verdict.reason] ?? verdict.reason };
  if (verdict.sha256 !== shown)
    return { ok: false, message: 'The file is whole, but it is not the one this page shows.' };
  const keys = publishedKeysSchema.safeParse(published);
  const blurs = blursOf(verdict.snapshot.bundle);
  const list = verdict.snapshot.bundle.photos.filter((p) => !blurs.has(p.sha256));
  let fit = 0;
  for (const [i, { sha256 }] of list.entries()) {
    progress(i, list.length);
    // Hashes can only be computed by the browser over a safe connection, or on this machine.
    if (globalThis.crypto?.subtle && (await pictureFits(`${photos}/${sha256}/full`, sha256))) fit++;
  }
  return {
    ok: true,
    checked: {
      sha256: verdict.sha256,
      key: keys.success
        ? standingOfKey(keys.data, verdict.publicKey, verdict.snapshot.sealedAt)
        : { key: 'other', why: 'not-listed' },
      figures: recomputeReport(verdict),
      pictures: { fit, all: list.length },
      blurred: blurs.size,
    },
  };
}
