import { sql } from 'drizzle-orm';
import type { Db } from '@/data/db';
import { photoStore } from './photo-store';

export interface Health {
  readonly ok: boolean;
  readonly version: string;
  readonly database: { readonly ok: boolean; readonly ms: number };
  readonly store: { readonly ok: boolean; readonly ms: number };
  readonly jobs: { readonly waiting: number; readonly making: number; readonly failedToday: number } | null;
}

const PROBE = 'health/probe';
/** A part that answers later than this counts as away. */
const MOST_MS = 3000;
/** The answer is given again for so long: whoever watches more often learns nothing more. */
const KEPT_MS = 2000;

async function timed<T>(work: () => Promise<T>): Promise<{ ok: boolean; ms: number; value: T | null }> {
  const from = performance.now();
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('late')), MOST_MS);
  });
  const [ok, value] = await Promise.race([work(), late]).then(
    (v) => [true, v] as const,
    () => [false, null] as const,
  );
  clearTimeout(timer);
  return { ok, ms: Math.round(performance.now() - from), value };
}

/** Writes a few bytes to the picture store and reads them back: a full disk is seen here first. */
async function storeWorks(): Promise<void> {
  const text = String(process.pid);
  await photoStore().put(PROBE, Buffer.from(text));
  if ((await photoStore().get(PROBE)) === null) throw new Error('the store does not give back what it was given');
}

/** How this server, its database and its store are; numbers alone, nothing of any house. */
export async function healthOf(db: Db): Promise<Health> {
  const [database, store] = await Promise.all([
    timed(async () => {
      const [row] = await db.execute<{ waiting: number; making: number; failed_today: number }>(
        sql`select * from farvin_jobs()`,
      );
      return row!;
    }),
    timed(storeWorks),
  ]);
  const jobs = database.value;
  return {
    ok: database.ok && store.ok,
    // Stated by bin/server.mjs from the package.
    version: process.env.FARVIN_VERSION ?? 'unknown',
    database: { ok: database.ok, ms: database.ms },
    store: { ok: store.ok, ms: store.ms },
    jobs: jobs && { waiting: jobs.waiting, making: jobs.making, failedToday: jobs.failed_today },
  };
}

let kept: { readonly at: number; readonly health: Promise<Health> } | null = null;

/** The same, asked once for all who ask at about the same time. */
export function health(db: Db): Promise<Health> {
  if (!kept || performance.now() - kept.at > KEPT_MS) kept = { at: performance.now(), health: healthOf(db) };
  return kept.health;
}
