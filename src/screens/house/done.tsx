import { Link } from '@/ui/parts/link';
import { AUDIT_SAYS, auditDetail } from '@/words/audit';
import { momentText } from '@/words/dates';

export interface DoneEvent {
  readonly id: number;
  readonly at: string;
  readonly who: string;
  readonly what: string;
  readonly lotId: string | null;
  readonly detail: Readonly<Record<string, unknown>>;
}

/** The same thing done many times in a row, such as adding pictures, as one line under the newest moment. */
function joined(events: readonly DoneEvent[]): (DoneEvent & { times: number })[] {
  const lines: (DoneEvent & { times: number })[] = [];
  for (const e of events) {
    const last = lines.at(-1);
    const same = last && last.what === e.what && last.who === e.who && last.lotId === e.lotId;
    if (same && auditDetail(e.detail) === auditDetail(last.detail)) last.times++;
    else lines.push({ ...e, times: 1 });
  }
  return lines;
}

/** What was done besides entering records, newest first; nobody can change or take out a line. */
export function Done({ events }: { events: readonly DoneEvent[] }) {
  return (
    <section aria-labelledby="done" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <h2 id="done" className="flex-1 text-lg font-bold">
          What was done
        </h2>
        <a className="btn btn-small" href="/api/v1/audit?format=csv" download>
          All as CSV
        </a>
        <a className="btn btn-small" href="/api/v1/audit?format=json" download>
          All as JSON
        </a>
      </div>
      {events.length === 0 && <p className="text-soft">Nothing yet.</p>}
      <ol className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
        {joined(events).map(({ times, ...e }) => (
          <li key={e.id} className="flex flex-wrap gap-x-4 bg-card px-3 py-1.5 text-sm">
            <span className="w-44 shrink-0 text-soft">{momentText(e.at)}</span>
            <span className="min-w-0 flex-1">
              <strong>{e.who || (e.what === 'link-opened' ? 'A stranger' : 'The program')}</strong>{' '}
              {AUDIT_SAYS[e.what as keyof typeof AUDIT_SAYS] ?? e.what}
              {times > 1 && `, ${times} times`}
              <span className="block wrap-anywhere text-soft">{auditDetail(e.detail)}</span>
            </span>
            {e.lotId && (
              <Link className="underline" href={`/lots/${e.lotId}/report`}>
                lot
              </Link>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
