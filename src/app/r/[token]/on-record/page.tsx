import type { Metadata } from 'next';
import { cookies, headers } from 'next/headers';
import { planOfCar } from '@/core/body/plan';
import { recordsOf } from '@/core/records/reduce';
import { onRecord } from '@/report/on-record';
import { sealedRecords } from '@/report/read-snapshot';
import { readRests } from '@/report/rests';
import { OnRecord } from '@/screens/public-report/on-record';
import { NoPage } from '@/screens/sale-page/no-page';
import { openReport, revisionAsked, strangerMust } from '@/server/public-report';
import { PREFERENCES_COOKIE } from '@/ui/preferences-cookie';
import { readPreferences } from '@/ui/read-preferences';

export const metadata: Metadata = { title: 'On record', robots: { index: false, follow: false } };
export const dynamic = 'force-dynamic';

/** The sealed records behind a statement of a report. */
export default async function OnRecordPage({
  params,
  searchParams,
}: {
  params: Promise<{ token: string }>;
  searchParams: Promise<Record<string, unknown>>;
}) {
  const { token } = await params;
  if (await strangerMust(await headers(), token))
    return <NoPage title="Too many requests">From your network this was asked for very often. Wait a minute.</NoPage>;
  const query = await searchParams;
  const revision = revisionAsked(query.revision);
  const report = await openReport(token, revision);
  const rests = readRests(query);
  const records = report ? sealedRecords(report.snapshot.bundle).records : [];
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  if (!report || !rests || !car || !plan)
    return (
      <NoPage title="Nothing here">
        The address is wrong, or the house does not show this report any more. Open the report itself and touch what is
        underlined.
      </NoPage>
    );
  const held = (await cookies()).get(PREFERENCES_COOKIE)?.value;
  const { words, sides, kerb, unit } = { ...readPreferences(held), ...(held === undefined && report.speech) };
  const wording = { words, sides, kerb, steering: car.steering };
  const base = `/r/${token}`;
  return (
    <OnRecord
      title={`Lot ${report.snapshot.bundle.lot.number}, ${report.snapshot.bundle.lot.title}`}
      back={revision === null ? base : `${base}?revision=${revision}`}
      base={base}
      groups={onRecord(records, rests, wording, unit)}
      plan={plan}
      wording={wording}
      timeZone={report.snapshot.sale.timeZone}
      revision={report.snapshot.revision}
    />
  );
}
