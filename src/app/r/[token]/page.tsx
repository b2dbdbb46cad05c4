import type { Metadata } from 'next';
import { cookies, headers } from 'next/headers';
import { PublicReport } from '@/screens/public-report/public-report';
import { linkEnd, noteOpening, openReport, opensAt, pdfOf, revisionAsked, strangerMust } from '@/server/public-report';
import { toldThrough } from '@/server/questions';
import { PREFERENCES_COOKIE } from '@/ui/preferences-cookie';
import { readPreferences } from '@/ui/read-preferences';
import { momentText } from '@/words/dates';

export const dynamic = 'force-dynamic';

const textOf = (value: unknown) => (typeof value === 'string' ? value.slice(0, 200) : '');

type Params = { params: Promise<{ token: string }>; searchParams: Promise<Record<string, unknown>> };

export async function generateMetadata({ params, searchParams }: Params): Promise<Metadata> {
  const report = await openReport((await params).token, revisionAsked((await searchParams).revision));
  const title = report
    ? `Lot ${report.snapshot.bundle.lot.number}, ${report.snapshot.bundle.lot.title}`
    : 'No report here';
  return { title, robots: { index: false, follow: false } };
}

export default async function PublicReportPage({ params, searchParams }: Params) {
  const { token } = await params;
  const head = await headers();
  if (await strangerMust(head, token)) {
    return (
      <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
        <h1 className="text-3xl font-bold">Too many requests</h1>
        <p>
          From your network this report was asked for very often within a minute. Wait a minute, then load it again.
        </p>
      </main>
    );
  }
  const report = await openReport(token, revisionAsked((await searchParams).revision));
  if (report) await noteOpening(token, head);
  const opens = report ? null : await opensAt(token);
  if (opens)
    return (
      <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
        <h1 className="text-3xl font-bold">Not open yet</h1>
        <p>
          The house holds this report back until <strong>{momentText(opens.toISOString())}</strong>. Keep the link: it
          opens then.
        </p>
      </main>
    );
  if (!report) {
    const end = await linkEnd(token);
    if (end)
      return (
        <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
          <h1 className="text-3xl font-bold">{end.how === 'withdrawn' ? 'Withdrawn' : 'No longer open'}</h1>
          <p>
            {end.how === 'withdrawn' ? 'The house withdrew this report on ' : 'This link was open until '}
            <strong>{momentText(end.at.toISOString())}</strong>. What you read or saved of it before may not be what the
            house says now: ask the house before you rest on it.
          </p>
        </main>
      );
    return (
      <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
        <h1 className="text-3xl font-bold">No report here</h1>
        <p>
          The link is wrong, has expired or was withdrawn, or the report is not sealed yet. Ask whoever sent it for a
          new one.
        </p>
      </main>
    );
  }
  const [pdf, questions, query] = await Promise.all([pdfOf(report), toldThrough(token), searchParams]);
  const held = (await cookies()).get(PREFERENCES_COOKIE)?.value;
  // Whoever chose nothing is spoken to as the sale speaks.
  const { words, sides, kerb, unit } = { ...readPreferences(held), ...(held === undefined && report.speech) };
  return (
    <PublicReport
      snapshot={report.snapshot}
      unreadable={report.unreadable}
      changes={report.changes}
      base={`/r/${token}`}
      seal={{ sha256: report.file.sha256, signature: report.file.signature, publicKey: report.file.publicKey }}
      house={{ key: report.key, keysPage: `/keys/${report.orgId}` }}
      revisions={report.revisions.map((r) => ({ ...r, sealedAt: r.sealedAt.toISOString() }))}
      wording={{ words, sides, kerb, steering: 'left' }}
      unit={unit}
      pdfBytes={pdf?.bytes ?? null}
      questions={questions}
      asking={{ about: textOf(query.about), outcome: textOf(query.asked) || null }}
    />
  );
}
