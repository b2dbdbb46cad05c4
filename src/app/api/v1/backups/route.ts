import { mayManage } from '@/data/actor';
import { askBackup, backupRuns, storageUsed } from '@/data/backups';
import { db } from '@/data/db';
import { problem, route } from '@/server/api';

/** The latest backups and proofs of this server, and what the house keeps on it. */
export const GET = route(mayManage, async ({ actor }) =>
  Response.json({
    runs: (await backupRuns(db())).map(({ file: _file, ...run }) => run),
    used: await storageUsed(db(), actor),
  }),
);

/** Asks for a backup now. */
export const POST = route(mayManage, async ({ actor }) =>
  (await askBackup(db(), actor.name))
    ? Response.json({ ok: true }, { status: 202 })
    : problem(409, 'asked-already', 'A backup is asked for or being made already.'),
);
