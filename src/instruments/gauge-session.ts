import { distanceToOutline } from '@/core/body/geometry';
import { type Plan, toSheet } from '@/core/body/plan';
import { gaugeLine } from '@/core/gauge/line-protocol';
import type { StandInGauge } from './thickness-gauge';

/**
 * One conversation with the stand-in over its line protocol (docs/formats/gauge.md): what it answers to a line. Where a
 * handheld one has a probe, the stand-in is told the place: `AT zone u v`.
 */
export function answerTo(line: string, gauge: StandInGauge, plan: Plan): string {
  const [word, zone = '', u, v] = line.trim().split(/\s+/);
  switch (word) {
    case '?':
      return gaugeLine(gauge.hello());
    case 'BATTERY':
      return gaugeLine(gauge.battery());
    case 'FOIL': {
      const um = Number(zone);
      return um >= 0 ? gaugeLine(gauge.onFoil(um)) : 'E probe';
    }
    case 'REPEAT': {
      const last = gauge.repeat();
      return last ? gaugeLine(last) : 'N';
    }
    case 'AT': {
      const planned = plan.zones.get(zone);
      const place = { uMm: Number(u), vMm: Number(v) };
      if (!planned || !Number.isFinite(place.uMm) || !Number.isFinite(place.vMm)) return 'E probe';
      const edge = distanceToOutline(planned.outline, toSheet(planned, place));
      return gaugeLine(gauge.measure(zone, place.uMm, place.vMm, edge));
    }
    default:
      return 'E probe';
  }
}
