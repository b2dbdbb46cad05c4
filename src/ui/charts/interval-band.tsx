import type { Estimate } from '@/core/stats/estimate';

/** A hundredth is finer than a screen shows. */
const short = (v: number) => Number(v.toFixed(2));

/** The line of a scale 0 to 100 drawn 200 wide, with ticks at the limits. */
function scalePath(limits: readonly number[], height: number): string {
  const ticks = limits.map((l) => `M${l * 2} ${short(height * 0.28)}V${short(height * 0.72)}`).join('');
  return `M0 ${height / 2}H200${ticks}`;
}

/** The shapes of a band on such a scale: what the interval covers, and where its value lies. */
function bandShapes(grade: Pick<Estimate, 'low' | 'value' | 'high'>, height: number) {
  const low = grade.low ?? 0;
  const high = grade.high ?? 100;
  const value = grade.value ?? (low + high) / 2;
  const width = Math.max(1.5, high - low);
  const upright = (x: number) => `M${short(x)} ${short(height * 0.04)}V${short(height * 0.96)}`;
  return {
    // Its soft ends lie outside the interval.
    band: {
      x: short(low * 2 - width * 0.3),
      y: short(height * 0.14),
      width: short(width * 2.6),
      height: short(height * 0.72),
    },
    at: upright(value * 2),
    /** Where a limit holds the value down. */
    cap: upright(value * 2 + 3),
  };
}

/** How a band fades towards its ends. */
function BandFade({ id }: { id: string }) {
  return (
    <linearGradient id={`band-${id}`}>
      <stop offset="0" stopColor="var(--thread)" stopOpacity="0.05" />
      <stop offset="0.3" stopColor="var(--thread)" stopOpacity="0.75" />
      <stop offset="0.7" stopColor="var(--thread)" stopOpacity="0.75" />
      <stop offset="1" stopColor="var(--thread)" stopOpacity="0.05" />
    </linearGradient>
  );
}

/** A value of a 0 to 100 scale as a band with soft ends: 10 to 90 %, ticks at the band limits. */
export function IntervalBand({
  grade,
  limits,
  label,
  height = 22,
  capped = false,
  id,
}: {
  grade: Pick<Estimate, 'low' | 'value' | 'high'>;
  limits: readonly number[];
  label: string;
  height?: number;
  capped?: boolean;
  id: string;
}) {
  const { band, at, cap } = bandShapes(grade, height);
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
        <BandFade id={id} />
      </defs>
      <path d={scalePath(limits, height)} stroke="var(--cut)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
      <rect {...band} fill={`url(#band-${id})`} />
      <path d={at} stroke="var(--ink)" strokeWidth="2.5" vectorEffect="non-scaling-stroke" />
      {capped && <path d={cap} stroke="var(--pin)" strokeWidth="2.5" vectorEffect="non-scaling-stroke" />}
    </svg>
  );
}
