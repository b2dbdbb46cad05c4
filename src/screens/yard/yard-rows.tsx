'use client';

import { BandFade } from '@/ui/charts/interval-band';
import { useAsking } from './ask-yard';
import type { RowFacts } from './row-facts';
import { rowSource, scaleOf } from './row-source';

/** The lots of the Yard, paler while others are on their way. */
export function YardRows({ rows, limits }: { rows: readonly RowFacts[]; limits: readonly number[] }) {
  const { asking } = useAsking();
  return (
    <div aria-busy={asking} className={asking ? 'opacity-60' : ''}>
      {/* The rows' scale and what their bands are filled with, once for all of them; it takes no room and is never hidden. */}
      <svg className="absolute size-0" aria-hidden="true">
        <BandFade id="lots" />
        <path
          id="scale-lots"
          d={scaleOf(limits)}
          stroke="var(--cut)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <ul className="yard-rows grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line">
        {rows.map((r) => (
          <YardRow key={r.id} row={r} />
        ))}
      </ul>
    </div>
  );
}

/** One lot of the Yard; its link is followed by the page around it. */
export const YardRow = ({ row }: { row: RowFacts }) => (
  <li>
    <a
      href={`/lots/${row.id}/${row.to}`}
      // biome-ignore lint/security/noDangerouslySetInnerHtml: made by `html`, which escapes what it is given
      dangerouslySetInnerHTML={{ __html: rowSource(row).source }}
    />
  </li>
);
