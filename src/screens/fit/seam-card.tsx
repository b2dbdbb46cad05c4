'use client';

import { Camera } from 'lucide-react';
import type { CarFit } from '@/core/fit/car-fit';
import type { SeamFit } from '@/core/fit/seams';
import { recordsOf } from '@/core/records/reduce';
import { rangeOf, SeamProfile } from '@/ui/charts/seam-profile';
import { photoQueue } from '@/ui/device/photo-queue';
import { PhotosOnTheirWay } from '@/ui/device/photos-on-their-way';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { TakeOut } from '@/ui/parts/take-out';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { SeamEntry } from '@/ui/seams/seam-entry';
import { gapText, seamName } from '@/words/fit';
import { zoneName } from '@/words/zones';
import { KeptStrips } from './kept-strips';

/** One seam: its profile against the tolerance of its era, beside its twin on one scale, and the measures behind it. */
export function SeamCard({ seam, fit, onPick }: { seam: string; fit: CarFit; onPick: (seam: string) => void }) {
  const { plan, state, mayEdit, car } = useInspection();
  const wording = useWording(car?.steering);
  const own = fit.seams.find((s) => s.seam === seam);
  const pair = fit.twins.find((t) => t.seam === seam || t.twin === seam);
  const twin = pair && fit.seams.find((s) => s.seam === (pair.seam === seam ? pair.twin : pair.seam));
  const all = recordsOf(state.records, 'gap');
  const records = all.filter((g) => g.body.seam === seam);
  const beside = [...records, ...(twin ? all.filter((g) => g.body.seam === twin.seam) : [])];
  const range = rangeOf([own, twin].filter((f) => f !== undefined));
  return (
    <section className="grid gap-3 p-4" aria-label="Seam in hand">
      <label className="flex flex-wrap items-center gap-2">
        <span className="text-lg font-bold">Seam</span>
        <select className="field w-auto flex-1" value={seam} onChange={(e) => onPick(e.target.value)}>
          {[...plan!.seams.keys()].map((s) => (
            <option key={s} value={s}>
              {seamName(s, wording)}
              {fit.seams.some((f) => f.seam === s) ? '' : ' (not measured)'}
            </option>
          ))}
        </select>
      </label>
      {!own ? (
        <p className="border border-dashed border-ink/50 p-3 text-sm">Not measured.</p>
      ) : (
        <>
          <Figures fit={own} />
          <SeamProfile fit={own} range={range} label={seamName(seam, wording)} />
          {twin && pair && (
            <div className="grid gap-1">
              <p className="text-sm">
                <strong>{zoneName(twin.seam.split('|')[0]!, wording)}</strong>, the same seam on the other side:{' '}
                <span className="figure">{Math.abs(pair.differMm.value!).toFixed(1)} mm</span>{' '}
                {pair.differMm.value! * (pair.seam === seam ? 1 : -1) < 0 ? 'wider' : 'narrower'} (
                {Math.min(Math.abs(pair.differMm.low!), Math.abs(pair.differMm.high!)).toFixed(1)} to{' '}
                {Math.max(Math.abs(pair.differMm.low!), Math.abs(pair.differMm.high!)).toFixed(1)})
              </p>
              <SeamProfile fit={twin} range={range} label={seamName(twin.seam, wording)} />
            </div>
          )}
        </>
      )}
      {mayEdit && <SeamEntry key={`typed ${seam}`} seam={seam} />}
      {mayEdit && <SeamPhoto key={`photo ${seam}`} seam={seam} />}
      <KeptStrips key={`strips ${seam}`} gaps={beside} />
      {records.length > 0 && (
        <ul className="divide-y divide-line border-y border-line text-sm">
          {records.map((g) => (
            <li key={g.id} className="flex items-center gap-2 py-1">
              <span className="min-w-0 flex-1">{gapText(g.body)}</span>
              <EvidenceStamp evidence={g.body.evidence} />
              <TakeOut record={g.id} says={`Take the measure of ${seamName(seam, wording)} out`} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Takes a picture of the seam in hand: it waits in the queue as soon as it is in. */
function SeamPhoto({ seam }: { seam: string }) {
  const { facts } = useInspection();
  return (
    <div className="grid gap-2">
      <label className="btn cursor-pointer justify-self-start focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-thread">
        <Camera size={16} aria-hidden="true" /> Photograph this seam with a card
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp,image/heic,image/heif"
          capture="environment"
          multiple
          className="sr-only"
          onChange={(e) => {
            const files = [...(e.target.files ?? [])];
            e.target.value = '';
            void photoQueue().add(facts.id, files, { zone: seam.split('|')[0]!, seam });
          }}
        />
      </label>
      <PhotosOnTheirWay inspection={facts.id} />
    </div>
  );
}

function Figures({ fit }: { fit: SeamFit }) {
  const { meanMm: m, taperMmPer100: t } = fit;
  const rows: readonly (readonly [string, string])[] = [
    ['mean', m.value === null ? '–' : `${m.value.toFixed(1)} mm (${m.low!.toFixed(1)} to ${m.high!.toFixed(1)})`],
    ['range', `${fit.rangeMm.toFixed(1)} mm`],
    ['taper', t.value === null ? '–' : `${t.value > 0 ? '+' : ''}${t.value.toFixed(1)} mm per 100 mm`],
    ['within tolerance', fit.within === null ? '–' : `${Math.round(100 * fit.within)} %`],
    ['evenness', fit.evenness === null ? '–' : `${Math.round(fit.evenness)} of 100`],
    [
      'worst flush',
      fit.worstFlushMm === null ? 'not measured' : `${fit.worstFlushMm > 0 ? '+' : ''}${fit.worstFlushMm} mm`,
    ],
    ...(fit.steps.length > 0
      ? ([['steps', fit.steps.map((s) => `${s.jumpMm.toFixed(1)} mm at ${Math.round(s.sMm)}`).join('; ')]] as const)
      : []),
  ];
  return (
    <dl className="grid grid-cols-2 gap-x-4 gap-y-1 text-sm sm:grid-cols-3">
      {rows.map(([name, value]) => (
        <div key={name}>
          <dt className="text-xs text-soft">{name}</dt>
          <dd className="figure font-semibold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
