'use client';

import { type KeyboardEvent, useEffect, useMemo, useState } from 'react';
import {
  type Correction,
  correctedGap,
  NO_CORRECTION,
  PIECES,
  type Piece,
  pieceFrom,
  recordedStations,
} from '@/core/fit/by-hand';
import { GAP_STAGES } from '@/core/fit/gap/order';
import { seamStations } from '@/core/fit/seams';
import { toleranceFor } from '@/core/fit/tolerances';
import type { Point } from '@/core/image/homography';
import type { StoredRecord } from '@/core/kinds';
import { SeamProfile } from '@/ui/charts/seam-profile';
import { StripView } from '@/ui/charts/strip-view';
import { Modal } from '@/ui/parts/modal';
import { arrowOf } from '@/ui/parts/tap-picture';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { GAP_REFUSAL_WORDS, GAP_STAGE_WORDS, PIECE_WORDS, seamName } from '@/words/fit';
import type { CardAnswer } from '@/workers/card.worker';
import type { GapAnswer } from '@/workers/gap.worker';
import { CARDS, type GapQuestion, gapQuestion, makeCardFinder, makeGapWorker, typedCard } from './gap-question';
import { SeamPicture } from './seam-picture';
import { StationBar } from './station-bar';

/** How far an edge moves at one touch or key, mm. */
const EDGE_STEP_MM = 0.05;

const KEYS = [
  ['Enter', 'keep'],
  ['N', 'next picture'],
  ['X', 'refuse the picture'],
  ['← →', 'place along the seam'],
  ['E', 'other edge'],
  ['↑ ↓', 'nudge it'],
  ['D', 'leave out'],
  ['G', 'grid'],
] as const;

