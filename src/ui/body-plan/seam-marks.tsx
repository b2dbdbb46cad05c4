import type { KeyboardEvent } from 'react';
import { lengthMm, type Point, pointAlong } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import type { Plan } from '@/core/body/plan';
import type { Seam } from '@/core/body/zone';
import type { SeamFit } from '@/core/fit/seams';
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

/** What is drawn of a seam. */
export type MarkedSeam = Pick<SeamFit, 'nominalMm' | 'goodMm' | 'flushGoodMm' | 'meanMm' | 'worstFlushMm'> & {
  readonly stations: readonly {
    readonly sMm: number;
    readonly gap: { readonly value: number | null } | null;
    readonly flushMm: number | null;
  }[];
};

/** Notches nearer to one another than this would run together, mm. */
const APART_MM = 45;

/** Stations thinned so that their notches stand apart: a piece read off a picture has one every few mm. */
function apart(stations: MarkedSeam['stations']): MarkedSeam['stations'] {
  let last = Number.NEGATIVE_INFINITY;
  return stations.filter((s) => {
    if (s.sMm - last < APART_MM) return false;
    last = s.sMm;
    return true;
  });
}

/** Seams as cut lines with notches where gaps were measured; those not measured stay dashed. */
export function SeamMarks({
  plan,
  fits,
  selected = null,
  show = 'gap',
  nameOf,
  onSeam,
}: {
  plan: Plan;
  fits: ReadonlyMap<string, MarkedSeam>;
  selected?: string | null;
  /** Mean gap and its notches, or the worst flush and its. */
  show?: 'gap' | 'flush';
  nameOf: (seam: string) => string;
  /** Seams are buttons where something happens on one, else pictures. */
  onSeam?: (seam: string) => void;
}) {
  return (
    <g>
      {[...plan.seams.values()].map((seam) => {
        const fit = fits.get(seam.slug);
        const line = middleLine(seam);
        const [x, y] = pointAlong(line, 0.5);
        const [from, to] = [line[0]!, line.at(-1)!];
        const upright = Math.abs(to[1] - from[1]) > Math.abs(to[0] - from[0]);
        const figure = (show === 'gap' ? fit?.meanMm.value : fit?.worstFlushMm) ?? null;
        const told = figure === null ? 'not measured' : `${show === 'flush' ? 'flush ' : ''}${figure.toFixed(1)} mm`;
        return (
          <g
            key={seam.slug}
            aria-label={`${nameOf(seam.slug)}, ${told}`}
            {...(onSeam
              ? {
                  role: 'button',
                  tabIndex: 0,
                  'aria-pressed': seam.slug === selected,
                  className: 'cursor-pointer outline-none focus-visible:[&>path]:stroke-(--thread)',
                  onClick: () => onSeam(seam.slug),
                  onKeyDown: (e: KeyboardEvent) => {
                    if (e.key !== 'Enter' && e.key !== ' ') return;
                    e.preventDefault();
                    onSeam(seam.slug);
                  },
                }
              : { role: 'img' })}
          >
            <path d={pathOf(line, false)} fill="none" stroke="transparent" strokeWidth="150" />
            <path
              d={pathOf(line, false)}
              fill="none"
              stroke={seam.slug === selected ? 'var(--thread)' : 'var(--ink)'}
              strokeWidth={seam.slug === selected ? 34 : fit ? 20 : 10}
              strokeDasharray={fit ? undefined : '40 34'}
            />
            {apart(fit?.stations ?? []).map((s, i) => {
              if (!fit) return null;
              const off = show === 'gap' ? s.gap && s.gap.value! - fit.nominalMm : s.flushMm;
              if (off === null) return null;
              const p = pointAlong(line, Math.min(1, s.sMm / Math.max(1, seam.lengthMm, lengthMm(line))));
              return (
                <circle
                  key={i}
                  cx={p[0]}
                  cy={p[1]}
                  r="24"
                  fill={offColour(Math.abs(off) / (show === 'gap' ? fit.goodMm : fit.flushGoodMm))}
                  stroke="var(--ink)"
                  strokeWidth="8"
                />
              );
            })}
            {figure !== null && (
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
                {show === 'flush' && figure > 0 ? '+' : ''}
                {figure.toFixed(1)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
