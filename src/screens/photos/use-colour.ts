import { useMemo } from 'react';
import type { ColourComparison } from '@/core/colour/compare';
import type { Patch } from '@/core/image/pixels';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { ColourAnswer } from '@/workers/colour.worker';

export interface Places {
  readonly card: Patch | null;
  readonly a: Patch | null;
  readonly b: Patch | null;
}

const make = () => new Worker(new URL('../../workers/colour.worker.ts', import.meta.url), { type: 'module' });

/** Compares the places of a picture in a worker, again whenever one moves; null while places lack or it is computed. */
export function useColour(picture: string, { card, a, b }: Places): ColourComparison | 'away' | null {
  const question = useMemo(() => (card && a && b ? { picture, card, a, b } : null), [picture, card, a, b]);
  const [answer] = useWorkerAnswer<NonNullable<typeof question>, ColourAnswer>(make, question);
  return answer && (answer.ok ? answer.comparison : 'away');
}
