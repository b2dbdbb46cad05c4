import { type ChildProcess, spawn } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import pLimit from 'p-limit';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { addExportJob, LEFT_AFTER_MS, moveExportJob, removeExportJob } from '@/data/export-jobs';
import type { ExportWhat } from '@/data/tables/farvin';
import { photoStore } from '../photo-store';
import { exportKey } from './export-key';

/** One at a time in a server: the other core goes on answering. */
const inTurn = pLimit(1);
const running = new Map<string, ChildProcess>();
const WORSE_PRIORITY = 10;

/** Runs the making of one export to its end in a process of its own; returns what it printed. */
export function runExport(jobId: string, userId: string): Promise<{ code: number | null; printed: string }> {
  const root = process.cwd();
  const child = spawn(
    process.execPath,
    [path.join(root, 'node_modules', 'tsx', 'dist', 'cli.mjs'), path.join(root, 'bin', 'export.ts'), jobId, userId],
    { cwd: root, env: { ...process.env, NODE_ENV: 'production' }, stdio: ['ignore', 'pipe', 'inherit'] },
  );
  running.set(jobId, child);
  try {
    if (child.pid) os.setPriority(child.pid, WORSE_PRIORITY);
  } catch {
    // Not every system lets a process be nice; it is made all the same.
  }
  let printed = '';
  child.stdout.on('data', (d) => {
    printed += d;
  });
  return new Promise((resolve) => {
    const done = (code: number | null) => {
      running.delete(jobId);
      resolve({ code, printed });
    };
    child.on('error', () => done(null));
    child.on('close', done);
  });
}

const BEAT_MS = LEFT_AFTER_MS / 4;

/** Keeps a job from reading as left while it waits for its turn or is long at one step; it stops with this server. */
export async function whileMoving<T>(
  db: Db,
  actor: Actor,
  id: string,
  work: () => Promise<T>,
  beatMs = BEAT_MS,
): Promise<T> {
  let moving: Promise<unknown> | null = null;
  const beat = setInterval(() => {
    moving ??= moveExportJob(db, actor, id, {})
      .catch(() => {})
      .finally(() => {
        moving = null;
      });
  }, beatMs);
  try {
    return await work();
  } finally {
    clearInterval(beat);
    await moving;
  }
}

/** Starts an export in the background and returns its id at once. */
export async function startExport(db: Db, actor: Actor, inspectionId: string, what: ExportWhat): Promise<string> {
  const id = await addExportJob(db, actor, inspectionId, what);
  const making = () =>
    inTurn(async () => {
      // Cancelled while it waited for its turn: the making finds nothing to do.
      const { code } = await runExport(id, actor.userId);
      if (code !== 0)
        await moveExportJob(db, actor, id, { state: 'failed', message: 'It could not be made. Make it again.' });
    });
  void whileMoving(db, actor, id, making).catch(() => {});
  return id;
}

/** Stops an export that is being made, or takes a finished one away. */
export async function dropExport(db: Db, actor: Actor, id: string): Promise<boolean> {
  const job = await removeExportJob(db, actor, id);
  if (!job) return false;
  running.get(id)?.kill();
  await photoStore()
    .remove(exportKey(actor.orgId, id))
    .catch(() => {});
  return true;
}
