'use client';

import { Download, Stamp } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { type Missing, missingFrom } from '@/core/judge/judge';
import { roleMay, seesOwnOnly } from '@/core/people/roles';
import { writeBundle } from '@/core/records/bundle';
import type { OpenedSnapshot } from '@/report/read-snapshot';
import { takeSnapshot } from '@/report/snapshot';
import { Exports } from '@/ui/parts/exports';
import { Modal } from '@/ui/parts/modal';
import { usePreferences, useUnit, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { ReportView } from '@/ui/report/report-view';
import { dayText } from '@/words/dates';
import { missingText } from '@/words/missing';
import { plural } from '@/words/plural';
import { type Lending, Lendings } from './lendings';
import { Links, type ShareLink } from './links';
import { LogCheck } from './log-check';
import { OnSalePage } from './on-sale-page';
import { Questions } from './questions';

export interface Revision {
  readonly id: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed' | 'given-up';
  /** Why it was begun; empty for a first one. */
  readonly reason: string;
  readonly sealedAt: string | null;
  readonly sha256: string | null;
}

async function ask(
  path: string,
  body: object = {},
  method: 'POST' | 'DELETE' = 'POST',
): Promise<{ ok: boolean; message: string }> {
  try {
    const response = await fetch(path, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer = await response.json().catch(() => ({}));
    return { ok: response.ok, message: answer.message ?? 'Something went wrong. Nothing was changed.' };
  } catch {
    return { ok: false, message: 'The server does not answer. Nothing was changed; try again.' };
  }
}

/** What the server knows of a lot's release. */
export interface ReleaseProps {
  readonly revisions: readonly Revision[];
  readonly links: readonly ShareLink[];
  /** Whether it stands on the sale's page, and where that is. */
  readonly published: boolean;
  readonly salePage: string | null;
  /** Who may be lent this lot; null for whoever may not lend. */
  readonly lendings?: readonly Lending[] | null;
  /** What was sealed, of a sealed lot; null of another, and where there is no network. */
  readonly sealed: OpenedSnapshot | null;
}

/** What is missing, the preview, the seal, revisions and links. */
export function Report({ revisions, links, published, salePage, lendings = null, sealed }: ReleaseProps) {
  const { facts, state, car, away, judgement } = useInspection();
  const router = useRouter();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const { words } = usePreferences().preferences;
  const [asking, setAsking] = useState<'seal' | 'revision' | 'give-up' | null>(null);
  const [busy, setBusy] = useState(false);
  const records = useMemo(() => [...state.records.values()], [state.records]);
  const missing = useMemo(() => missingFrom(judgement, records), [judgement, records]);
  const isSealed = facts.state === 'sealed';
  const preview = useMemo(() => {
    if (isSealed) return null;
    const bundle = writeBundle(
      { id: facts.lot.id, number: facts.lot.number, title: facts.lot.title, sale: facts.sale.name },
      { id: facts.id, revision: facts.revision, state: facts.state },
      records,
    );
    const sealedAt = new Date(0).toISOString();
    return takeSnapshot({
      bundle,
      sale: { name: facts.sale.name, closesOn: facts.sale.closesOn, timeZone: facts.sale.timeZone ?? 'UTC' },
      sealedAt,
      sealedBy: facts.me,
      onYear: facts.onYear,
      tables: facts.tables,
    });
  }, [facts, records, isSealed]);
  const shown: OpenedSnapshot | null = isSealed
    ? sealed
    : preview?.ok
      ? { snapshot: preview.snapshot, unreadable: [] }
      : null;
  const act = async (path: string, done: string, body?: object, method?: 'DELETE') => {
    setBusy(true);
    const result = await ask(path, body, method);
    setBusy(false);
    setAsking(null);
    toast(result.ok ? done : result.message);
    if (result.ok) router.refresh();
  };
  const blocked = missing.some((m) => m.blocks);
  const api = `/api/v1/inspections/${facts.id}`;
  const manager = roleMay(facts.role, 'manage');
  const enters = roleMay(facts.role, 'enter');
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
          {facts.state !== 'sealed' && enters && (
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
              onClick={() => setAsking('seal')}
            >
              <Stamp size={18} aria-hidden="true" /> Seal report
            </button>
          )}
          {facts.state !== 'sealed' && !manager && <p className="text-sm text-soft">A manager seals the report.</p>}
          {facts.state === 'sealed' && enters && (
            <button type="button" className="btn" disabled={busy} onClick={() => setAsking('revision')}>
              Start revision {facts.revision + 1}
            </button>
          )}
          {facts.state !== 'sealed' && facts.revision > 1 && enters && (
            <button type="button" className="btn" disabled={busy} onClick={() => setAsking('give-up')}>
              Give up revision {facts.revision}
            </button>
          )}
          {facts.state !== 'sealed' && facts.reason && (
            <p className="text-sm">
              <strong>Begun because:</strong> {facts.reason}
            </p>
          )}
          {facts.state === 'sealed' && (
            <a className="btn" href={`${api}/report`}>
              <Download size={16} aria-hidden="true" /> Sealed report as JSON
            </a>
          )}
        </div>
        {!away && <Questions />}
        {facts.state !== 'sealed' && <MissingList missing={missing} />}
        {!away && <Exports inspection={facts.id} mayMake={!seesOwnOnly(facts.role)} />}
        {lendings && <Lendings lotId={facts.lot.id} lendings={lendings} />}
        {!away && roleMay(facts.role, 'publish') && (
          <OnSalePage
            lotId={facts.lot.id}
            published={published}
            salePage={salePage}
            sealed={revisions.some((r) => r.sealedAt)}
          />
        )}
        <Links
          lotId={facts.lot.id}
          links={links}
          mayPublish={roleMay(facts.role, 'publish')}
          sealed={revisions.some((r) => r.sealedAt)}
          timeZone={facts.sale.timeZone ?? 'UTC'}
        />
        <div className="grid gap-1">
          <h2 className="text-lg font-bold">Revisions</h2>
          <ul className="grid gap-2 text-sm">
            {revisions.map((r) => (
              <li key={r.id}>
                <strong>{r.revision}</strong>{' '}
                {r.sealedAt ? `sealed ${dayText(r.sealedAt, facts.sale.timeZone)}` : r.state}
                {r.reason && <span className="block">{r.reason}</span>}
                {r.sha256 && <span className="figure block text-xs break-all text-soft">{r.sha256}</span>}
              </li>
            ))}
          </ul>
        </div>
        <LogCheck inspection={facts.id} />
      </section>
      <div className="order-1 min-h-0 lg:overflow-y-auto">
        {shown ? (
          <ReportView
            snapshot={shown.snapshot}
            unreadable={shown.unreadable}
            wording={wording}
            unit={unit}
            photos="/api/v1/photos"
            films="/api/v1/films"
            state={facts.state === 'sealed' ? 'sealed' : 'draft'}
          />
        ) : (
          <p className="p-6 text-lg">
            {isSealed
              ? 'This report is sealed. It is shown as it was sealed, once you are connected.'
              : 'The report takes form once the car is stated at intake: its body style gives the plan.'}
          </p>
        )}
      </div>
      {asking === 'seal' && (
        <Modal title={`Seal revision ${facts.revision}?`} onClose={() => setAsking(null)}>
          <div className="grid gap-4">
            <p>
              A sealed report cannot be changed. It is hashed and signed, and bidders with a link see it. Corrections
              become revision {facts.revision + 1}, with this one kept.
            </p>
            {missing.length > 0 && (
              <p>
                A bidder would still ask about {plural(missing.length, 'thing')}:{' '}
                {missing.map((m) => missingText(m, words)).join(' ')}
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
      {asking === 'revision' && (
        <Modal title={`Start revision ${facts.revision + 1}?`} onClose={() => setAsking(null)}>
          <ReasonForm
            busy={busy}
            onGive={(reason) =>
              act(`${api}/revision`, 'A new revision is open; entries can be made again.', { reason })
            }
          />
        </Modal>
      )}
      {asking === 'give-up' && (
        <Modal title={`Give up revision ${facts.revision}?`} onClose={() => setAsking(null)}>
          <div className="grid gap-4">
            <p>
              The sealed report before it stands again, as if this revision had not been begun. What was entered in it
              stays in the log and in no report.
            </p>
            <button
              type="button"
              className="btn btn-main"
              disabled={busy}
              onClick={() => act(`${api}/revision`, 'The revision is given up.', {}, 'DELETE')}
            >
              Give up revision
            </button>
          </div>
        </Modal>
      )}
    </main>
  );
}

/** Why a sealed report is corrected: bidders read it above what changed. */
function ReasonForm({ busy, onGive }: { busy: boolean; onGive: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        onGive(reason);
      }}
    >
      <p>
        The sealed report stays as it is, and its links go on showing it until the new revision is sealed. Bidders then
        see what changed, and why.
      </p>
      <label className="grid gap-1 text-sm font-semibold">
        Why is it corrected?
        <textarea
          className="field py-2 font-normal"
          rows={2}
          maxLength={500}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-main" disabled={busy || reason.trim().length < 3}>
        Start revision
      </button>
    </form>
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
