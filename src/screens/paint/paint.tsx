'use client';

import { useMemo, useState } from 'react';
import { MARKS } from '@/core/catalogue/marks';
import { gaugeCanRead } from '@/core/paint/sampling';
import type { ZonePaint } from '@/core/paint/zone-paint';
import { recordsOf } from '@/core/records/reduce';
import { thicknessFigure, thicknessText } from '@/core/units/thickness';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { PlanLegend } from '@/ui/body-plan/plan-legend';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { paintLooks } from '@/ui/body-plan/zone-looks';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { AspectFindings, ToWalk } from '@/ui/chapter/aspect-findings';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { useUnit, useWording } from '@/ui/preferences';
import { useCar, useInspection, useRecords } from '@/ui/records/inspection';
import { markText } from '@/words/marks';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { Colours } from './colours';
import { MediansChart } from './medians-chart';
import { PaintPanel } from './paint-panel';
import { ReadingTable } from './reading-table';
import { TwinsTable } from './twins-table';
import { WavesRanking } from './waves-ranking';

/** Panels that were painted together, for the plan; jobs of one panel too, for they were painted by themselves. */
function paintJobs(zones: readonly ZonePaint[]): { name: string; zones: string[] }[] {
  const jobs = new Map<number, string[]>();
  for (const z of zones) if (z.job !== null && z.n > 0) jobs.set(z.job, [...(jobs.get(z.job) ?? []), z.zone]);
  return [...jobs].sort(([a], [b]) => a - b).map(([job, own]) => ({ name: String(job), zones: own }));
}

const ASPECTS = ['paint'] as const;

/** What the gauge says: the plan by thickness, both schools, left against right. */
export function Paint() {
  const { plan, car, state, judgement } = useInspection();
  const [paint, coverage] = [judgement?.paint, judgement?.coverage];
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const [picked, setPicked] = useState<string | null>(null);
  const [byJob, setByJob] = useState(false);
  const looks = useMemo(
    () => (plan && paint && coverage ? paintLooks(plan, paint.zones, coverage, unit) : new Map()),
    [plan, paint, coverage, unit],
  );
  const zones = paint?.zones.filter((z) => z.n > 0) ?? [];
  const jobs = useMemo(() => paintJobs(paint?.zones ?? []), [paint]);
  if (!plan || !paint) return <NoPlanYet />;
  if (zones.length === 0) return <Unmeasured />;
  const chosen =
    picked ?? [...zones].sort((a, b) => (b.state?.survivor?.filled ?? 0) - (a.state?.survivor?.filled ?? 0))[0]!.zone;
  const ceilingUm = recordsOf(state.records, 'visit').at(-1)?.body.gauge?.ceilingUm ?? USUAL_CEILING_UM;
  const base = paint.baselineUm;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_400px] lg:overflow-hidden">
      <div className="flex min-h-0 flex-col lg:overflow-y-auto">
        <div className="relative h-[38dvh] shrink-0 overflow-hidden lg:h-[52dvh]">
          <PlanZoom>
            <PlanDrawing
              plan={plan}
              view="outside"
              looks={looks}
              selected={chosen}
              nameOf={(z) => zoneName(z, wording)}
              title="Plan of the car by film thickness"
              onZone={(z) => setPicked(z)}
              sideWords={{ left: `${sideWord('left', wording)} side`, right: `${sideWord('right', wording)} side` }}
              className="h-full w-full"
              {...(byJob && { groups: jobs })}
            />
          </PlanZoom>
          {jobs.length > 0 && (
            <label className="absolute right-2 bottom-2 flex min-h-11 items-center gap-2 rounded-cut border border-line bg-card px-3 text-sm font-semibold">
              <input
                type="checkbox"
                className="size-5 accent-thread"
                checked={byJob}
                onChange={(e) => setByJob(e.target.checked)}
              />
              {jobs.length === 1 ? 'One paint job' : `${jobs.length} paint jobs`}
            </label>
          )}
        </div>
        <PlanLegend className="flex border-b border-line" />
        <section className="grid gap-2 p-4" aria-label="All panels">
          <div className="flex flex-wrap items-baseline justify-between gap-2">
            <h2 className="text-lg font-bold">Panel by panel</h2>
            <p className="text-sm">
              The car’s own level:{' '}
              <strong className="figure">
                {base.value === null
                  ? `≥ ${thicknessText(base.low ?? 0, unit)}`
                  : `${thicknessFigure(base.low ?? 0, unit)} to ${thicknessText(base.high ?? 0, unit)}`}
              </strong>
            </p>
          </div>
          <MediansChart zones={zones} unit={unit} wording={wording} onPick={setPicked} />
        </section>
        <ReadingTable onPick={setPicked} ceilingUm={ceilingUm} />
      </div>
      <aside className="min-h-0 border-line bg-card lg:overflow-y-auto lg:border-l" aria-label="Panel in hand">
        <PaintPanel zone={chosen} onPick={setPicked} />
        <TwinsTable onPick={setPicked} />
        <WavesRanking onPick={setPicked} />
        <Colours />
        <AspectFindings title="Paint" aspects={ASPECTS} />
      </aside>
    </main>
  );
}

/** The chapter before anything is measured, or where nothing can be: what else speaks of the paint. */
function Unmeasured() {
  const { car } = useCar();
  const cannot = !gaugeCanRead(car?.baseMetal ?? 'steel');
  return (
    <AspectChapter title="Paint" aspects={ASPECTS}>
      <section className="grid gap-2 border-b border-line p-4" aria-label="Film thickness">
        <h2 className="text-lg font-bold">Film thickness</h2>
        <p className="text-sm">
          {cannot
            ? 'No thickness gauge reads on this body. Flaws, marks, colours and waves speak of its paint instead.'
            : 'No reading yet. On the walk, type what the gauge shows at a panel; the judgement takes form here.'}
        </p>
      </section>
      <MarkList />
      <WavesRanking onPick={() => {}} />
      <Colours />
    </AspectChapter>
  );
}

/** What was seen for and against the works' paint, panel by panel. */
function MarkList() {
  const marks = useRecords('mark');
  const { car } = useCar();
  const wording = useWording(car?.steering);
  if (marks.length === 0) return null;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Marks">
      <h2 className="flex items-center justify-between gap-2 text-lg font-bold">
        For and against factory paint <EvidenceStamp evidence="seen" />
      </h2>
      <ul className="grid gap-1 text-sm">
        {marks.map(({ id, body }) => (
          <li key={id}>
            <ToWalk zone={body.zone}>
              <strong>{zoneName(body.zone, wording)}</strong>
            </ToWalk>{' '}
            {MARKS[body.mark].speaks}: {markText(body.mark, wording.words)}
            {body.where && `, ${body.where}`}
          </li>
        ))}
      </ul>
    </section>
  );
}
