import type { RouteProblem } from '@/core/days/booking';
import { type Route, routeOf } from '@/core/days/route';

export interface DaysQuestion {
  readonly id: number;
  readonly problem: RouteProblem;
}
export interface DaysAnswer {
  readonly id: number;
  readonly route: Route;
}
const LONGEST_MS = 20_000;

/** Plans a sale's visits off the page's thread. */
self.onmessage = ({ data: { id, problem } }: MessageEvent<DaysQuestion>) => {
  const begun = performance.now();
  const route = routeOf(problem, { stop: () => performance.now() - begun > LONGEST_MS });
  self.postMessage({ id, route } satisfies DaysAnswer);
};
