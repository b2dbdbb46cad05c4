'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { seamStations } from '@/core/fit/car-fit';
import { toleranceFor } from '@/core/fit/defaults';
import type { GapOrder } from '@/core/fit/gap';
import { GAUGE_CARD, INNER_MARKS } from '@/core/fit/gauge-card';
import type { Point } from '@/core/image/homography';
import type { StoredRecord } from '@/core/records/kinds';
import { SeamProfile } from '@/ui/charts/seam-profile';
import { StripView } from '@/ui/charts/strip-view';
import { Modal } from '@/ui/parts/modal';
import { arrowOf, TapPicture } from '@/ui/parts/tap-picture';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { GAP_REFUSAL_WORDS, seamName } from '@/words/fit';
import type { CardAnswer } from '@/workers/card.worker';
import type { GapAnswer } from '@/workers/gap.worker';

const make = () => new Worker(new URL('../../workers/gap.worker.ts', import.meta.url), { type: 'module' });
/** Cards of known size, mm; the first by ISO/IEC 7810. */
const CARDS = {
  'Bank card, 85.60 × 53.98': [85.6, 53.98],
  'Gauge card, 120 × 80': [GAUGE_CARD.widthMm, GAUGE_CARD.heightMm],
} as const;
const CORNERS = 4;
const makeFinder = () => new Worker(new URL('../../workers/card.worker.ts', import.meta.url), { type: 'module' });
const NUDGE = 0.002;

