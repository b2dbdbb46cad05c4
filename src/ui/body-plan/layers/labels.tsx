import { memo, useMemo } from 'react';
import { boxOf } from '@/core/body/geometry';
import { type LabelPlace, labelPlaces } from '@/core/body/label-places';
import type { Zone } from '@/core/body/zone';
import type { PlanDrawingProps, ZoneLook } from '../plan-types';

/** A figure on its piece, or beside it on a hair line. Its halo keeps lines from running through it. */
const ZoneLabel = memo(function ZoneLabel({ place, look, size }: { place: LabelPlace; look: ZoneLook; size: number }) {
  const beside = place.leader !== null;
  const ink = beside ? 'var(--ink)' : look.hatched ? 'oklch(0.98 0.01 90)' : (look.text ?? 'var(--ink)');
  const halo = beside ? 'var(--paper)' : look.hatched ? 'oklch(0.31 0.075 10)' : (look.fill ?? 'var(--card)');
  return (
    <g pointerEvents="none" aria-hidden="true">
      {place.leader && (
        <path
          d={`M${place.leader[0].map((v) => v.toFixed(0)).join(' ')}L${place.leader[1].map((v) => v.toFixed(0)).join(' ')}`}
          stroke="var(--ink)"
          strokeWidth="5"
          fill="none"
        />
      )}
      <text
        x={place.at[0]}
        y={place.at[1]}
        dy="0.35em"
        textAnchor="middle"
        fontSize={size}
        fontWeight="650"
        fontFamily="var(--font-mono)"
        fill={ink}
        stroke={halo}
        strokeWidth={26}
        strokeLinejoin="round"
        paintOrder="stroke"
      >
        {look.label}
      </text>
    </g>
  );
});

/** Width of a letter as a share of the type size, for telling whether a name fits. */
const LETTER = 0.52;

/** The zone's name, level or upright as it fits, in one or two lines; nothing when it does not fit. */
const ZoneName = memo(function ZoneName({ zone, name }: { zone: Zone; name: string }) {
  const box = boxOf(zone.outline);
  const [w, h] = [box.maxX - box.minX - 30, box.maxY - box.minY - 20];
  const upright = h > w * 1.4;
  const [along, across] = upright ? [h, w] : [w, h];
  const lines = name.length * LETTER * 64 > along ? name.split(/, | (?=\S+$)/) : [name];
  const longest = Math.max(...lines.map((l) => l.length));
  const size = Math.min(56, along / (longest * LETTER), across / (lines.length * 1.15));
  if (size < 36) return null;
  const [x, y] = [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      fontSize={size}
      fontFamily="var(--font-sans)"
      fill="var(--ink)"
      stroke="var(--card)"
      strokeWidth={size * 0.34}
      strokeLinejoin="round"
      paintOrder="stroke"
      pointerEvents="none"
      transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
      aria-hidden="true"
    >
      {lines.map((line, i) => (
        <tspan key={line} x={x} dy={i === 0 ? size * (0.35 - (lines.length - 1) * 0.55) : size * 1.1}>
          {line}
        </tspan>
      ))}
    </text>
  );
});

/** The figures of the zones, and their names where they fit and no figure stands there. */
export function LabelsLayer({ plan, view, looks, labelSize = 92, named, nameOf }: PlanDrawingProps) {
  const places = useMemo(
    () =>
      labelPlaces(
        plan,
        view,
        new Map([...looks].flatMap(([slug, look]) => (look.label ? [[slug, look.label] as const] : []))),
        labelSize,
      ),
    [plan, view, looks, labelSize],
  );
  return plan.lap[view].map((slug) => {
    const look = looks.get(slug);
    const place = places.get(slug);
    if (look?.label && place) return <ZoneLabel key={slug} place={place} look={look} size={labelSize} />;
    return named ? <ZoneName key={slug} zone={plan.zones.get(slug)!} name={nameOf(slug)} /> : null;
  });
}
