import type { Snapshot } from '@/core/report/snapshot';
import type { ThicknessUnit } from '@/core/units/thickness';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { ReportView } from '@/ui/report/report-view';
import { dayText } from '@/words/dates';
import type { Wording } from '@/words/vocabulary';
import { VerifyPanel } from './verify-panel';

interface Props {
  readonly snapshot: Snapshot;
  readonly base: string;
  readonly seal: { sha256: string; signature: string; publicKey: string };
  readonly revisions: readonly { revision: number; sealedAt: string; sha256: string }[];
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  /** Size of the PDF, or null where there is none yet. */
  readonly pdfBytes: number | null;
}

/** The bidder's page: the sealed report, and the means to check that it is what was sealed. */
export function PublicReport({ snapshot, base, seal, revisions, wording, unit, pdfBytes }: Props) {
  return (
    <>
      <header className="border-b border-line bg-card">
        <div className="mx-auto flex max-w-4xl items-center gap-3 px-4 py-2">
          <FarvinMark size={24} />
          <span className="flex-1 text-sm">Inspection report</span>
          {pdfBytes !== null && (
            <a href={`${base}/report.pdf`} className="btn btn-small">
              PDF, {(pdfBytes / 1e6).toFixed(1)} MB
            </a>
          )}
          <ReaderMenu compact signOut={false} />
        </div>
      </header>
      <main>
        <ReportView snapshot={snapshot} wording={wording} unit={unit} photos={`${base}/photos`} state="sealed" />
        <section className="mx-auto grid max-w-4xl gap-3 px-4 pb-12" aria-label="Seal">
          <h2 className="text-xl font-bold">Seal</h2>
          <p>
            Sealed {dayText(snapshot.sealedAt)} by {snapshot.sealedBy}. Nothing in this report can change without its
            hash changing too.
          </p>
          <dl className="grid gap-1 text-sm">
            <dt className="font-semibold">SHA-256</dt>
            <dd className="figure text-xs break-all">{seal.sha256}</dd>
            <dt className="font-semibold">Signing key (Ed25519)</dt>
            <dd className="figure text-xs break-all">{seal.publicKey}</dd>
          </dl>
          <VerifyPanel address={`${base}/report.json`} shown={seal.sha256} />
          {revisions.length > 1 && (
            <p className="text-sm">
              Earlier revisions:{' '}
              {revisions
                .slice(1)
                .map((r) => `${r.revision}, sealed ${dayText(r.sealedAt)}`)
                .join('; ')}
            </p>
          )}
        </section>
      </main>
    </>
  );
}
