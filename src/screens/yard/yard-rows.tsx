'use client';

import { BandFade, IntervalBand } from '@/ui/charts/interval-band';
import { LotNumber } from '@/ui/parts/lot-number';
import { useAsking } from './ask-yard';
import { LotLinks } from './lot-links';
import type { RowFacts } from './row-facts';

/** The lots of the Yard, paler while others are on their way. */
export function YardRows({ rows, limits }: { rows: readonly RowFacts[]; limits: readonly number[] }) {
  const { asking } = useAsking();
  return (
    <div aria-busy={asking} className={asking ? 'opacity-60' : ''}>
      <LotLinks>
        {/* What the rows' bands are filled with, once for all of them; it takes no room and is never hidden. */}
        <svg className="absolute size-0" aria-hidden="true">
          <BandFade id="lots" />
        </svg>
        <ul className="grid grid-cols-1 gap-px overflow-hidden rounded-cut border border-line bg-line">
          {rows.map((r) => (
            <YardRow key={r.id} row={r} limits={limits} />
          ))}
        </ul>
      </LotLinks>
    </div>
  );
}

/** One lot of the Yard; its link is followed by LotLinks. */
export function YardRow({ row, limits }: { row: RowFacts; limits: readonly number[] }) {
  const { grade, where } = row;
  const strong = where === 'late' ? 'font-semibold text-pin' : 'font-semibold';
  return (
    <li className="bg-card">
      <a href={`/lots/${row.id}/${row.to}`} className="yard-row hover:bg-wash">
        <LotNumber n={row.number} />
        <span className="min-w-0">
          <span className="block truncate font-semibold">{row.title}</span>
          <span className="block truncate text-sm text-soft">{row.about}</span>
          <span className="block text-sm sm:hidden">
            {`${row.seenPercent} % seen${grade ? `, grade ${grade.figures}` : ''}`}
          </span>
          {row.questions && <span className="block text-sm font-semibold">{row.questions}</span>}
          {row.structuralLoss && (
            <span className="text-sm font-semibold text-pin">Structural loss: tell the manager</span>
          )}
        </span>
        <span className="hidden text-sm sm:block">
          <span className="figure font-semibold">{row.seenPercent}</span> % seen
          <span className="mt-1 block h-1.5 border border-ink/40 bg-paper">
            <span className="block h-full bg-ink" style={{ width: `${row.seenPercent}%` }} />
          </span>
        </span>
        {grade ? (
          <span className="hidden text-center text-xs text-soft sm:block">
            <IntervalBand
              id="lots"
              shared
              grade={grade}
              limits={limits}
              label={`Grade ${Math.round(grade.low)} to ${Math.round(grade.high)} of 100`}
              height={16}
            />
            <span className="figure">{grade.figures}</span> {grade.band}
          </span>
        ) : (
          <span className="hidden text-sm text-soft sm:block">no grade yet</span>
        )}
        <span className="text-right text-sm">
          <span className={strong}>{where}</span>
          <br />
          <span className="text-soft">{row.when}</span>
        </span>
      </a>
    </li>
  );
}
