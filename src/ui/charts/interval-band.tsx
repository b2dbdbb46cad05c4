import type { Estimate } from '@/core/stats/estimate';
import { bandShapes, scalePath } from './band-shapes';

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
