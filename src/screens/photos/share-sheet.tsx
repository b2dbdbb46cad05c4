'use client';

import { useState } from 'react';
import { platingRating } from '@/core/bright/rating';
import type { StoredRecord } from '@/core/kinds';
import { d610Of, riOf } from '@/core/metal/rust-grades';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { useCar } from '@/ui/records/inspection';
import { plural } from '@/words/plural';
import { SHARE_CAUTION, SHARE_REFUSAL_WORDS, shareFigure } from '@/words/shares';
import { ShareBrush } from './share-brush';
import { type Share, type Shared, useShare } from './use-share';
import { ZoneField } from './zone-field';

const WHAT = {
  rust: { title: 'Rust on the panel', aspect: 'corrosion', part: 'the panel' },
  plating: { title: 'Pits on the plating', aspect: 'brightwork', part: 'the piece' },
} as const satisfies Record<Shared, object>;

interface SheetProps {
  readonly photos: readonly StoredRecord<'photo'>[];
  readonly onClose: () => void;
}
export const RustSheet = (props: SheetProps) => <ShareSheet what="rust" {...props} />;
export const PlatingSheet = (props: SheetProps) => <ShareSheet what="plating" {...props} />;

/** Two corners mark the part; what was read there is marked on it and put right with the brush; the share follows. */
function ShareSheet({ what, photos, onClose }: SheetProps & { what: Shared }) {
  const [photo, second] = photos as [StoredRecord<'photo'>, StoredRecord<'photo'> | undefined];
  const { plan } = useCar();
  const share = useShare(what, photo, second);
  const [zone, setZone] = useState(photo.body.zone ?? '');
  const [where, setWhere] = useState('');
  const [problem, setProblem] = useState('');
  const zones = [...plan!.zones.values()].filter((z) => (z.aspects as readonly string[]).includes(WHAT[what].aspect));
  const keep = () => {
    const wrong = share.put(zone, where);
    if (wrong) setProblem(wrong);
    else onClose();
  };
  return (
    <Modal title={WHAT[what].title} onClose={onClose} wide="desk">
      <div className="grid gap-3 lg:grid-cols-[1fr_320px]">
        <PartOfPicture what={what} alt={photo.body.caption || photo.body.name} share={share} />
        <div className="grid content-start gap-3">
          <ShareRead what={what} share={share} />
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
                value={share.scale}
                onChange={(e) => share.setScale(e.target.value)}
              />
            </label>
          )}
          {problem && <p role="alert">{problem}</p>}
          <button
            type="button"
            className="btn btn-main"
            disabled={!share.kept || !zones.some((z) => z.slug === zone)}
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

/** The picture: two corners are touched, then what was read between them is put right with the brush. */
function PartOfPicture({ what, alt, share }: { what: Shared; alt: string; share: Share }) {
  const { corner, stretch, cover, own, picture } = share;
  const { part } = WHAT[what];
  return (
    <div className="grid content-start gap-2">
      {stretch && cover ? (
        <ShareBrush picture={own} stretch={stretch} found={cover} onChange={share.brush} onReset={share.asRead} />
      ) : (
        <>
          <p className="text-sm">
            {corner
              ? 'Touch the opposite corner.'
              : `Touch a corner of ${part}, then the opposite one: nothing but ${part} may lie between them.`}
          </p>
          <TapPicture src={own} alt={alt} imageRef={picture} onTap={share.tap}>
            {({ width }) =>
              corner && (
                <circle
                  cx={corner[0]}
                  cy={corner[1]}
                  r={width / 80}
                  fill="white"
                  stroke="black"
                  strokeWidth={width / 300}
                />
              )
            }
          </TapPicture>
        </>
      )}
      <div className="flex flex-wrap gap-2">
        {!stretch && (
          <button type="button" className="btn btn-small" onClick={share.whole}>
            Nothing but {part} is on it
          </button>
        )}
        {corner && (
          <button type="button" className="btn btn-small" onClick={share.anew}>
            Mark the part anew
          </button>
        )}
      </div>
    </div>
  );
}

/** The share in figures and in the grades of the standards, or why there is none. */
function ShareRead({ what, share: { kept, dm2, corrected, reading, refused } }: { what: Shared; share: Share }) {
  return (
    <div role="status" className="min-h-16">
      {reading && <p className="text-sm text-soft">Reading the picture …</p>}
      {refused && (
        <p className="border-l-4 border-pin pl-2 text-sm">
          {refused === 'away'
            ? 'The picture could not be read. Try again when you are connected.'
            : SHARE_REFUSAL_WORDS[refused]}
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
  );
}
