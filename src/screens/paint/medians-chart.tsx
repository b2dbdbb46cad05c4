'use client';

import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { useEffect, useState } from 'react';
import { Bar } from 'react-chartjs-2';
import type { ZonePaint } from '@/core/paint/zone-paint';
import { fromUm, type ThicknessUnit, thicknessSign } from '@/core/units/thickness';
import { rampColour } from '@/ui/body-plan/ramp';
import { medianLabel } from '@/ui/body-plan/zone-looks';
import { usePreferences } from '@/ui/preferences';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

/** Every measured panel's median as an interval, thinnest first; over the ceiling the bar runs to the edge. */
export function MediansChart({
  zones,
  unit,
  wording,
  onPick,
}: {
  zones: readonly ZonePaint[];
  unit: ThicknessUnit;
  wording: Wording;
  onPick: (zone: string) => void;
}) {
  const { theme } = usePreferences().preferences;
  const [ink, setInk] = useState('#223');
  // The canvas draws with whatever font has arrived: draw again when ours has.
  const [fonts, setFonts] = useState(false);
  useEffect(() => {
    void document.fonts.ready.then(() => setFonts(true));
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the colour is read again when the theme changes
  useEffect(() => {
    setInk(getComputedStyle(document.body).color);
  }, [theme]);
  const rows = [...zones].sort((a, b) => (a.medianUm.value ?? 1e5) - (b.medianUm.value ?? 1e5));
  const top = Math.max(...rows.map((z) => z.medianUm.high ?? z.medianUm.low ?? 0), 520);
  const names = rows.map((z) => zoneName(z.zone, wording));
  return (
    <div style={{ height: rows.length * 24 + 40 }} className="relative min-h-32">
      <Bar
        key={String(fonts)}
        role="img"
        aria-label={`Medians: ${rows.map((z, i) => `${names[i]} ${medianLabel(z, unit)}`).join('; ')}`}
        data={{
          labels: names,
          datasets: [
            {
              data: rows.map(
                (z) =>
                  [
                    fromUm(z.medianUm.low ?? 0, unit),
                    fromUm(z.medianUm.value === null ? top : (z.medianUm.high ?? 0), unit),
                  ] as [number, number],
              ),
              backgroundColor: rows.map((z) => rampColour(z.medianUm.value ?? 500).fill),
              borderColor: ink,
              borderWidth: 1,
              borderSkipped: false,
              minBarLength: 4,
              barPercentage: 0.7,
            },
          ],
        }}
        options={{
          indexAxis: 'y',
          animation: false,
          maintainAspectRatio: false,
          onClick: (_e, hit) => {
            const row = hit[0] ? rows[hit[0].index] : undefined;
            if (row) onPick(row.zone);
          },
          plugins: {
            legend: { display: false },
            tooltip: { callbacks: { label: (c) => `${medianLabel(rows[c.dataIndex]!, unit)} ${thicknessSign(unit)}` } },
          },
          scales: {
            x: {
              min: 0,
              max: fromUm(top, unit),
              title: { display: true, text: thicknessSign(unit), color: ink },
              ticks: { color: ink, font: { family: 'Martian Mono Variable', size: 10 } },
              grid: { color: 'rgba(128,128,128,0.18)' },
            },
            y: {
              ticks: { color: ink, autoSkip: false, font: { family: 'Instrument Sans Variable', size: 12 } },
              grid: { display: false },
            },
          },
        }}
      />
    </div>
  );
}
