import { useMemo } from 'react';
import type { Patch } from '@/core/image/pixels';
import type { Waves } from '@/core/waves/waves';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { WavesAnswer } from '@/workers/waves.worker';

const make = () => new Worker(new URL('../../workers/waves.worker.ts', import.meta.url), { type: 'module' });

/** Reads the waves of a stretch in a worker, again whenever it moves; null while it lacks or is computed. */
export function useWaves(picture: string, stretch: Patch | null, lengthMm: number | null): Waves | 'away' | null {
  const question = useMemo(
    () => (stretch && lengthMm !== null ? { picture, stretch, lengthMm } : null),
    [picture, stretch, lengthMm],
  );
  const [answer] = useWorkerAnswer<NonNullable<typeof question>, WavesAnswer>(make, question);
  return answer && (answer.ok ? answer.waves : 'away');
}
