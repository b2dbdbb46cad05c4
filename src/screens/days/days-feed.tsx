import { CalendarSync } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { askServer } from '@/ui/ask-server';

/** Addresses under which people's own calendars follow the kept plan; whoever knows one reads it. */
export function DaysFeed({
  saleId,
  token,
  inspectors,
}: {
  saleId: string;
  token: string | null;
  inspectors: readonly string[];
}) {
  const [held, setHeld] = useState(token);
  const [busy, setBusy] = useState(false);
  const set = async (open: boolean) => {
    setBusy(true);
    const answer = await askServer(
      `/api/v1/sales/${saleId}/days/feed`,
      open ? 'PUT' : 'DELETE',
      open ? { open: true } : {},
    );
    setBusy(false);
    if (answer.ok) setHeld(open ? String(answer.body.token) : null);
    else toast(answer.message);
  };
  const origin = typeof window === 'undefined' ? '' : window.location.origin;
  return (
    <section className="sheet grid gap-2 p-4" aria-label="Calendar feeds">
      <h2 className="flex items-center gap-2 font-bold">
        <CalendarSync size={18} aria-hidden="true" /> Calendar feeds
      </h2>
      <p className="text-sm text-soft">
        A person’s own calendar follows the plan that was kept. Whoever knows an address reads it: give each to its
        person alone.
      </p>
      {held && (
        <ul className="grid gap-1 text-sm">
          {inspectors.map((name, i) => (
            <li key={name} className="flex flex-wrap items-baseline gap-2">
              <span className="min-w-32 font-semibold">{name}</span>
              <code className="figure min-w-0 break-all">{`${origin}/d/${held}/${i + 1}.ics`}</code>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-small" disabled={busy} onClick={() => void set(true)}>
          {held ? 'New addresses; the old ones tell nothing' : 'Open feeds'}
        </button>
        {held && (
          <button type="button" className="btn btn-small" disabled={busy} onClick={() => void set(false)}>
            Shut them
          </button>
        )}
      </div>
    </section>
  );
}
