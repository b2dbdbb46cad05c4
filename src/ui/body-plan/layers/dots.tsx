import { toSheet } from '@/core/body/plan';
import type { DotKind, DotsProps } from '../plan-types';

const WEAK_FILL: Partial<Record<DotKind, string>> = {
  'weak-raised': 'var(--tape)',
  'weak-found': 'var(--ink)',
  'weak-sound': 'var(--card)',
};

/** A weak spot: a lozenge, dashed while nobody was there, crossed where it could not be seen, filled where it was found. */
function Weak({ x, y, kind }: { x: number; y: number; kind: DotKind }) {
  const r = 42;
  return (
    <g pointerEvents="none" stroke="var(--ink)" strokeLinejoin="round" fill="none">
      <path
        d={`M${x} ${y - r}L${x + r} ${y}L${x} ${y + r}L${x - r} ${y}Z`}
        fill={WEAK_FILL[kind] ?? 'var(--paper)'}
        strokeWidth="12"
        strokeDasharray={kind === 'weak-unseen' || kind === 'weak-raised' ? '20 14' : undefined}
      />
      {kind === 'weak-sound' && <path d={`M${x - 16} ${y}L${x - 4} ${y + 14}L${x + 18} ${y - 14}`} strokeWidth="11" />}
      {kind === 'weak-blocked' && <path d={`M${x - 15} ${y - 15}L${x + 15} ${y + 15}`} strokeWidth="11" />}
    </g>
  );
}

/** Places of readings and weak spots, and where to measure next. */
export function Dots({ plan, view, dots }: DotsProps) {
  return dots.map((dot, i) => {
    const zone = plan.zones.get(dot.zone);
    if (!zone || zone.view !== view) return null;
    const [x, y] = toSheet(zone, dot);
    if (dot.kind.startsWith('weak')) return <Weak key={i} x={x} y={y} kind={dot.kind} />;
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
