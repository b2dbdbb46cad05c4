'use client';

import { thicknessFigure, thicknessSign } from '@/core/units/thickness';
import { useUnit } from '../preferences';
import { RAMP_LEGEND, rampColour } from './ramp';

/** What the plan's fills mean. */
export function PlanLegend({
  className = '',
  ceilingUm = 500,
  film = true,
}: {
  className?: string;
  ceilingUm?: number;
  film?: boolean;
}) {
  const unit = useUnit();
  return (
    <ul
      className={`shrink-0 flex-wrap items-center gap-x-4 gap-y-1 px-4 py-1.5 text-xs ${className}`}
      aria-label="Legend"
    >
      <li className="flex items-center gap-1.5">
        <span className="inline-block h-3 w-4 border-[1.5px] border-dashed border-ink/60" /> not seen
      </li>
      <li className="flex items-center gap-1.5">
        <span className="inline-block h-3 w-4 border-[1.5px] border-ink/60 bg-card" /> seen
      </li>
      {(film ? RAMP_LEGEND : []).map((um) => (
        <li key={um} className="flex items-center gap-1.5">
          <span className="inline-block h-3 w-4 border border-ink/50" style={{ background: rampColour(um).fill }} />{' '}
          <span className="figure">{thicknessFigure(um, unit)}</span>
        </li>
      ))}
      {film && (
        <li className="flex items-center gap-1.5">
          <span className="inline-block h-3 w-4 border border-ink/50 bg-[repeating-linear-gradient(45deg,oklch(0.31_0.075_10)_0_2px,oklch(0.47_0.095_35)_2px_5px)]" />{' '}
          <span className="figure">
            ≥ {thicknessFigure(ceilingUm, unit)} {thicknessSign(unit)}
          </span>
        </li>
      )}
    </ul>
  );
}
