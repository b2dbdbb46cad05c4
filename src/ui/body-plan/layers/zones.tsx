import { memo } from 'react';
import { detailsOf } from '@/core/body/details';
import type { Point } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import type { Plan } from '@/core/body/plan';
import type { Zone } from '@/core/body/zone';
import type { PlanDrawingProps, ZoneLook } from '../plan-types';

function fillOf(zone: Zone, look: ZoneLook | undefined): string {
  if (look?.hatched) return 'url(#plan-hatch)';
  if (look?.fill) return look.fill;
  if (look?.unseen) return 'var(--paper)';
  return zone.metal === 'glass' ? 'var(--glass)' : 'var(--card)';
}

interface ZonePathProps {
  readonly zone: Zone;
  readonly look: ZoneLook | undefined;
  readonly name: string;
  readonly selected: boolean;
  /** Whether the tab key stops here: at the zone in hand, else at the first. */
  readonly stop: boolean;
  readonly onZone: PlanDrawingProps['onZone'];
}

/** One piece: its outline, its fill, and what a touch on it does. Drawn anew only when one of these changes. */
const ZonePath = memo(function ZonePath({ zone, look, name, selected, stop, onZone }: ZonePathProps) {
  const d = pathOf(zone.outline);
  const said = [name, look?.label, look?.unseen ? 'not seen' : '', look?.blocked ? 'blocked' : '']
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
        tabIndex: stop ? 0 : -1,
        'aria-pressed': selected,
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
        fill={fillOf(zone, look)}
        stroke="var(--cut)"
        strokeWidth={look?.unseen ? 7 : 9}
        strokeDasharray={look?.unseen ? '34 22' : undefined}
        strokeLinejoin="round"
        data-zone={zone.slug}
        aria-label={said}
        {...open}
      />
      {look?.blocked && <path d={d} fill="url(#plan-blocked)" pointerEvents="none" />}
    </>
  );
});

/** What the pieces are: seats, dials, ribs, wheels. */
const Details = memo(function Details({ zone, plan, dark }: { zone: Zone; plan: Plan; dark: boolean }) {
  const strokes = detailsOf(zone, plan);
  if (strokes.length === 0) return null;
  return (
    <g
      pointerEvents="none"
      aria-hidden="true"
      stroke={dark ? 'oklch(0.98 0.01 90 / 0.7)' : 'var(--cut)'}
      strokeWidth="5"
      fill="none"
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {strokes.map((s, i) => (
        <path
          key={i}
          d={pathOf(s.points, s.closed)}
          opacity={s.dashed ? 0.75 : 0.9}
          {...(s.dashed && { strokeDasharray: '22 18' })}
          {...(s.solid && { fill: 'var(--cut)' })}
        />
      ))}
    </g>
  );
});

export function ZonesLayer({ plan, view, looks, selected, nameOf, onZone, hrefOf }: PlanDrawingProps) {
  const lap = plan.lap[view];
  const first = selected && lap.includes(selected) ? selected : lap[0];
  return lap.map((slug) => {
    const zone = plan.zones.get(slug)!;
    const look = looks.get(slug);
    const href = hrefOf?.(slug);
    const piece = (
      <g key={slug}>
        <ZonePath
          zone={zone}
          look={look}
          name={nameOf(slug)}
          selected={slug === selected}
          stop={slug === first}
          onZone={onZone}
        />
        <Details zone={zone} plan={plan} dark={look?.hatched ?? false} />
      </g>
    );
    // Keys reach the same records through the tables and the list of places; forty stops on a drawing would be in the way.
    return href ? (
      <a key={slug} href={href} tabIndex={-1} className="plan-piece">
        {piece}
      </a>
    ) : (
      piece
    );
  });
}
