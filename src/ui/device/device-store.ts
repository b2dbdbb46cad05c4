import Dexie, { type EntityTable, type Table } from 'dexie';
import type { AnyRecord } from '@/core/kinds';
import type { CheckedChange } from '@/core/records/check-change';
import type { InspectionFacts } from '../records/inspection-facts';
import type { Outbox, RejectedChange, SendOutcome } from '../records/inspection-store';

export interface WaitingRow {
  /** The change's own id. */
  id: string;
  inspection: string;
  /** Order of entry within its inspection: counted, so that no clock can change it. */
  order: number;
  /** Whose entry it is: only that person's session sends it. */
  by: string;
  change: CheckedChange;
}

export interface RejectedRow extends RejectedChange {
  id: string;
  inspection: string;
  by: string;
}

/** A picture taken on this device that the server does not have yet. */
export interface PhotoRow {
  /** The id that its record will have; later pictures have later ids. */
  id: string;
  inspection: string;
  order: number;
  by: string;
  name: string;
  bytes: Blob;
  /** SHA-256 of the file, once computed. */
  origin: string | null;
  zone: string | null;
  finding: string | null;
  /** The seam it shows; rows from before seams had pictures lack it. */
  seam?: string | null;
  /** The standard view it was taken as; rows from before these were asked for lack it. */
  view?: string | null;
  /** Share of it that the server has, 0 to 1. */
  share: number;
  /** Why the server refused it for good; empty while it waits. */
  refused: string;
}

/** A lot that this device can show without a network. */
export interface LotRow {
  lotId: string;
  inspection: string;
  savedAt: string;
  /** Taken along on purpose, not just opened here. */
  forOffline: boolean;
  facts: InspectionFacts;
}

/**
 * Days for which a saved lot opens without the server: a device that is lost, or whose session was ended, shows nothing
 * after that. Each look while connected begins them anew. House value, that of a session.
 */
export const LEASE_DAYS = 7;
const DAY_MS = 86_400_000;

const leaseOver = (row: LotRow, now: Date) => now.getTime() - Date.parse(row.savedAt) > LEASE_DAYS * DAY_MS;

type RecordRow = AnyRecord & { inspection: string };

class DeviceDatabase extends Dexie {
  waiting!: EntityTable<WaitingRow, 'id'>;
  readonly rejected: EntityTable<RejectedRow, 'id'>;
  photos!: EntityTable<PhotoRow, 'id'>;
  lots!: EntityTable<LotRow, 'lotId'>;
  records!: Table<RecordRow, [string, string]>;
  person!: EntityTable<{ key: 'here'; account: string }, 'key'>;
  constructor() {
    super('farvin-outbox');
    this.version(1).stores({ waiting: 'id, [inspection+order]' });
    this.version(2).stores({
      waiting: 'id, [inspection+order], inspection',
      aside: 'id, inspection',
      photos: 'id, order, inspection',
      lots: 'lotId, inspection',
      records: '[inspection+id], inspection',
    });
    this.version(3).stores({ person: 'key' });
    this.version(4)
      .stores({})
      .upgrade((tx) =>
        tx
          .table('lots')
          .toCollection()
          .modify((lot) => {
            lot.forOffline = lot.along ?? false;
            delete lot.along;
          }),
      );
    // The name under which the first programs stored it.
    this.rejected = this.table('aside');
  }
}

let database: DeviceDatabase | undefined;

/** This device's memory: what waits to be sent, what was not taken, and lots to work on without a network. */
export function device(): DeviceDatabase {
  database ??= new DeviceDatabase();
  return database;
}

/** The part of the device's memory that one inspection's store writes, for the person signed in. */
export function outboxFor(by: string): Outbox {
  return {
    async keep(inspection, changes) {
      await keepWaiting(inspection, by, changes);
    },
    async of(inspection) {
      const rows = await device()
        .waiting.where('[inspection+order]')
        .between([inspection, Dexie.minKey], [inspection, Dexie.maxKey])
        .toArray();
      const rejected = await device().rejected.where('inspection').equals(inspection).toArray();
      // Rows of the first version say nobody's name: they are of whoever opened this device's pages then.
      const own = (row: { by?: string }) => (row.by ?? by) === by;
      return {
        changes: rows.filter(own).map((r) => r.change),
        rejected: rejected.filter(own).map(({ change, result }) => ({ change, result })),
      };
    },
    settle: (inspection, settled) => settleOnDevice(inspection, by, settled),
    async forgetRejected(changeId) {
      await device().rejected.delete(changeId);
    },
  };
}

