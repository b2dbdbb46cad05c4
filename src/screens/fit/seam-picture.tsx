import type { CorrectedStation } from '@/core/fit/by-hand';
import type { Point } from '@/core/image/homography';
import type { StoredRecord } from '@/core/kinds';
import { GridLines } from '@/ui/parts/grid-lines';
import { arrowOf, TapPicture } from '@/ui/parts/tap-picture';
import { CORNERS } from './gap-question';

/** How far an arrow key moves a point, as a share of the picture's width. */
const NUDGE = 0.002;

const nameOf = (i: number) => (i < CORNERS ? `corner ${i + 1}` : `seam ${i - CORNERS + 1}`);

/** The picture with the card's corners and the drawn seam on it: touched, found, moved by touch or arrow keys. */
export function SeamPicture({
  photo,
  points,
  held,
  cardPx,
  stations,
  grid,
  cardFound,
  onPoints,
  onHold,
  onGrid,
}: {
  photo: StoredRecord<'photo'>;
  points: readonly Point[];
  held: number | null;
  cardPx: readonly Point[] | null;
  stations: readonly CorrectedStation[];
  grid: boolean;
  cardFound: boolean;
  onPoints: (points: readonly Point[]) => void;
  onHold: (point: number | null) => void;
  onGrid: (grid: boolean) => void;
}) {
  const put = (i: number, [x, y]: Point) =>
    onPoints(points.map((p, k) => (k === i ? ([Math.round(x), Math.round(y)] as const) : p)));
  const tap = (x: number, y: number) => {
    if (held === null) onPoints([...points, [Math.round(x), Math.round(y)]]);
    else {
      put(held, [x, y]);
      onHold(null);
    }
  };
  return (
    <div className="grid content-start gap-3">
      <p className="text-sm" role="status">
        {held !== null
          ? `Touch where ${nameOf(held)} belongs.`
          : points.length < CORNERS
            ? `Touch corner ${points.length + 1} of the card, clockwise; roughly will do.`
            : points.length < CORNERS + 2
              ? `${cardFound ? 'The card was found. ' : ''}Touch along the seam: its start, then on to its end.`
              : 'More touches go on along the seam. A button below moves its place: touch, or arrow keys.'}
      </p>
      <TapPicture
        src={`/api/v1/photos/${photo.body.sha256}/2048`}
        alt={photo.body.caption || photo.body.name}
        frame={{ width: photo.body.widthPx, height: photo.body.heightPx }}
        onTap={tap}
        className="max-h-[58dvh] max-w-full"
      >
        {({ width, height }) => (
          <g fill="none">
            {grid && <GridLines width={width} height={height} />}
            <polygon
              points={(cardPx ?? points.slice(0, CORNERS)).map((p) => p.join(',')).join(' ')}
              stroke="white"
              strokeWidth={width / 400}
            />
            <polyline
              points={points
                .slice(CORNERS)
                .map((p) => p.join(','))
                .join(' ')}
              stroke="white"
              strokeWidth={width / 500}
              strokeDasharray={`${width / 100} ${width / 120}`}
            />
            {stations.map((s) =>
              s.edgesPx && s.touched !== 'dropped' ? (
                <path
                  key={s.sMm}
                  d={`M${s.edgesPx[0].join(' ')}L${s.edgesPx[1].join(' ')}`}
                  stroke="oklch(0.87 0.13 95)"
                  strokeWidth={width / 350}
                />
              ) : null,
            )}
            {points.map((p, i) => (
              <circle
                key={i}
                cx={p[0]}
                cy={p[1]}
                r={width / (held === i ? 80 : 130)}
                fill="white"
                stroke="black"
                strokeWidth={width / 500}
              />
            ))}
          </g>
        )}
      </TapPicture>
      <div className="flex flex-wrap gap-1.5">
        {points.map((point, i) => (
          <button
            key={i}
            type="button"
            className="btn btn-small"
            aria-pressed={held === i}
            onClick={() => onHold(held === i ? null : i)}
            onKeyDown={(e) => {
              const arrow = arrowOf(e);
              const by = photo.body.widthPx * NUDGE;
              if (!arrow) return;
              e.preventDefault();
              e.stopPropagation();
              put(i, [point[0] + by * arrow[0], point[1] + by * arrow[1]]);
            }}
          >
            {nameOf(i)}
          </button>
        ))}
        {points.length > 0 && (
          <button
            type="button"
            className="btn btn-small"
            onClick={() => {
              onPoints([]);
              onHold(null);
            }}
          >
            Start again
          </button>
        )}
        <label className="flex min-h-9 items-center gap-2 text-sm">
          <input type="checkbox" className="size-5" checked={grid} onChange={(e) => onGrid(e.target.checked)} /> grid
        </label>
      </div>
    </div>
  );
}
