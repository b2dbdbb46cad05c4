import { v7 as uuidv7 } from 'uuid';
import type { Role } from '@/core/people/roles';
import type { Db } from './db';
import { addSealKey } from './seal-keys';
import { account, user } from './tables/auth';
import { membership, organisation } from './tables/organisations';
import { sale } from './tables/sales';

/** Opens an organisation with a signing key of its own. */
export async function createOrganisation(db: Db, name: string, now = new Date()): Promise<string> {
  const id = uuidv7();
  await db.insert(organisation).values({ id, name });
  await addSealKey(db, id, name, now);
  return id;
}

/** Opens an account with a role in an organisation; the password comes hashed (server/password.ts). */
export async function createAccount(
  db: Db,
  given: { name: string; email: string; passwordHash: string; orgId: string; role: Role },
): Promise<string> {
  const id = uuidv7();
  await db.transaction(async (tx) => {
    await tx.insert(user).values({ id, name: given.name, email: given.email.toLowerCase(), emailVerified: true });
    await tx
      .insert(account)
      .values({ id: uuidv7(), accountId: id, providerId: 'credential', userId: id, password: given.passwordHash });
    await tx.insert(membership).values({ userId: id, orgId: given.orgId, role: given.role });
  });
  return id;
}

/** Opens a sale of an organisation. */
export async function createSale(
  db: Db,
  orgId: string,
  given: Partial<typeof sale.$inferInsert> & { name: string },
): Promise<string> {
  const id = uuidv7();
  await db.insert(sale).values({ ...given, id, orgId });
  return id;
}
