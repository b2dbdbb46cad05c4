import type { StationId } from '@/core/days/stations';
import { type Dropped, dropFirst, type VisitAsked, type VisitOrder, visitOrder } from '@/core/days/visit-order';

export interface OrderQuestion {
  readonly id: number;
  readonly asked: VisitAsked;
  readonly worth: Readonly<Partial<Record<StationId, number>>>;
}
export interface OrderAnswer {
  readonly id: number;
  readonly order: VisitOrder | null;
  /** What would be left out, where it does not fit. */
  readonly late: Dropped | null;
}

/** Finds the order of a visit off the page's thread. */
self.onmessage = ({ data: { id, asked, worth } }: MessageEvent<OrderQuestion>) => {
  const order = visitOrder(asked);
  const late = order ? null : dropFirst(asked, (s) => worth[s] ?? 0);
  self.postMessage({ id, order, late } satisfies OrderAnswer);
};
