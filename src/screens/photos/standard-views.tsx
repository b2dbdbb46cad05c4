'use client';

import { Camera, SkipForward } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import type { Plan } from '@/core/body/plan';
import { schoolOf } from '@/core/photo/school';
import { missingViews, type Round, type StandardView, standardViews, VIEW_SORTS } from '@/core/photo/standard-views';
import { photoQueue } from '@/ui/device/photo-queue';
import { usePhotoQueue } from '@/ui/device/use-photo-queue';
import { Modal } from '@/ui/parts/modal';
import { useWording } from '@/ui/preferences';
import { useCar, useLot, useRecords } from '@/ui/records/inspection';
import { ZoneMini } from '@/ui/report/finding-block';
import { capital } from '@/words/capital';
import { FRAMED, SCHOOL_WORDS, VIEW_SORT_WORDS, viewText } from '@/words/standard-views';

/** The pictures that every report has by the working order of its visit: how many are there, which are missing, and the lap that takes them. */
export function StandardViews() {
  const { facts, mayEdit } = useLot();
  const { car, plan } = useCar();
  const wording = useWording(car?.steering);
  const photos = useRecords('photo');
  const visits = useRecords('visit');
  const { photos: waiting } = usePhotoQueue();
  const [taking, setTaking] = useState(false);
  const school = schoolOf(visits);
  const views = useMemo(() => (plan ? standardViews(plan, school) : []), [plan, school]);
  const missing = useMemo(() => {
    const own = waiting.filter((w) => w.inspection === facts.id);
    const taken = [...photos.map((p) => p.body), ...own.map((w) => ({ view: null, seam: null, ...w }))];
    return missingViews(
      views,
      taken.map((p) => ({ view: p.view ?? null, zone: p.zone, finding: p.finding, seam: p.seam ?? null })),
    );
  }, [views, photos, waiting, facts.id]);
  if (!plan || views.length === 0) return null;
  const have = views.length - missing.length;
  return (
    <section className="sheet grid gap-3 p-4" aria-label="Standard views">
      <div className="flex flex-wrap items-center gap-3">
        <p className="min-w-0 flex-1">
          <strong>
            {have} of {views.length} standard views
          </strong>
          <span className="text-soft">, as a {SCHOOL_WORDS[school]} has them</span>
        </p>
        {mayEdit && missing.length > 0 && (
          <button type="button" className="btn btn-main" onClick={() => setTaking(true)}>
            <Camera size={18} aria-hidden="true" /> Take the missing {missing.length}
          </button>
        )}
      </div>
      <div className="h-2 border border-line bg-paper" aria-hidden="true">
        <span className="block h-full bg-thread" style={{ width: `${(100 * have) / views.length}%` }} />
      </div>
      {missing.length > 0 && (
        <details className="text-sm">
          <summary className="min-h-9 content-center font-semibold">What is missing</summary>
          <dl className="grid gap-x-4 gap-y-1 sm:grid-cols-[9rem_1fr]">
            {VIEW_SORTS.map((sort) => {
              const own = missing.filter((v) => v.sort === sort);
              return own.length === 0 ? null : (
                <div key={sort} className="contents">
                  <dt className="font-semibold">{VIEW_SORT_WORDS[sort]}</dt>
                  <dd>{own.map((v) => viewText(v, wording)).join('; ')}</dd>
                </div>
              );
            })}
          </dl>
        </details>
      )}
      {taking && <TakeViews views={views} missing={missing} plan={plan} onClose={() => setTaking(false)} />}
    </section>
  );
}

/** The lap: one view after the other, how it is framed, the camera under the thumb. */
function TakeViews({
  views,
  missing,
  plan,
  onClose,
}: {
  views: readonly StandardView[];
  missing: readonly StandardView[];
  plan: Plan;
  onClose: () => void;
}) {
  const { facts } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const [skipped, setSkipped] = useState<ReadonlySet<string>>(new Set());
  const input = useRef<HTMLInputElement>(null);
  const left = missing.filter((v) => !skipped.has(v.id));
  const [view] = left;
  const zone = view?.zone ? plan.zones.get(view.zone) : undefined;
  if (!view)
    return (
      <Modal title="Standard views" onClose={onClose}>
        <p>
          {missing.length === 0
            ? 'Every standard view is taken.'
            : `The lap is done; ${missing.length} were passed over and stand as missing.`}
        </p>
      </Modal>
    );
  const take = (files: FileList | null) => {
    const file = files?.[0];
    if (file) void photoQueue().add(facts.id, [file], { zone: view.zone, view: view.id });
    if (input.current) input.current.value = '';
  };
  return (
    <Modal title={capital(viewText(view, wording))} onClose={onClose}>
      <div className="grid gap-4">
        <p className="text-sm text-soft">
          {views.length - missing.length + 1} of {views.length}
        </p>
        <div className="grid place-items-center border border-dashed border-ink/60 bg-paper p-4">
          {zone ? (
            <div className="[&>svg]:h-40 [&>svg]:w-64">
              <ZoneMini zone={zone} place={null} />
            </div>
          ) : (
            <Framed of={view.of} />
          )}
        </div>
        <p>{FRAMED[view.sort]}</p>
        <input
          ref={input}
          type="file"
          accept="image/jpeg,image/png,image/webp,image/heic,image/heif"
          capture="environment"
          aria-label={`Picture: ${viewText(view, wording)}`}
          className="sr-only"
          tabIndex={-1}
          onChange={(e) => take(e.target.files)}
        />
        <button type="button" className="btn btn-main min-h-16 text-lg" onClick={() => input.current?.click()}>
          <Camera aria-hidden="true" /> Take this picture
        </button>
        <button type="button" className="btn" onClick={() => setSkipped(new Set([...skipped, view.id]))}>
          <SkipForward size={18} aria-hidden="true" /> Not now
        </button>
      </div>
    </Modal>
  );
}

/** How much of a whole car is seen from there: its length and its width, each as far as it turns towards the eye. */
const SPAN: Readonly<Record<Round, number>> = {
  front: 0.42,
  rear: 0.42,
  left: 1,
  right: 1,
  'front-left': 0.86,
  'rear-left': 0.86,
  'front-right': 0.86,
  'rear-right': 0.86,
};

/** The outline that a whole car should fill, in a frame of a telephone held level. */
function Framed({ of }: { of: string }) {
  const wide = 232 * (SPAN[of as Round] ?? 1);
  const x = 132 - wide / 2;
  return (
    <svg viewBox="0 0 264 172" className="h-40 w-64" aria-hidden="true">
      <rect x="2" y="2" width="260" height="168" fill="none" stroke="var(--line)" strokeWidth="2" />
      <path
        d={`M${x} 128 V98 q2 -10 16 -12 l${wide * 0.16} -3 q${wide * 0.06} -32 ${wide * 0.14} -33 h${wide * 0.3} q${wide * 0.08} 1 ${wide * 0.13} 33 l${wide * 0.14} 4 q10 3 10 12 V128 Z`}
        fill="var(--wash)"
        stroke="var(--cut)"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      <line x1="2" x2="262" y1="140" y2="140" stroke="var(--line)" />
    </svg>
  );
}
