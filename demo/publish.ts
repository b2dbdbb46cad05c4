import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { addDays, addHours } from 'date-fns';
import { NOTHING_ASKED } from '../src/core/kinds/question-asked';
import type { Actor } from '../src/data/actor';
import type { Db } from '../src/data/db';
import { addExportJob } from '../src/data/export-jobs';
import { recordsOfInspection } from '../src/data/inspections';
import { addLink } from '../src/data/links';
import { newestSealed, publishLot } from '../src/data/published';
import { answer, ask } from '../src/data/questions';
import { startRevision } from '../src/data/revisions';
import { publicLot } from '../src/report/public-lot';
import { readSnapshot } from '../src/report/read-snapshot';
import { runExport } from '../src/server/export/jobs';
import { newToken, sealInspection, tokenHash } from '../src/server/sealing';
import type { DemoLot } from './lot';
import { DemoVisit } from './visit';

type Ids = { readonly lotId: string; readonly inspectionId: string };
/** Sends the changes of a visit to an inspection. */
export type Send = (inspectionId: string, visit: DemoVisit, at: Date) => Promise<void>;

async function sealed(db: Db, by: Actor, lot: DemoLot, inspectionId: string, at: Date): Promise<void> {
  const done = await sealInspection(db, by, inspectionId, at);
  if (!done.ok) throw new Error(`lot ${lot.number} was not sealed: ${done.reason}`);
}

/** Puts a lot's newest seal on the sale's page. */
async function onPage(db: Db, by: Actor, { lotId }: Ids, opensAt: Date | null): Promise<void> {
  const found = (await newestSealed(db, by, lotId))!;
  const opened = readSnapshot(JSON.parse(found.report).snapshot)!;
  const token = newToken();
  await publishLot(db, by, {
    lotId,
    saleId: found.saleId,
    sha256: found.sha256,
    facts: publicLot(opened.snapshot)!,
    token,
    tokenHash: tokenHash(token),
    opensAt,
  });
}

/** Seals a lot as its day has it, puts it on the page, revises it, and lets bidders ask. */
export async function publishDemo(
  db: Db,
  manager: Actor,
  { lot, ids, today, send }: { lot: DemoLot; ids: Ids; today: Date; send: Send },
): Promise<void> {
  // One seal after the other, an hour apart, all before the demo was opened.
  const at = addHours(today, -48 + lot.number);
  await sealed(db, manager, lot, ids.inspectionId, at);
  if (lot.published || lot.heldBackDays)
    await onPage(db, manager, ids, lot.heldBackDays ? addDays(today, lot.heldBackDays) : null);
  let revision = 1;
  let newest = ids.inspectionId;
  if (lot.revised) {
    const next = (await startRevision(db, manager, ids.inspectionId, lot.revised.reason))!;
    const visit = new DemoVisit(
      () => crypto.randomUUID(),
      addHours(at, 20),
      DemoVisit.planFor(lot.style, { steering: lot.facts?.steering ?? 'left' }),
      lot.number,
    );
    lot.revised.enter(visit);
    await send(next, visit, visit.startedAt);
    await sealed(db, manager, lot, next, addHours(today, -1));
    await onPage(db, manager, ids, null);
    revision = 2;
    newest = next;
  }
  for (const q of lot.asked ?? []) {
    const about = { ...NOTHING_ASKED, zone: q.zone ?? null };
    const asked = { about, name: q.by, mail: '', text: q.text };
    const id = await ask(db, { orgId: manager.orgId }, { lotId: ids.lotId, revision }, asked, addHours(today, -3));
    const shows = (await recordsOfInspection(db, manager, newest))
      .filter((r) => (r.kind === 'photo' || r.kind === 'finding') && r.body.zone === q.zone)
      .map((r) => r.id);
    if (id && q.answer) await answer(db, manager, id, { answer: q.answer, toAll: true, shows }, addHours(today, -2));
  }
}

/** A link to a lot that opens without signing in, with its PDF: the demo's own way in for bidders. */
export async function shareDemo(db: Db, manager: Actor, ids: Ids): Promise<void> {
  const token = newToken();
  await addLink(db, manager, { lotId: ids.lotId, tokenHash: tokenHash(token), label: 'Demo bidders', expiresAt: null });
  await runExport((await addExportJob(db, manager, ids.inspectionId, 'pdf'))!, manager.userId);
  const folder = process.env.PHOTO_STORE ?? path.join(process.cwd(), '.farvin', 'photos');
  mkdirSync(folder, { recursive: true });
  writeFileSync(path.join(folder, 'demo-link.txt'), `/r/${token}\n`);
}
