import Dexie, { type EntityTable } from 'dexie';
import type { CheckedChange } from '@/core/records/check-change';

interface Waiting {
  /** The change's own id. */
  id: string;
  inspection: string;
  /** Order of entry. */
  order: number;
  change: CheckedChange;
}

class OutboxDatabase extends Dexie {
  waiting!: EntityTable<Waiting, 'id'>;
  constructor() {
    super('farvin-outbox');
    this.version(1).stores({ waiting: 'id, [inspection+order]' });
  }
}

let database: OutboxDatabase | undefined;
const open = () => {
  database ??= new OutboxDatabase();
  return database.waiting;
};

/** Changes entered but not yet acknowledged, kept on this device so that a reload or a dead server loses nothing. */
export const outbox = {
  async keep(inspection: string, changes: readonly CheckedChange[]): Promise<void> {
    const from = Date.now() * 1000;
    await open().bulkPut(changes.map((change, i) => ({ id: change.id, inspection, order: from + i, change })));
  },
  async of(inspection: string): Promise<CheckedChange[]> {
    const rows = await open()
      .where('[inspection+order]')
      .between([inspection, Dexie.minKey], [inspection, Dexie.maxKey])
      .toArray();
    return rows.map((r) => r.change);
  },
  async forget(ids: readonly string[]): Promise<void> {
    await open().bulkDelete([...ids]);
  },
};
