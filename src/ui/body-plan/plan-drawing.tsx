import { memo } from 'react';
import { pathOf } from '@/core/body/outline-path';
import { Dots } from './layers/dots';
import { Group } from './layers/groups';
import { LabelsLayer } from './layers/labels';
import { JoinsLayer, PatternLayer } from './layers/pattern';
import { Pins } from './layers/pins';
import { ZonesLayer } from './layers/zones';
import type { DotsProps, PlanDrawingProps } from './plan-types';

export type { PlanDrawingProps, PlanPin, ZoneLook } from './plan-types';

const MARGIN = 90;
const viewBox = ({ plan, view, frame }: Pick<PlanDrawingProps, 'plan' | 'view' | 'frame'>) => {
  const box = frame ?? plan.boxes[view];
  return `${box.minX - MARGIN} ${box.minY - MARGIN} ${box.maxX - box.minX + 2 * MARGIN} ${box.maxY - box.minY + 2 * MARGIN}`;
};

/**
 * Readings on a sheet of their own, to lie over a plan of the same frame and size: an entry then neither lays out nor
 * paints the plan below it anew.
 */
export function DotsOver(props: DotsProps & Pick<PlanDrawingProps, 'frame'>) {
  return (
    <svg
      className="pointer-events-none absolute inset-0 h-full w-full will-change-transform"
      viewBox={viewBox(props)}
      preserveAspectRatio="xMidYMid meet"
      aria-hidden="true"
    >
      <Dots {...props} />
    </svg>
  );
}

/**
 * The plan of a car as a cutter's pattern. Plain SVG: drawn on the server and in the browser alike. Drawn anew only when
 * what it is given changes, and each piece only when its own look does, so hand it steady functions and steady looks.
 */
export const PlanDrawing = memo(Drawing);

function Drawing(props: PlanDrawingProps) {
  const { plan, view, selected, title, className } = props;
  const box = props.frame ?? plan.boxes[view];
  const chosen = selected ? plan.zones.get(selected) : undefined;
  return (
    <svg
      className={className}
      viewBox={viewBox(props)}
      role="group"
      aria-label={title}
      preserveAspectRatio="xMidYMid meet"
    >
      <defs>
        <pattern id="plan-hatch" width="46" height="46" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="46" height="46" fill="oklch(0.47 0.095 35)" />
          <rect width="20" height="46" fill="oklch(0.31 0.075 10)" />
        </pattern>
        <pattern id="plan-blocked" width="60" height="60" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width="8" height="60" fill="var(--cut)" opacity="0.45" />
        </pattern>
      </defs>
      <ZonesLayer {...props} />
      <JoinsLayer plan={plan} view={view} />
      <PatternLayer plan={plan} view={view} />
      {props.groups?.map((g, i) => (
        <Group key={g.name} group={g} place={i} props={props} />
      ))}
      <LabelsLayer {...props} />
      {chosen && chosen.view === view && (
        <path
          d={pathOf(chosen.outline)}
          fill="none"
          stroke="var(--thread)"
          strokeWidth="26"
          strokeLinejoin="round"
          pointerEvents="none"
        />
      )}
      {props.over}
      <Pins {...props} />
      {props.sideWords && view === 'outside' && (
        <g fill="var(--soft)" fontSize="96" fontFamily="var(--font-sans)" fontWeight="600" aria-hidden="true">
          <text x={box.minX} y={box.minY + 90}>
            {props.sideWords.left}
          </text>
          <text x={box.minX} y={box.maxY - 30}>
            {props.sideWords.right}
          </text>
        </g>
      )}
    </svg>
  );
}
