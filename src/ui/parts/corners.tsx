'use client';

import { type KeyboardEvent, type RefObject, useMemo, useRef, useState } from 'react';
import type { Patch } from '@/core/image/pixels';
import { arrowOf, type PictureSize } from './tap-picture';

type Point = readonly [number, number];
export const CORNERS = ['first corner', 'opposite corner'] as const;
/** How far an arrow key moves a corner, as a share of the picture's width; where one begins that is moved before it was touched. */
const NUDGE = 0.005;
const BEGINS = [0.3, 0.7] as const;

export interface Corners {
  readonly corners: readonly (Point | null)[];
  readonly step: number;
  readonly box: Patch | null;
  readonly picture: RefObject<HTMLImageElement | null>;
  readonly choose: (i: number) => void;
  readonly touch: (x: number, y: number) => void;
  readonly nudge: (i: number, e: KeyboardEvent) => void;
}

/** Two corners of a part of a picture, by touch or arrow keys, in the picture's px. */
export function useCorners(onChange?: () => void): Corners {
  const [corners, setCorners] = useState<readonly (Point | null)[]>([null, null]);
  const [step, setStep] = useState(0);
  const picture = useRef<HTMLImageElement>(null);
  const [a, b] = corners;
  const box = useMemo<Patch | null>(
    () =>
      a && b && a[0] !== b[0] && a[1] !== b[1]
        ? {
            x: Math.min(a[0], b[0]),
            y: Math.min(a[1], b[1]),
            width: Math.abs(a[0] - b[0]),
            height: Math.abs(a[1] - b[1]),
          }
        : null,
    [a, b],
  );
  const put = (i: number, [x, y]: Point) => {
    const image = picture.current;
    if (!image?.naturalWidth) return;
    const inside = (v: number, size: number) => Math.round(Math.min(Math.max(0, v), size));
    const corner: Point = [inside(x, image.naturalWidth), inside(y, image.naturalHeight)];
    setCorners((all) => all.map((c, k) => (k === i ? corner : c)));
    onChange?.();
  };
  return {
    corners,
    step,
    box,
    picture,
    choose: setStep,
    touch: (x, y) => {
      put(step, [x, y]);
      if (step === 0) setStep(1);
    },
    nudge: (i, e) => {
      const [arrow, image] = [arrowOf(e), picture.current];
      if (!arrow || !image) return;
      e.preventDefault();
      setStep(i);
      const old = corners[i] ?? [image.naturalWidth * BEGINS[i]!, image.naturalHeight * BEGINS[i]!];
      const by = image.naturalWidth * NUDGE;
      put(i, [old[0] + by * arrow[0], old[1] + by * arrow[1]]);
    },
  };
}

/** The part that was marked, drawn over the picture. */
export function CornerMarks({ corners: { box, corners, step }, size }: { corners: Corners; size: PictureSize }) {
  const { width } = size;
  return (
    <g fill="none">
      {box && <rect {...box} stroke="black" strokeWidth={width / 150} />}
      {box && <rect {...box} stroke="white" strokeWidth={width / 300} />}
      {corners.map(
        (c, i) =>
          c && (
            <circle
              key={CORNERS[i]}
              cx={c[0]}
              cy={c[1]}
              r={width / (i === step ? 60 : 90)}
              fill="white"
              stroke="black"
              strokeWidth={width / 300}
            />
          ),
      )}
    </g>
  );
}

/** A key for each corner: chosen to be moved by touch, moved by arrow keys. */
export function CornerKeys({ corners: { corners, step, choose, nudge } }: { corners: Corners }) {
  return CORNERS.map((name, i) => (
    <button
      key={name}
      type="button"
      className="btn btn-small min-h-11"
      aria-pressed={i === step}
      onClick={() => choose(i)}
      onKeyDown={(e) => nudge(i, e)}
    >
      {corners[i] ? `Move the ${name}` : `The ${name}`}
    </button>
  ));
}
