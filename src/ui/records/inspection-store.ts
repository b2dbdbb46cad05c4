import { v7 as uuidv7 } from 'uuid';
import { CHANGES_PER_CALL, type ChangeResult } from '@/core/records/change';
import { type CheckedChange, checkBody } from '@/core/records/check-change';
import type { AnyRecord, BodyOf, RecordKind } from '@/core/records/kinds';
import { inverse, type Records, recordsOf, reduce } from '@/core/records/reduce';

export interface Kept {
  keep(inspection: string, changes: readonly CheckedChange[]): Promise<void>;
  of(inspection: string): Promise<CheckedChange[]>;
  forget(ids: readonly string[]): Promise<void>;
}

export type Sending = 'idle' | 'sending' | 'offline' | 'signed-out';

/** A change that the server did not take, kept aside for the person to decide. */
export interface Aside {
  readonly change: CheckedChange;
  readonly result: Extract<ChangeResult, { status: 'rejected' | 'conflict' }>;
}

export interface StoreState {
  readonly records: Records;
  readonly waiting: number;
  readonly sending: Sending;
  readonly aside: readonly Aside[];
  readonly canUndo: boolean;
}

export type Send = (
  changes: readonly CheckedChange[],
) => Promise<{ ok: true; results: ChangeResult[] } | { ok: false; why: 'offline' | 'signed-out' }>;

const BACK_OFF_MS = [1000, 2000, 4000, 8000, 15000] as const;

/**
 * The records of one inspection in the browser. An entry shows at once, is kept on the device, and is sent in order
 * until the server has acknowledged it; what the server refuses is set aside with the reason, never dropped.
 */
export class InspectionStore {
  private state: StoreState;
  private queue: CheckedChange[] = [];
  private done: { before: Records; change: CheckedChange }[][] = [];
  private listeners = new Set<() => void>();
  private tries = 0;
  private busy = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    readonly inspection: string,
    records: readonly AnyRecord[],
    private readonly send: Send,
    private readonly kept: Kept,
  ) {
    this.state = {
      records: new Map(records.map((r) => [r.id, r])),
      waiting: 0,
      sending: 'idle',
      aside: [],
      canUndo: false,
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): StoreState => this.state;

  private set(change: Partial<StoreState>): void {
    this.state = { ...this.state, ...change, waiting: this.queue.length, canUndo: this.done.length > 0 };
    for (const listener of this.listeners) listener();
  }

  /** Takes up what an earlier page left unsent. */
  async resume(): Promise<void> {
    const left = (await this.kept.of(this.inspection)).filter((c) => !this.queue.some((q) => q.id === c.id));
    if (left.length === 0) return;
    this.queue = [...left, ...this.queue];
    let records = this.state.records;
    for (const change of left)
      if ((records.get(change.record)?.version ?? 0) === change.base) records = reduce(records, change);
    this.set({ records });
    void this.flush();
  }

  private styleNow(): string | null {
    return recordsOf(this.state.records, 'car')[0]?.body.style ?? null;
  }

  /** Enters records; returns their ids, or the first reason why nothing was entered. */
  put(
    entries: readonly { kind: RecordKind; body: unknown; id?: string }[],
  ): { ok: true; ids: string[] } | { ok: false; message: string; reason: string } {
    const changes: CheckedChange[] = [];
    const ids: string[] = [];
    for (const { kind, body, id } of entries) {
      const checked = checkBody(kind, body, { style: kind === 'car' ? null : this.styleNow() });
      if (!checked.ok) return { ok: false, message: checked.problem.message, reason: checked.problem.reason };
      const record = id ?? uuidv7();
      ids.push(record);
      changes.push({
        id: uuidv7(),
        op: 'put',
        kind,
        record,
        base: this.state.records.get(record)?.version ?? 0,
        body: checked.body as BodyOf<RecordKind>,
      });
    }
    this.enter(changes);
    return { ok: true, ids };
  }

  remove(id: string): void {
    const record = this.state.records.get(id);
    if (record) this.enter([{ id: uuidv7(), op: 'remove', kind: record.kind, record: id, base: record.version }]);
  }

  /** Takes the last entry of this page back by its inverse. */
  undo(): boolean {
    const last = this.done.pop();
    if (!last) return false;
    const back = [...last].reverse().flatMap(({ before, change }) => {
      const now = this.state.records.get(change.record);
      const undone = inverse(before, change, uuidv7());
      return undone ? [{ ...undone, base: now?.version ?? 0 }] : [];
    });
    this.enter(back, false);
    return true;
  }

  private enter(changes: readonly CheckedChange[], undoable = true): void {
    const group: { before: Records; change: CheckedChange }[] = [];
    let records = this.state.records;
    for (const change of changes) {
      group.push({ before: records, change });
      records = reduce(records, change);
    }
    if (undoable && group.length > 0) this.done.push(group);
    this.queue.push(...changes);
    this.set({ records });
    void this.kept.keep(this.inspection, changes).catch(() => {});
    void this.flush();
  }

  /** Sends what waits, in order. */
  async flush(): Promise<void> {
    if (this.busy || this.queue.length === 0) return;
    this.busy = true;
    clearTimeout(this.timer);
    try {
      while (this.queue.length > 0) {
        const batch = this.queue.slice(0, CHANGES_PER_CALL);
        this.set({ sending: 'sending' });
        const answer = await this.send(batch);
        if (!answer.ok) {
          this.set({ sending: answer.why });
          if (answer.why === 'offline') this.later();
          return;
        }
        this.tries = 0;
        await this.settle(batch, answer.results);
      }
      this.set({ sending: 'idle' });
    } finally {
      this.busy = false;
    }
  }

  private later(): void {
    const wait = BACK_OFF_MS[Math.min(this.tries, BACK_OFF_MS.length - 1)]!;
    this.tries++;
    this.timer = setTimeout(() => void this.flush(), wait);
  }

  private async settle(batch: readonly CheckedChange[], results: readonly ChangeResult[]): Promise<void> {
    const byId = new Map(results.map((r) => [r.id, r]));
    const aside = [...this.state.aside];
    for (const change of batch) {
      const result = byId.get(change.id);
      if (result?.status === 'rejected' || result?.status === 'conflict') aside.push({ change, result });
    }
    this.queue = this.queue.filter((q) => !batch.some((b) => b.id === q.id));
    await this.kept.forget(batch.map((b) => b.id)).catch(() => {});
    this.set({ aside, records: this.corrected(aside.slice(this.state.aside.length)) });
  }

  /** The records with refused entries taken out of the screen again, and conflicts showing what the server holds. */
  private corrected(refused: readonly Aside[]): Records {
    const records = new Map(this.state.records);
    for (const { change, result } of refused) {
      if (result.status === 'conflict' && result.present)
        records.set(change.record, {
          id: change.record,
          kind: change.kind,
          version: result.present.version,
          body: result.present.body,
        } as AnyRecord);
      else if (change.base === 0) records.delete(change.record);
    }
    return records;
  }

  /** Enters a set-aside change again upon what the server now holds. */
  insist(aside: Aside): void {
    this.dismiss(aside);
    const base = this.state.records.get(aside.change.record)?.version ?? 0;
    this.enter([{ ...aside.change, id: uuidv7(), base }]);
  }

  dismiss(aside: Aside): void {
    this.set({ aside: this.state.aside.filter((a) => a !== aside) });
  }

  stop(): void {
    clearTimeout(this.timer);
  }
}
