import { type ChildProcess, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import os from 'node:os';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { addExportJob, LEFT_AFTER_MS, moveExportJob, nextExport, removeExportJob } from '@/data/export-jobs';
import type { ExportWhat } from '@/data/tables/export-jobs';
import { noteFailure } from '../note-failure';
import { ownProgram } from '../own-program';
import { photoStore } from '../photo-store';
import { quotas } from '../quotas';
import { exportKey } from './export-key';

const running = new Map<string, ChildProcess>();
/** How far exports stand back behind the server; on a machine that tests keep busy they would not be made at all. */
const WORSE_PRIORITY = Number(process.env.FARVIN_EXPORT_NICE ?? 10);
/** Longest time that one export may take, and most memory of its process. House values. */
const LONGEST_MS = 10 * 60_000;
const HEAP_MB = 1200;

/** Runs the making of one export to its end in a process of its own; returns what it printed. */
export function runExport(
  jobId: string,
  userId: string,
  longestMs: number = LONGEST_MS,
): Promise<{ code: number | null; printed: string; tookTooLong: boolean }> {
  const child = spawn(process.execPath, [`--max-old-space-size=${HEAP_MB}`, ...ownProgram('export'), jobId, userId], {
    cwd: process.cwd(),
    env: { ...process.env, NODE_ENV: 'production' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  running.set(jobId, child);
  try {
    if (child.pid) os.setPriority(child.pid, WORSE_PRIORITY);
  } catch {
    // Not every system lets a process be nice; it is made all the same.
  }
  let printed = '';
  let tookTooLong = false;
  child.stdout.on('data', (d) => {
    printed += d;
  });
  const limit = setTimeout(() => {
    tookTooLong = true;
    child.kill('SIGKILL');
  }, longestMs);
  return new Promise((resolve) => {
    const done = (code: number | null) => {
      clearTimeout(limit);
      running.delete(jobId);
      resolve({ code, printed, tookTooLong });
    };
    child.on('error', () => done(null));
    child.on('close', done);
  });
}

const BEAT_MS = LEFT_AFTER_MS / 4;

/** Keeps a job from reading as left while it is long at one step; it stops with this server. */
export async function whileMoving<T>(
  db: Db,
  house: Pick<Actor, 'orgId'>,
  id: string,
  work: () => Promise<T>,
  beatMs = BEAT_MS,
): Promise<T> {
  let moving: Promise<unknown> | null = null;
  const beat = setInterval(() => {
    moving ??= moveExportJob(db, house, id, {})
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

const SERVER = randomUUID();
/** Houses in the order in which this server served them. */
const served = new Set<string>();
let making: Promise<void> | null = null;

async function makeOne(db: Db, job: { id: string; orgId: string; userId: string }): Promise<void> {
  const { code, tookTooLong } = await whileMoving(db, job, job.id, () => runExport(job.id, job.userId));
  if (code === 0) return;
  const message = tookTooLong
    ? 'It took longer than an export may. Ask for one without pictures, or for fewer.'
    : 'It could not be made. Make it again.';
  await moveExportJob(db, job, job.id, { state: 'failed', message });
}

/**
 * Makes the exports that wait, one at a time in a server (the other core goes on answering), each house in its turn; also
 * those that another server left standing. Runs once however often it is called.
 */
export function makeWaiting(db: Db): Promise<void> {
  const next = () => nextExport(db, SERVER, [...served]);
  making ??= (async () => {
    for (let job = await next(); job; job = await next()) {
      const { orgId } = job;
      served.delete(orgId);
      served.add(orgId);
      await makeOne(db, job);
    }
  })()
    .catch(noteFailure)
    .finally(() => {
      making = null;
    });
  return making;
}

/** Starts an export in the background and returns its id at once; null when there are as many under way as may be. */
export async function startExport(
  db: Db,
  actor: Actor,
  inspectionId: string,
  what: ExportWhat,
  { bounded = true } = {},
): Promise<string | null> {
  const { exportsPerPerson: perPerson, exportsPerHouse: perHouse } = quotas();
  const id = await addExportJob(db, actor, inspectionId, what, bounded ? { perPerson, perHouse } : undefined);
  void makeWaiting(db);
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
