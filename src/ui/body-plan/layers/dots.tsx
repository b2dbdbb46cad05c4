import { toSheet } from '@/core/body/plan';
import type { DotsProps } from '../plan-types';

/** Places of readings, and where to measure next. */
export function Dots({ plan, view, dots }: DotsProps) {
  return dots.map((dot, i) => {
    const zone = plan.zones.get(dot.zone);
    if (!zone || zone.view !== view) return null;
    const [x, y] = toSheet(zone, dot);
    if (dot.kind === 'next')
      return (
        <path
          key={i}
          d={`M${x - 60} ${y}H${x + 60}M${x} ${y - 60}V${y + 60}`}
          stroke="var(--ink)"
          strokeWidth="34"
          pointerEvents="none"
        />
      );
    return (
      <circle
        key={i}
        cx={x}
        cy={y}
        r="20"
        fill={dot.kind === 'over' ? 'var(--ink)' : 'var(--card)'}
        stroke="var(--ink)"
        strokeWidth="8"
        pointerEvents="none"
      />
    );
  });
}
