'use client';

import { useState } from 'react';
import { jobKey } from '@/core/kinds/job';
import { seesOwnOnly } from '@/core/people/roles';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { Exports } from '@/ui/parts/exports';
import { useWording } from '@/ui/preferences';
import { useCar, useLot, useRecords } from '@/ui/records/inspection';
import { BeforeSale } from './before-sale';
import type { FoundJob } from './job-fields';
import { JobSheet } from './job-sheet';
import { Roads } from './roads';
import { useWork } from './use-work';
import { WorkCalendar } from './work-calendar';
import { WorkDone } from './work-done';
import { WorkList } from './work-list';
import { WorkMovers, WorkTotal, WorkTrades } from './work-money';

/** What it takes to put the car right, what of it is worth doing before the sale, and the roads there are. */
export function Work() {
  const { facts, mayEdit } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const { judgement, work, found, busy, own, turn, decide } = useWork('keeper');
  const offers = new Map(useRecords('offer').map((o) => [jobKey(o.body), o]));
  const [job, setJob] = useState<FoundJob | null>(null);
  if (!judgement || !work) return <NoPlanYet says="No work without a plan: first say what car this is." />;
  const readsHouse = !seesOwnOnly(facts.role);
  const currency = facts.sale.currency ?? '';
  const limits = facts.tables.grade.bands.map((b) => b.from).filter((f) => f > 0);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl items-start gap-5 p-4 lg:grid-cols-[1.1fr_1fr]">
        <div className="order-2 grid gap-4 lg:order-1">
          <WorkList
            decided={work.decided}
            jobs={found?.jobs ?? []}
            judgement={judgement}
            wording={wording}
            currency={currency}
            mayEdit={mayEdit}
            decide={decide}
            offers={new Map([...offers].map(([key, o]) => [key, o.body]))}
            onJob={setJob}
          />
          <WorkDone wording={wording} />
        </div>
        <div className="order-1 grid gap-4 lg:order-2">
          {found ? (
            <>
              <WorkTotal drawn={found.drawn} currency={currency} busy={busy} />
              <BeforeSale found={found} currency={currency} wording={wording} />
              <Roads
                roads={found.roads}
                parted={found.parted}
                looks={found.looks}
                limits={limits}
                currency={currency}
                wording={wording}
              />
              <WorkMovers drawn={found.drawn} currency={currency} wording={wording} />
              <WorkTrades drawn={found.drawn} own={own} turn={turn} currency={currency} />
              <WorkCalendar found={found} wording={wording} />
              {readsHouse && (
                <div className="sheet p-4">
                  <Exports inspection={facts.id} mayMake of={['jobs']} title="Job sheets" />
                </div>
              )}
            </>
          ) : (
            <p className="sheet p-4" aria-live="polite">
              Reckoning hours, money and roads…
            </p>
          )}
        </div>
      </div>
      {job && (
        <JobSheet
          job={job}
          offer={offers.get(job.key) ?? null}
          currency={currency}
          wording={wording}
          onClose={() => setJob(null)}
        />
      )}
    </main>
  );
}
