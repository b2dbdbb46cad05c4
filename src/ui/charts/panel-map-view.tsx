import { boxOf } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import { toPanel, toSheet } from '@/core/body/plan';
import type { Zone } from '@/core/body/zone';
import type { FilmReading } from '@/core/paint/film-reading';
import type { PanelChange, PanelPlace } from '@/core/paint/panel-change';
import type { PanelMap } from '@/core/paint/panel-map';
import { rampColour } from '../body-plan/ramp';

interface Props {
  readonly zone: Zone;
  readonly map: PanelMap;
  readonly readings: readonly FilmReading[];
  readonly ceilingUm: number;
  readonly next?: { readonly uMm: number; readonly vMm: number } | null;
  readonly label: string;
  /** A path over the panel, and where along it the film changes (mm from its start), with its doubt. */
  readonly change?: PanelChange | null;
  readonly onTouch?: (place: PanelPlace) => void;
}

/** Below this doubt (standard deviation of ln) a place is drawn in full; at the panel's own it has faded to paper. */
const SURE = 0.05;

/** The film over one panel: the ramp where it was measured, fading to paper where it was not, hatched above the ceiling. */
export function PanelMapView({ zone, map, readings, ceilingUm, next = null, label, change = null, onTouch }: Props) {
  const box = boxOf(zone.outline);
  const size = Math.max(map.widthMm, map.heightMm);
  const pad = size * 0.03;
  const doubt = map.sd.reduce((m, v) => (Number.isNaN(v) ? m : Math.max(m, v)), SURE * 2);
  const [w, h] = [map.widthMm / map.cols, map.heightMm / map.rows];
  const id = `map-${zone.slug}`;
  const cells = Array.from(map.um, (um, k) => {
    if (Number.isNaN(um)) return null;
    const [u, v] = [(k % map.cols) * w, Math.floor(k / map.cols) * h];
    const [x0, y0] = toSheet(zone, { uMm: u, vMm: v });
    const [x1, y1] = toSheet(zone, { uMm: u + w, vMm: v + h });
    const seen = Math.max(0, Math.min(1, 1 - (map.sd[k]! - SURE) / (doubt - SURE)));
    return (
      <rect
        key={k}
        x={Math.min(x0, x1)}
        y={Math.min(y0, y1)}
        width={w}
        height={h}
        fill={um >= ceilingUm ? `url(#${id}-over)` : rampColour(um).fill}
        opacity={seen.toFixed(2)}
      />
    );
  });
  const placed = readings.filter((r) => r.place && r.state !== 'none');
  return (
    <svg
      viewBox={`${box.minX - pad} ${box.minY - pad} ${map.widthMm + 2 * pad} ${map.heightMm + 2 * pad}`}
      className={`max-h-64 w-full ${onTouch ? 'cursor-crosshair' : ''}`}
      role="img"
      aria-label={label}
      {...(onTouch && {
        onClick: (e: React.MouseEvent<SVGSVGElement>) => {
          const m = e.currentTarget.getScreenCTM();
          if (!m) return;
          const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(m.inverse());
          onTouch(toPanel(zone, [p.x, p.y]));
        },
      })}
    >
      <defs>
        <clipPath id={`${id}-clip`}>
          <path d={pathOf(zone.outline)} />
        </clipPath>
        <pattern
          id={`${id}-over`}
          width={size / 40}
          height={size / 40}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width={size / 40} height={size / 40} fill="oklch(0.47 0.095 35)" />
          <rect width={size / 90} height={size / 40} fill="oklch(0.31 0.075 10)" />
        </pattern>
      </defs>
      <path d={pathOf(zone.outline)} fill="var(--paper)" />
      <g clipPath={`url(#${id}-clip)`} shapeRendering="crispEdges">
        {cells}
      </g>
      <path d={pathOf(zone.outline)} fill="none" stroke="var(--cut)" strokeWidth={size / 180} />
      {placed.map((r, i) => {
        const [x, y] = toSheet(zone, r.place!);
        return r.state === 'over' ? (
          <path
            key={i}
            d={`M${x - size / 70} ${y + size / 90}L${x} ${y - size / 70}L${x + size / 70} ${y + size / 90}`}
            fill="none"
            stroke="oklch(0.98 0.01 90)"
            strokeWidth={size / 140}
          />
        ) : (
          <circle
            key={i}
            cx={x}
            cy={y}
            r={size / 110}
            fill="var(--card)"
            stroke="var(--ink)"
            strokeWidth={size / 260}
          />
        );
      })}
      {change && <ChangeMark zone={zone} change={change} size={size} />}
      {next && <Cross at={toSheet(zone, next)} size={size / 36} />}
    </svg>
  );
}

function Cross({ at: [x, y], size }: { at: readonly [number, number]; size: number }) {
  return (
    <path
      d={`M${x - size} ${y}H${x + size}M${x} ${y - size}V${y + size}`}
      stroke="var(--ink)"
      strokeWidth={size / 2.4}
      paintOrder="stroke"
    />
  );
}

/** The path as a thin line; across it, where the film changes, a bar, and a shade over the stretch of its doubt. */
function ChangeMark({ zone, change, size }: { zone: Zone; change: PanelChange; size: number }) {
  const { from, to, found } = change;
  const [x0, y0] = toSheet(zone, from);
  const [x1, y1] = toSheet(zone, to);
  const length = Math.hypot(x1 - x0, y1 - y0);
  if (length === 0) return null;
  const [dx, dy] = [(x1 - x0) / length, (y1 - y0) / length];
  const at = (s: number): readonly [number, number] => [x0 + s * dx, y0 + s * dy];
  const half = size / 7;
  const across = (s: number) => {
    const [x, y] = at(s);
    return `${x - dy * half} ${y + dx * half}L${x + dy * half} ${y - dx * half}`;
  };
  return (
    <g fill="none" stroke="var(--thread)" pointerEvents="none">
      <path d={`M${x0} ${y0}L${x1} ${y1}`} strokeWidth={size / 220} strokeDasharray={`${size / 60} ${size / 80}`} />
      {found.ok && (
        <>
          <path
            d={`M${at(found.lowMm)[0]} ${at(found.lowMm)[1]}L${at(found.highMm)[0]} ${at(found.highMm)[1]}`}
            strokeWidth={half * 2}
            opacity="0.18"
          />
          <path d={`M${across(found.atMm)}`} strokeWidth={size / 90} />
        </>
      )}
    </g>
  );
}
