'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { fitOfCar } from '@/core/fit/car-fit';
import { recordsOf } from '@/core/records/reduce';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { SeamMarks } from '@/ui/body-plan/seam-marks';
import { coverageLooks } from '@/ui/body-plan/zone-looks';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { hintText, seamName } from '@/words/fit';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { GapSheet } from './gap-sheet';
import { PanelCard } from './panel-card';
import { SeamCard } from './seam-card';
import { StanceForm } from './stance-form';

/** How the panels meet: seams on the plan, each seam's profile, where doors hang and whether adjusting brings them right. */
export function Fit() {
  const { facts, plan, grade, car, state, mayEdit } = useInspection();
  const wording = useWording(car?.steering);
  const [seam, setSeam] = useState<string | null>(null);
  const [panel, setPanel] = useState<string | null>(null);
  const [measuring, setMeasuring] = useState<string | null>(null);
  const fit = useMemo(() => (plan ? fitOfCar(plan, [...state.records.values()]) : null), [plan, state.records]);
  const looks = useMemo(() => (plan && grade ? coverageLooks(plan, grade.coverage) : new Map()), [plan, grade]);
  const queue = useMemo(() => {
    const done = new Set(recordsOf(state.records, 'gap').flatMap((g) => g.body.photo?.id ?? []));
    return recordsOf(state.records, 'photo').filter((p) => p.body.seam !== null && !done.has(p.id));
  }, [state.records]);
  if (!plan || !fit)
    return (
      <div className="grid flex-1 place-content-center gap-4 p-6 text-center">
        <p className="max-w-md text-lg">State the body style first: its seams come with it.</p>
        <Link className="btn btn-main" href={`/lots/${facts.lot.id}/intake`}>
          Go to intake
        </Link>
      </div>
    );
  const fits = new Map(fit.seams.map((s) => [s.seam, s]));
  const chosen = seam ?? fit.seams[0]?.seam ?? [...plan.seams.keys()][0]!;
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
                  nameOf={(s) => seamName(s, wording)}
                  onSeam={setSeam}
                />
              }
            />
          </PlanZoom>
        </div>
        <p className="border-b border-line px-4 py-1.5 text-xs text-soft">
          Mean gap in mm on each seam; notches pale near {fit.tolerance.nominalMm} mm, dark at ±{fit.tolerance.goodMm}{' '}
          mm and beyond; dashed seams are not measured. Era: {fit.tolerance.from ?? 'before'}–
          {fit.tolerance.to ?? 'now'}.
        </p>
        <p className="flex flex-wrap items-center gap-3 px-4 pt-3 text-sm">
          <a className="btn btn-small" href="/gauge-card.pdf" target="_blank" rel="noreferrer">
            Gauge card to print
          </a>
          <span className="min-w-0 flex-1 text-soft">
            Photograph each seam with it, or with a bank card, flat beside it; then say among the photos which seam it
            shows.
          </span>
        </p>
        {queue.length > 0 && mayEdit && (
          <section className="flex flex-wrap items-center gap-3 bg-tape/40 p-3" aria-label="Seam pictures to measure">
            <strong>
              {queue.length} seam {queue.length === 1 ? 'picture waits' : 'pictures wait'} to be measured
            </strong>
            <button type="button" className="btn btn-main" onClick={() => setMeasuring(queue[0]!.id)}>
              Measure the next
            </button>
          </section>
        )}
        <SeamCard seam={chosen} fit={fit} onPick={setSeam} />
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
        <StanceForm fit={fit} />
      </aside>
      {measured && (
        <GapSheet
          photo={measured}
          onClose={() => setMeasuring(null)}
          onNext={() => setMeasuring(queue.find((q) => q.id !== measured.id)?.id ?? null)}
        />
      )}
    </main>
  );
}
