import { useEffect, useMemo, useState } from 'react';
import { type Correction, correctedGap, NO_CORRECTION } from '@/core/fit/by-hand';
import type { Point } from '@/core/image/homography';
import type { BodyOf } from '@/core/kinds';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import type { CardAnswer } from '@/workers/card.worker';
import type { GapAnswer } from '@/workers/gap.worker';
import { CARDS, type GapQuestion, gapQuestion, makeCardFinder, makeGapWorker, typedCard } from './gap-question';

/** How far an edge moves at one touch or key, mm. */
const EDGE_STEP_MM = 0.05;

/** What is asked of a picture of a seam: where the card lies on it, which card it is, and where the seam runs. */
function useGapQuestion(photo: BodyOf<'photo'>) {
  const [points, setPoints] = useState<readonly Point[]>([]);
  const [card, setCard] = useState<string>(Object.keys(CARDS)[0]!);
  const [typed, setTyped] = useState('');
  const { sha256, widthPx } = photo;
  // The card is looked for as soon as the picture is open; what is found stands in for the four touches.
  const toFind = useMemo(() => ({ sha256, frameWidthPx: widthPx }), [sha256, widthPx]);
  const [sought] = useWorkerAnswer<typeof toFind, CardAnswer>(makeCardFinder, toFind);
  useEffect(() => {
    if (sought?.corners) setPoints((p) => (p.length === 0 ? sought.corners! : p));
  }, [sought]);
  const [w, h] = card in CARDS ? CARDS[card as keyof typeof CARDS] : typedCard(typed);
  const size = useMemo((): [number, number] => [w, h], [w, h]);
  const question = useMemo(() => gapQuestion(toFind, size, points), [toFind, points, size]);
  return { question, size, points, setPoints, cardFound: !!sought?.corners, card, setCard, typed, setTyped };
}

/** The gap of a seam on one picture: measured by a worker, corrected by hand place by place. */
export function useGapMeasure(photo: BodyOf<'photo'>) {
  const { question, size, setPoints, ...asked } = useGapQuestion(photo);
  const [stopped, setStopped] = useState<GapQuestion | null>(null);
  const [corrections, setCorrections] = useState<ReadonlyMap<number, Correction>>(new Map());
  const [place, setPlace] = useState(0);
  const [edge, setEdge] = useState<0 | 1>(0);
  const [answer, stage] = useWorkerAnswer<GapQuestion, GapAnswer>(
    makeGapWorker,
    question === stopped ? null : question,
  );
  const found = answer?.ok ? answer.gap : null;
  const good = found?.ok ? found : null;
  const shown = useMemo(() => (good ? correctedGap(good, size, corrections) : null), [good, size, corrections]);
  const correct = (change: (c: Correction) => Correction) =>
    setCorrections(new Map(corrections).set(place, change(corrections.get(place) ?? NO_CORRECTION)));
  const moveEdge = (which: 0 | 1, byMm: number) => {
    setEdge(which);
    correct((c) => ({
      ...c,
      movedMm: [c.movedMm[0] + (which === 0 ? byMm : 0), c.movedMm[1] + (which === 1 ? byMm : 0)],
    }));
  };
  return {
    ...asked,
    question,
    good,
    /** As corrected by hand; null until it is measured. */
    shown,
    /** How far the worker is, what it said, and how it is stopped and begun again. */
    work: {
      waits: question !== null && question !== stopped && answer === null,
      isStopped: question !== null && question === stopped,
      unreadable: answer !== null && !answer.ok,
      refused: found && !found.ok ? found.reason : null,
      stage,
      stop: () => setStopped(question),
      begin: () => setStopped(null),
    },
    redraw: (next: readonly Point[]) => {
      setPoints(next);
      setCorrections(new Map());
      setPlace(0);
    },
    hand: {
      place,
      edge,
      setPlace,
      setEdge,
      step: (by: 1 | -1) => setPlace(Math.max(0, Math.min((good?.stations.length ?? 1) - 1, place + by))),
      nudge: (which: 0 | 1, steps: number) => moveEdge(which, steps * EDGE_STEP_MM),
      drag: (which: 0 | 1, atMm: number) => {
        const columns = shown?.stations[place]?.columns;
        if (!good || !columns) return;
        const { colMm, cols } = good.strip;
        moveEdge(which, atMm - (columns[which] - (cols - 1) / 2) * colMm);
      },
      drop: () => correct((c) => ({ ...c, dropped: !c.dropped })),
      reset: () => correct(() => NO_CORRECTION),
    },
  };
}
export type GapMeasure = ReturnType<typeof useGapMeasure>;