/** Puts changes at the end of what waits of an inspection. The order is counted on from the last one, whatever the clock says. */
export async function keepWaiting(inspection: string, by: string, changes: readonly CheckedChange[]): Promise<void> {
  const d = device();
  await d.transaction('rw', d.waiting, async () => {
    const last = await d.waiting
      .where('[inspection+order]')
      .between([inspection, Dexie.minKey], [inspection, Dexie.maxKey])
      .last();
    const from = (last?.order ?? 0) + 1;
    await d.waiting.bulkPut(changes.map((change, i) => ({ id: change.id, inspection, order: from + i, by, change })));
  });
}

/** Who is signed in on this device, remembered for when there is no network; null when nobody is. */
export async function personHere(): Promise<string | null> {
  return (await device().person.get('here'))?.account ?? null;
}

/**
 * Notes who is signed in here. Lots that another account saved are taken off: they open for that account only. What
 * anybody has waiting stays, under that person's name.
 */
export async function setPersonHere(account: string): Promise<void> {
  const d = device();
  await d.transaction('rw', d.person, d.lots, d.records, async () => {
    await d.person.put({ key: 'here', account });
    for (const row of await d.lots.toArray()) {
      if (row.facts.myId === account) continue;
      await d.records.where('inspection').equals(row.inspection).delete();
      await d.lots.delete(row.lotId);
    }
  });
}

/** In one step: answered changes leave the outbox, refused ones are set aside, and the saved lot shows what was taken. */
export async function settleOnDevice(inspection: string, by: string, settled: SendOutcome): Promise<void> {
  const d = device();
  await d.transaction('rw', d.waiting, d.rejected, d.records, d.lots, async () => {
    await d.waiting.bulkDelete([...settled.answered]);
    await d.rejected.bulkPut(
      settled.rejected.map(({ change, result }) => ({ id: change.id, inspection, by, change, result })),
    );
    if ((await d.lots.where('inspection').equals(inspection).count()) === 0) return;
    await d.records.bulkPut(settled.present.map((r) => ({ ...r, inspection })));
    await d.records.bulkDelete(settled.gone.map((id): [string, string] => [inspection, id]));
  });
}

/** Saves a lot with its records, so that it opens without a network. */
export async function saveLot(
  facts: InspectionFacts,
  records: readonly AnyRecord[],
  forOffline: boolean,
): Promise<void> {
  const d = device();
  await d.transaction('rw', d.lots, d.records, async () => {
    const before = await d.lots.get(facts.lot.id);
    if (before && before.inspection !== facts.id)
      await d.records.where('inspection').equals(before.inspection).delete();
    const ids = new Set(records.map((r) => r.id));
    const held = await d.records.where('inspection').equals(facts.id).primaryKeys();
    // What was saved at the same change of the log, and is there whole, is not written again.
    const same = before?.facts.seq === facts.seq && held.length === ids.size && held.every(([, id]) => ids.has(id));
    if (!same) {
      await d.records.bulkDelete(held.filter(([, id]) => !ids.has(id)));
      await d.records.bulkPut(records.map((r) => ({ ...r, inspection: facts.id })));
    }
    await d.lots.put({
      lotId: facts.lot.id,
      inspection: facts.id,
      savedAt: new Date().toISOString(),
      forOffline: forOffline || (before?.forOffline ?? false),
      facts,
    });
  });
}

/** Removes saved lots whose lease is over; what waits to be sent stays. */
export async function dropOverdue(now: Date): Promise<void> {
  for (const row of await device().lots.toArray()) if (leaseOver(row, now)) await dropLot(row.lotId);
}

/** Removes a saved lot; what waits to be sent stays. */
export async function dropLot(lotId: string): Promise<void> {
  const d = device();
  await d.transaction('rw', d.lots, d.records, async () => {
    const row = await d.lots.get(lotId);
    if (row) await d.records.where('inspection').equals(row.inspection).delete();
    await d.lots.delete(lotId);
  });
}
