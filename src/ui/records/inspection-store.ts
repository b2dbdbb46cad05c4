import { v7 as uuidv7 } from 'uuid';
import type { AnyRecord, BodyOf, RecordKind } from '@/core/kinds';
import { withDefaults } from '@/core/kinds/with-defaults';
import { CHANGES_PER_CALL, type ChangeResult } from '@/core/records/change';
import { type CheckedChange, checkBody } from '@/core/records/check-change';
import { applyTo, type Records, recordsOf } from '@/core/records/reduce';
import { changeTo, type Edit, sameBody } from './edits';

/** What an answer of the server means for this device's memory. */
export interface SendOutcome {
  readonly answered: readonly string[];
  readonly rejected: readonly RejectedChange[];
  readonly present: readonly AnyRecord[];
  readonly gone: readonly string[];
}

export interface Outbox {
  keep(inspection: string, changes: readonly CheckedChange[]): Promise<void>;
  of(inspection: string): Promise<{ changes: CheckedChange[]; rejected: RejectedChange[] }>;
  settle(inspection: string, settled: SendOutcome): Promise<void>;
  forgetRejected(changeId: string): Promise<void>;
}

/**
 * `other-person`: somebody else is signed in here by now, and what waits is not theirs. `update-first`: the server is
 * older than the program that entered what waits.
 */
export type Sending = 'idle' | 'sending' | 'offline' | 'signed-out' | 'other-person' | 'update-first';

/** A change that the server did not take, kept aside for the person to decide. */
export interface RejectedChange {
  readonly change: CheckedChange;
  readonly result: Extract<ChangeResult, { status: 'rejected' | 'conflict' }>;
}

/** A change somebody made elsewhere, as the log tells it. */
export interface News {
  readonly seq: number;
  readonly changeId: string;
  readonly who: string | null;
  readonly kind: RecordKind;
  readonly record: string;
  readonly version: number;
  readonly after: unknown;
}

export interface StoreState {
  readonly records: Records;
  readonly waiting: number;
  readonly sending: Sending;
  readonly rejected: readonly RejectedChange[];
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** The device could not keep an entry: it lives in this page only until it is sent. */
  readonly unkept: boolean;
}

export type SendAnswer =
  | { ok: true; results: ChangeResult[] }
  | { ok: false; why: 'offline' | 'signed-out' | 'other-person' | 'update-first' };
export type Send = (changes: readonly CheckedChange[]) => Promise<SendAnswer>;
export type Taken = { ok: true } | { ok: false; why: 'nothing' | 'changed-meanwhile' };

const BACK_OFF_MS = [1000, 2000, 4000, 8000, 15000] as const;

/**
 * The records of one inspection in the browser: what the server has confirmed, and on top of it what this device has
 * entered. An entry shows at once, is kept on the device, and is sent in order until the server has acknowledged it;
 * what the server refuses is set aside with the reason, never dropped. Changes made elsewhere come in by `receive`.
 */
export class InspectionStore {
  private state: StoreState;
  private confirmed: Map<string, AnyRecord>;
  private queue: CheckedChange[] = [];
  private done: Edit[][] = [];
  private undone: Edit[][] = [];
  private listeners = new Set<() => void>();
  private own = new Set<string>();
  private tries = 0;
  private busy = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private stopped = false;

