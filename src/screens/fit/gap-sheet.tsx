'use client';

import { type KeyboardEvent, useState } from 'react';
import { type Piece, pieceFrom, recordedStations } from '@/core/fit/by-hand';
import { seamStations } from '@/core/fit/seams';
import { toleranceFor } from '@/core/fit/tolerances';
import type { StoredRecord } from '@/core/kinds';
import { SeamProfile } from '@/ui/charts/seam-profile';
import { StripView } from '@/ui/charts/strip-view';
import { Modal } from '@/ui/parts/modal';
import { arrowOf } from '@/ui/parts/tap-picture';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { seamName } from '@/words/fit';
import { GapAnswerLine } from './gap-answer';
import { GapChoices } from './gap-choices';
import { SeamPicture } from './seam-picture';
import { StationBar } from './station-bar';
import { type GapMeasure, useGapMeasure } from './use-gap-measure';

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

interface Props {
  readonly photo: StoredRecord<'photo'>;
  /** How many pictures wait after this one. */
  readonly left: number;
  readonly onClose: () => void;
  readonly onNext: () => void;
}

/** Measures the gap of a seam on one picture: corners of the card, along the seam, look, correct by hand, keep or refuse. */
export function GapSheet({ photo, left, onClose, onNext }: Props) {
  const { plan, car } = useInspection();
  const wording = useWording(car?.steering);
  const measure = useGapMeasure(photo.body);
  const { good, shown, hand } = measure;
  const [held, setHeld] = useState<number | null>(null);
  const [seam, setSeam] = useState(photo.body.seam ?? '');
  const [piece, setPiece] = useState<Piece>('start');
  const [grid, setGrid] = useState(false);
  const { keep, refuse, problem } = useKeepGap({ photo, measure, seam, piece, onNext });
  const onKey = (e: KeyboardEvent<HTMLElement>) => {
    const target = e.target as HTMLElement;
    if (e.ctrlKey || e.metaKey || e.altKey || ['INPUT', 'SELECT', 'TEXTAREA'].includes(target.tagName)) return;
    const arrow = good ? arrowOf(e) : null;
    const does: Record<string, () => void> = { n: onNext, x: refuse, g: () => setGrid(!grid) };
    if (good) Object.assign(does, { d: hand.drop, e: () => hand.setEdge(hand.edge === 0 ? 1 : 0) });
    if (arrow) {
      if (arrow[0] !== 0) hand.step(arrow[0] > 0 ? 1 : -1);
      else hand.nudge(hand.edge, arrow[1]);
    } else if (e.key === 'Enter' && target.tagName !== 'BUTTON') keep();
    else if (does[e.key.toLowerCase()]) does[e.key.toLowerCase()]!();
    else return;
    e.preventDefault();
  };
  return (
    <Modal title="Measure a gap on a picture" onClose={onClose} wide="desk" onKey={onKey}>
      <div className="grid gap-4 lg:grid-cols-[minmax(0,6fr)_minmax(0,7fr)]">
        <SeamPicture
          photo={photo}
          points={measure.points}
          held={held}
          cardPx={good?.cardPx ?? null}
          stations={shown?.stations ?? []}
          grid={grid}
          cardFound={measure.cardFound}
          onPoints={measure.redraw}
          onHold={setHeld}
          onGrid={setGrid}
        />
        <div className="grid content-start gap-3">
          <GapChoices
            seams={[...plan!.seams.keys()].map((slug) => ({ slug, name: seamName(slug, wording) }))}
            seam={seam}
            onSeam={setSeam}
            piece={piece}
            onPiece={setPiece}
            measure={measure}
          />
          <GapAnswerLine measure={measure} />
          <ByHand measure={measure} seam={seam} />
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

/** The measured seam laid straight, its places to be looked at and corrected, and its course against what is usual. */
function ByHand({ measure, seam }: { measure: GapMeasure; seam: string }) {
  const { car, facts } = useInspection();
  const { good, shown, hand } = measure;
  if (!good || !shown) return null;
  const station = shown.stations[hand.place];
  const tolerance = toleranceFor(
    { year: car?.year ?? null, ...(car && { make: car.make, model: car.model }) },
    facts.tables.tolerances,
    seam,
  );
  const kept = shown.stations.filter((s) => s.widthMm && s.touched !== 'dropped');
  return (
    <>
      {station && (
        <>
          <StripView
            strip={good.strip}
            stations={shown.stations}
            label="The seam laid straight, with the edges found"
            selected={hand.place}
            onSelect={hand.setPlace}
            onEdge={hand.drag}
          />
          <StationBar
            station={station}
            edge={hand.edge}
            onStep={hand.step}
            onEdge={hand.setEdge}
            onMove={hand.nudge}
            onDrop={hand.drop}
            onReset={hand.reset}
          />
        </>
      )}
      <SeamProfile fit={seamStations(kept, tolerance)} label="Gap along the seam" />
    </>
  );
}

/** Takes the measure into the records, or says on the picture why it is none; then on to the next picture. */
function useKeepGap({
  photo,
  measure: { question, good, shown, work },
  seam,
  piece,
  onNext,
}: {
  photo: StoredRecord<'photo'>;
  measure: GapMeasure;
  seam: string;
  piece: Piece;
  onNext: () => void;
}) {
  const { plan, store } = useInspection();
  const [problem, setProblem] = useState('');
  const put = (entry: { kind: 'photo' | 'gap'; body: unknown; id?: string }) => {
    const done = store.put([entry]);
    if (done.ok) onNext();
    else setProblem(done.message);
  };
  const refuse = () =>
    put({ kind: 'photo', id: photo.id, body: { ...photo.body, seamRefused: work.refused ?? 'by-hand' } });
  const keep = () => {
    if (!good || !question || !shown || seam === '') return;
    const { pxPerMm, tiltDeg, reprojectionPx } = good;
    const { cardMm, cardPx, seamPx } = question;
    put({
      kind: 'gap',
      body: {
        seam,
        by: 'photo',
        stations: recordedStations(shown, pieceFrom(piece, good, plan?.seams.get(seam)?.lengthMm ?? 0)),
        photo: { id: photo.id, cardMm, cardPx, seamPx, pxPerMm, tiltDeg, reprojectionPx },
        at: new Date().toISOString(),
      },
    });
  };
  return { keep, refuse, problem };
}
