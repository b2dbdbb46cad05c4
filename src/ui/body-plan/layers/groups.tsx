import type { Point } from '@/core/body/geometry';
import { shortestLinks } from '@/core/body/links';
import { pathOf } from '@/core/body/outline-path';
import type { PlanDrawingProps } from '../plan-types';

/** How each group's outlines and links are dashed, so that they are told apart without colour. */
const DASHES = [undefined, '70 30', '18 26', '70 24 16 24', '130 40'] as const;

/** Zones that belong together: linked outlines under their name. */
export function Group({
  group,
  place,
  props,
}: {
  group: { readonly name: string; readonly zones: readonly string[] };
  place: number;
  props: PlanDrawingProps;
}) {
  const zones = group.zones.flatMap((slug) => {
    const zone = props.plan.zones.get(slug);
    return zone && zone.view === props.view ? [zone] : [];
  });
  const spots = zones.map((z): Point => [z.label[0], z.label[1] + 95]);
  const dash = DASHES[place % DASHES.length];
  const line = { fill: 'none', strokeWidth: 14, strokeDasharray: dash, strokeLinejoin: 'round' as const };
  return (
    <g pointerEvents="none" aria-hidden="true">
      {zones.map((z) => (
        <path key={z.slug} d={pathOf(z.outline)} stroke="var(--ink)" {...line} strokeWidth={24} />
      ))}
      {shortestLinks(spots).map(([a, b]) => (
        <path
          key={`${a}-${b}`}
          d={`M${spots[a]![0]} ${spots[a]![1]}L${spots[b]![0]} ${spots[b]![1]}`}
          stroke="var(--ink)"
          {...line}
        />
      ))}
      {zones.map((z, i) => (
        <g key={z.slug}>
          <circle cx={spots[i]![0]} cy={spots[i]![1]} r="58" fill="var(--card)" stroke="var(--ink)" strokeWidth="10" />
          <text
            x={spots[i]![0]}
            y={spots[i]![1]}
            dy="0.36em"
            textAnchor="middle"
            fontSize="76"
            fontWeight="700"
            fontFamily="var(--font-mono)"
            fill="var(--ink)"
          >
            {group.name}
          </text>
        </g>
      ))}
    </g>
  );
}
