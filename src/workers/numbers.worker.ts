import { DESCRIBED_CARS, type Described, gradeDescribed } from '@/core/calibration/described';
import type { Tables } from '@/core/grade/all-tables';
import type { Yardstick } from '@/core/grade/yardstick';
import { digestOf } from '@/core/population/digest';
import { measureCars } from '@/core/population/measure';

export interface NumbersAsked {
  readonly id: number;
  readonly tables: Tables;
  /** How many cars to make and measure the yardstick on; 0: grade by the yardstick that is in the tables. */
  readonly cars: number;
}
export interface NumbersAnswer {
  readonly id: number;
  readonly described: readonly Described[];
  /** Null where none was measured. */
  readonly yardstick: Yardstick | null;
}

const TOLD_EVERY_MS = 250;

/** Grades the described cars by some numbers, off the page's thread; measures made cars first where that is asked. */
self.onmessage = ({ data: { id, tables, cars } }: MessageEvent<NumbersAsked>) => {
  let last = 0;
  const yardstick =
    cars === 0
      ? null
      : measureCars(cars, tables, digestOf(tables), (done, of) => {
          if (Date.now() - last < TOLD_EVERY_MS) return;
          last = Date.now();
          self.postMessage({ id, stage: `${done} of ${of} made cars` });
        });
  const by = yardstick ? { ...tables, yardstick } : tables;
  const described = DESCRIBED_CARS.map((car) => gradeDescribed(car, by));
  self.postMessage({ id, described, yardstick } satisfies NumbersAnswer);
};
