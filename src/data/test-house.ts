import type { Role } from '@/core/people/roles';
import { createAccount, createOrganisation, createSale } from './accounts';
import { type Actor, actorOf } from './actor';
import type { Db } from './db';
import { takeChanges } from './gateway';
import { addLot } from './lots';
import { carBody, put, TEST_NOW } from './test-entries';

/** A moment before every test's doings: from then on a test house's first key is good. */
export const HOUSE_OPENED = new Date('2026-01-01T00:00:00Z');
export interface TestHouse {
  readonly orgId: string;
  readonly saleId: string;
  readonly manager: Actor;
  readonly inspector: Actor;
  readonly viewer: Actor;
  /** An empty lot. */
  readonly lot: () => Promise<{ lotId: string; inspectionId: string }>;
  /** A lot with a car, a visit, a look, and further records. */
  readonly readyLot: (...more: object[]) => Promise<{ lotId: string; inspectionId: string }>;
}

/** An organisation with one person of each role and a sale; names are made of `name`. */
export async function testHouse(db: Db, owner: Db, name: string, passwordHash = '-'): Promise<TestHouse> {
  const orgId = await createOrganisation(owner, name, HOUSE_OPENED);
  const person = async (role: Role) => {
    const email = `${role}@${name}.example`;
    return (await actorOf(
      db,
      await createAccount(owner, { name: `${name} ${role}`, email, passwordHash, orgId, role }),
    ))!;
  };
  const manager = await person('manager');
  const inspector = await person('inspector');
  const saleId = await createSale(owner, orgId, {
    name: `Sale of ${name}`,
    place: 'Vennor',
    opensOn: '2027-02-20',
    closesOn: '2027-03-04',
  });
  let number = 0;
  const lot = async () => {
    const given = { number: ++number, title: `Lot ${number} of ${name}`, reportDueOn: null };
    return (await addLot(db, manager, saleId, given))!;
  };
  const readyLot = async (...more: object[]) => {
    const ids = await lot();
    const at = TEST_NOW.toISOString();
    const changes = [
      put('car', { ...carBody, chassisNumber: 'QHF67-1', keptIn: 'Back Lane 7' }, { record: ids.lotId }),
      put('visit', { startedAt: at, place: 'Back Lane 9' }),
      put('look', { zone: 'hood', aspect: 'paint', outcome: 'clean', at }),
      ...more,
    ];
    const results = await takeChanges(db, inspector, ids.inspectionId, changes, TEST_NOW);
    const bad = results?.find((r) => r.status !== 'applied');
    if (!results || bad) throw new Error(`a record of the test lot was not taken: ${JSON.stringify(bad)}`);
    return ids;
  };
  return { orgId, saleId, manager, inspector, viewer: await person('viewer'), lot, readyLot };
}
