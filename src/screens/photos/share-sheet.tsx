'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { platingRating } from '@/core/bright/rating';
import { keptShare } from '@/core/image/kept-share';
import type { Patch } from '@/core/image/pixels';
import type { StoredRecord } from '@/core/kinds';
import { d610Of, riOf } from '@/core/metal/rust-grades';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { useInspection } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { plural } from '@/words/plural';
import { SHARE_CAUTION, SHARE_REFUSAL_WORDS, shareFigure } from '@/words/shares';
import type { ShareAnswer } from '@/workers/share.worker';
import { type Cover, ShareBrush } from './share-brush';
import { ZoneField } from './zone-field';

type Point = readonly [number, number];
const make = () => new Worker(new URL('../../workers/share.worker.ts', import.meta.url), { type: 'module' });

const WHAT = {
  rust: { title: 'Rust on the panel', aspect: 'corrosion', part: 'the panel' },
  plating: { title: 'Pits on the plating', aspect: 'brightwork', part: 'the piece' },
} as const;
type What = keyof typeof WHAT;

interface SheetProps {
  readonly photos: readonly StoredRecord<'photo'>[];
  readonly onClose: () => void;
}
export const RustSheet = (props: SheetProps) => <ShareSheet what="rust" {...props} />;
export const PlatingSheet = (props: SheetProps) => <ShareSheet what="plating" {...props} />;

const patchOf = ([ax, ay]: Point, [bx, by]: Point): Patch => ({
  x: Math.round(Math.min(ax, bx)),
  y: Math.round(Math.min(ay, by)),
  width: Math.round(Math.abs(ax - bx)),
  height: Math.round(Math.abs(ay - by)),
});

