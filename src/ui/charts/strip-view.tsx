import { type PointerEvent, useEffect, useRef } from 'react';
import type { CorrectedStation } from '@/core/fit/by-hand';
import type { SeamStrip } from '@/core/fit/seam-strip';

/** Height of a millimetre across the seam as it is shown, px; the same for every strip, so that two compare. */
const PX_PER_MM_ACROSS = 9;
/** How far either side of the seam's middle is shown, mm. */
const ACROSS_MM = 8;

const COLOURS = {
  found: 'oklch(0.87 0.13 95)',
  moved: 'oklch(0.75 0.14 195)',
  dropped: 'oklch(0.7 0.02 255)',
} as const;

/** A seam laid straight, front or top at the left, with the edges that were found, moved by hand or left out. */
export function StripView({
  strip,
  stations,
  label,
  lengthMm = strip.rows * strip.rowMm,
  selected = null,
  onSelect,
  onEdge,
}: {
  strip: SeamStrip;
  stations: readonly Pick<CorrectedStation, 'sMm' | 'columns' | 'touched'>[];
  label: string;
  /** What the whole width stands for, mm: the same for two strips that are to be compared. */
  lengthMm?: number;
  selected?: number | null;
  onSelect?: (station: number) => void;
  /** The place of an edge of the selected station, mm from the strip's middle, as it is dragged. */
  onEdge?: (edge: 0 | 1, atMm: number) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const dragged = useRef<0 | 1 | null>(null);
  const { rows, cols, colMm, rowMm } = strip;
  const centre = (cols - 1) / 2;
  const first = Math.max(0, Math.round(centre - ACROSS_MM / colMm));
  const shown = cols - 2 * first;
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const image = context.createImageData(rows, shown);
    for (let r = 0; r < rows; r++)
      for (let c = 0; c < shown; c++) {
        const v = strip.light[r * cols + c + first]!;
        const known = !Number.isNaN(v);
        image.data.set([known ? v : 236, known ? v : 232, known ? v : 222, 255], (c * rows + r) * 4);
      }
    context.putImageData(image, 0, 0);
  }, [strip, rows, cols, first, shown]);
  const held = selected === null ? null : (stations[selected] ?? null);
  const placeOf = (e: PointerEvent<HTMLElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    return {
      sMm: ((e.clientX - box.left) / box.width) * rows * rowMm,
      col: ((e.clientY - box.top) / box.height) * shown + first,
    };
  };
  const down = (e: PointerEvent<HTMLDivElement>) => {
    const { sMm, col } = placeOf(e);
    const near = stations.reduce((b, s, i) => (Math.abs(s.sMm - sMm) < Math.abs(stations[b]!.sMm - sMm) ? i : b), 0);
    if (near === selected && held?.columns) {
      dragged.current = Math.abs(col - held.columns[0]) < Math.abs(col - held.columns[1]) ? 0 : 1;
      e.currentTarget.setPointerCapture(e.pointerId);
    } else onSelect?.(near);
  };
  const move = (e: PointerEvent<HTMLDivElement>) => {
    if (dragged.current === null) return;
    onEdge?.(dragged.current, (placeOf(e).col - centre) * colMm);
  };
  return (
    <div
      className={`relative overflow-hidden border border-line ${onSelect ? 'touch-none cursor-crosshair' : ''}`}
      style={{ height: shown * colMm * PX_PER_MM_ACROSS, width: `${(100 * rows * rowMm) / lengthMm}%` }}
      {...(onSelect && {
        onPointerDown: down,
        onPointerMove: move,
        onPointerUp: () => {
          dragged.current = null;
        },
      })}
    >
      <canvas
        ref={canvas}
        width={rows}
        height={shown}
        className="absolute inset-0 size-full"
        role="img"
        aria-label={label}
      />
      <svg
        viewBox={`0 ${first} ${rows} ${shown}`}
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
              stroke={COLOURS[s.touched ?? 'found']}
              strokeWidth={i === selected ? 5 : 2}
              strokeDasharray={s.touched === 'dropped' ? '4 4' : undefined}
              vectorEffect="non-scaling-stroke"
            />
          );
        })}
      </svg>
      {held?.columns?.map((col, edge) => (
        <span
          key={edge}
          className="pointer-events-none absolute size-4 -translate-1/2 rounded-full border-2 border-white bg-ink"
          style={{
            left: `${(100 * held.sMm) / (rows * rowMm)}%`,
            top: `${(100 * (col - first + 0.5)) / shown}%`,
          }}
        />
      ))}
    </div>
  );
}
