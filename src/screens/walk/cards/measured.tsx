'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import { thicknessFigure, thicknessSign } from '@/core/units/thickness';
import { Chances } from '@/ui/charts/chances';
import { StripPlot } from '@/ui/charts/strip-plot';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { RecordHistory } from '@/ui/parts/record-history';
import { TakeOut } from '@/ui/parts/take-out';
import { usePreferences } from '@/ui/preferences';
import { useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { useWide } from '@/ui/use-wide';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** The readings of the zone in hand: strip plot, median, chances, and each one to take out. */
export function Measured({ zone, walking }: CardProps) {
  const { facts } = useLot();
  const { unit } = usePreferences().preferences;
  const readings = useRecords('reading', (r) => r.body.zone === zone.slug);
  const paint = useJudged((j) => j.judgement?.paint.zones.find((z) => z.zone === zone.slug));
  const twin = useJudged((j) => j.judgement?.paint.zones.find((z) => z.zone === zone.twin));
  const wide = useWide();
  const [unfolded, setUnfolded] = useState<boolean | null>(null);
  const shown = unfolded ?? wide;
  const [open, setOpen] = useState(false);
  const bodies = useMemo(() => readings.map((r) => r.body), [readings]);
  const last = readings[readings.length - 1];
  if (paint?.unreadable || zone.metal === 'glass-fibre')
    return <p className="text-sm text-soft">A thickness gauge cannot read on {zone.metal.replace('-', ' ')}.</p>;
  if (!paint || readings.length === 0)
    return (
      <p className="border border-dashed border-ink/50 p-3 text-sm">
        No reading here yet. Type what the gauge shows, such as 131 128 over.
      </p>
    );
  const { value, low, high } = paint.medianUm;
  const profile = facts.tables.profiles[0]!;
  return (
    <section aria-label="Readings" className="grid gap-2">
      <div className="flex items-end justify-between gap-2">
        <p>
          <span className="figure text-2xl font-semibold">
            {value === null ? `≥ ${thicknessFigure(low ?? 0, unit)}` : thicknessFigure(value, unit)}
          </span>{' '}
          <span className="text-soft">{thicknessSign(unit)} median</span>
          <span className="block text-xs text-soft">
            {value === null
              ? 'above the gauge’s ceiling'
              : `${thicknessFigure(low ?? 0, unit)} to ${thicknessFigure(high ?? 0, unit)}, 8 times in 10`}
            {paint.lacks > 0 && ` · ${paint.lacks} more needed`}
          </span>
        </p>
        <EvidenceStamp evidence="measured" />
        <button
          type="button"
          className="grid size-11 shrink-0 place-items-center rounded-cut border border-line hover:bg-wash"
          aria-expanded={shown}
          aria-label={shown ? 'Fold the strip plot away' : 'Unfold the strip plot'}
          onClick={() => setUnfolded(!shown)}
        >
          {shown ? <ChevronUp size={18} aria-hidden="true" /> : <ChevronDown size={18} aria-hidden="true" />}
        </button>
      </div>
      {shown && (
        <StripPlot
          readings={bodies}
          profile={profile}
          unit={unit}
          ceilingUm={walking.ceilingUm}
          twinUm={twin?.medianUm.value ?? null}
        />
      )}
      {shown && paint.state?.[profile.id] && <Chances chances={paint.state[profile.id]!} />}
      <button
        type="button"
        className="min-h-9 text-left text-sm font-semibold text-thread underline underline-offset-4"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {open ? 'Hide the readings' : `All ${readings.length} readings${last ? `, last ${last.body.typed.text}` : ''}`}
      </button>
      {open && (
        <ol className="grid grid-cols-2 gap-1">
          {readings.map((r) => (
            <li key={r.id} className="flex items-center justify-between rounded-cut border border-line pl-2 text-sm">
              <span className="figure">
                {r.body.state === 'read'
                  ? `${r.body.typed.text} ${thicknessSign(r.body.typed.unit)}`
                  : r.body.state === 'over'
                    ? 'over'
                    : 'none'}
              </span>
              <span className="ml-auto">
                <RecordHistory record={r.id} title={`reading ${r.body.typed.text}`} />
              </span>
              <TakeOut record={r.id} says={`Take reading ${r.body.typed.text} out`} />
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

export const measured: ZoneCardDefinition = {
  place: 30,
  applies: (zone) => zone.aspects.includes('paint'),
  Card: Measured,
};
