'use client';

import { BandFade } from '@/ui/charts/interval-band';
import { useAsking } from './ask-yard';
import type { RowFacts } from './row-facts';
import { rowSource } from './row-source';

/** The lots of the Yard, paler while others are on their way. */
export function YardRows({ rows, limits }: { rows: readonly RowFacts[]; limits: readonly number[] }) {
  const { asking } = useAsking();
  return (
    <div aria-busy={asking} className={asking ? 'opacity-60' : ''}>
      {/* What the rows' bands are filled with, once for all of them; it takes no room and is never hidden. */}
      <svg className="absolute size-0" aria-hidden="true">
        <BandFade id="lots" />
      </svg>
      <ul className="grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line">
        {rows.map((r) => (
          <YardRow key={r.id} row={r} limits={limits} />
        ))}
      </ul>
    </div>
  );
}

/** One lot of the Yard; its link is followed by the page around it. */
export const YardRow = ({ row, limits }: { row: RowFacts; limits: readonly number[] }) => (
  <li className="bg-card">
    <a
      href={`/lots/${row.id}/${row.to}`}
      className="yard-row hover:bg-wash"
      // biome-ignore lint/security/noDangerouslySetInnerHtml: made by `html`, which escapes what it is given
      dangerouslySetInnerHTML={{ __html: rowSource(row, limits).source }}
    />
  </li>
);
