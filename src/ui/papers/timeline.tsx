import type { Ref } from 'react';
import type { DatesTable } from '@/core/dates/windows';
import { windowOf } from '@/core/dates/windows';
import type { Built, DatedPart } from '@/core/identity/model';
import { capital } from '@/words/capital';
import { daysText } from '@/words/date-fits';

const [WIDTH, ROW, LEFT, TOP, BOTTOM] = [400, 30, 132, 24, 28] as const;
const INK = '#1b2436';
const PIN = '#b4312c';
const YEAR_MS = 365.2425 * 86_400_000;
/** How far to each side of the car's own time the line goes at least, and at most, years. */
const [LEAST_YEARS, MOST_YEARS] = [1, 3] as const;

/** Parts by their days on one line with the day of building; the bar behind each is when such a part is made for such a car. */
export function Timeline({
  dates,
  built,
  leads,
  ref,
}: {
  dates: readonly DatedPart[];
  built: Built;
  leads: Pick<DatesTable, 'leads' | 'parts'>;
  ref?: Ref<SVGSVGElement>;
}) {
  const rows = dates.flatMap((d) => (d.made && d.fit ? [{ ...d, made: d.made, fit: d.fit }] : []));
  const t = (day: string) => Date.parse(day);
  const middle = (t(built.from) + t(built.to)) / 2;
  const bound = (at: number) => Math.max(middle - MOST_YEARS * YEAR_MS, Math.min(middle + MOST_YEARS * YEAR_MS, at));
  const from = Math.min(middle - LEAST_YEARS * YEAR_MS, ...rows.map((r) => bound(t(r.made.from)))) - 0.1 * YEAR_MS;
  const to = Math.max(middle + 0.4 * YEAR_MS, ...rows.map((r) => bound(t(r.made.to)))) + 0.1 * YEAR_MS;
  const x = (at: number) => LEFT + ((bound(at) - from) / (to - from)) * (WIDTH - LEFT - 12);
  const height = TOP + rows.length * ROW + BOTTOM;
  const years = Array.from(
    { length: new Date(to).getUTCFullYear() - new Date(from).getUTCFullYear() },
    (_, i) => new Date(from).getUTCFullYear() + 1 + i,
  );
  const says = rows.map((r) => `${r.name} ${daysText(r.made)} ${r.fit}`).join('; ');
  return (
    <svg
      ref={ref}
      xmlns="http://www.w3.org/2000/svg"
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="w-full bg-white"
      role="img"
      aria-label={`Parts beside the day of building, ${daysText(built)}: ${says}`}
      fontFamily="sans-serif"
      fontSize="13"
    >
      <rect width={WIDTH} height={height} fill="#fff" />
      {years.map((y) => (
        <g key={y}>
          <line x1={x(Date.UTC(y, 0, 1))} x2={x(Date.UTC(y, 0, 1))} y1={TOP} y2={height - BOTTOM} stroke="#d8d2c6" />
          <text x={x(Date.UTC(y, 0, 1))} y={height - 12} textAnchor="middle" fill={INK}>
            {y}
          </text>
        </g>
      ))}
      <rect
        x={x(t(built.from)) - 1.5}
        width={Math.max(3, x(t(built.to)) - x(t(built.from)))}
        y={TOP}
        height={rows.length * ROW}
        fill={INK}
        opacity={built.from === built.to ? 1 : 0.16}
      />
      <text x={x(middle)} y={TOP - 8} textAnchor="middle" fill={INK} fontWeight="700">
        built
      </text>
      {rows.map((r, i) => {
        const y = TOP + i * ROW;
        const lead = leads.leads[leads.parts[r.record.body.part]?.sort ?? ''];
        const window = lead ? windowOf(built, lead) : null;
        const [a, b] = [x(t(r.made.from)), x(t(r.made.to))];
        const colour = r.fit === 'fits' ? INK : PIN;
        return (
          <g key={r.record.id}>
            <text x={8} y={y + ROW / 2 + 5} fill={INK}>
              {capital(r.name.replace(', casting', '')).slice(0, 20)}
            </text>
            {window && (
              <rect
                x={x(t(window.from))}
                width={Math.max(2, x(t(window.to)) - x(t(window.from)))}
                y={y + 6}
                height={ROW - 12}
                fill="#e8e0d0"
                stroke="#b8ad96"
              />
            )}
            {r.fit === 'fits' ? (
              <rect
                x={(a + b) / 2 - Math.max(6, (b - a) / 2)}
                width={Math.max(12, b - a)}
                y={y + 11}
                height={ROW - 22}
                fill={colour}
              />
            ) : Math.abs((t(r.made.from) + t(r.made.to)) / 2 - middle) > MOST_YEARS * YEAR_MS ? (
              // Further off than the line goes: its year at the edge.
              <text
                x={a > x(middle) ? WIDTH - 6 : LEFT + 4}
                y={y + ROW / 2 + 5}
                textAnchor={a > x(middle) ? 'end' : 'start'}
                fill={colour}
                fontWeight="700"
              >
                {a > x(middle) ? `${r.made.from.slice(0, 4)} ›` : `‹ ${r.made.from.slice(0, 4)}`}
              </text>
            ) : (
              <path
                d={`M${(a + b) / 2 - 8} ${y + ROW / 2 - 8}l16 16M${(a + b) / 2 + 8} ${y + ROW / 2 - 8}l-16 16`}
                stroke={colour}
                strokeWidth="4"
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
