import { pathOf } from '@/core/body/outline-path';
import { toSheet } from '@/core/body/plan';
import { PinMark } from '../../glyphs';
import type { PlanDrawingProps } from '../plan-types';

/** Findings as pins; those of which nobody said where on the piece stand below its label. */
export function Pins({ plan, view, pins }: PlanDrawingProps) {
  const taken = new Map<string, number>();
  return (pins ?? []).map((pin) => {
    const zone = plan.zones.get(pin.zone);
    if (!zone || zone.view !== view) return null;
    const n = taken.get(pin.zone) ?? 0;
    taken.set(pin.zone, n + 1);
    const [x, y] = pin.place
      ? toSheet(zone, pin.place)
      : [zone.label[0] + ((n % 4) - 1.5) * 90, zone.label[1] + 110 + Math.floor(n / 4) * 90];
    return (
      <g key={pin.id}>
        {pin.outline && (
          <path
            d={pathOf(pin.outline.map((c) => toSheet(zone, c)))}
            fill="var(--pin)"
            fillOpacity="0.2"
            stroke="var(--pin)"
            strokeWidth="14"
            strokeLinejoin="round"
            pointerEvents="none"
          />
        )}
        {pin.href ? (
          <Badge x={x} y={y} number={pin.number ?? 0} href={pin.href} />
        ) : (
          <>
            <PinMark family={pin.family} severity={pin.severity} x={x} y={y} size={pin.large ? 190 : 96} />
            {pin.number !== undefined && (
              <text
                x={x + 62}
                y={y + 30}
                fontSize="84"
                fontWeight="700"
                fontFamily="var(--font-mono)"
                fill="var(--ink)"
                stroke="var(--paper)"
                strokeWidth="22"
                paintOrder="stroke"
                aria-hidden="true"
              >
                {pin.number}
              </text>
            )}
          </>
        )}
      </g>
    );
  });
}

/** A numbered place that is touched to read on; on a narrow screen it stays as large as a thumb and a reader need. */
const Badge = ({ x, y, number, href }: { x: number; y: number; number: number; href: string }) => (
  <a href={href} aria-label={`Finding ${number}`} className="plan-badge">
    <circle cx={x} cy={y} fill="var(--card)" stroke="var(--pin)" />
    <text
      x={x}
      y={y}
      textAnchor="middle"
      dominantBaseline="central"
      fontWeight="700"
      fontFamily="var(--font-mono)"
      fill="var(--ink)"
      aria-hidden="true"
    >
      {number}
    </text>
  </a>
);
