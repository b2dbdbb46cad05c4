import { pathOf } from '@/core/body/outline-path';
import type { Plan } from '@/core/body/plan';
import type { View } from '@/core/body/zone';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import type { ZoneLook } from '../body-plan/plan-types';
import type { BlockOf } from './blocks';
import { zoneLinks } from './plan-block';

const WHOLE: ZoneLook = { fill: 'color-mix(in oklab, var(--thread) 48%, var(--card))' };
const PART: ZoneLook = { fill: 'color-mix(in oklab, var(--thread) 14%, var(--card))' };
const NONE: ZoneLook = { unseen: true };

const LEGEND = [
  [WHOLE, 'looked at in whole'],
  [PART, 'in part'],
  [NONE, 'not at all'],
] as const;

/** How much of each piece was looked at: a map for each part of the car, and what its fills mean. */
export function CoverageMap({
  block,
  plan,
  wording,
  onRecord,
}: {
  block: BlockOf<'coverage'>;
  plan: Plan;
  wording: Wording;
  onRecord?: string | undefined;
}) {
  const [whole, part] = [new Set(block.whole), new Set(block.part)];
  const lookOf = (slug: string) => (whole.has(slug) ? WHOLE : part.has(slug) ? PART : NONE);
  const said = (slug: string) => LEGEND.find(([look]) => look === lookOf(slug))![1];
  const bare = new Set([...plan.zones.keys()].filter((z) => lookOf(z) === NONE));
  return (
    <div className="sheet grid gap-2 p-3">
      <ul className="flex flex-wrap gap-x-4 gap-y-1 text-sm" aria-label="What the fills mean">
        {LEGEND.map(([look, words]) => (
          <li key={words} className="flex items-center gap-2">
            <span
              className={`inline-block size-4 border ${look === NONE ? 'border-dashed' : ''} border-ink/60`}
              style={look.fill ? { background: look.fill } : undefined}
              aria-hidden="true"
            />
            {words}
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-3">
        {block.views.map(({ view, title, caption }) => (
          <figure key={view} className={`min-w-0 ${view === 'outside' ? 'col-span-2 sm:col-span-1' : ''}`}>
            <PieceMap
              plan={plan}
              view={view}
              title={title}
              lookOf={lookOf}
              nameOf={(z) => `${zoneName(z, wording)}, ${said(z)}`}
              hrefOf={zoneLinks(onRecord, bare)}
            />
            <figcaption className="text-sm text-soft">{caption}.</figcaption>
          </figure>
        ))}
      </div>
    </div>
  );
}

const MARGIN_MM = 60;

/** Outlines and fills alone: five such maps on a page weigh less than one plan drawn with all that it has. */
function PieceMap({
  plan,
  view,
  title,
  lookOf,
  nameOf,
  hrefOf,
}: {
  plan: Plan;
  view: View;
  title: string;
  lookOf: (zone: string) => ZoneLook;
  nameOf: (zone: string) => string;
  hrefOf: (zone: string) => string | undefined;
}) {
  const { minX, minY, maxX, maxY } = plan.boxes[view];
  const [width, height] = [maxX - minX + 2 * MARGIN_MM, maxY - minY + 2 * MARGIN_MM];
  return (
    <svg
      className="max-h-56 w-full"
      viewBox={`${minX - MARGIN_MM} ${minY - MARGIN_MM} ${width} ${height}`}
      role="group"
      aria-label={title}
      stroke="var(--cut)"
      strokeWidth={width / 300}
      strokeLinejoin="round"
    >
      {plan.lap[view].map((slug) => {
        const look = lookOf(slug);
        const piece = (
          <path
            key={slug}
            d={pathOf(plan.zones.get(slug)!.outline)}
            fill={look.fill ?? 'var(--paper)'}
            {...(look.unseen && { strokeDasharray: `${width / 90} ${width / 130}` })}
          >
            <title>{nameOf(slug)}</title>
          </path>
        );
        const href = hrefOf(slug);
        return href ? (
          <a key={slug} href={href} tabIndex={-1} className="plan-piece">
            {piece}
          </a>
        ) : (
          piece
        );
      })}
    </svg>
  );
}
