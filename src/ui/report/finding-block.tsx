import { boxOf } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import { type Plan, toSheet } from '@/core/body/plan';
import type { Zone } from '@/core/body/zone';
import type { FindingRow } from '@/report/block';
import { filmTime } from '@/words/film-time';
import { PinHead } from '../glyphs';
import { EvidenceStamp } from '../parts/evidence-stamp';
import { Behind } from './behind';
import type { BlockOf } from './blocks';
import { MomentLink } from './moment-link';
import { Picture } from './picture-block';

/** Every finding with its place, extent, evidence and pictures, view by view. */
export function FindingGroups({
  block,
  plan,
  photos,
  films,
  ask,
  onRecord,
}: {
  block: BlockOf<'findings'>;
  plan: Plan;
  photos: string;
  films: string;
  ask?: string | undefined;
  onRecord?: string | undefined;
}) {
  return block.groups.map(({ title, findings }) => (
    <div key={title}>
      <h3 className="border-b-2 border-ink pb-1 font-bold">{title}</h3>
      <ol>
        {findings.map((f) => (
          <Item
            key={f.id}
            finding={f}
            zone={plan.zones.get(f.zone)}
            photos={photos}
            films={films}
            ask={ask}
            onRecord={onRecord}
          />
        ))}
      </ol>
    </div>
  ));
}

function Item({
  finding: f,
  zone,
  photos,
  films,
  ask,
  onRecord,
}: {
  finding: FindingRow;
  zone: Zone | undefined;
  photos: string;
  films: string;
  ask: string | undefined;
  onRecord: string | undefined;
}) {
  return (
    <li
      id={`finding-${f.number}`}
      className="grid grid-cols-[2.2rem_1fr] gap-x-3 gap-y-2 border-b border-line py-3 sm:grid-cols-[2.2rem_1fr_110px]"
    >
      <span className="figure grid content-start justify-items-center gap-1 text-lg font-bold">
        {f.number}
        <PinHead family={f.family} severity={f.severity} size={20} />
      </span>
      <div className="min-w-0">
        <p className="flex flex-wrap items-center gap-2">
          <strong>{f.title}</strong>
          <Behind rests={{ ids: [f.id] }} onRecord={onRecord} says={`${f.evidence}: what is on record`}>
            <EvidenceStamp evidence={f.evidence} />
          </Behind>
        </p>
        {f.lines.map((line) => (
          <p key={line}>{line}</p>
        ))}
        <p className="text-sm text-soft">{f.aside}</p>
        {f.moments && f.moments.length > 0 && (
          <p className="mt-1 flex flex-wrap gap-2">
            {f.moments.map((m) => (
              <MomentLink key={`${m.film} ${m.fromS}`} moment={m} films={films} className="btn btn-small">
                In the film at {filmTime(m.fromS)}
              </MomentLink>
            ))}
          </p>
        )}
        {ask && (
          <a
            href={`${ask}?about=${encodeURIComponent(`finding|${f.id}`)}#ask`}
            className="inline-grid min-h-9 content-center text-sm underline"
          >
            Ask about this
          </a>
        )}
        {f.pictures.length > 0 && (
          <ul className="mt-2 flex flex-wrap gap-2">
            {f.pictures.map((p) => (
              <li key={p.sha256} className="relative">
                <Picture picture={p} photos={photos} className="w-60 max-w-full" />
              </li>
            ))}
          </ul>
        )}
      </div>
      {zone && <ZoneMini zone={zone} place={f.place} />}
    </li>
  );
}

/** The zone's outline alone with a dot where the finding is. */
export function ZoneMini({ zone, place }: { zone: Zone; place: FindingRow['place'] }) {
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
