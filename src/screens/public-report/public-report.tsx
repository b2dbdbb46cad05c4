import type { RecordChange } from '@/core/records/record-change';
import { recordsOf } from '@/core/records/reduce';
import type { KeyStanding } from '@/core/seal/known-keys';
import type { ThicknessUnit } from '@/core/units/thickness';
import { onRecord } from '@/report/on-record';
import { sealedRecords } from '@/report/read-snapshot';
import type { Snapshot } from '@/report/snapshot';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PictureViewer } from '@/ui/report/picture-viewer';
import { ReportView } from '@/ui/report/report-view';
import { bytesText } from '@/words/bytes';
import { dayText } from '@/words/dates';
import type { Wording } from '@/words/vocabulary';
import { Ask, type ToldQuestion } from './ask';
import { askAbout } from './ask-about';
import { Changes } from './changes';
import { KeyStatement } from './key-statement';
import { VerifyPanel } from './verify-panel';

interface Props {
  readonly snapshot: Snapshot;
  readonly unreadable: readonly string[];
  /** What this revision changed of the one before it; null for a first one. */
  readonly changes: readonly RecordChange[] | null;
  readonly base: string;
  readonly seal: { sha256: string; signature: string; publicKey: string };
  /** Whether the key is the house's, and where it publishes its keys. */
  readonly house: { key: KeyStanding; keysPage: string };
  readonly revisions: readonly { revision: number; sealedAt: string; sha256: string }[];
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  /** Size of the PDF, or null where there is none yet. */
  readonly pdfBytes: number | null;
  /** Questions answered for all, how many wait, what is asked about and what became of a question just sent. */
  readonly questions: { readonly told: readonly ToldQuestion[]; readonly open: number };
  readonly asking: { readonly about: string; readonly outcome: string | null };
}

/** The bidder's page: the sealed report, and the means to check that it is what was sealed. */
export function PublicReport({
  snapshot,
  unreadable,
  changes,
  base,
  seal,
  house,
  revisions,
  wording,
  unit,
  pdfBytes,
  questions,
  asking,
}: Props) {
  const zone = snapshot.sale.timeZone;
  const { records } = sealedRecords(snapshot.bundle);
  const { abouts, numbers } = askAbout(snapshot, wording);
  const newest = revisions[0]!;
  const isOld = snapshot.revision < newest.revision;
  const file = (name: string) => `${base}/${name}${isOld ? `?revision=${snapshot.revision}` : ''}`;
  return (
    <>
      <header className="border-b border-line bg-card">
        <div className="mx-auto flex max-w-4xl items-center gap-3 px-4 py-2">
          <FarvinMark size={24} />
          <span className="flex-1 text-sm">Inspection report</span>
          {pdfBytes !== null && (
            <a href={file('report.pdf')} className="btn btn-small">
              PDF, {bytesText(pdfBytes)}
            </a>
          )}
          <ReaderMenu compact signOut={false} />
        </div>
      </header>
      <main>
        {house.key.key !== 'known' && (
          <div role="alert" className="mx-auto mt-4 max-w-4xl">
            <KeyStatement standing={house.key} keysPage={house.keysPage} />
          </div>
        )}
        {isOld && (
          <p role="status" className="mx-auto mt-4 max-w-4xl border-l-4 border-pin bg-card px-4 py-3">
            This is revision {snapshot.revision}, as it was sealed. It was corrected:{' '}
            <a className="font-semibold underline" href={base}>
              read revision {newest.revision}
            </a>
            .
          </p>
        )}
        {snapshot.corrects && changes && (
          <Changes
            corrects={snapshot.corrects}
            changes={changes}
            car={recordsOf(records, 'car')[0]?.body ?? null}
            base={base}
            wording={wording}
            unit={unit}
          />
        )}
        <PictureViewer />
        <ReportView
          snapshot={snapshot}
          unreadable={unreadable}
          wording={wording}
          unit={unit}
          photos={`${base}/photos`}
          films={`${base}/films`}
          ask={base}
          onRecord={file('on-record')}
          state="sealed"
        />
        <Ask
          base={base}
          told={questions.told}
          open={questions.open}
          abouts={abouts}
          about={asking.about}
          outcome={asking.outcome}
          numberOf={(id) => numbers.get(id) ?? null}
          entriesOf={(ids) =>
            ids.length === 0 ? [] : onRecord(records, { ids }, wording, unit).flatMap((g) => g.entries)
          }
          onRecord={file('on-record')}
          wording={wording}
          timeZone={zone}
        />
        <section className="mx-auto grid max-w-4xl gap-3 px-4 pb-12" aria-label="Seal">
          <h2 className="text-xl font-bold">Seal</h2>
          <p>
            Sealed {dayText(snapshot.sealedAt, zone)} by {snapshot.sealedBy}
            {snapshot.seal && ` for ${snapshot.seal.organisation.name}`}. Nothing in this report can change without its
            hash changing too.
          </p>
          <dl className="grid gap-1 text-sm">
            <dt className="font-semibold">SHA-256</dt>
            <dd className="figure text-xs break-all">{seal.sha256}</dd>
            <dt className="font-semibold">Signing key (Ed25519)</dt>
            <dd className="figure text-xs break-all">{seal.publicKey}</dd>
          </dl>
          <KeyStatement standing={house.key} keysPage={house.keysPage} />
          <VerifyPanel
            address={file('report.json')}
            keysPage={house.keysPage}
            photos={`${base}/photos`}
            shown={seal.sha256}
          />
          {revisions.length > 1 && (
            <div className="grid gap-1 text-sm">
              <h3 className="font-bold">Revisions</h3>
              <ul className="grid gap-1">
                {revisions.map((r) => (
                  <li key={r.revision}>
                    {r.revision === snapshot.revision ? (
                      <strong>Revision {r.revision}, this one</strong>
                    ) : (
                      <a className="underline" href={r === newest ? base : `${base}?revision=${r.revision}`}>
                        Revision {r.revision}
                      </a>
                    )}
                    , sealed {dayText(r.sealedAt, zone)}
                  </li>
                ))}
              </ul>
            </div>
          )}
        </section>
      </main>
    </>
  );
}
