import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { askBackup, backupRuns, storageUsed } from '@/data/backups';
import { db } from '@/data/db';
import { bodyOf, problem, route } from '@/server/api';

const schema = z.strictObject({ now: z.literal(true) });

/** The latest backups and proofs of this server, and what the house keeps on it. */
export const GET = route(mayManage, async ({ actor }) =>
  Response.json({
    runs: (await backupRuns(db())).map(({ file: _file, ...run }) => run),
    used: await storageUsed(db(), actor),
  }),
);

/** Asks for a backup now. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(request, schema, 'Say {"now": true}.', 1000);
  if (!parsed.ok) return parsed.response;
  return (await askBackup(db(), actor.name))
    ? Response.json({ ok: true }, { status: 202 })
    : problem(409, 'asked-already', 'A backup is asked for or being made already.');
});
