'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import type { ZonePaint } from '@/core/paint/analyse';
import { PAINT_STATES, type PaintState } from '@/core/paint/profiles';
import { recordsOf } from '@/core/records/reduce';
import { thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { PlanLegend } from '@/ui/body-plan/plan-legend';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { medianLabel, paintLooks } from '@/ui/body-plan/zone-looks';
import { Chances } from '@/ui/charts/chances';
import { StripPlot } from '@/ui/charts/strip-plot';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { PAINT_STATE_WORDS } from '@/words/terms';
import { sideWord } from '@/words/vocabulary';
import { zoneName, zoneWords } from '@/words/zones';
import { MediansChart } from './medians-chart';

function likeliest(chances: Readonly<Record<PaintState, number>>): PaintState {
  return [...PAINT_STATES].sort((a, b) => chances[b] - chances[a])[0]!;
}

/** What the gauge says: the plan by thickness, both schools, left against right. */
export function Paint() {
  const { facts, plan, grade, state, car } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const [picked, setPicked] = useState<string | null>(null);
  const looks = useMemo(() => (plan && grade ? paintLooks(plan, grade.paint.zones, grade.coverage, unit) : new Map()), [plan, grade, unit]);
  const zones = grade?.paint.zones.filter((z) => z.n > 0) ?? [];
  if (!plan || !grade || zones.length === 0) {
    return (
      <div className="grid flex-1 place-content-center gap-4 p-6 text-center">
        <p className="max-w-md text-lg">No reading yet. On the walk, type what the gauge shows at a panel; the judgement takes form here.</p>
        <Link className="btn btn-main" href={`/lots/${facts.lot.id}/${plan ? 'walk' : 'intake'}`}>
          {plan ? 'Go to the walk' : 'Go to intake'}
        </Link>
      </div>
    );
  }
  const chosen = picked ?? [...zones].sort((a, b) => (b.state?.survivor?.filled ?? 0) - (a.state?.survivor?.filled ?? 0))[0]!.zone;
  const base = grade.paint.baselineUm;
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
            />
          </PlanZoom>
        </div>
        <PlanLegend className="flex border-b border-line" />
        <section className="grid gap-2 p-4" aria-label="All panels">
          <div className="flex flex-wrap items-baseline justify-between gap-2">
            <h2 className="text-lg font-bold">Panel by panel</h2>
            <p className="text-sm">
              The car’s own level:{' '}
              <strong className="figure">
                {base.value === null ? `≥ ${thicknessText(base.low ?? 0, unit)}` : `${thicknessFigure(base.low ?? 0, unit)} to ${thicknessText(base.high ?? 0, unit)}`}
              </strong>
            </p>
          </div>
          <MediansChart zones={zones} unit={unit} wording={wording} onPick={setPicked} />
        </section>
      </div>
      <aside className="min-h-0 border-line bg-card lg:overflow-y-auto lg:border-l" aria-label="Panel in hand">
        <Panel zone={chosen} onPick={setPicked} />
        <Twins zones={zones} onPick={setPicked} />
      </aside>
    </main>
  );

  function Panel({ zone, onPick }: { zone: string; onPick: (z: string) => void }) {
    const paint = grade!.paint.zones.find((z) => z.zone === zone);
    const planned = plan!.zones.get(zone)!;
    const readings = recordsOf(state.records, 'reading').filter((r) => r.body.zone === zone);
    const visit = recordsOf(state.records, 'visit').map((v) => v.body.gauge?.ceilingUm).filter((c): c is number => c !== undefined);
    return (
      <section className="grid gap-3 p-4">
        <div className="flex items-start justify-between gap-2">
          <h2 className="text-xl font-bold">{zoneName(zone, wording)}</h2>
          {paint && paint.n > 0 && <EvidenceStamp evidence="measured" />}
        </div>
        {!paint || paint.n === 0 ? (
          <p className="border border-dashed border-ink/50 p-3 text-sm">Not measured{paint?.none ? `; ${paint.none} points showed nothing` : ''}.</p>
        ) : (
          <>
            <p>
              <span className="figure text-2xl font-semibold">{medianLabel(paint, unit)}</span> {thicknessSign(unit)} median of {paint.n} readings
              <span className="block text-sm text-soft">{doubt(paint, unit)}</span>
            </p>
            {facts.profiles.map((profile) => (
              <div key={profile.id} className="grid gap-1.5 border-t border-line pt-3">
                <h3 className="flex items-baseline justify-between text-sm font-bold">
                  {profile.name} school
                  <span className="font-sans font-normal">{paint.state?.[profile.id] && `likeliest: ${PAINT_STATE_WORDS[likeliest(paint.state[profile.id]!)]}`}</span>
                </h3>
                <StripPlot readings={readings.map((r) => r.body)} profile={profile} unit={unit} ceilingUm={visit[visit.length - 1] ?? 500} />
                {paint.state?.[profile.id] && <Chances chances={paint.state[profile.id]!} />}
                <p className="text-xs text-soft">{profile.says}</p>
              </div>
            ))}
            {paint.none > 0 && <p className="text-sm">{paint.none} {paint.none === 1 ? 'point' : 'points'} showed nothing: thicker than the range, cold, or the probe not square.</p>}
            {paint.job !== null && <p className="text-sm">Paint job {paint.job}: {grade!.paint.zones.filter((z) => z.job === paint.job).length} panels of one level.</p>}
          </>
        )}
        {planned.twin && (
          <button type="button" className="btn btn-small justify-self-start" onClick={() => onPick(planned.twin!)}>
            Show {zoneWords(planned.twin, wording)}
          </button>
        )}
      </section>
    );
  }

  function Twins({ zones: measured, onPick }: { zones: readonly ZonePaint[]; onPick: (z: string) => void }) {
    const rows = [...grade!.paint.contrasts].sort((a, b) => a.p - b.p);
    const label = (z: string) => {
      const m = measured.find((x) => x.zone === z);
      return m ? medianLabel(m, unit) : '–';
    };
    if (rows.length === 0) return null;
    return (
      <section className="grid gap-2 border-t border-line p-4" aria-label="Left against right">
        <h2 className="text-lg font-bold">Left against right</h2>
        <table className="w-full text-sm">
          <thead>
            <tr className="text-left text-xs text-soft">
              <th className="py-1 font-semibold">Panel</th>
              <th className="text-right font-semibold">{sideWord('left', wording)}</th>
              <th className="text-right font-semibold">{sideWord('right', wording)}</th>
              <th className="pl-3 font-semibold">Says</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((c) => (
              <tr key={c.zone} className="border-t border-line">
                <td className="py-1">
                  <button type="button" className="min-h-9 text-left underline decoration-line underline-offset-4 hover:decoration-ink" onClick={() => onPick(c.zone)}>
                    {zoneName(c.zone, { ...wording }).split(',')[0]}
                  </button>
                </td>
                <td className="figure text-right">{label(c.zone)}</td>
                <td className="figure text-right">{label(c.twin)}</td>
                <td className="pl-3">
                  {c.p < 0.01 ? <strong>differ, × {(c.ratio.value! >= 1 ? c.ratio.value! : 1 / c.ratio.value!).toFixed(1)}</strong> : c.p < 0.1 ? 'may differ' : 'alike'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    );
  }
}

function doubt(paint: ZonePaint, unit: 'um' | 'mil'): string {
  const { value, low, high } = paint.medianUm;
  const over = paint.over > 0 ? `${paint.over} at the gauge’s ceiling` : '';
  const interval = value === null ? 'more than half stand at the ceiling: how much more is not known' : `true median ${thicknessFigure(low ?? 0, unit)} to ${thicknessText(high ?? 0, unit)}, 8 times in 10`;
  const lacks = paint.lacks > 0 ? `${paint.lacks} more needed` : '';
  return [interval, over, `spread ${Math.round((paint.spread.value ?? 0) * 100)} %`, lacks].filter(Boolean).join(' · ');
}
