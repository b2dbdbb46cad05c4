'use client';

import { ChevronLeft, ChevronRight, MapPin, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Zone } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { severity } from '@/core/findings/loss';
import type { StoredRecord } from '@/core/kinds';
import { rangeOf, withoutOverview } from '@/core/photo/pairs';
import { recordsOf } from '@/core/records/reduce';
import { thicknessText } from '@/core/units/thickness';
import { PinHead } from '@/ui/glyphs';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { PhotoStrip } from '@/ui/parts/photo-strip';
import { RecordHistory } from '@/ui/parts/record-history';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { countedName, flawName } from '@/words/flaws';
import { whyNextText } from '@/words/paint';
import { extentText } from '@/words/report';
import { METAL_WORDS, term } from '@/words/terms';
import { zoneName, zoneWords } from '@/words/zones';
import { FindingSheet } from './finding-sheet';
import { Looks } from './looks';
import { Marks } from './marks';
import { Measured } from './measured';
import { PhotoDrop } from './photo-drop';
import type { Walking } from './walking';

/** Everything known of the zone in hand, and what can be done there. */
export function ZoneCard({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { plan, car, mayEdit, judgement } = useInspection();
  const wording = useWording(car?.steering);
  const { unit, words } = usePreferences().preferences;
  const lap = plan!.lap[zone.view];
  const twin = zone.twin ? judgement?.paint.zones.find((z) => z.zone === zone.twin) : undefined;
  const next = judgement?.paint.next.find((n) => n.zone === zone.slug);
  return (
    <div className="grid gap-3 p-3 sm:p-4">
      <div className="sticky top-0 z-10 -mx-3 -mt-3 flex items-center gap-1 border-b border-line bg-card px-3 py-1.5 sm:-mx-4 sm:-mt-4 sm:px-4">
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
      <Marks zone={zone} />
      <Photos zone={zone} walking={walking} />
      {next && mayEdit && (
        <p className="flex items-start gap-2 bg-tape/40 p-3 text-sm">
          <MapPin size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
          <span>
            <strong>Measure next</strong> at the cross: {Math.round(next.uMm)} mm back, {Math.round(next.vMm)} mm{' '}
            {zone.upright ? 'up' : 'across'}. {whyNextText(next.why)}
          </span>
        </p>
      )}
    </div>
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
                  {f.body.flaw === OWN_WORDS ? `“${f.body.note}”` : countedName(f.body, words)}
                </span>
                <span className="block text-sm text-soft">
                  {[
                    f.body.flaw === OWN_WORDS ? 'in own words' : f.body.note && `“${f.body.note}”`,
                    extentText(f.body),
                    f.body.withheld ? `left out of the report: ${f.body.withheld}` : '',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </button>
              <EvidenceStamp evidence={f.body.evidence} />
              <span className="-mt-2">
                <RecordHistory record={f.id} title={flawName(f.body.flaw, words)} />
              </span>
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

/** The lap's first pass: an overview of every panel, before going near for each finding. */
function FirstPass({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { plan, state, car } = useInspection();
  const wording = useWording(car?.steering);
  const photos = recordsOf(state.records, 'photo');
  const owed = withoutOverview(plan!, zone.view, photos);
  if (photos.length === 0 || owed.length === 0) return null;
  const all = plan!.lap[zone.view].length;
  const next = owed.find((z) => z !== zone.slug && plan!.zones.get(z)!.lap > zone.lap) ?? owed[0]!;
  return (
    <p className="flex items-center gap-2 text-sm text-soft">
      <span className="min-w-0 flex-1">
        First pass: {all - owed.length} of {all} from afar.
        {owed.includes(zone.slug) && ' This one not yet.'}
      </span>
      {next !== zone.slug && (
        <button type="button" className="btn btn-small" onClick={() => walking.go(next)}>
          Next: {zoneWords(next, wording)}
        </button>
      )}
    </p>
  );
}

function Photos({ zone, walking }: { zone: Zone; walking: Walking }) {
  const { state, store, mayEdit } = useInspection();
  const photos = recordsOf(state.records, 'photo').filter((p) => p.body.zone === zone.slug);
  return (
    <section aria-label="Photos" className="grid gap-2">
      {(['far', 'near'] as const).map((range) => {
        const own = photos.filter((p) => rangeOf(p) === range);
        if (own.length === 0) return null;
        return (
          <div key={range} className="grid gap-1">
            <h3 className="text-xs font-semibold text-soft">{range === 'far' ? 'Overview' : 'Close-ups'}</h3>
            <PhotoStrip
              photos={own}
              {...(mayEdit && {
                onRemove: (id: string) => store.remove(id),
                more: (photo: StoredRecord<'photo'>) => <ShownOn photo={photo} zone={zone} />,
              })}
            />
          </div>
        );
      })}
      {mayEdit && <FirstPass zone={zone} walking={walking} />}
      <PhotoDrop zone={zone.slug} />
    </section>
  );
}

/** What an open picture shows: the whole panel, a detail of it, or one of its findings. */
function ShownOn({ photo, zone }: { photo: StoredRecord<'photo'>; zone: Zone }) {
  const { state, store } = useInspection();
  const { words } = usePreferences().preferences;
  const findings = recordsOf(state.records, 'finding').filter((f) => f.body.zone === zone.slug);
  const value = photo.body.finding ?? rangeOf(photo);
  const choose = (to: string) => {
    const finding = to === 'far' || to === 'near' ? null : to;
    const range = to === 'far' || to === 'near' ? to : null;
    store.put([{ kind: 'photo', id: photo.id, body: { ...photo.body, finding, range }, upon: photo.version }]);
  };
  return (
    <label className="flex items-center gap-2 font-semibold">
      Shows
      <select className="field w-auto font-normal" value={value} onChange={(e) => choose(e.target.value)}>
        <option value="far">the panel from afar</option>
        <option value="near">a detail</option>
        {findings.map((f) => (
          <option key={f.id} value={f.id}>
            {flawName(f.body.flaw, words)} {f.body.where}
          </option>
        ))}
      </select>
    </label>
  );
}
