import type { BandRow } from '@/report/block';
import { IntervalBand } from '../charts/interval-band';
import type { BlockOf } from './blocks';

function Band({ row, limits, height }: { row: BandRow; limits: readonly number[]; height?: number }) {
  return (
    <IntervalBand
      id={`report-${row.id}`}
      grade={row.grade}
      limits={limits}
      label={`${row.name} ${row.figures} of 100`}
      capped={row.capped}
      {...(height && { height })}
    />
  );
}

/** The grade's word with its doubt, and how much there was to go by. */
export function Headline({ block: b }: { block: BlockOf<'headline'> }) {
  return (
    <div className="sheet grid gap-4 p-4 sm:grid-cols-[1.3fr_1fr]">
      <div className="grid gap-1">
        <p className="text-sm font-semibold">{b.lead}</p>
        <p className="font-head text-3xl font-bold">
          {b.word} <span className="figure text-lg font-semibold">{b.band.figures}</span>
        </p>
        <Band row={b.band} limits={b.limits} />
        <details className="text-sm">
          <summary className="min-h-9 content-center font-semibold">What that promises, and what it does not</summary>
          <p className="text-soft">{b.says}</p>
        </details>
      </div>
      <dl className="grid grid-cols-4 content-start gap-x-3 gap-y-2 sm:grid-cols-2">
        {b.counts.map(([value, name]) => (
          <div key={name}>
            <dd className="figure text-lg font-semibold">{value}</dd>
            <dt className="text-xs text-soft sm:text-sm">{name}</dt>
          </div>
        ))}
      </dl>
    </div>
  );
}

/** Groups of grades beside each other. */
export function BandList({ block: { groups, limits } }: { block: BlockOf<'bands'> }) {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      {groups.map((rows, g) => (
        <ul key={g} className="grid content-start gap-2">
          {rows.map((row) => (
            <li key={row.id} className="grid grid-cols-[1fr_auto] items-center gap-x-2 text-sm">
              <span>
                <strong className={row.says ? '' : 'font-semibold'}>{row.name}</strong>{' '}
                {row.says && <span className="text-soft">{row.says}</span>}
              </span>
              <span className="figure text-right text-xs">{row.figures}</span>
              <span className="col-span-2">
                {row.blank ? (
                  <span className="block h-3 border-b border-dashed border-ink/50" />
                ) : (
                  <Band row={row} limits={limits} height={12} />
                )}
              </span>
            </li>
          ))}
        </ul>
      ))}
    </div>
  );
}
