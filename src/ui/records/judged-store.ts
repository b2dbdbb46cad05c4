import { type Plan, planOfCar } from '@/core/body/plan';
import type { Tables } from '@/core/grade/all-tables';
import { type Grade, gradeCar } from '@/core/grade/grade';
import { askedOf, type Judgement, judge } from '@/core/judge/judge';
import type { BodyOf } from '@/core/kinds';
import { type Records, recordsOf } from '@/core/records/reduce';
import { afterPaint } from '../after-paint';
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

/** When the judging may go on: hands and eyes come first. */
export interface Pace {
  /** Once what was changed has been painted; at once where nothing is painted. */
  readonly afterPaint: (then: () => void) => void;
  /** Once keys and touches that wait were answered. */
  readonly afterInput: (then: () => void) => void;
}

/** Judging longer than this in one piece makes a key wait that can be felt. */
const PIECE_MS = 10;
const PAGE: Pace = {
  afterPaint,
  // A message, since timers within timers wait four milliseconds each (HTML, 8.6).
  afterInput: (then) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      then();
    };
    port2.postMessage(null);
  },
};

/**
 * The judgement of an inspection beside its records: brought up to date after the change itself was painted, by those models
 * alone whose records changed, a model at a time so that the next key is not kept waiting; told when all of them are done.
 */
export class JudgedStore {
  private held: Judged;
  private due = false;
  /** Whether anybody asked for a grade. */
  private graded = false;
  private readonly listeners = new Set<() => void>();
  private leave: (() => void) | null = null;

  constructor(
    private readonly store: InspectionStore,
    private readonly tables: Tables,
    private readonly onYear: number,
    private readonly pace: Pace = PAGE,
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
    this.pace.afterPaint(() => {
      const { records } = this.store.snapshot();
      if (records === this.held.records) {
        this.due = false;
        return;
      }
      const next = this.judgedFrom(records, this.held.judgement);
      this.work(this.pieces(next), () => {
        this.due = false;
        this.held = next;
        for (const listener of this.listeners) listener();
        // What was entered meanwhile.
        if (this.listeners.size > 0) this.note();
      });
    });
  };

  /** Asks again what was asked of the judgement before, one model after the other, and for the grade if that was asked. */
  private *pieces(next: Judged): Generator<void> {
    const before = this.held.judgement;
    for (const name of next.judgement && before ? askedOf(before) : []) {
      void next.judgement![name];
      yield;
    }
    if (this.graded) void next.grade;
  }

  private work(pieces: Iterator<void>, then: () => void): void {
    try {
      const began = performance.now();
      do {
        if (pieces.next().done) {
          then();
          return;
        }
      } while (performance.now() - began < PIECE_MS);
    } catch (e) {
      // The next change tries again.
      this.due = false;
      throw e;
    }
    this.pace.afterInput(() => this.work(pieces, then));
  }

  private judgedFrom(records: Records, before: Judgement | null): Judged {
    const car = recordsOf(records, 'car')[0]?.body ?? null;
    const plan = planOfCar(car);
    const judgement = plan ? judge({ plan, records, tables: this.tables }, before) : null;
    let grade: Grade | null = null;
    const graded = () => {
      this.graded = true;
      if (judgement) grade ??= gradeCar(judgement, this.onYear, this.tables);
      return grade;
    };
    return {
      records,
      car,
      plan,
      judgement,
      get grade() {
        return graded();
      },
    };
  }
}
