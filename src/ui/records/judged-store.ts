import { type Plan, planOfCar } from '@/core/body/plan';
import type { Tables } from '@/core/grade/all-tables';
import { type Grade, gradeCar } from '@/core/grade/grade';
import { type Judgement, judge } from '@/core/judge/judge';
import type { BodyOf } from '@/core/kinds';
import { type Records, recordsOf } from '@/core/records/reduce';
import type { InspectionStore } from './inspection-store';

/** What follows from the records: each model is asked once a change, and only when a screen wants to know. */
export interface Judged {
  readonly records: Records;
  readonly car: BodyOf<'car'> | null;
  readonly plan: Plan | null;
  /** Null where the car has no plan. */
  readonly judgement: Judgement | null;
  readonly grade: Grade | null;
}

/** Runs something once what was changed has been painted; at once where nothing is painted. */
export type AfterPaint = (then: () => void) => void;

const HIDDEN_PAGE_MS = 200;

export const afterPaint: AfterPaint = (then) => {
  if (typeof requestAnimationFrame !== 'function') {
    then();
    return;
  }
  let done = false;
  const once = () => {
    if (done) return;
    done = true;
    then();
  };
  requestAnimationFrame(() => setTimeout(once));
  // A page that nobody sees is not painted.
  setTimeout(once, HIDDEN_PAGE_MS);
};

/**
 * The judgement of an inspection beside its records: brought up to date after the change itself was painted, by those models
 * alone whose records changed.
 */
export class JudgedStore {
  private held: Judged;
  private due = false;
  private readonly listeners = new Set<() => void>();
  private leave: (() => void) | null = null;

  constructor(
    private readonly store: InspectionStore,
    private readonly tables: Tables,
    private readonly onYear: number,
    private readonly later: AfterPaint = afterPaint,
  ) {
    this.held = this.judgedFrom(store.snapshot().records, null);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    this.leave ??= this.store.subscribe(this.note);
    this.note();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size > 0) return;
      this.leave?.();
      this.leave = null;
    };
  };

  snapshot = (): Judged => this.held;

  private readonly note = (): void => {
    if (this.due || this.store.snapshot().records === this.held.records) return;
    this.due = true;
    this.later(() => {
      this.due = false;
      const { records } = this.store.snapshot();
      if (records === this.held.records) return;
      this.held = this.judgedFrom(records, this.held.judgement);
      for (const listener of this.listeners) listener();
    });
  };

  private judgedFrom(records: Records, before: Judgement | null): Judged {
    const car = recordsOf(records, 'car')[0]?.body ?? null;
    const plan = planOfCar(car);
    const judgement = plan ? judge({ plan, records, tables: this.tables }, before) : null;
    const { onYear, tables } = this;
    let grade: Grade | null = null;
    return {
      records,
      car,
      plan,
      judgement,
      get grade() {
        if (judgement) grade ??= gradeCar(judgement, onYear, tables);
        return grade;
      },
    };
  }
}
