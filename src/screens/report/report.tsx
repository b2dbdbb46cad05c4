'use client';

import { Download, Stamp } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { writeBundle } from '@/core/records/bundle';
import { type Missing, missingFrom } from '@/core/report/missing';
import { takeSnapshot } from '@/core/report/snapshot';
import { Modal } from '@/ui/parts/modal';
import { usePreferences, useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { ReportView } from '@/ui/report/report-view';
import { dayText } from '@/words/dates';
import { missingText } from '@/words/missing';
import { Exports } from './exports';
import { Links, type ShareLink } from './links';
import { LogCheck } from './log-check';

export interface Revision {
  readonly id: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed' | 'given-up';
  readonly sealedAt: string | null;
  readonly sha256: string | null;
}

async function post(path: string, body: object = {}): Promise<{ ok: boolean; message: string }> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer = await response.json().catch(() => ({}));
    return { ok: response.ok, message: answer.message ?? 'Something went wrong. Nothing was changed.' };
  } catch {
    return { ok: false, message: 'The server does not answer. Nothing was changed; try again.' };
  }
}

/** What is missing, the preview, the seal, revisions and links. */
export function Report({ revisions, links }: { revisions: readonly Revision[]; links: readonly ShareLink[] }) {
  const { facts, plan, grade, state, car, away } = useInspection();
  const router = useRouter();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const { words } = usePreferences().preferences;
  const [sealing, setSealing] = useState(false);
  const [busy, setBusy] = useState(false);
  const records = useMemo(() => [...state.records.values()], [state.records]);
  const missing = useMemo(
    () => missingFrom(plan, records, grade?.coverage ?? null, grade?.paint ?? null),
    [plan, records, grade],
  );
  const preview = useMemo(() => {
    const bundle = writeBundle(
      { id: facts.lot.id, number: facts.lot.number, title: facts.lot.title, sale: facts.sale.name },
      { id: facts.id, revision: facts.revision, state: facts.state },
      records,
    );
    const sealedAt = revisions[0]?.sealedAt ?? new Date(0).toISOString();
    return takeSnapshot({
      bundle,
      sale: { name: facts.sale.name, closesOn: facts.sale.closesOn },
      sealedAt,
      sealedBy: facts.me,
      onYear: facts.onYear,
      tables: facts.tables,
      profiles: facts.profiles,
      tolerances: facts.tolerances,
    });
  }, [facts, records, revisions]);
  const act = async (path: string, done: string, body?: object) => {
    setBusy(true);
    const result = await post(path, body);
    setBusy(false);
    setSealing(false);
    toast(result.ok ? done : result.message);
    if (result.ok) router.refresh();
  };
  const blocked = missing.some((m) => m.blocks);
  const api = `/api/v1/inspections/${facts.id}`;
  const manager = facts.role === 'manager';
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_340px] lg:overflow-hidden">
      <section
        className="order-2 grid content-start gap-4 border-line bg-card p-4 lg:overflow-y-auto lg:border-l"
        aria-label="Release"
      >
        <div className="grid gap-2">
          <h2 className="text-lg font-bold">
            {facts.state === 'sealed'
              ? `Revision ${facts.revision} is sealed`
              : `Revision ${facts.revision}, ${facts.state}`}
          </h2>
          {facts.state !== 'sealed' && facts.role !== 'viewer' && (
            <button
              type="button"
              className="btn"
              disabled={busy || state.waiting > 0}
              onClick={() =>
                act(`${api}/state`, facts.state === 'draft' ? 'Marked as reviewed.' : 'Back to draft.', {
                  state: facts.state === 'draft' ? 'reviewed' : 'draft',
                })
              }
            >
              {facts.state === 'draft' ? 'Mark as reviewed' : 'Back to draft'}
            </button>
          )}
          {facts.state !== 'sealed' && manager && (
            <button
              type="button"
              className="btn btn-main"
              disabled={busy || blocked || state.waiting > 0}
              onClick={() => setSealing(true)}
            >
              <Stamp size={18} aria-hidden="true" /> Seal report
            </button>
          )}
          {facts.state !== 'sealed' && !manager && <p className="text-sm text-soft">A manager seals the report.</p>}
          {facts.state === 'sealed' && facts.role !== 'viewer' && (
            <button
              type="button"
              className="btn"
              disabled={busy}
              onClick={() => act(`${api}/revision`, 'A new revision is open; entries can be made again.')}
            >
              Start revision {facts.revision + 1}
            </button>
          )}
          {facts.state === 'sealed' && (
            <a className="btn" href={`${api}/report`}>
              <Download size={16} aria-hidden="true" /> Sealed report as JSON
            </a>
          )}
        </div>
        {facts.state !== 'sealed' && <MissingList missing={missing} />}
        {!away && <Exports inspection={facts.id} mayMake={facts.role !== 'viewer'} />}
        <Links lotId={facts.lot.id} links={links} mayManage={manager} sealed={revisions.some((r) => r.sealedAt)} />
        <div className="grid gap-1">
          <h2 className="text-lg font-bold">Revisions</h2>
          <ul className="grid gap-2 text-sm">
            {revisions.map((r) => (
              <li key={r.id}>
                <strong>{r.revision}</strong> {r.sealedAt ? `sealed ${dayText(r.sealedAt)}` : r.state}
                {r.sha256 && <span className="figure block text-xs break-all text-soft">{r.sha256}</span>}
              </li>
            ))}
          </ul>
        </div>
        <LogCheck inspection={facts.id} />
      </section>
      <div className="order-1 min-h-0 lg:overflow-y-auto">
        {preview.ok ? (
          <ReportView
            snapshot={preview.snapshot}
            wording={wording}
            unit={unit}
            photos="/api/v1/photos"
            state={facts.state === 'sealed' ? 'sealed' : 'draft'}
          />
        ) : (
          <p className="p-6 text-lg">The report takes form once the car is stated at intake.</p>
        )}
      </div>
      {sealing && (
        <Modal title={`Seal revision ${facts.revision}?`} onClose={() => setSealing(false)}>
          <div className="grid gap-4">
            <p>
              A sealed report cannot be changed. It is hashed and signed, and bidders with a link see it. Corrections
              become revision {facts.revision + 1}, with this one kept.
            </p>
            {missing.length > 0 && (
              <p>
                A bidder would still ask about {missing.length} {missing.length === 1 ? 'thing' : 'things'}:{' '}
                {missing
                  .slice(0, 3)
                  .map((m) => missingText(m, words))
                  .join(' ')}
              </p>
            )}
            <button
              type="button"
              className="btn btn-main"
              disabled={busy}
              onClick={() => act(`${api}/seal`, 'The report is sealed.')}
            >
              {busy ? 'Sealing …' : 'Seal report'}
            </button>
          </div>
        </Modal>
      )}
    </main>
  );
}

function MissingList({ missing }: { missing: readonly Missing[] }) {
  const { words } = usePreferences().preferences;
  return (
    <div className="grid gap-2">
      <h2 className="text-lg font-bold">What a bidder would ask</h2>
      {missing.length === 0 && <p className="text-sm">Nothing that the program can think of.</p>}
      <ul className="grid gap-1.5 text-sm">
        {missing.map((m) => (
          <li
            key={`${m.kind}${m.detail}`}
            className={`border-l-4 pl-2 ${m.blocks ? 'border-pin font-semibold' : 'border-ink/30'}`}
          >
            {missingText(m, words)}
          </li>
        ))}
      </ul>
    </div>
  );
}
