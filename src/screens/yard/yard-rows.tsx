'use client';

import type { CSSProperties } from 'react';
import { useAsking } from './ask-yard';
import type { RowFacts } from './row-facts';
import { rowSource, scaleOf } from './row-source';

/** The lots of the Yard, paler while others are on their way. */
export function YardRows({ rows, limits }: { rows: readonly RowFacts[]; limits: readonly number[] }) {
  const { asking } = useAsking();
  return (
    <div aria-busy={asking} className={asking ? 'opacity-60' : ''}>
      <ul
        className="yard-rows grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line"
        style={{ '--scale': scaleOf(limits) } as CSSProperties}
      >
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
