'use client';

import { Chart, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js';
import { useEffect, useState } from 'react';
import { Line } from 'react-chartjs-2';
import type { LogPoint } from '@/core/running/log-analysis';
import type { RunBands } from '@/core/running/log-table';
import { usePreferences } from '@/ui/preferences';

Chart.register(LineController, LineElement, PointElement, LinearScale, Tooltip);

/** Most points drawn: more than a screen is wide tells nothing more. */
const MOST_DRAWN = 600;

/** Every so many points of a long series, the last always. */
function thinned(points: readonly LogPoint[]): readonly LogPoint[] {
  const every = Math.ceil(points.length / MOST_DRAWN);
  return every <= 1 ? points : points.filter((_, i) => i % every === 0 || i === points.length - 1);
}

const CURVES = [
  ['tempC', 'Temperature, °C', '#b4312c'],
  ['oilKpa', 'Oil pressure, kPa', '#5b4a1f'],
  ['volts', 'Volts', '#00707a'],
  ['rpm', 'Engine speed, 1/min', '#1b2436'],
] as const;

/** The log as curves over minutes, one below another, with the band in which each should lie. */
export function LogChart({ points, bands }: { points: readonly LogPoint[]; bands: RunBands }) {
  const { theme } = usePreferences().preferences;
  const [ink, setInk] = useState('#223');
  // biome-ignore lint/correctness/useExhaustiveDependencies: the colour is read again when the theme changes
  useEffect(() => {
    setInk(getComputedStyle(document.body).color);
  }, [theme]);
  const drawn = thinned(points);
  const bandOf = { tempC: bands.thermostatC, oilKpa: bands.oilIdleKpa, volts: bands.chargingV, rpm: null } as const;
  return (
    <div className="grid gap-2">
      {CURVES.map(([of, name, colour]) => {
        const data = drawn.flatMap((p) => (p[of] === null ? [] : [{ x: p.s / 60, y: p[of] }]));
        if (data.length < 2) return null;
        const band = bandOf[of];
        const [from, to] = [data[0]!.x, data[data.length - 1]!.x];
        const edge = (y: number) => ({
          data: [
            { x: from, y },
            { x: to, y },
          ],
          borderColor: ink,
          borderWidth: 1,
          borderDash: [4, 4],
          pointRadius: 0,
        });
        return (
          <figure key={of}>
            <figcaption className="text-sm font-semibold">{name}</figcaption>
            <div className="relative h-32">
              <Line
                role="img"
                aria-label={`${name} over ${Math.round(to)} minutes, from ${data[0]!.y} to ${data[data.length - 1]!.y}`}
                data={{
                  datasets: [
                    {
                      data,
                      borderColor: colour,
                      backgroundColor: colour,
                      borderWidth: 2,
                      pointRadius: data.length > 60 ? 0 : 2,
                    },
                    ...(band ? band.map(edge) : []),
                  ],
                }}
                options={{
                  animation: false,
                  parsing: false,
                  responsive: true,
                  maintainAspectRatio: false,
                  plugins: { tooltip: { enabled: true } },
                  scales: {
                    x: { type: 'linear', ticks: { color: ink }, title: { display: true, text: 'min', color: ink } },
                    y: { ticks: { color: ink } },
                  },
                }}
              />
            </div>
          </figure>
        );
      })}
      <p className="text-xs text-soft">Dashed: where it should lie when warm, by the table of this make.</p>
    </div>
  );
}
