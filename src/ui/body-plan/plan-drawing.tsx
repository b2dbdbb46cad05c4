import { memo, type ReactNode } from 'react';
import { boxOf, type Point } from '@/core/body/geometry';
import { shortestLinks } from '@/core/body/links';
import { pathOf } from '@/core/body/outline-path';
import { type Plan, toSheet } from '@/core/body/plan';
import type { View, Zone } from '@/core/body/zone';
import type { Family } from '@/core/catalogue/flaws/flaw';
import { PinMark } from '../glyphs';

/** How one zone is drawn. */
export interface ZoneLook {
  readonly fill?: string;
  readonly text?: string;
  readonly label?: string;
  /** Over the gauge's ceiling: hatched. */
  readonly hatched?: boolean;
  /** Nothing seen: bare paper, dashed outline. */
  readonly unseen?: boolean;
  readonly blocked?: boolean;
}

export interface PlanPin {
  readonly id: string;
  readonly zone: string;
  readonly place: { uMm: number; vMm: number } | null;
  readonly family: Family;
  readonly severity: number;
  /** The number under which a report lists it. */
  readonly number?: number;
}

export interface PlanDrawingProps {
  readonly plan: Plan;
  readonly view: View;
  readonly looks: ReadonlyMap<string, ZoneLook>;
  readonly pins?: readonly PlanPin[];
  readonly selected?: string | null;
  readonly dots?: readonly {
    readonly zone: string;
    readonly uMm: number;
    readonly vMm: number;
    readonly kind: 'read' | 'over' | 'next';
  }[];
  readonly nameOf: (zone: string) => string;
  readonly onZone?: (zone: string, at: Point) => void;
  readonly title: string;
  /** Sheet millimetres shown; the whole view when absent. */
  readonly frame?: { readonly minX: number; readonly minY: number; readonly maxX: number; readonly maxY: number };
  readonly className?: string;
  readonly sideWords?: { readonly left: string; readonly right: string };
  readonly labelSize?: number;
  /** Writes each zone's name on it, where it fits and nothing else stands there. */
  readonly named?: boolean;
  /** Drawn over the zones, in the sheet's mm. */
  readonly over?: ReactNode;
  /** Zones that belong together, each group drawn as linked outlines under its name. */
  readonly groups?: readonly { readonly name: string; readonly zones: readonly string[] }[];
}

const MARGIN = 90;

/**
 * The plan of a car as a cutter's pattern. Plain SVG: drawn on the server and in the browser alike. Drawn anew only when
 * what it is given changes, so hand it steady functions where it stands beside something that changes often.
 */
export const PlanDrawing = memo(Drawing);

