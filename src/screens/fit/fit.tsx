'use client';

import { useMemo, useState } from 'react';
import type { CarFit } from '@/core/fit/car-fit';
import { worstFirst } from '@/core/fit/seams';
import { recordsOf } from '@/core/records/reduce';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { SeamMarks } from '@/ui/body-plan/seam-marks';
import { coverageLooks } from '@/ui/body-plan/zone-looks';
import { AspectFindings } from '@/ui/chapter/aspect-findings';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { hintText, seamName } from '@/words/fit';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { AllSeams } from './all-seams';
import { GapSheet } from './gap-sheet';
import { PanelCard } from './panel-card';
import { SeamCard } from './seam-card';
import { SeamQueue } from './seam-queue';
import { StanceForm } from './stance-form';
import { StandoffForm } from './standoff-form';

const ASPECTS = ['fit', 'shape'] as const;

/** How the panels meet: seams on the plan, each seam's profile, where doors hang and whether adjusting brings them right. */
export function Fit() {
  const { plan, car, state, mayEdit, judgement } = useInspection();
  const wording = useWording(car?.steering);
  const [seam, setSeam] = useState<string | null>(null);
  const [panel, setPanel] = useState<string | null>(null);
  const [show, setShow] = useState<'gap' | 'flush'>('gap');
  const [measuring, setMeasuring] = useState<string | null>(null);
  const fit = judgement?.fit ?? null;
  const coverage = judgement?.coverage;
  const looks = useMemo(() => (plan && coverage ? coverageLooks(plan, coverage) : new Map()), [plan, coverage]);
  const [queue, refused] = useMemo(() => {
    const done = new Set(recordsOf(state.records, 'gap').flatMap((g) => g.body.photo?.id ?? []));
    const open = recordsOf(state.records, 'photo').filter((p) => p.body.seam !== null && !done.has(p.id));
    return [open.filter((p) => p.body.seamRefused === null), open.filter((p) => p.body.seamRefused !== null)];
  }, [state.records]);
  if (!plan || !fit) return <NoPlanYet says="State the body style first: its seams come with it." />;
  const fits = new Map(fit.seams.map((s) => [s.seam, s]));
  const chosen = seam ?? worstFirst(fit.seams)[0]?.seam ?? [...plan.seams.keys()][0]!;
  const bad = ['reshape', 'beyond-slots', 'partly', 'adjust', 'good'];
  const hung = [...fit.panels].sort(
    (a, b) => bad.indexOf(a.fit.ok ? a.fit.verdict : 'good') - bad.indexOf(b.fit.ok ? b.fit.verdict : 'good'),
  );
  const inHand = hung.find((p) => p.zone === panel) ?? hung[0] ?? null;
  const measured = recordsOf(state.records, 'photo').find((p) => p.id === measuring);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_420px] lg:overflow-hidden">
      <div className="flex min-h-0 flex-col lg:overflow-y-auto">
        <div className="relative h-[42dvh] shrink-0 overflow-hidden border-b border-line lg:h-[54dvh]">
          <PlanZoom>
            <PlanDrawing
              plan={plan}
              view="outside"
              looks={looks}
              nameOf={(z) => zoneName(z, wording)}
              title="Plan of the car by its seams"
              sideWords={{ left: `${sideWord('left', wording)} side`, right: `${sideWord('right', wording)} side` }}
              className="h-full w-full"
              over={
                <SeamMarks
                  plan={plan}
                  fits={fits}
                  selected={chosen}
                  show={show}
                  nameOf={(s) => seamName(s, wording)}
                  onSeam={setSeam}
                />
              }
            />
          </PlanZoom>
        </div>
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line px-4 py-1.5">
          <div className="flex gap-1" role="group" aria-label="What the notches show">
            {(['gap', 'flush'] as const).map((s) => (
              <button
                key={s}
                type="button"
                className="btn btn-small"
                aria-pressed={show === s}
                onClick={() => setShow(s)}
              >
                {s === 'gap' ? 'Gap' : 'Flush'}
              </button>
            ))}
          </div>
          <p className="min-w-0 flex-1 text-xs text-soft">
            {show === 'gap'
              ? `Mean gap in mm; notches pale near ${fit.tolerance.nominalMm} mm, dark at ±${fit.tolerance.goodMm} mm and beyond.`
              : `Worst flush in mm; notches pale when flush, dark at ±${fit.tolerance.flushMm} mm and beyond.`}{' '}
            Dashed: not measured. Judged by {erasOf(fit.tolerance)}.
          </p>
        </div>
        {mayEdit && <SeamQueue waiting={queue} refused={refused} onOpen={setMeasuring} />}
        <p className="flex flex-wrap items-center gap-3 px-4 pt-3 text-sm">
          <a className="btn btn-small" href="/gauge-card.pdf" target="_blank" rel="noreferrer">
            Gauge card to print
          </a>
          <span className="min-w-0 flex-1 text-soft">
            Photograph each seam with it, or with a bank card, flat beside it; then say among the photos which seam it
            shows.
          </span>
        </p>
        <SeamCard seam={chosen} fit={fit} onPick={setSeam} />
        <AllSeams fit={fit} seam={chosen} onPick={setSeam} />
      </div>
      <aside className="min-h-0 border-line bg-card lg:overflow-y-auto lg:border-l" aria-label="Panel in hand">
        {fit.hints.length > 0 && (
          <section className="grid gap-1 border-b border-line p-4" aria-label="What the pattern suggests">
            <h2 className="flex items-center justify-between gap-2 text-lg font-bold">
              What the pattern suggests <span className="stamp">inferred</span>
            </h2>
            <ul className="grid gap-1 text-sm">
              {fit.hints.map((h) => (
                <li key={`${h.kind} ${h.zones[0] ?? ''}`}>{hintText(h, wording)}</li>
              ))}
            </ul>
          </section>
        )}
        {inHand ? (
          <>
            <div className="flex flex-wrap gap-1.5 p-4 pb-0">
              {hung.map((p) => (
                <button
                  key={p.zone}
                  type="button"
                  className="btn btn-small"
                  aria-pressed={p.zone === inHand.zone}
                  onClick={() => setPanel(p.zone)}
                >
                  {zoneName(p.zone, wording)}
                </button>
              ))}
            </div>
            <PanelCard key={inHand.zone} plan={plan} fit={fit} panel={inHand} />
          </>
        ) : (
          <p className="p-4 text-sm text-soft">
            No gap is measured yet. On the walk type “gap lf door/fender 4.2 4.5 5.1 flush +1”, or photograph seams with
            a card beside them and measure them here.
          </p>
        )}
        <StandoffForm />
        <StanceForm fit={fit} />
        <AspectFindings title="Fit" aspects={ASPECTS} />
      </aside>
      {measured && (
        <GapSheet
          key={measured.id}
          photo={measured}
          left={queue.filter((q) => q.id !== measured.id).length}
          onClose={() => setMeasuring(null)}
          onNext={() => setMeasuring(after(queue, measured.id))}
        />
      )}
    </main>
  );
}

/** The years a tolerance stands for, in words. */
function erasOf({ from, to }: CarFit['tolerance']): string {
  if (from === null && to === null) return 'all years';
  if (from === null) return `the years to ${to}`;
  return to === null ? `the years from ${from}` : `the years ${from} to ${to}`;
}

/** The picture after this one in the queue, the first after the last; null when no other waits. */
function after(queue: readonly { readonly id: string }[], id: string): string | null {
  const others = queue.filter((q) => q.id !== id);
  const at = queue.findIndex((q) => q.id === id);
  return (others[at < 0 || at >= others.length ? 0 : at] ?? null)?.id ?? null;
}
