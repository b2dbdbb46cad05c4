import { type ReactNode, type RefObject, useState } from 'react';

export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

/** A picture that tells where it is touched, in its own px, with a drawing over it in the same px. */
export function TapPicture({
  src,
  alt,
  onTap,
  imageRef,
  frame,
  className = 'max-h-[46dvh] max-w-full',
  children,
}: {
  src: string;
  alt: string;
  onTap: (x: number, y: number) => void;
  imageRef?: RefObject<HTMLImageElement | null>;
  /** Size in whose px places are told and drawn; the picture's own when not given. */
  frame?: PictureSize;
  className?: string;
  /** Drawn in an SVG whose units are the picture's px. */
  children?: (size: PictureSize) => ReactNode;
}) {
  const [size, setSize] = useState<PictureSize | null>(null);
  return (
    <div className="relative mx-auto w-fit">
      {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: whoever uses this offers buttons that move the places by arrow keys */}
      <img
        ref={imageRef}
        src={src}
        alt={alt}
        className={`cursor-crosshair ${className}`}
        onLoad={(e) => setSize({ width: e.currentTarget.naturalWidth, height: e.currentTarget.naturalHeight })}
        onClick={(e) => {
          const box = e.currentTarget.getBoundingClientRect();
          const scale = (frame?.width ?? e.currentTarget.naturalWidth) / box.width;
          onTap((e.clientX - box.left) * scale, (e.clientY - box.top) * scale);
        }}
      />
      {size && children && (
        <svg
          viewBox={`0 0 ${(frame ?? size).width} ${(frame ?? size).height}`}
          className="pointer-events-none absolute inset-0 size-full"
          aria-hidden="true"
        >
          {children(frame ?? size)}
        </svg>
      )}
    </div>
  );
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** How far an arrow key moves a place, in steps: five with the shift key. Null for other keys. */
export function arrowOf(e: { key: string; shiftKey: boolean }): readonly [dx: number, dy: number] | null {
  const arrow = ARROWS[e.key];
  return arrow ? [arrow[0] * (e.shiftKey ? 5 : 1), arrow[1] * (e.shiftKey ? 5 : 1)] : null;
}
