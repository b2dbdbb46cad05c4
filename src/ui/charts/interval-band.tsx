import type { Estimate } from '@/core/stats/estimate';

/** How a band fades towards its ends; it stands once in a page's drawings for all bands of that name. */
export function BandFade({ id }: { id: string }) {
  return (
    <linearGradient id={`band-${id}`}>
      <stop offset="0" stopColor="var(--thread)" stopOpacity="0.05" />
      <stop offset="0.3" stopColor="var(--thread)" stopOpacity="0.75" />
      <stop offset="0.7" stopColor="var(--thread)" stopOpacity="0.75" />
      <stop offset="1" stopColor="var(--thread)" stopOpacity="0.05" />
    </linearGradient>
  );
}

/** The line of the scale with a tick at each limit. */
const scale = (limits: readonly number[], height: number) =>
  `M0 ${height / 2}H200${limits.map((l) => `M${l * 2} ${(height * 0.28).toFixed(1)}V${(height * 0.72).toFixed(1)}`).join('')}`;

/** A value of a 0 to 100 scale as a band with soft ends: 10 to 90 %, ticks at the band limits. */
export function IntervalBand({
  grade,
  limits,
  label,
  height = 22,
  capped = false,
  id,
  shared = false,
}: {
  grade: Pick<Estimate, 'low' | 'value' | 'high'>;
  limits: readonly number[];
  label: string;
  height?: number;
  capped?: boolean;
  id: string;
  /** Whether the fading of this name stands elsewhere on the page, once for many bands. */
  shared?: boolean;
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
      {shared || (
        <defs>
          <BandFade id={id} />
        </defs>
      )}
      <path d={scale(limits, height)} stroke="var(--cut)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
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
