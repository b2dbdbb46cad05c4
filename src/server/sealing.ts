import { createHash, randomBytes } from 'node:crypto';
import type { ReportFile } from '@/core/seal/seal';
import { dayIn } from '@/core/time/day';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { bundleOf, inspectionHead, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import { keepSeal, reviewedByAnother, sealBasis, sealBefore } from '@/data/seals';
import { sealSnapshot } from '@/report/sealed-report';
import { reportToSeal } from './workshop/report-to-seal';
import { figureShop } from './workshop/workshop';

export type SealRefusal =
  | 'not-found'
  | 'already-sealed'
  | 'changed-meanwhile'
  | 'incomplete'
  | 'tables-unfit'
  | 'not-reviewed'
  | 'practice';

/** The year by which a car's age counts: that of the sale, else of today. */
export function saleYear(closesOn: string | null, now: Date, timeZone = 'UTC'): number {
  return Number((closesOn ?? dayIn(now, timeZone)).slice(0, 4));
}

type Sealed = { ok: true; report: ReportFile; lotId: string } | { ok: false; reason: SealRefusal };

/** Records up to which a report is computed where it is asked for. */
const SMALL = 300;

/** How often sealing begins anew because the house sealed another lot meanwhile. */
const TRIES = 3;

/** Computes, signs and stores the report of an inspection, which is unchangeable from then on. */
export async function sealInspection(db: Db, actor: Actor, inspectionId: string, now: Date): Promise<Sealed> {
  let sealed: Sealed = { ok: false, reason: 'changed-meanwhile' };
  for (let i = 0; i < TRIES && !sealed.ok && sealed.reason === 'changed-meanwhile'; i++)
    sealed = await sealOnce(db, actor, inspectionId, now);
  return sealed;
}

async function sealOnce(db: Db, actor: Actor, inspectionId: string, now: Date): Promise<Sealed> {
  const head = await inspectionHead(db, actor, inspectionId);
  if (!head) return { ok: false, reason: 'not-found' };
  if (head.sale.practice) return { ok: false, reason: 'practice' };
  if (head.state === 'sealed') return { ok: false, reason: 'already-sealed' };
  const records = await recordsOfInspection(db, actor, inspectionId);
  const { unfit, tables } = await orgTables(db, actor);
  // By other numbers than the house's own nothing goes out under its name.
  if (unfit.length > 0) return { ok: false, reason: 'tables-unfit' };
  const onYear = saleYear(head.sale.closesOn, now, head.sale.timeZone);
  const before = head.revision > 1 ? await sealBefore(db, actor, head.lot.id, head.revision) : null;
  const { key, previous, publishesPlaces, fourEyes } = await sealBasis(db, actor);
  if (fourEyes && !(await reviewedByAnother(db, actor, inspectionId))) return { ok: false, reason: 'not-reviewed' };
  const input = {
    bundle: {
      ...bundleOf(head, records),
      inspection: { id: head.id, revision: head.revision, state: 'sealed' as const },
    },
    sale: { name: head.sale.name, closesOn: head.sale.closesOn, timeZone: head.sale.timeZone },
    ...(before && { corrects: { ...before, reason: head.reason } }),
    sealedAt: now.toISOString(),
    sealedBy: actor.name,
    seal: { organisation: { id: actor.orgId, name: key.house }, keyId: key.id, logHead: head.logHead, previous },
    publishPlaces: publishesPlaces,
    onYear,
    tables,
  };
  // A large one takes seconds of a processor: the server goes on answering meanwhile.
  const snapshot =
    records.length > SMALL
      ? await figureShop().run('reportToSeal', { records, input })
      : await reportToSeal({ records, input });
  if (!snapshot) return { ok: false, reason: 'incomplete' };
  const report = await sealSnapshot(snapshot, key.secret);
  const kept = await keepSeal(db, actor, inspectionId, head.changeCount, {
    sealedAt: now,
    sealedBy: actor.name,
    sha256: report.sha256,
    report: JSON.stringify(report),
    keyId: key.id,
    previous,
    logHead: head.logHead,
  });
  return kept.ok ? { ok: true, report, lotId: head.lot.id } : kept;
}

/** A new unguessable link token, 192 bits. */
export function newToken(): string {
  return randomBytes(24).toString('base64url');
}

/** Whether a text could be a token of ours. */
export const isToken = (text: string) => /^[A-Za-z0-9_-]{20,64}$/.test(text);

export function tokenHash(token: string): string {
  return createHash('sha256').update(`farvin-link:${token}`).digest('hex');
}
