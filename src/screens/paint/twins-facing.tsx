import { ArrowLeftRight } from 'lucide-react';
import { useMemo } from 'react';
import type { Zone } from '@/core/body/zone';
import { filmReadings } from '@/core/paint/film-input';
import { panelMap } from '@/core/paint/panel-map';
import { recordsOf } from '@/core/records/reduce';
import { medianLabel } from '@/ui/body-plan/zone-looks';
import { PanelMapView } from '@/ui/charts/panel-map-view';
import { StripPlot } from '@/ui/charts/strip-plot';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { zoneName, zoneWords } from '@/words/zones';

const MAP = { cols: 22, rows: 16 } as const;

/** A panel and the same panel on the other side, face to face: maps by one ramp, readings on one scale. */
export function TwinsFacing({ zone, onPick }: { zone: Zone; onPick: (zone: string) => void }) {
  const { plan, car } = useInspection();
  const wording = useWording(car?.steering);
  const twin = plan!.zones.get(zone.twin!);
  if (!twin) return null;
  const pair = zone.slug.includes('.left') ? [zone, twin] : [twin, zone];
  return (
    <section className="grid gap-2 border-t border-line pt-3" aria-label="Face to face">
      <div className="flex items-center gap-2">
        <h3 className="flex-1 font-bold">Face to face</h3>
        <button type="button" className="btn btn-small" onClick={() => onPick(twin.slug)}>
          <ArrowLeftRight size={14} aria-hidden="true" /> Show {zoneWords(twin.slug, wording)}
        </button>
      </div>
      <div className="grid grid-cols-2 gap-2">
        {pair.map((z) => (
          <SideMap key={z.slug} zone={z} />
        ))}
      </div>
      {pair.map((z) => (
        <SideStrip key={z.slug} zone={z} />
      ))}
    </section>
  );
}

function SideMap({ zone }: { zone: Zone }) {
  const { state, car, judgement } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const paint = judgement?.paint.zones.find((z) => z.zone === zone.slug);
  const readings = useMemo(
    () => filmReadings(state.records).filter((r) => r.zone === zone.slug),
    [state.records, zone.slug],
  );
  const level = Math.log(paint?.medianUm.value ?? paint?.medianUm.low ?? USUAL_CEILING_UM);
  const spread = paint?.spread.value ?? 0.2;
  const map = useMemo(
    () => panelMap(zone, readings, level, spread, MAP.cols, MAP.rows),
    [zone, readings, level, spread],
  );
  return (
    <div className="grid content-start gap-1">
      <h4 className="flex flex-wrap items-baseline gap-x-2 text-sm font-semibold">
        {zoneName(zone.slug, wording)}
        <span className="figure">{paint && paint.n > 0 ? medianLabel(paint, unit) : 'not measured'}</span>
      </h4>
      {map && (
        <PanelMapView
          zone={zone}
          map={map}
          readings={readings}
          ceilingUm={Math.min(
            ...readings.flatMap((r) => (r.state === 'over' ? (r.thicknessUm ?? []) : [])),
            Number.POSITIVE_INFINITY,
          )}
          label={`Film over ${zoneWords(zone.slug, wording)}`}
        />
      )}
    </div>
  );
}

function SideStrip({ zone }: { zone: Zone }) {
  const { facts, state, car } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const readings = recordsOf(state.records, 'reading').filter((r) => r.body.zone === zone.slug);
  const gauges = recordsOf(state.records, 'visit').flatMap((v) => (v.body.gauge ? [v.body.gauge.ceilingUm] : []));
  if (readings.length === 0) return null;
  return (
    <div>
      <h4 className="text-sm font-semibold">{zoneName(zone.slug, wording)}</h4>
      <StripPlot
        readings={readings.map((r) => r.body)}
        profile={facts.tables.profiles[0]!}
        unit={unit}
        ceilingUm={gauges.at(-1) ?? USUAL_CEILING_UM}
      />
    </div>
  );
}