/** Measures the gap of a seam on one picture: corners of the card, along the seam, look, correct by hand, keep or refuse. */
export function GapSheet({
  photo,
  left,
  onClose,
  onNext,
}: {
  photo: StoredRecord<'photo'>;
  /** How many pictures wait after this one. */
  left: number;
  onClose: () => void;
  onNext: () => void;
}) {
  const { plan, store, car, facts } = useInspection();
  const wording = useWording(car?.steering);
  const [points, setPoints] = useState<readonly Point[]>([]);
  const [held, setHeld] = useState<number | null>(null);
  const [card, setCard] = useState<string>(Object.keys(CARDS)[0]!);
  const [typed, setTyped] = useState('');
  const [seam, setSeam] = useState(photo.body.seam ?? '');
  const [corrections, setCorrections] = useState<ReadonlyMap<number, Correction>>(new Map());
  const [piece, setPiece] = useState<Piece>('start');
  const [place, setPlace] = useState(0);
  const [edge, setEdge] = useState<0 | 1>(0);
  const [grid, setGrid] = useState(false);
  const [stopped, setStopped] = useState<GapQuestion | null>(null);
  const [problem, setProblem] = useState('');
  const { sha256, widthPx } = photo.body;
  // The card is looked for as soon as the picture is open; what is found stands in for the four touches.
  const toFind = useMemo(() => ({ sha256, frameWidthPx: widthPx }), [sha256, widthPx]);
  const [sought] = useWorkerAnswer<typeof toFind, CardAnswer>(makeCardFinder, toFind);
  useEffect(() => {
    if (sought?.corners) setPoints((p) => (p.length === 0 ? sought.corners! : p));
  }, [sought]);
  const [w, h] = card in CARDS ? CARDS[card as keyof typeof CARDS] : typedCard(typed);
  const question = useMemo(() => gapQuestion(toFind, [w, h], points), [toFind, points, w, h]);
  const [answer, stage] = useWorkerAnswer<GapQuestion, GapAnswer>(
    makeGapWorker,
    question === stopped ? null : question,
  );
  const found = answer?.ok ? answer.gap : null;
  const good = found?.ok ? found : null;
  const shown = useMemo(() => (good ? correctedGap(good, [w, h], corrections) : null), [good, w, h, corrections]);
  const tolerance = toleranceFor(
    { year: car?.year ?? null, ...(car && { make: car.make, model: car.model }) },
    facts.tables.tolerances,
    seam,
  );
  const drawn =
    good && plan && shown
      ? seamStations(
          shown.stations.filter((s) => s.widthMm && s.touched !== 'dropped'),
          tolerance,
        )
      : null;
  const redraw = (next: readonly Point[]) => {
    setPoints(next);
    setCorrections(new Map());
    setPlace(0);
  };
  const correct = (i: number, change: (c: Correction) => Correction) =>
    setCorrections(new Map(corrections).set(i, change(corrections.get(i) ?? NO_CORRECTION)));
  const moveEdge = (which: 0 | 1, byMm: number) =>
    correct(place, (c) => ({
      ...c,
      movedMm: [c.movedMm[0] + (which === 0 ? byMm : 0), c.movedMm[1] + (which === 1 ? byMm : 0)],
    }));
  const dragEdge = (which: 0 | 1, atMm: number) => {
    const columns = shown?.stations[place]?.columns;
    if (!good || !columns) return;
    const { colMm, cols } = good.strip;
    setEdge(which);
    moveEdge(which, atMm - (columns[which] - (cols - 1) / 2) * colMm);
  };
  const step = (by: 1 | -1) => setPlace(Math.max(0, Math.min((good?.stations.length ?? 1) - 1, place + by)));
  const drop = () => correct(place, (c) => ({ ...c, dropped: !c.dropped }));
  const refuse = () => {
    const reason = found && !found.ok ? found.reason : 'by-hand';
    const done = store.put([{ kind: 'photo', id: photo.id, body: { ...photo.body, seamRefused: reason } }]);
    if (done.ok) onNext();
    else setProblem(done.message);
  };
  const keep = () => {
    if (!good || !question || !shown || seam === '') return;
    const done = store.put([
      {
        kind: 'gap',
        body: {
          seam,
          by: 'photo',
          stations: recordedStations(shown, pieceFrom(piece, good, plan?.seams.get(seam)?.lengthMm ?? 0)),
          photo: {
            id: photo.id,
            cardMm: question.cardMm,
            cardPx: question.cardPx,
            seamPx: question.seamPx,
            pxPerMm: good.pxPerMm,
            tiltDeg: good.tiltDeg,
            reprojectionPx: good.reprojectionPx,
          },
          at: new Date().toISOString(),
        },
      },
    ]);
    if (done.ok) onNext();
    else setProblem(done.message);
  };
  const onKey = (e: KeyboardEvent<HTMLElement>) => {
    const target = e.target as HTMLElement;
    if (e.ctrlKey || e.metaKey || e.altKey || ['INPUT', 'SELECT', 'TEXTAREA'].includes(target.tagName)) return;
    const arrow = good ? arrowOf(e) : null;
    const does: Record<string, () => void> = { n: onNext, x: refuse, g: () => setGrid(!grid) };
    if (good) Object.assign(does, { d: drop, e: () => setEdge(edge === 0 ? 1 : 0) });
    if (arrow) {
      if (arrow[0] !== 0) step(arrow[0] > 0 ? 1 : -1);
      else moveEdge(edge, arrow[1] * EDGE_STEP_MM);
    } else if (e.key === 'Enter' && target.tagName !== 'BUTTON') keep();
    else if (does[e.key.toLowerCase()]) does[e.key.toLowerCase()]!();
    else return;
    e.preventDefault();
  };
  const station = shown?.stations[place];
  return (
    <Modal title="Measure a gap on a picture" onClose={onClose} wide="desk" onKey={onKey}>
      <div className="grid gap-4 lg:grid-cols-[minmax(0,6fr)_minmax(0,7fr)]">
        <SeamPicture
          photo={photo}
          points={points}
          held={held}
          cardPx={good?.cardPx ?? null}
          stations={shown?.stations ?? []}
          grid={grid}
          cardFound={!!sought?.corners}
          onPoints={redraw}
          onHold={setHeld}
          onGrid={setGrid}
        />
        <div className="grid content-start gap-3">
          <div className="grid gap-2 sm:grid-cols-3">
            <label className="grid gap-1 text-sm font-semibold">
              Seam
              <select className="field font-normal" value={seam} onChange={(e) => setSeam(e.target.value)}>
                <option value="" disabled>
                  choose
                </option>
                {[...plan!.seams.keys()].map((s) => (
                  <option key={s} value={s}>
                    {seamName(s, wording)}
                  </option>
                ))}
              </select>
            </label>
            <label className="grid gap-1 text-sm font-semibold">
              Card
              <select className="field font-normal" value={card} onChange={(e) => setCard(e.target.value)}>
                {[...Object.keys(CARDS), 'another size'].map((c) => (
                  <option key={c}>{c}</option>
                ))}
              </select>
            </label>
            <label className="grid gap-1 text-sm font-semibold">
              Piece of it
              <select className="field font-normal" value={piece} onChange={(e) => setPiece(e.target.value as Piece)}>
                {PIECES.map((p) => (
                  <option key={p} value={p}>
                    {PIECE_WORDS[p]}
                  </option>
                ))}
              </select>
            </label>
            {card in CARDS ? null : (
              <label className="grid gap-1 text-sm font-semibold">
                Its size, mm
                <input
                  className="field figure"
                  placeholder="100 x 60"
                  value={typed}
                  onChange={(e) => setTyped(e.target.value)}
                />
              </label>
            )}
          </div>
          <div role="status" className="min-h-12">
            {question && question !== stopped && answer === null && (
              <p className="flex items-center gap-3 text-sm">
                <progress
                  className="h-2 flex-1"
                  max={GAP_STAGES.length + 1}
                  value={1 + GAP_STAGES.indexOf(stage as (typeof GAP_STAGES)[number])}
                  aria-label="Progress"
                />
                {GAP_STAGE_WORDS[(stage ?? 'picture') as keyof typeof GAP_STAGE_WORDS]} …
                <button type="button" className="btn btn-small" onClick={() => setStopped(question)}>
                  Stop
                </button>
              </p>
            )}
            {question !== null && question === stopped && (
              <p className="text-sm">
                Stopped.{' '}
                <button type="button" className="btn btn-small" onClick={() => setStopped(null)}>
                  Measure
                </button>
              </p>
            )}
            {answer && !answer.ok && (
              <p className="text-sm">The picture could not be read. Try again when you are connected.</p>
            )}
            {found && !found.ok && (
              <p className="border-l-4 border-pin pl-2 text-sm">{GAP_REFUSAL_WORDS[found.reason]}</p>
            )}
            {good && shown?.meanMm.value != null && (
              <p>
                <span className="figure text-2xl font-semibold">{shown.meanMm.value.toFixed(2)} mm</span>{' '}
                <span className="text-sm text-soft">
                  ({shown.meanMm.low!.toFixed(2)} to {shown.meanMm.high!.toFixed(2)}), range {shown.rangeMm.toFixed(2)},{' '}
                  {shown.meanMm.n} of {good.stations.length} places, {good.pxPerMm.toFixed(1)} px/mm, leaning{' '}
                  {Math.round(good.tiltDeg)}°
                  {good.warnings.includes('tilted') && ': the near lip hides part of the gap'}
                  {good.warnings.includes('card-not-refined') &&
                    '; the card’s edges were not found, so the corners must be exact'}
                </span>
              </p>
            )}
          </div>
          {good && shown && station && (
            <>
              <StripView
                strip={good.strip}
                stations={shown.stations}
                label="The seam laid straight, with the edges found"
                selected={place}
                onSelect={setPlace}
                onEdge={dragEdge}
              />
              <StationBar
                station={station}
                edge={edge}
                onStep={step}
                onEdge={setEdge}
                onMove={(which, steps) => {
                  setEdge(which);
                  moveEdge(which, steps * EDGE_STEP_MM);
                }}
                onDrop={drop}
                onReset={() => correct(place, () => NO_CORRECTION)}
              />
            </>
          )}
          {drawn && <SeamProfile fit={drawn} label="Gap along the seam" />}
          {problem && <p role="alert">{problem}</p>}
          <div className="sticky -bottom-5 flex flex-wrap gap-2 bg-card py-2">
            <button
              type="button"
              className="btn btn-main flex-1 max-sm:basis-full"
              disabled={shown?.meanMm.value == null || seam === ''}
              onClick={keep}
            >
              Keep the measure
            </button>
            <button type="button" className="btn" onClick={onNext}>
              {left > 0 ? `Next picture (${left})` : 'Later'}
            </button>
            <button type="button" className="btn" onClick={refuse}>
              Refuse
            </button>
          </div>
          <p className="hidden flex-wrap gap-x-3 gap-y-1 text-xs text-soft lg:flex">
            {KEYS.map(([key, what]) => (
              <span key={key}>
                <kbd className="figure border border-line px-1">{key}</kbd> {what}
              </span>
            ))}
          </p>
        </div>
      </div>
    </Modal>
  );
}
