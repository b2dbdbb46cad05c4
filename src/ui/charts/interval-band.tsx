import type { Estimate } from '@/core/stats/estimate';

/** A value of a 0 to 100 scale as a band with soft ends: 10 to 90 %, ticks at the band limits. */
export function IntervalBand({
  grade,
  limits,
  label,
  height = 22,
  capped = false,
  id,
}: {
  grade: Estimate;
  limits: readonly number[];
  label: string;
  height?: number;
  capped?: boolean;
  id: string;
}) {
  const low = grade.low ?? 0;
  const high = grade.high ?? 100;
  const value = grade.value ?? (low + high) / 2;
  const width = Math.max(1.5, high - low);
  return (
    <svg
      viewBox={`0 0 200 ${height}`}
      className="w-full"
      style={{ height }}
      preserveAspectRatio="none"
      role="img"
      aria-label={label}
    >
      <defs>
        <linearGradient id={`band-${id}`}>
          <stop offset="0" stopColor="var(--thread)" stopOpacity="0.05" />
          <stop offset="0.3" stopColor="var(--thread)" stopOpacity="0.75" />
          <stop offset="0.7" stopColor="var(--thread)" stopOpacity="0.75" />
          <stop offset="1" stopColor="var(--thread)" stopOpacity="0.05" />
        </linearGradient>
      </defs>
      <line
        x1="0"
        x2="200"
        y1={height / 2}
        y2={height / 2}
        stroke="var(--cut)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      {limits.map((l) => (
        <line
          key={l}
          x1={l * 2}
          x2={l * 2}
          y1={height * 0.28}
          y2={height * 0.72}
          stroke="var(--cut)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <rect
        x={low * 2 - width * 0.3}
        y={height * 0.14}
        width={width * 2.6}
        height={height * 0.72}
        fill={`url(#band-${id})`}
      />
      <line
        x1={value * 2}
        x2={value * 2}
        y1={height * 0.04}
        y2={height * 0.96}
        stroke="var(--ink)"
        strokeWidth="2.5"
        vectorEffect="non-scaling-stroke"
      />
      {capped && (
        <line
          x1={value * 2 + 3}
          x2={value * 2 + 3}
          y1={height * 0.04}
          y2={height * 0.96}
          stroke="var(--pin)"
          strokeWidth="2.5"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}
