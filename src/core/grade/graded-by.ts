import type { GradeTables } from './tables';
import type { Yardstick } from './yardstick';

/** The numbers a grade follows from beside those of the models. */
export interface GradedBy {
  readonly grade: GradeTables;
  readonly yardstick: Yardstick;
}
