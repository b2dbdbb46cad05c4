import type { Judgement } from '../judge/judge';
import { STATION_TABLE, type StationId } from './stations';

/**
 * What leaving a station out costs: the points of doubt that the grade's unseen places make, where the station looks at them, and
 * how often bidders ask about what it shows, by the share of it that nobody saw yet. House weights; for setting stations in order
 * and for nothing else.
 */
export function stationWorth(
  { plan, coverage }: Pick<Judgement, 'plan' | 'coverage'>,
  unseenMovers: readonly { readonly zone: string; readonly points: number }[],
): (station: StationId) => number {
  const worth = new Map(
    STATION_TABLE.map((s) => {
      const own = coverage.cells.filter((c) => s.views.includes(c.zone.view) && s.aspects.includes(c.aspect));
      const open = own.filter((c) => c.status === 'unseen').length;
      const share = own.length === 0 ? 1 : open / own.length;
      const doubt = unseenMovers
        .filter((m) => s.views.includes(plan.zones.get(m.zone)!.view))
        .reduce((sum, m) => sum + m.points, 0);
      return [s.id, doubt * share + s.asked * share] as const;
    }),
  );
  return (station) => worth.get(station) ?? 0;
}

/** Stations of which everything that they look at was seen or is blocked: done, as far as the plan tells. */
export function stationsDone({ coverage }: Pick<Judgement, 'coverage'>): StationId[] {
  return STATION_TABLE.filter((s) => {
    const own = coverage.cells.filter((c) => s.views.includes(c.zone.view) && s.aspects.includes(c.aspect));
    return own.length > 0 && own.every((c) => c.status !== 'unseen');
  }).map((s) => s.id);
}
