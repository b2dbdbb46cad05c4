import type { LossesRow } from '@/report/block';
import type { BlockOf } from './blocks';

function AxisLosses({ axis }: { axis: LossesRow }) {
  let left = 100;
  return (
    <li className="grid content-start gap-0.5">
      <p className="flex justify-between border-b border-line font-semibold">
        <span>{axis.name}</span>
        <span className="figure">{axis.left}</span>
      </p>
      <ol>
        {axis.rows.map((r, i) => {
          const to = Math.max(0, left - r.points);
          const width = left - to;
          left = to;
          return (
            <li key={i} className="grid grid-cols-[minmax(0,1fr)_26%_2.6rem] items-center gap-2 text-sm">
              <span className="leading-tight">
                {r.text}
                {r.number !== null && (
                  <>
                    {' '}
                    <a href={`#finding-${r.number}`} className="underline">
                      no. {r.number}
                    </a>
                  </>
                )}
              </span>
              <span className="relative block h-3 border-b border-line" aria-hidden="true">
                <span
                  className={`absolute inset-y-0 ${r.known ? 'bg-ink' : 'border border-dashed border-ink/60'}`}
                  style={{ left: `${to}%`, width: `max(2px, ${width}%)` }}
                />
              </span>
              <span className="figure text-right text-xs">−{r.points.toFixed(r.points < 10 ? 1 : 0)}</span>
            </li>
          );
        })}
      </ol>
    </li>
  );
}

/** What each axis lost, from 100 down to where it stands. */
export function Losses({ block: { axes } }: { block: BlockOf<'losses'> }) {
  return (
    <ul className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      {axes.map((a) => (
        <AxisLosses key={a.id} axis={a} />
      ))}
    </ul>
  );
}
