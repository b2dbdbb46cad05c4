import { sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { SaleFacts } from '@/core/yard/sale-facts';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { addSealKey } from './seal-keys';

/** What a house is opened with. */
export interface FirstHouse {
  readonly house: string;
  readonly words: SaleFacts['words'];
  readonly units: SaleFacts['units'];
  readonly timeZone: string;
  readonly currency: string;
  readonly name: string;
  readonly email: string;
  readonly passwordHash: string;
}

/** Whether a house was opened here before. */
export async function hasHouse(db: Db): Promise<boolean> {
  const [row] = await db.execute<{ there: boolean }>(sql`select farvin_has_yard() as there`);
  return row!.there;
}

/**
 * Opens the first house with its manager and its key. Null when there is one: it happens once, also when two people
 * press the button at the same moment.
 */
export function openFirstHouse(
  db: Db,
  given: FirstHouse,
  now: Date,
): Promise<{ orgId: string; userId: string } | null> {
  const orgId = uuidv7();
  const userId = uuidv7();
  return inOrg(db, { orgId }, async (tx) => {
    const [row] = await tx.execute<{ done: boolean }>(sql`select farvin_start_yard(${orgId}::uuid, ${given.house},
      ${given.words}, ${given.units}, ${given.timeZone}, ${given.currency}, ${userId}, ${uuidv7()}, ${given.name},
      ${given.email}, ${given.passwordHash}) as done`);
    if (!row?.done) return null;
    await addSealKey(tx, orgId, given.house, now);
    await audit(tx, { orgId, userId, name: given.name }, 'house-opened', { detail: { title: given.house } });
    return { orgId, userId };
  });
}
