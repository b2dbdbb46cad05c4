'use client';

import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { AXES, type Axis } from '@/core/catalogue/axes';
import { capital } from '@/words/capital';
import { AXIS_WORDS } from '@/words/grade';
import { NumberField } from './fields';

const WIDTH = 260;
const HEIGHT = 150;

/** Points lost by share of the axis redone, drawn over the root of the share, so that the small ones can be seen. */
function CurveDrawing({ points }: { points: readonly (readonly [number, number])[] }) {
  const at = ([x, y]: readonly [number, number]) =>
    `${(Math.sqrt(Number(x)) * WIDTH).toFixed(1)},${(Number(y) * HEIGHT) / 100}`;
  const fine = points.flatMap((p, i) => {
    const next = points[i + 1];
    if (!next) return [p];
    return [0, 0.25, 0.5, 0.75].map((t) => [p[0] + (next[0] - p[0]) * t, p[1] + (next[1] - p[1]) * t] as const);
  });
  return (
    <svg viewBox={`-4 -4 ${WIDTH + 8} ${HEIGHT + 22}`} className="w-full max-w-xs" role="img" aria-label="The curve">
      <rect width={WIDTH} height={HEIGHT} fill="none" stroke="var(--line)" />
      <polyline points={fine.map(at).join(' ')} fill="none" stroke="var(--thread)" strokeWidth="2" />
      {points.map((p, i) => (
        <circle key={i} cx={at(p).split(',')[0]} cy={at(p).split(',')[1]} r="3" fill="var(--thread)" />
      ))}
      {[0.01, 0.1, 0.5, 1].map((x) => (
        <text key={x} x={Math.sqrt(x) * WIDTH} y={HEIGHT + 14} fontSize="10" textAnchor="middle" fill="var(--soft)">
          {x * 100} %
        </text>
      ))}
    </svg>
  );
}

/** One axis's curve at a time: its points, and how it runs. */
export function Curves() {
  const [axis, setAxis] = useState<Axis>('metal');
  const points = useWatch({ name: `grade.curves.${axis}` }) as [number, number][];
  return (
    <div className="grid gap-3">
      <label className="grid max-w-60 gap-1 text-sm">
        Axis
        <select className="field" value={axis} onChange={(e) => setAxis(e.target.value as Axis)}>
          {AXES.map((a) => (
            <option key={a} value={a}>
              {capital(AXIS_WORDS[a])}
            </option>
          ))}
        </select>
      </label>
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <table className="text-sm">
          <thead>
            <tr>
              <th className="text-left font-semibold">Share of redoing it (0 to 1)</th>
              <th className="text-left font-semibold">Points lost</th>
            </tr>
          </thead>
          <tbody>
            {points.map((_, i) => (
              <tr key={`${axis}${i}`}>
                <td className="p-0.5">
                  <NumberField path={`grade.curves.${axis}.${i}.0`} label={`Share, point ${i + 1}`} />
                </td>
                <td className="p-0.5">
                  <NumberField path={`grade.curves.${axis}.${i}.1`} label={`Points lost, point ${i + 1}`} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <CurveDrawing points={points} />
      </div>
    </div>
  );
}
