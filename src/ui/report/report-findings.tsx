import { boxOf } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import { type Plan, toSheet } from '@/core/body/plan';
import { VIEWS, type Zone } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import type { StoredRecord } from '@/core/kinds';
import { type PhotoPair, pairOf } from '@/core/photo/pairs';
import type { NumberedFinding } from '@/report/numbered';
import { countedName, flawCause } from '@/words/flaws';
import { extentText } from '@/words/report';
import { REMEDY_WORDS, term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { PinHead } from '../glyphs';
import { EvidenceStamp } from '../parts/evidence-stamp';

interface Props {
  readonly findings: readonly NumberedFinding[];
  readonly photos: readonly StoredRecord<'photo'>[];
  readonly plan: Plan;
  readonly wording: Wording;
  readonly photoBase: string;
}

/** Every finding with its place, extent, evidence and pictures. */
export function FindingsList({ findings, photos, plan, wording, photoBase }: Props) {
  return (
    <section className="grid gap-3" aria-label="Findings">
      <h2 className="text-xl font-bold">Findings</h2>
      {findings.length === 0 && <p>Nothing was found in what was looked at. See below for what was not.</p>}
      {VIEWS.filter((v) => findings.some((f) => f.view === v)).map((view) => (
        <div key={view}>
          <h3 className="border-b-2 border-ink pb-1 font-bold first-letter:uppercase">
            {term(VIEW_WORDS, view, wording.words)}
          </h3>
          <ol>
            {findings
              .filter((f) => f.view === view)
              .map((f) => (
                <Item
                  key={f.record.id}
                  finding={f}
                  pair={pairOf(f.record, photos)}
                  zone={plan.zones.get(f.record.body.zone)!}
                  wording={wording}
                  photoBase={photoBase}
                />
              ))}
          </ol>
        </div>
      ))}
    </section>
  );
}

function Item({
  finding,
  pair,
  zone,
  wording,
  photoBase,
}: {
  finding: NumberedFinding;
  pair: PhotoPair;
  zone: Zone;
  wording: Wording;
  photoBase: string;
}) {
  const { body: f } = finding.record;
  const flaw = flawById(f.flaw);
  const photos = [...(pair.far ? [pair.far] : []), ...pair.near];
  const cause = flawCause(f.flaw, wording.words);
  return (
    <li
      id={`finding-${finding.number}`}
      className="grid grid-cols-[2.2rem_1fr] gap-x-3 gap-y-2 border-b border-line py-3 sm:grid-cols-[2.2rem_1fr_110px]"
    >
      <span className="figure grid content-start justify-items-center gap-1 text-lg font-bold">
        {finding.number}
        <PinHead family={flaw.family} severity={severity(f)} size={20} />
      </span>
      <div className="min-w-0">
        <p className="flex flex-wrap items-center gap-2">
          <strong className="first-letter:uppercase">
            {zoneName(zone.slug, wording)}: {countedName(f, wording.words)}
          </strong>
          <EvidenceStamp evidence={f.evidence} />
        </p>
        <p>{extentText(f)}</p>
        {f.note && <p>{f.note}</p>}
        <p className="text-sm text-soft">
          {cause && `Usually: ${cause}. `}Possible remedy: {flaw.remedies.map((r) => REMEDY_WORDS[r]).join(', or ')}.
        </p>
        {photos.length > 0 && (
          <ul className="mt-2 flex flex-wrap gap-2">
            {photos.map((p) => (
              <li key={p.id} className="relative">
                <a href={`${photoBase}/${p.body.sha256}/2048`}>
                  {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
                  <img
                    src={`${photoBase}/${p.body.sha256}/320`}
                    alt={`${p.body.caption || p.body.name}${p.body.drawn ? ' (drawn picture)' : ''}`}
                    width={240}
                    height={180}
                    loading="lazy"
                    className="aspect-4/3 w-60 max-w-full rounded-cut border border-line object-cover"
                  />
                </a>
                <span className="block w-60 max-w-full text-sm text-soft">
                  {p === pair.far && <strong>From afar: </strong>}
                  {p.body.caption} {p.body.drawn && <span className="stamp">drawn</span>}
                </span>
              </li>
            ))}
          </ul>
        )}
      </div>
      <ZoneMini zone={zone} place={f.place} />
    </li>
  );
}

/** The zone's outline alone with a dot where the finding is. */
function ZoneMini({ zone, place }: { zone: Zone; place: { uMm: number; vMm: number } | null }) {
  const box = boxOf(zone.outline);
  const size = Math.max(box.maxX - box.minX, box.maxY - box.minY);
  const pad = size * 0.06;
  const at = place ? toSheet(zone, place) : null;
  return (
    <svg
      className="col-start-2 h-16 w-24 sm:col-start-3"
      viewBox={`${box.minX - pad} ${box.minY - pad} ${box.maxX - box.minX + 2 * pad} ${box.maxY - box.minY + 2 * pad}`}
      aria-hidden="true"
    >
      <path d={pathOf(zone.outline)} fill="var(--wash)" stroke="var(--cut)" strokeWidth={size / 60} />
      {at && <circle cx={at[0]} cy={at[1]} r={size / 22} fill="var(--ink)" />}
    </svg>
  );
}
