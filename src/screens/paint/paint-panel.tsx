'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import type { Zone } from '@/core/body/zone';
import { filmReadings } from '@/core/paint/film-input';
import { type PanelPlace, panelChange, plainestChange } from '@/core/paint/panel-change';
import { panelMap } from '@/core/paint/panel-map';
import { PAINT_STATES, type PaintState } from '@/core/paint/profiles';
import type { ZonePaint } from '@/core/paint/zone-paint';
import { recordsOf } from '@/core/records/reduce';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { medianLabel } from '@/ui/body-plan/zone-looks';
import { Chances } from '@/ui/charts/chances';
import { PanelMapView } from '@/ui/charts/panel-map-view';
import { StripPlot } from '@/ui/charts/strip-plot';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { changeText, reasonText, whyNextText } from '@/words/paint';
import { PAINT_STATE_WORDS } from '@/words/terms';
import { zoneName } from '@/words/zones';
import { TwinsFacing } from './twins-facing';

/** Cells of the map on the screen. */
const MAP = { cols: 44, rows: 32 } as const;

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
  const { facts, plan, state, car, judgement } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const paint = judgement?.paint.zones.find((z) => z.zone === zone);
  const planned = plan!.zones.get(zone)!;
  const readings = recordsOf(state.records, 'reading').filter((r) => r.body.zone === zone);
  const next = judgement?.paint.next.find((n) => n.zone === zone);
  const ceilings = recordsOf(state.records, 'visit').flatMap((v) => (v.body.gauge ? [v.body.gauge.ceilingUm] : []));
  const ceilingUm = ceilings.at(-1) ?? USUAL_CEILING_UM;
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
          <FilmMap key={zone} zone={planned} paint={paint} ceilingUm={ceilingUm} />
          <ul className="grid gap-1 border-l-4 border-ink/30 pl-3 text-sm" aria-label="Why">
            {paint.reasons.map((r) => (
              <li key={r.kind === 'mark' ? `mark ${r.id}` : r.kind}>
                {reasonText(r, unit, wording.words)}{' '}
                {r.speaksFor && <span className="text-soft">Speaks for {PAINT_STATE_WORDS[r.speaksFor]}.</span>}
              </li>
            ))}
          </ul>
          {facts.tables.profiles.map((profile) => (
            <div key={profile.id} className="grid gap-1.5 border-t border-line pt-3">
              <h3 className="flex items-baseline justify-between text-sm font-bold">
                {profile.name} school
                <span className="font-sans font-normal">
                  {paint.state?.[profile.id] && `likeliest: ${PAINT_STATE_WORDS[likeliest(paint.state[profile.id]!)]}`}
                </span>
              </h3>
              <StripPlot readings={readings.map((r) => r.body)} profile={profile} unit={unit} ceilingUm={ceilingUm} />
              {paint.state?.[profile.id] && <Chances chances={paint.state[profile.id]!} />}
              <p className="text-xs text-soft">{profile.says}</p>
            </div>
          ))}
          <dl className="grid grid-cols-[1fr_auto] gap-x-3 border-t border-line pt-3 text-sm">
            {paint.above.map(({ cutUm, share, freeShare }) => (
              <div key={cutUm} className="contents">
                <dt>of the panel above {thicknessText(cutUm, unit)}</dt>
                <dd className="figure text-right">
                  {Math.round((share.low ?? 0) * 100)}–{Math.round((share.high ?? 0) * 100)} %
                  <span className="block font-sans text-xs text-soft">
                    {freeShare === null
                      ? 'not counted: above the ceiling'
                      : `counted: ${Math.round(freeShare * 100)} %`}
                  </span>
                </dd>
              </div>
            ))}
            <dt>median without any assumption</dt>
            <dd className="figure text-right">
              {paint.freeMedianUm === null ? 'above the ceiling' : thicknessText(paint.freeMedianUm, unit)}
            </dd>
          </dl>
          {next && (
            <p className="bg-tape/40 p-3 text-sm">
              <strong>What would change my mind:</strong> a reading at the cross, {Math.round(next.uMm)} mm back and{' '}
              {Math.round(next.vMm)} mm {planned.upright ? 'up' : 'across'}. {whyNextText(next.why)}
            </p>
          )}
          {paint.job !== null && (
            <p className="text-sm">
              {jobText(paint.job, judgement!.paint.zones.filter((z) => z.job === paint.job).length)}
            </p>
          )}
        </>
      )}
      {planned.twin && <TwinsFacing zone={planned} onPick={onPick} />}
    </section>
  );
}

function jobText(job: number, panels: number): string {
  return panels === 1
    ? `Paint job ${job}: this panel alone.`
    : `Paint job ${job}: ${panels} panels of one level and evenness.`;
}

/** Where on the panel the film lies how thick; nothing where no reading says its place. */
function FilmMap({ zone, paint, ceilingUm }: { zone: Zone; paint: ZonePaint; ceilingUm: number }) {
  const { state, judgement } = useInspection();
  const records = useDeferredValue(state.records);
  const readings = useMemo(() => filmReadings(records).filter((r) => r.zone === zone.slug), [records, zone.slug]);
  const level = Math.log(paint.medianUm.value ?? paint.medianUm.low ?? ceilingUm);
  const spread = paint.spread.value ?? 0.2;
  const [path, setPath] = useState<readonly PanelPlace[]>([]);
  const change = useMemo(
    () => (path.length === 2 ? panelChange(readings, path[0]!, path[1]!) : plainestChange(zone, readings)),
    [zone, readings, path],
  );
  const map = useMemo(
    () => panelMap(zone, readings, level, spread, MAP.cols, MAP.rows),
    [zone, readings, level, spread],
  );
  // The ceiling as the gauge's check corrected it.
  const reached = Math.min(ceilingUm, ...readings.flatMap((r) => (r.state === 'over' ? (r.thicknessUm ?? []) : [])));
  if (!map)
    return <p className="text-sm text-soft">No reading here says its place; touch the plan before measuring.</p>;
  return (
    <figure className="grid gap-1">
      <PanelMapView
        zone={zone}
        map={map}
        readings={readings}
        ceilingUm={reached}
        next={judgement?.paint.next.find((n) => n.zone === zone.slug) ?? null}
        change={change}
        onTouch={(p) => setPath(path.length === 1 ? [path[0]!, p] : [p])}
        label={`Map of the film from ${map.placed} placed readings`}
      />
      <p className="text-sm" role="status">
        {path.length === 1
          ? 'Touch where the path ends.'
          : change
            ? changeText(change)
            : 'No edge of a repair shows along or across the panel. Touch two places for a path of your own.'}{' '}
        {path.length > 0 && (
          <button type="button" className="btn btn-small" onClick={() => setPath([])}>
            Without the path
          </button>
        )}
      </p>
      <figcaption className="text-xs text-soft">
        Film over the panel from {map.placed} placed readings. It fades to paper where nothing was measured; hatched
        above the gauge’s ceiling; the cross is where the next reading tells most.
      </figcaption>
    </figure>
  );
}
