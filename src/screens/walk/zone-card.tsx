'use client';

import { Ban, Check, ChevronLeft, ChevronRight, MapPin, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Aspect, Zone } from '@/core/body/zone';
import { flawById, severity } from '@/core/flaws/loss';
import type { StoredRecord } from '@/core/records/kinds';
import { BLOCKED_BY, type BlockedBy } from '@/core/records/kinds/look';
import { recordsOf } from '@/core/records/reduce';
import { thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { Chances } from '@/ui/charts/chances';
import { StripPlot } from '@/ui/charts/strip-plot';
import { PinHead } from '@/ui/glyphs';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { PhotoStrip } from '@/ui/parts/photo-strip';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { flawName } from '@/words/flaws';
import { ASPECT_WORDS, BLOCKED_WORDS, METAL_WORDS, term } from '@/words/terms';
import { zoneName, zoneWords } from '@/words/zones';
import { FindingSheet } from './finding-sheet';
import { PhotoDrop } from './photo-drop';
import type { Walking } from './walking';

/** Everything known of the zone in hand, and what can be done there. */
export function ZoneCard({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { plan, grade, car, mayEdit } = useInspection();
  const wording = useWording(car?.steering);
  const { unit, words } = usePreferences().preferences;
  const lap = plan!.lap[zone.view];
  const twin = zone.twin ? grade?.paint.zones.find((z) => z.zone === zone.twin) : undefined;
  const next = grade?.paint.next.find((n) => n.zone === zone.slug);
  return (
    <div className="grid gap-3 p-3 sm:p-4">
      <div className="flex items-center gap-1">
        <button
          type="button"
          className="grid size-11 shrink-0 place-items-center rounded-cut border border-line hover:bg-wash"
          onClick={() => walking.step(-1)}
          aria-label="Previous zone"
        >
          <ChevronLeft aria-hidden="true" />
        </button>
        <div className="min-w-0 flex-1 px-1 text-center">
          <h2 className="truncate text-lg font-bold" aria-live="polite">
            {zoneName(zone.slug, wording)}
          </h2>
          <p className="truncate text-xs text-soft">
            {zone.lap} of {lap.length} · {term(METAL_WORDS, zone.metal, words)} · {zone.areaM2.toFixed(2)} m²
            {zone.structural && ' · structural'}
          </p>
        </div>
        <button
          type="button"
          className="grid size-11 shrink-0 place-items-center rounded-cut border border-line hover:bg-wash"
          onClick={() => walking.step(1)}
          aria-label="Next zone"
        >
          <ChevronRight aria-hidden="true" />
        </button>
      </div>
      <Measured zone={zone} walking={walking} />
      {zone.twin && (
        <button
          type="button"
          className="flex min-h-11 items-center justify-between gap-2 rounded-cut border border-line px-3 text-sm hover:bg-wash"
          onClick={() => walking.go(zone.twin!)}
        >
          <span>Twin: {zoneWords(zone.twin, wording)}</span>
          <span className="figure font-semibold">
            {twin && twin.n > 0
              ? twin.medianUm.value === null
                ? `≥ ${thicknessText(twin.medianUm.low ?? 0, unit)}`
                : thicknessText(twin.medianUm.value, unit)
              : 'not measured'}
          </span>
        </button>
      )}
      <Looks zone={zone} />
      <Findings zone={zone} walking={walking} />
      <Photos zone={zone} />
      {next && mayEdit && (
        <p className="flex items-start gap-2 bg-tape/40 p-3 text-sm">
          <MapPin size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
          <span>
            <strong>Measure next</strong> at the cross: {Math.round(next.uMm)} mm back, {Math.round(next.vMm)} mm{' '}
            {zone.upright ? 'up' : 'across'}. {next.why}
          </span>
        </p>
      )}
    </div>
  );
}

function Measured({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { facts, state, grade, store, mayEdit } = useInspection();
  const { unit } = usePreferences().preferences;
  const readings = recordsOf(state.records, 'reading').filter((r) => r.body.zone === zone.slug);
  const paint = grade?.paint.zones.find((z) => z.zone === zone.slug);
  const twin = zone.twin ? grade?.paint.zones.find((z) => z.zone === zone.twin) : undefined;
  const [open, setOpen] = useState(false);
  const last = readings[readings.length - 1];
  if (!zone.aspects.includes('paint')) return null;
  if (paint?.unreadable || zone.metal === 'glass-fibre')
    return <p className="text-sm text-soft">A thickness gauge cannot read on {zone.metal.replace('-', ' ')}.</p>;
  if (!paint || readings.length === 0)
    return (
      <p className="border border-dashed border-ink/50 p-3 text-sm">
        No reading here yet. Type what the gauge shows, such as 131 128 over.
      </p>
    );
  const { value, low, high } = paint.medianUm;
  const profile = facts.profiles[0]!;
  return (
    <section aria-label="Readings" className="grid gap-2">
      <StripPlot
        readings={readings.map((r) => r.body)}
        profile={profile}
        unit={unit}
        ceilingUm={walking.ceilingUm}
        twinUm={twin?.medianUm.value ?? null}
      />
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
      </div>
      {paint.state?.[profile.id] && <Chances chances={paint.state[profile.id]!} />}
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
              {mayEdit && (
                <button
                  type="button"
                  className="grid size-9 place-items-center"
                  aria-label={`Take reading ${r.body.typed.text} out`}
                  onClick={() => store.remove(r.id)}
                >
                  <Trash2 size={15} aria-hidden="true" />
                </button>
              )}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

function Looks({ zone }: { zone: Zone }) {
  const { grade, store, mayEdit } = useInspection();
  const { words } = usePreferences().preferences;
  const [blocking, setBlocking] = useState(false);
  const cells = grade?.coverage.cells.filter((c) => c.zone.slug === zone.slug) ?? [];
  const enter = (aspects: readonly Aspect[], outcome: 'clean' | 'blocked', why: BlockedBy | null) => {
    const at = new Date().toISOString();
    store.put(aspects.map((aspect) => ({ kind: 'look', body: { zone: zone.slug, aspect, outcome, why, at } })));
    setBlocking(false);
  };
  return (
    <section aria-label="Looks" className="grid gap-2">
      <ul className="flex flex-wrap gap-1.5">
        {cells.map((c) => (
          <li key={c.aspect}>
            <button
              type="button"
              disabled={!mayEdit || c.status === 'findings'}
              onClick={() => enter([c.aspect], 'clean', null)}
              title={c.status === 'unseen' ? 'Press when seen and clean' : undefined}
              className={`flex min-h-11 items-center gap-1.5 rounded-cut border px-2.5 text-sm disabled:cursor-default ${c.status === 'unseen' ? 'border-dashed border-ink/60' : c.status === 'blocked' ? 'border-pin' : 'border-ink/70 bg-wash'}`}
            >
              {c.status === 'clean' && <Check size={15} aria-hidden="true" />}
              {c.status === 'blocked' && <Ban size={15} className="text-pin" aria-hidden="true" />}
              {c.status === 'findings' && <span className="figure text-xs font-bold">{c.findings.length}</span>}
              {term(ASPECT_WORDS, c.aspect, words)}
              <span className="text-xs text-soft">
                {c.status === 'unseen'
                  ? 'not seen'
                  : c.status === 'blocked'
                    ? c.why
                      ? BLOCKED_WORDS[c.why]
                      : 'blocked'
                    : c.status === 'clean'
                      ? 'clean'
                      : 'found'}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {mayEdit && (
        <div className="grid grid-cols-2 gap-2">
          <button
            type="button"
            className="btn"
            onClick={() =>
              enter(
                cells.filter((c) => c.status !== 'findings').map((c) => c.aspect),
                'clean',
                null,
              )
            }
          >
            <Check size={18} aria-hidden="true" /> Seen, clean
          </button>
          <button type="button" className="btn" aria-expanded={blocking} onClick={() => setBlocking(!blocking)}>
            <Ban size={18} aria-hidden="true" /> Blocked
          </button>
        </div>
      )}
      {blocking && (
        <fieldset className="grid gap-1.5 border border-line p-2">
          <legend className="px-1 text-sm font-semibold">Why?</legend>
          <div className="flex flex-wrap gap-1.5">
            {BLOCKED_BY.map((why) => (
              <button
                key={why}
                type="button"
                className="btn btn-small min-h-11 font-medium"
                onClick={() =>
                  enter(
                    cells.filter((c) => c.status === 'unseen' || c.status === 'blocked').map((c) => c.aspect),
                    'blocked',
                    why,
                  )
                }
              >
                {BLOCKED_WORDS[why]}
              </button>
            ))}
          </div>
        </fieldset>
      )}
    </section>
  );
}

function Findings({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { state, store, mayEdit } = useInspection();
  const { words } = usePreferences().preferences;
  const [sheet, setSheet] = useState<'new' | StoredRecord<'finding'> | null>(null);
  const findings = recordsOf(state.records, 'finding').filter((f) => f.body.zone === zone.slug);
  return (
    <section aria-label="Findings" className="grid gap-2">
      {findings.length > 0 && (
        <ul className="divide-y divide-line border-y border-line">
          {findings.map((f) => (
            <li key={f.id} className="flex items-start gap-2.5 py-2">
              <PinHead family={flawById(f.body.flaw).family} severity={severity(f.body)} size={22} />
              <button
                type="button"
                disabled={!mayEdit}
                className="min-w-0 flex-1 text-left"
                onClick={() => setSheet(f)}
              >
                <span className="block font-semibold first-letter:uppercase">
                  {f.body.count > 1 && `${f.body.count} × `}
                  {flawName(f.body.flaw, words)}
                </span>
                <span className="block text-sm text-soft">{findingExtent(f.body)}</span>
              </button>
              <EvidenceStamp evidence={f.body.evidence} />
              {mayEdit && (
                <button
                  type="button"
                  className="-mt-2 grid size-11 place-items-center"
                  aria-label={`Take ${flawName(f.body.flaw, words)} out`}
                  onClick={() => store.remove(f.id)}
                >
                  <Trash2 size={16} aria-hidden="true" />
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      {mayEdit && (
        <button type="button" className="btn" onClick={() => setSheet('new')} data-key="finding">
          Add finding
        </button>
      )}
      {sheet && (
        <FindingSheet
          zone={zone}
          finding={sheet === 'new' ? null : sheet}
          place={walking.place}
          onClose={() => setSheet(null)}
        />
      )}
    </section>
  );
}

/** Size, share and place of a finding in one line. */
export function findingExtent(
  f: Pick<StoredRecord<'finding'>['body'], 'sizeMm' | 'share' | 'where' | 'touchedIn' | 'visibleFromM' | 'withheld'>,
): string {
  return [
    f.sizeMm ? `${f.sizeMm} mm` : '',
    f.share ? `${Math.round(f.share * 100)} % of it` : '',
    f.where,
    f.touchedIn ? 'touched in' : '',
    f.visibleFromM ? `seen from ${f.visibleFromM} m` : '',
    f.withheld ? `left out of the report: ${f.withheld}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

function Photos({ zone }: { zone: Zone }) {
  const { state, store, mayEdit } = useInspection();
  const photos = recordsOf(state.records, 'photo').filter((p) => p.body.zone === zone.slug);
  return (
    <section aria-label="Photos" className="grid gap-2">
      <PhotoStrip photos={photos} {...(mayEdit && { onRemove: (id: string) => store.remove(id) })} />
      <PhotoDrop zone={zone.slug} />
    </section>
  );
}
