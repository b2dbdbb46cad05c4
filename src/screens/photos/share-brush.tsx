'use client';

import { Brush, Eraser, RotateCcw } from 'lucide-react';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { brushed } from '@/core/image/kept-share';
import type { Patch } from '@/core/image/pixels';
import { arrowOf } from '@/ui/parts/tap-picture';

export interface Cover {
  readonly cover: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** Widest that the part is shown, px, and how strongly the marks lie over it. */
const WIDEST = 900;
const MARK = { r: 190, g: 20, b: 140, alpha: 0.62 } as const;
const SIZES = [3, 8, 18] as const;

/** The part of the picture with what was taken for defective marked on it, put right with a brush: pointer, or keys. */
export function ShareBrush({
  picture,
  stretch,
  found,
  onChange,
  onReset,
}: {
  picture: string;
  stretch: Patch;
  found: Cover;
  onChange: (cover: Float32Array) => void;
  onReset: () => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useRef<HTMLImageElement>(null);
  const [loaded, setLoaded] = useState(false);
  const [paints, setPaints] = useState(true);
  const [radius, setRadius] = useState<number>(SIZES[1]);
  const [cursor, setCursor] = useState<readonly [number, number] | null>(null);
  const scale = Math.min(1, WIDEST / stretch.width);
  useEffect(() => {
    const element = new Image();
    element.onload = () => {
      image.current = element;
      setLoaded(true);
    };
    element.src = picture;
  }, [picture]);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context || !loaded || !image.current) return;
    const [w, h] = [context.canvas.width, context.canvas.height];
    context.drawImage(image.current, stretch.x, stretch.y, stretch.width, stretch.height, 0, 0, w, h);
    drawCover(context, found, w, h);
    if (!cursor) return;
    context.strokeStyle = 'white';
    context.lineWidth = 2;
    context.beginPath();
    context.arc((cursor[0] / found.width) * w, (cursor[1] / found.height) * h, (radius / found.width) * w, 0, 7);
    context.stroke();
  }, [found, loaded, stretch, cursor, radius]);
  const stroke = ([x, y]: readonly [number, number]) =>
    onChange(brushed(found.cover, found.width, found.height, { x, y, radius, paints }));
  const at = (e: PointerEvent<HTMLCanvasElement>): [number, number] => {
    const box = e.currentTarget.getBoundingClientRect();
    return [((e.clientX - box.left) / box.width) * found.width, ((e.clientY - box.top) / box.height) * found.height];
  };
  return (
    <div className="grid gap-2">
      <canvas
        ref={canvas}
        width={Math.round(stretch.width * scale)}
        height={Math.round(stretch.height * scale)}
        role="img"
        tabIndex={0}
        aria-label="The part with the marks. Arrow keys move the brush, space uses it."
        className="mx-auto max-h-[46dvh] max-w-full cursor-crosshair touch-none lg:max-h-[62dvh]"
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          stroke(at(e));
        }}
        onPointerMove={(e) => {
          setCursor(at(e));
          if (e.buttons > 0) stroke(at(e));
        }}
        onPointerLeave={() => setCursor(null)}
        onKeyDown={(e) => {
          const arrow = arrowOf(e);
          const now = cursor ?? [found.width / 2, found.height / 2];
          if (arrow) setCursor([now[0] + 3 * arrow[0], now[1] + 3 * arrow[1]]);
          else if (e.key === ' ') stroke(now);
          else return;
          e.preventDefault();
        }}
      />
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="btn btn-small" aria-pressed={paints} onClick={() => setPaints(true)}>
          <Brush size={15} aria-hidden="true" /> Mark
        </button>
        <button type="button" className="btn btn-small" aria-pressed={!paints} onClick={() => setPaints(false)}>
          <Eraser size={15} aria-hidden="true" /> Wipe
        </button>
        <span className="flex gap-1.5" role="group" aria-label="Size of the brush">
          {SIZES.map((s, i) => (
            <button
              key={s}
              type="button"
              className="btn btn-small"
              aria-pressed={radius === s}
              aria-label={`${['Small', 'Middle', 'Large'][i]} brush`}
              onClick={() => setRadius(s)}
            >
              <span className="inline-block rounded-full bg-current" style={{ width: 4 + s / 2, height: 4 + s / 2 }} />
            </button>
          ))}
        </span>
        <button type="button" className="btn btn-small" onClick={onReset}>
          <RotateCcw size={15} aria-hidden="true" /> As it was read
        </button>
      </div>
    </div>
  );
}

function drawCover(context: CanvasRenderingContext2D, { cover, width, height }: Cover, w: number, h: number): void {
  const small = new OffscreenCanvas(width, height);
  const own = small.getContext('2d')!;
  const pixels = own.createImageData(width, height);
  for (let i = 0; i < cover.length; i++) {
    pixels.data[4 * i] = MARK.r;
    pixels.data[4 * i + 1] = MARK.g;
    pixels.data[4 * i + 2] = MARK.b;
    pixels.data[4 * i + 3] = 255 * MARK.alpha * cover[i]!;
  }
  own.putImageData(pixels, 0, 0);
  context.imageSmoothingEnabled = false;
  context.drawImage(small, 0, 0, w, h);
}
