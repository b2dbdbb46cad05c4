import { sql } from 'drizzle-orm';
import type { Db } from './db';

/** The role as which the application works: owns no tables, sees one organisation per transaction (migration 0002). */
export const APP_ROLE = 'farvin_app';

const TIME_OUTS = {
  statement_timeout: '30s',
  lock_timeout: '10s',
  idle_in_transaction_session_timeout: '60s',
} as const;

/** Lets the application's role in with the password of its address. Needs a connection that may change roles. */
export async function openAppRole(owner: Db, app: URL): Promise<void> {
  if (app.username !== APP_ROLE) throw new Error(`DATABASE_URL must use the role ${APP_ROLE}`);
  const password = decodeURIComponent(app.password);
  if (!/^[A-Za-z0-9_-]{8,}$/.test(password))
    throw new Error(`the password of ${APP_ROLE} must be 8 or more letters, digits, - or _`);
  await owner.execute(sql.raw(`alter role ${APP_ROLE} login password '${password}'`));
  // One query that hangs, waits or was forgotten holds nobody else up for long.
  for (const [name, value] of Object.entries(TIME_OUTS))
    await owner.execute(sql.raw(`alter role ${APP_ROLE} set ${name} = '${value}'`));
}
