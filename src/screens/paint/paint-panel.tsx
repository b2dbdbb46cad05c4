'use client';

import type { ZonePaint } from '@/core/paint/analyse';
import { PAINT_STATES, type PaintState } from '@/core/paint/profiles';
import { recordsOf } from '@/core/records/reduce';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { medianLabel } from '@/ui/body-plan/zone-looks';
import { Chances } from '@/ui/charts/chances';
import { StripPlot } from '@/ui/charts/strip-plot';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { PAINT_STATE_WORDS } from '@/words/terms';
import { zoneName, zoneWords } from '@/words/zones';

function likeliest(chances: Readonly<Record<PaintState, number>>): PaintState {
  return [...PAINT_STATES].sort((a, b) => chances[b] - chances[a])[0]!;
}

function doubt(paint: ZonePaint, unit: ThicknessUnit): string {
  const { value, low, high } = paint.medianUm;
  const over = paint.over > 0 ? `${paint.over} at the gauge’s ceiling` : '';
  const interval =
    value === null
      ? 'more than half stand at the ceiling: how much more is not known'
      : `true median ${thicknessFigure(low ?? 0, unit)} to ${thicknessText(high ?? 0, unit)}, 8 times in 10`;
  const lacks = paint.lacks > 0 ? `${paint.lacks} more needed` : '';
  return [interval, over, `spread ${Math.round((paint.spread.value ?? 0) * 100)} %`, lacks].filter(Boolean).join(' · ');
}

/** One panel's readings against the bands of every school, with the chance of each state. */
export function PaintPanel({ zone, onPick }: { zone: string; onPick: (zone: string) => void }) {
  const { facts, plan, grade, state, car } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const paint = grade?.paint.zones.find((z) => z.zone === zone);
  const planned = plan!.zones.get(zone)!;
  const readings = recordsOf(state.records, 'reading').filter((r) => r.body.zone === zone);
  const ceilings = recordsOf(state.records, 'visit').flatMap((v) => (v.body.gauge ? [v.body.gauge.ceilingUm] : []));
  return (
    <section className="grid gap-3 p-4">
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-xl font-bold">{zoneName(zone, wording)}</h2>
        {paint && paint.n > 0 && <EvidenceStamp evidence="measured" />}
      </div>
      {!paint || paint.n === 0 ? (
        <p className="border border-dashed border-ink/50 p-3 text-sm">
          Not measured{paint?.none ? `; ${paint.none} points showed nothing` : ''}.
        </p>
      ) : (
        <>
          <p>
            <span className="figure text-2xl font-semibold">{medianLabel(paint, unit)}</span> {thicknessSign(unit)}{' '}
            median of {paint.n} readings
            <span className="block text-sm text-soft">{doubt(paint, unit)}</span>
          </p>
          {facts.profiles.map((profile) => (
            <div key={profile.id} className="grid gap-1.5 border-t border-line pt-3">
              <h3 className="flex items-baseline justify-between text-sm font-bold">
                {profile.name} school
                <span className="font-sans font-normal">
                  {paint.state?.[profile.id] && `likeliest: ${PAINT_STATE_WORDS[likeliest(paint.state[profile.id]!)]}`}
                </span>
              </h3>
              <StripPlot
                readings={readings.map((r) => r.body)}
                profile={profile}
                unit={unit}
                ceilingUm={ceilings[ceilings.length - 1] ?? USUAL_CEILING_UM}
              />
              {paint.state?.[profile.id] && <Chances chances={paint.state[profile.id]!} />}
              <p className="text-xs text-soft">{profile.says}</p>
            </div>
          ))}
          {paint.none > 0 && (
            <p className="text-sm">
              {paint.none} {paint.none === 1 ? 'point' : 'points'} showed nothing: thicker than the range, cold, or the
              probe not square.
            </p>
          )}
          {paint.job !== null && (
            <p className="text-sm">
              Paint job {paint.job}: {grade!.paint.zones.filter((z) => z.job === paint.job).length} panels of one level.
            </p>
          )}
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
