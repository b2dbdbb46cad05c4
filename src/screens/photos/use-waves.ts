import { useEffect, useRef, useState } from 'react';
import type { Patch } from '@/core/image/pixels';
import type { Waves } from '@/core/waves/waves';
import type { WavesAnswer, WavesAsked } from '@/workers/waves.worker';

/** Reads the waves of a stretch in a worker, again whenever it moves; null while it lacks or is computed. */
export function useWaves(picture: string, stretch: Patch | null, lengthMm: number | null): Waves | 'away' | null {
  const [found, setFound] = useState<Waves | 'away' | null>(null);
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  useEffect(() => {
    const made = new Worker(new URL('../../workers/waves.worker.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    made.onmessage = ({ data }: MessageEvent<WavesAnswer>) => {
      if (data.id === asked.current) setFound(data.ok ? data.waves : 'away');
    };
    return () => made.terminate();
  }, []);
  useEffect(() => {
    setFound(null);
    if (!stretch || lengthMm === null) return;
    const message: WavesAsked = { id: ++asked.current, picture, stretch, lengthMm };
    worker.current?.postMessage(message);
  }, [picture, stretch, lengthMm]);
  return found;
}