function Drawing(props: PlanDrawingProps) {
  const { plan, view, looks, selected, title, className } = props;
  const box = props.frame ?? plan.boxes[view];
  const zones = plan.lap[view].map((slug) => plan.zones.get(slug)!);
  const chosen = selected ? plan.zones.get(selected) : undefined;
  return (
    <svg
      className={className}
      viewBox={`${box.minX - MARGIN} ${box.minY - MARGIN} ${box.maxX - box.minX + 2 * MARGIN} ${box.maxY - box.minY + 2 * MARGIN}`}
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
      {zones.map((zone) => (
        <ZonePath key={zone.slug} zone={zone} look={looks.get(zone.slug)} props={props} />
      ))}
      {view === 'outside' &&
        plan.folds.map((fold, i) => (
          <path
            key={i}
            d={pathOf(fold, false)}
            fill="none"
            stroke="var(--cut)"
            strokeWidth="5"
            strokeDasharray="26 22"
            opacity="0.7"
            pointerEvents="none"
          />
        ))}
      {zones.map((zone) => {
        const look = looks.get(zone.slug);
        return look?.label ? <ZoneLabel key={zone.slug} zone={zone} look={look} size={props.labelSize ?? 92} /> : null;
      })}
      {props.named &&
        zones.map((zone) =>
          looks.get(zone.slug)?.label ? null : <ZoneName key={zone.slug} zone={zone} name={props.nameOf(zone.slug)} />,
        )}
      {props.groups?.map((g, i) => (
        <Group key={g.name} group={g} place={i} props={props} />
      ))}
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
      <Dots {...props} />
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

function ZonePath({ zone, look, props }: { zone: Zone; look: ZoneLook | undefined; props: PlanDrawingProps }) {
  const d = pathOf(zone.outline);
  const fill = look?.hatched
    ? 'url(#plan-hatch)'
    : (look?.fill ??
      (zone.metal === 'glass' && !look?.unseen ? 'var(--glass)' : look?.unseen ? 'var(--paper)' : 'var(--card)'));
  const { onZone } = props;
  const name = [props.nameOf(zone.slug), look?.label, look?.unseen ? 'not seen' : '', look?.blocked ? 'blocked' : '']
    .filter(Boolean)
    .join(', ');
  const at = (event: { currentTarget: SVGPathElement; clientX: number; clientY: number }): Point => {
    const m = event.currentTarget.getScreenCTM();
    if (!m) return zone.label;
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(m.inverse());
    return [p.x, p.y];
  };
  const open = onZone
    ? {
        role: 'button',
        tabIndex: zone.slug === (props.selected ?? props.plan.lap[props.view][0]) ? 0 : -1,
        'aria-pressed': zone.slug === props.selected,
        onClick: (e: React.MouseEvent<SVGPathElement>) => onZone(zone.slug, at(e)),
        onKeyDown: (e: React.KeyboardEvent) => {
          if (e.key === 'Enter' || e.key === ' ') {
            e.preventDefault();
            onZone(zone.slug, zone.label);
          }
        },
        className:
          'cursor-pointer outline-none hover:brightness-95 focus-visible:stroke-[26px] focus-visible:[stroke:var(--thread)]',
      }
    : { role: 'img' };
  return (
    <>
      <path
        d={d}
        fill={fill}
        stroke="var(--cut)"
        strokeWidth={look?.unseen ? 7 : 9}
        strokeDasharray={look?.unseen ? '34 22' : undefined}
        strokeLinejoin="round"
        data-zone={zone.slug}
        aria-label={name}
        {...open}
      />
      {look?.blocked && <path d={d} fill="url(#plan-blocked)" pointerEvents="none" />}
    </>
  );
}

/** How each group's outlines and links are dashed, so that they are told apart without colour. */
const DASHES = [undefined, '70 30', '18 26', '70 24 16 24', '130 40'] as const;

function Group({
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

function ZoneLabel({ zone, look, size }: { zone: Zone; look: ZoneLook; size: number }) {
  return (
    <text
      x={zone.label[0]}
      y={zone.label[1]}
      dy="0.35em"
      textAnchor="middle"
      fontSize={size}
      fontWeight="650"
      fontFamily="var(--font-mono)"
      fill={look.hatched ? 'oklch(0.98 0.01 90)' : (look.text ?? 'var(--ink)')}
      pointerEvents="none"
      stroke={look.hatched ? 'oklch(0.31 0.075 10)' : 'none'}
      strokeWidth={look.hatched ? 26 : 0}
      paintOrder="stroke"
      aria-hidden="true"
    >
      {look.label}
    </text>
  );
}

/** Width of a letter as a share of the type size, for telling whether a name fits. */
const LETTER = 0.52;

/** The zone's name, level or upright as it fits, in one or two lines; nothing when it does not fit. */
function ZoneName({ zone, name }: { zone: Zone; name: string }) {
  const box = boxOf(zone.outline);
  const [w, h] = [box.maxX - box.minX - 30, box.maxY - box.minY - 20];
  const upright = h > w * 1.4;
  const [along, across] = upright ? [h, w] : [w, h];
  const lines = name.length * LETTER * 64 > along ? name.split(/, | (?=\S+$)/) : [name];
  const longest = Math.max(...lines.map((l) => l.length));
  const size = Math.min(64, along / (longest * LETTER), across / (lines.length * 1.15));
  if (size < 36) return null;
  const [x, y] = [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      fontSize={size}
      fontFamily="var(--font-sans)"
      fill="var(--soft)"
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
}

function Dots({ plan, view, dots }: PlanDrawingProps) {
  return (dots ?? []).map((dot, i) => {
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

function Pins({ plan, view, pins }: PlanDrawingProps) {
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
        <PinMark family={pin.family} severity={pin.severity} x={x} y={y} size={96} />
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
      </g>
    );
  });
}
