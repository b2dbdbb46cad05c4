'use client';

import { Maximize, Minus, Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import { TransformComponent, TransformWrapper } from 'react-zoom-pan-pinch';

const FULL = { width: '100%', height: '100%' } as const;

/** Zoom by wheel, pinch or buttons, pan by dragging. */
export function PlanZoom({ children }: { children: ReactNode }) {
  return (
    <TransformWrapper
      minScale={1}
      maxScale={8}
      doubleClick={{ disabled: true }}
      panning={{ velocityDisabled: true }}
      wheel={{ step: 0.12 }}
    >
      {({ zoomIn, zoomOut, resetTransform }) => (
        <>
          <div className="absolute top-2 right-2 z-10 flex flex-col gap-1">
            <ZoomButton label="Zoom in" onPress={() => zoomIn()} Icon={Plus} />
            <ZoomButton label="Zoom out" onPress={() => zoomOut()} Icon={Minus} />
            <ZoomButton label="Whole plan" onPress={() => resetTransform()} Icon={Maximize} />
          </div>
          <TransformComponent wrapperStyle={FULL} contentStyle={FULL}>
            {children}
          </TransformComponent>
        </>
      )}
    </TransformWrapper>
  );
}

function ZoomButton({ label, onPress, Icon }: { label: string; onPress: () => void; Icon: typeof Plus }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onPress}
      className="grid size-9 place-items-center rounded-cut border border-line bg-card hover:border-ink"
    >
      <Icon size={16} aria-hidden="true" />
    </button>
  );
}
