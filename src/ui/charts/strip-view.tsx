import { useEffect, useRef } from 'react';
import type { GapStation } from '@/core/fit/gap';
import type { SeamStrip } from '@/core/fit/seam-strip';

/** Height of a millimetre across the seam as it is shown, px; the same for every strip, so that two compare. */
const PX_PER_MM_ACROSS = 9;

/** A seam laid straight, front or top at the left, with the edges that were found and the places left out. */
export function StripView({
  strip,
  stations,
  dropped,
  label,
}: {
  strip: SeamStrip;
  stations: readonly GapStation[];
  dropped: ReadonlySet<number>;
  label: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { rows, cols, colMm, rowMm } = strip;
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const image = context.createImageData(rows, cols);
    for (let r = 0; r < rows; r++)
      for (let c = 0; c < cols; c++) {
        const v = strip.light[r * cols + c]!;
        const known = !Number.isNaN(v);
        image.data.set([known ? v : 236, known ? v : 232, known ? v : 222, 255], (c * rows + r) * 4);
      }
    context.putImageData(image, 0, 0);
  }, [strip, rows, cols]);
  return (
    <div
      className="relative w-full overflow-hidden border border-line"
      style={{ height: cols * colMm * PX_PER_MM_ACROSS }}
    >
      <canvas
        ref={canvas}
        width={rows}
        height={cols}
        className="absolute inset-0 size-full"
        role="img"
        aria-label={label}
      />
      <svg
        viewBox={`0 0 ${rows} ${cols}`}
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 size-full"
        aria-hidden="true"
      >
        {stations.map((s, i) => {
          if (!s.columns) return null;
          const x = s.sMm / rowMm;
          return (
            <path
              key={s.sMm}
              d={`M${x} ${s.columns[0]}V${s.columns[1]}`}
              stroke={dropped.has(i) ? 'oklch(0.7 0.02 255)' : 'oklch(0.87 0.13 95)'}
              strokeWidth="2"
              strokeDasharray={dropped.has(i) ? '4 4' : undefined}
              vectorEffect="non-scaling-stroke"
            />
          );
        })}
      </svg>
    </div>
  );
}
