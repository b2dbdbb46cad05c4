import { Check, MapPin } from 'lucide-react';

/** The camera's clock against the entries' in words. */
function clockText(min: number): string {
  if (min === 0) return 'right';
  const [h, m] = [Math.floor(Math.abs(min) / 60), Math.abs(min) % 60];
  const amount = [h > 0 ? `${h} h` : '', m > 0 ? `${m} min` : ''].filter(Boolean).join(' ');
  return `${amount} ${min > 0 ? 'behind' : 'ahead'}`;
}

/** Hours that a camera's clock may be off by, minutes. */
const HOURS = Array.from({ length: 27 }, (_, i) => (i - 12) * 60);

/** Places proposed from what was entered when the pictures were taken, and how far the camera's clock is off. */
export function ProposedPlaces({
  count,
  used,
  best,
  onClock,
  onAccept,
}: {
  count: number;
  used: number;
  best: number;
  onClock: (min: number) => void;
  onAccept: () => void;
}) {
  return (
    <section className="grid gap-2 bg-tape/40 p-3" aria-label="Proposed places">
      <p className="flex flex-wrap items-center gap-3">
        <MapPin size={18} aria-hidden="true" />
        <span className="min-w-0 flex-1">
          <strong>{count} places proposed</strong> from what was entered when the pictures were taken.
          {used !== 0 && ` The camera’s clock is taken as ${clockText(used)}.`}
        </span>
        <label className="flex items-center gap-2 text-sm">
          Clock
          <select
            className="field w-auto"
            value={used}
            onChange={(e) => onClock(Number(e.target.value))}
            aria-label="Camera’s clock"
          >
            {[...new Set([0, best, used, ...HOURS])]
              .sort((a, b) => a - b)
              .map((m) => (
                <option key={m} value={m}>
                  {clockText(m)}
                </option>
              ))}
          </select>
        </label>
        <button type="button" className="btn btn-main" onClick={onAccept}>
          <Check size={16} aria-hidden="true" /> Accept all {count}
        </button>
      </p>
    </section>
  );
}