/** Measures the gap of a seam on one picture: tap the card's corners, draw along the seam, look, keep. */
export function GapSheet({
  photo,
  onClose,
  onNext,
}: {
  photo: StoredRecord<'photo'>;
  onClose: () => void;
  onNext: () => void;
}) {
  const { plan, store, car } = useInspection();
  const wording = useWording(car?.steering);
  const [points, setPoints] = useState<readonly Point[]>([]);
  const [held, setHeld] = useState<number | null>(null);
  const [card, setCard] = useState<string>(Object.keys(CARDS)[0]!);
  const [typed, setTyped] = useState('');
  const [seam, setSeam] = useState(photo.body.seam ?? '');
  const [dropped, setDropped] = useState<ReadonlySet<number>>(new Set());
  const [grid, setGrid] = useState(false);
  const [problem, setProblem] = useState('');
  const picture = useRef<HTMLImageElement>(null);
  const address = `/api/v1/photos/${photo.body.sha256}/2048`;
  // The card is looked for as soon as the picture is open; what is found stands in for the four touches.
  const toFind = useMemo(() => ({ picture: address }), [address]);
  const sought = useWorkerAnswer<typeof toFind, CardAnswer>(makeFinder, toFind);
  useEffect(() => {
    if (sought?.corners) setPoints((p) => (p.length === 0 ? sought.corners! : p));
  }, [sought]);
  const own = /^(\d+(?:[.,]\d+)?)\s*[x×]\s*(\d+(?:[.,]\d+)?)$/.exec(typed.trim());
  const [w, h] =
    card in CARDS
      ? CARDS[card as keyof typeof CARDS]
      : [Number(own?.[1]?.replace(',', '.') ?? 0), Number(own?.[2]?.replace(',', '.') ?? 0)];
  const question = useMemo(
    () =>
      points.length >= CORNERS + 2 && w > 0 && h > 0
        ? ({
            picture: address,
            cardMm: [w, h],
            cardPx: points.slice(0, CORNERS),
            seamPx: points.slice(CORNERS),
            ...(w === GAUGE_CARD.widthMm && h === GAUGE_CARD.heightMm && { marksMm: INNER_MARKS }),
          } satisfies GapOrder & { picture: string })
        : null,
    [address, points, w, h],
  );
  const answer = useWorkerAnswer<NonNullable<typeof question>, GapAnswer>(make, question);
  const found = answer?.ok ? answer.gap : null;
  const good = found?.ok ? found : null;
  const put = (i: number, [x, y]: Point) => {
    setPoints(points.map((p, k) => (k === i ? ([Math.round(x), Math.round(y)] as const) : p)));
    setDropped(new Set());
  };
  const tap = (x: number, y: number) => {
    if (held !== null) {
      put(held, [x, y]);
      setHeld(null);
      return;
    }
    setPoints([...points, [Math.round(x), Math.round(y)]]);
    setDropped(new Set());
  };
  const name = (i: number) => (i < CORNERS ? `corner ${i + 1}` : `seam ${i - CORNERS + 1}`);
  const kept = good?.stations.map((s, i) => (dropped.has(i) ? null : s)) ?? [];
  const drawn =
    good && plan
      ? seamStations(
          kept.flatMap((s) => (s?.widthMm ? [s] : [])),
          toleranceFor({ year: car?.year ?? null, ...(car && { make: car.make, model: car.model }) }),
        )
      : null;
  const keep = () => {
    if (!good || !question) return;
    const done = store.put([
      {
        kind: 'gap',
        body: {
          seam,
          by: 'photo',
          stations: good.stations.map((s, i) => ({
            sMm: s.sMm,
            gapMm: s.widthMm?.value ?? null,
            gapSeMm: s.widthMm ? (s.widthMm.high! - s.widthMm.low!) / 2.563 : null,
            edgesPx: s.edgesPx,
            touched: dropped.has(i) ? 'dropped' : null,
            refused: s.refused,
          })),
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
  return (
    <Modal title="Measure a gap on a picture" onClose={onClose} wide>
      <div className="grid gap-3">
        <p className="text-sm" role="status">
          {held !== null
            ? `Touch where ${name(held)} belongs.`
            : points.length < CORNERS
              ? `Touch corner ${points.length + 1} of the card, clockwise; roughly will do.`
              : points.length < CORNERS + 2
                ? `${sought?.corners ? 'The card was found. ' : ''}Touch along the seam: its start, then on to its end.`
                : 'More touches go on along the seam. A button below moves its place: touch, or arrow keys.'}
        </p>
        <TapPicture src={address} alt={photo.body.caption || photo.body.name} imageRef={picture} onTap={tap}>
          {({ width, height }) => (
            <g fill="none">
              {grid &&
                Array.from({ length: 11 }, (_, i) => (
                  <path
                    key={i}
                    d={`M${(width * (i + 1)) / 12} 0V${height}M0 ${(height * (i + 1)) / 12}H${width}`}
                    stroke="white"
                    strokeWidth={width / 900}
                    opacity="0.7"
                  />
                ))}
              <polygon
                points={(good?.cardPx ?? points.slice(0, CORNERS)).map((p) => p.join(',')).join(' ')}
                stroke="white"
                strokeWidth={width / 400}
              />
              <polyline
                points={points
                  .slice(CORNERS)
                  .map((p) => p.join(','))
                  .join(' ')}
                stroke="white"
                strokeWidth={width / 500}
                strokeDasharray={`${width / 100} ${width / 120}`}
              />
              {kept.map((s, i) =>
                s?.edgesPx ? (
                  <path
                    key={i}
                    d={`M${s.edgesPx[0].join(' ')}L${s.edgesPx[1].join(' ')}`}
                    stroke="oklch(0.87 0.13 95)"
                    strokeWidth={width / 350}
                  />
                ) : null,
              )}
              {points.map((p, i) => (
                <circle
                  key={i}
                  cx={p[0]}
                  cy={p[1]}
                  r={width / (held === i ? 80 : 130)}
                  fill="white"
                  stroke="black"
                  strokeWidth={width / 500}
                />
              ))}
            </g>
          )}
        </TapPicture>
        <div className="flex flex-wrap gap-1.5">
          {points.map((_, i) => (
            <button
              key={i}
              type="button"
              className="btn btn-small"
              aria-pressed={held === i}
              onClick={() => setHeld(held === i ? null : i)}
              onKeyDown={(e) => {
                const arrow = arrowOf(e);
                const by = (picture.current?.naturalWidth ?? 0) * NUDGE;
                if (!arrow) return;
                e.preventDefault();
                put(i, [points[i]![0] + by * arrow[0], points[i]![1] + by * arrow[1]]);
              }}
            >
              {name(i)}
            </button>
          ))}
          {points.length > 0 && (
            <button
              type="button"
              className="btn btn-small"
              onClick={() => {
                setPoints([]);
                setHeld(null);
              }}
            >
              Start again
            </button>
          )}
          <label className="flex min-h-9 items-center gap-2 text-sm">
            <input type="checkbox" className="size-5" checked={grid} onChange={(e) => setGrid(e.target.checked)} /> grid
          </label>
        </div>
        <div className="grid gap-2 sm:grid-cols-2">
          <label className="grid gap-1 text-sm font-semibold">
            Card
            <select className="field font-normal" value={card} onChange={(e) => setCard(e.target.value)}>
              {[...Object.keys(CARDS), 'another size'].map((c) => (
                <option key={c}>{c}</option>
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
        </div>
        <div role="status" className="min-h-12">
          {question && answer === null && <p className="text-sm text-soft">Measuring …</p>}
          {answer && !answer.ok && (
            <p className="text-sm">The picture could not be read. Try again when you are connected.</p>
          )}
          {found && !found.ok && (
            <p className="border-l-4 border-pin pl-2 text-sm">{GAP_REFUSAL_WORDS[found.reason]}</p>
          )}
          {good && (
            <p>
              <span className="figure text-2xl font-semibold">{good.meanMm.value!.toFixed(2)} mm</span>{' '}
              <span className="text-sm text-soft">
                ({good.meanMm.low!.toFixed(2)} to {good.meanMm.high!.toFixed(2)}), range {good.rangeMm.toFixed(2)},{' '}
                {good.stations.filter((s) => s.widthMm).length} of {good.stations.length} places read,{' '}
                {good.pxPerMm.toFixed(1)} px/mm, leaning {Math.round(good.tiltDeg)}°
                {good.warnings.includes('tilted') && ': the near lip hides part of the gap'}
                {good.warnings.includes('card-not-refined') &&
                  '; the card’s edges were not found, so the corners must be exact'}
              </span>
            </p>
          )}
        </div>
        {good && (
          <StripView
            strip={good.strip}
            stations={good.stations}
            dropped={dropped}
            label="The seam laid straight, with the edges found"
          />
        )}
        {drawn && (
          <SeamProfile fit={drawn} topMm={Math.max(8, (good?.meanMm.value ?? 4) * 1.6)} label="Gap along the seam" />
        )}
        {good && (
          <details>
            <summary className="min-h-9 content-center text-sm font-semibold">Leave places out</summary>
            <div className="flex flex-wrap gap-1.5">
              {good.stations.map((s, i) => (
                <button
                  key={s.sMm}
                  type="button"
                  className={`btn btn-small figure ${dropped.has(i) ? 'line-through' : ''}`}
                  disabled={!s.widthMm}
                  aria-pressed={dropped.has(i)}
                  onClick={() => {
                    const next = new Set(dropped);
                    if (!next.delete(i)) next.add(i);
                    setDropped(next);
                  }}
                >
                  {Math.round(s.sMm)}: {s.widthMm ? s.widthMm.value!.toFixed(2) : 'no slot'}
                </button>
              ))}
            </div>
          </details>
        )}
        {problem && <p role="alert">{problem}</p>}
        <div className="flex gap-2">
          <button type="button" className="btn btn-main flex-1" disabled={!good || seam === ''} onClick={keep}>
            Keep the measure
          </button>
          <button type="button" className="btn" onClick={onNext}>
            Next picture
          </button>
        </div>
      </div>
    </Modal>
  );
}
