import type { StoredRecord } from '@/core/kinds';
import type { Proposal } from '@/core/photo/propose-zone';
import { momentText } from '@/words/dates';

/** One picture with its place, or the one proposed. */
export function Tile({
  photo,
  name,
  proposal,
  proposed,
  chosen,
  onToggle,
}: {
  photo: StoredRecord<'photo'>;
  name: string | null;
  proposal: Proposal | undefined;
  proposed: string;
  chosen: boolean;
  onToggle: () => void;
}) {
  const { body: p } = photo;
  const label = p.caption || p.name;
  return (
    <li
      className={`grid content-start gap-1 rounded-cut border p-1.5 ${chosen ? 'border-2 border-thread bg-wash' : 'border-line bg-card'}`}
    >
      <label className="relative block" htmlFor={`choose-${photo.id}`}>
        {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
        <img
          src={`/api/v1/photos/${p.sha256}/320`}
          alt={label}
          width={320}
          height={240}
          loading="lazy"
          className="aspect-4/3 w-full rounded-cut object-cover"
        />
        <input
          id={`choose-${photo.id}`}
          type="checkbox"
          className="absolute top-1 left-1 size-7"
          checked={chosen}
          onChange={onToggle}
          aria-label={`Choose ${label}`}
        />
      </label>
      <span className="truncate text-sm font-semibold">{label}</span>
      {name ? (
        <span className="text-sm">{name}</span>
      ) : proposal ? (
        <span className="text-sm">
          <span className="bg-tape px-1 text-tape-ink">{proposed}?</span>{' '}
          <span className="text-xs text-soft">
            {proposal.sure
              ? 'entries before and after'
              : `${proposal.offMin < 1 ? 'under 1' : Math.round(proposal.offMin)} min off`}
          </span>
        </span>
      ) : (
        <span className="text-sm text-soft">no place</span>
      )}
      {p.takenAt && <span className="text-xs text-soft">{momentText(p.takenAt)}</span>}
    </li>
  );
}
