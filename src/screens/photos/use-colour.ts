import { useEffect, useRef, useState } from 'react';
import type { ColourComparison } from '@/core/colour/compare';
import type { Patch } from '@/core/image/pixels';
import type { ColourAnswer, ColourAsked } from '@/workers/colour.worker';

export interface Places {
  readonly card: Patch | null;
  readonly a: Patch | null;
  readonly b: Patch | null;
}

/** Compares the places of a picture in a worker, again whenever one moves; null while places lack or it is computed. */
export function useColour(picture: string, { card, a, b }: Places): ColourComparison | 'away' | null {
  const [found, setFound] = useState<ColourComparison | 'away' | null>(null);
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  useEffect(() => {
    const made = new Worker(new URL('../../workers/colour.worker.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    made.onmessage = ({ data }: MessageEvent<ColourAnswer>) => {
      if (data.id === asked.current) setFound(data.ok ? data.comparison : 'away');
    };
    return () => made.terminate();
  }, []);
  useEffect(() => {
    setFound(null);
    if (!card || !a || !b) return;
    const message: ColourAsked = { id: ++asked.current, picture, card, a, b };
    worker.current?.postMessage(message);
  }, [picture, card, a, b]);
  return found;
}