/** Two corners mark the part; what was read there is marked on it and put right with the brush; the share follows. */
function ShareSheet({ what, photos, onClose }: SheetProps & { what: What }) {
  const [photo, second] = photos as [StoredRecord<'photo'>, StoredRecord<'photo'> | undefined];
  const { plan, store } = useInspection();
  const { title, aspect, part } = WHAT[what];
  const [corners, setCorners] = useState<readonly Point[]>([]);
  const [zone, setZone] = useState(photo.body.zone ?? '');
  const [scale, setScale] = useState('');
  const [where, setWhere] = useState('');
  const [problem, setProblem] = useState('');
  const picture = useRef<HTMLImageElement>(null);
  const address = (p: StoredRecord<'photo'>) => `/api/v1/photos/${p.body.sha256}/2048`;
  const own = address(photo);
  const other = second ? address(second) : null;
  const [a, b] = corners;
  const stretch = useMemo(() => (a && b ? patchOf(a, b) : null), [a, b]);
  const question = useMemo(
    () => (stretch ? { what, picture: own, second: other, stretch } : null),
    [stretch, what, own, other],
  );
  const [answer] = useWorkerAnswer<NonNullable<typeof question>, ShareAnswer>(make, question);
  const [cover, setCover] = useState<Cover | null>(null);
  const [corrected, setCorrected] = useState(false);
  const asRead = answer?.ok ? answer : null;
  useEffect(() => {
    setCover(asRead);
    setCorrected(false);
  }, [asRead]);
  const kept = useMemo(() => (cover ? keptShare(cover.cover, cover.width, cover.height) : null), [cover]);
  const zones = [...plan!.zones.values()].filter((z) => z.aspects.includes(aspect));
  const wideMm = Number(scale.replace(',', '.'));
  const pxPerMm = wideMm > 0 && stretch ? stretch.width / wideMm : null;
  const dm2 = stretch && pxPerMm ? (stretch.width * stretch.height) / pxPerMm ** 2 / 10_000 : null;
  const keep = () => {
    if (!kept || !stretch) return;
    const { areaShare, mask, spots } = kept;
    const shared = { zone, photo: photo.id, stretch, mask, areaShare, corrected, where: where.trim() };
    const more =
      what === 'plating' ? { second: second?.id ?? null, pits: spots, pitsPerDm2: dm2 ? spots / dm2 : null } : {};
    const put = store.put([{ kind: what, body: { ...shared, ...more, at: new Date().toISOString() } }]);
    if (put.ok) onClose();
    else setProblem(put.message);
  };
  const whole = () => {
    const i = picture.current;
    if (i?.naturalWidth)
      setCorners([
        [0, 0],
        [i.naturalWidth, i.naturalHeight],
      ]);
  };
  return (
    <Modal title={title} onClose={onClose} wide="desk">
      <div className="grid gap-3 lg:grid-cols-[1fr_320px]">
        <div className="grid content-start gap-2">
          {stretch && cover ? (
            <ShareBrush
              picture={own}
              stretch={stretch}
              found={cover}
              onChange={(next) => {
                setCover({ ...cover, cover: next });
                setCorrected(true);
              }}
              onReset={() => {
                setCover(asRead);
                setCorrected(false);
              }}
            />
          ) : (
            <>
              <p className="text-sm">
                {corners.length === 0
                  ? `Touch a corner of ${part}, then the opposite one: nothing but ${part} may lie between them.`
                  : 'Touch the opposite corner.'}
              </p>
              <TapPicture
                src={own}
                alt={photo.body.caption || photo.body.name}
                imageRef={picture}
                onTap={(x, y) => setCorners((c) => (c.length === 1 ? [c[0]!, [x, y]] : [[x, y]]))}
              >
                {({ width }) =>
                  a && (
                    <circle cx={a[0]} cy={a[1]} r={width / 80} fill="white" stroke="black" strokeWidth={width / 300} />
                  )
                }
              </TapPicture>
            </>
          )}
          <div className="flex flex-wrap gap-2">
            {!stretch && (
              <button type="button" className="btn btn-small" onClick={whole}>
                Nothing but {part} is on it
              </button>
            )}
            {corners.length > 0 && (
              <button type="button" className="btn btn-small" onClick={() => setCorners([])}>
                Mark the part anew
              </button>
            )}
          </div>
        </div>
        <div className="grid content-start gap-3">
          <div role="status" className="min-h-16">
            {stretch && !answer && <p className="text-sm text-soft">Reading the picture …</p>}
            {answer && !answer.ok && (
              <p className="border-l-4 border-pin pl-2 text-sm">
                {answer.reason === 'away'
                  ? 'The picture could not be read. Try again when you are connected.'
                  : SHARE_REFUSAL_WORDS[answer.reason]}
              </p>
            )}
            {kept && (
              <p>
                <span className="figure text-2xl font-semibold">{shareFigure(kept.areaShare)}</span>{' '}
                <span className="block text-sm text-soft">
                  {what === 'rust'
                    ? `rusted: Ri ${riOf(kept.areaShare)} (ISO 4628-3), grade ${d610Of(kept.areaShare)} (ASTM D610)`
                    : `pitted, rusty or bare: rating ${platingRating(kept.areaShare)} of 10 (ISO 10289), ${plural(kept.spots, 'pit')}${dm2 ? `, ${Math.round(kept.spots / dm2)} to the dm²` : ''}`}
                  {corrected && '. Put right by hand.'}
                </span>
              </p>
            )}
          </div>
          {what === 'plating' && !second && (
            <p className="text-sm text-soft">
              Two pictures tell more: keep the camera still, move the light, choose both. What is not in both is a
              reflection.
            </p>
          )}
          <ZoneField label="Place" zones={zones} value={zone} onChange={setZone} />
          <label className="grid gap-1 text-sm font-semibold">
            Which piece or part of it
            <input
              className="field font-normal"
              maxLength={160}
              value={where}
              onChange={(e) => setWhere(e.target.value)}
            />
          </label>
          {what === 'plating' && (
            <label className="grid gap-1 text-sm font-semibold">
              The part is wide, mm, if you know
              <input
                className="field figure"
                inputMode="decimal"
                value={scale}
                onChange={(e) => setScale(e.target.value)}
              />
            </label>
          )}
          {problem && <p role="alert">{problem}</p>}
          <button
            type="button"
            className="btn btn-main"
            disabled={!kept || !zones.some((z) => z.slug === zone)}
            onClick={keep}
          >
            Keep
          </button>
          <p className="text-xs text-soft">{SHARE_CAUTION}</p>
        </div>
      </div>
    </Modal>
  );
}
