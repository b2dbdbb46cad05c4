import { mkdtempSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { actorOf } from '../src/data/actor';
import { connect } from '../src/data/db';
import { exportJobOf, moveExportJob } from '../src/data/export-jobs';
import { exportKey } from '../src/server/export/export-key';
import { makeExport } from '../src/server/export/make-export';
import { photoStore } from '../src/server/photo-store';

/** Enough for the screen; more often would only write the database. */
const TELL_EVERY_MS = 400;

class Cancelled extends Error {}

/**
 * Makes one export in a process of its own, so that the server goes on answering and its memory stays its own:
 * `export.ts JOB USER`. Prints the peak of its memory.
 */
async function main(): Promise<void> {
  const [jobId = '', userId = ''] = process.argv.slice(2);
  const { db, end } = connect(process.env.DATABASE_URL ?? '', 2);
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-export-'));
  const actor = await actorOf(db, userId);
  try {
    const job = actor ? await exportJobOf(db, actor, jobId) : null;
    if (!actor || !job) throw new Error('there is no such export');
    let told = 0;
    const file = await makeExport(db, actor, job.inspectionId, job.what, dir, async (done, total) => {
      if (Date.now() - told < TELL_EVERY_MS && done !== total) return;
      told = Date.now();
      if (!(await moveExportJob(db, actor, jobId, { done, total }))) throw new Cancelled();
    });
    await photoStore().putFile(exportKey(actor.orgId, jobId), file);
    await moveExportJob(db, actor, jobId, { state: 'ready', bytes: statSync(file).size });
    console.log(`peak ${Math.round(process.resourceUsage().maxRSS / 1024)} MB`);
  } catch (error) {
    if (error instanceof Cancelled) return;
    const message = error instanceof Error ? error.message : 'something went wrong';
    if (actor) await moveExportJob(db, actor, jobId, { state: 'failed', message }).catch(() => {});
    process.exitCode = 1;
  } finally {
    rmSync(dir, { recursive: true, force: true });
    await end();
  }
}

main().catch((error: unknown) => {
  console.error('An export broke off:', error instanceof Error ? error.message : 'unknown');
  process.exit(1);
});
