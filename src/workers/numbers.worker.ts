import { DESCRIBED_CARS, type Described, gradeDescribed } from '@/core/calibration/described';
import type { Tables } from '@/core/grade/all-tables';
import type { Yardstick } from '@/core/grade/yardstick';
import { digestOf } from '@/core/population/digest';
import { measureCars } from '@/core/population/measure';

export interface NumbersAsked {
  readonly id: number;
  readonly tables: Tables;
  /** The numbers that the house grades by, to compare with. */
  readonly kept: Tables;
  /** How many cars to make and measure the yardstick on; 0: grade by the yardstick that is in the tables. */
  readonly cars: number;
}
export interface NumbersAnswer {
  readonly id: number;
  readonly described: readonly Described[];
  /** The same by the house's numbers. */
  readonly before: readonly Described[];
  /** Null where none was measured. */
  readonly yardstick: Yardstick | null;
}

const TOLD_EVERY_MS = 250;

const describedBy = (tables: Tables) => DESCRIBED_CARS.map((car) => gradeDescribed(car, tables));

/** What the house's numbers give, reckoned once for as long as they stay the same. */
let before: { readonly by: string; readonly described: readonly Described[] } | null = null;
function describedBefore(kept: Tables): readonly Described[] {
  const by = JSON.stringify(kept);
  if (before?.by !== by) before = { by, described: describedBy(kept) };
  return before.described;
}

/** Grades the described cars by some numbers, off the page's thread; measures made cars first where that is asked. */
self.onmessage = ({ data: { id, tables, kept, cars } }: MessageEvent<NumbersAsked>) => {
  let last = 0;
  const yardstick =
    cars === 0
      ? null
      : measureCars(cars, tables, digestOf(tables), (done, of) => {
          if (Date.now() - last < TOLD_EVERY_MS) return;
          last = Date.now();
          self.postMessage({ id, stage: `${done} of ${of} made cars` });
        });
  const described = describedBy(yardstick ? { ...tables, yardstick } : tables);
  self.postMessage({ id, described, before: describedBefore(kept), yardstick } satisfies NumbersAnswer);
};
