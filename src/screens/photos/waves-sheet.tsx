'use client';

import { useState } from 'react';
import type { StoredRecord } from '@/core/kinds';
import { CORNERS, CornerKeys, CornerMarks, useCorners } from '@/ui/parts/corners';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { useInspection } from '@/ui/records/inspection';
import { WAVES_CAUTION, WAVES_REFUSAL_WORDS } from '@/words/waves';
import { useWaves } from './use-waves';
import { ZoneField } from './zone-field';

/** How many points of each traced edge are drawn. */
const DRAWN = 160;

/** Ranks a panel's waves by the stripes reflected in it: mark the stretch, say how long it is, keep. */
export function WavesSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const photo = photos[0]!;
  const { plan, store } = useInspection();
  const marked = useCorners();
  const { box: stretch, picture } = marked;
  const [length, setLength] = useState('300');
  const [zone, setZone] = useState(photo.body.zone ?? '');
  const [problem, setProblem] = useState('');
  const address = `/api/v1/photos/${photo.body.sha256}/2048`;
  const lengthMm = Number(length.replace(',', '.')) > 0 ? Number(length.replace(',', '.')) : null;
  const found = useWaves(address, stretch, lengthMm);
  const good = found !== null && found !== 'away' && found.ok ? found : null;
  const keep = () => {
    if (!good || !stretch || lengthMm === null) return;
    const band = (e: { value: number | null; low: number | null; high: number | null }) => ({
      value: e.value!,
      low: e.low!,
      high: e.high!,
    });
    const kept = store.put([
      {
        kind: 'waves',
        body: {
          zone,
          photo: photo.id,
          stretch,
          lengthMm,
          shortMm: band(good.shortMm),
          longMm: band(good.longMm),
          edges: good.edges.length,
          at: new Date().toISOString(),
        },
      },
    ]);
    if (kept.ok) onClose();
    else setProblem(kept.message);
  };
  return (
    <Modal title="Waves by reflected stripes" onClose={onClose} wide>
      <div className="grid gap-3">
        <p className="text-sm">
          {stretch
            ? 'Choose a corner below to move it: touch, or arrow keys.'
            : `Touch the ${CORNERS[marked.step]} of the stretch in which the stripes are reflected.`}
        </p>
        <TapPicture src={address} alt={photo.body.caption || photo.body.name} imageRef={picture} onTap={marked.touch}>
          {(size) => (
            <g fill="none">
              <CornerMarks corners={marked} size={size} />
              {good?.edges.map((edge, i) => (
                <polyline
                  key={i}
                  points={edge
                    .filter((_, k) => k % Math.max(1, Math.floor(edge.length / DRAWN)) === 0)
                    .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
                    .join(' ')}
                  stroke="var(--pin)"
                  strokeWidth={size.width / 400}
                />
              ))}
            </g>
          )}
        </TapPicture>
        <div className="flex flex-wrap gap-2">
          <CornerKeys corners={marked} />
        </div>
        <div className="grid gap-2 sm:grid-cols-2">
          <ZoneField
            label="Panel"
            zones={[...plan!.zones.values()].filter((z) => z.aspects.includes('paint'))}
            value={zone}
            onChange={setZone}
          />
          <label className="grid gap-1 text-sm font-semibold">
            The stretch is long, along the stripes, mm
            <input
              className="field figure"
              inputMode="decimal"
              value={length}
              onChange={(e) => setLength(e.target.value)}
            />
          </label>
        </div>
        <div role="status" className="min-h-12">
          {stretch && found === null && lengthMm !== null && (
            <p className="text-sm text-soft">Following the stripes …</p>
          )}
          {found === 'away' && (
            <p className="text-sm">The picture could not be read. Try again when you are connected.</p>
          )}
          {found !== null && found !== 'away' && !found.ok && (
            <p className="border-l-4 border-pin pl-2 text-sm">{WAVES_REFUSAL_WORDS[found.reason]}</p>
          )}
          {good && (
            <p>
              <span className="figure text-2xl font-semibold">{good.longMm.value!.toFixed(2)} mm</span>{' '}
              <span className="text-sm text-soft">
                in waves of 10 to 100 mm ({good.longMm.low!.toFixed(2)} to {good.longMm.high!.toFixed(2)}),{' '}
                {good.shortMm.value!.toFixed(2)} mm below 10 mm; {good.edges.length} edges followed
              </span>
            </p>
          )}
        </div>
        {problem && <p role="alert">{problem}</p>}
        <button type="button" className="btn btn-main" disabled={!good || zone === ''} onClick={keep}>
          Keep
        </button>
        <p className="text-xs text-soft">{WAVES_CAUTION}</p>
      </div>
    </Modal>
  );
}