  constructor(
    readonly inspection: string,
    records: readonly AnyRecord[],
    private readonly send: Send,
    private readonly outbox: Outbox,
    private seq = 0,
    /** The first changes that one call may carry. */
    private readonly batchOf: (queue: readonly CheckedChange[]) => readonly CheckedChange[] = (queue) =>
      queue.slice(0, CHANGES_PER_CALL),
  ) {
    this.confirmed = new Map(records.map((r) => [r.id, withDefaults(r)]));
    this.state = {
      // A map of its own: what is confirmed changes under the hands of the store, what is shown does not.
      records: new Map(this.confirmed),
      waiting: 0,
      sending: 'idle',
      rejected: [],
      canUndo: false,
      canRedo: false,
      unkept: false,
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): StoreState => this.state;

  /** The log's number up to which this store knows the server's changes. */
  get lastSeq(): number {
    return this.seq;
  }

  /** What the server has confirmed, without what still waits. */
  confirmedRecords(): readonly AnyRecord[] {
    return [...this.confirmed.values()];
  }

  private set(change: Partial<StoreState>): void {
    this.state = {
      ...this.state,
      ...change,
      waiting: this.queue.length,
      canUndo: this.done.length > 0,
      canRedo: this.undone.length > 0,
    };
    for (const listener of this.listeners) listener();
  }

  private replayed(): Records {
    const records = new Map(this.confirmed);
    for (const change of this.queue) {
      const held = this.state.records.get(change.record);
      // The same object for the same content: see settle.
      if (change.op === 'put' && held?.version === change.base + 1 && held.body === change.body)
        records.set(change.record, held);
      else applyTo(records, change);
    }
    const shown = this.state.records;
    const same = shown.size === records.size && [...records].every(([id, r]) => shown.get(id) === r);
    return same ? shown : records;
  }

  /** Takes up what an earlier page left unsent or undecided. */
  async resume(): Promise<void> {
    this.stopped = false;
    const left = await this.outbox.of(this.inspection).catch(() => ({ changes: [], rejected: [] }));
    const fresh = left.changes.filter((c) => !this.own.has(c.id));
    const rejected = left.rejected.filter((a) => !this.state.rejected.some((b) => b.change.id === a.change.id));
    if (fresh.length === 0 && rejected.length === 0) return void this.flush();
    for (const change of fresh) this.own.add(change.id);
    this.queue = [...fresh, ...this.queue];
    this.set({ records: this.replayed(), rejected: [...rejected, ...this.state.rejected] });
    void this.flush();
  }

  private styleNow(): string | null {
    return recordsOf(this.state.records, 'car')[0]?.body.style ?? null;
  }

  /**
   * Enters records; returns their ids, or the first reason why nothing was entered. A form says `upon` which version it
   * was opened: what another person entered meanwhile then comes up as a conflict and is not overwritten.
   */
  put(
    entries: readonly { kind: RecordKind; body: unknown; id?: string; upon?: number }[],
  ): { ok: true; ids: string[] } | { ok: false; message: string; reason: string } {
    const edits: Edit[] = [];
    for (const { kind, body, id, upon } of entries) {
      const checked = checkBody(kind, body, { style: kind === 'car' ? null : this.styleNow() });
      if (!checked.ok) return { ok: false, message: checked.problem.message, reason: checked.problem.reason };
      const record = id ?? uuidv7();
      edits.push({
        kind,
        record,
        before: this.state.records.get(record)?.body ?? null,
        after: checked.body as BodyOf<RecordKind>,
        ...(upon !== undefined && { upon }),
      });
    }
    this.enter(edits);
    return { ok: true, ids: edits.map((e) => e.record) };
  }

  remove(id: string): void {
    const record = this.state.records.get(id);
    if (record) this.enter([{ kind: record.kind, record: id, before: record.body, after: null }]);
  }

  private enter(edits: readonly Edit[]): void {
    if (edits.length === 0) return;
    this.done.push([...edits]);
    this.undone = [];
    this.take(edits);
  }

  /** Takes the last entry of this page back by its inverse, unless somebody changed those records since. */
  undo(): Taken {
    return this.turn(this.done, this.undone, ({ upon: _u, ...e }) => ({ ...e, before: e.after, after: e.before }));
  }

  /** Enters again what was last taken back. */
  redo(): Taken {
    return this.turn(this.undone, this.done, ({ upon: _u, ...e }) => e);
  }

  private turn(from: Edit[][], to: Edit[][], as: (edit: Edit) => Edit): Taken {
    const group = from.pop();
    if (!group) return { ok: false, why: 'nothing' };
    const edits = from === this.done ? [...group].reverse().map(as) : group.map(as);
    const meanwhile = edits.some((e) => !sameBody(this.state.records.get(e.record)?.body ?? null, e.before));
    if (meanwhile) {
      this.set({});
      return { ok: false, why: 'changed-meanwhile' };
    }
    to.push(group);
    this.take(edits);
    return { ok: true };
  }

  private take(edits: readonly Edit[]): void {
    const records = new Map(this.state.records);
    const changes: CheckedChange[] = [];
    for (const edit of edits) {
      const change = changeTo(edit, edit.upon ?? records.get(edit.record)?.version ?? 0, uuidv7());
      if (!change) continue;
      changes.push(change);
      applyTo(records, change);
    }
    this.queueUp(changes, records);
  }

  private queueUp(changes: readonly CheckedChange[], records: Records): void {
    for (const change of changes) this.own.add(change.id);
    this.queue.push(...changes);
    this.set({ records });
    // On a full device the page goes on and says so: the entries are sent from here.
    void this.outbox.keep(this.inspection, changes).catch(() => this.set({ unkept: true }));
    void this.flush();
  }

  /** Takes up a change that is on the device already, such as that of a picture just sent. */
  adopt(change: CheckedChange): void {
    if (this.own.has(change.id)) return;
    this.own.add(change.id);
    this.queue.push(change);
    this.set({ records: this.replayed() });
    void this.flush();
  }

  /** Sends what waits, in order. */
  async flush(): Promise<void> {
    if (this.busy || this.queue.length === 0) return;
    this.busy = true;
    clearTimeout(this.timer);
    try {
      while (this.queue.length > 0) {
        const batch = this.batchOf(this.queue);
        this.set({ sending: 'sending' });
        const answer = await this.send(batch);
        if (!answer.ok) {
          this.set({ sending: answer.why });
          if (answer.why === 'offline' || answer.why === 'update-first') this.later();
          return;
        }
        const answered = await this.settle(batch, answer.results);
        if (answered === 0) {
          // All of it waits for a newer server: later, as when there is none.
          this.set({ sending: 'update-first' });
          this.later();
          return;
        }
        this.tries = 0;
      }
      this.set({ sending: 'idle', unkept: false });
    } finally {
      this.busy = false;
    }
  }

  private later(): void {
    const wait = BACK_OFF_MS[Math.min(this.tries, BACK_OFF_MS.length - 1)]!;
    this.tries++;
    // An answer may come after the page was left: who sends then is the background sender.
    if (!this.stopped) this.timer = setTimeout(() => void this.flush(), wait);
  }

  private async settle(batch: readonly CheckedChange[], results: readonly ChangeResult[]): Promise<number> {
    const settled = outcomeOf(batch, results);
    // An answer may come after the news of a later change elsewhere: the later one stands.
    for (const record of settled.present) {
      if (record.version < (this.confirmed.get(record.id)?.version ?? 0)) continue;
      // What is shown already stays the same object, so that nothing is judged or drawn anew for the answer.
      const shown = this.state.records.get(record.id);
      this.confirmed.set(record.id, shown?.version === record.version && shown.body === record.body ? shown : record);
    }
    for (const id of settled.gone) this.confirmed.delete(id);
    const answered = new Set(settled.answered);
    this.queue = this.queue.filter((q) => !answered.has(q.id));
    await this.outbox.settle(this.inspection, settled).catch(() => {});
    this.set({ rejected: [...this.state.rejected, ...settled.rejected], records: this.replayed() });
    return settled.answered.length;
  }

  /** Takes in what others changed; what this device has entered on the same record stays on top until it is answered. */
  receive(news: readonly News[]): readonly News[] {
    const fresh = news.filter((n) => n.seq > this.seq && !this.own.has(n.changeId));
    this.seq = news.reduce((s, n) => Math.max(s, n.seq), this.seq);
    if (fresh.length === 0) return [];
    for (const n of fresh) {
      if (n.after === null) this.confirmed.delete(n.record);
      else
        this.confirmed.set(n.record, {
          id: n.record,
          kind: n.kind,
          version: n.version,
          body: n.after,
        } as AnyRecord);
    }
    this.set({ records: this.replayed() });
    void this.outbox
      .settle(this.inspection, {
        answered: [],
        rejected: [],
        present: fresh.flatMap((n) => this.confirmed.get(n.record) ?? []),
        gone: fresh.filter((n) => n.after === null).map((n) => n.record),
      })
      .catch(() => {});
    return fresh;
  }

  /** Enters a set-aside change again upon what the server now holds, as it was or mended. */
  resubmit(rejected: RejectedChange, body?: unknown): { ok: true } | { ok: false; message: string } {
    const { change } = rejected;
    const { kind, record } = change;
    const before = this.state.records.get(record)?.body ?? null;
    if (change.op === 'remove' && body === undefined) {
      this.dismiss(rejected);
      this.enter([{ kind, record, before, after: null }]);
      return { ok: true };
    }
    const wanted = body ?? (change.op === 'put' ? change.body : null);
    const put = this.put([{ kind, id: record, body: wanted }]);
    if (put.ok) this.dismiss(rejected);
    return put;
  }

  dismiss(rejected: RejectedChange): void {
    this.set({ rejected: this.state.rejected.filter((a) => a.change.id !== rejected.change.id) });
    void this.outbox.forgetRejected(rejected.change.id).catch(() => {});
  }

  /** Sends no more by itself, until `resume`. What waits is kept on the device. */
  stop(): void {
    this.stopped = true;
    clearTimeout(this.timer);
  }
}

/** What the server's answers to a batch mean: which records stand how, what is set aside, what needs sending again. */
export function outcomeOf(batch: readonly CheckedChange[], results: readonly ChangeResult[]): SendOutcome {
  const byId = new Map(results.map((r) => [r.id, r]));
  const present = new Map<string, AnyRecord>();
  const gone = new Set<string>();
  const rejected: RejectedChange[] = [];
  const answered: string[] = [];
  const stands = (change: CheckedChange, version: number, body: unknown) => {
    gone.delete(change.record);
    present.set(change.record, { id: change.record, kind: change.kind, version, body } as AnyRecord);
  };
  const leaves = (change: CheckedChange) => {
    present.delete(change.record);
    gone.add(change.record);
  };
  const held = new Set<string>();
  for (const change of batch) {
    const result = byId.get(change.id);
    if (!result) continue;
    const taken = result.status === 'applied' || result.status === 'duplicate';
    // What only a newer server can take goes on waiting, and what was entered upon it with it.
    if (result.status === 'rejected' && result.reason === 'update-first') held.add(change.record);
    if (held.has(change.record) && !taken) continue;
    answered.push(change.id);
    if (taken) {
      if (change.op === 'remove') leaves(change);
      else stands(change, result.version, change.body);
    } else {
      rejected.push({ change, result });
      if (result.status === 'conflict' && result.present) stands(change, result.present.version, result.present.body);
      else if (result.status === 'conflict') leaves(change);
    }
  }
  return { answered, rejected, present: [...present.values()], gone: [...gone] };
}
