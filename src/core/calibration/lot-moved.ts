import type { Lens } from '../grade/tables';

/** A lot's medians by the numbers of now and by others. */
export interface LotMoved {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly now: Readonly<Record<Lens, number>>;
  readonly after: Readonly<Record<Lens, number>>;
}
