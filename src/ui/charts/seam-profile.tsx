import type { SeamFit } from '@/core/fit/seams';

const W = 600;
const HEIGHT = 120;
const [LEFT, TOP, FLOOR] = [34, 8, 96];

/** Least and most mm that a chart of these seams shows: all places, and twice the tolerance. */
export function rangeOf(fits: readonly SeamFit[]): readonly [number, number] {
  const ends = fits.flatMap((f) => [
    f.nominalMm - 2 * f.goodMm,
    f.nominalMm + 2 * f.goodMm,
    ...f.stations.flatMap((s) => (s.gap ? [s.gap.low!, s.gap.high!] : [])),
  ]);
  return [Math.max(0, Math.floor(Math.min(...ends))), Math.ceil(Math.max(...ends))];
}

/** Gap along a seam: every place with its interval, against the tolerance band of the era. */
export function SeamProfile({
  fit,
  range: [bottomMm, topMm] = rangeOf([fit]),
  label,
}: {
  fit: SeamFit;
  range?: readonly [number, number];
  label: string;
}) {
  const length = Math.max(1, ...fit.stations.map((s) => s.sMm)) * 1.06;
  const x = (s: number) => LEFT + (s / length) * (W - LEFT - 8);
  const y = (mm: number) => FLOOR - ((mm - bottomMm) / (topMm - bottomMm)) * (FLOOR - TOP);
  const { nominalMm, goodMm } = fit;
  const placed = fit.stations.filter((s) => s.gap);
  return (
    <svg
      viewBox={`0 0 ${W} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={`${label}: ${placed.map((s) => `${s.gap!.value!.toFixed(1)} mm at ${Math.round(s.sMm)}`).join(', ')}`}
    >
      <rect
        x={LEFT}
        y={y(nominalMm + goodMm)}
        width={W - LEFT - 8}
        height={y(nominalMm - goodMm) - y(nominalMm + goodMm)}
        fill="var(--wash)"
      />
      <line x1={LEFT} x2={W - 8} y1={y(nominalMm)} y2={y(nominalMm)} stroke="var(--cut)" strokeDasharray="6 5" />
      <line x1={LEFT} x2={W - 8} y1={FLOOR} y2={FLOOR} stroke="var(--cut)" />
      <polyline
        points={placed.map((s) => `${x(s.sMm).toFixed(1)},${y(s.gap!.value!).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.5"
        opacity="0.5"
      />
      {placed.map((s, i) => (
        <g key={i}>
          <line
            x1={x(s.sMm)}
            x2={x(s.sMm)}
            y1={y(s.gap!.low!)}
            y2={y(s.gap!.high!)}
            stroke="var(--ink)"
            strokeWidth="5"
            opacity="0.3"
          />
          <circle cx={x(s.sMm)} cy={y(s.gap!.value!)} r="4" fill="var(--card)" stroke="var(--ink)" strokeWidth="1.8" />
        </g>
      ))}
      {fit.steps.map((s) => (
        <path key={s.sMm} d={`M${x(s.sMm)} ${TOP}V${FLOOR}`} stroke="var(--thread)" strokeDasharray="3 4" />
      ))}
      {[nominalMm - goodMm, nominalMm, nominalMm + goodMm].map((mm) => (
        <text
          key={mm}
          x={LEFT - 5}
          y={y(mm) + 4}
          fontSize="11"
          textAnchor="end"
          fontFamily="var(--font-mono)"
          fill="var(--ink)"
        >
          {mm}
        </text>
      ))}
      {[0, 0.25, 0.5, 0.75, 1].map((s) => (
        <text
          key={s}
          x={x(s * length)}
          y={HEIGHT - 8}
          fontSize="11"
          textAnchor={s === 1 ? 'end' : 'middle'}
          fontFamily="var(--font-mono)"
          fill="var(--soft)"
        >
          {Math.round(s * length)}
          {s === 1 && ' mm'}
        </text>
      ))}
    </svg>
  );
}
