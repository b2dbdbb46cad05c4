'use client';

import { useMemo } from 'react';
import { missingFrom } from '@/core/judge/judge';
import { roleMay, seesOwnOnly } from '@/core/people/roles';
import { writeBundle } from '@/core/records/bundle';
import type { OpenedSnapshot } from '@/report/read-snapshot';
import { takeSnapshot } from '@/report/snapshot';
import { Exports } from '@/ui/parts/exports';
import { useUnit, useWording } from '@/ui/preferences';
import { useInspection, useJudged, useLot } from '@/ui/records/inspection';
import { ReportView } from '@/ui/report/report-view';
import { dayText } from '@/words/dates';
import { type Lending, Lendings } from './lendings';
import { Links, type ShareLink } from './links';
import { LogCheck } from './log-check';
import { MissingList } from './missing-list';
import { OnSalePage } from './on-sale-page';
import { Questions } from './questions';
import { ReleaseActs } from './release-acts';
import { ReleaseAsks } from './release-asks';
import { useRelease } from './use-release';

export interface Revision {
  readonly id: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed' | 'given-up';
  /** Why it was begun; empty for a first one. */
  readonly reason: string;
  readonly sealedAt: string | null;
  readonly sha256: string | null;
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

/** The report as it would be sealed now; null of a sealed one, and where the car has no plan yet. */
function usePreview(): OpenedSnapshot | null {
  const { facts } = useLot();
  // The records with what was judged of them: both are those of the last judgement, so that the preview agrees with itself.
  const judged = useJudged((j) => j);
  return useMemo(() => {
    if (facts.state === 'sealed') return null;
    const { lot, sale } = facts;
    const bundle = writeBundle(
      { id: lot.id, number: lot.number, title: lot.title, sale: sale.name },
      { id: facts.id, revision: facts.revision, state: facts.state },
      [...judged.records.values()],
    );
    const input = {
      bundle,
      sale: { name: sale.name, closesOn: sale.closesOn, timeZone: sale.timeZone ?? 'UTC' },
      sealedAt: new Date(0).toISOString(),
      sealedBy: facts.me,
      onYear: facts.onYear,
      tables: facts.tables,
    };
    const taken = takeSnapshot(input, judged.judgement);
    return taken.ok ? { snapshot: taken.snapshot, unreadable: [] } : null;
  }, [facts, judged]);
}

/** What is missing, the preview, the seal, revisions and links. */
export function Report({ revisions, links, published, salePage, lendings = null, sealed }: ReleaseProps) {
  const { facts, state, away, judgement } = useInspection();
  const release = useRelease();
  const missing = useMemo(() => missingFrom(judgement, [...state.records.values()]), [judgement, state.records]);
  const preview = usePreview();
  const isSealed = facts.state === 'sealed';
  const wasSealed = revisions.some((r) => r.sealedAt);
  const mayPublish = roleMay(facts.role, 'publish');
  return (
    <main className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_340px] lg:overflow-hidden">
      <section
        className="order-2 grid content-start gap-4 border-line bg-card p-4 lg:overflow-y-auto lg:border-l"
        aria-label="Release"
      >
        <ReleaseActs release={release} blocked={missing.some((m) => m.blocks)} />
        {!away && <Questions />}
        {!isSealed && <MissingList missing={missing} />}
        {!away && <Exports inspection={facts.id} mayMake={!seesOwnOnly(facts.role)} />}
        {lendings && <Lendings lotId={facts.lot.id} lendings={lendings} />}
        {!away && mayPublish && (
          <OnSalePage lotId={facts.lot.id} published={published} salePage={salePage} sealed={wasSealed} />
        )}
        <Links
          lotId={facts.lot.id}
          links={links}
          mayPublish={mayPublish}
          sealed={wasSealed}
          timeZone={facts.sale.timeZone ?? 'UTC'}
        />
        <Revisions revisions={revisions} />
        <LogCheck inspection={facts.id} />
      </section>
      <div className="order-1 min-h-0 lg:overflow-y-auto">
        <Shown report={isSealed ? sealed : preview} />
      </div>
      <ReleaseAsks release={release} missing={missing} />
    </main>
  );
}

/** The report as bidders read it, or why there is none yet. */
function Shown({ report }: { report: OpenedSnapshot | null }) {
  const { facts, car } = useInspection();
  const wording = useWording(car?.steering);
  const unit = useUnit();
  const isSealed = facts.state === 'sealed';
  if (!report)
    return (
      <p className="p-6 text-lg">
        {isSealed
          ? 'This report is sealed. It is shown as it was sealed, once you are connected.'
          : 'The report takes form once the car is stated at intake: its body style gives the plan.'}
      </p>
    );
  return (
    <ReportView
      snapshot={report.snapshot}
      unreadable={report.unreadable}
      wording={wording}
      unit={unit}
      photos="/api/v1/photos"
      films="/api/v1/films"
      state={isSealed ? 'sealed' : 'draft'}
    />
  );
}

function Revisions({ revisions }: { revisions: readonly Revision[] }) {
  const { facts } = useLot();
  return (
    <div className="grid gap-1">
      <h2 className="text-lg font-bold">Revisions</h2>
      <ul className="grid gap-2 text-sm">
        {revisions.map((r) => (
          <li key={r.id}>
            <strong>{r.revision}</strong> {r.sealedAt ? `sealed ${dayText(r.sealedAt, facts.sale.timeZone)}` : r.state}
            {r.reason && <span className="block">{r.reason}</span>}
            {r.sha256 && <span className="figure block text-xs break-all text-soft">{r.sha256}</span>}
          </li>
        ))}
      </ul>
    </div>
  );
}
