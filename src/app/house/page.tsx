import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { mayManage } from '@/data/actor';
import { auditOf } from '@/data/audit';
import { backupRuns, storageUsed } from '@/data/backups';
import { db } from '@/data/db';
import { deletionsOf } from '@/data/deletions';
import { houseSettings } from '@/data/house';
import { tokensOf } from '@/data/tokens';
import { House } from '@/screens/house/house';
import { pageActor } from '@/server/actor';
import { keysOf } from '@/server/published-keys';
import { DeviceKeeper } from '@/ui/device/device-keeper';

export const metadata: Metadata = { title: 'House' };
export const dynamic = 'force-dynamic';

/** What a manager looks after besides the lots: keys, people's names, what strangers read, what was done. */
export default async function HousePage() {
  const actor = await pageActor();
  if (!mayManage(actor)) redirect('/account');
  const [keys, settings, events, runs, used, tokens, deletions] = await Promise.all([
    keysOf(actor.orgId),
    houseSettings(db(), actor),
    auditOf(db(), actor, 300),
    backupRuns(db()),
    storageUsed(db(), actor),
    tokensOf(db(), actor),
    deletionsOf(db(), actor),
  ]);
  return (
    <>
      <House
        orgId={actor.orgId}
        keys={keys!}
        settings={settings}
        used={used}
        today={new Date().toISOString()}
        deletions={deletions.map(({ id, what, name, why, askedBy, dueAt, message }) => ({
          id,
          what,
          name,
          why,
          askedBy,
          dueAt: dueAt.toISOString(),
          message,
        }))}
        tokens={tokens.map(({ id, name, scopes, expiresAt, lastUsedAt, revokedAt }) => ({
          id,
          name,
          scopes,
          expiresAt: expiresAt.toISOString(),
          lastUsedAt: lastUsedAt?.toISOString() ?? null,
          revoked: revokedAt !== null,
        }))}
        runs={runs.map((r) => ({
          id: r.id,
          what: r.what,
          state: r.state,
          at: r.at.toISOString(),
          askedBy: r.askedBy,
          bytes: r.bytes,
          message: r.message,
        }))}
        events={events.map((e) => ({
          id: e.id,
          at: e.at.toISOString(),
          who: e.actorName,
          what: e.what,
          lotId: e.lotId,
          detail: e.detail as Record<string, unknown>,
        }))}
      />
      <DeviceKeeper me={actor.userId} role={actor.role} />
    </>
  );
}
