import { lengthMm, type Point, pointAlong } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import type { Plan } from '@/core/body/plan';
import type { Seam } from '@/core/body/zone';
import type { SeamFit } from '@/core/fit/car-fit';
import { rampColour } from './ramp';

/** How far a gap is off its nominal, as a share of the tolerance, told by the same ramp as film: pale is near. */
function offColour(share: number): string {
  return rampColour(90 + 240 * Math.min(1.7, share)).fill;
}

/** The line half-way between a seam's two sides as they lie apart on the sheet. */
function middleLine(seam: Seam): Point[] {
  return Array.from({ length: 9 }, (_, i) => {
    const [a, b] = [pointAlong(seam.lines[0], i / 8), pointAlong(seam.lines[1], i / 8)];
    return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const;
  });
}

/** Seams as cut lines with notches where gaps were measured; those not measured stay dashed. */
export function SeamMarks({
  plan,
  fits,
  selected,
  nameOf,
  onSeam,
}: {
  plan: Plan;
  fits: ReadonlyMap<string, SeamFit>;
  selected: string | null;
  nameOf: (seam: string) => string;
  onSeam: (seam: string) => void;
}) {
  return (
    <g>
      {[...plan.seams.values()].map((seam) => {
        const fit = fits.get(seam.slug);
        const line = middleLine(seam);
        const [x, y] = pointAlong(line, 0.5);
        const [from, to] = [line[0]!, line.at(-1)!];
        const upright = Math.abs(to[1] - from[1]) > Math.abs(to[0] - from[0]);
        const mean = fit?.meanMm.value ?? null;
        return (
          <g
            key={seam.slug}
            role="button"
            tabIndex={0}
            aria-label={`${nameOf(seam.slug)}, ${mean === null ? 'not measured' : `${mean.toFixed(1)} mm`}`}
            aria-pressed={seam.slug === selected}
            className="cursor-pointer outline-none focus-visible:[&>path]:stroke-(--thread)"
            onClick={() => onSeam(seam.slug)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter' && e.key !== ' ') return;
              e.preventDefault();
              onSeam(seam.slug);
            }}
          >
            <path d={pathOf(line, false)} fill="none" stroke="transparent" strokeWidth="150" />
            <path
              d={pathOf(line, false)}
              fill="none"
              stroke={seam.slug === selected ? 'var(--thread)' : 'var(--ink)'}
              strokeWidth={seam.slug === selected ? 34 : fit ? 20 : 10}
              strokeDasharray={fit ? undefined : '40 34'}
            />
            {fit?.stations.map((s, i) => {
              if (!s.gap) return null;
              const p = pointAlong(line, Math.min(1, s.sMm / Math.max(1, seam.lengthMm, lengthMm(line))));
              return (
                <circle
                  key={i}
                  cx={p[0]}
                  cy={p[1]}
                  r="24"
                  fill={offColour(Math.abs(s.gap.value! - fit.nominalMm) / fit.goodMm)}
                  stroke="var(--ink)"
                  strokeWidth="8"
                />
              );
            })}
            {mean !== null && (
              <text
                x={upright ? x + 120 : x}
                y={upright ? y + 30 : y - 44}
                textAnchor="middle"
                fontSize="84"
                fontWeight="650"
                fontFamily="var(--font-mono)"
                fill="var(--ink)"
                stroke="var(--paper)"
                strokeWidth="24"
                paintOrder="stroke"
              >
                {mean.toFixed(1)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
